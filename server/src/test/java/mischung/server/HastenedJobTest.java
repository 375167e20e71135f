package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A job with a clock that runs faster: clocks come into their windows, and a look that is accepted lengthens them. */
class HastenedJobTest {
    private static final Pattern PREDICTED = Pattern.compile("Predicted (\\d+\\.\\d), seen");

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");

    @TempDir
    Path data;

    @Test
    void aMinuteIsASecond() {
        AtomicReference<Instant> real = new AtomicReference<>(NOON);
        Clock source = new Clock() {
            @Override
            public ZoneOffset getZone() {
                return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(java.time.ZoneId zone) {
                return this;
            }

            @Override
            public Instant instant() {
                return real.get();
            }
        };
        Clock clock = new HastenedClock(source, NOON, 60);
        assertThat(clock.instant()).isEqualTo(NOON);
        real.set(NOON.plusSeconds(3));
        assertThat(clock.instant()).isEqualTo(NOON.plus(Duration.ofMinutes(3)));
        assertThat(clock.withZone(ZoneOffset.UTC).instant()).isEqualTo(clock.instant());
    }

    private static JsonNode press(Started app, int id, String told, String key) {
        Started.Answer answer = app.post(
                "/api/cases/" + id + "/job/presses",
                JSON.createObjectNode()
                        .put("hand", "Ada")
                        .put("told", told)
                        .put("key", key)
                        .toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static String next(JsonNode job) {
        for (JsonNode task : job.path("tasks")) {
            if (task.path("state").asString().equals("WAITING")) {
                return task.path("key").asString();
            }
        }
        throw new AssertionError("all done");
    }

    /** Asks until it is so; the program's minutes pass in tenths of a second. */
    private static JsonNode after(Started app, int id, int minutes) {
        Instant patience = Instant.now().plus(Duration.ofSeconds(60));
        while (Instant.now().isBefore(patience)) {
            JsonNode job = app.get("/api/cases/" + id + "/job").json();
            Instant since =
                    Instant.parse(job.path("clocks").path(0).path("since").asString());
            if (Duration.between(since, Instant.parse(job.path("now").asString()))
                            .toMinutes()
                    >= minutes) {
                return job;
            }
        }
        throw new AssertionError("the clock does not run");
    }

    @Test
    void aLookThatIsAcceptedLengthensWhatRuns() {
        try (Started app = new Started(data, true, List.of("--mischung.hasten=200"))) {
            ObjectNode content = app.content(1);
            // Natural hair that shall be lighter, so that it is lifted first.
            ((ObjectNode) content.path("wish")).put("level", 8.5).put("tone", "GOLD");
            ((ObjectNode) content.path("consultation"))
                    .put("hours", 0)
                    .put("budget", 0)
                    .putArray("keeps");
            ObjectNode band = (ObjectNode)
                    content.path("zones").path(0).path("bands").path(0).deepCopy();
            band.put("fromCm", 0)
                    .put("toCm", 25)
                    .put("level", 5)
                    .put("kind", "NATURAL")
                    .put("tone", "NATURAL");
            ArrayNode zones = content.putArray("zones");
            for (String place : List.of("CROWN", "BACK")) {
                zones.addObject()
                        .put("place", place)
                        .put("read", true)
                        .putArray("bands")
                        .add(band);
            }
            assertThat(app.put(1, content).status()).isEqualTo(200);
            JsonNode job =
                    app.post("/api/cases/1/job/begin", "{\"hand\":\"Ada\"}").json();
            assertThat(job.path("stage").asString()).as("%s", job).isEqualTo("RUNNING");
            while (job.path("clocks").isEmpty()) {
                job = press(app, 1, "FINISHED", next(job));
            }
            job = after(app, 1, 12);
            JsonNode clock = job.path("clocks").path(0);
            assertThat(clock.path("title").asString()).endsWith("lifts");
            JsonNode probe = seen(app, clock, 7);
            double predicted = predicted(probe);
            double level = Math.rint(2 * (predicted - 0.9)) / 2;
            JsonNode looked = seen(app, clock, level);
            JsonNode recheck = looked.path("recheck").path(0);
            assertThat(predicted(looked)).isBetween(1.0, 12.0);
            assertThat(recheck.path("changes")).as("%s", recheck).isNotEmpty();
            Started.Answer yes = yes(app);
            assertThat(yes.status()).as(yes.text()).isEqualTo(200);
            assertThat(yes.json().path("recheck")).isEmpty();
            assertThat(yes.json().path("clocks").path(0).path("earliestMinutes").asInt())
                    .isGreaterThan(clock.path("earliestMinutes").asInt());
            assertThat(yes.json().path("entries").path(0).path("words").asString())
                    .startsWith("Planned again: ");
            Instant since = Instant.parse(clock.path("since").asString());
            assertThat(Instant.parse(
                            yes.json().path("clocks").path(0).path("since").asString()))
                    .as("the clock itself went on")
                    .isCloseTo(since, within(1, java.time.temporal.ChronoUnit.MILLIS));
        }
    }

    /** To what is proposed now; if it is thought through between asking and answering, once more. */
    private static Started.Answer yes(Started app) {
        for (int again = 0; ; again++) {
            JsonNode proposal =
                    app.get("/api/cases/1/job").json().path("recheck").path(0);
            Started.Answer answer = app.post(
                    "/api/cases/1/job/answer",
                    JSON.createObjectNode()
                            .put("hand", "Ada")
                            .put("accepted", true)
                            .put("entry", proposal.path("entry").asLong())
                            .put("thorough", !proposal.path("thinking").asBoolean())
                            .toString());
            if (answer.status() == 200 || again > 0) {
                return answer;
            }
        }
    }

    /** As it is said: "Predicted 7.4, seen 6½." */
    private static double predicted(JsonNode job) {
        String words = job.path("recheck").path(0).path("words").asString();
        Matcher said = PREDICTED.matcher(words);
        assertThat(said.find()).as(words).isTrue();
        return Double.parseDouble(said.group(1));
    }

    private static JsonNode seen(Started app, JsonNode clock, double level) {
        ObjectNode look = JSON.createObjectNode()
                .put("hand", "Ada")
                .put("clock", clock.path("key").asString())
                .put("zone", clock.path("place").asString())
                .put("level", level)
                .put("stretch", "NOT_TRIED");
        look.putArray("tone");
        look.putArray("second");
        look.putArray("measured");
        Started.Answer answer = app.post("/api/cases/1/job/seen", look.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void aScaleAtAPortThatIsNotThereIsSaidSo() {
        try (Started app = new Started(data, false, List.of("--mischung.scale=1"))) {
            Started.Answer none = app.get("/api/scale");
            assertThat(none.status()).isEqualTo(502);
            assertThat(none.field("value")).isEqualTo("absent");
            assertThat(none.field("remedy")).contains("No scale answers at port 1");
            assertThat(app.post("/api/scale/stand-in", "{\"grams\":5,\"seconds\":1,\"plugged\":true}")
                            .field("field"))
                    .isEqualTo("scale");
        }
        try (Started app = new Started(data, false, List.of("--mischung.scale=kitchen"))) {
            assertThat(app.get("/api/scale").field("remedy")).contains("--mischung.scale=PORT");
        }
    }
}
