package mischung.process;

import java.util.Map;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * How this head differs from the average the model is set for; 1 is average, each 0–10.
 *
 * @param lift dose reached for dose expected
 * @param uptake dye taken for dye expected
 * @param removal share a remover takes for share expected
 * @param damage strength spent for strength expected
 * @param liftBy the same as lift for lighteners that were tried on this head, by their codes
 */
public record Factors(double lift, double uptake, double removal, double damage, Map<String, Double> liftBy) {
    public static final Factors AVERAGE = new Factors(1, 1, 1, 1);

    private static final double MOST = 10;

    public Factors {
        RefusedInput.within("lift", lift, 0, MOST, Unit.THE_AVERAGE);
        RefusedInput.within("uptake", uptake, 0, MOST, Unit.THE_AVERAGE);
        RefusedInput.within("removal", removal, 0, MOST, Unit.THE_AVERAGE);
        RefusedInput.within("damage", damage, 0, MOST, Unit.THE_AVERAGE);
        liftBy = Map.copyOf(liftBy);
        liftBy.forEach((code, times) -> RefusedInput.within("liftBy." + code, times, 0, MOST, Unit.THE_AVERAGE));
    }

    /** Where no product was tried by itself. */
    public Factors(double lift, double uptake, double removal, double damage) {
        this(lift, uptake, removal, damage, Map.of());
    }

    /** Dose reached for dose expected of one lightener, or of any where that one was not tried. */
    public double lift(String lightener) {
        return liftBy.getOrDefault(lightener, lift);
    }
}
