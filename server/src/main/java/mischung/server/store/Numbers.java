package mischung.server.store;

import java.util.concurrent.ThreadLocalRandom;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Numbers that are never given twice, and versions that are never met by chance. */
@Component
class Numbers {
    /** JavaScript keeps whole numbers to 2^53. */
    private static final long MOST = 1L << 52;

    private final JdbcClient sql;

    Numbers(JdbcClient sql) {
        this.sql = sql;
    }

    /**
     * Within the transaction that gives it.
     *
     * @param kind {@code client}, {@code visit} or {@code photo}
     */
    long next(String kind) {
        return sql.sql("update given_number set last = last + 1 where kind = :kind returning last")
                .param("kind", kind)
                .query(Long.class)
                .single();
    }

    /** Drawn by lot: a record that was erased, brought back from a copy or made anew has no version that was seen before. */
    static long version() {
        return ThreadLocalRandom.current().nextLong(1, MOST);
    }
}
