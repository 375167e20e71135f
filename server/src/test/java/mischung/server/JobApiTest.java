package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.Iterator;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The job at the chair through the application. */
class JobApiTest extends OnDemoData {
    private static String path(int id) {
        return "/api/cases/" + id + "/job";
    }

    private static JsonNode begin(int id) {
        Started.Answer answer = app.post(path(id) + "/begin", "{\"hand\":\"Ada\"}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static Started.Answer press(int id, String told, String key) {
        return app.post(
                path(id) + "/presses",
                JSON.createObjectNode()
                        .put("hand", "Ada")
                        .put("told", told)
                        .put("key", key)
                        .toString());
    }

    private static JsonNode firstOpen(JsonNode job) {
        for (JsonNode task : job.path("tasks")) {
            if (!task.path("state").asString().equals("DONE")) {
                return task;
            }
        }
        throw new AssertionError("all done");
    }

    @Test
    void aJobIsBegunWorkedAndEnded() {
        int id = copyOfTheFirst();
        assertThat(app.get(path(id)).json().path("stage").asString()).isEqualTo("NOT_BEGUN");
        assertThat(press(id, "PAUSED", "").field("remedy")).contains("has not begun");
        JsonNode job = begin(id);
        assertThat(job.path("stage").asString()).isEqualTo("RUNNING");
        assertThat(app.post(path(id) + "/begin", "{\"hand\":\"Ada\"}").status()).isEqualTo(422);
        int laid = 0;
        while (laid < 2) {
            JsonNode task = firstOpen(job);
            laid += task.path("kind").asString().equals("APPLY") ? 1 : 0;
            job = press(id, "FINISHED", task.path("key").asString()).json();
        }
        assertThat(job.path("clocks").size()).isGreaterThanOrEqualTo(1);
        JsonNode clock = job.path("clocks").path(0);
        assertThat(clock.path("phase").asString()).isEqualTo("TOO_EARLY");
        JsonNode hair = app.get(path(id) + "/hair").json();
        assertThat(hair.findValuesAsString("key"))
                .containsExactlyInAnyOrderElementsOf(job.path("clocks").findValuesAsString("key"));
        JsonNode course = hair.path(0).path("course");
        assertThat(course.path(0).path("minutes").asInt()).isZero();
        assertThat(course.path(course.size() - 1).path("minutes").asInt())
                .isEqualTo(clock.path("latestMinutes").asInt());
        // A filler takes: the hair under it gets darker.
        assertThat(course.path(course.size() - 1).path("look").path("level").asDouble())
                .isLessThan(course.path(0).path("look").path("level").asDouble());
        assertThat(press(id, "PAUSED", "").json().path("stage").asString()).isEqualTo("RESTING");
        assertThat(press(id, "RESUMED", "").json().path("stage").asString()).isEqualTo("RUNNING");
        assertThat(press(id, "RINSED_NOW", clock.path("key").asString())
                        .json()
                        .path("clocks")
                        .size())
                .isEqualTo(job.path("clocks").size() - 1);
        String words = "Ä <script>alert(1)</script> 🙂";
        JsonNode said = app.post(
                        path(id) + "/said",
                        JSON.createObjectNode()
                                .put("hand", "Bo")
                                .put("words", words)
                                .toString())
                .json();
        assertThat(said.path("entries").path(0).path("words").asString()).isEqualTo(words);
        long number = said.path("entries").path(0).path("number").asLong();
        JsonNode back = app.post(
                        path(id) + "/taken-back",
                        JSON.createObjectNode()
                                .put("hand", "Bo")
                                .put("entry", number)
                                .toString())
                .json();
        assertThat(back.path("entries").path(1).path("words").asString()).endsWith("(taken back)");
        assertThat(visit(id)).isEqualTo("RUNNING");
        JsonNode ended = press(id, "ENDED", "").json();
        assertThat(ended.path("stage").asString()).isEqualTo("ENDED");
        assertThat(press(id, "PAUSED", "").status()).isEqualTo(422);
        assertThat(visit(id)).isEqualTo("DONE");
        long last = ended.path("entries").path(0).path("number").asLong();
        app.post(
                path(id) + "/taken-back",
                JSON.createObjectNode().put("hand", "Bo").put("entry", last).toString());
        assertThat(visit(id)).as("the end is taken back").isEqualTo("RUNNING");
    }

    private String visit(long id) {
        return app.get("/api/cases/" + id).json().path("content").path("status").asString();
    }

    @ParameterizedTest
    @CsvSource({"STARTED, nothing", "FINISHED, ''", "LAID_FRESH, nothing", "RESUMED, ''"})
    void whatMakesNoSenseIsRefusedAndNotKept(String told, String key) {
        int id = copyOfTheFirst();
        begin(id);
        assertThat(press(id, told, key).status()).isEqualTo(422);
        assertThat(app.get(path(id)).json().path("entries")).hasSize(1);
    }

    @Test
    void blockedWorkDoesNotBegin() {
        Started.Answer answer = app.post(path(5) + "/begin", "{\"hand\":\"Ada\"}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field("title")).isEqualTo("This work is blocked");
        assertThat(app.get(path(5)).json().path("entries")).isEmpty();
    }

    private static Started.Answer answer(int id, boolean accepted, long entry) {
        return app.post(
                path(id) + "/answer",
                JSON.createObjectNode()
                        .put("hand", "")
                        .put("accepted", accepted)
                        .put("entry", entry)
                        .put("thorough", true)
                        .toString());
    }

    /** Other bowls are thought of beside; that it is done is seen by asking again. */
    private static void awaitThought(int id) {
        Instant end = Instant.now().plusSeconds(20);
        while (app.get(path(id)).json().path("recheck").path(0).path("thinking").asBoolean()
                && Instant.now().isBefore(end)) {
            LockSupport.parkNanos(20_000_000);
        }
    }

    /** A look is kept, and waits for a yes or no. */
    @Test
    void aLookIsKept() {
        int id = copyOfTheFirst();
        JsonNode job = begin(id);
        while (job.path("clocks").isEmpty()) {
            job = press(id, "FINISHED", firstOpen(job).path("key").asString()).json();
        }
        JsonNode clock = job.path("clocks").path(0);
        ObjectNode seen = JSON.createObjectNode()
                .put("hand", "Ada")
                .put("clock", clock.path("key").asString())
                .put("zone", clock.path("place").asString())
                .put("level", 8.5)
                .put("stretch", "SPRINGS_BACK");
        seen.putArray("tone").add("GOLD");
        seen.putArray("second").addObject().put("tone", "BEIGE").put("share", 0.3);
        seen.putArray("measured");
        Started.Answer answer = app.post(path(id) + "/seen", seen.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.json().path("recheck").path(0).path("words").asString())
                .contains("found 8½ ", "apart");
        assertThat(answer.json().path("entries").path(0).path("words").asString())
                .contains("level 8½ gold with some beige, springs back");
        assertThat(app.post(path(id) + "/seen", seen.put("level", 8.3).toString())
                        .field("field"))
                .isEqualTo("level");
        assertThat(answer(id, false, 999).field("remedy")).contains("changed meanwhile");
        long entry = answer.json().path("recheck").path(0).path("entry").asLong();
        awaitThought(id);
        assertThat(answer(id, false, entry).json().path("recheck")).isEmpty();
        assertThat(answer(id, true, entry).status()).isEqualTo(422);
    }

    /** Another screen hears of every press. */
    @Test
    void everyScreenHearsOfIt() throws Exception {
        int id = copyOfTheFirst();
        JsonNode job = begin(id);
        HttpRequest request = HttpRequest.newBuilder(URI.create(app.address() + path(id) + "/live"))
                .timeout(Duration.ofSeconds(30))
                .build();
        HttpResponse<Stream<String>> live =
                HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofLines());
        assertThat(live.headers().firstValue("Content-Type").orElse("")).startsWith("text/event-stream");
        try (Stream<String> lines = live.body()) {
            Iterator<String> heard =
                    lines.filter(line -> line.startsWith("data:")).iterator();
            assertThat(heard.next()).isEqualTo("data:here");
            press(id, "FINISHED", firstOpen(job).path("key").asString());
            assertThat(heard.next()).isEqualTo("data:changed");
        }
    }

    /** What happened cannot be changed, not even past the program. */
    @Test
    void theLogIsAppendOnly() throws SQLException {
        int id = copyOfTheFirst();
        begin(id);
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("mischung.db"));
                Statement sql = file.createStatement()) {
            Assertions.assertThatThrownBy(
                            () -> sql.executeUpdate("update job_entry set hand = 'nobody' where visit_id = " + id))
                    .hasMessageContaining("what happened is not changed");
        }
    }
}
