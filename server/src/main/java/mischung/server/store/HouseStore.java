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

    /** The settings' document, if any were made. */
    @Transactional(readOnly = true)
    public Optional<String> settings() {
        return sql.sql("select content from house").query(String.class).optional();
    }

    public void set(String content) {
        sql.sql("insert into house (only_one, content) values (1, :content)"
                        + " on conflict (only_one) do update set content = excluded.content")
                .param("content", content)
                .update();
    }
}
