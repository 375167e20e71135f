package mischung.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/** Runs faster than the real one from a moment on; for demonstrations, a day's work in minutes. */
final class HastenedClock extends Clock {
    private final Clock real;
    private final Instant from;
    private final double factor;

    /**
     * @param from when both show the same
     * @param factor 1 and more
     */
    HastenedClock(Clock real, Instant from, double factor) {
        this.real = real;
        this.from = from;
        this.factor = factor;
    }

    @Override
    public ZoneId getZone() {
        return real.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return new HastenedClock(real.withZone(zone), from, factor);
    }

    @Override
    public Instant instant() {
        Duration passed = Duration.between(from, real.instant());
        return from.plusNanos((long) (passed.toNanos() * factor));
    }
}
