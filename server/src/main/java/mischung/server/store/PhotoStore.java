package mischung.server.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Photographs, re-encoded, with their case. Every method is one transaction. */
@Repository
@Transactional
public class PhotoStore {
    public static final int MOST_OF_A_CASE = 60;

    private final JdbcClient sql;
    private final Clock clock;
    private final Numbers numbers;

    public PhotoStore(JdbcClient sql, Clock clock, Numbers numbers) {
        this.numbers = numbers;
        this.sql = sql;
        this.clock = clock;
    }

    /** @param words what it shows */
    public record Photo(long id, long visitId, String words, int width, int height, Instant takenInAt) {}

    private static Photo photo(ResultSet row, int number) throws SQLException {
        return new Photo(
                row.getLong("id"),
                row.getLong("visit_id"),
                row.getString("words"),
                row.getInt("width"),
                row.getInt("height"),
                Instant.parse(row.getString("taken_in_at")));
    }

    @Transactional(readOnly = true)
    public List<Photo> of(long visitId) {
        return sql.sql(
                        "select id, visit_id, words, width, height, taken_in_at from photo where visit_id = :visit order by id")
                .param("visit", visitId)
                .query(PhotoStore::photo)
                .list();
    }

    public Photo add(long visitId, String words, int width, int height, byte[] jpeg, byte[] small) {
        long id = numbers.next("photo");
        Instant now = clock.instant();
        sql.sql("""
                        insert into photo (id, visit_id, words, width, height, taken_in_at, jpeg, small_jpeg)
                        values (:id, :visit, :words, :width, :height, :at, :jpeg, :small)
                        """)
                .param("id", id)
                .param("visit", visitId)
                .param("words", words)
                .param("width", width)
                .param("height", height)
                .param("at", Moments.text(now))
                .param("jpeg", jpeg)
                .param("small", small)
                .update();
        return new Photo(id, visitId, words, width, height, now);
    }

    @Transactional(readOnly = true)
    public Optional<byte[]> jpeg(long id) {
        return bytes("select jpeg from photo where id = :id", id);
    }

    @Transactional(readOnly = true)
    public Optional<byte[]> small(long id) {
        return bytes("select small_jpeg from photo where id = :id", id);
    }

    private Optional<byte[]> bytes(String select, long id) {
        return sql.sql(select)
                .param("id", id)
                .query((row, n) -> row.getBytes(1))
                .optional();
    }

    /** @return whether there was such a photograph */
    public boolean erase(long id) {
        return sql.sql("delete from photo where id = :id").param("id", id).update() > 0;
    }
}
