package mischung.wish;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import mischung.hair.ZonePlace;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What the work must keep to.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>hours</td><td>of the client in one visit; 0: not said</td><td>0–24</td></tr>
 * <tr><td>money</td><td>in the house's money; 0: not said</td><td>0–100 000</td></tr>
 * <tr><td>visits</td><td>at most</td><td>1–6</td></tr>
 * <tr><td>trimCm</td><td>what may be cut off</td><td>0–100 cm</td></tr>
 * <tr><td>noLightener</td><td>zones no lightener may touch</td><td></td></tr>
 * <tr><td>lightener</td><td>false if none may be used at all</td><td></td></tr>
 * <tr><td>hands</td><td>people who work on this head</td><td>1–3</td></tr>
 * </table>
 */
public record Limits(
        double hours,
        double money,
        int visits,
        double trimCm,
        Set<ZonePlace> noLightener,
        boolean lightener,
        int hands) {
    public static final int MOST_VISITS = 6;

    public static final Limits NONE = new Limits(0, 0, MOST_VISITS, 0, Set.of(), true, 1);

    public Limits {
        RefusedInput.within("hours", hours, 0, 24, Unit.HOURS);
        RefusedInput.within("money", money, 0, 100_000, Unit.NONE);
        RefusedInput.within("visits", visits, 1, MOST_VISITS, Unit.NONE);
        RefusedInput.within("trimCm", trimCm, 0, 100, Unit.CM);
        RefusedInput.within("hands", hands, 1, 3, Unit.PEOPLE);
        EnumSet<ZonePlace> kept = EnumSet.noneOf(ZonePlace.class);
        kept.addAll(noLightener);
        noLightener = Collections.unmodifiableSet(kept);
    }

    public boolean lightenerOn(ZonePlace place) {
        return lightener
                && !noLightener.contains(place)
                && place.whole().filter(noLightener::contains).isEmpty();
    }

    public Limits withHands(int people) {
        return new Limits(hours, money, visits, trimCm, noLightener, lightener, people);
    }

    public Limits withHours(double most) {
        return new Limits(most, money, visits, trimCm, noLightener, lightener, hands);
    }

    public Limits withMoney(double most) {
        return new Limits(hours, most, visits, trimCm, noLightener, lightener, hands);
    }

    public Limits withVisits(int most) {
        return new Limits(hours, money, most, trimCm, noLightener, lightener, hands);
    }

    public Limits withTrim(double cm) {
        return new Limits(hours, money, visits, cm, noLightener, lightener, hands);
    }

    public Limits withoutLightener() {
        return new Limits(hours, money, visits, trimCm, noLightener, false, hands);
    }

    public Limits withoutLightenerOn(Set<ZonePlace> places) {
        return new Limits(hours, money, visits, trimCm, places, lightener, hands);
    }
}
