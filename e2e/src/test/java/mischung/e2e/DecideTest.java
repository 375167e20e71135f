package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Deciding: choose a route, compare, make one's own and edit it, take back, and the client's page on paper. */
class DecideTest extends OneApplication {
    private Locator route(String key) {
        return page.locator("[data-route='" + key + "']");
    }

    @Test
    void routesAreComparedChosenAndTakenBack() {
        page.navigate("/cases/" + copied(1) + "/decide");
        assertThat(page.locator(".verdict-line")).containsText("6 natural can be reached in one visit");
        Locator first = route("by-your-schools");
        Locator midpoint = route("filler-midpoint");
        assertThat(first.getByRole(AriaRole.COLUMNHEADER).last()).containsText("Target · 6 natural");
        assertThat(midpoint).isVisible();
        // Shown as what will be worked by, and chosen only once somebody has said so.
        assertThat(first).hasClass(Pattern.compile("chosen"));
        assertThat(button(say("visit.workBy", "words", "by your schools"))).hasAttribute("aria-pressed", "false");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("more routes?$")))
                .click();
        assertThat(page.locator(".score-band.differs")).not().hasCount(0);
        assertThat(first.locator(".score-band.differs")).hasCount(0);
        openRoute("filler midpoint");
        assertThat(midpoint).containsText("Plan B.");
        assertThat(midpoint).containsText("Plan C.");
        button("Why bowl A").click();
        assertThat(midpoint.locator("[data-bowl=A]")).containsText("R11");

        button(say("visit.workBy", "words", "filler midpoint")).click();
        saved();
        assertThat(button(say("visit.workBy", "words", "filler midpoint"))).hasAttribute("aria-pressed", "true");
        page.reload();
        assertThat(page.locator(".route.chosen h3")).hasText("Filler midpoint");
        assertThat(midpoint.locator(".opened")).isVisible();
        button(say("visit.closeRoute", "words", "filler midpoint")).click();
        assertThat(page.locator(".opened")).hasCount(0);
        button(say("visit.workBy", "words", "by your schools")).click();
        saved();
        assertThat(page.locator(".route.chosen h3")).hasText("By your schools");
    }

    @Test
    void theOwnRouteIsEditedStepByStepAndComputedAtOnce() {
        page.navigate("/cases/" + copied(1) + "/decide");
        button(say("visit.makeMyOwn", "words", "by your schools")).click();
        saved();
        Locator own = route("own");
        Locator distance = own.locator(".route-measures dd").first();
        String before = distance.innerText();
        assertThat(page.getByLabel("Minutes of step 1.1")).hasValue("20");
        page.getByLabel("Minutes of step 1.1").fill("5");
        assertThat(distance).not().hasText(before);
        saved();
        page.getByLabel("Minutes of step 1.1").blur();
        button(say("visit.undo")).click();
        assertThat(distance).hasText(before);

        button(say("decide.takeStepAway", "r", 1)).click();
        assertThat(own.getByRole(AriaRole.COLUMNHEADER)).hasCount(3);
        openRoute("own");
        assertThat(own).containsText(Pattern.compile("in one deposit|too little warmth"));
        button(say("visit.undo")).click();
        assertThat(distance).hasText(before);
        button(say("decide.discardMyRoute")).click();
        assertThat(own).hasCount(0);
        button(say("visit.undo")).click();
        assertThat(distance).hasText(before);

        Locator out = page.locator(".not-wanted").first();
        String shade = out.getAttribute("aria-label").replace(" is out or not wanted", "");
        out.click();
        assertThat(page.locator(".unwanted")).containsText(shade);
        assertThat(page.locator("[data-bowl=A] .weighs")).not().containsText(" " + shade + "\n");
    }

    @Test
    void theWishHasDesignsPartsAndLimitsAndContradictionsAreNamed() {
        page.navigate("/cases/" + copied(1) + "/decide");
        button(say("decide.designLimitsParts")).click();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("melt").setExact(true))
                .click();
        saved();
        page.getByRole(AriaRole.SWITCH).last().click();
        saved();
        page.getByLabel("Main level").click();
        page.locator(".ant-select-dropdown:visible .ant-select-item-option")
                .getByText("9", new Locator.GetByTextOptions().setExact(true))
                .click();
        saved();
        page.keyboard().press("Escape");
        assertThat(page.locator(".decide-wish")).containsText("melt");
        assertThat(page.getByText(say("decide.cannotBothBe"))).isVisible();
        assertThat(page.locator("main")).containsText("No lightener may be used");
        button(say("decide.schools")).click();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("at target").setExact(true))
                .click();
        assertThat(page.getByText("Orange and gold at the target's own level")).isVisible();
        saved();
    }

    @Test
    void theClientsPagePrintsAndIsAPdf() {
        long id = copied(1);
        page.navigate("/cases/" + id + "/promise");
        Locator sheet = page.locator(".sheet");
        assertThat(sheet).containsText("Mira Tannhof");
        assertThat(sheet).containsText("it will look orange");
        assertThat(sheet).containsText(say("promise.whatIsNotPromised"));
        assertThat(page.locator(".fade tbody tr").first().locator("td")).hasCount(5);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator("header.bar")).isHidden();
        assertThat(sheet).isVisible();
        assertThat(page.pdf().length).isGreaterThan(1000);
        APIResponse pdf = page.context().request().get(application.address() + "/api/cases/" + id + "/promise.pdf");
        assertThat(new String(pdf.body(), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    }
}
