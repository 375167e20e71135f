package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The job at the chair: one large press, two screens in step, clocks that run through a kill. */
class ChairTest extends OneApplication {
    private static Locator title(Page screen) {
        return screen.locator(".chair-main h2");
    }

    private Locator look() {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Check the"))
                .first();
    }

    @Test
    void aJobRunsOnTwoScreensAndThroughAKill() {
        long id = copied(1);
        page.navigate("/cases/" + id + "/chair");
        page.getByLabel(say("chair.doneBy")).fill("Ada");
        button(say("chair.startTheAppointment")).click();
        assertThat(title(page)).hasText("Section the head");
        Page bar = chromium.page(application.address(), 1024, 768);
        bar.navigate("/cases/" + id + "/chair");
        assertThat(title(bar)).hasText("Section the head");

        // One large press, by hand or by key, on either screen.
        button(say("chair.beginIt")).click();
        button(say("chair.done")).click();
        assertThat(title(page)).hasText("Mix A");
        assertThat(title(bar)).hasText("Mix A");
        bar.locator("body").press(" ");
        assertThat(bar.locator(".chair-main")).hasAttribute("data-state", "NOW");
        assertThat(page.locator(".chair-main")).hasAttribute("data-state", "NOW");
        bar.locator("body").press(" ");
        for (int i = 0; i < 2; i++) {
            assertThat(title(page)).hasText("Apply bowl A on the lengths");
            button(say("chair.beginIt")).click();
            button(say("chair.done")).click();
            assertThat(page.locator(".chair-clock")).hasCount(i + 1);
        }
        assertThat(bar.locator(".chair-clock")).hasCount(2);
        assertThat(page.locator(".chair-clock").first()).hasAttribute("data-phase", "TOO_EARLY");

        application.killAndRestart();
        page.reload();
        assertThat(page.locator(".chair-clock")).hasCount(2);
        assertThat(title(page)).hasText("Apply bowl A on the lengths");
        page.locator(".chair-log summary").click();
        assertThat(page.locator(".chair-log")).containsText("Done: Mix A");

        button(say("chair.pause")).click();
        assertThat(page.getByText(say("chair.pausedClocksGoOn"))).isVisible();
        assertThat(bar.getByText(say("chair.pausedClocksGoOn"))).isVisible();
        button(say("chair.goOn")).click();

        assertThat(page.locator(".chair-strand").first()).containsText("should look now");
        assertThat(page.locator(".chair-strand canvas").first()).isVisible();
        button("Check the nape").click();
        page.getByRole(AriaRole.RADIO, named("Level 8½")).click();
        button(say("chair.seen")).click();
        assertThat(page.locator(".chair-log")).containsText("Seen on the nape: level 8½");
        button("Rinsed the nape now").click();
        assertThat(page.locator(".chair-clock")).hasCount(1);
        bar.context().close();
    }

    /** Held down, or pressed together with another key, or on something that takes it: none of these is a press. */
    @Test
    void keysThatAreHeldOrMeantForSomethingElsePressNothing() {
        page.navigate("/cases/" + copied(1) + "/chair");
        button(say("chair.startTheAppointment")).click();
        assertThat(page.locator(".chair-main")).hasAttribute("data-state", "WAITING");
        page.locator("body").focus();
        for (int i = 0; i < 12; i++) {
            page.keyboard().down(" ");
        }
        page.keyboard().up(" ");
        assertThat(page.locator(".chair-main")).hasAttribute("data-state", "NOW");
        page.keyboard().press("Control+p");
        page.locator(".chair-log summary").focus();
        page.keyboard().press(" ");
        assertThat(page.locator(".chair-log ul")).isVisible();
        assertThat(page.locator(".chair-log li")).hasCount(2);
        assertThat(page.getByText(say("chair.pausedClocksGoOn"))).hasCount(0);
    }

    /** On a broken scalp the large press is shut, on every screen, and says why. */
    @Test
    void whatIsBlockedCannotBePressed() {
        page.navigate("/cases/" + copied(1) + "/chair");
        button(say("chair.startTheAppointment")).click();
        while (!title(page).textContent().startsWith("Apply")) {
            button(say("chair.beginIt")).click();
            button(say("chair.done")).click();
            assertThat(page.locator(".chair-main")).hasAttribute("data-state", "WAITING");
        }
        button(say("chair.changeThePlan")).click();
        page.getByText(say("chair.theScalp"), new Page.GetByTextOptions().setExact(true))
                .click();
        page.getByText(say("chair.brokenSkin")).click();
        button(say("chair.soItWasFound")).click();
        assertThat(page.locator(".chair-main")).containsText("nothing more is done but rinsing");
        assertThat(button(say("chair.beginIt"))).isDisabled();
    }

    /** To be read from two metres: the largest figures are 64 px and more. */
    @Test
    void figuresAreLarge() {
        page.navigate("/cases/" + copied(1) + "/chair");
        button(say("chair.startTheAppointment")).click();
        for (String figure : new String[] {".chair-time", ".chair-minutes"}) {
            Object size = page.locator(figure).evaluate("e => parseFloat(getComputedStyle(e).fontSize)");
            assertThat(((Number) size).doubleValue()).isGreaterThanOrEqualTo(64);
        }
    }

    /** A strand by the reader, a tone by the eye, a photograph, and the scalp: all from the chair, all kept. */
    @Test
    void whatIsSeenIsMoreThanALevel(@TempDir Path folder) throws IOException {
        page.navigate("/cases/" + copied(1) + "/chair");
        button(say("chair.startTheAppointment")).click();
        while (page.locator(".chair-clock").count() == 0) {
            button(say("chair.beginIt")).click();
            button(say("chair.done")).click();
            assertThat(page.locator(".chair-main")).hasAttribute("data-state", "WAITING");
        }

        look().click();
        Locator seen = button(say("chair.seen"));
        assertThat(seen).isDisabled();
        button(say("visit.readWithTheColourReader")).click();
        Locator reading = page.locator(".seen-colour .swatch");
        assertThat(reading).isVisible();
        String level = reading.textContent().trim().replaceAll(" .*", "");
        // What the eye says afterwards stands instead of what was read.
        page.getByRole(AriaRole.RADIO, named("Level 7")).click();
        assertThat(reading).hasCount(0);
        button(say("visit.readWithTheColourReader")).click();
        assertThat(reading).containsText(level);
        seen.click();
        assertThat(page.locator(".chair-log")).containsText("Seen on the");
        assertThat(page.locator(".chair-recheck")).containsText("apart");
        button(say("chair.leaveItAsItIs")).click();

        look().click();
        page.getByRole(AriaRole.RADIO, named("Level 8½")).click();
        page.getByLabel(say("visit.toneOfTheResult")).click();
        page.locator(".ant-select-item-option")
                .getByText("gold", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Result second tone").click();
        page.locator(".ant-select-item-option")
                .getByText("and beige", new Locator.GetByTextOptions().setExact(true))
                .click();
        button(say("chair.seen")).click();
        assertThat(page.locator(".chair-log")).containsText("level 8½ gold with some beige");

        page.locator(".chair input[type=file]").setInputFiles(Pictures.hairBesideACard(folder));
        assertThat(page.locator(".chair .photos img")).hasCount(1);

        button(say("chair.changeThePlan")).click();
        page.getByText(say("chair.theScalp"), new Page.GetByTextOptions().setExact(true))
                .click();
        page.getByText("irritated").click();
        button(say("chair.soItWasFound")).click();
        assertThat(page.locator(".chair-recheck")).containsText("The scalp is irritated.");
        assertThat(page.locator(".chair-recheck")).containsText("No lightener and no colour on the scalp");
    }
}
