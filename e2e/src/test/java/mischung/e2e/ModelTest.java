package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The page that shows the model at work, from Help, by hand. */
class ModelTest extends OneApplication {
    private Page fromHelp() {
        page.navigate("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("visit.help")))
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(say("model.theModelAtWork")))
                .click();
        assertThat(frame(page, 8)).isVisible();
        return page;
    }

    private static Locator frame(Page page, int at) {
        return page.getByLabel(say("model.theBandOverTime")).locator("li").nth(at);
    }

    private static Locator slider(Page page, String name) {
        return page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void choose(Page page, String label, String words) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).click();
        page.locator(".ant-select-item-option:visible")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + words + "$")))
                .click();
    }

    @Test
    void timeMovesTheStrandsAndAStrandTestNarrowsThem() {
        Page page = fromHelp();
        assertThat(frame(page, 0)).containsText("natural");
        assertThat(frame(page, 8)).containsText("45 min");
        assertThat(frame(page, 8)).containsText("light yellow");
        slider(page, "For").focus();
        for (int minutes = 44; minutes >= 15; minutes--) {
            page.keyboard().press("ArrowLeft");
            assertThat(slider(page, "For")).hasAttribute("aria-valuenow", String.valueOf(minutes));
        }
        assertThat(frame(page, 8)).containsText("15 min");
        assertThat(frame(page, 8)).containsText("gold");
        assertThat(page.getByLabel(say("model.howSure"))).containsText("Without a strand test the range is wide");
        assertThat(page.getByText("Persulfates can trigger asthma")).isVisible();
        choose(page, "Where", "scalp");
        assertThat(page.getByText("Strong developer at the scalp")).isHidden();
        slider(page, "Developer").focus();
        page.keyboard().press("End");
        assertThat(page.getByText("Strong developer at the scalp")).isVisible();
        page.keyboard().press("Home");
        for (int i = 0; i < 20; i++) {
            page.keyboard().press("ArrowRight");
        }
        choose(page, "Where", "mids");
        page.getByText(say("model.aStrandTestOfJust")).click();
        slider(page, "Result: level").focus();
        page.keyboard().press("Home");
        assertThat(page.getByLabel(say("model.howSure"))).containsText("flagged and not taken in");
        for (int i = 0; i < 12; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(page.getByLabel(say("model.howSure"))).containsText("Learned:");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("model.beginAnew")))
                .click();
        assertThat(frame(page, 8)).containsText("45 min");
    }

    @Test
    void aBoxDyedBandIsExplainedAndClearedAndTheLightRendersItAnew() {
        Page page = fromHelp();
        choose(page, "History", "colour over natural hair");
        assertThat(page.getByLabel(say("model.whatItIsTakenFor"))).containsText("Colour over natural hair of level");
        choose(page, "Product", "reducing remover");
        assertThat(frame(page, 8)).containsText("25 min");
        assertThat(page.getByLabel(say("model.onTheStrand"))).containsText("dye blue");
        assertThat(page.getByLabel(say("model.ifTheHandSlips"))).containsText(say("model.hardlySeen"));
        Locator hair = frame(page, 8).locator(".frame-hair canvas");
        Object daylight = hair.evaluate("canvas => canvas.toDataURL()");
        inLight(page, "Warm bulb");
        assertThat(hair.evaluate("canvas => canvas.toDataURL()")).isNotEqualTo(daylight);
        choose(page, "Product", "washes at home");
        assertThat(frame(page, 8)).containsText("20 washes");
    }

    @Test
    void withoutAnAnswerThePageSaysSoAndKeepsWhatWasSet() {
        Page page = fromHelp();
        page.route("**/api/model/run", Route::abort);
        slider(page, "Developer").focus();
        page.keyboard().press("End");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not answer");
        page.unroute("**/api/model/run");
        page.keyboard().press("ArrowLeft");
        assertThat(page.getByRole(AriaRole.ALERT)).isHidden();
        assertThat(slider(page, "Developer")).hasAttribute("aria-valuetext", "39 vol");
        assertThat(frame(page, 8)).isVisible();
    }

    /** A history that cannot be: natural hair never reads as lifted; the list of tones follows the history. */
    @Test
    void onlyTonesThatAHistoryCanHaveAreOffered() {
        Page page = fromHelp();
        page.getByLabel(say("model.toneRead"), new Page.GetByLabelOptions().setExact(true))
                .click();
        Locator options = page.locator(".ant-select-item-option:visible");
        assertThat(options.first()).isVisible();
        assertThat(options).hasText(new String[] {"natural", "ash", "gold", "copper"});
        page.keyboard().press("Escape");
        choose(page, "History", "lightened");
        assertThat(frame(page, 0)).containsText("orange");
        choose(page, "Product", "direct dye");
        choose(page, "Hue", "green");
        assertThat(page.getByLabel(say("model.onTheStrand"))).containsText("direct blue");
    }

    @Test
    void theChecksAreComputedAndFound() {
        Page page = fromHelp();
        Locator checks = page.getByLabel(say("model.checks"), new Page.GetByLabelOptions().setExact(true));
        assertThat(checks.getByRole(AriaRole.HEADING).first()).hasText(Pattern.compile("(\\d{3}) of \\1 checks pass"));
        page.getByLabel(say("model.findACheck")).fill("R30");
        assertThat(checks.locator("tbody tr").first()).containsText("R30");
        assertThat(checks.getByText("common practice, no source").first()).isVisible();
        page.getByLabel(say("model.findACheck")).fill("no such thing");
        assertThat(checks).containsText(say("model.noCheckSpeaksOfThat"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("model.computeAgain")))
                .click();
        assertThat(checks).containsText(say("model.notModelled"));
        assertThat(checks).containsText("R56");
        page.getByText("Every constant and its source").click();
        assertThat(checks).containsText("Donner and Jensen");
    }
}
