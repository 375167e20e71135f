package mischung.route;

import java.time.Duration;
import java.util.function.BooleanSupplier;
import java.util.function.LongSupplier;

/** How long a decision may take: when it is over, what has been weighed by then is the answer. */
@FunctionalInterface
public interface Patience {
    Patience ENDLESS = () -> false;

    /** Whether nothing new is to be begun. */
    boolean over();

    /**
     * @param nanos a counter that only runs forward
     * @param cancelled whether nobody waits for it any more
     */
    static Patience of(LongSupplier nanos, Duration most, BooleanSupplier cancelled) {
        long until = nanos.getAsLong() + most.toNanos();
        return () -> cancelled.getAsBoolean() || nanos.getAsLong() - until > 0;
    }
}
