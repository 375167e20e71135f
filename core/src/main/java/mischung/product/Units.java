package mischung.product;

/** Weights and volumes as houses write them; exact by definition (NIST Handbook 44, appendix C). */
public final class Units {
    /** One ounce avoirdupois, in grams. */
    public static final double OUNCE = 28.349523125;

    /** One US fluid ounce, in millilitres. */
    public static final double FLUID_OUNCE = 29.5735295625;

    private Units() {}

    public static double ounces(double grams) {
        return grams / OUNCE;
    }

    public static double grams(double ounces) {
        return ounces * OUNCE;
    }

    public static double fluidOunces(double millilitres) {
        return millilitres / FLUID_OUNCE;
    }

    public static double millilitres(double fluidOunces) {
        return fluidOunces * FLUID_OUNCE;
    }
}
