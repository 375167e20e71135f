package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Routes through the application: decided, chosen, edited, promised; wrong ones refused by name. */
class DecideApiTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @TempDir
    static Path data;

    private static Started app;

    @BeforeAll
    static void start() {
        app = new Started(data, true);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static JsonNode of(int id) {
        return app.get("/api/cases/" + id).json();
    }

    private static ObjectNode content(int id) {
        return (ObjectNode) of(id).path("content").deepCopy();
    }

    private static Started.Answer put(int id, ObjectNode content) {
        ObjectNode change =
                JSON.createObjectNode().put("version", of(id).path("version").asLong());
        change.set("content", content);
        return app.put("/api/cases/" + id, change.toString());
    }

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
        ObjectNode content = content(4);
        JsonNode route = app.get("/api/cases/4/routes").json().path("routes").path(0);
        content.put("route", "own").set("ownRoute", route.path("rounds"));
        assertThat(put(4, content).status()).isEqualTo(200);
        JsonNode same = app.get("/api/cases/4/plan").json();
        assertThat(same.path("route").asString()).isEqualTo("own");
        double before = own().path("measures").path("distance").asDouble();
        assertThat(before).isEqualTo(route.path("measures").path("distance").asDouble());

        ObjectNode laying = (ObjectNode) content.path("ownRoute")
                .path(content.path("ownRoute").size() - 1)
                .path("layings")
                .path(0);
        laying.put("minutes", 2);
        assertThat(put(4, content).status()).isEqualTo(200);
        assertThat(own().path("measures").path("distance").asDouble()).isNotEqualTo(before);

        laying.put("minutes", 500);
        Started.Answer refused = put(4, content);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field("field")).endsWith("layings[0].minutes");
        laying.put("minutes", 20);
        ArrayNode mix = laying.putArray("mix");
        mix.addObject().put("shade", "demi-unheard-of-6").put("parts", 1);
        assertThat(put(4, content).field("field")).contains("mix[0].shade");
    }

    private static JsonNode own() {
        for (JsonNode route : app.get("/api/cases/4/routes").json().path("routes")) {
            if (route.path("key").asString().equals("own")) {
                return route;
            }
        }
        throw new AssertionError("no own route");
    }

    @Test
    void wrongWishesAreRefusedByName() {
        ObjectNode content = content(2);
        ObjectNode wish = (ObjectNode) content.path("wish");
        wish.put("visits", 9);
        assertThat(put(2, content).field("field")).isEqualTo("content.wish.visits");
        wish.put("visits", 2);
        ((ObjectNode) wish.path("design")).put("kind", "MELT").put("rootCm", -1);
        assertThat(put(2, content).field("field")).isEqualTo("content.wish.design.rootCm");
        ((ObjectNode) wish.path("design")).put("kind", "EVEN").put("rootCm", 5);
        wish.putArray("picked").addObject().put("l", 200).put("a", 0).put("b", 0);
        assertThat(put(2, content).field("field")).endsWith("picked[0].l");
    }

    @Test
    void aPickedColourIsNamed() {
        JsonNode aim = app.get("/api/picked-colour?hex=%238a5a3c").json();
        assertThat(aim.path("level").asDouble()).isBetween(5.5, 7.5);
        assertThat(aim.path("picked")).hasSize(1);
        assertThat(app.get("/api/picked-colour?hex=red").status()).isEqualTo(422);
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
