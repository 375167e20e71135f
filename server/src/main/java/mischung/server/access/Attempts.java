package mischung.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;

/**
 * Wrong codes slow down and lock for a while: after five in a row nothing more is taken for a minute, and every further wrong
 * one doubles that, up to half an hour.
 */
final class Attempts {
    private static final int FREE = 5;
    private static final Duration FIRST = Duration.ofMinutes(1);
    private static final Duration LONGEST = Duration.ofMinutes(30);

    private final Clock clock;
    private final Map<String, Wrong> wrong = new HashMap<>();

    /**
     * @param times in a row
     * @param until nothing is taken
     */
    private record Wrong(int times, Instant until) {}

    Attempts(Clock clock) {
        this.clock = clock;
    }

    /** @throws Locked while nothing is taken */
    synchronized void mayTry(String who) {
        Wrong last = wrong.get(who);
        if (last != null && clock.instant().isBefore(last.until)) {
            throw new Locked(Duration.between(clock.instant(), last.until));
        }
    }

    synchronized void wrong(String who) {
        int times = wrong.containsKey(who) ? wrong.get(who).times + 1 : 1;
        Duration locked = Duration.ZERO;
        if (times >= FREE) {
            // 2^5 minutes is past the longest already.
            Duration doubled = FIRST.multipliedBy(1L << Math.min(FREE, times - FREE));
            locked = doubled.compareTo(LONGEST) < 0 ? doubled : LONGEST;
        }
        wrong.put(who, new Wrong(times, clock.instant().plus(locked)));
    }

    synchronized void right(String who) {
        wrong.remove(who);
    }

    /** Too many wrong ones. */
    static final class Locked extends RuntimeException {
        private static final long serialVersionUID = 1L;

        private final long seconds;

        Locked(Duration left) {
            super("Locked for " + left);
            this.seconds = Math.max(1, left.toSeconds());
        }

        /** Until one may try again. */
        long seconds() {
            return seconds;
        }
    }
}
