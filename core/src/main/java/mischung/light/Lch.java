package mischung.light;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/** CIELAB in cylinder coordinates: lightness 0–100, chroma ≥ 0, hue in degrees. */
public record Lch(double l, double c, double hueDegrees, WhitePoint white) {
    /** Far beyond any colour; a bound against nonsense. */
    private static final double FARTHEST = 1000;

    public Lch {
        RefusedInput.within("L*", l, -FARTHEST, FARTHEST, Unit.NONE);
        RefusedInput.within("C*", c, 0, FARTHEST, Unit.NONE);
        RefusedInput.within("h", hueDegrees, -36_000, 36_000, Unit.NONE);
    }

    public static Lch d65(double l, double c, double hueDegrees) {
        return new Lch(l, c, hueDegrees, WhitePoint.d65());
    }

    public Lab toLab() {
        double h = Math.toRadians(hueDegrees);
        return new Lab(l, c * Math.cos(h), c * Math.sin(h), white);
    }
}
