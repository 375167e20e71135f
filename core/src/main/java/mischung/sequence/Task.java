package mischung.sequence;

import java.util.List;
import mischung.hair.ZonePlace;

/**
 * One thing to do or to wait for.
 *
 * @param visit 1 for today
 * @param startMinute from the beginning of its visit
 * @param bowls names of the bowls it uses
 * @param zones where, in the order they are worked
 */
public record Task(
        Kind kind,
        int visit,
        String title,
        String detail,
        int startMinute,
        int minutes,
        List<String> bowls,
        List<ZonePlace> zones) {
    /** What the hands or the clock do. */
    public enum Kind {
        PREPARE,
        MIX,
        APPLY,
        /** The clock runs; hands are free. */
        WORK,
        CHECK,
        RINSE,
        DRY
    }

    public Task {
        bowls = List.copyOf(bowls);
        zones = List.copyOf(zones);
    }

    public int endMinute() {
        return startMinute + minutes;
    }
}
