package mischung.hair;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/** Amounts of the four dye primaries, each ≥ 0, in absorption at its own peak. */
public record Dyes(double yellow, double red, double violet, double blue) {
    public static final Dyes NONE = new Dyes(0, 0, 0, 0);

    /** Far beyond any hair colour; a bound against nonsense. */
    private static final double MOST = 100;

    public Dyes {
        RefusedInput.within("yellow", yellow, 0, MOST, Unit.NONE);
        RefusedInput.within("red", red, 0, MOST, Unit.NONE);
        RefusedInput.within("violet", violet, 0, MOST, Unit.NONE);
        RefusedInput.within("blue", blue, 0, MOST, Unit.NONE);
    }

    public Dyes plus(Dyes other) {
        return new Dyes(yellow + other.yellow, red + other.red, violet + other.violet, blue + other.blue);
    }

    public Dyes times(double factor) {
        return new Dyes(yellow * factor, red * factor, violet * factor, blue * factor);
    }

    /** Each primary by a factor of its own. */
    public Dyes times(Dyes factors) {
        return new Dyes(yellow * factors.yellow, red * factors.red, violet * factors.violet, blue * factors.blue);
    }

    /** How much more there is of each than in {@code other}, in the order of the primaries; less is negative. */
    double[] amountsOver(Dyes other) {
        return new double[] {yellow - other.yellow, red - other.red, violet - other.violet, blue - other.blue};
    }

    public double total() {
        return yellow + red + violet + blue;
    }
}
