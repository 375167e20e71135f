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
        try (InputStream kept =
                        Objects.requireNonNull(OldDatabaseTest.class.getResourceAsStream("/database-before-v6.db.gz"));
                InputStream file = new GZIPInputStream(kept)) {
            Files.copy(file, data.resolve(DataFolder.FILE));
        }
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
            int presses = 0;
            for (JsonNode open = open(job); !open.isMissingNode() && presses < 100; open = open(job)) {
                Started.Answer pressed = app.post(
                        "/api/cases/1/job/presses",
                        "{\"hand\":\"Ada\",\"told\":\"FINISHED\",\"key\":\""
                                + open.path("key").asString() + "\"}");
                assertThat(pressed.status()).as(pressed.text()).isEqualTo(200);
                job = pressed.json();
                presses++;
            }
            assertThat(presses).isGreaterThan(10);
            Started.Answer ended =
                    app.post("/api/cases/1/job/presses", "{\"hand\":\"Ada\",\"told\":\"ENDED\",\"key\":\"\"}");
            assertThat(ended.json().path("stage").asString()).isEqualTo("ENDED");
            assertThat(app.get("/api/cases/1/look-back").json().path("bands")).isNotEmpty();
            assertThat(widthsOfInstants())
                    .as("compared as text, so all of one width")
                    .isEqualTo("27");
            assertThat(app.newCase("Nach Der Umstellung").json().path("id").asInt())
                    .isGreaterThan(5);
        }
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
