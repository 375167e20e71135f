package mischung.light;

import java.util.Locale;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A screen colour by IEC 61966-2-1: each component 0–1, gamma-encoded. Colours outside the screen's gamut are clipped
 * component by component.
 */
public record Srgb(double r, double g, double b) {
    public Srgb {
        RefusedInput.within("r", r, 0, 1, Unit.NONE);
        RefusedInput.within("g", g, 0, 1, Unit.NONE);
        RefusedInput.within("b", b, 0, 1, Unit.NONE);
    }

    /** Seen by an eye adapted to the colour's own light, shown on a D65 screen (Bradford). */
    public static Srgb of(Xyz colour) {
        Xyz c = colour.adaptedTo(WhitePoint.d65());
        double x = c.x() / 100;
        double y = c.y() / 100;
        double z = c.z() / 100;
        return new Srgb(
                encoded(3.2406 * x - 1.5372 * y - 0.4986 * z),
                encoded(-0.9689 * x + 1.8758 * y + 0.0415 * z),
                encoded(0.0557 * x - 0.2040 * y + 1.0570 * z));
    }

    public Xyz toXyz() {
        double lr = decoded(r);
        double lg = decoded(g);
        double lb = decoded(b);
        return new Xyz(
                100 * (0.4124 * lr + 0.3576 * lg + 0.1805 * lb),
                100 * (0.2126 * lr + 0.7152 * lg + 0.0722 * lb),
                100 * (0.0193 * lr + 0.1192 * lg + 0.9505 * lb),
                WhitePoint.d65());
    }

    /**
     * From {@code #rrggbb}, as a colour picker gives it.
     *
     * @throws RefusedInput if it is not written so
     */
    public static Srgb ofHex(String hex) {
        if (!hex.matches("#[0-9a-fA-F]{6}")) {
            throw new RefusedInput("hex", hex, RefusalMessage.HEX);
        }
        int all = Integer.parseInt(hex.substring(1), 16);
        return new Srgb((all >> 16) / 255.0, (all >> 8 & 255) / 255.0, (all & 255) / 255.0);
    }

    /** {@code #rrggbb}. */
    public String hex() {
        return String.format(Locale.ROOT, "#%02x%02x%02x", byteOf(r), byteOf(g), byteOf(b));
    }

    private static int byteOf(double component) {
        return (int) Math.round(255 * component);
    }

    private static double encoded(double linear) {
        double clipped = Math.min(1, Math.max(0, linear));
        return clipped <= 0.0031308 ? 12.92 * clipped : 1.055 * Math.pow(clipped, 1 / 2.4) - 0.055;
    }

    private static double decoded(double component) {
        return component <= 0.04045 ? component / 12.92 : Math.pow((component + 0.055) / 1.055, 2.4);
    }
}
