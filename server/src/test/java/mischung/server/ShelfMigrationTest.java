package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A database from before there was a shelf opens, with what was listed by hand on it. */
class ShelfMigrationTest {
    @TempDir
    Path data;

    @Test
    void whatWasListedByHandIsOnTheShelf() throws SQLException {
        String url = "jdbc:sqlite:" + data.resolve("mischung.db");
        Flyway.configure()
                .dataSource(url, null, null)
                .locations("classpath:db/migration")
                .target("2")
                .load()
                .migrate();
        try (Connection before = DriverManager.getConnection(url);
                Statement sql = before.createStatement()) {
            sql.executeUpdate("insert into stock (name, grams, low_grams) values ('Silver mask', 180, 60),"
                    + " ('Old foam', 0, 20), ('Barrel', 900000, 5)");
        }
        try (Started app = new Started(data, false)) {
            JsonNode shelf = app.get("/api/shelf").json();
            assertThat(shelf.path("ranges").findValuesAsString("name")).containsExactly("Listed by hand");
            assertThat(shelf.path("products").findValuesAsString("name"))
                    .containsExactlyInAnyOrder("Silver mask", "Old foam", "Barrel");
            for (JsonNode product : shelf.path("products")) {
                assertThat(product.path("counted").asBoolean()).isTrue();
                switch (product.path("name").asString()) {
                    case "Silver mask" -> {
                        assertThat(product.path("grams").asDouble()).isEqualTo(180);
                        assertThat(product.path("low").asBoolean()).isFalse();
                    }
                    case "Old foam" ->
                        assertThat(product.path("low").asBoolean()).isTrue();
                    default -> assertThat(product.path("grams").asDouble()).isEqualTo(20_000);
                }
            }
        }
    }

    /** What was weighed is there after the program was started again; and the shelf is filled but once. */
    @Test
    void aShelfSurvivesARestart() {
        double before;
        String code;
        try (Started app = new Started(data, true)) {
            code = lines(app).path(0).path("code").asString();
            double full = grams(app, code);
            app.post(
                    "/api/cases/1/mix/weighings",
                    "{\"key\":\"1/A/1\",\"line\":0,\"grams\":7.5,\"source\":\"HAND\",\"hand\":\"\"}");
            before = grams(app, code);
            assertThat(before).isEqualTo(full - 7.5);
        }
        try (Started app = new Started(data, true)) {
            assertThat(grams(app, code)).isEqualTo(before);
            assertThat(app.get("/api/shelf").json().path("ranges")).hasSize(1);
            assertThat(lines(app).path(0).path("pouredGrams").asDouble()).isEqualTo(7.5);
        }
    }

    /** Shades kept by a program that knew no violet dye are derived again from their words, stock and all else stay. */
    @Test
    void shadesOfAnOlderModelAreDerivedAgain() throws SQLException {
        String dyes;
        try (Started app = new Started(data, true)) {
            assertThat(app.get("/api/shelf").status()).isEqualTo(200);
            dyes = dyes();
            assertThat(dyes).doesNotContain("null");
        }
        try (Connection before = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = before.createStatement()) {
            sql.executeUpdate(
                    "update product set violet = null, yellow = 9, misfit = 99 where shade_class is not null");
        }
        try (Started app = new Started(data, true)) {
            assertThat(app.get("/api/shelf").status()).isEqualTo(200);
            assertThat(dyes()).isEqualTo(dyes);
        }
    }

    private String dyes() throws SQLException {
        StringBuilder all = new StringBuilder();
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = file.createStatement();
                ResultSet rows = sql.executeQuery(
                        "select code, yellow, red, violet, blue, misfit, packs from product where shade_class is not null"
                                + " order by id")) {
            while (rows.next()) {
                for (int column = 1; column <= 7; column++) {
                    all.append(rows.getString(column)).append(' ');
                }
            }
        }
        return all.toString();
    }

    /** What is in a bowl already is not bought again. */
    @Test
    void aBegunBowlNeedsNothingMore() {
        try (Started app = new Started(data, true)) {
            double before = needed(app);
            double developer = 0;
            for (JsonNode line : lines(app)) {
                developer += line.path("code").asString().equals("developer-10")
                        ? line.path("plannedGrams").asDouble()
                        : 0;
            }
            assertThat(developer).isPositive();
            app.post(
                    "/api/cases/1/mix/weighings",
                    "{\"key\":\"1/A/1\",\"line\":0,\"grams\":7.5,\"source\":\"HAND\",\"hand\":\"\"}");
            assertThat(needed(app)).isEqualTo(before - developer);
        }
    }

    private static double needed(Started app) {
        for (JsonNode line :
                app.get("/api/shelf/shopping?from=2026-11-23&days=1").json().path("lines")) {
            if (line.path("code").asString().equals("developer-10")) {
                return line.path("neededGrams").asDouble();
            }
        }
        throw new AssertionError("10 vol is low in the demonstration");
    }

    private static JsonNode lines(Started app) {
        return app.get("/api/cases/1/mix").json().path("cards").path(0).path("lines");
    }

    private static double grams(Started app, String code) {
        for (JsonNode product : app.get("/api/shelf").json().path("products")) {
            if (product.path("code").asString().equals(code)) {
                return product.path("grams").asDouble();
            }
        }
        throw new AssertionError("no such product");
    }
}
