package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Reading with fingers, taking back, and what a band keeps when its neighbours change. */
class ReadingTest extends OneApplication {
    @Test
    void fingersAloneCanRead() {
        page.close();
        page = chromium.page(application.address(), 1024, 768, true);
        page.navigate("/cases/1/read");
        Locator line = page.getByRole(AriaRole.SLIDER, named("Crown, line below 6 cm"));
        assertThat(line).hasAttribute("aria-valuenow", "13");
        double perCm = page.locator("[data-zone=CROWN] .strand").boundingBox().width / 38;
        dragByTouch(page, line, 4 * perCm);
        assertThat(line).hasAttribute("aria-valuenow", "17");
        assertThat(page.locator("[data-zone=CROWN] [data-band='2']"))
                .hasAttribute("aria-label", Pattern.compile("17 to 30 cm"));
        // The drag is over when it is kept; a finger that comes down while it still ends is no tap.
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");

        page.locator("[data-zone=NAPE] [data-band='1']").tap();
        assertThat(page.locator("[data-zone=NAPE] [data-band='1']")).hasAttribute("aria-pressed", "true");
        page.getByLabel("Level of lifted hair").getByLabel("8 gold-yellow").tap();
        page.getByRole(AriaRole.RADIO, named(say("read.feelAndPast"))).tap();
        page.getByRole(AriaRole.RADIO, named(say("model.veryHigh"))).tap();
        page.getByRole(AriaRole.RADIO, named(say("read.colour"))).tap();
        page.getByRole(AriaRole.RADIO, named("beige")).tap();
        assertThat(page.locator("[data-zone=NAPE] [data-band='1']")).containsText("8 beige");
        page.getByRole(AriaRole.BUTTON, named(say("visit.undo"))).tap();
        assertThat(page.locator("[data-zone=NAPE] [data-band='1']")).containsText("8 gold-yellow");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
    }

    private static void dragByTouch(Page page, Locator what, double byPixels) {
        BoundingBox box = what.boundingBox();
        double y = box.y + box.height / 2;
        double x = box.x + box.width / 2;
        CDPSession session = page.context().newCDPSession(page);
        touch(session, "touchStart", x, y);
        for (int i = 1; i <= 8; i++) {
            touch(session, "touchMove", x + byPixels * i / 8, y);
        }
        JsonObject end = new JsonObject();
        end.addProperty("type", "touchEnd");
        end.add("touchPoints", new JsonArray());
        session.send("Input.dispatchTouchEvent", end);
    }

    private static void touch(CDPSession session, String type, double x, double y) {
        JsonObject point = new JsonObject();
        point.addProperty("x", x);
        point.addProperty("y", y);
        JsonArray points = new JsonArray();
        points.add(point);
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        session.send("Input.dispatchTouchEvent", event);
    }

    @Test
    void typingIsTakenBackAsOneStepAndRedone() {
        page.navigate("/cases/3/read");
        Locator name = page.getByLabel(say("visit.client"), new Page.GetByLabelOptions().setExact(true));
        name.press("End");
        name.pressSequentially(" the Elder");
        assertThat(name).hasValue("Edda Quistorp the Elder");
        page.locator("[data-zone=BACK] [data-band='0']").click();
        page.keyboard().press("Control+z");
        assertThat(name).hasValue("Edda Quistorp");
        assertThat(page.getByRole(AriaRole.BUTTON, named(say("visit.undo")))).isDisabled();
        page.getByRole(AriaRole.BUTTON, named(say("visit.redo"))).click();
        assertThat(name).hasValue("Edda Quistorp the Elder");
    }

    @Test
    void bandsAndZonesAreCutJoinedAddedAndTakenAway() {
        page.navigate("/cases/4/read");
        Locator fringe = page.locator("[data-zone=FRINGE] .band");
        assertThat(fringe).hasCount(1);
        page.locator("[data-zone=FRINGE] [data-band='0']").focus();
        page.keyboard().press("s");
        assertThat(fringe).hasCount(2);
        page.keyboard().press("n");
        assertThat(page.locator("[data-zone=FRINGE] [data-band='0']")).containsText("9 natural");
        page.keyboard().press("Delete");
        assertThat(fringe).hasCount(1);
        assertThat(page.getByLabel(say("read.endsOfTheHairAt"))).hasValue("6");

        page.getByRole(AriaRole.BUTTON, named(say("read.addAZone"))).click();
        page.getByRole(AriaRole.MENUITEM, named("Parting")).click();
        assertThat(page.locator("[data-zone=PARTING] .band")).hasCount(1);
        for (Map.Entry<String, String> wrong :
                Map.of("Side left", "not both", "Back left", "not both").entrySet()) {
            page.getByRole(AriaRole.BUTTON, named(say("read.addAZone"))).click();
            page.getByRole(AriaRole.MENUITEM, named(wrong.getKey())).click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText(wrong.getValue());
        }
        page.locator("[data-zone=PARTING] [data-band='0']").click();
        page.getByRole(AriaRole.BUTTON, named("This zone: parting")).click();
        page.getByRole(AriaRole.MENUITEM, named(say("read.takeAway", "name", "parting")))
                .click();
        assertThat(page.locator("[data-zone=PARTING]")).hasCount(0);
    }
}
