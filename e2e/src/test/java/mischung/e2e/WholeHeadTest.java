package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/**
 * A head of eight zones with five bands each, read once by keyboard and once by touch alone. How long a practised person takes
 * is reckoned by the keystroke-level model (Card, Moran and Newell, The Keystroke-Level Model for User Performance Time with
 * Interactive Systems, Communications of the ACM 23, 1980): 0.28 s a key for an average typist, 1.1 s to point at something,
 * 1.35 s to make up one's mind, here once for every band.
 */
class WholeHeadTest extends OneApplication {
    private static final double KEY = 0.28;
    private static final double POINT = 1.1;
    private static final double MIND = 1.35;
    private static final double THREE_MINUTES = 180;
    private static final int ZONES = 8;
    private static final int BANDS = 5;
    private static final List<String> PLACES =
            List.of("FRINGE", "CROWN", "SIDE_LEFT", "SIDE_RIGHT", "BACK_LEFT", "BACK_RIGHT", "NAPE", "PARTING");

    private int keys;
    private int pointed;

    /** A case whose eight zones of 40 cm nobody has read yet; its number. */
    private static long unread(Page page) {
        JsonObject file = JsonParser.parseString(page.request()
                        .get(application.address() + "/api/cases/1/file")
                        .text())
                .getAsJsonObject();
        JsonObject content = file.getAsJsonObject("content");
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
            JsonArray bands = new JsonArray();
            bands.add(band);
            zone.add("bands", bands);
            zones.add(zone);
        }
        content.add("zones", zones);
        APIResponse made = page.request()
                .post(
                        application.address() + "/api/cases/file",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(file.toString()));
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        return JsonParser.parseString(made.text()).getAsJsonObject().get("id").getAsLong();
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

    private void press(Page page, String key) {
        page.keyboard().press(key);
        keys++;
    }

    private void type(Page page, String text) {
        page.keyboard().type(text);
        keys += text.length();
    }

    @Test
    void byKeyboardAloneInUnderThreeMinutes() {
        Page page = chromium.page(application.address(), 1280, 800);
        long id = unread(page);
        page.navigate("/cases/" + id + "/read");
        assertThat(page.locator(".band")).hasCount(ZONES);
        for (int i = 0; i < 60 && !focused(page).startsWith("Fringe, 0"); i++) {
            press(page, "Tab");
        }
        press(page, "t");
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
            type(page, typed.toString());
            press(page, "Enter");
        }
        assertThat(page.locator(".band")).hasCount(ZONES * BANDS);
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        assertRead(page, id);
        double seconds = keys * KEY + ZONES * BANDS * MIND;
        assertThat(seconds).as("%d keys", keys).isLessThan(THREE_MINUTES);
        page.context().close();
    }

    private static String focused(Page page) {
        return page.evaluate("() => document.activeElement.getAttribute('aria-label') ?? ''")
                .toString();
    }

    private static String name(int zone) {
        String words = PLACES.get(zone).toLowerCase(Locale.ROOT).replace('_', ' ');
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private void tap(Locator what) {
        what.tap();
        pointed++;
    }

    @Test
    void byTouchAloneInUnderThreeMinutes() {
        Page page = chromium.page(application.address(), 1280, 800, true);
        long id = unread(page);
        page.navigate("/cases/" + id + "/read");
        tap(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Lay bands")));
        for (int band = 0; band < BANDS; band++) {
            String level = Integer.toString(4 + band);
            String ladder = "Level of " + (band < 2 ? "natural" : "lifted") + " hair";
            tap(page.getByLabel(ladder)
                    .locator(".rung", new Locator.LocatorOptions().setHasText(level))
                    .first());
            if (kind(band).equals("c")) {
                tap(page.getByLabel("What was done").getByText("coloured"));
            }
            for (int zone = 0; zone < ZONES; zone++) {
                Locator strand = page.locator("[data-zone=" + PLACES.get(zone) + "] .strand");
                strand.scrollIntoViewIfNeeded();
                BoundingBox box = strand.boundingBox();
                double cm = Math.min(39.8, end(zone, band));
                page.touchscreen().tap(box.x + box.width * cm / 40, box.y + box.height / 2);
                pointed++;
                assertThat(page.locator("[data-zone=" + PLACES.get(zone) + "] .band"))
                        .hasCount(Math.min(BANDS, band + 2));
            }
        }
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        assertRead(page, id);
        double seconds = pointed * POINT + ZONES * BANDS * MIND;
        assertThat(seconds).as("%d taps", pointed).isLessThan(THREE_MINUTES);
        page.context().close();
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
