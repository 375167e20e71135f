package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Fifty thousand clients with two cases each: the right ones are found. How fast, {@code bin/load} prints. */
class ManyClientsTest {
    private static final int CLIENTS = 50_000;
    private static final String[] FIRST = {
        "Änne", "Birte", "Caja", "Dörte", "Elin", "Frauke", "Gesa", "Hilke", "Imke", "Jule", "Kaja", "Levke", "Meike"
    };
    private static final String[] LAST = {
        "Abendroth", "Birkental", "Dornfeld", "Eschenau", "Fliedersen", "Grünwald", "Hagebutt"
    };

    private static String name(int number) {
        return FIRST[number % FIRST.length] + " " + LAST[number / FIRST.length % LAST.length] + " "
                + Integer.toString(number, 36);
    }

    private static void fill(Path folder, String content) throws SQLException {
        try (Connection sql = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("mischung.db"))) {
            sql.setAutoCommit(false);
            try (PreparedStatement client = sql.prepareStatement(
                            "insert into client (id, name, note, changed_at) values (?, ?, 'note', '2026-01-01T00:00:00.000000Z')");
                    PreparedStatement words =
                            sql.prepareStatement("insert into client_words (rowid, name, note) values (?, ?, 'note')");
                    PreparedStatement visit = sql.prepareStatement(
                            "insert into visit (version, client_id, day, start_time,"
                                    + " minutes, chair, status, wish_level, wish_tone, content_version, content, changed_at)"
                                    + " values (1, ?, ?, '09:00', 240, '', 'DONE', 6, 'NATURAL', 2, ?, '2026-01-01T00:00:00Z')")) {
                for (int i = 1; i <= CLIENTS; i++) {
                    client.setInt(1, i);
                    client.setString(2, name(i));
                    client.addBatch();
                    words.setInt(1, i);
                    words.setString(2, name(i));
                    words.addBatch();
                    for (int v = 0; v < 2; v++) {
                        visit.setInt(1, i);
                        visit.setString(
                                2, String.format(Locale.ROOT, "20%02d-%02d-%02d", 20 + v * 3, 1 + i % 12, 1 + i % 28));
                        visit.setString(3, content);
                        visit.addBatch();
                    }
                    if (i % 5000 == 0) {
                        client.executeBatch();
                        words.executeBatch();
                        visit.executeBatch();
                    }
                }
            }
            try (Statement given = sql.createStatement()) {
                given.execute("update given_number set last = (select max(id) from client) where kind = 'client'");
                given.execute("update given_number set last = (select max(id) from visit) where kind = 'visit'");
            }
            sql.commit();
        }
    }

    static Started filled(Path folder) throws SQLException {
        String content;
        try (Started empty = new Started(folder, false)) {
            JsonNode made = empty.newCase("First").json();
            content = made.path("content").toString();
            empty.delete("/api/clients/" + made.path("clientId").asLong());
        }
        fill(folder, content);
        return new Started(folder, false);
    }

    @Test
    void theRightOneOfFiftyThousandIsFoundWithAllCases(@TempDir Path folder) throws SQLException {
        try (Started app = filled(folder)) {
            assertThat(app.get("/api/clients").json().path("all").asInt()).isEqualTo(CLIENTS);
            String wanted = name(31_415);
            JsonNode found = app.get("/api/clients?words="
                            + wanted.replace(" ", "%20")
                                    .replace("ü", "u")
                                    .replace("Ä", "a")
                                    .replace("ö", "o"))
                    .json()
                    .path("clients");
            assertThat(found.findValuesAsString("name")).contains(wanted);
            JsonNode many = app.get("/api/clients?words=birte").json().path("clients");
            assertThat(many).hasSize(50);
            assertThat(many.findValuesAsString("name")).allMatch(name -> name.startsWith("Birte"));
            JsonNode one =
                    app.get("/api/clients/" + found.path(0).path("id").asLong()).json();
            assertThat(one.path("cases")).hasSize(2);
            assertThat(app.get("/api/day/2020-02-02")
                            .json()
                            .path("appointments")
                            .size())
                    .isGreaterThan(100);
        }
    }

    /** Prints what each question takes, median and worst of 200, over HTTP. */
    public static void main(String[] arguments) throws IOException, SQLException {
        Path folder = Files.createTempDirectory("mischung-load");
        try (Started app = filled(folder)) {
            for (String path : List.of(
                    "/api/clients",
                    "/api/clients?words=b",
                    "/api/clients?words=bir",
                    "/api/clients?words=birte%20dorn",
                    "/api/clients/31415",
                    "/api/cases",
                    "/api/day/2026-11-23")) {
                double[] ms = new double[200];
                for (int i = -50; i < ms.length; i++) {
                    long begun = System.nanoTime();
                    app.get(path);
                    if (i >= 0) {
                        ms[i] = (System.nanoTime() - begun) / 1e6;
                    }
                }
                Arrays.sort(ms);
                System.out.printf(Locale.ROOT, "%-36s median %6.1f ms, worst %6.1f ms%n", path, ms[100], ms[199]);
            }
        } finally {
            try (var files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    Files.delete(file);
                }
            }
            Files.delete(folder);
        }
    }
}
