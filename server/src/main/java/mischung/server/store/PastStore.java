package mischung.server.store;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import mischung.aftercare.Upkeep;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What past visits left: what they taught, what the client comes again for, and what they are found by. */
@Repository
@Transactional
public class PastStore {
    /** A house learns from its last visits; older ones are of other products. */
    private static final int MOST_LEARNED = 500;

    private final JdbcClient sql;
    private final Clock clock;

    public PastStore(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /** @param evidence in JSON */
    public record Learned(long visit, long client, LocalDate day, String evidence) {}

    public void learned(long visit, String evidence) {
        sql.sql("""
                        insert into learned (visit_id, evidence, at) values (:visit, :evidence, :at)
                        on conflict (visit_id) do update set evidence = excluded.evidence, at = excluded.at
                        """)
                .param("visit", visit)
                .param("evidence", evidence)
                .param("at", Moments.text(clock.instant()))
                .update();
    }

    /** Of one client, what counts. */
    @Transactional(readOnly = true)
    public List<Learned> learnedOf(long client) {
        return learned("v.client_id = :client", client);
    }

    /** Of all clients but one, the newest. */
    @Transactional(readOnly = true)
    public List<Learned> learnedOfOthers(long client) {
        return learned(
                "v.client_id <> :client and l.at > coalesce((select at from forgotten where key = 'house'), '')",
                client);
    }

    private List<Learned> learned(String which, long client) {
        return sql.sql(
                        "select l.visit_id, v.client_id, v.day, l.evidence from learned l join visit v on v.id = l.visit_id where "
                                + which
                                + " and l.at > coalesce((select at from forgotten where key = 'client:' || v.client_id), '')"
                                + " order by l.at desc limit "
                                + MOST_LEARNED)
                .param("client", client)
                .query((row, n) -> new Learned(
                        row.getLong("visit_id"),
                        row.getLong("client_id"),
                        LocalDate.parse(row.getString("day")),
                        row.getString("evidence")))
                .list();
    }

    /** @param key {@code house} or {@code client:NUMBER} */
    public void forget(String key) {
        sql.sql("insert into forgotten (key, at) values (:key, :at) on conflict (key) do update set at = excluded.at")
                .param("key", key)
                .param("at", Moments.text(clock.instant()))
                .update();
    }

    public void upkeep(long visit, List<Upkeep.Due> all) {
        sql.sql("delete from upkeep where visit_id = :visit")
                .param("visit", visit)
                .update();
        for (Upkeep.Due due : all) {
            sql.sql("""
                            insert into upkeep (visit_id, kind, due_from, due_to)
                            values (:visit, :kind, :from, :to)
                            """)
                    .param("visit", visit)
                    .param("kind", due.kind().name())
                    .param("from", due.from().toString())
                    .param("to", due.to().toString())
                    .update();
        }
    }

    /**
     * Somebody to remind.
     *
     * @param booked the next day in the book, if there is one
     */
    public record Reminder(long visit, long client, String name, Upkeep.Due due, Optional<LocalDate> booked) {}

    /** Whose time begins by this day and who has not come since; who is booked past the last day, too. */
    @Transactional(readOnly = true)
    public List<Reminder> reminders(LocalDate by, int limit) {
        return sql.sql("""
                        select u.*, v.client_id, c.name,
                               (select min(l.day) from visit l where l.client_id = v.client_id and l.day > v.day) as booked
                          from upkeep u join visit v on v.id = u.visit_id join client c on c.id = v.client_id
                         where u.due_from <= :by and (booked is null or booked > u.due_to)
                         order by u.due_from, v.id limit :limit
                        """)
                .param("by", by.toString())
                .param("limit", limit)
                .query((row, n) -> new Reminder(
                        row.getLong("visit_id"),
                        row.getLong("client_id"),
                        row.getString("name"),
                        Upkeep.kept(
                                Upkeep.Kind.valueOf(row.getString("kind")),
                                LocalDate.parse(row.getString("due_from")),
                                LocalDate.parse(row.getString("due_to"))),
                        Optional.ofNullable(row.getString("booked")).map(LocalDate::parse)))
                .list();
    }

    /**
     * A visit that was looked back on.
     *
     * @param porosity the highest that was worked on
     * @param error in levels, from the prediction; nothing where no band was read
     * @param distance CIEDE2000 from the wish
     * @param uneven widest CIEDE2000 between neighbours
     */
    public record Work(
            double canvasFrom,
            double canvasTo,
            double wishLevel,
            String wishWords,
            String school,
            String porosity,
            String shades,
            OptionalDouble error,
            OptionalDouble distance,
            OptionalDouble uneven,
            int bandsRead,
            String worked,
            String alsoWorked,
            String toChange) {}

    /** @param words it is found by besides its figures */
    public void work(long visit, Work work, String words) {
        sql.sql("delete from past_work where visit_id = :visit")
                .param("visit", visit)
                .update();
        sql.sql("""
                        insert into past_work (visit_id, canvas_from, canvas_to, wish_level, wish_words, school, porosity,
                                               shades, error, distance, uneven, bands_read, worked, also_worked, to_change)
                        values (:visit, :canvasFrom, :canvasTo, :wishLevel, :wishWords, :school, :porosity,
                                :shades, :error, :distance, :uneven, :bandsRead, :worked, :alsoWorked, :toChange)
                        """)
                .param("visit", visit)
                .param("canvasFrom", work.canvasFrom)
                .param("canvasTo", work.canvasTo)
                .param("wishLevel", work.wishLevel)
                .param("wishWords", work.wishWords)
                .param("school", work.school)
                .param("porosity", work.porosity)
                .param("shades", work.shades)
                .param("error", orNull(work.error))
                .param("distance", orNull(work.distance))
                .param("uneven", orNull(work.uneven))
                .param("bandsRead", work.bandsRead)
                .param("worked", work.worked)
                .param("alsoWorked", work.alsoWorked)
                .param("toChange", work.toChange)
                .update();
        sql.sql("insert into past_words (rowid, words) values (:visit, :words)")
                .param("visit", visit)
                .param("words", words)
                .update();
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /** What was found. */
    public record Found(long visit, long client, String name, LocalDate day, Work work) {}

    /**
     * What past work is looked for by; what is empty does not matter.
     *
     * @param canvas a level the head had
     * @param porosities any of them
     * @param even whether it stayed even, or did not
     * @param match in the full-text index's own language; empty: any words
     */
    public record Asked(
            OptionalDouble canvas,
            OptionalDouble wish,
            List<String> porosities,
            Optional<Boolean> even,
            double evenWithin,
            String match) {}

    @Transactional(readOnly = true)
    public List<Found> find(Asked asked, int limit) {
        List<String> where = new ArrayList<>();
        Map<String, Object> values = new HashMap<>();
        asked.canvas.ifPresent(level -> {
            where.add("w.canvas_from <= :canvas + 0.25 and w.canvas_to >= :canvas - 0.25");
            values.put("canvas", level);
        });
        asked.wish.ifPresent(level -> {
            where.add("abs(w.wish_level - :wish) <= 0.5");
            values.put("wish", level);
        });
        if (!asked.porosities.isEmpty()) {
            where.add("w.porosity in (:porosities)");
            values.put("porosities", asked.porosities);
        }
        asked.even.ifPresent(even -> {
            where.add(even ? "w.uneven <= :within" : "w.uneven > :within");
            values.put("within", asked.evenWithin);
        });
        if (!asked.match.isEmpty()) {
            where.add("w.visit_id in (select rowid from past_words where past_words match :match)");
            values.put("match", asked.match);
        }
        return sql.sql("select w.*, v.client_id, v.day, c.name from past_work w join visit v on v.id = w.visit_id"
                        + " join client c on c.id = v.client_id"
                        + (where.isEmpty() ? "" : " where " + String.join(" and ", where))
                        + " order by v.day desc, v.id desc limit " + limit)
                .params(values)
                .query((row, n) -> new Found(
                        row.getLong("visit_id"),
                        row.getLong("client_id"),
                        row.getString("name"),
                        LocalDate.parse(row.getString("day")),
                        new Work(
                                row.getDouble("canvas_from"),
                                row.getDouble("canvas_to"),
                                row.getDouble("wish_level"),
                                row.getString("wish_words"),
                                row.getString("school"),
                                row.getString("porosity"),
                                row.getString("shades"),
                                orEmpty(row.getObject("error")),
                                orEmpty(row.getObject("distance")),
                                orEmpty(row.getObject("uneven")),
                                row.getInt("bands_read"),
                                row.getString("worked"),
                                row.getString("also_worked"),
                                row.getString("to_change"))))
                .list();
    }

    private static OptionalDouble orEmpty(@Nullable Object value) {
        return value instanceof Number number ? OptionalDouble.of(number.doubleValue()) : OptionalDouble.empty();
    }
}
