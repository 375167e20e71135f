package mischung.server.api;

import java.time.Clock;
import java.time.LocalDate;
import mischung.server.Settings;
import mischung.server.store.CaseStore;
import mischung.server.store.Visit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Weighs the routes of today's visits once the program has started and nobody asks for anything yet: the first decision of a fresh
 * program takes several times as long as any after it, and it should not be the colourist's.
 */
@Component
class ThinkingAhead {
    private static final Logger LOG = LoggerFactory.getLogger(ThinkingAhead.class);

    /** Half of what {@link Routes} remembers, so that none is put out by what is asked meanwhile. */
    private static final int MOST = 4;

    private final Settings settings;
    private final Clock clock;
    private final CaseStore visits;
    private final Cases cases;
    private final Routes routes;
    private final Thread thinking = new Thread(this::think, "thinking-ahead");
    private volatile boolean closed;

    ThinkingAhead(Settings settings, Clock clock, CaseStore visits, Cases cases, Routes routes) {
        this.settings = settings;
        this.clock = clock;
        this.visits = visits;
        this.cases = cases;
        this.routes = routes;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (settings.ahead()) {
            thinking.setDaemon(true);
            thinking.start();
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        closed = true;
    }

    /** Returns once it is through; at once where it was not begun. */
    void await() throws InterruptedException {
        thinking.join();
    }

    private void think() {
        visits.ofDay(LocalDate.now(clock)).stream()
                .map(Visit.Summary::id)
                .limit(MOST)
                .takeWhile(id -> !closed)
                .forEach(this::think);
    }

    private void think(long id) {
        try {
            routes.decided(cases.get(id));
        } catch (RuntimeException fault) {
            // Whoever opens the visit is told what is wrong with it; here nobody is there to be told.
            if (!closed) {
                LOG.info(
                        "Visit {} could not be thought through ahead: {}",
                        id,
                        fault.getClass().getSimpleName());
            }
        }
    }
}
