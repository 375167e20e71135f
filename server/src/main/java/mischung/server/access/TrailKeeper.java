package mischung.server.access;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import mischung.server.store.TrailStore;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * Adds to the trail. What changed something waited for its turn to write anyhow, and its line is there before it is answered; who
 * only looked does not wait for a writer, and the line follows.
 */
@Component
public class TrailKeeper {
    private static final Logger LOG = LoggerFactory.getLogger(TrailKeeper.class);

    /** Each waits for its turn as long as every writer does. */
    private static final int TRIES = 12;

    private static final int LAST_LINES_SECONDS = 20;

    private final TrailStore store;
    private final ExecutorService following = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "trail");
        thread.setDaemon(true);
        return thread;
    });

    public TrailKeeper(TrailStore store) {
        this.store = store;
    }

    /**
     * A line to come.
     *
     * @param person null: nobody says who works here
     * @param device 0: the main machine
     * @param client null: that of the visit, if there is one
     */
    public record Entry(
            @Nullable Long person,
            long device,
            Operation operation,
            @Nullable Long client,
            @Nullable Long visit) {}

    public void add(Entry entry) {
        switch (entry.operation.trail()) {
            case NOTHING -> {}
            case CHANGED, ERASED -> write(entry, 1);
            case SAW, EXPORTED -> following.execute(() -> write(entry, TRIES));
        }
    }

    /** What was done so far, the newest first; see {@link TrailStore#lines}. */
    public List<TrailStore.Line> lines(String words, String kind, long before, int most) {
        settle();
        return store.lines(words, kind, before, most);
    }

    /** Everything about a client so far, the oldest first. */
    public List<TrailStore.Line> of(long client) {
        settle();
        return store.of(client);
    }

    /** Whose visit it is, before it is erased. */
    public @Nullable Long clientOf(long visit) {
        return store.clientOf(visit);
    }

    private void settle() {
        CompletableFuture.runAsync(() -> {}, following).join();
    }

    /** What was answered already is not undone because its line cannot be written. */
    private void write(Entry entry, int tries) {
        for (int i = 1; i <= tries; i++) {
            try {
                store.add(
                        entry.person,
                        entry.device,
                        entry.operation.trail().name(),
                        entry.operation.name(),
                        entry.client,
                        entry.visit);
                return;
            } catch (DataAccessException | TransactionException wrong) {
                if (i == tries) {
                    LOG.error("A line of the trail could not be kept: {} {}", entry, wrong.getMessage());
                }
            }
        }
    }

    @PreDestroy
    void stop() throws InterruptedException {
        following.shutdown();
        if (!following.awaitTermination(LAST_LINES_SECONDS, TimeUnit.SECONDS)) {
            LOG.error("The last lines of the trail could not be kept");
        }
    }
}
