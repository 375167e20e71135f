package mischung.light;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * CIE 1931 tristimulus values with their white.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>x, y, z</td><td>0 … about 110</td><td>Y = 100 for a perfect white</td></tr>
 * </table>
 */
public record Xyz(double x, double y, double z, WhitePoint white) {
    /** Far beyond any colour; a bound against nonsense. */
    private static final double FARTHEST = 1000;

    public Xyz {
        RefusedInput.within("X", x, -FARTHEST, FARTHEST, Unit.NONE);
        RefusedInput.within("Y", y, -FARTHEST, FARTHEST, Unit.NONE);
        RefusedInput.within("Z", z, -FARTHEST, FARTHEST, Unit.NONE);
    }

    /** CIE 015: the cube root gives way to a straight line below (6/29)³. */
    private static final double KNEE = 216.0 / 24389.0;

    private static final double SLOPE = 24389.0 / 27.0;

    public Lab toLab() {
        double fx = compressed(x / white.x());
        double fy = compressed(y / white.y());
        double fz = compressed(z / white.z());
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz), white);
    }

    /**
     * The colour that looks the same to an eye adapted to {@code target}: Bradford cone responses, full adaptation (the
     * linear form of CIE 160 and ICC.1).
     */
    public Xyz adaptedTo(WhitePoint target) {
        if (white.equals(target)) {
            return this;
        }
        double r = Bradford.R.of(x, y, z) * Bradford.R.of(target) / Bradford.R.of(white);
        double g = Bradford.G.of(x, y, z) * Bradford.G.of(target) / Bradford.G.of(white);
        double b = Bradford.B.of(x, y, z) * Bradford.B.of(target) / Bradford.B.of(white);
        return Bradford.toXyz(r, g, b, target);
    }

    /** L* of a luminance relative to the white's. */
    static double lightness(double ratio) {
        return 116 * compressed(ratio) - 16;
    }

    private static double compressed(double ratio) {
        return ratio > KNEE ? Math.cbrt(ratio) : (SLOPE * ratio + 16) / 116;
    }
}
