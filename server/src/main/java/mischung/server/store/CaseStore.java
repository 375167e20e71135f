package mischung.server.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.School;
import mischung.plan.Wish;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Cases, their zones and bands. Every method is one transaction. */
@Repository
@Transactional
public class CaseStore {
    private final JdbcClient sql;
    private final Clock clock;

    public CaseStore(JdbcClient sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /** What a list of cases shows. */
    public record Summary(long id, String clientName, LocalDate date, Wish wish, Instant changedAt) {}

    /** Newest day first, at most {@code limit}. */
    @Transactional(readOnly = true)
    public List<Summary> newest(int limit) {
        return sql.sql("""
                        select id, client_name, day, wish_level, wish_tone, changed_at
                          from head_case
                         order by day desc, id desc
                         limit :limit
                        """)
                .param("limit", limit)
                .query((row, n) -> new Summary(
                        row.getLong("id"),
                        row.getString("client_name"),
                        LocalDate.parse(row.getString("day")),
                        new Wish(row.getDouble("wish_level"), Tone.valueOf(row.getString("wish_tone"))),
                        Instant.parse(row.getString("changed_at"))))
                .list();
    }

    @Transactional(readOnly = true)
    public Optional<StoredCase.Numbered> find(long id) {
        Map<Integer, ZonePlace> places = new TreeMap<>();
        Map<Integer, List<Band>> bands = new TreeMap<>();
        sql.sql("""
                        select z.position as zone, z.place, b.from_cm, b.to_cm, b.kind, b.level, b.tone, b.porosity,
                               b.grey_share
                          from zone z
                          join band b on b.case_id = z.case_id and b.zone_position = z.position
                         where z.case_id = :id
                         order by z.position, b.position
                        """).param("id", id).query(row -> {
            int zone = row.getInt("zone");
            places.put(zone, ZonePlace.valueOf(row.getString("place")));
            bands.computeIfAbsent(zone, z -> new ArrayList<>()).add(band(row));
        });
        List<Zone> zones = new ArrayList<>();
        places.forEach((position, place) -> zones.add(new Zone(place, new Strand(bands.get(position)))));
        return sql.sql("""
                        select id, version, client_name, day, start_time, density, thickness, wish_level, wish_tone, school
                          from head_case
                         where id = :id
                        """)
                .param("id", id)
                .query((row, n) -> new StoredCase.Numbered(
                        row.getLong("id"),
                        row.getLong("version"),
                        new StoredCase(
                                row.getString("client_name"),
                                LocalDate.parse(row.getString("day")),
                                LocalTime.parse(row.getString("start_time")),
                                new Head(
                                        zones,
                                        Density.valueOf(row.getString("density")),
                                        Thickness.valueOf(row.getString("thickness"))),
                                new Wish(row.getDouble("wish_level"), Tone.valueOf(row.getString("wish_tone"))),
                                School.valueOf(row.getString("school")))))
                .optional();
    }

    private static Band band(ResultSet row) throws SQLException {
        return new Band(
                row.getDouble("from_cm"),
                row.getDouble("to_cm"),
                BandKind.valueOf(row.getString("kind")),
                row.getDouble("level"),
                Tone.valueOf(row.getString("tone")),
                Porosity.valueOf(row.getString("porosity")),
                row.getDouble("grey_share"));
    }

    public StoredCase.Numbered add(StoredCase content) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        columns(sql.sql("""
                                insert into head_case (version, client_name, day, start_time, density, thickness,
                                                       wish_level, wish_tone, school, changed_at)
                                values (1, :clientName, :day, :startTime, :density, :thickness,
                                        :wishLevel, :wishTone, :school, :changedAt)
                                """), content).update(key, "id");
        Number id = key.getKey();
        if (id == null) {
            throw new IllegalStateException("The database gave no number to the new case");
        }
        addZones(id.longValue(), content.head());
        return new StoredCase.Numbered(id.longValue(), 1, content);
    }

    /**
     * Replaces a case's content, if it is still at the version named.
     *
     * @return the case at its new version; empty if it has moved on or is gone
     */
    public Optional<StoredCase.Numbered> replace(long id, long version, StoredCase content) {
        int changed = columns(sql.sql("""
                                update head_case
                                   set version = version + 1, client_name = :clientName, day = :day,
                                       start_time = :startTime, density = :density, thickness = :thickness,
                                       wish_level = :wishLevel, wish_tone = :wishTone, school = :school,
                                       changed_at = :changedAt
                                 where id = :id and version = :version
                                """), content)
                .param("id", id)
                .param("version", version)
                .update();
        if (changed == 0) {
            return Optional.empty();
        }
        sql.sql("delete from zone where case_id = :id").param("id", id).update();
        addZones(id, content.head());
        return Optional.of(new StoredCase.Numbered(id, version + 1, content));
    }

    /** @return whether there was such a case */
    public boolean erase(long id) {
        return sql.sql("delete from head_case where id = :id").param("id", id).update() > 0;
    }

    private JdbcClient.StatementSpec columns(JdbcClient.StatementSpec statement, StoredCase content) {
        return statement
                .param("clientName", content.clientName())
                .param("day", content.date().toString())
                .param("startTime", content.startTime().toString())
                .param("density", content.head().density().name())
                .param("thickness", content.head().thickness().name())
                .param("wishLevel", content.wish().level())
                .param("wishTone", content.wish().tone().name())
                .param("school", content.school().name())
                .param("changedAt", clock.instant().toString());
    }

    private void addZones(long id, Head head) {
        for (int zone = 0; zone < head.zones().size(); zone++) {
            sql.sql("insert into zone (case_id, position, place) values (:id, :zone, :place)")
                    .param("id", id)
                    .param("zone", zone)
                    .param("place", head.zones().get(zone).place().name())
                    .update();
            List<Band> bands = head.zones().get(zone).strand().bands();
            for (int position = 0; position < bands.size(); position++) {
                addBand(id, zone, position, bands.get(position));
            }
        }
    }

    private void addBand(long id, int zone, int position, Band band) {
        sql.sql("""
                        insert into band (case_id, zone_position, position, from_cm, to_cm, kind, level, tone, porosity,
                                          grey_share)
                        values (:id, :zone, :position, :fromCm, :toCm, :kind, :level, :tone, :porosity, :greyShare)
                        """)
                .param("id", id)
                .param("zone", zone)
                .param("position", position)
                .param("fromCm", band.fromCm())
                .param("toCm", band.toCm())
                .param("kind", band.kind().name())
                .param("level", band.level())
                .param("tone", band.tone().name())
                .param("porosity", band.porosity().name())
                .param("greyShare", band.greyShare())
                .update();
    }
}
