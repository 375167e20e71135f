package mischung.change;

import mischung.RefusedInput;

/**
 * How this head differs from the average the model is set for; 1 is average, each 0–10.
 *
 * @param lift dose reached for dose expected
 * @param uptake dye taken for dye expected
 * @param removal share a remover takes for share expected
 * @param damage strength spent for strength expected
 */
public record Factors(double lift, double uptake, double removal, double damage) {
    public static final Factors AVERAGE = new Factors(1, 1, 1, 1);

    private static final double MOST = 10;

    public Factors {
        RefusedInput.within("lift", lift, 0, MOST, "times the average");
        RefusedInput.within("uptake", uptake, 0, MOST, "times the average");
        RefusedInput.within("removal", removal, 0, MOST, "times the average");
        RefusedInput.within("damage", damage, 0, MOST, "times the average");
    }
}
