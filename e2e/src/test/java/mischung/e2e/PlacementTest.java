package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Combinations of layers on made-up heads, each made by touch in under a minute of a practised person's time and by keys alone, seen on
 * the head and planned, by touch also ordered; two of them worked at the chair with a clock that runs sixty times as fast, and looked back on.
 */
class PlacementTest extends Browsing {
    private static final double MINUTE = 60;

    /** Past all foils of a head. */
    private static final int FARTHEST = 250;

    @TempDir
    static Path data;

    /** What somebody works with. */
    private enum By {
        TOUCH,
        KEYS
    }

    private final Hands hands = new Hands();
    private By by = By.TOUCH;
    /** Everybody who works in one way goes on in the same browser. */
    private static final Map<By, BrowserContext> contexts = new EnumMap<>(By.class);

    @BeforeAll
    static void start() {
        application = Running.hastened(data, 60, Instant.now());
        chromium = new Chromium();
    }

    @AfterAll
    static void stop() {
        chromium.close();
        application.close();
        assertThat(chromium.complaints).isEmpty();
    }

    private void with(By way) {
        by = way;
        page = chromium.pageIn(
                contexts.computeIfAbsent(way, by -> chromium.shared(application.address(), by == By.TOUCH)));
    }

    @AfterEach
    void putAway() {
        page.close();
    }

    /** One stretch of hair as it is read. */
    private record Read(double toCm, String kind, double level, String tone, double grey) {
        static Read natural(double toCm, double level, double grey) {
            return new Read(toCm, "NATURAL", level, "NATURAL", grey);
        }

        static Read lifted(double toCm, double level) {
            return new Read(toCm, "LIGHTENED", level, "AS_LIFTED", 0);
        }

        static Read coloured(double toCm, double level, String tone) {
            return new Read(toCm, "COLOURED", level, tone, 0);
        }
    }

    /** A head that is alike in all zones, of a client with a day's time and a clear patch test; the number of its case. */
    private long head(String client, double level, String tone, Read... hair) {
        return copied(5, content -> {
            content.addProperty("clientName", client);
            content.getAsJsonObject("wish").addProperty("level", level);
            content.getAsJsonObject("wish").addProperty("tone", tone);
            JsonObject told = content.getAsJsonObject("consultation");
            told.addProperty("patchPlaced", moment(52));
            told.addProperty("patchRead", moment(3));
            told.addProperty("patchResult", "CLEAR");
            told.addProperty("hours", 9);
            content.getAsJsonObject("history").add("events", new JsonArray());
            for (JsonElement zone : content.getAsJsonArray("zones")) {
                JsonArray bands = new JsonArray();
                double from = 0;
                for (Read read : hair) {
                    JsonObject band = band(zone, from, read.toCm, read.kind, read.level, read.tone);
                    band.addProperty("greyShare", read.grey);
                    bands.add(band);
                    from = read.toCm;
                }
                zone.getAsJsonObject().add("bands", bands);
            }
        });
    }

    private static String moment(int hoursAgo) {
        return LocalDateTime.now(ZoneId.systemDefault())
                .minusHours(hoursAgo)
                .truncatedTo(ChronoUnit.MINUTES)
                .toString();
    }

    private void begin(String name) {
        hands.madeUpTheirMind(1);
        press(button(say("design.addLayers")));
        Locator names = page.locator(".beginning b");
        Locator one = names.filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + name + "$")));
        assertThat(one).isVisible();
        // All of it is seen at once: what must be scrolled to moves under the finger.
        assertThat((double) page.locator(".beginnings")
                        .evaluate("e => window.innerHeight - e.getBoundingClientRect().bottom"))
                .isPositive();
        if (by == By.TOUCH) {
            hands.tap(one);
        } else {
            Locator items = page.getByRole(AriaRole.MENUITEM);
            int there = names.allTextContents().indexOf(name);
            // The menu moves its focus with the next picture drawn; nobody presses before seeing where they are.
            hands.press(page, "Home");
            assertThat(items.first()).isFocused();
            for (int i = 1; i <= there; i++) {
                hands.press(page, "ArrowDown");
                assertThat(items.nth(i)).isFocused();
            }
            hands.press(page, "Enter");
        }
        assertThat(one).isHidden();
    }

    /** Opens a layer to change it. */
    private void open(String called) {
        press(page.locator(".layer-pick").filter(said(called)));
    }

    private void choose(String label, String value) {
        hands.madeUpTheirMind(1);
        Locator field = page.getByRole(AriaRole.COMBOBOX, named(label));
        if (by == By.TOUCH) {
            hands.tap(field);
            hands.tap(page.locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option")
                    .getByText(value, new Locator.GetByTextOptions().setExact(true)));
        } else {
            tabTo(field);
            hands.type(page, value);
            hands.press(page, "Enter");
        }
    }

    private void figure(String label, int which, String value) {
        hands.madeUpTheirMind(1);
        Locator field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .nth(which);
        if (by == By.TOUCH) {
            hands.tap(field);
        } else {
            tabTo(field);
        }
        hands.press(page, "Control+a");
        hands.type(page, value);
    }

    private void press(Locator what) {
        if (by == By.TOUCH) {
            hands.tap(what);
        } else {
            tabTo(what);
            hands.press(page, "Enter");
        }
    }

    /** By tabulator, forwards or backwards as it lies, until it is there. */
    private void tabTo(Locator there) {
        boolean ahead = (boolean) there.evaluate("e => document.activeElement === document.body"
                + " || (document.activeElement.compareDocumentPosition(e) & Node.DOCUMENT_POSITION_FOLLOWING) > 0");
        for (int i = 0; i < FARTHEST && !(boolean) there.evaluate("e => e === document.activeElement"); i++) {
            hands.press(page, ahead ? "Tab" : "Shift+Tab");
        }
        assertThat(there).isFocused();
    }

    /**
     * Made on the head at once, by touch in under a minute, and planned; what was made by touch is also ordered within every
     * clock.
     */
    private void made(long id, List<String> layers, Runnable byHand) {
        page.navigate("/cases/" + id + (by == By.TOUCH ? "/design" : "/read"));
        if (by == By.KEYS) {
            assertThat(page.locator(".band").first()).isVisible();
            page.keyboard().press("0");
        }
        assertThat(page.locator(".design-counts")).containsText("0 layers");
        byHand.run();
        assertThat(hands.seconds()).as("%s", hands).isLessThan(by == By.TOUCH ? MINUTE : 2 * MINUTE);
        saved();
        for (String layer : layers) {
            assertThat(page.locator(".layer-pick").filter(said(layer))).isVisible();
        }
        assertThat(page.locator(".foil, .ground")).not().hasCount(0);
        assertThat(page.locator(".design-whole")).containsText("all round");
        if (by == By.TOUCH) {
            page.getByText(say("design.seeTheRoutes")).tap();
        } else {
            // Back to what takes no keys for itself; then the page's key.
            tabTo(page.locator(".layer-pick").first());
            page.keyboard().press("5");
        }
        assertThat(page.locator(".verdict-line")).isVisible();
        for (String layer : layers) {
            assertThat(page.locator(".decide-wish")).containsText(Pattern.compile(layer, Pattern.CASE_INSENSITIVE));
        }
        if (by == By.TOUCH) {
            page.navigate("/cases/" + id + "/order");
            assertThat(page.locator(".clock-block")).not().hasCount(0);
            assertThat(page.getByText("Too much to lay")).hasCount(0);
        }
    }

    private static Locator.FilterOptions said(String words) {
        return new Locator.FilterOptions().setHasText(Pattern.compile(words, Pattern.CASE_INSENSITIVE));
    }

    private void foils(Consumer<Locator> each) {
        each.accept(page.locator(".foil"));
    }

    /** Worked task by task; whatever lays foils has the next one marked, which goes on by the clock. */
    private void workedAndLookedBackOn(long id, String search) {
        page.navigate("/cases/" + id + "/chair");
        page.getByLabel(say("chair.doneBy")).fill("Ada");
        button(say("chair.startTheAppointment")).tap();
        assertThat(page.locator(".chair-main")).isVisible();
        List<String> first = new ArrayList<>();
        boolean moved = false;
        while (page.locator(".chair-main").count() > 0) {
            Locator next = page.locator(".chair-foil");
            boolean lays = page.locator(".chair-main h2").textContent().startsWith("Apply bowl");
            if (lays
                    && next.count() > 0
                    && "NOW".equals(page.locator(".chair-main").getAttribute("data-state"))) {
                String at = next.getAttribute("data-foil");
                first.add(at);
                if (!moved) {
                    assertThat(page.locator(".chair-foils .foil.chosen")).hasCount(1);
                    assertThat(next).not().hasAttribute("data-foil", at);
                    assertThat(page.locator(".chair-foils .foil.laid")).not().hasCount(0);
                    page.locator(".chair-foils .foil:not(.dimmed)").last().tap();
                    moved = true;
                }
            }
            press();
        }
        assertThat(first).hasSizeGreaterThan(3);
        assertThat(moved).isTrue();
        button(say("chair.allIsDoneTheClient")).tap();
        page.getByText(say("chair.lookBackOnIt")).tap();
        page.locator(".back-unread").first().tap();
        page.getByRole(AriaRole.RADIO, named("Level 8")).tap();
        page.getByLabel(say("visit.toneOfTheResult")).tap();
        page.locator(".ant-select-item-option")
                .getByText("beige", new Locator.GetByTextOptions().setExact(true))
                .tap();
        button(say("lookBack.saveTheResult")).tap();
        assertThat(page.locator(".back-hair .page-says")).containsText("Of 1 band read");
        page.getByLabel(say("lookBack.workedWell"), new Page.GetByLabelOptions().setExact(true))
                .fill("Foils as drawn");
        button(say("lookBack.saveLessons")).tap();
        assertThat(page.getByText(say("lookBack.keptItIsFoundAgain"))).isVisible();
        page.navigate("/clients");
        page.getByLabel(say("clients.findPastWork")).fill(search);
        Locator past = page.getByLabel(say("clients.pastWork"), new Page.GetByLabelOptions().setExact(true))
                .locator("li");
        // Until what was typed is looked for, all past work is shown, that of other tests too.
        assertThat(past).hasCount(1);
        assertThat(past).containsText("Foils as drawn");
    }

    /** P12, to the end. */
    @Timeout(900)
    @ParameterizedTest
    @EnumSource(By.class)
    void fineFoilsWithARootTapOfThreeMillimetres(By way) {
        with(way);
        long id = head("Runa Velstad", 6, "NATURAL", Read.natural(34, 6, 0));
        made(id, List.of("babylights 9 pearl", "root tap 6 natural"), () -> {
            begin("Fine foils with a root tap");
            choose("Layer tone", "pearl");
            open("root tap");
            figure("cm", 1, "0.3");
        });
        if (way == By.TOUCH) {
            workedAndLookedBackOn(id, "babylights root tap");
        }
    }

    /** Low, melt and high from every parting under a shadow root, to the end. */
    @Timeout(900)
    @ParameterizedTest
    @EnumSource(By.class)
    void aShadowRootAndPanelsOfLowMeltAndHigh(By way) {
        with(way);
        long id = head("Ebba Morn", 9, "BEIGE", Read.natural(4, 6, 0), Read.lifted(36, 9));
        made(id, List.of("panels", "shadow root"), () -> {
            begin("Shadow root and panels");
            foils(foils -> assertThat(foils).not().hasCount(0));
        });
        if (way == By.TOUCH) {
            workedAndLookedBackOn(id, "panels shadow root");
        }
    }

    @ParameterizedTest
    @EnumSource(By.class)
    void baseOverGreyWithBandsBrokenUpAndAProductOfItsOwnAtTheFace(By way) {
        with(way);
        long id = head(
                "Tjark Loumann",
                8.5,
                "BEIGE",
                Read.natural(3, 6, 0.5),
                Read.coloured(9, 6, "GOLD"),
                Read.lifted(32, 8.5));
        made(id, List.of("shadow root", "band break-up", "face frame"), () -> {
            begin("Shadow root");
            figure("cm", 1, "9");
            begin("Band break-up");
            begin("Face frame");
            figure("Developer", 0, "10");
        });
    }

    @ParameterizedTest
    @EnumSource(By.class)
    void aWovenMeltWithDarkDrawnTwoThirdsDownBesideAShortRoot(By way) {
        with(way);
        long id = head("Svea Brack", 9, "BEIGE", Read.natural(3, 6, 0), Read.lifted(36, 9));
        made(id, List.of("woven melt", "shadow root"), () -> {
            begin("Woven melt");
            figure("down to", 0, "24");
            open("shadow root");
            figure("cm", 1, "3");
        });
    }

    /** P10: the frame is left light, and glossed last. */
    @ParameterizedTest
    @EnumSource(By.class)
    void lowlightsOnlyAboveAndALightFrameGlossedLast(By way) {
        with(way);
        long id = head("Inka Dahlow", 8, "BEIGE", Read.natural(10, 6, 0), Read.lifted(40, 9));
        made(id, List.of("natural kept", "lowlights", "glossed frame"), () -> {
            begin("Natural kept");
            begin("Lowlights, frame glossed");
        });
    }

    /** P6: cool pieces in seventy per cent, grey covered between them. */
    @ParameterizedTest
    @EnumSource(By.class)
    void finePiecesWithGreyCoveredBetween(By way) {
        with(way);
        long id = head(
                "Malte Orsing",
                6,
                "NATURAL",
                Read.natural(3, 5.5, 0.4),
                Read.coloured(8, 6, "COPPER"),
                Read.lifted(32, 9));
        made(id, List.of("babylights 9 ash"), () -> {
            begin("Fine foils with a root tap");
            choose("Layer tone", "ash");
            figure("Share", 0, "70");
            open("root tap");
            press(button(say("design.remove2")));
        });
    }

    /** P11: direct colour along the strand. */
    @ParameterizedTest
    @EnumSource(By.class)
    void aVioletRootMeltingIntoBlueAndTeal(By way) {
        with(way);
        long id = head("Yra Fenn", 8, "BLUE", Read.lifted(30, 10));
        made(id, List.of("melt"), () -> {
            begin("Melt");
            choose("Layer mids tone", "blue");
            choose("Layer root tone", "violet");
            choose("Layer ends tone", "teal");
            press(page.locator(".ground").first());
            assertThat(page.locator(".design-foil"))
                    .containsText(Pattern.compile("violet.*blue.*teal", Pattern.DOTALL));
        });
    }
}
