package mischung.server.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Cases. Every method is one transaction. */
@Repository
@Transactional
public class CaseStore {
    private static final String SUMMARY = """
            select v.id, v.client_id, c.name, v.day, v.start_time, v.minutes, v.chair, v.status, v.wish_level, v.wish_tone,
                   v.changed_at
              from visit v join client c on c.id = v.client_id
            """;

    private final JdbcClient sql;
    private final ClientStore clients;
    private final Clock clock;
    private final Numbers numbers;
    private final Once once;

    public CaseStore(JdbcClient sql, ClientStore clients, Clock clock, Numbers numbers, Once once) {
        this.once = once;
        this.numbers = numbers;
        this.sql = sql;
        this.clients = clients;
        this.clock = clock;
    }

    private static Visit.Summary summary(ResultSet row, int number) throws SQLException {
        return new Visit.Summary(
                row.getLong("id"),
                row.getLong("client_id"),
                row.getString("name"),
                LocalDate.parse(row.getString("day")),
                LocalTime.parse(row.getString("start_time")),
                row.getInt("minutes"),
                row.getString("chair"),
                row.getString("status"),
                row.getDouble("wish_level"),
                row.getString("wish_tone"),
                Instant.parse(row.getString("changed_at")));
    }

    /** Newest day first, at most {@code limit}. */
    @Transactional(readOnly = true)
    public List<Visit.Summary> newest(int limit) {
        return sql.sql(SUMMARY + " order by v.day desc, v.id desc limit :limit")
                .param("limit", limit)
                .query(CaseStore::summary)
                .list();
    }

    /** Of a day, in the order they begin. */
    @Transactional(readOnly = true)
    public List<Visit.Summary> ofDay(LocalDate day) {
        return sql.sql(SUMMARY + " where v.day = :day order by v.start_time, v.id")
                .param("day", day.toString())
                .query(CaseStore::summary)
                .list();
    }

    /** Of a client, newest first. */
    @Transactional(readOnly = true)
    public List<Visit.Summary> ofClient(long clientId) {
        return sql.sql(SUMMARY + " where v.client_id = :client order by v.day desc, v.id desc")
                .param("client", clientId)
                .query(CaseStore::summary)
                .list();
    }

    /** Whose patch test waits to be read on this day or waited before. */
    @Transactional(readOnly = true)
    public List<Visit.Summary> patchTestsToRead(LocalDate day, int limit) {
        return sql.sql(SUMMARY + " where v.patch_to_read <= :day order by v.patch_to_read, v.id limit :limit")
                .param("day", day.toString())
                .param("limit", limit)
                .query(CaseStore::summary)
                .list();
    }

    /** Who should come again by this day, has no later visit in the book, and no reminder of what was worked. */
    @Transactional(readOnly = true)
    public List<Visit.Summary> upkeepDue(LocalDate by, int limit) {
        return sql.sql(SUMMARY + """
                         where v.upkeep_due <= :by
                           and not exists (select 1 from visit l where l.client_id = v.client_id and l.day > v.day)
                           and not exists (select 1 from upkeep u where u.visit_id = v.id)
                         order by v.upkeep_due, v.id limit :limit
                        """)
                .param("by", by.toString())
                .param("limit", limit)
                .query(CaseStore::summary)
                .list();
    }

    @Transactional(readOnly = true)
    public Optional<Visit.Numbered> find(long id) {
        return sql.sql("select v.*, c.name from visit v join client c on c.id = v.client_id where v.id = :id")
                .param("id", id)
                .query(CaseStore::visit)
                .optional();
    }

    /** The documents of a client's cases, oldest first. */
    @Transactional(readOnly = true)
    public List<Visit.Numbered> documentsOf(long clientId) {
        return sql.sql("""
                        select v.*, c.name from visit v join client c on c.id = v.client_id
                         where v.client_id = :client order by v.day, v.id
                        """).param("client", clientId).query(CaseStore::visit).list();
    }

    private static Visit.Numbered visit(ResultSet row, int number) throws SQLException {
        return new Visit.Numbered(
                row.getLong("id"),
                row.getLong("version"),
                row.getLong("client_id"),
                new Visit(
                        row.getString("name"),
                        LocalDate.parse(row.getString("day")),
                        LocalTime.parse(row.getString("start_time")),
                        row.getInt("minutes"),
                        row.getString("chair"),
                        row.getString("status"),
                        row.getDouble("wish_level"),
                        row.getString("wish_tone"),
                        Optional.ofNullable(row.getString("patch_to_read")).map(LocalDate::parse),
                        Optional.ofNullable(row.getString("upkeep_due")).map(LocalDate::parse),
                        row.getInt("content_version"),
                        row.getString("content")));
    }

    /** A new case of a client that is there; asked for again under the same key it is the one that was made. */
    public Visit.Numbered add(long clientId, Visit visit, String key) {
        Optional<Visit.Numbered> made = once.done(key).flatMap(this::find);
        if (made.isPresent()) {
            return made.get();
        }
        long id = numbers.next("visit");
        long version = Numbers.version();
        columns(sql.sql("""
                                insert into visit (id, version, client_id, day, start_time, minutes, chair, status, wish_level,
                                                   wish_tone, patch_to_read, upkeep_due, content_version, content, changed_at)
                                values (:id, :version, :client, :day, :startTime, :minutes, :chair, :status, :wishLevel,
                                        :wishTone, :patchToRead, :upkeepDue, :contentVersion, :content, :changedAt)
                                """), visit)
                .param("id", id)
                .param("version", version)
                .param("client", clientId)
                .update();
        once.keep(key, id);
        return new Visit.Numbered(id, version, clientId, visit);
    }

    /** A new case of a new client. */
    public Visit.Numbered addWithClient(Visit visit) {
        return add(clients.add(visit.clientName(), "", ""), visit, "");
    }

    /**
     * Replaces a case's content and the client's name in it, if the case is still at the version named.
     *
     * @return the case at its new version; empty if it has moved on or is gone
     */
    public Optional<Visit.Numbered> replace(long id, long version, Visit visit, String key) {
        // One's own save, whose answer was lost: it counts, and is not somebody else's.
        if (once.done(key).isPresent()) {
            return find(id);
        }
        long next = Numbers.version();
        int changed = columns(sql.sql("""
                                update visit
                                   set version = :next, day = :day, start_time = :startTime, minutes = :minutes,
                                       chair = :chair, status = :status, wish_level = :wishLevel, wish_tone = :wishTone,
                                       patch_to_read = :patchToRead, upkeep_due = :upkeepDue,
                                       content_version = :contentVersion, content = :content, changed_at = :changedAt
                                 where id = :id and version = :version
                                """), visit)
                .param("id", id)
                .param("version", version)
                .param("next", next)
                .update();
        if (changed == 0) {
            return Optional.empty();
        }
        long clientId = sql.sql("select client_id from visit where id = :id")
                .param("id", id)
                .query(Long.class)
                .single();
        clients.rename(clientId, visit.clientName());
        once.keep(key, id);
        return Optional.of(new Visit.Numbered(id, next, clientId, visit));
    }

    /**
     * How far a visit is, and nothing else of it: it stays at its version, so that who has it open need not open it again.
     *
     * @return whether it is still at the version named
     */
    public boolean status(long id, long version, Visit visit) {
        return columns(sql.sql("""
                                update visit
                                   set day = :day, start_time = :startTime, minutes = :minutes,
                                       chair = :chair, status = :status, wish_level = :wishLevel, wish_tone = :wishTone,
                                       patch_to_read = :patchToRead, upkeep_due = :upkeepDue,
                                       content_version = :contentVersion, content = :content, changed_at = :changedAt
                                 where id = :id and version = :version
                                """), visit)
                        .param("id", id)
                        .param("version", version)
                        .update()
                > 0;
    }

    /** @return whether there was such a case */
    public boolean erase(long id) {
        return sql.sql("delete from visit where id = :id").param("id", id).update() > 0;
    }

    private JdbcClient.StatementSpec columns(JdbcClient.StatementSpec statement, Visit visit) {
        return statement
                .param("day", visit.day().toString())
                .param("startTime", visit.startTime().toString())
                .param("minutes", visit.minutes())
                .param("chair", visit.chair())
                .param("status", visit.status())
                .param("wishLevel", visit.wishLevel())
                .param("wishTone", visit.wishTone())
                .param(
                        "patchToRead",
                        visit.patchToRead().map(LocalDate::toString).orElse(null))
                .param("upkeepDue", visit.upkeepDue().map(LocalDate::toString).orElse(null))
                .param("contentVersion", visit.contentVersion())
                .param("content", visit.content())
                .param("changedAt", Moments.text(clock.instant()));
    }
}
