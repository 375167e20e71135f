package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Any case that can be, goes through file, database and back unchanged, and can be planned. */
class RoundTripTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final List<String> PLACES = List.of(
            "FRINGE", "HAIRLINE", "PARTING", "CROWN", "SIDE_LEFT", "SIDE_RIGHT", "BACK_LEFT", "BACK_RIGHT", "NAPE");

    private static Path data;
    private static Started app;

    @BeforeContainer
    static void start() throws IOException {
        data = Files.createTempDirectory("mischung-round-trip");
        app = new Started(data, false);
    }

    @AfterContainer
    static void stop() throws IOException {
        app.close();
        try (var files = Files.list(data)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(data);
    }

    @Property(tries = 60)
    void whatGoesInComesOut(@ForAll("cases") JsonNode file) {
        Started.Answer added = app.post("/api/cases/file", file.toString());
        assertThat(added.status()).as(added.text()).isEqualTo(201);
        String path = "/api/cases/" + added.json().path("id").asLong();
        assertThat(app.get(path + "/file").json()).isEqualTo(file);

        Started.Answer plan = app.get(path + "/plan");
        assertThat(plan.status()).as(plan.text()).isEqualTo(200);
        assertThat(plan.json().path("answers"))
                .hasSize(file.path("content").path("zones").size());
        assertThat(app.get(path + "/plan").text())
                .as("the same case gives the same plan")
                .isEqualTo(plan.text());
        assertThat(app.delete(path).status()).isEqualTo(204);
    }

    @Provide
    Arbitrary<JsonNode> cases() {
        Arbitrary<String> names = Arbitraries.strings()
                .withChars("aäßøЖ中½' -<>&\"\\")
                .withCharRange('a', 'z')
                .ofMinLength(1)
                .ofMaxLength(30)
                .map(name -> name.strip() + "😀");
        Arbitrary<List<List<ObjectNode>>> zones =
                bands().list().ofMinSize(1).ofMaxSize(5).list().ofMinSize(1).ofMaxSize(PLACES.size());
        return Combinators.combine(
                        names,
                        Arbitraries.of("LADDER", "MIDPOINT"),
                        Arbitraries.integers().between(2, 20),
                        Arbitraries.of("NATURAL", "ASH", "GOLD", "COPPER", "RED", "VIOLET"),
                        Arbitraries.integers().between(0, 24 * 60 - 1),
                        zones)
                .as(RoundTripTest::file);
    }

    private static Arbitrary<ObjectNode> bands() {
        return Combinators.combine(
                        Arbitraries.integers().between(1, 30),
                        Arbitraries.integers().between(2, 24),
                        Arbitraries.of("NATURAL", "LIGHTENED"),
                        Arbitraries.of("LOW", "NORMAL", "HIGH", "VERY_HIGH"),
                        Arbitraries.integers().between(0, 1000))
                .as((halfCm, halves, kind, porosity, grey) -> JSON.createObjectNode()
                        .put("fromCm", 0.0)
                        .put("toCm", halfCm / 2.0)
                        .put("kind", kind)
                        .put("level", halves / 2.0)
                        .put("tone", kind.equals("NATURAL") ? "NATURAL" : "AS_LIFTED")
                        .put("porosity", porosity)
                        .put("greyShare", grey / 1000.0));
    }

    private static JsonNode file(
            String name, String school, int wish, String tone, int minute, List<List<ObjectNode>> strands) {
        ObjectNode content = JSON.createObjectNode()
                .put("clientName", name)
                .put("date", "2026-02-28")
                .put("startTime", String.format("%02d:%02d:00", minute / 60, minute % 60))
                .put("density", "DENSE")
                .put("thickness", "FINE");
        content.putObject("wish").put("level", wish / 2.0).put("tone", tone);
        content.put("school", school);
        ArrayNode zones = content.putArray("zones");
        for (int z = 0; z < strands.size(); z++) {
            ArrayNode bands = zones.addObject().put("place", PLACES.get(z)).putArray("bands");
            laidEndToEnd(strands.get(z)).forEach(bands::add);
        }
        return JSON.createObjectNode()
                .put("format", "mischung-case")
                .put("formatVersion", 1)
                .set("content", content);
    }

    private static List<ObjectNode> laidEndToEnd(List<ObjectNode> pieces) {
        List<ObjectNode> bands = new ArrayList<>();
        double from = 0;
        for (ObjectNode piece : pieces) {
            double to = from + piece.path("toCm").asDouble();
            bands.add(piece.deepCopy().put("fromCm", from).put("toCm", to));
            from = to;
        }
        return bands;
    }
}
