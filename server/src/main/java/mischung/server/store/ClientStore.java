package mischung.server.store;

import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.server.words.ProblemMessage;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Clients, and the words they are found by. Every method is one transaction. */
@Repository
@Transactional
public class ClientStore {
    public static final int LONGEST_NAME = 80;
    public static final int LONGEST_NOTE = 500;

    private final JdbcClient sql;
    private final Clock clock;
    private final Numbers numbers;
    private final Once once;

    public ClientStore(JdbcClient sql, Clock clock, Numbers numbers, Once once) {
        this.once = once;
        this.numbers = numbers;
        this.sql = sql;
        this.clock = clock;
    }

    /** @param photoConsent the day they agreed that photographs are kept; empty: they have not */
    public record Client(long id, long version, String name, String note, String photoConsent) {}

    /** A client in a list. */
    public record Found(long id, String name, String note, int visits, Optional<LocalDate> lastDay) {}

    /** @throws RefusedInput unless it is 1 to 80 characters on one line */
    public static String checkedName(String field, String name) {
        String kept = name.strip();
        if (kept.isEmpty()) {
            throw new RefusedInput(field, "", ProblemMessage.CLIENT_NAME);
        }
        if (kept.length() > LONGEST_NAME || !printable(kept)) {
            throw new RefusedInput(
                    field,
                    kept,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 1)
                            .count("most", LONGEST_NAME)
                            .said());
        }
        return kept;
    }

    /** @throws RefusedInput unless it is at most 500 characters on one line */
    public static String checkedNote(String note) {
        String kept = note.strip();
        if (kept.length() > LONGEST_NOTE || !printable(kept)) {
            throw new RefusedInput(
                    "note",
                    kept,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 0)
                            .count("most", LONGEST_NOTE)
                            .said());
        }
        return kept;
    }

    private static boolean printable(String text) {
        return text.chars().noneMatch(Character::isISOControl)
                && StandardCharsets.UTF_8.newEncoder().canEncode(text);
    }

    static long number(GeneratedKeyHolder key) {
        Number id = key.getKey();
        if (id == null) {
            throw new IllegalStateException("The database gave no number to what is new");
        }
        return id.longValue();
    }

    /** @return the new client's number; asked for again under the same key, that of the one that was made */
    public long add(String name, String note, String key) {
        Optional<Long> made = once.done(key).filter(number -> find(number).isPresent());
        if (made.isPresent()) {
            return made.get();
        }
        long id = numbers.next("client");
        sql.sql(
                        "insert into client (id, version, name, note, changed_at) values (:id, :version, :name, :note, :changedAt)")
                .param("id", id)
                .param("version", Numbers.version())
                .param("name", checkedName("clientName", name))
                .param("note", checkedNote(note))
                .param("changedAt", Moments.text(clock.instant()))
                .update();
        index(id, name, note);
        once.keep(key, id);
        return id;
    }

    private void index(long id, String name, String note) {
        sql.sql("insert into client_words (rowid, name, note) values (:id, :name, :note)")
                .param("id", id)
                .param("name", name)
                .param("note", note)
                .update();
    }

    private void unindex(long id) {
        sql.sql("delete from client_words where rowid = :id").param("id", id).update();
    }

    /**
     * Another name or note. The name stands in the client's cases too, so that each of them is another version by it.
     *
     * @return whether the client is there, and still at the version named
     */
    public boolean change(long id, long version, String name, String note) {
        Optional<Client> before = find(id).filter(known -> known.version() == version);
        if (before.isEmpty()) {
            return false;
        }
        change(id, name, note);
        if (!before.get().name().equals(name.strip())) {
            sql.sql("update visit set version = abs(version + :by) % 4503599627370496 where client_id = :id")
                    .param("by", Numbers.version())
                    .param("id", id)
                    .update();
        }
        return true;
    }

    private void change(long id, String name, String note) {
        sql.sql("update client set version = :version, name = :name, note = :note, changed_at = :at where id = :id")
                .param("version", Numbers.version())
                .param("name", checkedName("name", name))
                .param("note", checkedNote(note))
                .param("at", Moments.text(clock.instant()))
                .param("id", id)
                .update();
        unindex(id);
        index(id, name, note);
    }

    void rename(long id, String name) {
        find(id).filter(known -> !known.name().equals(name)).ifPresent(known -> change(id, name, known.note()));
    }

    @Transactional(readOnly = true)
    public Optional<Client> find(long id) {
        return sql.sql("select id, version, name, note, photo_consent from client where id = :id")
                .param("id", id)
                .query((row, n) -> new Client(
                        row.getLong("id"),
                        row.getLong("version"),
                        row.getString("name"),
                        row.getString("note"),
                        row.getString("photo_consent")))
                .optional();
    }

    /**
     * Clients whose name or note has words beginning with every word asked for, the newest; without a word
     * the last ones of all.
     */
    @Transactional(readOnly = true)
    public List<Found> search(String words, int limit) {
        String asked = Arrays.stream(words.strip().split("[^\\p{L}\\p{N}]+", -1))
                .filter(word -> !word.isEmpty())
                .limit(8)
                .map(word -> "\"" + word + "\"*")
                .collect(Collectors.joining(" "));
        String which =
                asked.isEmpty() ? "" : "where c.id in (select rowid from client_words where client_words match :asked)";
        JdbcClient.StatementSpec statement = sql.sql("""
                        select c.id, c.name, c.note,
                               (select count(*) from visit v where v.client_id = c.id) as visits,
                               (select max(v.day) from visit v where v.client_id = c.id) as last_day
                          from (select c.id, c.name, c.note from client c
                        """ + which + """
                                 order by c.id desc limit :limit) c
                         order by last_day desc nulls last, c.id desc
                        """).param("limit", limit);
        return (asked.isEmpty() ? statement : statement.param("asked", asked))
                .query(ClientStore::found)
                .list();
    }

    /** Numbers of all. */
    @Transactional(readOnly = true)
    public List<Long> ids() {
        return sql.sql("select id from client order by id").query(Long.class).list();
    }

    /** Names and notes of all. */
    @Transactional(readOnly = true)
    public List<Facts> facts() {
        return sql.sql("select name, note from client order by id")
                .query((row, number) -> new Facts(row.getString("name"), row.getString("note")))
                .list();
    }

    /** Names of all, in small letters. */
    @Transactional(readOnly = true)
    public List<String> names() {
        return sql.sql("select name from client").query(String.class).list().stream()
                .map(name -> name.toLowerCase(Locale.ROOT))
                .toList();
    }

    /** A name and a note. */
    public record Facts(String name, String note) {}

    /** All of them, or none. */
    public void addAll(List<Facts> all) {
        all.forEach(one -> add(one.name, one.note, ""));
    }

    /** @param day they agreed; empty: they do not, or no longer. @return whether there is such a client */
    public boolean photoConsent(long id, String day) {
        return sql.sql("update client set photo_consent = :day, version = :version where id = :id")
                        .param("day", day)
                        .param("version", Numbers.version())
                        .param("id", id)
                        .update()
                == 1;
    }

    /** Clients whose last visit, or who without one were changed last, before that day; the longest ago first. */
    @Transactional(readOnly = true)
    public List<Found> unseenSince(LocalDate day, int limit) {
        return sql.sql("""
                        select c.id, c.name, c.note, count(v.id) as visits, max(v.day) as last_day
                          from client c left join visit v on v.client_id = c.id
                         group by c.id
                        having coalesce(max(v.day), substr(c.changed_at, 1, 10)) < :day
                         order by coalesce(max(v.day), substr(c.changed_at, 1, 10)), c.id limit :limit
                        """)
                .param("day", day.toString())
                .param("limit", limit)
                .query(ClientStore::found)
                .list();
    }

    private static Found found(ResultSet row, int number) throws SQLException {
        return new Found(
                row.getLong("id"),
                row.getString("name"),
                row.getString("note"),
                row.getInt("visits"),
                Optional.ofNullable(row.getString("last_day")).map(LocalDate::parse));
    }

    /** How many there are. */
    @Transactional(readOnly = true)
    public long count() {
        return sql.sql("select count(*) from client").query(Long.class).single();
    }

    /** With all cases and photographs. @return whether there was such a client */
    public boolean erase(long id) {
        unindex(id);
        return sql.sql("delete from client where id = :id").param("id", id).update() > 0;
    }
}
