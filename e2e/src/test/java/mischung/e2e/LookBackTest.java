package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/**
 * A whole demonstration job with a clock that runs sixty times as fast: two screens, a check that shows otherwise than
 * predicted, a re-plan that is accepted, a kill in the middle, and the look back in the end.
 */
class LookBackTest extends Browsing {
    private static final double HASTEN = 60;
    private static final Pattern NOW = Pattern.compile("\"now\":\"([^\"]+)\"");

    @TempDir
    Path data;

    private Instant realFrom;

    @BeforeEach
    void open() {
        realFrom = Instant.now();
        application = Running.hastened(data, HASTEN, realFrom);
        chromium = new Chromium();
        page = chromium.page(application.address(), 1280, 800);
    }

    @AfterEach
    void close() {
        chromium.close();
        application.close();
        assertThat(chromium.complaints).isEmpty();
    }

    /** What blocks this head's work is that its patch test was not read yet. */
    private void readThePatchTest() {
        changed(5, content -> content.getAsJsonObject("consultation").addProperty("patchResult", "CLEAR"));
    }

    private int entries() {
        page.locator(".chair-log").evaluate("e => e.open = true");
        return page.locator(".chair-log li").count();
    }

    @Timeout(900)
    @Test
    void aWholeJobToTheLookBack() throws IOException {
        readThePatchTest();
        changed(5, OrderTest::toBeLifted);
        page.navigate("/cases/5/chair");
        page.getByLabel(say("chair.doneBy")).fill("Ada");
        button(say("chair.startTheAppointment")).click();
        assertThat(page.locator(".chair-main")).isVisible();
        Page bar = chromium.page(application.address(), 1024, 768);
        bar.navigate("/cases/5/chair");

        // Until something lifts.
        while (page.locator(".chair-clock")
                        .filter(new Locator.FilterOptions().setHasText("lifts"))
                        .count()
                == 0) {
            press();
        }
        assertThat(bar.locator(".chair-clock").first()).isVisible();
        theTimesAreRight();

        // The program is killed; the clock of the hair runs on.
        int before = entries();
        String worked = page.locator(".chair-clock-figure").first().textContent();
        application.killAndRestart();
        page.reload();
        assertThat(page.locator(".chair-clock").first()).isVisible();
        assertThat(entries()).isEqualTo(before);
        assertThat(minutes(page.locator(".chair-clock-figure").first().textContent()))
                .isGreaterThan(minutes(worked));
        theTimesAreRight();

        // The strand is clearly darker than said: more time, and what follows from it.
        page.locator(".chair-clock")
                .filter(new Locator.FilterOptions().setHasText("lifts"))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Check the"))
                .click();
        page.getByRole(AriaRole.RADIO, named("Level 5")).click();
        button(say("chair.seen")).click();
        Locator proposal = page.locator(".chair-recheck");
        assertThat(proposal).containsText("Predicted");
        assertThat(bar.locator(".chair-recheck")).containsText("Predicted");
        assertThat(page.getByText(say("chair.stillLookingWhetherOtherBowls"))).hasCount(0);
        button(say("chair.workByIt")).click();
        assertThat(proposal).hasCount(0);
        assertThat(bar.locator(".chair-recheck")).hasCount(0);
        entries();
        assertThat(page.locator(".chair-log")).containsText("Planned again");

        // Somebody comes to help, and it is worked by.
        button(say("chair.changeThePlan")).click();
        page.getByLabel(say("chair.people"))
                .getByText("2", new Locator.GetByTextOptions().setExact(true))
                .click();
        button(say("chair.planTheRestAgain")).click();
        assertThat(page.locator(".chair-recheck")).containsText("2 people from now on");
        button(say("chair.workByIt")).click();
        assertThat(page.locator(".chair-recheck")).hasCount(0);

        while (page.locator(".chair-main").count() > 0) {
            press();
        }
        button(say("chair.allIsDoneTheClient")).click();
        assertThat(bar.locator(".chair-resting")).containsText("The job has ended");
        bar.context().close();

        // What came out.
        page.getByText(say("chair.lookBackOnIt")).click();
        Locator unread = page.locator(".back-unread");
        assertThat(unread.first()).isVisible();
        int bands = unread.count();
        unread.first().click();
        page.getByRole(AriaRole.RADIO, named("Level 5")).click();
        assertThat(button(say("lookBack.saveTheResult"))).isDisabled();
        button(say("visit.readWithTheColourReader")).click();
        assertThat(page.locator(".seen-colour .swatch")).isVisible();
        button(say("lookBack.saveTheResult")).click();
        assertThat(unread).hasCount(bands - 1);
        assertThat(page.locator(".back-hair .page-says")).containsText("Of 1 band read");
        page.getByLabel(say("lookBack.workedWell"), new Page.GetByLabelOptions().setExact(true))
                .fill("Band first at the back");
        page.getByLabel(say("lookBack.doDifferently")).fill("One bowl more");
        button(say("lookBack.saveLessons")).click();
        assertThat(page.getByText(say("lookBack.keptItIsFoundAgain"))).isVisible();
        button(say("lookBack.planAgainWithWhatWe")).click();
        assertThat(page.locator(".back-box [role=status]").filter(new Locator.FilterOptions().setHasText("now")))
                .isVisible();
        page.getByText("Everything that happened").click();
        assertThat(page.locator(".back .chair-log")).containsText("2 people from now on");
        Download calendar = page.waitForDownload(() ->
                page.getByRole(AriaRole.LINK, named(say("lookBack.calendar"))).click());
        assertThat(Files.readString(calendar.path())).contains("BEGIN:VEVENT");

        page.navigate("/clients");
        page.getByLabel(say("clients.findPastWork")).fill("band first back");
        assertThat(page.getByLabel(say("clients.pastWork"), new Page.GetByLabelOptions().setExact(true))
                        .locator("li"))
                .containsText("One bowl more");
    }

    /** These zones alone, 28 cm that grew so from end to end. */
    private static void onlyNatural(JsonObject content, double level, double greyShare, List<String> places) {
        JsonArray zones = new JsonArray();
        for (JsonElement read : content.getAsJsonArray("zones")) {
            JsonObject zone = read.getAsJsonObject();
            if (places.contains(zone.get("place").getAsString())) {
                JsonObject band = zone.getAsJsonArray("bands").get(0).getAsJsonObject();
                band.addProperty("toCm", 28);
                band.addProperty("level", level);
                band.addProperty("greyShare", greyShare);
                JsonArray bands = new JsonArray();
                bands.add(band);
                zone.add("bands", bands);
                zones.add(zone);
            }
        }
        content.add("zones", zones);
    }

    /** Grey regrowth as long as the head, pale pieces in it, and its base between the foils: three zones. */
    private void piecesWithBaseBetween() {
        changed(5, content -> {
            onlyNatural(content, 4, 0.4, List.of("NAPE", "BACK", "CROWN"));
            JsonObject wish = content.getAsJsonObject("wish");
            wish.addProperty("level", 4);
            JsonObject design = wish.getAsJsonObject("design");
            design.addProperty("kind", "HIGHLIGHTS");
            design.addProperty("restStays", false);
            design.addProperty("widthMm", 4);
            JsonObject pieces = design.getAsJsonObject("pieces");
            pieces.addProperty("level", 9.5);
            pieces.addProperty("tone", "BEIGE");
            content.getAsJsonObject("consultation").addProperty("hours", 8);
        });
    }

    private Locator clocks(String words) {
        return page.locator(".chair-clock").filter(new Locator.FilterOptions().setHasText(words));
    }

    /** R46, R47: foils, base between them, one section off early because its strand failed, the rest to its end, the look back. */
    @Timeout(900)
    @Test
    void foilsWithBaseBetweenAndOneSectionOffEarly() {
        readThePatchTest();
        piecesWithBaseBetween();
        page.navigate("/cases/5/order");
        assertThat(page.locator(".clock-line").first()).isVisible();
        page.navigate("/cases/5/chair");
        page.getByLabel(say("chair.doneBy")).fill("Ada");
        button(say("chair.startTheAppointment")).click();
        assertThat(page.locator(".chair-main")).isVisible();
        while (clocks("between the foils").count() < 3) {
            press();
        }
        assertThat(clocks("lifts").first()).isVisible();

        clocks("lifts")
                .filter(new Locator.FilterOptions().setHasText("nape"))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Check the"))
                .click();
        page.getByRole(AriaRole.RADIO, named("Level 8")).click();
        page.getByRole(AriaRole.RADIOGROUP, named(say("visit.stretchedWet")))
                .getByText("stays stretched", new Locator.GetByTextOptions().setExact(true))
                .click();
        button(say("chair.seen")).click();
        Locator proposal = page.locator(".chair-recheck");
        assertThat(proposal).containsText("rinse this section now");
        assertThat(page.getByText(say("chair.stillLookingWhetherOtherBowls"))).hasCount(0);
        button(say("chair.workByIt")).click();
        assertThat(proposal).hasCount(0);
        clocks("lifts")
                .filter(new Locator.FilterOptions().setHasText("nape"))
                .first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Rinsed the nape now"))
                .click();
        assertThat(clocks("nape")).hasCount(0);
        assertThat(clocks("lifts").first()).isVisible();

        while (page.locator(".chair-main").count() > 0) {
            press();
        }
        assertThat(pressed).as("refreshed in place").anyMatch(title -> title.contains("apply fresh"));
        button(say("chair.allIsDoneTheClient")).click();
        page.getByText(say("chair.lookBackOnIt")).click();
        assertThat(page.locator(".back-unread").first()).isVisible();
    }

    /** R33, R36: the roots join the foils that lift, and both are rinsed at once. */
    @Timeout(600)
    @Test
    void rootsJoinTheOpenFoils() {
        readThePatchTest();
        changed(5, content -> {
            onlyNatural(content, 3, 0, List.of("NAPE", "BACK"));
            OrderTest.toBeLifted(content);
            content.getAsJsonObject("wish").addProperty("level", 9.5);
            content.getAsJsonObject("wish").addProperty("tone", "BEIGE");
        });
        page.navigate("/cases/5/chair");
        page.getByLabel(say("chair.doneBy")).fill("Ada");
        button(say("chair.startTheAppointment")).click();
        assertThat(page.locator(".chair-main")).isVisible();
        while (pressed.stream().noneMatch(title -> title.contains("on the root"))) {
            press();
        }
        assertThat(pressed.stream().filter(title -> title.contains("off the scalp")))
                .as("lengths first")
                .isNotEmpty();
        assertThat(clocks("off the scalp").first()).isVisible();
        while (clocks("lifts").count() > 0) {
            press();
        }
        assertThat(pressed.stream().filter(title -> title.startsWith("Rinse")))
                .as("begun and ended once")
                .hasSize(2);
    }

    private static int minutes(String figure) {
        return Integer.parseInt(figure.replaceAll("\\D", ""));
    }

    /** The program's time is where sixty times the real time since the beginning puts it, kill or not. */
    private void theTimesAreRight() {
        String job =
                page.request().get(application.address() + "/api/cases/5/job").text();
        Matcher found = NOW.matcher(job);
        assertThat(found.find()).isTrue();
        Duration shown = Duration.between(realFrom, Instant.parse(found.group(1)));
        Duration real = Duration.between(realFrom, Instant.now());
        assertThat((double) shown.toSeconds())
                .isBetween(HASTEN * real.toSeconds() - 3 * HASTEN, HASTEN * (real.toSeconds() + 1.0));
    }
}
