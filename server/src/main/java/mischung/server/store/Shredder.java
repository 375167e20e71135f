package mischung.server.store;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import javax.sql.DataSource;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;

/**
 * Makes what was deleted unreadable. Deleted pages are overwritten at once ({@code secure_delete} in the connection); what is
 * left of them in the log of writes goes when the log is taken over and cut. A reader that is still open keeps it from being
 * cut: then it is tried for a moment, and later until it is done.
 */
@Component
public class Shredder implements DisposableBean {
    private static final int TRIES = 10;
    private static final long BETWEEN_NANOS = 30_000_000;
    private static final long LATER_SECONDS = 2;

    private final DataSource writing;
    private final AtomicBoolean open = new AtomicBoolean();
    private final ExecutorService later = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "cutting the log");
        thread.setDaemon(true);
        return thread;
    });

    public Shredder(@Qualifier("writing") DataSource writing) {
        this.writing = writing;
    }

    /**
     * Outside any transaction, after what was to be deleted is committed.
     *
     * @return whether it is done; if not it is done later, as soon as nobody reads any more
     */
    public boolean cutTheLog() {
        for (int i = 0; i < TRIES; i++) {
            if (cut()) {
                open.set(false);
                return true;
            }
            LockSupport.parkNanos(BETWEEN_NANOS);
        }
        if (open.compareAndSet(false, true)) {
            later.execute(this::again);
        }
        return false;
    }

    private void again() {
        try {
            while (!cut()) {
                TimeUnit.SECONDS.sleep(LATER_SECONDS);
            }
            open.set(false);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    /** Whether words of what was erased may still stand in the log. */
    public boolean unfinished() {
        return open.get();
    }

    /** By sqlite.org, PRAGMA wal_checkpoint: the first figure is 1 where somebody was in the way. */
    private boolean cut() {
        try (Connection connection = writing.getConnection();
                Statement sql = connection.createStatement()) {
            // Otherwise each try would wait for as long as a writer does.
            sql.execute("pragma busy_timeout = 20");
            try (ResultSet row = sql.executeQuery("pragma wal_checkpoint(truncate)")) {
                return row.getInt(1) == 0;
            } finally {
                sql.execute("pragma busy_timeout = 5000");
            }
        } catch (SQLException inTheWay) {
            return false;
        }
    }

    @Override
    public void destroy() {
        later.shutdownNow();
    }
}
