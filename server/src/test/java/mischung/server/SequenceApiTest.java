package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The order of work through the application: batches, moved tasks that stay moved, the house's own figures. */
class SequenceApiTest extends OnDemoData {
    private static JsonNode sequence(int id) {
        return app.get("/api/cases/" + id + "/plan/sequence").json();
    }

    /** Small batches add up to their bowl, gram by gram, and Mix weighs just what Order says. */
    @Test
    void batchesSumToTheirBowlAndAreWeighedSo() {
        for (int id = 1; id <= 5; id++) {
            Map<String, Double> colour = new HashMap<>();
            Map<String, Double> developer = new HashMap<>();
            Set<String> rounded = new HashSet<>();
            JsonNode cards = app.get("/api/cases/" + id + "/mix").json().path("cards");
            for (JsonNode batch : sequence(id).path("batches")) {
                String bowl = batch.path("bowl").asString();
                double grams = batch.path("colourGrams").asDouble();
                double fluid = batch.path("developerGrams").asDouble();
                colour.merge(bowl, grams, Double::sum);
                developer.merge(bowl, fluid, Double::sum);
                assertThat(grams + fluid).as("enough to be weighed").isGreaterThanOrEqualTo(11);
                if (grams + fluid <= 13) {
                    rounded.add(bowl);
                }
                String key = batch.path("visit").asInt() + "/" + bowl + "/"
                        + batch.path("number").asInt();
                assertThat(cards).anySatisfy(card -> {
                    assertThat(card.path("key").asString()).isEqualTo(key);
                    assertThat(card.path("grams").asDouble()).isCloseTo(grams + fluid, within(0.06));
                });
            }
            JsonNode bowls = app.get("/api/cases/" + id + "/plan").json().path("bowls");
            assertThat(bowls.size()).isEqualTo(colour.size());
            bowls.forEach(bowl -> {
                double grams = 0;
                for (JsonNode part : bowl.path("parts")) {
                    grams += part.path("grams").asDouble();
                }
                String name = bowl.path("name").asString();
                // What is mixed up to what can be weighed is more than its share.
                double most = rounded.contains(name) ? 12 : 0;
                double fluid = bowl.path("developerGrams").asDouble();
                assertThat(colour.get(name)).isBetween(grams - 1e-6, grams + most + 1e-6);
                assertThat(developer.get(name)).isBetween(fluid - 1e-6, fluid + most + 1e-6);
            });
        }
    }

    @Test
    void aMovedTaskStaysMoved() {
        JsonNode mix = task(sequence(3), "MIX");
        ObjectNode content = app.content(3);
        content.putArray("moved")
                .addObject()
                .put("key", mix.path("key").asString())
                .put("minute", mix.path("startMinute").asInt() + 20);
        assertThat(app.put(3, content).status()).isEqualTo(200);
        assertThat(task(sequence(3), "MIX").path("startMinute").asInt())
                .isEqualTo(mix.path("startMinute").asInt() + 20);
        assertThat(sequence(3).path("unmoved")).isEmpty();
        assertThat(app.get("/api/cases/3/file").text()).contains(mix.path("key").asString());
    }

    private static JsonNode task(JsonNode sequence, String kind) {
        for (JsonNode task : sequence.path("visits").path(0).path("tasks")) {
            if (task.path("kind").asString().equals(kind)) {
                return task;
            }
        }
        throw new AssertionError("No " + kind);
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"key\":\"\",\"minute\":3}', key",
        "'{\"key\":\"1/0 MIX A 1\",\"minute\":-1}', minute",
        "'{\"key\":\"1/0 MIX A 1\",\"minute\":1441}', minute"
    })
    void whatCannotBeMovedIsNamed(String moved, String field) {
        ObjectNode content = app.content(4);
        content.putArray("moved").add(JSON.readTree(moved));
        Started.Answer answer = app.put(4, content);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field("field")).endsWith("moved[0]." + field);
    }

    /** What is not on the clock any more is simply not moved. */
    @Test
    void anUnknownKeyMovesNothing() {
        int before = sequence(4).path("minutes").asInt();
        ObjectNode content = app.content(4);
        content.putArray("moved").addObject().put("key", "9/9 NOTHING").put("minute", 500);
        assertThat(app.put(4, content).status()).isEqualTo(200);
        assertThat(sequence(4).path("minutes").asInt()).isEqualTo(before);
    }

    @Test
    void theHousesFiguresCount() {
        int before = sequence(5).path("minutes").asInt();
        ObjectNode house = (ObjectNode) app.get("/api/house").json();
        house.putArray("durations").addObject().put("name", "sectioning").put("value", 45);
        assertThat(app.put("/api/house", house.toString()).status()).isEqualTo(200);
        house.putArray("durations");
        Started.Answer late = app.put("/api/house", house.toString());
        assertThat(late.status()).as("another drawer was open").isEqualTo(409);
        assertThat(late.field("remedy")).contains("how long things take");
        house.put("version", app.get("/api/house").json().path("version").asLong());
        assertThat(sequence(5).path("minutes").asInt()).isGreaterThan(before + 25);
        house.putArray("durations").addObject().put("name", "singing").put("value", 45);
        assertThat(app.put("/api/house", house.toString()).status()).isEqualTo(422);
        house.putArray("durations").addObject().put("name", "dry").put("value", 0);
        assertThat(app.put("/api/house", house.toString()).status()).isEqualTo(422);
        house.putArray("durations");
        assertThat(app.put("/api/house", house.toString()).status()).isEqualTo(200);
    }

    /** A longer search never makes it worse, tells how far it is, and stops when told to. */
    @Test
    void aShorterOrderIsLookedForBesideAllElse() {
        int before = sequence(2).path("minutes").asInt();
        String path = "/api/cases/2/plan/sequence/search";
        assertThat(app.get(path).json().path("running").asBoolean()).isFalse();
        JsonNode begun = app.post(path, "").json();
        assertThat(begun.path("minutesAtFirst").asInt()).isEqualTo(before);
        assertThat(begun.path("of").asInt()).isGreaterThan(1);
        assertThat(sequence(2).path("minutes").asInt()).as("asked meanwhile").isLessThanOrEqualTo(before);
        JsonNode stopped = app.delete(path).json();
        assertThat(stopped.path("running").asBoolean()).isFalse();
        assertThat(stopped.path("minutes").asInt())
                .isBetween(stopped.path("bound").asInt(), before);
        assertThat(sequence(2).path("minutes").asInt()).isLessThanOrEqualTo(before);
    }

    /** How long it took is learned from, kind by kind, and can be forgotten. */
    @Test
    void whatTasksTookMovesTheNextPlans() {
        int before = sequence(4).path("minutes").asInt();
        JsonNode dry = task(sequence(4), "DRY");
        ObjectNode took = JSON.createObjectNode()
                .put("key", dry.path("key").asString())
                .put("minutes", 2 * dry.path("minutes").asInt());
        Started.Answer answer = app.post("/api/cases/4/plan/sequence/took", took.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(task(answer.json(), "DRY").path("tookMinutes").path(0).asInt())
                .isEqualTo(2 * dry.path("minutes").asInt());
        assertThat(sequence(4).path("minutes").asInt()).isGreaterThan(before);
        JsonNode learned = app.get("/api/house/learned-durations").json().path(0);
        assertThat(learned.path("kind").asString()).isEqualTo("DRY");
        assertThat(learned.path("factor").asDouble()).isBetween(1.1, 2.0);
        took.put("minutes", 0);
        assertThat(app.post("/api/cases/4/plan/sequence/took", took.toString()).field("field"))
                .isEqualTo("minutes");
        took.put("key", "nothing").put("minutes", 5);
        assertThat(app.post("/api/cases/4/plan/sequence/took", took.toString()).field("field"))
                .isEqualTo("key");
        assertThat(app.delete("/api/house/learned-durations").status()).isEqualTo(204);
        assertThat(sequence(4).path("minutes").asInt()).isEqualTo(before);
    }

    /** A file of the version before has nothing moved. */
    @Test
    void aFileOfVersionThreeStillOpens() {
        ObjectNode file = (ObjectNode) app.get("/api/cases/1/file").json();
        ((ObjectNode) file.path("content")).remove("moved");
        file.put("formatVersion", 3);
        Started.Answer answer = app.post("/api/cases/file", file.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        assertThat(answer.json().path("content").path("moved")).isEmpty();
    }

    /** An order follows from the school too: front first is another order than back first, and neither is shown for the other. */
    @Test
    void anotherSchoolShowsAnotherOrder() {
        String back = sequence(1).toString();
        ObjectNode content = app.content(1);
        ((ObjectNode) content.path("method")).put("start", "FRONT");
        assertThat(app.put(1, content).status()).isEqualTo(200);
        assertThat(sequence(1).toString()).isNotEqualTo(back);
        ((ObjectNode) content.path("method")).put("start", "BACK");
        assertThat(app.put(1, content).status()).isEqualTo(200);
        assertThat(sequence(1).toString()).isEqualTo(back);
    }
}
