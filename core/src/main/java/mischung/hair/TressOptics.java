package mischung.hair;

import java.util.Arrays;

/**
 * From absorption to reflectance of a tress: Chiang, Bitterli, Tappan and Burley, A Practical and Controllable Hair and
 * Fur Model for Production Path Tracing, Computer Graphics Forum 35(2), 2016, equation 9, read from colour to absorption
 * there and from absorption to colour here.
 */
public final class TressOptics {
    private static final double SURFACE = Figures.HAIR.of("surface reflection");
    private static final double F = roughnessTerm(Figures.HAIR.of("azimuthal roughness"));

    private static final double WET_SURFACE = Figures.WET.of("surface");
    private static final double WET_ABSORPTION = Figures.WET.of("absorption");

    /** Square roots of absorption up to here come from the table; beyond it hair is black. */
    private static final double TABLE_TO = 3.5;

    private static final int STEPS = 8192;
    private static final double PER_UNIT = STEPS / TABLE_TO;
    private static final double[] TABLE = new double[STEPS + 1];

    static {
        Arrays.setAll(TABLE, i -> Math.exp(-F * i / PER_UNIT));
    }

    private TressOptics() {}

    /** The published polynomial in azimuthal roughness β; 5.888 at β = 0.3. */
    public static double roughnessTerm(double beta) {
        return 5.969 + beta * (-0.215 + beta * (2.532 + beta * (-10.73 + beta * (5.574 + beta * 0.245))));
    }

    static double reflectance(double absorption) {
        return SURFACE + (1 - SURFACE) * inside(Math.sqrt(absorption));
    }

    /** How {@link #reflectance} changes with absorption, which must be above 0. */
    static double slope(double absorption) {
        double root = Math.sqrt(absorption);
        return -(1 - SURFACE) * F * inside(root) / (2 * root);
    }

    static double wetReflectance(double absorption) {
        double surface = SURFACE * WET_SURFACE;
        return surface + (1 - surface) * inside(Math.sqrt(WET_ABSORPTION * absorption));
    }

    /** exp(−F·root), straight between {@value #STEPS} points: within 1e-6, and a third of the time. */
    private static double inside(double root) {
        double at = root * PER_UNIT;
        if (at >= STEPS) {
            return Math.exp(-F * root);
        }
        int below = (int) at;
        return TABLE[below] + (at - below) * (TABLE[below + 1] - TABLE[below]);
    }
}
