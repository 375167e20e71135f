package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** From the day's page through consultation, history, reading and strand tests, by the hands of a colourist. */
class WorkingUpTest extends OneApplication {
    private Page open(String path) {
        page.navigate(path);
        return page;
    }

    private void answer(String question, String answer) {
        page.getByRole(AriaRole.RADIOGROUP, named(question))
                .getByText(answer, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    @Test
    void aBlockHoldsUntilItIsSettledOrTakenOnByName() {
        open("/?date=2026-11-23");
        button("Arrived: Jorun Abeling").click();
        assertThat(button("Start: Jorun Abeling")).isVisible();
        button("Start: Jorun Abeling").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("This work is blocked");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText(say("consult.patchTest"));
        page.getByText("Jorun Abeling").first().click();
        assertThat(page.locator("[data-rule=SCALP].blocks")).isVisible();
        answer("Ever reacted to hair colour, or to anything on skin or hair?", "no");
        answer("Ever reacted to a temporary black henna tattoo?", "no");
        for (String question : List.of("Asthma?", "Medication?", "Pregnant or nursing?", "Under age?")) {
            answer(question, "no");
        }
        answer("Scalp", "whole");
        answer("Home colour", "metallic colour (darkens day by day)");
        assertThat(page.locator("[data-rule=SCALP]")).hasCount(0);
        assertThat(page.locator("[data-rule=HOME_COLOUR].blocks")).containsText("Test a cut strand first");
        answer("Cut strand", "stayed cool and whole");
        assertThat(page.locator("[data-rule=HOME_COLOUR]")).hasCount(0);
        Locator patch = page.locator("[data-rule=PATCH_TEST]");
        assertThat(patch).hasClass(Pattern.compile("blocks"));
        patch.getByText(say("shared.override")).click();
        assertThat(patch.getByText(say("shared.iOverrideIt"))).isDisabled();
        patch.getByLabel(say("shared.yourName")).fill("Ruth Ostrau");
        patch.getByLabel(say("shared.reason")).fill("Same product as five weeks ago, leaflet allows it.");
        patch.getByText(say("shared.iOverrideIt")).click();
        assertThat(patch).containsText("Overridden by Ruth Ostrau: Same product");
        assertThat(page.locator(".blocks")).hasCount(0);
        saved();
        page.navigate("/?date=2026-11-23");
        button("Start: Jorun Abeling").click();
        assertThat(button("Done: Jorun Abeling")).isVisible();
    }

    @Test
    void theHistoryIsToldDraggedTakenOverAndContradicted() {
        fresh("Hella Zeitstrahl");
        page.keyboard().press("2");
        assertThat(page.getByText(say("history.askForTheLastTwo"))).isVisible();
        button("+ permanent colour").click();
        page.getByLabel(say("history.when"), new Page.GetByLabelOptions().setExact(true))
                .fill("23 May 2026");
        page.keyboard().press("Enter");
        answer("Where on the strand", "all of it");
        Locator past = page.locator("[data-zone=FRINGE] .past-stretch");
        assertThat(page.locator(".contradiction").first()).containsText(say("history.datesAndEyesDiffer"));
        button(say("history.repeatFiveWeeksEarlier")).click();
        assertThat(page.locator(".time-event")).hasCount(2);
        Locator second = page.locator(".time-event").nth(1);
        String before = second.getAttribute("aria-label");
        BoundingBox box = second.boundingBox();
        page.mouse().move(box.x + 20, box.y + 15);
        page.mouse().down();
        page.mouse().move(box.x - 40, box.y + 15);
        page.mouse().move(box.x - 80, box.y + 15);
        page.mouse().up();
        assertThat(second).not().hasAttribute("aria-label", before);
        second.press("ArrowRight");
        page.getByLabel(say("history.measuredRegrowth")).fill("5");
        assertThat(page.getByText(Pattern.compile("cm a month, measured"))).isVisible();
        saved();
        button(say("history.useAll")).click();
        saved();
        assertThat(past.first()).isVisible();
        page.keyboard().press("3");
        assertThat(page.locator("[data-zone=BACK] .band").first())
                .hasAttribute("aria-label", Pattern.compile("0 to .*natural"));
        assertThat(page.locator("[data-zone=BACK] .band").nth(1))
                .hasAttribute("aria-label", Pattern.compile("coloured"));
        page.locator("[data-zone=BACK] [data-band='0']").click();
        page.getByLabel(say("read.downTo")).fill("2");
        // What was said of the hair before stands until the answer to this reading is there.
        assertThat(page.locator(".contradiction")).containsText(new String[] {"you read colour at 2 cm"});
        assertThat(page.locator(".sentence")).containsText("natural level");
    }

    @Test
    void zonesAreHalvedMergedGivenAHairlineAndToldInASentence() {
        open("/cases/3/read");
        page.getByLabel(say("read.takeInHand", "place", "back")).click();
        assertThat(page.locator(".sentence")).containsText(Pattern.compile("^Back, \\d+ cm: "));
        int zones = page.locator(".strand-line .strand").count();
        button("This zone: back").click();
        page.getByText("Split back into left and right").click();
        assertThat(page.locator("[data-zone=BACK_LEFT] .strand")).isVisible();
        assertThat(page.locator("[data-zone=BACK_RIGHT] .strand")).isVisible();
        page.getByLabel(say("read.takeInHand", "place", "back right")).press("Enter");
        button("This zone: back right").click();
        page.getByText("Merge with back left").click();
        assertThat(page.locator("[data-zone=BACK] .strand")).isVisible();
        button("This zone: back").click();
        page.getByText(say("read.aSectionOfItsOwn")).click();
        assertThat(page.locator("[data-zone=HAIRLINE] .strand")).isVisible();
        assertThat(page.locator(".strand-line .strand")).hasCount(zones + 1);
        saved();
    }

    @Test
    void theReaderMeasuresAndTheEyeTakesOverAgain() {
        open("/cases/3/read");
        page.locator("[data-zone=CROWN] [data-band='1']").click();
        page.keyboard().press("m");
        assertThat(page.getByText("from 1 reading")).isVisible();
        button(say("read.readThree")).click();
        assertThat(page.getByText("from 4 readings, apart by")).isVisible();
        assertThat(page.locator("[data-zone=CROWN] [data-band='1']")).hasClass(Pattern.compile("measured"));
        page.getByLabel("Leave out reading 4").click();
        assertThat(page.getByText("from 3 readings")).isVisible();
        page.locator("[data-zone=CROWN] [data-band='1']").press("ArrowUp");
        assertThat(page.getByText("from 3 readings")).hasCount(0);
        saved();
    }

    /** Absent, silent, garbled and unplugged; each time the screen goes on working. */
    @Test
    void aFaultyReaderIsSaidAndLeavesTheScreenUsable(@TempDir Path folder) throws IOException {
        AtomicReference<String> says = new AtomicReference<>("READER 1 faulty\nLAB 4");
        try (ServerSocket door = new ServerSocket(0, 4, InetAddress.getLoopbackAddress());
                Running faulty = Running.withReader(folder, door.getLocalPort())) {
            Thread thread = new Thread(() -> answer(door, says));
            thread.setDaemon(true);
            thread.start();
            page = chromium.page(faulty.address(), 1280, 800);
            page.navigate("/cases/1/read");
            page.locator("[data-zone=CROWN] [data-band='1']").click();
            page.getByRole(AriaRole.RADIO, named(say("read.measure"))).click();
            fault("cut off in the middle");
            says.set("READER 1 faulty\nhello there\n");
            fault("cannot be understood");
            says.set("");
            fault("says nothing");
            says.set("CLOSE");
            fault("cut off in the middle");
            fault("No colour reader answers");
            page.locator("[data-zone=CROWN] [data-band='1']").press("ArrowUp");
            assertThat(page.locator("[data-zone=CROWN] [data-band='1']")).containsText("9 ");
            saved();
            assertThat(page.getByText("from 1 reading")).hasCount(0);
        }
    }

    private void fault(String words) {
        button(say("read.readOnce")).click();
        assertThat(page.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText(words)))
                .isVisible();
    }

    /** Says its piece and hangs up; with nothing to say it stays silent until the caller gives up. */
    private static void answer(ServerSocket door, AtomicReference<String> says) {
        while (!door.isClosed()) {
            try (Socket caller = door.accept()) {
                String words = says.get();
                if (words.equals("CLOSE")) {
                    door.close();
                    return;
                }
                caller.getOutputStream().write(words.getBytes(StandardCharsets.UTF_8));
                caller.getOutputStream().flush();
                if (words.isEmpty()) {
                    while (caller.getInputStream().read() >= 0) {
                        // Heard, and not answered.
                    }
                } else {
                    // Waits for the question, so that the plug is pulled in the middle of the answer.
                    int unused = caller.getInputStream().read();
                    assertThat(unused).isNotNegative();
                }
            } catch (IOException e) {
                // The door was closed or the caller gave up.
            }
        }
    }

    @Test
    void aPhotographIsMeasuredBesideItsCardAndTakenForTheBand(@TempDir Path folder) throws IOException {
        open("/cases/2/read");
        page.locator("[data-zone=NAPE] [data-band='0']").click();
        page.getByRole(AriaRole.RADIO, named(say("read.measure"))).click();
        page.getByLabel(say("visit.photographFile")).setInputFiles(Pictures.hairBesideACard(folder));
        page.getByLabel("Photograph back.jpg").click();
        Locator picture = page.getByRole(AriaRole.APPLICATION);
        assertThat(picture).isVisible();
        BoundingBox box = picture.boundingBox();
        drag(box, 0.05, 0.2, 0.45, 0.8);
        button("Mark the hair").click();
        drag(box, 0.40, 0.2, 0.6, 0.8);
        button(say("read.measure")).last().click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("beside the card");
        drag(box, 0.55, 0.2, 0.95, 0.8);
        button(say("read.measure")).last().click();
        assertThat(page.getByText(Pattern.compile("± .* in each of L"))).isVisible();
        button(say("visit.takeItForTheBand")).click();
        assertThat(page.getByText("from 1 reading")).isVisible();
        saved();
    }

    private void drag(BoundingBox box, double x, double y, double toX, double toY) {
        page.mouse().move(box.x + x * box.width, box.y + y * box.height);
        page.mouse().down();
        page.mouse().move(box.x + toX * box.width / 2, box.y + toY * box.height / 2);
        page.mouse().move(box.x + toX * box.width, box.y + toY * box.height);
        page.mouse().up();
    }

    @Test
    void aStrandTestIsTimedReadAndCountsOnceAccepted() {
        fresh("Prue Strähnchen");
        page.keyboard().press("4");
        assertThat(page.getByText("No panel yet")).isVisible();
        button(say("tests.addAPanel")).click();
        Locator panel = page.getByLabel("Panel 1", new Page.GetByLabelOptions().setExact(true));
        assertThat(panel).containsText("predicted");
        assertThat(panel.getByText(say("tests.startTheClock"))).isDisabled();
        assertThat(panel).containsText(say("tests.stopDoNotBegin"));
        page.getByRole(AriaRole.LINK, named(say("visit.consult"))).click();
        answer("Scalp", "whole");
        answer("Home colour", "none");
        saved();
        page.getByRole(AriaRole.LINK, named(say("visit.tests"))).click();
        panel.getByText(say("tests.startTheClock")).click();
        assertThat(panel.getByRole(AriaRole.TIMER)).containsText("0:0");
        saved();
        page.reload();
        assertThat(panel.getByRole(AriaRole.TIMER)).isVisible();
        panel.getByText(say("tests.rinseNow")).click();
        assertThat(panel).containsText("min on");
        panel.getByLabel(say("tests.seenHalfALevelLighter")).click();
        assertThat(panel.getByRole(AriaRole.STATUS)).isVisible();
        panel.getByText(say("tests.acceptItCountsForThis")).click();
        assertThat(page.getByLabel(say("tests.knownOfThisClient"))).containsText("from 1 test");
        saved();
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel(say("tests.knownOfThisClient"))).hasCount(0);
    }

    @Test
    void aClientIsFoundBookedAgainFromAPastCaseAndErasedByName() {
        fresh("Nora Kaltwasser");
        page.navigate("/clients");
        find("kalt", 1);
        page.locator(".client-list a").click();
        page.getByText(say("client.startANewVisitFrom")).click();
        page.waitForURL("**/consult");
        assertThat(page.getByLabel(say("visit.client"), new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Nora Kaltwasser");
        page.navigate("/clients");
        find("nora k", 1);
        page.locator(".client-list a").click();
        assertThat(page.locator(".visit-story li")).hasCount(2);
        button(say("client.eraseForGood")).click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByRole(
                        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(say("client.eraseForGood"))))
                .isDisabled();
        dialog.getByLabel(say("client.nameToErase")).fill("Nora Kaltwasser");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(say("client.eraseForGood")))
                .click();
        page.waitForURL("**/clients");
        find("nora", 0);
        assertThat(page.getByText(say("clients.nobodyOfThatName"))).isVisible();
    }

    private void find(String words, int count) {
        page.getByLabel(say("clients.findAClient")).fill(words);
        assertThat(page.locator(".client-list li")).hasCount(count);
    }

    /** A new client and case, begun on the day's page; nothing is asked or read yet. */
    private void fresh(String client) {
        open("/");
        page.getByLabel(say("visit.client"), new Page.GetByLabelOptions().setExact(true))
                .fill(client);
        button(say("day.newCase")).click();
        page.waitForURL("**/consult");
        assertThat(page.getByLabel(say("consult.scalp"))).isVisible();
    }
}
