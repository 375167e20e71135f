package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Routes through the application: decided, chosen, edited, promised; wrong ones refused by name. */
class DecideApiTest extends OnDemoData {
    private static final String NO_LIGHTENER = "The client reacted to colour before."
            + " Skin that has reacted once answers sooner to lightener too: no lightener.";

    @Test
    void theFirstAnswerIsOneOfTheRoutes() {
        JsonNode first = app.get("/api/cases/1/routes/first").json();
        JsonNode all = app.get("/api/cases/1/routes").json();
        assertThat(all.path("routes")).hasSizeGreaterThan(1);
        assertThat(all.path("routes").findValuesAsString("key"))
                .contains(first.path("key").asString());
        assertThat(all.path("verdict").asString()).contains("6 natural");
        all.path("routes")
                .forEach(route -> assertThat(route.path("columns").path(0).path("outcomes"))
                        .hasSize(all.path("zones").size()));
    }

    @Test
    void theChosenRouteIsPlannedAndTheOwnIsEdited() {
        ObjectNode content = app.content(4);
        JsonNode route = app.get("/api/cases/4/routes").json().path("routes").path(0);
        content.put("route", "own").set("ownRoute", route.path("rounds"));
        assertThat(app.put(4, content).status()).isEqualTo(200);
        JsonNode same = app.get("/api/cases/4/plan").json();
        assertThat(same.path("route").asString()).isEqualTo("own");
        double before = own().path("measures").path("distance").asDouble();
        assertThat(before).isEqualTo(route.path("measures").path("distance").asDouble());

        ObjectNode laying = (ObjectNode) content.path("ownRoute")
                .path(content.path("ownRoute").size() - 1)
                .path("layings")
                .path(0);
        laying.put("minutes", 2);
        assertThat(app.put(4, content).status()).isEqualTo(200);
        assertThat(own().path("measures").path("distance").asDouble()).isNotEqualTo(before);

        laying.put("minutes", 500);
        Started.Answer refused = app.put(4, content);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field("field")).endsWith("layings[0].minutes");
        laying.put("minutes", 20);
        ArrayNode mix = laying.putArray("mix");
        mix.addObject().put("shade", "demi-unheard-of-6").put("parts", 1);
        assertThat(app.put(4, content).field("field")).contains("mix[0].shade");
    }

    private static JsonNode own() {
        for (JsonNode route : app.get("/api/cases/4/routes").json().path("routes")) {
            if (route.path("key").asString().equals("own")) {
                return route;
            }
        }
        throw new AssertionError("no own route");
    }

    /** A decision follows from what the house allows too: what was taken on by name counts only while it may. */
    @Test
    void anotherRuleOfTheHouseIsAnotherDecision() {
        int id = copyOfTheFirst();
        String path = "/api/cases/" + id + "/routes";
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("wish")).put("level", 9);
        ((ObjectNode) content.path("consultation")).put("earlierReaction", "YES");
        assertThat(app.put(id, content).status()).isEqualTo(200);
        String untaken = app.get(path).text();
        assertThat(untaken).contains(NO_LIGHTENER);
        content = app.content(id);
        content.putArray("takenOn")
                .addObject()
                .set(
                        "said",
                        JSON.createObjectNode()
                                .put("message", "caution.REACTED_LIGHTENER")
                                .set("figures", JSON.createArrayNode()));
        ((ObjectNode) content.path("takenOn").path(0))
                .put("rule", "EARLIER_REACTION_LIGHTENER")
                .put("by", "Ruth O.")
                .put("reason", "The doctor found what it was.")
                .put("at", "2026-11-23T08:00:00Z");
        Started.Answer put = app.put(id, content);
        assertThat(put.status()).as(put.text()).isEqualTo(200);
        String taken = app.get(path).text();
        assertThat(taken).doesNotContain(NO_LIGHTENER);
        allow(false);
        assertThat(app.get(path).text()).isEqualTo(untaken);
        allow(true);
        assertThat(app.get(path).text()).isEqualTo(taken);
    }

    /** Who asked has gone: nothing more is weighed for them, and what was left undone is not taken for the answer. */
    @Test
    void whatNobodyWaitsForIsNotWeighedToTheEnd() throws IOException, InterruptedException {
        int id = copyOfTheFirst();
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("wish")).put("level", 7.5);
        assertThat(app.put(id, content).status()).isEqualTo(200);
        String path = "/api/cases/" + id + "/routes";
        String name = UUID.randomUUID().toString();
        HttpClient client = HttpClient.newHttpClient();
        CompletableFuture<HttpResponse<String>> left = client.sendAsync(
                HttpRequest.newBuilder(URI.create(app.address() + path))
                        .header("Waiting-Name", name)
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        HttpRequest gone = HttpRequest.newBuilder(URI.create(app.address() + "/api/waiting/" + name))
                .DELETE()
                .build();
        while (!left.isDone()) {
            assertThat(client.send(gone, HttpResponse.BodyHandlers.discarding()).statusCode())
                    .isEqualTo(204);
        }
        assertThat(left.join().body()).contains("The time was over before");
        assertThat(app.get(path).text()).doesNotContain("The time was over before");
    }

    private static void allow(boolean overrides) {
        String settings = app.house("{\"chairs\":[\"One\"],\"overridesAllowed\":" + overrides + "}");
        assertThat(app.put("/api/house", settings).status()).isEqualTo(200);
    }

    /** What is out is replaced from the shelf, and what that costs in colour stands among the bowl's reasons. */
    @Test
    void aShadeThatIsOutIsReplacedAtAPriceInColour() {
        JsonNode bowl = app.get("/api/cases/3/plan").json().path("bowls").path(0);
        String code = bowl.path("parts").path(0).path("code").asString();
        ObjectNode content = app.content(3);
        content.putArray("notWanted").add(code);
        assertThat(app.put(3, content).status()).isEqualTo(200);
        JsonNode bowls = app.get("/api/cases/3/plan").json().path("bowls");
        assertThat(bowls.findValuesAsString("code")).doesNotContain(code);
        assertThat(bowls.findValuesAsString("sentence")).anyMatch(sentence -> sentence.contains("which is out"));
        content.putArray("notWanted");
        assertThat(app.put(3, content).status()).isEqualTo(200);
        assertThat(app.get("/api/cases/3/plan").json().path("bowls").path(0).path("parts"))
                .isEqualTo(bowl.path("parts"));
    }

    /** Every figure of an own route has its limits, and the one that is wrong is named. */
    @ParameterizedTest
    @CsvSource({
        "volume, 60, volume",
        "volume, -1, volume",
        "minutes, 121, minutes",
        "ratio, 9, ratio",
        "times, 0, times",
        "times, 4, times",
        "weeks, 60, weeks"
    })
    void wrongFiguresOfTheOwnRouteAreNamed(String field, double value, String named) {
        ObjectNode content = app.content(5);
        JsonNode route = app.get("/api/cases/5/routes").json().path("routes").path(0);
        content.put("route", "own").set("ownRoute", route.path("rounds").deepCopy());
        ((ObjectNode) content.path("ownRoute").path(0).path("layings").path(0)).put(field, value);
        Started.Answer answer = app.put(5, content);
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.field("field")).isEqualTo("content.ownRoute[0].layings[0]." + named);
    }

    @Test
    void anOwnRoundNeedsSomethingInIt() {
        ObjectNode content = app.content(5);
        JsonNode route = app.get("/api/cases/5/routes").json().path("routes").path(0);
        content.put("route", "own").set("ownRoute", route.path("rounds").deepCopy());
        ((ObjectNode) content.path("ownRoute").path(0)).putArray("layings");
        Started.Answer empty = app.put(5, content);
        assertThat(empty.status()).isEqualTo(422);
        assertThat(empty.field("field")).startsWith("content.ownRoute[0]");
    }

    @Test
    void wrongWishesAreRefusedByName() {
        ObjectNode content = app.content(2);
        ObjectNode wish = (ObjectNode) content.path("wish");
        wish.put("visits", 9);
        assertThat(app.put(2, content).field("field")).isEqualTo("content.wish.visits");
        wish.put("visits", 2);
        ((ObjectNode) wish.path("design")).put("kind", "MELT").put("rootCm", -1);
        assertThat(app.put(2, content).field("field")).isEqualTo("content.wish.design.rootCm");
        ((ObjectNode) wish.path("design")).put("kind", "EVEN").put("rootCm", 5);
        wish.putArray("picked").addObject().put("l", 200).put("a", 0).put("b", 0);
        assertThat(app.put(2, content).field("field")).endsWith("picked[0].l");
    }

    @Test
    void aPickedColourIsNamed() {
        JsonNode aim = app.get("/api/picked-colour?hex=%238a5a3c").json();
        assertThat(aim.path("level").asDouble()).isBetween(5.5, 7.5);
        assertThat(aim.path("picked")).hasSize(1);
        assertThat(app.get("/api/picked-colour?hex=red").status()).isEqualTo(422);
        JsonNode measured =
                app.post("/api/measured-colour", "{\"l\":63,\"a\":8,\"b\":30}").json();
        assertThat(measured.path("level").asDouble()).as("L* 63 is level 9").isEqualTo(9);
        assertThat(app.post("/api/measured-colour", "{\"l\":630,\"a\":8,\"b\":30}")
                        .field("field"))
                .isEqualTo("l");
    }

    /** The text is read back by a general library. */
    @Test
    void thePromiseIsAPdfThatCanBeRead() throws IOException, InterruptedException {
        HttpResponse<byte[]> pdf = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.address() + "/api/cases/1/promise.pdf"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(pdf.statusCode()).isEqualTo(200);
        try (PDDocument read = Loader.loadPDF(pdf.body())) {
            String text = new PDFTextStripper().getText(read);
            assertThat(text)
                    .contains("Mira Tannhof", "What will happen", "What is not promised", "EUR", "2, 4, 6, 8 weeks")
                    .containsPattern("will look orange");
        }
        JsonNode promise = app.get("/api/cases/1/promise").json();
        assertThat(promise.path("fade")).isNotEmpty();
    }

    @Test
    void schoolsOfTheHouseBeginEveryNewCase() {
        app.put("/api/house", app.house("{\"chairs\":[\"One\"]}"));
        ObjectNode house = (ObjectNode) app.get("/api/house").json();
        ((ObjectNode) house.path("method")).put("filler", "MIDPOINT");
        assertThat(app.put("/api/house", house.toString()).status()).isEqualTo(200);
        assertThat(app.newCase("Neu Angefangen")
                        .json()
                        .path("content")
                        .path("method")
                        .path("filler")
                        .asString())
                .isEqualTo("MIDPOINT");
        ((ObjectNode) house.path("rates")).put("anHour", -1);
        assertThat(app.put("/api/house", house.toString()).field("field")).isEqualTo("rates.anHour");
    }
}
