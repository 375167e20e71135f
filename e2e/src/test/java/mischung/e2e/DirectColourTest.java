package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Colours no hair grows in, from the wish over plan and bowl to what is promised. */
class DirectColourTest extends OneApplication {
    private Page page;

    @BeforeEach
    void open() {
        page = chromium.page(application.address(), 1280, 800);
    }

    /** The first demonstration case with all its hair lifted to a level. */
    private long lifted(String name, double level) {
        JsonObject file = JsonParser.parseString(page.request()
                        .get(application.address() + "/api/cases/1/file")
                        .text())
                .getAsJsonObject();
        JsonObject content = file.getAsJsonObject("content");
        content.addProperty("clientName", name);
        JsonArray zones = new JsonArray();
        zones.add(content.getAsJsonArray("zones").get(0));
        JsonObject zone = zones.get(0).getAsJsonObject();
        JsonObject band = zone.getAsJsonArray("bands")
                .get(zone.getAsJsonArray("bands").size() - 1)
                .getAsJsonObject();
        band.addProperty("kind", "LIGHTENED");
        band.addProperty("tone", "AS_LIFTED");
        band.addProperty("level", level);
        band.addProperty("porosity", "NORMAL");
        band.addProperty("greyShare", 0);
        band.addProperty("fromCm", 0);
        band.addProperty("toCm", 30);
        JsonArray bands = new JsonArray();
        bands.add(band);
        zone.add("bands", bands);
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

    private void wish(String label, String value) {
        page.getByLabel(label).click();
        page.locator(".ant-select-item-option")
                .getByText(value, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    @ParameterizedTest
    @CsvSource({"blue, 5, 10, true", "teal, 6, 10, true", "pink, 8, 10, true", "silver, 9, 11, false"})
    void aWishIsPlannedMixedAndPromised(String tone, String level, double canvas, boolean direct) {
        long id = lifted("Wunsch " + tone, canvas);
        page.navigate("/cases/" + id + "/read");
        wish("Wished level", level);
        wish("Wished tone", tone);
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");

        page.navigate("/cases/" + id + "/plan");
        Locator bowl = page.locator("[data-bowl=A]");
        assertThat(bowl).containsText(direct ? "as it is, no developer" : "vol");
        assertThat(bowl).containsText(tone.equals("silver") ? "silver" : tone);
        assertThat(page.locator("[data-bowl]")).hasCount(1);

        page.navigate("/cases/" + id + "/mix");
        assertThat(page.locator(".mix-head").first()).containsText(direct ? "no developer" : "vol");

        page.navigate("/cases/" + id + "/promise");
        assertThat(page.getByRole(AriaRole.MAIN)).containsText(level + " " + tone);
        if (direct) {
            assertThat(page.getByRole(AriaRole.MAIN)).containsText("Direct colour fades with every wash");
        }
        if (tone.equals("blue") || tone.equals("teal")) {
            assertThat(page.getByRole(AriaRole.MAIN)).containsText("Blue and green may never leave whole");
        }
    }
}
