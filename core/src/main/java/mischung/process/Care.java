package mischung.process;

import mischung.Constants;
import mischung.hair.Canvas;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * A treatment. Bond and protein bring back a part of the strength that can come back, never beyond the ceiling; an equaliser
 * evens how porous hair drinks until the next wash.
 *
 * @param minutes 0–60
 */
public record Care(Kind kind, double minutes) implements Change {
    /** What the treatment is for. */
    public enum Kind {
        BOND,
        PROTEIN,
        EQUALISER
    }

    private static final Constants FIGURES = Constants.in("strength");

    public Care {
        RefusedInput.within("minutes", minutes, 0, 60, Unit.MIN);
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
    public Said said() {
        return switch (kind) {
            case BOND -> ChangeMessage.BOND.alone();
            case PROTEIN -> ChangeMessage.PROTEIN.alone();
            case EQUALISER -> ChangeMessage.EQUALISER.alone();
        };
    }
}
