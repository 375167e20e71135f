package mischung.process;

import mischung.hair.Canvas;
import mischung.light.Ciede2000;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What happens at a line between hair that is kept and hair that is worked on, when the hand slips. Product that slips on to
 * the kept hair leaves a strip there; product that stops short leaves a strip of the worked hair as it was.
 *
 * @param kept the kept hair beside the strip
 * @param strip the strip of {@code width} between the two
 * @param worked the worked hair beside the strip
 * @param widthCm ≥ 0
 */
public record Slip(Canvas kept, Canvas strip, Canvas worked, double widthCm) {
    /** Neighbours further apart than this, in CIEDE2000, are seen as a line. */
    public static final double SEEN_AS_LINE = 5;

    private static final double WIDEST = 10;

    /**
     * @param cm above 0 over the line on to the kept hair, below 0 short of it; −10 to 10
     * @param barrier what lies on the kept hair
     */
    public static Slip of(Canvas kept, Canvas toWork, Change change, double cm, Barrier barrier, Factors factors) {
        RefusedInput.within("cm", cm, -WIDEST, WIDEST, Unit.CM);
        Canvas worked = change.on(toWork, factors);
        Canvas strip = cm > 0 ? change.on(kept, barrier.behind(factors)) : toWork;
        return new Slip(kept, strip, worked, Math.abs(cm));
    }

    /** CIEDE2000 between the strip and the kept hair. */
    public double againstKept() {
        return Ciede2000.between(kept.lab(), strip.lab());
    }

    /** CIEDE2000 between the strip and the worked hair. */
    public double againstWorked() {
        return Ciede2000.between(worked.lab(), strip.lab());
    }

    /** Whether an eye sees the strip as a band of its own: unlike both its neighbours, and there at all. */
    public boolean bands() {
        return widthCm > 0 && againstKept() > SEEN_AS_LINE && againstWorked() > SEEN_AS_LINE;
    }
}
