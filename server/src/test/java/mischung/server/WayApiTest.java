package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is next for a visit, through the application, as each thing is done. */
class WayApiTest extends OnDemoData {
    private static JsonNode way(int id) {
        Started.Answer answer = app.get("/api/cases/" + id + "/way");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static void change(int id, Consumer<ObjectNode> change) {
        ObjectNode content = app.content(id);
        change.accept(content);
        Started.Answer answer = app.put(id, content);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    private static String state(JsonNode way, String step) {
        for (JsonNode one : way.path("steps")) {
            if (one.path("step").asString().equals(step)) {
                return one.path("state").asString();
            }
        }
        throw new AssertionError(step);
    }

    private static ObjectNode consultation(ObjectNode content) {
        return (ObjectNode) content.path("consultation");
    }

    @Test
    void everyAnswerOfTheLineFollowsFromWhatWasDone() {
        int id = app.newCase("Ronja Weber").json().path("id").asInt();
        JsonNode fresh = way(id);
        assertThat(fresh.path("next").asString()).isEqualTo("ASK");
        assertThat(fresh.path("at").asString()).isEqualTo("CONSULT");
        assertThat(fresh.path("count").asInt()).isEqualTo(8);
        assertThat(fresh.path("steps")).hasSize(10);
        assertThat(state(fresh, "DECIDE")).isEqualTo("WAITING");

        change(id, content -> {
            ObjectNode told = consultation(content);
            for (String question :
                    new String[] {"earlierReaction", "blackTattoo", "asthma", "medication", "pregnant", "underAge"}) {
                told.put(question, "NO");
            }
            told.put("scalp", "WHOLE").put("homeColour", "NONE");
        });
        assertThat(way(id).path("next").asString()).isEqualTo("READ");
        assertThat(state(way(id), "CONSULT")).isEqualTo("DONE");

        assertThat(way(id).path("count").asInt()).as("zones not read").isEqualTo(5);
        // How long hair is does not tell how it looks.
        change(
                id,
                content -> content.path("zones")
                        .forEach(zone -> ((ObjectNode) zone.path("bands").path(0)).put("toCm", 34)));
        assertThat(way(id).path("count").asInt()).isEqualTo(5);
        change(id, content -> ((ObjectNode) content.path("zones").path(2)).put("read", true));
        assertThat(way(id).path("count").asInt()).as("confirmed as it stands").isEqualTo(4);
        assertThat(way(id).path("next").asString()).isEqualTo("READ");
        change(
                id,
                content -> content.path("zones")
                        .forEach(zone -> ((ObjectNode) zone.path("bands").path(0)).put("level", 4)));
        assertThat(way(id).path("next").asString()).isEqualTo("CHOOSE");
        assertThat(app.get("/api/cases/" + id).json().path("content").path("zones"))
                .as("whoever changes a reading has read")
                .allSatisfy(zone -> assertThat(zone.path("read").asBoolean()).isTrue());
        assertThat(state(way(id), "READ")).isEqualTo("DONE");

        change(id, content -> content.put("route", "by-your-schools"));
        JsonNode chosen = way(id);
        // No patch test was laid.
        assertThat(chosen.path("next").asString()).isEqualTo("SETTLE");
        assertThat(chosen.path("count").asInt()).isPositive();
        assertThat(state(chosen, "CONSULT")).isEqualTo("BLOCKED");
        assertThat(state(chosen, "CHAIR")).isEqualTo("BLOCKED");

        change(
                id,
                content -> consultation(content)
                        .put("patchPlaced", "2026-11-20T08:00")
                        .put("patchRead", "2026-11-22T09:00")
                        .put("patchResult", "CLEAR"));
        assertThat(way(id).path("next").asString()).isEqualTo("BEGIN");
        assertThat(state(way(id), "CHAIR")).isEqualTo("OPEN");

        change(id, content -> content.put("date", "2026-12-05"));
        assertThat(way(id).path("next").asString()).isEqualTo("WAIT");
        assertThat(way(id).path("day").asString()).isEqualTo("2026-12-05");
        change(id, content -> content.put("date", "2026-11-23"));

        String path = "/api/cases/" + id;
        done(path + "/job/begin", "{\"hand\":\"Ada\"}");
        assertThat(way(id).path("next").asString()).isEqualTo("WORK");
        done(path + "/job/presses", "{\"hand\":\"Ada\",\"told\":\"ENDED\",\"key\":\"\"}");
        assertThat(way(id).path("next").asString()).isEqualTo("READ_RESULT");
        JsonNode band = app.get(path + "/look-back").json().path("bands").path(0);
        done(
                path + "/look-back/found",
                "{\"hand\":\"Ada\",\"zone\":\"" + band.path("zone").asString() + "\",\"band\":"
                        + band.path("band").asInt()
                        + ",\"level\":6,\"tone\":\"NATURAL\",\"second\":[],\"measured\":[],\"stretch\":\"NOT_TRIED\"}");
        assertThat(way(id).path("next").asString()).isEqualTo("NOTE_LESSONS");
        done(
                path + "/look-back/judged",
                "{\"hand\":\"Ada\",\"worked\":\"the order\",\"alsoWorked\":\"\",\"change\":\"\"}");
        assertThat(way(id).path("next").asString()).isEqualTo("NOTHING");
        assertThat(state(way(id), "LOOK_BACK")).isEqualTo("DONE");
        assertThat(app.get("/api/cases/9999/way").status()).isEqualTo(404);
    }

    @Test
    void inFilesOfBeforeOnlyAHeadAsItBeginsIsUnread() {
        int id = app.newCase("Tilda Marwitz").json().path("id").asInt();
        ObjectNode fresh = (ObjectNode) app.get("/api/cases/" + id + "/file").json();
        assertThat(way(imported(fresh)).path("count").asInt()).isEqualTo(8);
        ObjectNode former = ofTenth(fresh);
        assertThat(unread(imported(former))).isEqualTo(5);
        ((ObjectNode) former.path("content").path("zones").path(1).path("bands").path(0)).put("level", 5);
        assertThat(unread(imported(former))).isZero();
    }

    /** What is said of one zone is said of that one alone. */
    @Test
    void aZoneThatIsAddedUnreadStaysUnread() {
        int id = app.newCase("Marthe Kiesel").json().path("id").asInt();
        change(id, content -> content.path("zones").forEach(zone -> ((ObjectNode) zone).put("read", true)));
        change(id, content -> {
            ObjectNode added = ((ObjectNode) content.path("zones").path(0)).deepCopy();
            content.withArray("zones").add(added.put("place", "HAIRLINE").put("read", false));
        });
        assertThat(unread(id)).isEqualTo(1);
        change(id, content -> content.put("chair", "Window"));
        assertThat(unread(id)).as("nothing was said of hair").isEqualTo(1);
    }

    private static ObjectNode ofTenth(ObjectNode file) {
        ObjectNode former = file.deepCopy().put("formatVersion", 10);
        former.path("content").path("zones").forEach(zone -> ((ObjectNode) zone).remove("read"));
        return former;
    }

    private static int imported(ObjectNode file) {
        Started.Answer answer = app.post("/api/cases/file", file.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.json().path("id").asInt();
    }

    private static long unread(int id) {
        return app.get("/api/cases/" + id)
                .json()
                .path("content")
                .path("zones")
                .valueStream()
                .filter(zone -> !zone.path("read").asBoolean())
                .count();
    }

    private static void done(String path, String body) {
        Started.Answer answer = app.post(path, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }
}
