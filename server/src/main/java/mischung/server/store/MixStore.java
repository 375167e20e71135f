package mischung.server.store;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import mischung.mix.Experience;
import mischung.sequence.Task;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What was weighed, what was left, how long it took. A weight and the move of the stock are one transaction. */
@Repository
@Transactional
public class MixStore {
    private final JdbcClient sql;
    private final ShelfStore shelf;
    private final Clock clock;

    public MixStore(JdbcClient sql, ShelfStore shelf, Clock clock) {
        this.sql = sql;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** A bowl that was begun. */
    public record MixedBowl(
            long id, String key, String card, boolean done, OptionalDouble leftGrams, List<Weighing> weighings) {}

    /**
     * One weight: grams above 0 were poured, below 0 taken back.
     *
     * @param movedGrams what really left the shelf for it
     */
    public record Weighing(
            long id, int line, double grams, double movedGrams, String source, Instant at, String hand) {}

    @Transactional(readOnly = true)
    public List<MixedBowl> bowls(long visit) {
        Map<Long, List<Weighing>> weighings = new HashMap<>();
        sql.sql("""
                        select w.id, w.bowl_id, w.line, w.grams, coalesce(w.moved_grams, 0) as moved, w.source, w.at, w.hand
                          from weighing w join mixed_bowl b on b.id = w.bowl_id where b.visit_id = :visit order by w.id
                        """).param("visit", visit).query(row -> {
            weighings
                    .computeIfAbsent(row.getLong("bowl_id"), id -> new ArrayList<>())
                    .add(new Weighing(
                            row.getLong("id"),
                            row.getInt("line"),
                            row.getDouble("grams"),
                            row.getDouble("moved"),
                            row.getString("source"),
                            Instant.parse(row.getString("at")),
                            row.getString("hand")));
        });
        return sql.sql("select * from mixed_bowl where visit_id = :visit order by id")
                .param("visit", visit)
                .query((row, n) -> new MixedBowl(
                        row.getLong("id"),
                        row.getString("key"),
                        row.getString("card"),
                        row.getString("done_at") != null,
                        row.getObject("left_grams") == null
                                ? OptionalDouble.empty()
                                : OptionalDouble.of(row.getDouble("left_grams")),
                        weighings.getOrDefault(row.getLong("id"), List.of())))
                .list();
    }

    /** Begins a bowl, or finds it begun. @return its number */
    public long begin(long visit, String key, String card, double needGrams) {
        sql.sql("""
                        insert into mixed_bowl (visit_id, key, card, need_grams, begun_at)
                        values (:visit, :key, :card, :need, :at) on conflict (visit_id, key) do nothing
                        """)
                .param("visit", visit)
                .param("key", key)
                .param("card", card)
                .param("need", needGrams)
                .param("at", now())
                .update();
        return sql.sql("select id from mixed_bowl where visit_id = :visit and key = :key")
                .param("visit", visit)
                .param("key", key)
                .query(Long.class)
                .single();
    }

    /**
     * @param offTheShelf grams that leave it for this, as far as they are there; below 0 what comes back
     * @param code of the product whose stock moves; empty for what is not on the shelf
     */
    public void weigh(long bowl, int line, double grams, double offTheShelf, String source, String hand, String code) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        sql.sql("""
                        insert into weighing (bowl_id, line, grams, source, at, hand)
                        values (:bowl, :line, :grams, :source, :at, :hand)
                        """)
                .param("bowl", bowl)
                .param("line", line)
                .param("grams", grams)
                .param("source", source)
                .param("at", now())
                .param("hand", hand)
                .update(key, "id");
        if (!code.isEmpty()) {
            long weighing = ClientStore.number(key);
            double moved = shelf.take(code, offTheShelf, grams < 0 ? "taken back" : "weighed", weighing);
            sql.sql("update weighing set moved_grams = :moved where id = :id")
                    .param("moved", moved)
                    .param("id", weighing)
                    .update();
        }
    }

    /** Another card for the bowl from now on, with all that was weighed. */
    public void change(long bowl, String card) {
        sql.sql("update mixed_bowl set card = :card where id = :id")
                .param("card", card)
                .param("id", bowl)
                .update();
    }

    /** @param leftGrams what was left in the bowl, if somebody weighed it */
    public void finish(long bowl, boolean done, OptionalDouble leftGrams) {
        sql.sql("update mixed_bowl set done_at = :at, left_grams = :left where id = :id")
                .param("at", done ? now() : null)
                .param("left", leftGrams.isPresent() ? leftGrams.getAsDouble() : null)
                .param("id", bowl)
                .update();
    }

    private String now() {
        return Moments.text(clock.instant());
    }

    /**
     * What bowls were reckoned to need and what they took: poured less left, of bowls whose rest was weighed.
     *
     * @param own of this client; otherwise of all others
     */
    @Transactional(readOnly = true)
    public List<Experience.Seen> used(long client, boolean own) {
        return sql.sql("""
                        select b.need_grams,
                               (select sum(w.grams) from weighing w where w.bowl_id = b.id) - b.left_grams as used
                          from mixed_bowl b join visit v on v.id = b.visit_id
                         where b.done_at is not null and b.left_grams is not null and b.need_grams >= 1
                           and used >= 1 and (v.client_id = :client) = :own
                         order by b.id desc limit 200
                        """)
                .param("client", client)
                .param("own", own)
                .query((row, n) -> new Experience.Seen(row.getDouble("need_grams"), row.getDouble("used")))
                .list();
    }

    /** How long a task took; said again, the last word counts. */
    public void took(long visit, String key, Task.Kind kind, double planned, int took) {
        sql.sql("""
                        insert into task_took (visit_id, key, kind, planned_minutes, took_minutes, at)
                        values (:visit, :key, :kind, :planned, :took, :at)
                        on conflict (visit_id, key) do update set took_minutes = excluded.took_minutes, at = excluded.at
                        """)
                .param("visit", visit)
                .param("key", key)
                .param("kind", kind.name())
                .param("planned", planned)
                .param("took", took)
                .param("at", now())
                .update();
    }

    /** How long every kind of task was reckoned and took, the last of each. */
    @Transactional(readOnly = true)
    public Map<Task.Kind, List<Experience.Seen>> took() {
        Map<Task.Kind, List<Experience.Seen>> all = new HashMap<>();
        sql.sql("select kind, planned_minutes, took_minutes from task_took order by at desc limit 2000")
                .query(row -> {
                    all.computeIfAbsent(Task.Kind.valueOf(row.getString("kind")), kind -> new ArrayList<>())
                            .add(new Experience.Seen(row.getDouble("planned_minutes"), row.getInt("took_minutes")));
                });
        return all;
    }

    /** What was said of one visit's tasks, by their keys. */
    @Transactional(readOnly = true)
    public Map<String, Integer> tookIn(long visit) {
        Map<String, Integer> all = new HashMap<>();
        sql.sql("select key, took_minutes from task_took where visit_id = :visit")
                .param("visit", visit)
                .query(row -> {
                    all.put(row.getString("key"), row.getInt("took_minutes"));
                });
        return all;
    }

    /** Forgets what was learned of durations. */
    public void forgetDurations() {
        sql.sql("delete from task_took").update();
    }
}
