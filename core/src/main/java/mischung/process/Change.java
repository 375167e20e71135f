package mischung.process;

import mischung.hair.Canvas;
import mischung.said.Said;

/**
 * Something done to a band. Each knows its state at any minute in closed form, so that a simulation may look as often as it
 * likes without the result depending on how often it looked.
 */
public sealed interface Change permits Lightening, Application, RemoverRound, Washing, Care {
    /** The band afterwards, on a head with these factors. */
    Canvas on(Canvas canvas, Factors factors);

    default Canvas on(Canvas canvas) {
        return on(canvas, Factors.AVERAGE);
    }

    /** Working time. */
    double minutes();

    /** The same, stopped after {@code minutes}; whole if that is later than its end. */
    Change until(double minutes);

    /** What it is. */
    Said said();
}
