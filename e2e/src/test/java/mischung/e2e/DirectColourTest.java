package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Colours no hair grows in, from the wish over plan and bowl to what is promised. */
class DirectColourTest extends OneApplication {
    /** The first demonstration case with all its hair lifted to a level. */
    private long lifted(String name, double level) {
        return copied(1, content -> {
            content.addProperty("clientName", name);
            content.getAsJsonObject("consultation").addProperty("hours", 12);
            JsonObject zone = content.getAsJsonArray("zones").get(0).getAsJsonObject();
            zone.add("bands", list(band(zone, 0, 30, "LIGHTENED", level, "AS_LIFTED")));
            content.add("zones", list(zone));
        });
    }

    private void wish(String label, String value) {
        choose(page.getByLabel(label), value);
    }

    private void choose(Locator field, String value) {
        field.click();
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

        page.navigate("/cases/" + id + "/decide?open=chosen");
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

    /** A second tone beside the first, in the wish and in a reading, by pressing and by the strand line. */
    @Test
    void aSecondToneIsWishedAndRead() {
        long id = lifted("Wunsch zwei", 10);
        page.navigate("/cases/" + id + "/read");
        wish("Wished level", "8");
        wish("Wished tone", "beige");
        wish("Wished second tone", "and copper");
        wish("Wished share of the second tone", "half");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        assertThat(stored(id).getAsJsonObject("wish").getAsJsonArray("second").toString())
                .isEqualTo("[{\"tone\":\"COPPER\",\"share\":0.5}]");
        page.locator(".band").first().click();
        page.keyboard().press("t");
        Locator line = page.locator("input[aria-label$='in one line']");
        line.fill("6n 5, 9l-beige+gold30 30");
        line.press("Enter");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        page.waitForCondition(() -> stored(id).toString().contains("\"second\":[{\"tone\":\"GOLD\",\"share\":0.3}]"));

        page.navigate("/cases/" + id + "/decide?open=chosen");
        assertThat(page.getByRole(AriaRole.MAIN)).containsText("8 beige-copper");
    }

    /** The own route names the lightener and what is stirred into it, and so does its bowl. */
    @Test
    void theOwnRouteNamesTheLightener() {
        long id = lifted("Wunsch hell", 7.5);
        page.navigate("/cases/" + id + "/read");
        wish("Wished level", "9½");
        wish("Wished tone", "beige");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        page.navigate("/cases/" + id + "/decide");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName(Pattern.compile("^" + say("visit.makeMyOwn", "words", ".*") + "$")))
                .first()
                .click();
        page.waitForTimeout(1500);
        choose(page.locator("[aria-label^='Lightener of step']").first(), "lightening powder");
        choose(page.locator("[aria-label^='Stirred into']").first(), "with cooling drops");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        page.waitForCondition(() -> page.request()
                .get(application.address() + "/api/cases/" + id + "/plan?route=own")
                .text()
                .contains("lightening powder with cooling drops"));
    }

    private JsonObject stored(long id) {
        return JsonParser.parseString(page.request()
                        .get(application.address() + "/api/cases/" + id + "/file")
                        .text())
                .getAsJsonObject()
                .getAsJsonObject("content");
    }
}
