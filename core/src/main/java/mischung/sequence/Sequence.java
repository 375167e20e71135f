package mischung.sequence;

import java.util.List;

/**
 * The plan on a clock, in order of start within each visit. Tasks may overlap only where one of them is a clock that runs by
 * itself.
 *
 * @param hands people who work, 1–3
 */
public record Sequence(List<Task> tasks, int hands) {
    public Sequence {
        tasks = List.copyOf(tasks);
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

    /** Working time of all hands together: who lays on together counts each. */
    public int handsMinutes() {
        return tasks.stream()
                .filter(task -> task.kind() != Task.Kind.WORK)
                .mapToInt(task -> task.minutes() * (task.kind() == Task.Kind.APPLY ? hands : 1))
                .sum();
    }
}
