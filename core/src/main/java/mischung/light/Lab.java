package mischung.light;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * CIELAB (CIE 015) with the white it is relative to.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>l</td><td>lightness L*</td><td>0–100</td></tr>
 * <tr><td>a</td><td>green − … red +</td><td>about ±100</td></tr>
 * <tr><td>b</td><td>blue − … yellow +</td><td>about ±100</td></tr>
 * </table>
 */
public record Lab(double l, double a, double b, WhitePoint white) {
    /** Far beyond any colour; a bound against nonsense. */
    private static final double FARTHEST = 1000;

    public Lab {
        RefusedInput.within("L*", l, -FARTHEST, FARTHEST, Unit.NONE);
        RefusedInput.within("a*", a, -FARTHEST, FARTHEST, Unit.NONE);
        RefusedInput.within("b*", b, -FARTHEST, FARTHEST, Unit.NONE);
    }

    /** A colour relative to {@link WhitePoint#d65()}. */
    public static Lab d65(double l, double a, double b) {
        return new Lab(l, a, b, WhitePoint.d65());
    }

    /** C*ab, 0 = grey. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** h*ab in degrees, 0 ≤ h &lt; 360; 0 red-purple, 90 yellow, 180 green, 270 blue. */
    public double hueDegrees() {
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    public Lch toLch() {
        return new Lch(l, chroma(), hueDegrees(), white);
    }

    public Xyz toXyz() {
        double fy = (l + 16) / 116;
        return new Xyz(
                expanded(fy + a / 500) * white.x(),
                expanded(fy) * white.y(),
                expanded(fy - b / 200) * white.z(),
                white);
    }

    private static double expanded(double f) {
        return f > 6.0 / 29 ? f * f * f : (116 * f - 16) * 27 / 24389;
    }
}
