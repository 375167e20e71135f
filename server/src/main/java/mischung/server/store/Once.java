package mischung.server.store;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import mischung.said.RefusedInput;
import mischung.server.words.ProblemMessage;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * What was told once is not done again. Every reading of the scale and every press carries a key of its own; the key is kept in
 * the same transaction as what it did, so that a retry after a lost answer, or a second screen, is answered like the first.
 */
@Component
public class Once {
    private static final int LONGEST = 100;
    private static final Duration KEPT = Duration.ofDays(30);

    private final JdbcClient sql;
    private final Clock clock;

    public Once(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /**
     * What was done under this key; empty if nothing was, or if the key is.
     *
     * @throws RefusedInput unless it is at most 100 letters, figures and dashes
     */
    public Optional<Long> done(String key) {
        if (key.length() > LONGEST
                || !key.chars().allMatch(c -> c == '-' || (c < 128 && Character.isLetterOrDigit(c)))) {
            throw new RefusedInput("Idempotency-Key", key.length(), ProblemMessage.KEY_OF_A_PRESS);
        }
        return key.isEmpty()
                ? Optional.empty()
                : sql.sql("select result from told_once where key = :key")
                        .param("key", key)
                        .query(Long.class)
                        .optional();
    }

    /**
     * Within the transaction that did it.
     *
     * @param result a number to find it by; 0 if there is none
     */
    public void keep(String key, long result) {
        if (key.isEmpty()) {
            return;
        }
        sql.sql("insert into told_once (key, result, at) values (:key, :result, :at)")
                .param("key", key)
                .param("result", result)
                .param("at", Moments.text(clock.instant()))
                .update();
        sql.sql("delete from told_once where at < :before")
                .param("before", Moments.text(clock.instant().minus(KEPT)))
                .update();
    }
}
