package mischung.server.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** People, devices, and who works at which of them. Every method is one transaction; secrets stand here only as digests. */
@Repository
@Transactional
public class AccessStore {
    private final JdbcClient sql;
    private final Clock clock;

    public AccessStore(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /**
     * What is switched on.
     *
     * @param people whether people say who they are
     * @param network whether the house's network is let in
     */
    public record Switches(boolean people, boolean network) {}

    /**
     * @param pin its digest
     * @param language what is spoken to them; empty: as to everybody here
     */
    public record Person(long id, String name, String role, String pin, String language) {}

    private static Person person(ResultSet row, int number) throws SQLException {
        return new Person(
                row.getLong("id"),
                row.getString("name"),
                row.getString("role"),
                row.getString("pin"),
                row.getString("language"));
    }

    /** @param seenAt when it asked for something last, to the minute */
    public record Device(long id, String name, String pairedAt, String seenAt) {}

    @Transactional(readOnly = true)
    public Switches switches() {
        return sql.sql("select people, network from access")
                .query((row, n) -> new Switches(row.getBoolean("people"), row.getBoolean("network")))
                .single();
    }

    public void people(boolean on) {
        sql.sql("update access set people = :on").param("on", on).update();
        if (!on) {
            sql.sql("delete from sitting").update();
        }
    }

    public void network(boolean on) {
        sql.sql("update access set network = :on").param("on", on).update();
    }

    /** Who works here, by name. */
    @Transactional(readOnly = true)
    public List<Person> people() {
        return sql.sql("select id, name, role, pin, language from person where left_at is null order by name, id")
                .query(AccessStore::person)
                .list();
    }

    public long add(String name, String role, String pin, String language) {
        return sql.sql(
                        "insert into person (name, role, pin, language) values (:name, :role, :pin, :language) returning id")
                .param("name", name)
                .param("role", role)
                .param("pin", pin)
                .param("language", language)
                .query(Long.class)
                .single();
    }

    /** @param pin its digest; null: it stays */
    public void change(long id, String name, String role, @Nullable String pin, String language) {
        sql.sql("update person set name = :name, role = :role, pin = coalesce(:pin, pin), language = :language"
                        + " where id = :id")
                .param("name", name)
                .param("role", role)
                .param("pin", pin)
                .param("language", language)
                .param("id", id)
                .update();
        if (pin != null) {
            sql.sql("delete from sitting where person_id = :id").param("id", id).update();
        }
    }

    /** Works here no longer; the name stays with what was done. */
    public void left(long id) {
        sql.sql("update person set left_at = :now where id = :id")
                .param("now", now())
                .param("id", id)
                .update();
        sql.sql("delete from sitting where person_id = :id").param("id", id).update();
    }

    /** Devices that may be worked with, by name. */
    @Transactional(readOnly = true)
    public List<Device> devices() {
        return sql.sql("select id, name, paired_at, seen_at from device where removed_at is null order by name, id")
                .query((row, n) -> new Device(
                        row.getLong("id"), row.getString("name"), row.getString("paired_at"), row.getString("seen_at")))
                .list();
    }

    /** @param token its digest */
    @Transactional(readOnly = true)
    public Optional<Device> device(String token) {
        return sql.sql("select id, name, paired_at, seen_at from device"
                        + " where token = :token and removed_at is null")
                .param("token", token)
                .query((row, n) -> new Device(
                        row.getLong("id"), row.getString("name"), row.getString("paired_at"), row.getString("seen_at")))
                .optional();
    }

    /** @param token its digest */
    public long pair(String name, String token) {
        return sql.sql("insert into device (name, token, paired_at, seen_at) values (:name, :token, :now, :now)"
                        + " returning id")
                .param("name", name)
                .param("token", token)
                .param("now", now())
                .query(Long.class)
                .single();
    }

    public void seen(long device) {
        sql.sql("update device set seen_at = :now where id = :id")
                .param("now", now())
                .param("id", device)
                .update();
    }

    public boolean rename(long device, String name) {
        return sql.sql("update device set name = :name where id = :id and removed_at is null")
                        .param("name", name)
                        .param("id", device)
                        .update()
                == 1;
    }

    /** It may be worked with no longer, and whoever sat there sits there no more. */
    public boolean remove(long device) {
        sql.sql("delete from sitting where device_id = :id").param("id", device).update();
        return sql.sql("update device set removed_at = :now where id = :id and removed_at is null")
                        .param("now", now())
                        .param("id", device)
                        .update()
                == 1;
    }

    /** @param token its digest */
    public void sit(String token, long person, long device) {
        sql.sql("insert into sitting (token, person_id, device_id, since) values (:token, :person, :device, :now)")
                .param("token", token)
                .param("person", person)
                .param("device", device)
                .param("now", now())
                .update();
    }

    /** @param token its digest */
    public void leave(String token) {
        sql.sql("delete from sitting where token = :token")
                .param("token", token)
                .update();
    }

    /** Who sits there: a sitting taken along to another device counts nothing. */
    @Transactional(readOnly = true)
    public Optional<Person> sits(String token, long device) {
        return sql.sql("""
                        select p.id, p.name, p.role, p.pin, p.language from sitting s join person p on p.id = s.person_id
                         where s.token = :token and s.device_id = :device and p.left_at is null
                        """)
                .param("token", token)
                .param("device", device)
                .query(AccessStore::person)
                .optional();
    }

    private String now() {
        return Moments.text(clock.instant());
    }
}
