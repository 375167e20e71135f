package mischung.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mischung.RefusedInput;
import mischung.change.LiftProduct;
import mischung.change.Lightening;
import mischung.change.Place;
import mischung.change.Wetness;
import mischung.hair.BandRef;
import mischung.hair.Tone;
import mischung.product.Developer;
import mischung.product.Lightener;
import mischung.product.Mix;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.wish.Aim;

/**
 * One product on some bands: one bowl, one treatment, one cut. What the planner decides and what a colourist edits; formulas
 * and predictions follow from it.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>way</td><td>of lightener; OFF_SCALP where none is laid</td><td></td></tr>
 * <tr><td>volume</td><td>of the developer</td><td>0–40 vol</td></tr>
 * <tr><td>minutes</td><td>it works</td><td>0–120; each round of several</td></tr>
 * <tr><td>ratio</td><td>weight of developer to one of colour or powder</td><td>0–6</td></tr>
 * <tr><td>times</td><td>rounds of remover, fresh layings of lightener</td><td>1–3</td></tr>
 * <tr><td>lightener</td><td>that lifts; empty: plain powder</td><td></td></tr>
 * <tr><td>aim</td><td>colour a deposit is mixed for</td><td></td></tr>
 * <tr><td>shadeClass</td><td>of a deposit; DEMI where none is made</td><td></td></tr>
 * <tr><td>mix</td><td>fixed by hand; empty: looked for</td><td></td></tr>
 * <tr><td>weeks</td><td>until the next visit, of WAIT</td><td>0–52</td></tr>
 * </table>
 */
public record Laying(
        Action action,
        List<BandRef> bands,
        LiftWay way,
        double volume,
        double minutes,
        double ratio,
        int times,
        Optional<Lightener> lightener,
        Optional<Aim> aim,
        ShadeClass shadeClass,
        Wetness wetness,
        Optional<Mix> mix,
        double weeks) {
    public static final double LONGEST = 120;

    /** Where nothing is mixed nobody looks at it. */
    private static final Aim NO_COLOUR = new Aim(6, Tone.NATURAL);

    public Laying {
        bands = List.copyOf(bands);
        Developer.requireForHair(volume);
        RefusedInput.within("minutes", minutes, 0, LONGEST, "min");
        RefusedInput.within("ratio", ratio, 0, 6, "to 1");
        RefusedInput.within("times", times, 1, 3, "rounds");
        RefusedInput.within("weeks", weeks, 0, 52, "weeks");
        if (action.deposits() && aim.isEmpty()) {
            throw new RefusedInput("aim", "nothing", "A " + action.words() + " needs a colour it is mixed for.");
        }
        if (action.lifts()) {
            RefusedInput.within("ratio", ratio, 0.5, 6, "to 1");
        }
        if (action == Action.REMOVE) {
            RefusedInput.within("minutes", minutes, 0, 60, "min");
        }
        if (action.deposits() && shadeClass == ShadeClass.DIRECT) {
            RefusedInput.within("ratio", ratio, 0, 0, "to 1: direct colour is laid as it is, without developer");
            RefusedInput.within("volume", volume, 0, 0, "vol: direct colour is laid as it is, without developer");
        }
    }

    /** As it is first thought of when somebody adds it by hand. */
    static Laying usual(Action action, List<BandRef> bands) {
        if (action.deposits()) {
            throw new IllegalArgumentException(action + " needs a colour it is mixed for");
        }
        return usual(action, bands, NO_COLOUR);
    }

    /** The same for any action; {@code wished} is what a deposit is mixed for. */
    public static Laying usual(Action action, List<BandRef> bands, Aim wished) {
        return switch (action) {
            case LIGHTEN -> lift(action, bands, LiftWay.OFF_SCALP, 20, 30, 2, 1);
            case CLEANSE -> lift(action, bands, LiftWay.BAND, 40, 15, 1.5, 1);
            case REMOVE -> of(action, bands, 25, 1);
            case WAIT -> untilNextVisit(5);
            case TRIM, DRY -> of(action, bands, 10, 1);
            case CLARIFY -> of(action, bands, 5, 2);
            case EQUALISE -> of(action, bands, 5, 1);
            case TREATMENT -> of(action, bands, 10, 1);
            case PRE_TONE, ROOT_TAP -> colour(action, bands, wished, ShadeClass.DEMI, 6, 5);
            case GLOSS -> colour(action, bands, wished, ShadeClass.GLOSS, 6, ShadeClass.GLOSS.fullMinutes());
            case FILL ->
                colour(
                        action,
                        bands,
                        wished.at(wished.level() + 2),
                        ShadeClass.DEMI,
                        10,
                        ShadeClass.DEMI.fullMinutes());
            case NEUTRALISE, TARGET, MELT, TONER ->
                colour(action, bands, wished, ShadeClass.DEMI, 10, ShadeClass.DEMI.fullMinutes());
        };
    }

    /** Without product: trim, clarify, treatment, remover, drying. */
    static Laying of(Action action, List<BandRef> bands, double minutes, int times) {
        return new Laying(
                action,
                bands,
                LiftWay.OFF_SCALP,
                0,
                minutes,
                1,
                times,
                Optional.empty(),
                Optional.empty(),
                ShadeClass.DEMI,
                Wetness.DRY,
                Optional.empty(),
                0);
    }

    static Laying untilNextVisit(double weeks) {
        return new Laying(
                Action.WAIT,
                List.of(),
                LiftWay.OFF_SCALP,
                0,
                0,
                1,
                1,
                Optional.empty(),
                Optional.empty(),
                ShadeClass.DEMI,
                Wetness.DRY,
                Optional.empty(),
                weeks);
    }

    static Laying lift(
            Action action, List<BandRef> bands, LiftWay way, double volume, double minutes, double ratio, int times) {
        return new Laying(
                action,
                bands,
                way,
                volume,
                minutes,
                ratio,
                times,
                Optional.empty(),
                Optional.empty(),
                ShadeClass.DEMI,
                Wetness.DRY,
                Optional.empty(),
                0);
    }

    static Laying colour(Action action, List<BandRef> bands, Aim aim, ShadeClass of, double volume, double minutes) {
        return new Laying(
                action,
                bands,
                LiftWay.OFF_SCALP,
                volume,
                minutes,
                of.developerPerColour(),
                1,
                Optional.empty(),
                Optional.of(aim),
                of,
                Wetness.DRY,
                Optional.empty(),
                0);
    }

    /** As the maker of the range wants it mixed and left; the share of the full time stays. */
    Laying mixedAs(ProductRange.Habit own) {
        double share = minutes / shadeClass.fullMinutes();
        return new Laying(
                action,
                bands,
                way,
                volume,
                Math.rint(share * own.minutes()),
                own.ratio(),
                times,
                lightener,
                aim,
                shadeClass,
                wetness,
                mix,
                weeks);
    }

    /** One laying of what lifts, on hair of such a place. */
    public Lightening lightening(Place place) {
        return lightening(place, volume, minutes);
    }

    /** The same with another developer, for other minutes. */
    public Lightening lightening(Place place, double otherVolume, double otherMinutes) {
        return new Lightening(
                action == Action.CLEANSE ? LiftProduct.CLEANSE_MIX : LiftProduct.LIGHTENER,
                otherVolume,
                ratio,
                otherMinutes,
                way.setting(place),
                0,
                OptionalDouble.empty(),
                action == Action.CLEANSE ? Lightener.PLAIN : lightener.orElse(Lightener.PLAIN));
    }

    /** With a lightener of its own, mixed as its maker says. */
    public Laying by(Lightener make) {
        return new Laying(
                action,
                bands,
                way,
                volume,
                minutes,
                make.ratio(),
                times,
                Optional.of(make),
                aim,
                shadeClass,
                wetness,
                mix,
                weeks);
    }

    public Laying on(List<BandRef> others) {
        return new Laying(
                action, others, way, volume, minutes, ratio, times, lightener, aim, shadeClass, wetness, mix, weeks);
    }

    public Laying onHair(Wetness other) {
        return new Laying(
                action, bands, way, volume, minutes, ratio, times, lightener, aim, shadeClass, other, mix, weeks);
    }

    /** So many rounds of it. */
    public Laying times(int rounds) {
        return new Laying(
                action, bands, way, volume, minutes, ratio, rounds, lightener, aim, shadeClass, wetness, mix, weeks);
    }

    Laying withVolume(double other) {
        return new Laying(
                action, bands, way, other, minutes, ratio, times, lightener, aim, shadeClass, wetness, mix, weeks);
    }

    public Laying withMinutes(double other) {
        return new Laying(
                action, bands, way, volume, other, ratio, times, lightener, aim, shadeClass, wetness, mix, weeks);
    }

    public Laying with(Mix fixed) {
        return new Laying(
                action,
                bands,
                way,
                volume,
                minutes,
                ratio,
                times,
                lightener,
                aim,
                shadeClass,
                wetness,
                Optional.of(fixed),
                weeks);
    }
}
