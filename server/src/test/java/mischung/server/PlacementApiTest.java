package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Layers through the application: begun, seen as foils with their bowls, refused by name. */
class PlacementApiTest extends OnDemoData {
    private static JsonNode beginning(String name) {
        for (JsonNode one : app.get("/api/vocabulary").json().path("beginnings")) {
            if (one.path("name").asString().equals(name)) {
                return one.path("layers");
            }
        }
        throw new AssertionError("no beginning " + name);
    }

    /** Every beginning is a wish that can be kept, planned and read out again as it went in. */
    @Test
    void everyBeginningIsPlannedAndKept() {
        for (JsonNode one : app.get("/api/vocabulary").json().path("beginnings")) {
            ObjectNode content = app.content(3);
            ((ObjectNode) content.path("wish")).set("layers", one.path("layers"));
            assertThat(app.put(3, content).status())
                    .as(one.path("name").asString())
                    .isEqualTo(200);
            assertThat(app.content(3).path("wish").path("layers")).isEqualTo(one.path("layers"));
            JsonNode placement = app.get("/api/cases/3/plan/placement").json();
            int own = 0;
            for (JsonNode layer : placement.path("layers")) {
                own += layer.path("own").asInt() >= 0 ? 1 : 0;
            }
            assertThat(own).isEqualTo(one.path("layers").size());
            assertThat(placement.path("wholes")).hasSize(5);
        }
    }

    @Test
    void foilsAreNumberedAndLetteredByTheirBowls() {
        ObjectNode content = app.content(3);
        ((ObjectNode) content.path("wish")).set("layers", beginning("Fine foils with a root tap"));
        assertThat(app.put(3, content).status()).isEqualTo(200);
        JsonNode placement = app.get("/api/cases/3/plan/placement").json();
        assertThat(placement.path("foils").size()).isBetween(25, 60);
        assertThat(placement.path("minutes").asInt()).isBetween(25, 60);
        int number = 0;
        for (JsonNode foil : placement.path("foils")) {
            assertThat(foil.path("number").asInt()).isEqualTo(++number);
            assertThat(foil.path("stretches")).isNotEmpty();
        }
        String bowls = app.get("/api/cases/3/plan")
                .json()
                .path("bowls")
                .findValuesAsString("name")
                .toString();
        assertThat(placement.path("foils").findValues("bowls").toString()).containsAnyOf(bowls.substring(1, 2));
    }

    /** A4, with the foils, the bowls and the order in words, and the map drawn. */
    @Test
    void theWorkSheetHasMapBowlsAndOrder() throws IOException {
        ObjectNode content = app.content(3);
        ((ObjectNode) content.path("wish")).set("layers", beginning("Fine foils with a root tap"));
        assertThat(app.put(3, content).status()).isEqualTo(200);
        byte[] pdf = app.bytes("/api/cases/3/plan/work-sheet.pdf");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(PDRectangle.A4.getWidth());
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Work sheet", "Back", "From above", "Foils", "Bowls", "Order of work", "babylights");
            for (JsonNode bowl : app.get("/api/cases/3/plan").json().path("bowls")) {
                assertThat(text).contains(bowl.path("name").asString() + ": ");
            }
        }
        app.get("/api/cases/3/plan/placement")
                .json()
                .path("foils")
                .forEach(foil -> assertThat(foil.path("spots"))
                        .as(foil.path("place").asString())
                        .isNotEmpty());
    }

    @Test
    void whatCannotBeMeantIsRefusedByItsField() {
        ObjectNode content = app.content(3);
        ((ObjectNode) content.path("wish")).set("layers", beginning("Fine foils with a root tap"));
        ObjectNode layer = (ObjectNode) content.path("wish").path("layers").path(0);
        ((ObjectNode) layer.path("pattern")).put("share", 1.4);
        Started.Answer refused = app.put(3, content);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.field("field")).isEqualTo("content.wish.layers[0].pattern.share");
        ((ObjectNode) layer.path("pattern")).put("share", 0.4);
        ((ObjectNode) layer.path("region").path("from"))
                .put("at", "BAND_BEGINS")
                .put("value", 1.5);
        assertThat(app.put(3, content).field("field")).isEqualTo("content.wish.layers[0].region.from.value");
        ((ObjectNode) layer.path("region").path("from")).put("at", "SCALP").put("value", 0);
        layer.putArray("colours");
        assertThat(app.put(3, content).status()).isEqualTo(422);
    }
}
