package mischung.plan;

import java.util.List;
import mischung.hair.BandRef;

/**
 * What is laid on or done without colour and without lightener: equaliser, remover, clarifying, bond, trim, drying.
 *
 * @param grams with reserve; 0 where nothing is weighed
 */
public record Treatment(Laying laying, int grams, List<Reason> reasons) {
    public Treatment {
        reasons = List.copyOf(reasons);
    }

    public Action action() {
        return laying.action();
    }

    public List<BandRef> bands() {
        return laying.bands();
    }

    /** Until the next visit; 0 for all that is not waiting. */
    public double weeks() {
        return laying instanceof Laying.Wait wait ? wait.weeks() : 0;
    }

    public double minutes() {
        return laying.minutes() * laying.times();
    }
}
