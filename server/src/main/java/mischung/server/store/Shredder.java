package mischung.server.store;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Makes what was deleted unreadable. Deleted pages are overwritten at once ({@code secure_delete} in the connection); what is
 * left of them in the log of writes goes when the log is taken over and cut.
 */
@Component
public class Shredder {
    private final JdbcClient sql;

    public Shredder(JdbcClient sql) {
        this.sql = sql;
    }

    /** Outside any transaction, after what was to be deleted is committed. */
    public void cutTheLog() {
        sql.sql("pragma wal_checkpoint(truncate)")
                .query((row, n) -> row.getInt(1))
                .list();
    }
}
