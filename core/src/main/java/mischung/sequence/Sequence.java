package mischung.sequence;

import java.util.List;
import mischung.said.Said;

/**
 * The plan on a clock, in order of start within each visit.
 *
 * @param hands people who work, 1–3
 * @param batches what is mixed when, in that order
 * @param ramps how evenly the sections of a bowl of lightener end
 * @param bound over all visits: no order of these pieces takes the client less, in minutes
 * @param whole whether every order was weighed, so that there is none better
 * @param unmoved what was moved by hand and could not go there, each with why
 * @param overdue where there is too much to lay for these hands to keep every window; mostly empty
 */
public record Sequence(
        List<Task> tasks,
        int hands,
        List<Batch> batches,
        List<Ramp> ramps,
        int bound,
        boolean whole,
        List<Unmoved> unmoved,
        List<Said> overdue) {
    /**
     * How far apart the sections of a bowl of lightener are when they are rinsed, in levels.
     *
     * @param without all laid with the bowl's own developer
     * @param with as the batches are mixed
     * @param splits whether its batches differ in strength
     */
    public record Ramp(String bowl, int visit, double without, double with, boolean splits) {}

    /** @param why it did not go where it was moved to */
    public record Unmoved(String key, Said why) {}

    public Sequence {
        tasks = List.copyOf(tasks);
        batches = List.copyOf(batches);
        ramps = List.copyOf(ramps);
        unmoved = List.copyOf(unmoved);
        overdue = List.copyOf(overdue);
    }

    /** The client's time over all visits. */
    public int totalMinutes() {
        return tasks.stream()
                .mapToInt(Task::visit)
                .distinct()
                .map(this::minutes)
                .sum();
    }

    /** The client's time in one visit; 0 if there is no such visit. */
    public int minutes(int visit) {
        return tasks.stream()
                .filter(task -> task.visit() == visit)
                .mapToInt(Task::endMinute)
                .max()
                .orElse(0);
    }

    /** The longest visit. */
    public int longestMinutes() {
        return tasks.stream()
                .mapToInt(Task::visit)
                .distinct()
                .map(this::minutes)
                .max()
                .orElse(0);
    }

    /** Working time of all hands together; breaks and clocks do not count. */
    public int handsMinutes() {
        return tasks.stream()
                .filter(task -> task.person() > 0 && task.kind() != Task.Kind.BREAK)
                .mapToInt(Task::minutes)
                .sum();
    }

    /** How far the client's time may be from the best, as a share of it: 0 if no order is shorter. */
    public double gap() {
        return totalMinutes() == 0 ? 0 : 1 - (double) bound / totalMinutes();
    }
}
