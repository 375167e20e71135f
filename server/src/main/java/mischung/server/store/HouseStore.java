package mischung.server.store;

import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What belongs to the house: its settings. Every method is one transaction. */
@Repository
@Transactional
public class HouseStore {
    private final JdbcClient sql;

    public HouseStore(JdbcClient sql) {
        this.sql = sql;
    }

    /** The settings' document. */
    public record Kept(long version, String content) {}

    /** If any were made. */
    @Transactional(readOnly = true)
    public Optional<Kept> settings() {
        return sql.sql("select version, content from house")
                .query((row, n) -> new Kept(row.getLong("version"), row.getString("content")))
                .optional();
    }

    /** @param version it was made on; 0 where there was none. @return the new version; empty if it has moved on */
    public Optional<Long> set(long version, String content) {
        if (settings().map(Kept::version).orElse(0L) != version) {
            return Optional.empty();
        }
        long next = Numbers.version();
        sql.sql("insert into house (only_one, version, content) values (1, :next, :content) on conflict (only_one)"
                        + " do update set version = excluded.version, content = excluded.content")
                .param("next", next)
                .param("content", content)
                .update();
        return Optional.of(next);
    }
}
