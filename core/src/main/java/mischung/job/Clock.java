package mischung.job;

import java.time.Duration;
import java.time.Instant;
import mischung.hair.ZonePlace;
import mischung.sequence.Task;

/**
 * A product at work on one zone.
 *
 * @param task of kind WORK
 * @param since when the last of it was laid
 * @param earliestMinutes of work before which it may not be rinsed
 * @param latestMinutes of work after which it may not stay
 * @param layings how often it was laid, 1 and more
 */
public record Clock(Task task, ZonePlace zone, Instant since, int earliestMinutes, int latestMinutes, int layings) {
    /** So long before its end people want to be called. */
    private static final int SOON = 5;

    /** Where it stands in its window. */
    public enum Phase {
        TOO_EARLY,
        RIGHT,
        SOON_LATE,
        LATE
    }

    /** Whole minutes it has worked. */
    public long minutes(Instant now) {
        return Math.max(0, Duration.between(since, now).toMinutes());
    }

    /** From when on it is soon late; never where the window is no longer than the call. */
    public int soonMinutes() {
        return latestMinutes - SOON > earliestMinutes ? latestMinutes - SOON : latestMinutes + 1;
    }

    public Phase phase(Instant now) {
        Duration worked = Duration.between(since, now);
        if (worked.compareTo(Duration.ofMinutes(earliestMinutes)) < 0) {
            return Phase.TOO_EARLY;
        }
        if (worked.compareTo(Duration.ofMinutes(latestMinutes)) > 0) {
            return Phase.LATE;
        }
        return worked.compareTo(Duration.ofMinutes(soonMinutes())) >= 0 ? Phase.SOON_LATE : Phase.RIGHT;
    }
}
