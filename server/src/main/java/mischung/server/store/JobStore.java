package mischung.server.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What happened at the chair, line after line. Every method is one transaction; a line that was told is on the disk. */
@Repository
@Transactional
public class JobStore {
    private final JdbcClient sql;

    public JobStore(JdbcClient sql) {
        this.sql = sql;
    }

    /** @param body in JSON, in the form of its kind */
    public record Line(long number, Instant at, String hand, String kind, String body) {}

    /** In the order they were told. */
    @Transactional(readOnly = true)
    public List<Line> lines(long visit) {
        return sql.sql("select number, at, hand, kind, body from job_entry where visit_id = :visit order by number")
                .param("visit", visit)
                .query((row, n) -> new Line(
                        row.getLong("number"),
                        Instant.parse(row.getString("at")),
                        row.getString("hand"),
                        row.getString("kind"),
                        row.getString("body")))
                .list();
    }

    /** When the last entry of all jobs was told. */
    @Transactional(readOnly = true)
    public Optional<Instant> latest() {
        return sql.sql("select max(at) from job_entry")
                .query(String.class)
                .optional()
                .map(Instant::parse);
    }

    /** @return its number, one more than the last */
    public long append(long visit, Instant at, String hand, String kind, String body) {
        return sql.sql("""
                        insert into job_entry (visit_id, number, at, hand, kind, body)
                        select :visit, coalesce(max(number), 0) + 1, :at, :hand, :kind, :body
                          from job_entry where visit_id = :visit
                        returning number
                        """)
                .param("visit", visit)
                .param("at", Moments.text(at))
                .param("hand", hand)
                .param("kind", kind)
                .param("body", body)
                .query(Long.class)
                .single();
    }
}
