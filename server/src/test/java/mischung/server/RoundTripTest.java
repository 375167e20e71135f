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
import net.jqwik.api.EdgeCasesMode;
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
            "FRINGE_LEFT",
            "FRINGE_RIGHT",
            "HAIRLINE",
            "PARTING",
            "CROWN",
            "SIDE_LEFT",
            "SIDE_RIGHT",
            "BACK_LEFT",
            "BACK_RIGHT",
            "NAPE");

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

    @Property(edgeCases = EdgeCasesMode.NONE)
    void whatGoesInComesOut(@ForAll("cases") JsonNode file) {
        Started.Answer added = app.post("/api/cases/file", file.toString());
        assertThat(added.status()).as(added.text()).isEqualTo(201);
        String path = "/api/cases/" + added.json().path("id").asLong();
        assertThat(app.get(path + "/file").json()).isEqualTo(file);

        Started.Answer past = app.get(path + "/strand-history");
        assertThat(past.status()).as(past.text()).isEqualTo(200);
        // To plan a whole head takes longer than all the rest: every second one is.
        if (file.path("content").path("minutes").asInt() % 2 == 0) {
            planned(path, file);
        }
        assertThat(app.delete(path).status()).isEqualTo(204);
    }

    private static void planned(String path, JsonNode file) {
        Started.Answer plan = app.get(path + "/plan");
        assertThat(plan.status()).as(plan.text()).isEqualTo(200);
        Started.Answer routes = app.get(path + "/routes");
        assertThat(routes.status()).as(routes.text()).isEqualTo(200);
        assertThat(routes.json().path("verdict").asString()).isNotBlank();
        assertThat(plan.json().path("answers"))
                .hasSize(file.path("content").path("zones").size());
        assertThat(app.get(path + "/plan").text())
                .as("the same case gives the same plan")
                .isEqualTo(plan.text());
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
                        Arbitraries.of("NATURAL", "LIGHTENED", "COLOURED", "DIRECT"),
                        Arbitraries.of("LOW", "NORMAL", "HIGH", "VERY_HIGH"),
                        Arbitraries.integers().between(0, 1000))
                .as((halfCm, halves, kind, porosity, grey) -> JSON.createObjectNode()
                        .put("fromCm", 0.0)
                        .put("toCm", halfCm / 2.0)
                        .put("kind", kind)
                        .put("level", halves / 2.0)
                        .put("tone", usualTone(kind))
                        .put("porosity", porosity)
                        .put("greyShare", grey / 1000.0)
                        .set("detail", detail(kind, halves, grey)));
    }

    private static String usualTone(String kind) {
        return kind.equals("LIGHTENED") ? "AS_LIFTED" : kind.equals("DIRECT") ? "BLUE" : "NATURAL";
    }

    private static ObjectNode detail(String kind, int halves, int grey) {
        ObjectNode detail = JSON.createObjectNode()
                .put("stretch", grey % 2 == 0 ? "NOT_TRIED" : "RETURNS_SLOWLY")
                .put("density", grey % 3 == 0 ? "AS_HEAD" : "THIN")
                .put("thickness", grey % 5 == 0 ? "AS_HEAD" : "FINE")
                .put("layers", grey % 7 / 2.0)
                .put("underFrom", 1.0)
                .put("underTo", 1.0 + halves % 12);
        ArrayNode second = detail.putArray("second");
        if (kind.equals("COLOURED") && grey % 4 == 1) {
            second.addObject().put("tone", "GOLD").put("share", 0.25);
        }
        ArrayNode measured = detail.putArray("measured");
        for (int i = 0; i < grey % 3; i++) {
            measured.addObject()
                    .put("by", i == 0 ? "READER" : "PHOTO")
                    .put("l", 12.25 + halves * 3)
                    .put("a", 4.5)
                    .put("b", 15.75 + i)
                    .put("spread", 0.4);
        }
        return detail;
    }

    private static JsonNode file(
            String name, String school, int wish, String tone, int minute, List<List<ObjectNode>> strands) {
        ObjectNode content = JSON.createObjectNode()
                .put("clientName", name)
                .put("date", "2026-02-28")
                .put("startTime", String.format("%02d:%02d:00", minute / 60, minute % 60))
                .put("minutes", Math.min(1440, 5 + minute))
                .put("chair", minute % 2 == 0 ? "" : "Window")
                .put("status", minute % 3 == 0 ? "WAITING" : "BOOKED")
                .put("density", "DENSE")
                .put("thickness", "FINE");
        content.set("wish", wished(wish / 2.0, tone, minute));
        content.putObject("method")
                .put("filler", school)
                .put("rinse", minute % 2 == 0 ? "COOL" : "SHAMPOO")
                .put("fillerOn", "DRY")
                .put("hold", "DEMI")
                .put("takeOut", minute % 3 == 0 ? "LIGHTENER_FIRST" : "REMOVER_FIRST")
                .put("pull", "LOW_AND_SLOW")
                .put("between", "WORK_ON")
                .put("start", "BACK")
                .put("pace", minute % 5 == 0 ? "SEVERAL" : "ONE_DAY");
        content.putArray("notWanted").add("demi-gold-7");
        content.put("route", "");
        content.putArray("ownRoute");
        content.putArray("moved").addObject().put("key", "1/0 MIX A 1").put("minute", 30);
        content.set("consultation", consultation(name, minute));
        content.set("history", history(wish, minute));
        ArrayNode zones = content.putArray("zones");
        for (int z = 0; z < strands.size(); z++) {
            ArrayNode bands = zones.addObject()
                    .put("place", PLACES.get(z))
                    .put("read", (minute + z) % 3 > 0)
                    .putArray("bands");
            laidEndToEnd(strands.get(z)).forEach(bands::add);
        }
        content.putArray("strandTests");
        ArrayNode taken = content.putArray("takenOn");
        if (minute % 4 == 0) {
            ObjectNode one = taken.addObject();
            ObjectNode said = one.putObject("said").put("message", "caution.PATCH_NOT_APPLIED");
            said.putArray("figures").addObject().put("name", "hours").put("text", "48");
            one.put("rule", "PATCH_TEST")
                    .put("by", "Ärztin 中")
                    .put("reason", "by the leaflet")
                    .put("at", "2026-02-27T10:00:00Z");
        }
        return JSON.createObjectNode()
                .put("format", "mischung-case")
                .put("formatVersion", 11)
                .set("content", content);
    }

    private static ObjectNode aim(double level, String tone) {
        ObjectNode aim = JSON.createObjectNode().put("level", level).put("tone", tone);
        ArrayNode second = aim.putArray("second");
        if (Math.round(2 * level) % 3 == 0) {
            second.addObject().put("tone", "MOCHA").put("share", 0.35);
        }
        aim.putArray("picked");
        return aim;
    }

    private static ObjectNode wished(double level, String tone, int minute) {
        ObjectNode wish = aim(level, tone);
        ObjectNode design = JSON.createObjectNode()
                .put("kind", List.of("EVEN", "MELT", "LOWLIGHTS", "TIPS").get(minute % 4));
        design.set("root", aim(Math.max(1, level - 1), "NATURAL"));
        design.set("ends", aim(level, "GOLD"));
        design.set("pieces", aim(level, "BEIGE"));
        design.put("rootCm", 4.0)
                .put("endsCm", 6.5)
                .put("staggerCm", 1.0)
                .put("share", 0.4)
                .put("widthMm", 5.0)
                .put("restStays", minute % 8 == 2);
        wish.set("design", design);
        wish.put("grey", minute % 2 == 0 ? "COVERED" : "BLENDED").put("keepNatural", minute % 3 == 1);
        wish.putArray("leaveOut").add("HAIRLINE");
        ObjectNode part = wish.putArray("parts").addObject();
        part.putArray("places").add("CROWN");
        part.put("fromCm", 2.0).put("toCm", 4.5).put("stays", minute % 2 == 0).set("aim", aim(level, "NATURAL"));
        wish.set("layers", layers(level, minute));
        wish.put("visits", 1 + minute % 6);
        wish.putArray("noLightener").add("NAPE");
        return wish.put("lightener", minute % 7 != 0).put("hands", 1 + minute % 3);
    }

    /** Woven pieces with a colour along them and all that may be said of how. */
    private static ArrayNode layers(double level, int minute) {
        ArrayNode layers = JSON.createArrayNode();
        ObjectNode layer = layers.addObject()
                .put("name", "wööven <b>" + minute)
                .put("purpose", "LOWLIGHT")
                .put("direction", "ZIGZAG")
                .put("on", minute % 2 == 0);
        ObjectNode region = layer.putObject("region").put("which", "ANY").put("featherCm", minute % 5 / 2.0);
        region.putArray("places").add("CROWN");
        region.set("from", JSON.createObjectNode().put("at", "SCALP").put("value", 1.5));
        region.set("to", JSON.createObjectNode().put("at", "ENDS").put("value", 0.0));
        layer.putObject("pattern")
                .put("kind", "WEAVE")
                .put("share", 0.25)
                .put("widthMm", 4.0)
                .put("everyNth", 2)
                .put("thicknessMm", 3.0)
                .put("partingCm", 5.0)
                .put("foils", 3);
        ObjectNode colour = layer.putArray("colours")
                .addObject()
                .put("kind", "ALONG")
                .put("rootCm", 4.0)
                .put("endsCm", 6.0)
                .put("staggerCm", 1.0)
                .put("featherCm", 2.0);
        colour.set("aim", aim(level, "NATURAL"));
        colour.putArray("root").add(aim(level, "GOLD"));
        colour.putArray("ends");
        ObjectNode how = layer.putObject("how").put("basin", false).put("barrier", true);
        how.putArray("lightener").add("powder");
        how.putArray("volume").add(10.0);
        how.putArray("minutes");
        return layers;
    }

    private static ObjectNode consultation(String wish, int minute) {
        ObjectNode told = JSON.createObjectNode().put("wish", wish + "\n" + wish);
        told.putArray("keeps").add("LENGTH");
        return told.put("trimCm", minute % 10 / 2.0)
                .put("budget", 250.0)
                .put("hours", 6.5)
                .put("upkeepWeeks", 6.0)
                .put("earlierReaction", minute % 2 == 0 ? "NO" : "NOT_ASKED")
                .put("blackTattoo", "NO")
                .put("allergies", "<b>none</b>")
                .put("scalp", "WHOLE")
                .put("asthma", "YES")
                .put("medication", "NO")
                .put("medicationWords", "")
                .put("pregnant", "NOT_ASKED")
                .put("underAge", "NO")
                .put("guardianAgreed", false)
                .put("patchPlaced", minute % 2 == 0 ? "2026-02-20T17:05" : "")
                .put("patchRead", minute % 2 == 0 ? "2026-02-22T18:00" : "")
                .put("patchResult", minute % 2 == 0 ? "CLEAR" : "NOT_READ")
                .put("homeColour", "OXIDATIVE")
                .put("cutStrand", "NOT_TESTED");
    }

    private static ObjectNode history(int wish, int minute) {
        ObjectNode history = JSON.createObjectNode()
                .put("naturalLevel", wish / 2.0)
                .put("growthFrom", 1.0)
                .put("growthTo", 1.5)
                .put("measuredRegrowthCm", 0.0)
                .put("washesPerWeek", 3.0);
        ArrayNode events = history.putArray("events");
        for (int i = 0; i < minute % 4; i++) {
            ObjectNode event = events.addObject()
                    .put("date", "2025-0" + (1 + i) + "-15")
                    .put(
                            "service",
                            List.of("PERMANENT", "LIGHTENER", "HAIRCUT", "SUN").get(i))
                    .put("home", i == 0)
                    .put("where", List.of("ALL", "WOVEN", "ENDS", "MIDS").get(i))
                    .put("level", 6.5)
                    .put("tone", "NATURAL")
                    .put("volume", 20.0)
                    .put("share", 0.5)
                    .put("overlapCm", 0.0)
                    .put("cutCm", 3.0);
            ArrayNode beside = event.putArray("second");
            if (wish % 2 == 0) {
                beside.addObject().put("tone", "GOLD").put("share", 0.3);
            }
        }
        return history;
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
