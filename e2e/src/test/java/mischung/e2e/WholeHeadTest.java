package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/**
 * A head of eight zones with five bands each, read once by keyboard and once by touch alone; one makes up one's mind once for
 * every band.
 */
class WholeHeadTest extends OneApplication {
    private static final double THREE_MINUTES = 180;
    private static final int ZONES = 8;
    private static final int BANDS = 5;
    private static final List<String> PLACES =
            List.of("FRINGE", "CROWN", "SIDE_LEFT", "SIDE_RIGHT", "BACK_LEFT", "BACK_RIGHT", "NAPE", "PARTING");

    private final Hands hands = new Hands();

    /** A case whose eight zones of 40 cm nobody has read yet; its number. */
    private long unread() {
        return copied(1, content -> {
            content.addProperty("clientName", "Acht Zonen");
            JsonObject band = content.getAsJsonArray("zones")
                    .get(0)
                    .getAsJsonObject()
                    .getAsJsonArray("bands")
                    .get(0)
                    .deepCopy()
                    .getAsJsonObject();
            band.addProperty("toCm", 40);
            JsonArray zones = new JsonArray();
            for (String place : PLACES) {
                JsonObject zone = new JsonObject();
                zone.addProperty("place", place);
                zone.add("bands", list(band));
                zone.addProperty("read", false);
                zones.add(zone);
            }
            content.add("zones", zones);
        });
    }

    private static List<List<String>> stored(Page page, long id) {
        JsonObject content = JsonParser.parseString(page.request()
                        .get(application.address() + "/api/cases/" + id)
                        .text())
                .getAsJsonObject()
                .getAsJsonObject("content");
        List<List<String>> zones = new ArrayList<>();
        for (JsonElement zone : content.getAsJsonArray("zones")) {
            List<String> bands = new ArrayList<>();
            for (JsonElement b : zone.getAsJsonObject().getAsJsonArray("bands")) {
                JsonObject band = b.getAsJsonObject();
                bands.add(band.get("kind").getAsString().charAt(0) + " "
                        + band.get("level").getAsDouble() + " to "
                        + band.get("toCm").getAsDouble());
            }
            zones.add(bands);
        }
        return zones;
    }

    private static double end(int zone, int band) {
        return band == BANDS - 1 ? 40 : 5 + 7 * band + 0.5 * zone;
    }

    private static String kind(int band) {
        return band == 0 ? "n" : band == 1 ? "c" : "l";
    }

    @Test
    void byKeyboardAloneInUnderThreeMinutes() {
        long id = unread();
        page.navigate("/cases/" + id + "/read");
        assertThat(page.locator(".band")).hasCount(ZONES);
        for (int i = 0; i < 60 && !focused(page).startsWith("Fringe, 0"); i++) {
            hands.press(page, "Tab");
        }
        hands.press(page, "t");
        for (int zone = 0; zone < ZONES; zone++) {
            Locator line = page.getByLabel(name(zone) + " in one line");
            assertThat(line).isFocused();
            StringBuilder typed = new StringBuilder();
            for (int band = 0; band < BANDS; band++) {
                typed.append(typed.isEmpty() ? "" : " ")
                        .append(4 + band)
                        .append(kind(band))
                        .append(' ')
                        .append(String.format(Locale.ROOT, "%s", end(zone, band))
                                .replace(".0", ""));
            }
            hands.type(page, typed.toString());
            hands.press(page, "Enter");
        }
        assertThat(page.locator(".band")).hasCount(ZONES * BANDS);
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        assertRead(page, id);
        hands.madeUpTheirMind(ZONES * BANDS);
        assertThat(hands.seconds()).as("%s", hands).isLessThan(THREE_MINUTES);
    }

    private static String focused(Page page) {
        return page.evaluate("() => document.activeElement.getAttribute('aria-label') ?? ''")
                .toString();
    }

    private static String name(int zone) {
        String words = PLACES.get(zone).toLowerCase(Locale.ROOT).replace('_', ' ');
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    @Test
    void byTouchAloneInUnderThreeMinutes() {
        page.close();
        page = chromium.page(application.address(), 1280, 800, true);
        long id = unread();
        page.navigate("/cases/" + id + "/read");
        hands.tap(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("read.markBands"))));
        for (int band = 0; band < BANDS; band++) {
            String level = Integer.toString(4 + band);
            String ladder = "Level of " + (band < 2 ? "natural" : "lifted") + " hair";
            hands.tap(page.getByLabel(ladder)
                    .locator(".rung", new Locator.LocatorOptions().setHasText(level))
                    .first());
            if (kind(band).equals("c")) {
                hands.tap(page.getByLabel(say("read.whatWasDone")).getByText("coloured"));
            }
            for (int zone = 0; zone < ZONES; zone++) {
                Locator strand = page.locator("[data-zone=" + PLACES.get(zone) + "] .strand");
                strand.scrollIntoViewIfNeeded();
                BoundingBox box = strand.boundingBox();
                double cm = Math.min(39.8, end(zone, band));
                hands.tap(page, box.x + box.width * cm / 40, box.y + box.height / 2);
                assertThat(page.locator("[data-zone=" + PLACES.get(zone) + "] .band"))
                        .hasCount(Math.min(BANDS, band + 2));
            }
        }
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        assertRead(page, id);
        hands.madeUpTheirMind(ZONES * BANDS);
        assertThat(hands.seconds()).as("%s", hands).isLessThan(THREE_MINUTES);
    }

    private static void assertRead(Page page, long id) {
        List<List<String>> zones = stored(page, id);
        for (int zone = 0; zone < ZONES; zone++) {
            assertThat(zones.get(zone)).hasSize(BANDS);
            for (int band = 0; band < BANDS; band++) {
                String read = zones.get(zone).get(band);
                assertThat(read).startsWith(kind(band).toUpperCase(Locale.ROOT) + " " + (4.0 + band));
                double to = Double.parseDouble(read.substring(read.indexOf("to ") + 3));
                assertThat(to).isBetween(end(zone, band) - 0.51, end(zone, band) + 0.51);
            }
        }
    }
}
