package mischung.product;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A bowl as it is weighed: what each part shall come to and what is in it already. Too much of one part raises all the
 * others, so that the proportions, and with them the colour, stay as planned; the bowl grows.
 *
 * @param planned grams of each part, 0.1 and more
 * @param poured grams of each part so far
 */
public record Pouring(List<Double> planned, List<Double> poured) {
    /** A scale for bowls shows half grams or tenths; a hand stops within this. */
    private static final double LEAST_TOLERANCE = 0.5;

    private static final double TOLERANCE = 0.02;

    public Pouring {
        planned = List.copyOf(planned);
        poured = List.copyOf(poured);
        if (planned.isEmpty() || planned.size() != poured.size()) {
            throw new RefusedInput("poured", poured.size(), RefusalMessage.WEIGHT_FOR_EACH);
        }
        planned.forEach(grams -> RefusedInput.within("planned", grams, 0.1, 10_000, Unit.G));
        poured.forEach(grams -> RefusedInput.within("poured", grams, 0, 10_000, Unit.G));
    }

    public static Pouring of(List<Double> planned) {
        return new Pouring(planned, planned.stream().map(grams -> 0.0).toList());
    }

    /** With so much more of a part in the bowl; what was poured cannot be taken out again. */
    public Pouring with(int part, double grams) {
        List<Double> now = new ArrayList<>(poured);
        now.set(part, now.get(part) + RefusedInput.within("grams", grams, 0, 10_000, Unit.G));
        return new Pouring(planned, now);
    }

    /** How much larger than planned the bowl has become, 1 and more. */
    public double factor() {
        double factor = 1;
        for (int i = 0; i < planned.size(); i++) {
            if (poured.get(i) > planned.get(i) + tolerance(planned.get(i))) {
                factor = Math.max(factor, poured.get(i) / planned.get(i));
            }
        }
        return factor;
    }

    /** What a part shall come to by now. */
    public double target(int part) {
        return planned.get(part) * factor();
    }

    /** Still to pour of a part; 0 when it is near enough. */
    public double missing(int part) {
        double missing = target(part) - poured.get(part);
        return missing <= tolerance(target(part)) ? 0 : missing;
    }

    /** The first part that still lacks something; empty when the bowl is done. */
    public OptionalInt next() {
        for (int i = 0; i < planned.size(); i++) {
            if (missing(i) > 0) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }

    /** Grams by which a part may miss. */
    public static double tolerance(double grams) {
        return Math.max(LEAST_TOLERANCE, TOLERANCE * grams);
    }
}
