package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Bowls through the application: weights and the stock that moves with them, what is learned, what cannot be. */
class MixApiTest extends OnDemoData {
    private static JsonNode mix(int id) {
        return app.get("/api/cases/" + id + "/mix").json();
    }

    private static JsonNode card(JsonNode mix, String key) {
        for (JsonNode card : mix.path("cards")) {
            if (card.path("key").asString().equals(key)) {
                return card;
            }
        }
        throw new AssertionError("no card " + key + " in " + mix);
    }

    private static Started.Answer post(int id, String what, ObjectNode body) {
        return app.post("/api/cases/" + id + "/mix/" + what, body.toString());
    }

    private static ObjectNode weighing(String key, int line, double grams) {
        return JSON.createObjectNode()
                .put("key", key)
                .put("line", line)
                .put("grams", grams)
                .put("source", "SCALE")
                .put("hand", "Ada");
    }

    private static JsonNode weigh(int id, String key, int line, double grams) {
        Started.Answer answer = post(id, "weighings", weighing(key, line, grams));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return card(answer.json(), key);
    }

    private static JsonNode product(String code) {
        for (JsonNode product : app.get("/api/shelf").json().path("products")) {
            if (product.path("code").asString().equals(code)) {
                return product;
            }
        }
        throw new AssertionError("no product " + code);
    }

    private static double there(String code) {
        return product(code).path("grams").asDouble();
    }

    /** A bowl from the first weight to the last: over-poured, re-computed, taken back; the stock follows every gram. */
    @Test
    void aBowlIsWeighedAndTheStockMoves() {
        JsonNode first = mix(1).path("cards").path(0);
        String key = first.path("key").asString();
        assertThat(first.path("state").asString()).isEqualTo("WAITING");
        String code = first.path("lines").path(0).path("code").asString();
        double planned = first.path("lines").path(0).path("plannedGrams").asDouble();
        double before = there(code);

        JsonNode over = weigh(1, key, 0, planned * 1.25);
        assertThat(over.path("grown").asDouble()).isCloseTo(1.25, within(0.01));
        assertThat(over.path("notice").asString()).startsWith("Over-poured");
        for (JsonNode line : over.path("lines")) {
            assertThat(line.path("targetGrams").asDouble())
                    .isCloseTo(1.25 * line.path("plannedGrams").asDouble(), within(0.06));
        }
        assertThat(there(code)).isCloseTo(before - planned * 1.25, within(0.06));

        JsonNode back = card(
                post(1, "taken-back", JSON.createObjectNode().put("key", key).put("hand", ""))
                        .json(),
                key);
        assertThat(back.path("grown").asDouble()).isEqualTo(1);
        assertThat(there(code)).isCloseTo(before, within(0.06));
        assertThat(post(1, "taken-back", JSON.createObjectNode().put("key", key).put("hand", ""))
                        .status())
                .as("nothing is in it any more")
                .isEqualTo(422);

        JsonNode card = back;
        for (int i = 0; i < card.path("lines").size(); i++) {
            assertThat(card.path("next").path(0).asInt()).isEqualTo(i);
            card = weigh(
                    1, key, i, card.path("lines").path(i).path("missingGrams").asDouble());
        }
        assertThat(card.path("next")).isEmpty();
        assertThat(product(code).path("opened")).isNotEmpty();
        JsonNode moves = app.get(
                        "/api/shelf/products/" + product(code).path("id").asLong() + "/moves")
                .json();
        List<String> why = new ArrayList<>();
        moves.forEach(move -> why.add(move.path("why").asString()));
        assertThat(why).containsExactly("weighed", "taken back", "weighed");
    }

    /** What the plan asks for later does not change what is in a bowl that was begun. */
    @Test
    void aBegunBowlStaysAsItWasBegun() {
        int id = copyOfTheFirst();
        JsonNode first = mix(id).path("cards").path(0);
        String key = first.path("key").asString();
        weigh(id, key, 0, first.path("lines").path(0).path("plannedGrams").asDouble());
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("wish")).put("level", 9.0);
        assertThat(app.put(id, content).status()).isEqualTo(200);
        assertThat(card(mix(id), key).path("lines").path(0).path("name"))
                .isEqualTo(first.path("lines").path(0).path("name"));
        assertThat(card(mix(id), key).path("state").asString()).isEqualTo("BEGUN");
    }

    /** The same client's next estimate goes by what was really used, other clients' by less of it. */
    @Test
    void whatWasUsedMovesTheNextEstimate() {
        int id = copyOfTheFirst();
        long client = app.get("/api/cases/" + id).json().path("clientId").asLong();
        JsonNode card = mix(id).path("cards").path(2);
        String key = card.path("key").asString();
        double planned = card.path("grams").asDouble();
        double other = grams(mix(5));
        for (int i = 0; i < card.path("lines").size(); i++) {
            card = weigh(
                    id, key, i, card.path("lines").path(i).path("missingGrams").asDouble());
        }
        ObjectNode done = JSON.createObjectNode().put("key", key).put("done", true);
        done.putArray("leftGrams").add(planned * 0.6);
        Started.Answer finished = post(id, "done", done);
        assertThat(finished.status()).as(finished.text()).isEqualTo(200);
        assertThat(card(finished.json(), key).path("state").asString()).isEqualTo("DONE");
        assertThat(finished.json().path("learned").asString()).contains("1 bowl");

        String body = "{\"date\":\"2026-12-23\",\"startTime\":\"09:00\",\"minutes\":240,\"chair\":\"\",\"copyOf\":" + id
                + "}";
        int next = app.post("/api/clients/" + client + "/cases", body)
                .json()
                .path("id")
                .asInt();
        JsonNode again = mix(next);
        assertThat(card(again, key).path("grams").asDouble()).isLessThan(0.85 * planned);
        assertThat(grams(mix(5))).isBetween(0.6 * other, 0.99 * other);
    }

    private static double grams(JsonNode mix) {
        double sum = 0;
        for (JsonNode card : mix.path("cards")) {
            sum += card.path("grams").asDouble();
        }
        return sum;
    }

    @Test
    void anAdditiveSaysWhatItDoes() {
        JsonNode first = mix(4).path("cards").path(0);
        String key = first.path("key").asString();
        ObjectNode more = JSON.createObjectNode().put("key", key).put("code", "bond-treatment");
        more.put("grams", 0).put("percent", 10);
        JsonNode card = card(post(4, "additives", more).json(), key);
        int last = card.path("lines").size() - 1;
        assertThat(card.path("lines").path(last).path("plannedGrams").asDouble())
                .isCloseTo(first.path("grams").asDouble() / 10, within(0.06));
        assertThat(card.path("notice").asString()).contains("acts like").contains("of the deposit");
        assertThat(post(4, "additives", more.put("code", "unheard-of")).field("field"))
                .isEqualTo("code");
        assertThat(post(4, "additives", more.put("code", "equaliser").put("percent", 400))
                        .field("field"))
                .isEqualTo("percent");
    }

    @Test
    void bowlsThatNoPlanAsksFor() {
        ObjectNode shampoo = JSON.createObjectNode()
                .put("shade", "demi-ash-9")
                .put("grams", 10)
                .put("developer", "developer-6")
                .put("shampoo", "mild-shampoo");
        JsonNode cards = post(5, "colour-shampoo", shampoo).json().path("cards");
        JsonNode last = cards.path(cards.size() - 1);
        assertThat(last.path("title").asString()).isEqualTo("Colour shampoo");
        assertThat(last.path("grams").asDouble()).isEqualTo(55);
        assertThat(post(5, "colour-shampoo", shampoo.put("developer", "equaliser"))
                        .field("field"))
                .isEqualTo("developer");
        ObjectNode extra = JSON.createObjectNode().put("title", "<b>Brows</b>");
        extra.putArray("lines").addObject().put("code", "demi-natural-5").put("grams", 3.5);
        JsonNode own = post(5, "extra", extra).json().path("cards");
        assertThat(own.path(own.size() - 1).path("title").asString()).isEqualTo("<b>Brows</b>");
        assertThat(own.path(own.size() - 1).path("bowl").asString()).isEqualTo("X2");
    }

    @ParameterizedTest
    @CsvSource({
        "1/Q/9, 0, 5, key",
        "1/D/1, 17, 5, line",
        "1/D/1, -1, 5, line",
        "1/D/1, 0, 0, grams",
        "1/D/1, 0, -4, grams",
        "1/D/1, 0, 50000, grams"
    })
    void whatCannotBeWeighedIsNamed(String key, int line, double grams, String field) {
        Started.Answer answer = post(1, "weighings", weighing(key, line, grams));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field("field")).isEqualTo(field);
        assertThat(card(mix(1), "1/D/1").path("state").asString()).isEqualTo("WAITING");
    }

    @Test
    void whatIsLeftCannotBeMoreThanWasIn() {
        JsonNode first = mix(1).path("cards").path(1);
        String key = first.path("key").asString();
        weigh(1, key, 0, first.path("lines").path(0).path("plannedGrams").asDouble());
        ObjectNode done = JSON.createObjectNode().put("key", key).put("done", true);
        done.putArray("leftGrams").add(900);
        assertThat(post(1, "done", done).field("field")).isEqualTo("leftGrams");
        assertThat(card(mix(1), key).path("state").asString()).isEqualTo("BEGUN");
    }

    /** Blocked work is not mixed for either. */
    @Test
    void nothingIsMixedForBlockedWork() {
        ObjectNode content = app.content(5);
        ((ObjectNode) content.path("consultation")).put("scalp", "BROKEN");
        assertThat(app.put(5, content).status()).isEqualTo(200);
        JsonNode cards = mix(5).path("cards");
        Started.Answer answer =
                post(5, "weighings", weighing(cards.path(0).path("key").asString(), 0, 2));
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.field("title")).isEqualTo("This work is blocked");
        ((ObjectNode) content.path("consultation")).put("scalp", "WHOLE");
    }

    @Test
    void ounces() {
        assertThat(app.put("/api/house", app.house("{\"inches\":true}")).status())
                .isEqualTo(200);
        JsonNode line = mix(1).path("cards").path(3).path("lines").path(0);
        assertThat(line.path("words").asString()).endsWith(" oz");
        assertThat(Double.parseDouble(line.path("words").asString().replace(" oz", "")))
                .isCloseTo(line.path("targetGrams").asDouble() / 28.349523125, within(0.006));
        assertThat(app.put("/api/house", app.house("{\"inches\":false}")).status())
                .isEqualTo(200);
    }

    /** A pulled plug loses nothing: what was weighed stays, and a weight told by hand goes on from there. */
    @Test
    void aPulledPlugLosesNothing() {
        JsonNode first = mix(1).path("cards").path(2);
        String key = first.path("key").asString();
        double planned = first.path("lines").path(0).path("plannedGrams").asDouble();
        weigh(1, key, 0, planned);
        assertThat(app.post("/api/scale/stand-in", "{\"grams\":0,\"seconds\":0,\"plugged\":false}")
                        .status())
                .isEqualTo(200);
        Started.Answer none = app.get("/api/scale");
        assertThat(none.status()).isEqualTo(502);
        assertThat(none.field("remedy")).contains("weigh by hand");
        assertThat(card(mix(1), key).path("lines").path(0).path("pouredGrams").asDouble())
                .isCloseTo(planned, within(0.06));
        ObjectNode byHand = weighing(key, 1, 2).put("source", "HAND");
        assertThat(post(1, "weighings", byHand).status()).isEqualTo(200);
        app.post("/api/scale/stand-in", "{\"grams\":0,\"seconds\":0,\"plugged\":true}");
        assertThat(app.get("/api/scale").status()).isEqualTo(200);
        assertThat(app.post("/api/scale/tare", "").status()).isEqualTo(200);
    }
}
