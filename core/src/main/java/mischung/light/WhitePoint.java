package mischung.light;

/**
 * The white a colour is relative to, Y = 100. Part of every colour value: libraries differ in the third decimal of D65,
 * and it shows in b*.
 */
public record WhitePoint(String name, double x, double y, double z) {
    /** The one D65 of this program, from {@link Illuminant#D65}. */
    public static WhitePoint d65() {
        return Illuminant.D65.white();
    }
}
