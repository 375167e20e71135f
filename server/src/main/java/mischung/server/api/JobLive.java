package mischung.server.api;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every screen that shows a job when something has happened in it; what, each asks for itself. */
@Component
class JobLive {
    private final Map<Long, List<SseEmitter>> screens = new ConcurrentHashMap<>();

    SseEmitter screen(long visit) {
        SseEmitter screen = new SseEmitter(0L);
        List<SseEmitter> all = screens.computeIfAbsent(visit, id -> new CopyOnWriteArrayList<>());
        all.add(screen);
        screen.onCompletion(() -> all.remove(screen));
        screen.onError(gone -> all.remove(screen));
        screen.onTimeout(() -> all.remove(screen));
        send(all, screen, "here");
        return screen;
    }

    /** A line that stays open would keep the program from ending for half a minute; every screen calls again by itself. */
    @EventListener(ContextClosedEvent.class)
    void hangUp() {
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
        all.forEach(screen -> send(all, screen, "changed"));
    }

    private static void send(List<SseEmitter> all, SseEmitter screen, String word) {
        try {
            screen.send(SseEmitter.event().name("job").data(word));
        } catch (IOException | IllegalStateException gone) {
            // Its connection broke; it comes back by itself and asks anew.
            all.remove(screen);
        }
    }
}
