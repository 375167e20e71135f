package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.Test;

/** The order on the clock: who does what, blocks moved by key, by press and by hand, and what cannot move says why. */
class OrderTest extends OneApplication {
    private Locator blocks(String kind) {
        return page.locator(".clock-block[data-kind='" + kind + "']");
    }

    private int minutes() {
        assertThat(page.locator("main")).hasAttribute("aria-busy", "false");
        String words = page.getByLabel("Visit 1 on the clock").locator("h3").innerText();
        String[] parts = words.substring(0, words.indexOf(" until")).trim().split(" h ", 2);
        return Integer.parseInt(parts[0]) * 60 + Integer.parseInt(parts[1]);
    }

    @Test
    void aBlockIsMovedAndTakenBack() {
        page.navigate("/cases/" + copied(1) + "/decide");
        assertThat(page.locator(".score-band").first()).isVisible();
        page.keyboard().press("6");
        Locator mix = blocks("MIX").first();
        assertThat(mix).isVisible();
        int before = minutes();
        mix.focus();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel(say("order.chosenTask"))).containsText("person 1");
        for (int i = 0; i < 3; i++) {
            button("5 min later").click();
            saved();
        }
        assertThat(page.locator(".clock-block.moved")).hasCount(1);
        assertThat(page.getByLabel("Visit 1 on the clock").locator("h3")).containsText(words(before + 15));
        assertThat(minutes()).isEqualTo(before + 15);
        page.reload();
        assertThat(page.locator(".clock-block.moved")).hasCount(1);
        blocks("MIX").first().press("Enter");
        button(say("order.letItGoWhereIt")).click();
        saved();
        assertThat(page.locator(".clock-block.moved")).hasCount(0);
        assertThat(minutes()).isEqualTo(before);
    }

    @Test
    void whatCannotMoveSaysWhy() {
        page.navigate("/cases/" + copied(1) + "/order");
        Locator rinse = blocks("RINSE").first();
        assertThat(rinse).isVisible();
        BoundingBox from = rinse.boundingBox();
        page.mouse().move(from.x + 8, from.y + 10);
        page.mouse().down();
        page.mouse().move(from.x + 380, from.y + 10);
        page.mouse().up();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("past its latest minute");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("stays.");
        button(say("visit.undo")).click();
        saved();
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        rinse.focus();
        page.keyboard().press("ArrowLeft");
        saved();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Not before");
    }

    /** A longer search runs beside everything, tells how far it is, and is stopped by a press; nothing gets worse by it. */
    @Test
    void aShorterOrderIsLookedFor() {
        page.navigate("/cases/" + copied(5) + "/order");
        assertThat(blocks("MIX").first()).isVisible();
        int before = minutes();
        Locator search = page.getByLabel(say("order.searchForAShorterOrder"));
        button(say("order.lookForAShorterOne")).click();
        assertThat(search.getByRole(AriaRole.STATUS)).isVisible();
        assertThat(search).containsText("shorter");
        if (button(say("order.enough")).isVisible()) {
            try {
                button(say("order.enough")).click(new Locator.ClickOptions().setTimeout(3000));
            } catch (PlaywrightException over) {
                // It had come to its end by itself.
                assertThat(button(say("order.enough"))).hasCount(0);
            }
        }
        assertThat(button(say("order.lookForAShorterOne"))).isVisible();
        assertThat(minutes()).isLessThanOrEqualTo(before);
    }

    /** What a task really took is learned from. */
    @Test
    void whatItTookMovesWhatIsPlanned() {
        page.navigate("/cases/" + copied(1) + "/order");
        Locator dry = blocks("DRY").first();
        assertThat(dry).isVisible();
        int before = minutes();
        dry.focus();
        page.keyboard().press("Enter");
        page.getByLabel(say("order.itReallyTook")).fill("60");
        button(say("order.learnFromIt")).click();
        assertThat(page.getByLabel("Visit 1 on the clock").locator("h3")).not().containsText(words(before));
        assertThat(minutes()).isGreaterThan(before);
        page.getByLabel(say("order.itReallyTook")).fill("0");
        button(say("order.learnFromIt")).click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("1 to 600");
    }

    /** Another wish, for which this head has to be lifted, and a day for it. */
    static void toBeLifted(JsonObject content) {
        content.getAsJsonObject("wish").addProperty("level", 8.5);
        content.getAsJsonObject("wish").addProperty("tone", "GOLD");
        content.getAsJsonObject("consultation").addProperty("hours", 10);
    }

    private static String words(int minutes) {
        return String.format(java.util.Locale.ROOT, "%d h %02d", minutes / 60, minutes % 60);
    }

    @Test
    void twoPeopleTakeLessOfTheClientsTime() {
        page.navigate("/cases/" + copied(5, OrderTest::toBeLifted) + "/order");
        assertThat(blocks("MIX").first()).isVisible();
        int alone = minutes();
        assertThat(page.getByLabel(say("order.whatIsMixedWhen"))).containsText("Ramp of bowl");
        page.getByLabel(say("order.peopleWhoWork")).getByText("2 people").click();
        saved();
        assertThat(page.locator(".clock-line").getByText("person 2")).isVisible();
        assertThat(minutes()).isLessThan(alone);
    }
}
