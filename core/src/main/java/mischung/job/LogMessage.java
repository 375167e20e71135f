package mischung.job;

import java.util.Set;
import mischung.said.Message;

/** What stands in the log of a job. */
public enum LogMessage implements Message {
    BEGUN,
    STARTED("task"),
    FINISHED("task"),
    SKIPPED("task"),
    LAID_FRESH("task"),
    RINSED_NOW("task"),
    PAUSED,
    RESUMED,
    SEEN("zone", "level", "more"),
    SEEN_COLOUR("zone", "colour", "more"),
    MEASURED("l", "a", "b"),
    REPLANNED("why"),
    LEFT_AS_IT_WAS,
    HANDS_NOW("hands"),
    GOES_BY("time"),
    RUNS_SHORT("bowl", "grams"),
    SCALP_SEEN("scalp"),
    RUNS_LATE,
    FOUND("zone", "colour", "more"),
    JUDGED("lines"),
    SAID("words"),
    TAKEN_BACK("entry"),
    ENDED,
    /** An entry that was taken back. */
    GONE("said"),
    /** A task with where it is done. */
    TASK_AT("task", "zone"),
    TASK("task");

    private final Set<String> figures;

    LogMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "log." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
