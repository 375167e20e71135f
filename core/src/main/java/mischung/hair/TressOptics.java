package mischung.hair;

/**
 * From absorption to reflectance of a tress: Chiang, Bitterli, Tappan and Burley, A Practical and Controllable Hair and
 * Fur Model for Production Path Tracing, Computer Graphics Forum 35(2), 2016, equation 9, read from colour to absorption
 * there and from absorption to colour here.
 */
public final class TressOptics {
    private static final double SURFACE = HairConstants.of("surface reflection");
    private static final double F = roughnessTerm(HairConstants.of("azimuthal roughness"));

    private TressOptics() {}

    /** The published polynomial in azimuthal roughness β; 5.888 at β = 0.3. */
    public static double roughnessTerm(double beta) {
        return 5.969 + beta * (-0.215 + beta * (2.532 + beta * (-10.73 + beta * (5.574 + beta * 0.245))));
    }

    static double reflectance(double absorption) {
        return SURFACE + (1 - SURFACE) * Math.exp(-F * Math.sqrt(absorption));
    }
}
