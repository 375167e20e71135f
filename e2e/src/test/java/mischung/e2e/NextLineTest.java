package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The line above every screen of a visit, and the steps beside it. */
class NextLineTest extends OneApplication {
    private Locator says() {
        return page.locator("[data-next]");
    }

    private Locator step(String words) {
        return page.getByLabel(say("visit.stepsOfTheWork"))
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(words).setExact(true));
    }

    private void next(String doing, String words) {
        assertThat(says()).hasAttribute("data-next", doing);
        assertThat(says()).hasText(words);
    }

    /** From an empty day to the chair for somebody new, by nothing but what the line says. */
    @Test
    void theLineLeadsFromAnEmptyDayToTheChair() {
        page.navigate("/?date=2026-11-24");
        page.getByLabel(say("visit.client"), new Page.GetByLabelOptions().setExact(true))
                .fill("Ilka Sommer");
        button(say("day.newCase")).click();
        page.waitForURL("**/consult");
        next("ASK", "8 questions are still to be asked.");
        assertThat(page.locator(".next-button")).hasCount(0);
        assertThat(step("Consult")).hasAttribute("aria-description", "to do");
        assertThat(step("Chair")).hasAttribute("aria-description", "later");
        for (String question : List.of(
                "Ever reacted to hair colour, or to anything on skin or hair?",
                "Ever reacted to a temporary black henna tattoo?",
                "Asthma?",
                "Medication?",
                "Pregnant or nursing?",
                "Under age?")) {
            answer(question, "no");
        }
        answer("Scalp", "whole");
        next("ASK", "1 question is still to be asked.");
        answer("Home colour", "none");
        next("READ", "5 zones have not been read yet.");
        assertThat(step("Consult")).hasAttribute("aria-description", "done");

        page.locator(".next-button").click();
        page.waitForURL("**/read");
        page.locator("[data-zone=CROWN] [data-band='0']").click();
        for (int half = 0; half < 6; half++) {
            button(say("read.halfALevelDarker")).click();
        }
        next("READ", "4 zones have not been read yet.");
        // The nape is just as it stands there; the other three are like the crown.
        Locator nape = page.locator("[data-zone=NAPE] [data-band='0']");
        assertThat(nape).hasText(say("read.notReadYet"));
        nape.click();
        page.locator(".unread-zone").getByRole(AriaRole.BUTTON).click();
        assertThat(nape).not().hasText(say("read.notReadYet"));
        next("READ", "3 zones have not been read yet.");
        page.locator("[data-zone=CROWN] [data-band='0']").click();
        button(say("read.copyThisZoneSBands")).click();
        page.getByText(say("read.allOtherZones")).click();
        next("CHOOSE", "Choose the route to work by.");
        page.locator(".next-button").click();
        page.waitForURL("**/decide");
        assertThat(step("Decide")).hasAttribute("aria-description", "to do");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Use route: ")))
                .first()
                .click();
        // Nobody has laid a patch test.
        assertThat(says()).hasAttribute("data-next", "SETTLE");
        assertThat(step("Decide")).hasAttribute("aria-description", "done");
        assertThat(step("Chair")).hasAttribute("aria-description", "blocked");
        page.locator(".next-button").click();
        page.waitForURL("**/consult");
        assertThat(page.locator(".case-cautions .blocks").first()).isVisible();
    }

    private void answer(String question, String answer) {
        page.getByRole(AriaRole.RADIOGROUP, named(question))
                .getByText(answer, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    /** A visit that runs says so on every screen of it, and one that has ended asks for its result. */
    @Test
    void workThatGoesOnComesBeforeAllElse() {
        long id = copied(1);
        page.navigate("/cases/" + id + "/chair");
        button(say("chair.startTheAppointment")).click();
        next("WORK", say("visit.theWorkIsGoingOn"));
        page.navigate("/cases/" + id + "/history");
        next("WORK", say("visit.theWorkIsGoingOn"));
        page.locator(".next-button").click();
        page.waitForURL("**/chair");
        assertThat(step("Chair")).hasAttribute("aria-description", "to do");
        assertThat(step("Look back")).hasAttribute("aria-description", "later");
    }
}
