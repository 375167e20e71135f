package mischung.server.store;

import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Who saw, changed, took along or erased what, and when. Only ever added to; the database refuses anything else. */
@Repository
@Transactional
public class TrailStore {
    private static final String LINES = """
            select t.id, t.at, coalesce(p.name, '') as person, coalesce(d.name, '') as device, t.kind, t.operation,
                   t.client_id, coalesce(c.name, '') as client, t.visit_id
              from trail t left join person p on p.id = t.person_id
              left join device d on d.id = t.device_id left join client c on c.id = t.client_id
            """;

    private final JdbcClient sql;
    private final Clock clock;

    public TrailStore(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /**
     * One line.
     *
     * @param person their name; empty: nobody says who works here
     * @param device its name; empty: the main machine
     * @param clientId null: about none
     * @param client their name, as long as they are known here
     */
    public record Line(
            long id,
            String at,
            String person,
            String device,
            String kind,
            String operation,
            @Nullable Long clientId,
            String client,
            @Nullable Long visitId) {}

    /**
     * @param person null: nobody says who works here
     * @param device 0: the main machine
     * @param client null: that of the visit, if there is one
     */
    public void add(
            @Nullable Long person,
            long device,
            String kind,
            String operation,
            @Nullable Long client,
            @Nullable Long visit) {
        sql.sql("""
                        insert into trail (at, person_id, device_id, kind, operation, client_id, visit_id)
                        values (:at, :person, :device, :kind, :operation,
                                coalesce(:client, (select client_id from visit where id = :visit)), :visit)
                        """)
                .param("at", Moments.text(clock.instant()))
                .param("person", person)
                .param("device", device)
                .param("kind", kind)
                .param("operation", operation)
                .param("client", client)
                .param("visit", visit)
                .update();
    }

    /** Whose visit it is, before it is erased. */
    @Transactional(readOnly = true)
    public @Nullable Long clientOf(long visit) {
        return sql.sql("select client_id from visit where id = :visit")
                .param("visit", visit)
                .query(Long.class)
                .optional()
                .orElse(null);
    }

    /**
     * The newest first.
     *
     * @param words of a person, a device, a client or an operation; empty: all
     * @param kind empty: all
     * @param before only lines older than this one; 0: from the newest on
     */
    @Transactional(readOnly = true)
    public List<Line> lines(String words, String kind, long before, int most) {
        return sql.sql("select * from (" + LINES + ") where (:kind = '' or kind = :kind)"
                        + " and (:before = 0 or id < :before) and (:words = '' or instr(lower(person || ' ' || device"
                        + " || ' ' || client || ' ' || operation), lower(:words)) > 0) order by id desc limit :most")
                .param("kind", kind)
                .param("before", before)
                .param("words", words)
                .param("most", most)
                .query(Line.class)
                .list();
    }

    /** Everything about a client, the oldest first. */
    @Transactional(readOnly = true)
    public List<Line> of(long client) {
        return sql.sql(LINES + " where t.client_id = :client order by t.id")
                .param("client", client)
                .query(Line.class)
                .list();
    }
}
