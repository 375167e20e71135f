package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What stands between reading and planning: blocks, strand tests, history, a line typed for a strand. */
class WorkingUpApiTest extends OnDemoData {
    private static Started.Answer status(String status) {
        return app.put("/api/cases/3/status", "{\"status\":\"" + status + "\"}");
    }

    private static ObjectNode content(long id) {
        return (ObjectNode) app.get("/api/cases/" + id).json().path("content");
    }

    private static Started.Answer put(long id, ObjectNode content) {
        ObjectNode change = JSON.createObjectNode()
                .put(
                        "version",
                        app.get("/api/cases/" + id).json().path("version").asLong());
        change.set("content", content);
        return app.put("/api/cases/" + id, change.toString());
    }

    private static ObjectNode asked(ObjectNode content) {
        ObjectNode told = (ObjectNode) content.path("consultation");
        told.put("earlierReaction", "NO")
                .put("blackTattoo", "NO")
                .put("scalp", "WHOLE")
                .put("homeColour", "NONE");
        told.put("asthma", "NO").put("medication", "NO").put("pregnant", "NO").put("underAge", "NO");
        return told;
    }

    @Test
    void workDoesNotBeginPastABlockUnlessItIsSettledOrTakenOn() {
        ObjectNode content = content(3);
        ((ObjectNode) content.path("consultation"))
                .put("earlierReaction", "NOT_ASKED")
                .put("patchPlaced", "");
        ((ObjectNode) content.path("consultation")).put("patchResult", "NOT_READ");
        assertThat(put(3, content).status()).isEqualTo(200);
        JsonNode plan = app.get("/api/cases/3/plan").json();
        assertThat(plan.path("blocked").asBoolean()).isTrue();
        assertThat(plan.path("stepCautions")).hasSize(plan.path("columns").size() - 1);
        for (String status : new String[] {"RUNNING", "DONE"}) {
            Started.Answer begun = status(status);
            assertThat(begun.status()).isEqualTo(422);
            assertThat(begun.field("title")).isEqualTo("This work is blocked");
            assertThat(begun.field("remedy")).contains("Patch test", "Earlier reaction");
        }
        assertThat(status("WAITING").status()).isEqualTo(200);

        ObjectNode told = content(3);
        asked(told);
        ObjectNode taken = told.withArray("takenOn").addObject();
        taken.set("said", saidOfThePatchTest());
        taken.put("rule", "PATCH_TEST").put("by", "").put("reason", "no").put("at", "2026-11-23T08:00:00Z");
        assertThat(put(3, told).field("field")).isEqualTo("content.takenOn[0].by");
        taken.put("by", "Ruth O.").put("reason", "The leaflet of this demi asks for none.");
        assertThat(put(3, told).status()).isEqualTo(200);
        assertThat(app.put("/api/house", app.house("{\"chairs\":[\"One\"],\"overridesAllowed\":false}"))
                        .status())
                .isEqualTo(200);
        assertThat(status("RUNNING").field("remedy"))
                .as("local rules do not allow it here")
                .contains("Patch test");
        app.put("/api/house", app.house("{\"chairs\":[\"One\"],\"overridesAllowed\":true}"));
        assertThat(app.get("/api/cases/3/plan").text()).contains("Ruth O.: The leaflet");
        Started.Answer running = status("RUNNING");
        assertThat(running.status()).as(running.text()).isEqualTo(200);
        ObjectNode never = content(3);
        ObjectNode signed = never.withArray("takenOn").addObject();
        signed.putObject("said").put("message", "").putArray("figures");
        signed.put("rule", "EARLIER_REACTION")
                .put("by", "Ruth O.")
                .put("reason", "It will be fine")
                .put("at", "2026-11-23T08:00:00Z");
        assertThat(put(3, never).field("remedy")).contains("Nobody can take this on");
    }

    @Test
    void theClockOfABlockedTestDoesNotStart() {
        long id = app.newCase("Ungefragt").json().path("id").asLong();
        ObjectNode content = content(id);
        ObjectNode test = panel(content, 0, false).put("minutesOn", 0);
        content.putArray("strandTests").add(test);
        assertThat(put(id, content).status()).as("to be thought over").isEqualTo(200);
        test.put("startedAt", "2026-11-23T09:00:00Z");
        Started.Answer begun = put(id, content);
        assertThat(begun.status()).isEqualTo(422);
        assertThat(begun.field("field")).isEqualTo("content.strandTests[0].startedAt");
        test.put("onHead", false);
        assertThat(put(id, content).status()).as("a cut strand hurts nobody").isEqualTo(200);
    }

    /** What the plan says of the patch test of case 3. */
    private static JsonNode saidOfThePatchTest() {
        for (JsonNode step : app.get("/api/cases/3/plan").json().path("stepCautions")) {
            for (JsonNode caution : step) {
                if (caution.path("rule").asString("").equals("PATCH_TEST")) {
                    return caution.path("said");
                }
            }
        }
        throw new AssertionError("The plan says nothing of a patch test");
    }

    private static ObjectNode panel(ObjectNode content, double seen, boolean accepted) {
        ObjectNode band =
                (ObjectNode) content.path("zones").path(1).path("bands").path(0).deepCopy();
        ObjectNode test = JSON.createObjectNode()
                .put("place", "CROWN")
                .put("onHead", true)
                .put("startedAt", "");
        test.set("band", band);
        test.putObject("product")
                .put("kind", "LIGHTENER")
                .put("amount", 30)
                .put("volume", 20)
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
                .putArray("lightener");
        test.put("minutesOn", 30);
        test.putObject("seen")
                .put("done", seen > 0)
                .put("level", seen > 0 ? seen : 6)
                .put("tone", "AS_LIFTED")
                .put("breakage", "NONE")
                .put("stretch", "SPRINGS_BACK")
                .putArray("second");
        return test.put("accepted", accepted);
    }

    @Test
    void anAcceptedStrandTestCalibratesThisClientFromThenOn() {
        ObjectNode content = content(4);
        asked(content);
        content.withArray("strandTests").add(panel(content, 0, false));
        assertThat(put(4, content).status()).isEqualTo(200);
        JsonNode open = app.get("/api/cases/4/strand-tests").json();
        double predicted =
                open.path("panels").path(0).path("predicted").path("level").asDouble();
        assertThat(open.path("counted").asInt()).isZero();
        assertThat(open.path("panels").path(0).path("cautions").findValuesAsString("rule"))
                .contains("PERSULFATES");

        double seen = Math.rint(2 * predicted) / 2 + 1;
        content = content(4);
        content.putArray("strandTests").add(panel(content, seen, false));
        put(4, content);
        JsonNode read = app.get("/api/cases/4/strand-tests").json();
        assertThat(read.path("panels").path(0).path("verdict").asString("")).contains("lighter than predicted");
        JsonNode lift = read.path("panels").path(0).path("changes").path(0);
        assertThat(lift.path("after").asDouble())
                .isGreaterThan(lift.path("before").asDouble());
        assertThat(lift.path("afterSpread").asDouble())
                .isLessThan(lift.path("beforeSpread").asDouble());
        assertThat(read.path("counted").asInt()).as("not before it is accepted").isZero();

        content = content(4);
        content.putArray("strandTests").add(panel(content, seen, true));
        put(4, content);
        JsonNode known = app.get("/api/cases/4/strand-tests").json();
        assertThat(known.path("counted").asInt()).isEqualTo(1);
        assertThat(known.path("known").path(0).path("after").asDouble()).isGreaterThan(1.05);
        long client = app.get("/api/cases/4").json().path("clientId").asLong();
        JsonNode next = app.post(
                        "/api/clients/" + client + "/cases",
                        "{\"date\":\"2027-01-10\",\"startTime\":\"09:00\",\"minutes\":60,\"chair\":\"\",\"copyOf\":4}")
                .json();
        assertThat(app.get("/api/cases/" + next.path("id").asLong() + "/strand-tests")
                        .json()
                        .path("counted")
                        .asInt())
                .as("the next visit knows it too")
                .isEqualTo(1);
        content = content(4);
        content.putArray("strandTests").add(panel(content, 0, true));
        assertThat(put(4, content).field("remedy")).contains("before it counts");
        content.putArray("strandTests").add(panel(content, 7, false).put("minutesOn", 999));
        assertThat(put(4, content).field("field")).isEqualTo("content.strandTests[0].minutesOn");
    }

    @Test
    void theHistoryIsLaidOnEveryStrandAndCorrectedByAMeasuredRegrowth() {
        ObjectNode content = content(2);
        ObjectNode history = (ObjectNode) content.path("history");
        history.put("measuredRegrowthCm", 0.0)
                .putArray("events")
                .addObject()
                .put("date", "2026-05-24")
                .put("service", "PERMANENT")
                .put("home", true)
                .put("where", "ALL")
                .put("level", 4)
                .put("tone", "NATURAL")
                .put("volume", 20)
                .put("share", 1)
                .put("overlapCm", 0)
                .put("cutCm", 0)
                .putArray("second")
                .addObject()
                .put("tone", "ASH")
                .put("share", 0.3);
        assertThat(put(2, content).status()).isEqualTo(200);
        JsonNode laid = app.get("/api/cases/2/strand-history").json();
        assertThat(laid.path("strands")).hasSize(content.path("zones").size());
        JsonNode line = laid.path("strands").path(0).path("stretches").path(0).path("to");
        assertThat(line.path("toCm").asDouble() - line.path("fromCm").asDouble())
                .isGreaterThan(3);
        assertThat(laid.path("lastAtScalp").asString("")).startsWith("24 May 2026, permanent colour 4 natural");
        content = content(2);
        ((ObjectNode) content.path("history")).put("measuredRegrowthCm", 7.2);
        put(2, content);
        JsonNode measured = app.get("/api/cases/2/strand-history").json();
        assertThat(measured.path("growthUsual").asDouble()).isBetween(1.18, 1.21);
        JsonNode narrow =
                measured.path("strands").path(0).path("stretches").path(0).path("to");
        assertThat(narrow.path("toCm").asDouble() - narrow.path("fromCm").asDouble())
                .isLessThan(2.5);
        ((ObjectNode) content.path("history").path("events").path(0)).put("date", "2027-05-24");
        assertThat(put(2, content).field("field")).isEqualTo("content.history.events[0].date");
        ((ObjectNode) content.path("history").path("events").path(0)).put("date", "2026-11-20");
        assertThat(put(2, content).field("field")).isEqualTo("content.history.months");
    }

    @Test
    void aTypedLineBecomesBands() {
        Started.Answer read = app.post("/api/strand-line", "{\"line\":\"6n 5, 8l 13, 10lp 38\"}");
        assertThat(read.json()).hasSize(3);
        assertThat(read.json().path(2).path("porosity").asString("")).isEqualTo("HIGH");
        Started.Answer wrong = app.post("/api/strand-line", "{\"line\":\"6n 5, 8q 13\"}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.field("remedy")).contains("From character 7");
    }
}
