package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import mischung.caution.CautionRule;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every caution through the whole application: it stands at the step of the plan or at the panel where the decision is made,
 * and where it blocks, neither the work nor the panel's clock can be started past it.
 */
class EveryCautionApiTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Set<CautionRule> SEEN = EnumSet.noneOf(CautionRule.class);

    @TempDir
    static Path data;

    private static Started app;

    @BeforeAll
    static void start() {
        app = new Started(data, false);
    }

    @AfterAll
    static void stop() {
        app.close();
        assertThat(SEEN).as("every rule there is").containsExactlyInAnyOrder(CautionRule.values());
    }

    /** A client of whom all was asked and all is well, with grey regrowth over lightened hair; five shades darker is wished. */
    private static JsonNode fine() {
        JsonNode made = app.newCase("Alles Gut").json();
        ObjectNode content = (ObjectNode) made.path("content").deepCopy();
        ObjectNode told = (ObjectNode) content.path("consultation");
        for (String question :
                List.of("earlierReaction", "blackTattoo", "asthma", "medication", "pregnant", "underAge")) {
            told.put(question, "NO");
        }
        told.put("scalp", "WHOLE")
                .put("homeColour", "NONE")
                .put("patchPlaced", "2026-11-18T09:00")
                .put("patchRead", "2026-11-20T09:30")
                .put("patchResult", "CLEAR");
        ((ObjectNode) content.path("wish")).put("level", 5);
        ObjectNode zone = (ObjectNode) content.path("zones").path(0);
        content.putArray("zones").add(zone);
        ObjectNode root = (ObjectNode) zone.path("bands").path(0);
        ObjectNode lengths = root.deepCopy();
        root.put("toCm", 4).put("greyShare", 0.8);
        lengths.put("fromCm", 4).put("kind", "LIGHTENED").put("level", 9.5).put("tone", "AS_LIFTED");
        zone.withArray("bands").add(lengths);
        return put(made, content).json();
    }

    private static Started.Answer put(JsonNode of, ObjectNode content) {
        ObjectNode change =
                JSON.createObjectNode().put("version", of.path("version").asLong());
        change.set("content", content);
        return app.put(path(of), change.toString());
    }

    private static Started.Answer begin(JsonNode of) {
        return app.put(path(of) + "/status", "{\"status\":\"RUNNING\"}");
    }

    private static String path(JsonNode of) {
        return "/api/cases/" + of.path("id").asLong();
    }

    private static JsonNode now(JsonNode of) {
        return app.get(path(of)).json();
    }

    private static void set(ObjectNode content, String path, String value) {
        ObjectNode at = content;
        String[] steps = path.split("\\.", -1);
        for (int i = 0; i < steps.length - 1; i++) {
            JsonNode next = Character.isDigit(steps[i + 1].charAt(0))
                    ? at.path(steps[i]).path(Integer.parseInt(steps[++i]))
                    : at.path(steps[i]);
            at = (ObjectNode) next;
        }
        at.set(
                steps[steps.length - 1],
                JSON.readTree(value.matches("[0-9.]+|true|false") ? value : "\"" + value + "\""));
    }

    private static List<JsonNode> of(JsonNode cautions, CautionRule rule) {
        List<JsonNode> all = new ArrayList<>();
        cautions.forEach(c -> {
            if (c.path("rule").asString("").equals(rule.name())) {
                all.add(c);
            }
        });
        SEEN.addAll(all.isEmpty() ? Set.of() : Set.of(rule));
        return all;
    }

    @Test
    void whoIsFineCanBeginAndIsRemindedOfWhatAlwaysHolds() {
        JsonNode fine = fine();
        JsonNode plan = app.get(path(fine) + "/plan").json();
        assertThat(plan.path("blocked").asBoolean()).isFalse();
        JsonNode target =
                plan.path("stepCautions").path(plan.path("stepCautions").size() - 1);
        assertThat(of(target, CautionRule.PROTECTION)).hasSize(1);
        assertThat(of(target, CautionRule.TWENTY_AT_SCALP))
                .as("grey is covered with 20 vol")
                .hasSize(1);
        assertThat(of(plan.path("cautions"), CautionRule.PREDICTION)).hasSize(1);
        assertThat(of(plan.path("cautions"), CautionRule.LOCAL_LAW)).hasSize(1);
        Started.Answer begun = begin(fine);
        assertThat(begun.status()).as(begun.text()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({
        "EARLIER_REACTION, consultation.earlierReaction, YES, BLOCK",
        "BLACK_TATTOO, consultation.blackTattoo, YES, BLOCK",
        "PATCH_TEST, consultation.patchResult, NOT_READ, BLOCK",
        "SCALP, consultation.scalp, BROKEN, BLOCK",
        "HOME_COLOUR, consultation.homeColour, METALLIC, BLOCK",
        "UNDER_AGE, consultation.underAge, YES, BLOCK",
        "STRENGTH_FELT, zones.0.bands.1.detail.stretch, BREAKS, WARN",
        "VERY_POROUS, zones.0.bands.1.porosity, VERY_HIGH, WARN",
        "PREGNANCY, consultation.pregnant, YES, WARN",
        "MEDICATION, consultation.medication, YES, WARN"
    })
    void atTheStepOfThePlan(CautionRule rule, String field, String value, String strength) {
        JsonNode fine = fine();
        ObjectNode content = (ObjectNode) fine.path("content").deepCopy();
        set(content, field, value);
        assertThat(put(fine, content).status()).isEqualTo(200);
        JsonNode plan = app.get(path(fine) + "/plan").json();
        List<JsonNode> said = new ArrayList<>();
        plan.path("stepCautions").forEach(step -> said.addAll(of(step, rule)));
        assertThat(said).isNotEmpty().allSatisfy(c -> {
            assertThat(c.path("strength").asString("")).isEqualTo(strength);
            assertThat(c.path("cleared").asString("")).isNotBlank();
        });
        boolean blocks = strength.equals("BLOCK");
        assertThat(plan.path("blocked").asBoolean()).isEqualTo(blocks);
        Started.Answer begun = begin(fine);
        assertThat(begun.status()).as(begun.text()).isEqualTo(blocks ? 422 : 200);
    }

    /** The planner leaves such hair out; whoever lays on it by hand is stopped. */
    @Test
    void theOwnRouteIsBlockedOnHairThatFailed() {
        JsonNode fine = fine();
        ObjectNode content = (ObjectNode) fine.path("content").deepCopy();
        JsonNode target =
                app.get(path(fine) + "/routes").json().path("routes").path(0).path("rounds");
        assertThat(target).isNotEmpty();
        content.set("ownRoute", target);
        content.put("route", "own");
        set(content, "zones.0.bands.1.detail.stretch", "BREAKS");
        assertThat(put(fine, content).status()).isEqualTo(200);
        JsonNode plan = app.get(path(fine) + "/plan").json();
        assertThat(plan.path("route").asString()).isEqualTo("own");
        List<JsonNode> said = new ArrayList<>();
        plan.path("stepCautions").forEach(step -> said.addAll(of(step, CautionRule.STRENGTH_FELT)));
        assertThat(said)
                .anySatisfy(c -> assertThat(c.path("strength").asString()).isEqualTo("BLOCK"));
        assertThat(begin(fine).status()).isEqualTo(422);
    }

    private static ObjectNode panel(JsonNode fine, String changes) {
        ObjectNode test = JSON.createObjectNode()
                .put("place", "FRINGE")
                .put("onHead", true)
                .put("startedAt", "");
        test.set(
                "band",
                fine.path("content").path("zones").path(0).path("bands").path(1).deepCopy());
        test.putObject("product")
                .put("kind", "LIGHTENER")
                .put("amount", 10)
                .put("volume", 10)
                .put("ratio", 2)
                .put("place", "MIDS")
                .put("cover", "FOIL")
                .put("heat", false)
                .put("sectionMm", 3)
                .put("ageMinutes", 0)
                .put("shadeLevel", 6)
                .put("shadeTone", "NATURAL")
                .put("hue", "RED")
                .put("clear", 0)
                .put("wetness", "DRY")
                .putArray("lightener")
                .addObject()
                .put("code", "x")
                .put("name", "powder x")
                .put("ratio", 2)
                .put("speed", 1)
                .put("harshness", 1)
                .put("mostVolume", 40)
                .put("mostLevels", 8)
                .put("scalp", true)
                .put("openAir", false)
                .putArray("additive");
        for (String change : changes.isBlank() ? new String[0] : changes.split(";", -1)) {
            String[] pair = change.split("=", -1);
            set(test, pair[0], pair[1]);
        }
        test.put("minutesOn", 0).put("accepted", false);
        test.putObject("seen")
                .put("done", false)
                .put("level", 6)
                .put("tone", "AS_LIFTED")
                .put("breakage", "NONE")
                .put("stretch", "NOT_TRIED")
                .putArray("second");
        return test;
    }

    @ParameterizedTest
    @CsvSource({
        "STRONG_AT_SCALP, '', product.volume=40;product.place=SCALP;product.amount=1, BLOCK",
        "CLEANSE_AT_SCALP, '', product.kind=CLEANSE_MIX;product.place=SCALP;product.amount=1, BLOCK",
        "STRENGTH_AFTER, '', product.volume=40;product.amount=110;band.detail.stretch=RETURNS_SLOWLY, BLOCK",
        "ASTHMA, consultation.asthma=YES, '', BLOCK",
        "EARLIER_REACTION_LIGHTENER, consultation.earlierReaction=YES, '', BLOCK",
        "MAKERS_LIMIT, '', product.lightener.0.mostVolume=5, BLOCK",
        "FOIL_AND_WARMTH, '', product.heat=true, WARN",
        "PERSULFATES, '', '', REMIND"
    })
    void atThePanelOfAStrandTest(CautionRule rule, String told, String changes, String strength) {
        JsonNode fine = fine();
        ObjectNode content = (ObjectNode) fine.path("content").deepCopy();
        if (!told.isEmpty()) {
            set(content, told.substring(0, told.indexOf('=')), told.substring(told.indexOf('=') + 1));
        }
        ObjectNode panel = panel(fine, changes);
        content.putArray("strandTests").add(panel);
        assertThat(put(fine, content).status()).as("to be thought over").isEqualTo(200);
        JsonNode shown = app.get(path(fine) + "/strand-tests")
                .json()
                .path("panels")
                .path(0)
                .path("cautions");
        assertThat(of(shown, rule))
                .singleElement()
                .satisfies(c -> assertThat(c.path("strength").asString("")).isEqualTo(strength));
        panel.put("startedAt", "2026-11-23T09:00:00Z");
        Started.Answer begun = put(now(fine), content);
        assertThat(begun.status()).as(begun.text()).isEqualTo(strength.equals("BLOCK") ? 422 : 200);
    }

    /** A panel that was begun stays begun when others are taken away, but it cannot become another one behind its clock. */
    @Test
    void aRunningPanelCannotBeExchangedForABlockedOne() {
        JsonNode fine = fine();
        ObjectNode content = (ObjectNode) fine.path("content").deepCopy();
        ObjectNode waiting = panel(fine, "");
        ObjectNode running = panel(fine, "").put("startedAt", "2026-11-23T09:00:00Z");
        content.putArray("strandTests").add(waiting).add(running);
        assertThat(put(fine, content).status()).isEqualTo(200);
        running = (ObjectNode)
                now(fine).path("content").path("strandTests").path(1).deepCopy();
        set(content, "consultation.asthma", "YES");
        content.putArray("strandTests").add(running);
        assertThat(put(now(fine), content).status()).as("it runs already").isEqualTo(200);
        set(running, "product.volume", "40");
        set(running, "product.place", "SCALP");
        assertThat(put(now(fine), content).status()).isEqualTo(422);
    }
}
