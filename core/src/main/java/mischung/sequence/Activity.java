package mischung.sequence;

import java.util.List;

/**
 * One thing hands do, as the order is looked for: how long, with what, and how it hangs together with others.
 *
 * @param minutes whole minutes, 1 and more
 * @param person 1–3 if only this one may do it, 0 for any
 * @param release not before this minute
 * @param soft whether its last moment is wished rather than a must
 * @param lags to others, all of which come earlier in the list
 */
record Activity(String key, int minutes, Use use, int person, int release, boolean soft, List<Lag> lags) {
    /** What it needs besides one pair of hands. */
    enum Use {
        /** Mixing, resting: the head is not touched. */
        ASIDE,
        /** Laying on, looking: several may work on one head. */
        ON_HEAD,
        /** Rinsing at the basin, drying, cutting: nobody else touches the head. */
        WHOLE_HEAD
    }

    /**
     * Its start lies {@code least} to {@code most} minutes after another's start or end.
     *
     * @param of index of the other
     */
    record Lag(int of, boolean fromEnd, int least, int most) {
        static final int NO_END = 1_000_000;

        static Lag afterEnd(int of, int least) {
            return new Lag(of, true, least, NO_END);
        }

        static Lag afterStart(int of, int least) {
            return new Lag(of, false, least, NO_END);
        }

        int from(int[] start, List<Activity> all) {
            return start[of] + (fromEnd ? all.get(of).minutes() : 0);
        }
    }

    Activity {
        lags = List.copyOf(lags);
        if (minutes < 1) {
            throw new IllegalArgumentException(key + " takes " + minutes + " min");
        }
    }
}
