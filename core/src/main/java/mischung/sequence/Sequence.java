package mischung.sequence;

import java.util.List;

/** The plan on a clock, in order of start. Tasks may overlap only where one of them is a clock that runs by itself. */
public record Sequence(List<Task> tasks) {
    public Sequence {
        tasks = List.copyOf(tasks);
    }

    public int totalMinutes() {
        return tasks.stream().mapToInt(Task::endMinute).max().orElse(0);
    }
}
