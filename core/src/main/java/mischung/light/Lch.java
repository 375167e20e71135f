package mischung.light;

import mischung.RefusedInput;

/** CIELAB in cylinder coordinates: lightness 0–100, chroma ≥ 0, hue in degrees. */
public record Lch(double l, double c, double hueDegrees, WhitePoint white) {
    public Lch {
        RefusedInput.finite("L*", l);
        RefusedInput.finite("C*", c);
        RefusedInput.finite("h", hueDegrees);
    }

    public static Lch d65(double l, double c, double hueDegrees) {
        return new Lch(l, c, hueDegrees, WhitePoint.d65());
    }

    public Lab toLab() {
        double h = Math.toRadians(hueDegrees);
        return new Lab(l, c * Math.cos(h), c * Math.sin(h), white);
    }
}
