package mischung.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.function.LongSupplier;

/**
 * A clock that never goes backwards: where the computer's is set back, this one goes on by what has really passed, and knows by
 * how much it is ahead. Set forward, or woken from sleep, it follows. After a restart it goes on from the last moment that was
 * noted before.
 */
public final class SteadyClock extends Clock {
    /** Clocks are put right by less all the time. */
    private static final Duration WORTH_SAYING = Duration.ofSeconds(30);

    private final Clock source;
    private final LongSupplier nanos;
    private final double factor;
    private Instant last;
    private long lastNanos;

    /**
     * @param nanos a counter that only runs forward, and stands still while the computer sleeps
     * @param factor how much faster than the counter the source runs
     */
    public SteadyClock(Clock source, LongSupplier nanos, double factor) {
        this.source = source;
        this.nanos = nanos;
        this.factor = factor;
        this.last = source.instant();
        this.lastNanos = nanos.getAsLong();
    }

    @Override
    public synchronized Instant instant() {
        long counted = nanos.getAsLong();
        Instant passed = last.plusNanos((long) (Math.max(0, counted - lastNanos) * factor));
        Instant shown = source.instant();
        last = shown.isAfter(passed) ? shown : passed;
        lastNanos = counted;
        return last;
    }

    /** What was noted by then is past. */
    public synchronized void notBefore(Instant noted) {
        if (noted.isAfter(instant())) {
            last = noted;
        }
    }

    /** By how much the computer's clock is behind; zero where that is no more than a correction. */
    public synchronized Duration setBack() {
        Duration ahead = Duration.between(source.instant(), instant());
        return ahead.compareTo(WORTH_SAYING) > 0 ? ahead : Duration.ZERO;
    }

    @Override
    public ZoneId getZone() {
        return source.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return new SteadyClock(source.withZone(zone), nanos, factor);
    }
}
