package mischung.mix;

import java.util.List;
import mischung.hair.ZonePlace;
import mischung.said.Figure;

/**
 * One bowl as it is weighed, or one batch of it.
 *
 * @param key names it as long as the plan is the same: visit, bowl and batch
 * @param bowl its letter; empty for what is taken out of the jar
 * @param number of the batch, 1 and more
 * @param minute of the visit when it is mixed
 * @param person who mixes it; 0 if nobody in particular
 * @param freshUntil laid later it would be spent; 0 for what keeps
 * @param needGrams of it that the hair takes as it was reckoned before anything was learned; 0 where nothing is learned from it
 * @param title what is in it: the step and what it aims at, or as somebody called it
 * @param ratio "1 : 2"; {@link #UNMIXED} where nothing is mixed
 * @param volume of its developer, as blended; 0 where there is none
 */
public record Card(
        String key,
        String bowl,
        int number,
        int visit,
        int step,
        Figure title,
        int minute,
        int person,
        int freshUntil,
        List<ZonePlace> zones,
        double needGrams,
        Figure ratio,
        double volume,
        List<Line> lines) {
    public static final Figure UNMIXED = new Figure.Typed("");

    public Card {
        zones = List.copyOf(zones);
        lines = List.copyOf(lines);
    }

    /** The same bowl with other lines. */
    public Card with(List<Line> others) {
        return new Card(
                key,
                bowl,
                number,
                visit,
                step,
                title,
                minute,
                person,
                freshUntil,
                zones,
                needGrams,
                ratio,
                volume,
                others);
    }

    public double grams() {
        return lines.stream().mapToDouble(Line::grams).sum();
    }

    /** Of everything that does this in it. */
    public double grams(Line.Role role) {
        return lines.stream()
                .filter(line -> line.role() == role)
                .mapToDouble(Line::grams)
                .sum();
    }

    /** Developer, and what weakens it. */
    public double developerGrams() {
        return grams(Line.Role.DEVELOPER) + grams(Line.Role.WATER);
    }
}
