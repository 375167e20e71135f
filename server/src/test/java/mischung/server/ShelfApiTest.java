package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The shelf through the application: ranges in and out as files, counting, buying. */
class ShelfApiTest extends OnDemoData {
    private static final String HEADER =
            "kind,code,name,class,level,tone,ratio,minutes,pack_g,pack_price,packs,low_g\n";

    private static Started.Answer begin(String range, String csv) {
        return app.post("/api/shelf/imports?range=" + range, "text/csv", csv.getBytes(StandardCharsets.UTF_8));
    }

    /** Reads a file to its end. */
    private static JsonNode read(String range, String csv) {
        JsonNode one = begin(range, csv).json();
        Instant patience = Instant.now().plus(Duration.ofSeconds(30));
        while (one.path("state").asString().equals("READING") && Instant.now().isBefore(patience)) {
            one = app.get("/api/shelf/imports/" + one.path("id").asLong()).json();
        }
        return one;
    }

    private static Started.Answer takeOver(JsonNode one) {
        return app.post("/api/shelf/imports/" + one.path("id").asLong() + "/taken-over", "");
    }

    private static Set<String> ranges() {
        Set<String> names = new TreeSet<>();
        app.get("/api/shelf")
                .json()
                .path("ranges")
                .forEach(range -> names.add(range.path("name").asString()));
        return names;
    }

    private static long range(String name) {
        for (JsonNode range : app.get("/api/shelf").json().path("ranges")) {
            if (range.path("name").asString().equals(name)) {
                return range.path("id").asLong();
            }
        }
        throw new AssertionError("no range " + name);
    }

    private static JsonNode product(String code) {
        for (JsonNode product : app.get("/api/shelf").json().path("products")) {
            if (product.path("code").asString().equals(code)) {
                return product;
            }
        }
        throw new AssertionError("no product " + code);
    }

    /** A whole range is looked at, taken over, worked with, taken along and removed again. */
    @Test
    void aSalonBringsItsOwnRange() {
        StringBuilder csv = new StringBuilder(HEADER);
        for (String tone : List.of("natural", "gold", "copper", "2 copper + 1 gold", "ash")) {
            for (int level = 4; level <= 10; level++) {
                csv.append("shade,own ")
                        .append(tone.charAt(0))
                        .append(tone.length())
                        .append('-')
                        .append(level);
                csv.append(",,demi,").append(level).append(',').append(tone).append(",1.5,25,80,9.5,3,40\n");
            }
        }
        csv.append("shade,own swatch,\"Müßig, <i>rot</i>\",demi,6,lab 31.2 22.4 17.9,1.5,25,80,9.5,3,40\n");
        csv.append("shade,own lilac,,demi,6,lilac,1.5,25,80,9.5,3,40\n");
        JsonNode one = read("Salon", csv.toString());
        assertThat(one.path("state").asString()).as("%s", one).isEqualTo("READ");
        assertThat(one.path("lines").asInt()).isEqualTo(37);
        assertThat(one.path("done").asInt()).isEqualTo(37);
        assertThat(one.path("preview").path(0).path("shade").path(0).path("look"))
                .isNotEmpty();
        assertThat(ranges()).as("only looked at").doesNotContain("Salon");
        assertThat(takeOver(one).status()).isEqualTo(200);
        assertThat(product("own swatch").path("name").asString()).isEqualTo("Müßig, <i>rot</i>");
        JsonNode lilac = product("own lilac").path("shade").path(0);
        assertThat(lilac.path("missesItsJob").asBoolean())
                .as("no oxidative dye is lilac on brown hair")
                .isTrue();
        assertThat(lilac.path("look").path(0).path("tone").asString()).isNotEqualTo("lilac");
        assertThat(product("demi-pearl-10")
                        .path("shade")
                        .path(0)
                        .path("missesItsJob")
                        .asBoolean())
                .isFalse();

        // The new range is preferred, so the plan is made of it, in its maker's ratio and time.
        JsonNode bowl = app.get("/api/cases/1/plan").json().path("bowls").path(0);
        assertThat(bowl.path("parts").path(0).path("code").asString()).startsWith("own ");
        assertThat(bowl.path("ratio").asString()).isEqualTo("1 : 1.5");
        assertThat(bowl.path("minutes").asDouble()).isEqualTo(25);

        Started.Answer file = app.get("/api/shelf/ranges/" + range("Salon") + "/file");
        assertThat(file.type()).startsWith("text/csv");
        assertThat(app.delete("/api/shelf/ranges/" + range("Salon")).status()).isEqualTo(204);
        assertThat(app.get("/api/cases/1/plan")
                        .json()
                        .path("bowls")
                        .path(0)
                        .path("parts")
                        .path(0)
                        .path("code")
                        .asString())
                .startsWith("demi-");
        JsonNode again = read("Salon", file.text());
        assertThat(again.path("wrong")).isEmpty();
        assertThat(takeOver(again).status()).isEqualTo(200);
        assertThat(app.get("/api/shelf/ranges/" + range("Salon") + "/file").text())
                .isEqualTo(file.text());
        assertThat(app.delete("/api/shelf/ranges/" + range("Salon")).status()).isEqualTo(204);
        assertThat(takeOver(again).status())
                .as("what was taken over is not taken over twice")
                .isEqualTo(422);
    }

    @Test
    void aFileWithThreeBadLinesNamesThemAndTakesNothingOver() {
        StringBuilder csv = new StringBuilder(HEADER);
        for (int i = 1; i <= 40; i++) {
            String line = "shade,bad-" + i + ",,demi,6,gold,2,20,60,7,1,10\n";
            csv.append(
                    switch (i) {
                        case 7 -> line.replace("gold", "golden");
                        case 12 -> line.replace("bad-12", "bad-11");
                        case 33 -> line.replace(",60,", ",,");
                        default -> line;
                    });
        }
        JsonNode one = read("Bad", csv.toString());
        assertThat(one.path("state").asString()).isEqualTo("WRONG");
        assertThat(one.path("wrong").findValuesAsString("line")).containsExactly("8", "13", "34");
        assertThat(one.path("wrong").findValuesAsString("column")).containsExactly("tone", "code", "pack_g");
        assertThat(one.path("wrong").path(1).path("remedy").asString()).contains("line 12");
        assertThat(takeOver(one).status()).isEqualTo(422);
        assertThat(ranges()).doesNotContain("Bad");
        assertThat(read("Bad", HEADER + "shade,demi-gold-8,,demi,6,gold,2,20,60,7,1,10\n")
                        .path("wrong")
                        .path(0)
                        .path("remedy")
                        .asString())
                .contains("Another range");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "kind,code\nshade,x",
                "kind,code,pack_g,colour\nshade,x,60,red",
                "kind,code,pack_g\n",
                "kind,code,pack_g\nshade,\"x,60\nshade,y,60",
                "\u0000\u0001\u0002"
            })
    void whatIsNoRangeIsRefused(String csv) {
        Started.Answer answer = begin("Odd", csv);
        assertThat(answer.status()).as(answer.text()).isBetween(400, 422);
        assertThat(answer.type()).contains("problem+json");
        assertThat(ranges()).doesNotContain("Odd");
    }

    @Test
    void whatIsCountedIsKeptUnlessSomebodyCameBefore() {
        JsonNode before = product("remover-two");
        ObjectNode count = JSON.createObjectNode()
                .put("version", before.path("version").asLong())
                .put("counted", true)
                .put("packs", 4)
                .put("lowGrams", 100)
                .put("packPrice", 20.5);
        count.putArray("opened").add(33.5).add(12);
        String path = "/api/shelf/products/" + before.path("id").asLong();
        JsonNode after = app.put(path, count.toString()).json();
        assertThat(after.path("grams").asDouble()).isEqualTo(4 * 240 + 45.5);
        assertThat(after.path("packPrice").asDouble()).isEqualTo(20.5);
        assertThat(app.put(path, count.toString()).status())
                .as("the old version")
                .isEqualTo(409);
        count.put("version", after.path("version").asLong());
        count.putArray("opened").add(500);
        assertThat(app.put(path, count.toString()).field("field")).startsWith("opened[0]");
        count.putArray("opened");
        assertThat(app.put(path, count.put("packs", -1).toString()).field("field"))
                .isEqualTo("packs");
        assertThat(app.put("/api/shelf/products/999999", count.put("packs", 1).toString())
                        .status())
                .isEqualTo(404);
    }

    /** A shade that has run out is planned around; what it costs in colour is said. */
    @Test
    void whatRunsOutIsPlannedAround() {
        String code = app.get("/api/cases/3/plan")
                .json()
                .path("bowls")
                .path(0)
                .path("parts")
                .path(0)
                .path("code")
                .asString();
        JsonNode before = product(code);
        ObjectNode none = JSON.createObjectNode()
                .put("version", before.path("version").asLong())
                .put("counted", true)
                .put("packs", 0)
                .put("lowGrams", 30)
                .put("packPrice", 7);
        none.putArray("opened");
        String path = "/api/shelf/products/" + before.path("id").asLong();
        long version = app.put(path, none.toString()).json().path("version").asLong();
        JsonNode bowls = app.get("/api/cases/3/plan").json().path("bowls");
        assertThat(bowls.findValuesAsString("code")).doesNotContain(code);
        assertThat(bowls.findValuesAsString("sentence")).anyMatch(sentence -> sentence.contains("which is out"));
        assertThat(app.get("/api/day/2026-11-23").json().path("stockLow").findValuesAsString("name"))
                .contains(before.path("name").asString());
        assertThat(app.put(path, none.put("version", version).put("packs", 2).toString())
                        .status())
                .isEqualTo(200);
    }

    @Test
    void theShoppingListHoldsWhatTheComingDaysNeed() {
        JsonNode list = app.get("/api/shelf/shopping?from=2026-11-23&days=7").json();
        // The demonstration cases, and whatever other tests of this class booked for that week.
        assertThat(list.path("cases").asInt()).isGreaterThanOrEqualTo(5);
        double sum = 0;
        boolean short10 = false;
        for (JsonNode line : list.path("lines")) {
            sum += line.path("price").asDouble();
            assertThat(line.path("packs").asInt()).isGreaterThan(0);
            short10 |= line.path("code").asString().equals("developer-10")
                    && line.path("neededGrams").asDouble() > 100;
        }
        assertThat(short10).as("%s", list).isTrue();
        assertThat(list.path("price").asDouble()).isEqualTo(sum);
        assertThat(app.get("/api/shelf/shopping?from=2031-01-01&days=3")
                        .json()
                        .path("cases")
                        .asInt())
                .isZero();
        assertThat(app.get("/api/shelf/shopping?from=2031-01-01&days=300").field("field"))
                .isEqualTo("days");
    }

    /** A case whose fixed mix names a shade that has gone opens, plans and can be changed; the mix is looked for again. */
    @Test
    void aShadeThatHasGoneDoesNotLockItsCase() {
        StringBuilder csv = new StringBuilder(HEADER);
        for (int level = 5; level <= 9; level++) {
            for (String tone : List.of("natural", "gold", "copper")) {
                csv.append("shade,gone-").append(tone).append('-').append(level);
                csv.append(",,demi,").append(level).append(',').append(tone).append(",2,20,60,7,3,10\n");
            }
        }
        assertThat(takeOver(read("Gone", csv.toString())).status()).isEqualTo(200);
        int id = app.post("/api/cases/file", app.get("/api/cases/1/file").text())
                .json()
                .path("id")
                .asInt();
        ObjectNode content = app.content(id);
        JsonNode rounds = app.get("/api/cases/" + id + "/routes")
                .json()
                .path("routes")
                .path(0)
                .path("rounds");
        content.put("route", "own").set("ownRoute", rounds.deepCopy());
        ObjectNode laying =
                (ObjectNode) content.path("ownRoute").path(0).path("layings").path(0);
        laying.putArray("mix").addObject().put("shade", "gone-copper-7").put("parts", 1);
        assertThat(app.put(id, content).status()).isEqualTo(200);
        assertThat(ownCodes(id)).contains("gone-copper-7");
        assertThat(app.delete("/api/shelf/ranges/" + range("Gone")).status()).isEqualTo(204);

        assertThat(app.get("/api/cases/" + id).status()).isEqualTo(200);
        assertThat(ownCodes(id)).isNotEmpty().doesNotContain("gone-copper-7");
        content = app.content(id);
        content.put("chair", "Basin");
        assertThat(app.put(id, content).status()).as("another change").isEqualTo(200);
        ((ObjectNode) content.path("ownRoute").path(0).path("layings").path(0))
                .putArray("mix")
                .addObject()
                .put("shade", "never-there")
                .put("parts", 1);
        assertThat(app.put(id, content).field("field")).contains("mix[0].shade");
    }

    private static List<String> ownCodes(int id) {
        return app.get("/api/cases/" + id + "/plan?route=own")
                .json()
                .path("bowls")
                .findValuesAsString("code");
    }

    /** Preferred is worked with first; what is not in use is not worked with at all. */
    @Test
    void rangesAreUsedPreferredAndLeft() {
        String csv = HEADER + "shade,pref-6,,direct,6,red,0,25,100,9,2,10\n";
        assertThat(takeOver(read("Second", csv)).status()).isEqualTo(200);
        assertThat(app.get("/api/shelf")
                        .json()
                        .path("ranges")
                        .path(0)
                        .path("name")
                        .asString())
                .isEqualTo("Second");
        long demo = range("Demonstration range");
        app.put("/api/shelf/ranges/" + demo, "{\"inUse\":true,\"preferred\":true}");
        assertThat(app.get("/api/shelf")
                        .json()
                        .path("ranges")
                        .path(0)
                        .path("id")
                        .asLong())
                .isEqualTo(demo);
        assertThat(shadesOfTheVocabulary()).contains("pref-6");
        app.put("/api/shelf/ranges/" + range("Second"), "{\"inUse\":false,\"preferred\":false}");
        assertThat(shadesOfTheVocabulary()).doesNotContain("pref-6");
        assertThat(app.put("/api/shelf/ranges/4711", "{\"inUse\":true,\"preferred\":false}")
                        .status())
                .isEqualTo(404);
        assertThat(app.delete("/api/shelf/ranges/" + range("Second")).status()).isEqualTo(204);
        assertThat(app.delete("/api/shelf/ranges/4711").status()).isEqualTo(404);
    }

    private static List<String> shadesOfTheVocabulary() {
        return app.get("/api/vocabulary").json().path("shades").findValuesAsString("code");
    }

    /** Nobody can be planned for without a shade, and that is said; with the range back it goes on. */
    @Test
    void anEmptyShelfSaysSo() {
        Started.Answer file = app.get("/api/shelf/ranges/" + range("Demonstration range") + "/file");
        assertThat(app.delete("/api/shelf/ranges/" + range("Demonstration range"))
                        .status())
                .isEqualTo(204);
        Started.Answer plan = app.get("/api/cases/1/plan");
        assertThat(plan.status()).isEqualTo(422);
        assertThat(plan.field("field")).isEqualTo("shades");
        assertThat(app.get("/api/shelf/shopping?from=2026-11-23&days=7").status())
                .isEqualTo(200);
        assertThat(takeOver(read("Demonstration%20range", file.text())).status())
                .isEqualTo(200);
        assertThat(app.get("/api/cases/1/plan").status()).isEqualTo(200);
    }
}
