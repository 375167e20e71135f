package mischung.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import mischung.server.store.SafetyCopies;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** A safety copy every night; where the computer was off at night, soon after it is on. The demonstration makes none by itself. */
@Component
class NightlyCopies implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(NightlyCopies.class);
    private static final LocalTime NIGHT = LocalTime.of(3, 0);
    private static final Duration LOOK_EVERY = Duration.ofMinutes(10);

    private final SafetyCopies copies;
    private final boolean demo;
    private final ScheduledExecutorService beside = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "safety copies");
        thread.setDaemon(true);
        return thread;
    });

    NightlyCopies(SafetyCopies copies, Settings settings) {
        this.copies = copies;
        this.demo = settings.demo();
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (!demo) {
            // Never waited for: what goes wrong is logged, and it looks again.
            ScheduledFuture<?> unused = beside.scheduleWithFixedDelay(
                    this::look, LOOK_EVERY.toMinutes(), LOOK_EVERY.toMinutes(), TimeUnit.MINUTES);
        }
    }

    private void look() {
        try {
            Optional<Instant> last =
                    copies.all().stream().map(SafetyCopies.Copy::at).findFirst();
            if (isDue(last, Clock.systemUTC().instant(), ZoneId.systemDefault())) {
                copies.make();
            }
        } catch (RuntimeException e) {
            LOG.error("No safety copy could be made; it is tried again in {} minutes", LOOK_EVERY.toMinutes(), e);
        }
    }

    /** Whether none was made since the last night's hour. */
    static boolean isDue(Optional<Instant> last, Instant now, ZoneId zone) {
        ZonedDateTime tonight = now.atZone(zone).with(NIGHT);
        ZonedDateTime hour = tonight.toInstant().isAfter(now) ? tonight.minusDays(1) : tonight;
        return last.isEmpty() || last.get().isBefore(hour.toInstant());
    }

    @Override
    public void destroy() {
        beside.shutdownNow();
    }
}
