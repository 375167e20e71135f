package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
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
        try (Started app = new Started(data, true)) {
            app.post(
                    "/api/cases/1/mix/weighings",
                    "{\"key\":\"1/A/1\",\"line\":0,\"grams\":7.5,\"source\":\"HAND\",\"hand\":\"\"}");
            before = grams(app);
            assertThat(before).isEqualTo(146.5);
        }
        try (Started app = new Started(data, true)) {
            assertThat(grams(app)).isEqualTo(before);
            assertThat(app.get("/api/shelf").json().path("ranges")).hasSize(1);
            JsonNode card = app.get("/api/cases/1/mix").json().path("cards").path(0);
            assertThat(card.path("lines").path(0).path("pouredGrams").asDouble())
                    .isEqualTo(7.5);
        }
    }

    /** What is in a bowl already is not bought again. */
    @Test
    void aBegunBowlNeedsNothingMore() {
        try (Started app = new Started(data, true)) {
            double before = needed(app);
            JsonNode card = app.get("/api/cases/1/mix").json().path("cards").path(0);
            double developer = card.path("lines").path(3).path("plannedGrams").asDouble();
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

    private static double grams(Started app) {
        for (JsonNode product : app.get("/api/shelf").json().path("products")) {
            if (product.path("code").asString().equals("demi-gold-9")) {
                return product.path("grams").asDouble();
            }
        }
        throw new AssertionError("no such product");
    }
}
