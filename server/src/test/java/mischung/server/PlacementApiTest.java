package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Layers through the application: begun, seen as foils with their bowls, refused by name. */
class PlacementApiTest extends OnDemoData {
    /** A copy of its own for every test, so that none disturbs another. */
    private final int id = app.post(
                    "/api/cases/file", app.get("/api/cases/3/file").text())
            .json()
            .path("id")
            .asInt();

    private static JsonNode beginning(String name) {
        for (JsonNode one : app.get("/api/vocabulary").json().path("beginnings")) {
            if (one.path("name").asString().equals(name)) {
                return one.path("layers");
            }
        }
        throw new AssertionError("no beginning " + name);
    }

    /** What was planned for the demonstration before there were layers, as the program of then said it. */
    @Test
    void theDemonstrationIsPlannedAsBeforeThereWereLayers() throws IOException {
        List<String> lines = new ArrayList<>();
        for (int one = 1; one <= 5; one++) {
            JsonNode plan = app.get("/api/cases/" + one + "/plan").json();
            lines.add("== " + one + " " + plan.path("route").asString() + " "
                    + plan.path("wish").asString());
            plan.path("columns")
                    .forEach(column -> lines.add(column.path("title").asString()));
            plan.path("bowls")
                    .forEach(bowl -> lines.add(line(
                            bowl,
                            "name",
                            "title",
                            "mixWords",
                            "developer",
                            "developerGrams",
                            "minutes",
                            "aim",
                            "totalGrams")));
            plan.path("treatments")
                    .forEach(treatment -> lines.add(line(treatment, "words", "times", "grams", "minutes")));
        }
        try (InputStream file = Objects.requireNonNull(
                PlacementApiTest.class.getResourceAsStream("/demonstration-before-layers.txt"))) {
            assertThat(String.join("\n", lines) + "\n")
                    .isEqualTo(new String(file.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private static String line(JsonNode of, String... fields) {
        return Stream.of(fields).map(field -> of.path(field).asString()).collect(Collectors.joining("|"))
                + "|"
                + of.path("zones").valueStream().map(JsonNode::asString).collect(Collectors.joining(", "));
    }

    /** Every beginning is a wish that can be kept, planned and read out again as it went in. */
    @Test
    void everyBeginningIsPlannedAndKept() {
        for (JsonNode one : app.get("/api/vocabulary").json().path("beginnings")) {
            ObjectNode content = app.content(id);
            ((ObjectNode) content.path("wish")).set("layers", one.path("layers"));
            assertThat(app.put(id, content).status())
                    .as(one.path("name").asString())
                    .isEqualTo(200);
            assertThat(app.content(id).path("wish").path("layers")).isEqualTo(one.path("layers"));
            JsonNode placement = app.get("/api/cases/" + id + "/plan/placement").json();
            int own = 0;
            for (JsonNode layer : placement.path("layers")) {
                own += layer.path("own").asInt() >= 0 ? 1 : 0;
            }
            assertThat(own).isEqualTo(one.path("layers").size());
            assertThat(placement.path("wholes")).hasSize(5);
        }
    }

    /** Files from before a layer's edges could be feathered have lines there, as they always meant. */
    @Test
    void anOlderFileHasLinesWhereLayersEnd() {
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("wish")).set("layers", beginning("Shadow root"));
        assertThat(app.put(id, content).status()).isEqualTo(200);
        assertThat(feathers(id)).isNotEmpty().containsOnly(3.0);
        ObjectNode file = (ObjectNode) app.get("/api/cases/" + id + "/file").json();
        ObjectNode region = (ObjectNode)
                file.path("content").path("wish").path("layers").path(0).path("region");
        assertThat(region.remove("featherCm").asDouble()).isEqualTo(3);
        assertThat(app.post("/api/cases/file", file.toString()).field("field")).endsWith("region.featherCm");
        file.put("formatVersion", 7);
        Started.Answer added = app.post("/api/cases/file", file.toString());
        assertThat(added.status()).as(added.text()).isEqualTo(201);
        assertThat(feathers(added.json().path("id").asLong())).isNotEmpty().containsOnly(0.0);
    }

    /** Of each zone, where its shadow root of five centimetres ends. */
    private static List<Double> feathers(long of) {
        List<Double> all = new ArrayList<>();
        for (JsonNode ground :
                app.get("/api/cases/" + of + "/plan/placement").json().path("grounds")) {
            for (JsonNode stretch : ground.path("stretches")) {
                if (stretch.path("toCm").asDouble() == 5) {
                    all.add(stretch.path("featherCm").asDouble());
                }
            }
        }
        return all;
    }

    @Test
    void foilsAreNumberedAndLetteredByTheirBowls() {
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("wish")).set("layers", beginning("Fine foils with a root tap"));
        assertThat(app.put(id, content).status()).isEqualTo(200);
        JsonNode placement = app.get("/api/cases/" + id + "/plan/placement").json();
        assertThat(placement.path("foils").size()).isBetween(25, 60);
        assertThat(placement.path("minutes").asInt()).isBetween(25, 60);
        int number = 0;
        for (JsonNode foil : placement.path("foils")) {
            assertThat(foil.path("number").asInt()).isEqualTo(++number);
            assertThat(foil.path("stretches")).isNotEmpty();
        }
        assertThat(app.get("/api/cases/" + id + "/routes")
                        .json()
                        .path("routes")
                        .path(0)
                        .path("whole")
                        .asString())
                .contains("all round: ", " % at 9");
        List<String> bowls =
                app.get("/api/cases/" + id + "/plan").json().path("bowls").findValuesAsString("name");
        Set<String> lettered = new HashSet<>();
        for (JsonNode foil : placement.path("foils")) {
            foil.path("stretches")
                    .forEach(stretch -> stretch.path("bowls").forEach(bowl -> lettered.add(bowl.asString())));
        }
        assertThat(lettered).isNotEmpty();
        assertThat(bowls).containsAll(lettered);
    }

    /** A4, with the foils, the bowls and the order in words, and the map drawn. */
    @Test
    void theWorkSheetHasMapBowlsAndOrder() throws IOException {
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("wish")).set("layers", beginning("Fine foils with a root tap"));
        assertThat(app.put(id, content).status()).isEqualTo(200);
        byte[] pdf = app.bytes("/api/cases/" + id + "/plan/work-sheet.pdf");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(PDRectangle.A4.getWidth());
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Work sheet", "Back", "From above", "Foils", "Bowls", "Order of work", "babylights");
            for (JsonNode bowl : app.get("/api/cases/" + id + "/plan").json().path("bowls")) {
                assertThat(text).contains(bowl.path("name").asString() + ": ");
            }
        }
        app.get("/api/cases/" + id + "/plan/placement")
                .json()
                .path("foils")
                .forEach(foil -> assertThat(foil.path("spots"))
                        .as(foil.path("place").asString())
                        .isNotEmpty());
    }

    /** What is being made is counted before it is kept: the same foils the plan then has, without bowls. */
    @Test
    void aWishIsCountedBeforeItIsKept() {
        ObjectNode content = app.content(id);
        ObjectNode wish = (ObjectNode) content.path("wish");
        wish.set("layers", beginning("Shadow root and panels"));
        JsonNode at =
                app.post("/api/cases/" + id + "/plan/foils", wish.toString()).json();
        assertThat(app.content(id).path("wish").path("layers")).isEmpty();
        assertThat(app.put(id, content).status()).isEqualTo(200);
        JsonNode planned = app.get("/api/cases/" + id + "/plan/placement").json();
        assertThat(at.path("foils").size())
                .isPositive()
                .isEqualTo(planned.path("foils").size());
        for (int i = 0; i < at.path("foils").size(); i++) {
            JsonNode one = at.path("foils").path(i);
            assertThat(one.path("spots"))
                    .isEqualTo(planned.path("foils").path(i).path("spots"));
            assertThat(one.path("grams"))
                    .isEqualTo(planned.path("foils").path(i).path("grams"));
            assertThat(one.findValues("bowls").toString()).doesNotContainPattern("[A-Z]");
        }
        assertThat(at.path("grounds").size())
                .isPositive()
                .isEqualTo(planned.path("grounds").size());
        assertThat(at.path("minutes")).isEqualTo(planned.path("minutes"));
        assertThat(at.path("wholes")).isEmpty();
        ((ObjectNode) wish.path("layers").path(0).path("pattern")).put("partingCm", 0.1);
        assertThat(app.post("/api/cases/" + id + "/plan/foils", wish.toString()).field("field"))
                .isEqualTo("layers[0].pattern.partingCm");
    }

    /** At the chair: every task that lays foils says which, by the numbers of the work sheet. */
    @Test
    void aRunningJobKnowsTheFoilsOfItsTasks() {
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("wish")).set("layers", beginning("Fine foils with a root tap"));
        ObjectNode told = (ObjectNode) content.path("consultation");
        told.put("patchResult", "CLEAR");
        assertThat(app.put(id, content).status()).isEqualTo(200);
        JsonNode sheet = app.get("/api/cases/" + id + "/plan/placement").json().path("foils");
        assertThat(app.post("/api/cases/" + id + "/job/begin", "{\"hand\":\"Ada\"}")
                        .status())
                .isEqualTo(200);
        JsonNode job = app.get("/api/cases/" + id + "/job").json();
        JsonNode foils = app.get("/api/cases/" + id + "/job/foils").json();
        assertThat(foils.path("foils")).isEqualTo(sheet);
        List<String> keys = job.path("tasks").findValuesAsString("key");
        Set<Integer> laid = new HashSet<>();
        for (JsonNode task : foils.path("tasks")) {
            assertThat(keys).contains(task.path("key").asString());
            task.path("foils").forEach(number -> laid.add(number.asInt()));
        }
        assertThat(laid).hasSize(sheet.size());
    }

    @Test
    void whatCannotBeMeantIsRefusedByItsField() {
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("wish")).set("layers", beginning("Fine foils with a root tap"));
        ObjectNode layer = (ObjectNode) content.path("wish").path("layers").path(0);
        ((ObjectNode) layer.path("pattern")).put("share", 1.4);
        Started.Answer refused = app.put(id, content);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field("field")).isEqualTo("content.wish.layers[0].pattern.share");
        ((ObjectNode) layer.path("pattern")).put("share", 0.4);
        ((ObjectNode) layer.path("region").path("from"))
                .put("at", "BAND_BEGINS")
                .put("value", 1.5);
        assertThat(app.put(id, content).field("field")).isEqualTo("content.wish.layers[0].region.from.value");
        ((ObjectNode) layer.path("region").path("from")).put("at", "SCALP").put("value", 0);
        layer.putArray("colours");
        assertThat(app.put(id, content).status()).isEqualTo(422);
    }
}
