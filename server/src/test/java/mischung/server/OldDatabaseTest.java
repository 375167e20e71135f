package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.MissingNode;

/**
 * A database as the program before the sixth migration kept it, the demonstration with a job half done and a strand looked at:
 * it opens, nothing of it is lost, and the job runs to its end and is looked back on.
 */
class OldDatabaseTest {
    @TempDir
    Path data;

    @Test
    void aJobBegunBeforeRunsToItsEnd() throws IOException, SQLException {
        unpack("/database-before-v6.db.gz");
        try (Started app = new Started(data, false, List.of("--mischung.start=2026-11-28T18:40:00Z"))) {
            JsonNode job = app.get("/api/cases/1/job").json();
            assertThat(job.path("stage").asString()).isEqualTo("RUNNING");
            assertThat(job.path("entries")).hasSize(8);
            assertThat(job.path("recheck")).hasSize(1);
            assertThat(app.get("/api/cases/1/mix")
                            .json()
                            .path("cards")
                            .path(0)
                            .path("state")
                            .asString())
                    .isEqualTo("BEGUN");
            assertThat(app.content(1).path("consultation").path("patchPlaced").asString())
                    .isEqualTo("2026-11-20T23:59");
            assertThat(app.content(1).path("consultation").path("patchRead").asString())
                    .startsWith("2026-11-23T");
            Started.Answer left = app.post(
                    "/api/cases/1/job/answer",
                    "{\"hand\":\"Ada\",\"accepted\":false,\"entry\":"
                            + job.path("recheck").path(0).path("entry").asLong() + ",\"thorough\":"
                            + !job.path("recheck").path(0).path("thinking").asBoolean() + "}");
            assertThat(left.status()).as(left.text()).isEqualTo(200);
            job = left.json();
            assertThat(toItsEnd(app, 1, job)).isGreaterThan(10);
            assertThat(widthsOfInstants())
                    .as("compared as text, so all of one width")
                    .isEqualTo("27");
            assertThat(app.newCase("Nach Der Umstellung").json().path("id").asInt())
                    .isGreaterThan(5);
        }
    }

    /**
     * Entries of form 1, before tasks were named by a value and layings were of kinds of their own: a head of foils half refreshed,
     * a look, a bowl that ran short and a second pair of hands, each said yes to. What it then showed is kept beside it.
     */
    @Test
    void aHeadOfFoilsKeptInTheFirstFormGoesOnWhereItStood() throws IOException {
        unpack("/database-form-1.db.gz");
        JsonNode then;
        try (InputStream kept =
                Objects.requireNonNull(OldDatabaseTest.class.getResourceAsStream("/database-form-1.json"))) {
            then = JsonMapper.shared().readTree(kept);
        }
        try (Started app = new Started(data, false, List.of("--mischung.start=2026-11-30T08:10:00Z"))) {
            JsonNode job = app.get("/api/cases/5/job").json();
            assertThat(job.path("entries")).hasSize(37);
            assertThat(job.path("clocks").valueStream().map(OldDatabaseTest::clock))
                    .containsExactlyElementsOf(then.path("clocks")
                            .valueStream()
                            .map(OldDatabaseTest::clock)
                            .toList());
            assertThat(job.path("tasks")
                            .valueStream()
                            .filter(task -> task.path("state").asString().equals("WAITING"))
                            .map(task -> task.path("title").asString() + " "
                                    + String.join(
                                            ",",
                                            task.path("zones")
                                                    .valueStream()
                                                    .map(zone -> zone.asString())
                                                    .toList())))
                    .containsExactlyElementsOf(then.path("waiting")
                            .valueStream()
                            .map(one -> one.asString())
                            .toList());
            assertThat(app.get("/api/cases/5/mix")
                            .json()
                            .path("cards")
                            .valueStream()
                            .map(OldDatabaseTest::card))
                    .containsExactlyElementsOf(then.path("cards")
                            .valueStream()
                            .map(one -> one.asString())
                            .toList());
            assertThat(toItsEnd(app, 5, job)).isEqualTo(48);
        }
    }

    private static String clock(JsonNode clock) {
        return clock.path("place").asString() + " " + clock.path("title").asString() + " from "
                + clock.path("since").asString() + ", "
                + clock.path("earliestMinutes").asInt() + " to "
                + clock.path("latestMinutes").asInt() + " min, laying "
                + clock.path("layings").asInt();
    }

    private static String card(JsonNode card) {
        StringBuilder all = new StringBuilder(card.path("key").asString()).append(':');
        card.path("lines")
                .forEach(line -> all.append(' ')
                        .append(line.path("code").asString())
                        .append(' ')
                        .append(line.path("plannedGrams").asDouble()));
        return all.toString();
    }

    private void unpack(String kept) throws IOException {
        try (InputStream packed = Objects.requireNonNull(OldDatabaseTest.class.getResourceAsStream(kept));
                InputStream file = new GZIPInputStream(packed)) {
            Files.copy(file, data.resolve(DataFolder.FILE));
        }
    }

    /** @return how many presses it took */
    private static int toItsEnd(Started app, int id, JsonNode begun) {
        JsonNode job = begun;
        int presses = 0;
        for (JsonNode open = open(job); !open.isMissingNode() && presses < 200; open = open(job)) {
            Started.Answer pressed = app.post(
                    "/api/cases/" + id + "/job/presses",
                    "{\"hand\":\"Ada\",\"told\":\"FINISHED\",\"key\":\""
                            + open.path("key").asString() + "\"}");
            assertThat(pressed.status()).as(pressed.text()).isEqualTo(200);
            job = pressed.json();
            presses++;
        }
        Started.Answer ended =
                app.post("/api/cases/" + id + "/job/presses", "{\"hand\":\"Ada\",\"told\":\"ENDED\",\"key\":\"\"}");
        assertThat(ended.json().path("stage").asString()).isEqualTo("ENDED");
        assertThat(app.get("/api/cases/" + id + "/look-back").json().path("bands"))
                .isNotEmpty();
        return presses;
    }

    private String widthsOfInstants() throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = file.createStatement();
                ResultSet row =
                        sql.executeQuery("select group_concat(distinct length(at)) from (select at from job_entry"
                                + " union all select at from weighing union all select changed_at from client"
                                + " union all select changed_at from visit union all select at from stock_move)")) {
            return row.getString(1);
        }
    }

    private static JsonNode open(JsonNode job) {
        for (JsonNode task : job.path("tasks")) {
            String state = task.path("state").asString();
            if (!state.equals("DONE") && !state.equals("SKIPPED")) {
                return task;
            }
        }
        return MissingNode.getInstance();
    }
}
