package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Heads a colourist would have no trouble judging, from their reading to the order of work as the application answers it; ranges are
 * common practice (no source).
 */
class PracticeCasesApiTest extends OnDemoData {
    private static final List<String> ZONES =
            List.of("FRINGE", "CROWN", "SIDE_LEFT", "SIDE_RIGHT", "BACK_LEFT", "BACK_RIGHT", "NAPE", "PARTING");

    /** Case 4, read and wished anew: its bands are "to kind level tone porosity grey" one after another. */
    private static void read(String density, String thickness, List<String> bands) {
        ObjectNode content = app.content(4);
        content.put("density", density).put("thickness", thickness);
        ArrayNode zones = content.putArray("zones");
        for (String place : ZONES) {
            ArrayNode read =
                    zones.addObject().put("place", place).put("read", true).putArray("bands");
            double from = 0;
            for (String words : bands) {
                String[] word = words.split(" ", -1);
                double to = Double.parseDouble(word[0]);
                ObjectNode band = read.addObject()
                        .put("fromCm", from)
                        .put("toCm", to)
                        .put("kind", word[1])
                        .put("level", Double.parseDouble(word[2]))
                        .put("tone", word[3])
                        .put("porosity", word[4])
                        .put("greyShare", Double.parseDouble(word[5]));
                ObjectNode detail = band.putObject("detail")
                        .put("stretch", "NOT_TRIED")
                        .put("density", "AS_HEAD")
                        .put("thickness", "AS_HEAD")
                        .put("layers", 0)
                        .put("underFrom", 1)
                        .put("underTo", 12);
                detail.putArray("second");
                detail.putArray("measured");
                from = to;
            }
        }
        wished(content, 10, "EVEN");
        kept(content);
    }

    private static void wished(ObjectNode content, double hours, String design) {
        ((ObjectNode) content.path("consultation")).put("hours", hours).put("trimCm", 0);
        ((ObjectNode) content.path("wish").path("design")).put("kind", design);
        content.put("route", "");
    }

    private static void kept(ObjectNode content) {
        Started.Answer answer = app.put(4, content);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    private static ObjectNode wish(double level, String tone) {
        ObjectNode content = app.content(4);
        ((ObjectNode) content.path("wish")).put("level", level).put("tone", tone);
        return content;
    }

    private static JsonNode plan() {
        return app.get("/api/cases/4/plan").json();
    }

    private static JsonNode order() {
        return app.get("/api/cases/4/plan/sequence").json();
    }

    private static double hours() {
        return order().path("minutes").asInt() / 60.0;
    }

    private static List<JsonNode> tasks(String kind) {
        List<JsonNode> all = new ArrayList<>();
        order().path("visits").path(0).path("tasks").forEach(task -> {
            if (task.path("kind").asString().equals(kind)) {
                all.add(task);
            }
        });
        return all;
    }

    /** P1: pale, porous lengths to a natural five. */
    @Test
    void paleLengthsToNaturalFive() {
        read(
                "NORMAL",
                "NORMAL",
                List.of(
                        "4 NATURAL 5 NATURAL NORMAL 0",
                        "33 LIGHTENED 10 AS_LIFTED NORMAL 0",
                        "45 LIGHTENED 10 AS_LIFTED HIGH 0"));
        kept(wish(5, "NATURAL"));
        assertThat(hours()).isBetween(2.25, 3.75);
        assertThat(plan().path("fills").asBoolean()).isTrue();
        assertThat(plan().path("bowls"))
                .hasSizeBetween(3, 6)
                .allSatisfy(bowl -> assertThat(bowl.path("developer").asString())
                        .as("deposit work (R20)")
                        .matches("(6|10) vol.*"));
        assertThat(plan().path("findings").toString()).contains("no equaliser");
    }

    /** P2: a lifted nine to beige seven needs no filler and one bowl. */
    @Test
    void liftedNineToBeigeSeven() {
        read("NORMAL", "NORMAL", List.of("35 LIGHTENED 9 AS_LIFTED NORMAL 0"));
        kept(wish(7, "BEIGE"));
        assertThat(hours()).isBetween(1.2, 2.25);
        assertThat(plan().path("bowls")).hasSize(1);
        assertThat(tasks("RINSE")).hasSize(1);
    }

    /** P3: dark, coarse and dense to beige nine and a half, in a day of one person. */
    @Test
    void darkToPaleInADay() {
        read("DENSE", "COARSE", List.of("30 NATURAL 3 NATURAL NORMAL 0"));
        kept(wish(9.5, "BEIGE"));
        assertThat(hours()).isBetween(5.5, 9.0);
        assertThat(tasks("CHECK").size()).isBetween(8, 20);
        assertThat(order().path("batches"))
                .allSatisfy(batch -> assertThat(batch.path("colourGrams").asDouble()
                                + batch.path("developerGrams").asDouble())
                        .isGreaterThanOrEqualTo(11.5));
        assertThat(plan().path("findings").toString()).contains("orange");
    }

    /** P6: fine cool pieces over a copper band and grey regrowth; its base lies between the foils. */
    @Test
    void coolPiecesWithBaseBetween() {
        read(
                "NORMAL",
                "NORMAL",
                List.of(
                        "3 NATURAL 5.5 NATURAL NORMAL 0.4",
                        "8 COLOURED 6 COPPER NORMAL 0",
                        "32 LIGHTENED 9 AS_LIFTED NORMAL 0"));
        ObjectNode content = wish(6, "NATURAL");
        wished(content, 10, "HIGHLIGHTS");
        ((ObjectNode) content.path("wish")).put("grey", "COVERED");
        ObjectNode design = (ObjectNode) content.path("wish").path("design");
        design.put("share", 0.7).put("widthMm", 3).put("restStays", false);
        ((ObjectNode) design.path("pieces")).put("level", 9).put("tone", "ASH");
        kept(content);
        assertThat(hours()).isBetween(3.5, 6.3);
        List<JsonNode> between = tasks("APPLY").stream()
                .filter(task -> task.path("title").asString().contains("between the foils"))
                .toList();
        assertThat(between).hasSizeGreaterThanOrEqualTo(8);
        int laid = between.stream()
                .mapToInt(task -> task.path("startMinute").asInt())
                .max()
                .orElseThrow();
        assertThat(tasks("RINSE"))
                .as("foils and base are rinsed once, together")
                .filteredOn(task -> task.path("title").asString().startsWith("Rinse, one gentle shampoo"))
                .singleElement()
                .satisfies(
                        rinse -> assertThat(rinse.path("startMinute").asInt()).isGreaterThanOrEqualTo(laid + 20));
    }
}
