package mischung.server.api;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import mischung.server.words.ProblemMessage;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells every screen that shows a job when something has happened in it; what, each asks for itself. A line that was dropped is
 * noticed by its next heartbeat and freed.
 */
@Component
class JobLive {
    static final int MOST_OF_A_JOB = 40;
    static final int MOST = 300;
    private static final long HEARTBEAT_SECONDS = 3;

    private final Map<Long, List<SseEmitter>> screens = new ConcurrentHashMap<>();
    private final ExecutorService heart = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "heartbeat of screens");
        thread.setDaemon(true);
        return thread;
    });

    JobLive() {
        heart.execute(this::live);
    }

    private void live() {
        while (!Thread.currentThread().isInterrupted()) {
            try {
                TimeUnit.SECONDS.sleep(HEARTBEAT_SECONDS);
                beat();
            } catch (InterruptedException ended) {
                return;
            }
        }
    }

    /** @throws Refusal where too many are open */
    SseEmitter screen(long visit) {
        List<SseEmitter> all = screens.getOrDefault(visit, List.of());
        if (all.size() >= MOST_OF_A_JOB || open() >= MOST) {
            beat();
        }
        if (all.size() >= MOST_OF_A_JOB || open() >= MOST) {
            throw new Refusal(
                    HttpStatus.TOO_MANY_REQUESTS,
                    ProblemMessage.TOO_MANY_SCREENS,
                    "",
                    open(),
                    ProblemMessage.CLOSE_SCREENS);
        }
        SseEmitter screen = new SseEmitter(0L);
        // Together with finding the list: one that stood empty may be put away at this very moment.
        List<SseEmitter> now = screens.compute(visit, (id, there) -> {
            List<SseEmitter> kept = there == null ? new CopyOnWriteArrayList<>() : there;
            kept.add(screen);
            return kept;
        });
        screen.onCompletion(() -> now.remove(screen));
        screen.onError(gone -> now.remove(screen));
        screen.onTimeout(() -> now.remove(screen));
        send(now, screen, SseEmitter.event().name("job").data("here"));
        return screen;
    }

    /** How many are open. */
    int open() {
        return screens.values().stream().mapToInt(List::size).sum();
    }

    private void beat() {
        screens.values()
                .forEach(all -> all.forEach(
                        screen -> send(all, screen, SseEmitter.event().comment("here"))));
        screens.keySet().forEach(visit -> screens.computeIfPresent(visit, (id, all) -> all.isEmpty() ? null : all));
    }

    /** A line that stays open would keep the program from ending for half a minute; every screen calls again by itself. */
    @EventListener(ContextClosedEvent.class)
    void hangUp() {
        heart.shutdownNow();
        screens.values().forEach(all -> all.forEach(SseEmitter::complete));
    }

    /** Once what has happened is committed. */
    void changed(long visit) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                changedNow(visit);
            }
        });
    }

    void changedNow(long visit) {
        List<SseEmitter> all = screens.getOrDefault(visit, List.of());
        all.forEach(screen -> send(all, screen, SseEmitter.event().name("job").data("changed")));
    }

    private static void send(List<SseEmitter> all, SseEmitter screen, SseEmitter.SseEventBuilder word) {
        try {
            screen.send(word);
        } catch (IOException | IllegalStateException gone) {
            // Its connection broke; it comes back by itself and asks anew. What it held, the container frees by itself;
            // ending it
            // from here as well meets the container's own ending of it, and one of the two is refused.
            all.remove(screen);
        }
    }
}
