package mischung.sequence;

import java.util.List;
import java.util.Optional;
import mischung.hair.ZonePlace;
import mischung.said.Said;

/**
 * One thing to do or to wait for.
 *
 * @param id names it as long as the plan is the same
 * @param step index of the plan's step it belongs to; −1 before the first
 * @param startMinute from the beginning of its visit
 * @param person who does it, 1–3; 0 for a clock that runs by itself
 * @param bowls names of the bowls it uses
 * @param zones where, in the order they are worked
 * @param laidBy of a clock: the layings it runs from, when the last of them is done
 * @param window of a clock: when its rinse may begin
 */
public record Task(
        TaskId id,
        Kind kind,
        int step,
        Said title,
        List<Said> detail,
        int startMinute,
        int minutes,
        int person,
        List<String> bowls,
        List<ZonePlace> zones,
        List<TaskId> laidBy,
        Optional<Window> window) {
    /** What the hands or the clock do. */
    public enum Kind {
        PREPARE,
        MIX,
        APPLY,
        /** The clock runs; hands are free. */
        WORK,
        CHECK,
        RINSE,
        DRY,
        BREAK
    }

    /** In minutes of the visit. */
    public record Window(int earliest, int latest) {}

    public Task {
        detail = List.copyOf(detail);
        bowls = List.copyOf(bowls);
        zones = List.copyOf(zones);
        laidBy = List.copyOf(laidBy);
    }

    /** By which presses and looks name it. */
    public String key() {
        return id.text();
    }

    /** 1 for today. */
    public int visit() {
        return id.stage().visit();
    }

    /** Whether it is on the head together with another: of the same stage. */
    public boolean beside(Task other) {
        return id.stage().equals(other.id.stage());
    }

    /** Whether a laying puts what this clock is for on the hair. */
    public boolean putOnBy(Task laying) {
        return laidBy.contains(laying.id);
    }

    /** The same at another minute; its window moves along. */
    public Task at(int minute) {
        int by = minute - startMinute;
        return new Task(
                id,
                kind,
                step,
                title,
                detail,
                minute,
                minutes,
                person,
                bowls,
                zones,
                laidBy,
                window.map(w -> new Window(w.earliest() + by, w.latest() + by)));
    }

    /** The same by somebody else. */
    public Task by(int other) {
        return new Task(id, kind, step, title, detail, startMinute, minutes, other, bowls, zones, laidBy, window);
    }

    /** The same, ordered anew by a later plan. */
    public Task in(int plan) {
        return new Task(
                id.in(plan),
                kind,
                step,
                title,
                detail,
                startMinute,
                minutes,
                person,
                bowls,
                zones,
                laidBy.stream().map(laying -> laying.in(plan)).toList(),
                window);
    }

    /** The same clock with another window; it runs at least to its beginning. */
    public Task with(Window other) {
        return new Task(
                id,
                kind,
                step,
                title,
                detail,
                startMinute,
                Math.max(minutes, other.earliest() - startMinute),
                person,
                bowls,
                zones,
                laidBy,
                Optional.of(other));
    }

    public int endMinute() {
        return startMinute + minutes;
    }
}
