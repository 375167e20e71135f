package mischung.change;

import mischung.Constants;
import mischung.RefusedInput;
import mischung.hair.Canvas;

/**
 * A treatment. Bond and protein bring back a part of the strength that can come back, never beyond the ceiling; an equaliser
 * evens how porous hair drinks until the next wash.
 *
 * @param minutes 0–60
 */
public record Care(Kind kind, double minutes) implements Change {
    /** What the treatment is for. */
    public enum Kind {
        BOND("bond treatment"),
        PROTEIN("protein treatment"),
        EQUALISER("equaliser");

        private final String words;

        Kind(String words) {
            this.words = words;
        }
    }

    private static final Constants FIGURES = Constants.in("strength");

    public Care {
        RefusedInput.within("minutes", minutes, 0, 60, "min");
    }

    @Override
    public Canvas on(Canvas canvas, Factors factors) {
        return switch (kind) {
            case EQUALISER -> minutes == 0 ? canvas : canvas.withEqualiser();
            case BOND -> canvas.with(canvas.fibre().restored(share("bond")));
            case PROTEIN -> canvas.with(canvas.fibre().restored(share("protein")));
        };
    }

    private double share(String of) {
        return FIGURES.of(of + " share") * Math.min(1, minutes / FIGURES.of(of + " minutes"));
    }

    @Override
    public Care until(double earlier) {
        return new Care(kind, Math.min(minutes, earlier));
    }

    @Override
    public String words() {
        return kind.words;
    }
}
