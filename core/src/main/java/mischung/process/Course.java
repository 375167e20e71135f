package mischung.process;

import java.util.List;
import mischung.hair.Canvas;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/** Changes one after another on one band. */
public record Course(List<Change> changes) {
    /** Told the band's state at a minute from the beginning. */
    @FunctionalInterface
    public interface Watcher {
        void at(double minute, Canvas canvas);
    }

    public Course {
        changes = List.copyOf(changes);
    }

    public static Course of(Change... changes) {
        return new Course(List.of(changes));
    }

    public double minutes() {
        return changes.stream().mapToDouble(Change::minutes).sum();
    }

    /** The band when all is done. */
    public Canvas on(Canvas start, Factors factors) {
        Canvas canvas = start;
        for (Change change : changes) {
            canvas = change.on(canvas, factors);
        }
        return canvas;
    }

    /**
     * Plays it through and shows the band at the beginning, every {@code stepMinutes} (0.1–60) and at the end of each
     * change. How often it is looked at changes nothing: every state is computed from the beginning of its change.
     *
     * @return the band when all is done
     */
    public Canvas watched(Canvas start, Factors factors, double stepMinutes, Watcher watcher) {
        RefusedInput.within("stepMinutes", stepMinutes, 0.1, 60, Unit.MIN);
        watcher.at(0, start);
        Canvas canvas = start;
        double begun = 0;
        for (Change change : changes) {
            for (double minute = stepMinutes; minute < change.minutes(); minute += stepMinutes) {
                watcher.at(begun + minute, change.until(minute).on(canvas, factors));
            }
            canvas = change.on(canvas, factors);
            begun += change.minutes();
            watcher.at(begun, canvas);
        }
        return canvas;
    }
}
