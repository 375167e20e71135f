package mischung.history;

import mischung.hair.LevelScale;
import mischung.said.Said;

/**
 * A line on the strand as the dates have it today.
 *
 * @param cm from the scalp, at the usual growth
 * @param fromCm nearest to the scalp it may be
 * @param toCm furthest from the scalp it may be
 */
public record Border(double cm, double fromCm, double toCm) {
    /** Where there is no doubt: the scalp, and the ends. */
    static Border exactly(double cm) {
        return new Border(cm, cm, cm);
    }

    /** "8–12 cm". */
    public Said said() {
        return LevelScale.figure(fromCm).equals(LevelScale.figure(toCm))
                ? HistoryMessage.AT.say().tenth("cm", fromCm).said()
                : HistoryMessage.BETWEEN
                        .say()
                        .tenth("from", fromCm)
                        .tenth("to", toCm)
                        .said();
    }

    /** Whether a line read at {@code read} may be this one. */
    public boolean mayBe(double read, double tolerance) {
        return read >= fromCm - tolerance && read <= toCm + tolerance;
    }
}
