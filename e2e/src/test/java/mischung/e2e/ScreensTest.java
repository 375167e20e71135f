package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every screen on the demonstration data: reachable, fitting, without serious faults; and its picture, if asked for. */
class ScreensTest extends OneApplication {
    private static final Set<String> SERIOUS = Set.of("serious", "critical");

    /** Compressed, in bytes. */
    private static final int MOST_SCRIPT = 250_000;

    /** The same page with another case, whose words were looked at with the first. */
    private static final Set<String> SEEN_BEFORE =
            Set.of("/cases/2/consult", "/cases/2/read", "/cases/2/decide?open=chosen", "/cases/5/chair");

    /** Each screen is opened once, and looked at in every way: by axe, by its sizes, at both widths. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/?date=2026-11-23",
                "/clients",
                "/clients/1",
                "/cases/1/consult",
                "/cases/2/consult",
                "/cases/5/history",
                "/cases/1/tests",
                "/cases/1/read",
                "/cases/2/read",
                "/cases/2/decide?open=chosen",
                "/cases/5/design",
                "/cases/1/decide?open=chosen",
                "/cases/5/decide",
                "/cases/5/order",
                "/cases/1/before-after",
                "/cases/1/promise",
                "/cases/5/mix",
                "/shelf",
                "/salon",
                "/cases/1/chair",
                "/cases/5/chair",
                "/cases/done/look-back",
                "/model"
            })
    void everyScreenIsSoundAtBothWidths(String path) {
        opened(page, path);
        assertThat(faults(page)).isEmpty();
        assertThat(page.title()).matches("[^·]+( · [^·]+)? · Mischung");
        Object tooSmall = page.evaluate("""
                () => [...document.querySelectorAll('main button:not(.score-band):not(.band):not(.time-event), header a, header button')]
                    .filter(e => { const r = e.getBoundingClientRect(); return r.height > 0 && (r.height < 43.5 || r.width < 43.5); })
                    .map(e => e.outerHTML)
                """);
        assertThat((List<?>) tooSmall).isEmpty();
        fits(page, "at 1280");
        page.setViewportSize(1024, 768);
        assertThat(page.locator(sign(path)).first()).isVisible();
        // What is drawn to the width is drawn again in the frame after it changed.
        page.waitForFunction("() => document.documentElement.scrollWidth <= window.innerWidth");
        fits(page, "at 1024");
        if (SEEN_BEFORE.contains(path)) {
            return;
        }
        inGerman(page);
        assertThat(page.locator(sign(path)).first()).isVisible();
        assertThat(page.locator("html")).hasAttribute("lang", "de");
        assertThat(faults(page)).as("in German").isEmpty();
        fits(page, "at 1024 in German");
        page.setViewportSize(1280, 800);
        page.waitForFunction("() => document.documentElement.scrollWidth <= window.innerWidth");
        fits(page, "at 1280 in German");
        assertThat(PageWords.english(page, application.address(), JUDGED)).isEmpty();
    }

    /** In the light mode, which leaves out what only frames of other sites need; this program has none. */
    private static List<String> faults(Page page) {
        AxeRunOptions onlyFaults = new AxeRunOptions();
        onlyFaults.setResultTypes(List.of("violations"));
        return new AxeBuilder(page)
                .options(onlyFaults).setLegacyMode(true).analyze().getViolations().stream()
                        .filter(rule -> SERIOUS.contains(rule.getImpact()))
                        .map(rule -> rule.getId() + " " + rule.getNodes().get(0).getHtml())
                        .toList();
    }

    private static void fits(Page page, String where) {
        try {
            // What is drawn to the width is drawn again soon after it changed.
            page.waitForCondition(
                    () -> PageWords.cut(page).isEmpty(), new Page.WaitForConditionOptions().setTimeout(10_000));
        } catch (TimeoutError stillCut) {
            // Said below, with the words.
        }
        assertThat(PageWords.sideways(page))
                .as("wider than the screen " + where)
                .isLessThanOrEqualTo(0);
        assertThat(PageWords.cut(page)).as("cut " + where).isEmpty();
    }

    /** A page key leads on, the page takes the focus, and a dialog in front keeps the keys to itself. */
    @Test
    void keysLeadFromScreenToScreenAndStopAtADialog() {
        Page page = open("/cases/1/read", 1280, 800);
        Locator band = page.locator("[data-zone=CROWN] [data-band='0']");
        band.click();
        page.keyboard().press("t");
        assertThat(page.getByLabel("Crown in one line")).isFocused();
        page.keyboard().press("Escape");
        assertThat(band).isFocused();
        page.keyboard().press("1");
        assertThat(page).hasURL(Pattern.compile(".*/cases/1/consult"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(say("visit.consult"))))
                .isFocused();
        page.getByRole(AriaRole.NAVIGATION)
                .getByText(say("visit.read"), new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(say("visit.read")).setLevel(1)))
                .isFocused();
        page.keyboard().press("1");
        assertThat(page).hasURL(Pattern.compile(".*/cases/1/consult"));
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText(say("shared.nextLight"));
        page.keyboard().press("5");
        assertThat(page).hasURL(Pattern.compile(".*/cases/1/consult"));
        page.context().close();
    }

    /** A day is written as people write it, or pressed on a month's leaf, by keys as well; what is none changes nothing. */
    @Test
    void aDayIsWrittenOrPressed() {
        Page page = open("/?date=2026-11-23", 1280, 800);
        Locator day = page.getByLabel(say("day.day"), new Page.GetByLabelOptions().setExact(true));
        Locator shown = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
        assertThat(day).hasValue("23/11/2026");
        day.fill("29 nov 26");
        assertThat(shown).hasText("Monday 23 November");
        page.keyboard().press("Enter");
        assertThat(shown).hasText("Sunday 29 November");
        assertThat(day).hasValue("29/11/2026");
        page.getByLabel("Day: choose a day").click();
        assertThat(page.getByLabel("29/11/2026", new Page.GetByLabelOptions().setExact(true)))
                .isFocused();
        page.keyboard().press("ArrowDown");
        assertThat(page.getByLabel("06/12/2026", new Page.GetByLabelOptions().setExact(true)))
                .isFocused();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByLabel("07/12/2026", new Page.GetByLabelOptions().setExact(true)))
                .isFocused();
        page.keyboard().press("Enter");
        assertThat(shown).hasText("Monday 7 December");
        assertThat(page.locator(".month")).isHidden();
        day.fill("31/11/2026");
        page.keyboard().press("Tab");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Write a day such as 23/11/2026. 07/12/2026 stays.");
        assertThat(shown).hasText("Monday 7 December");
        page.context().close();
    }

    /** What a page needs of script is fetched with it, so that the first is there soon on a tablet in the house's network. */
    @Test
    void theFirstPageNeedsLittleScript() throws IOException {
        Page page = chromium.page(application.address(), 1280, 800);
        List<Response> scripts = new ArrayList<>();
        page.onResponse(answer -> {
            if (answer.url().contains("/assets/") && answer.url().endsWith(".js")) {
                scripts.add(answer);
            }
        });
        page.navigate("/");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(say("day.due"))))
                .isVisible();
        ByteArrayOutputStream compressed = new ByteArrayOutputStream();
        try (GZIPOutputStream into = new GZIPOutputStream(compressed)) {
            for (Response script : scripts) {
                into.write(script.body());
                assertThat(script.headerValue("cache-control")).contains("immutable");
            }
        }
        assertThat(scripts).isNotEmpty();
        assertThat(compressed.size()).as("bytes of script").isLessThan(MOST_SCRIPT);
        page.context().close();
    }

    /** One clock, the program's, whatever day the screen's own shows; two quick presses are one client. */
    @Test
    void theDayIsTheProgramsAndTwoQuickPressesAreOneClient() {
        Page page = chromium.page(application.address(), 1280, 800);
        page.navigate("/");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Monday 23 November")))
                .isVisible();
        page.getByLabel(say("day.client")).fill("Doppelt Gedrueckt");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(say("day.newCase")).setExact(true))
                .dblclick();
        page.waitForURL("**/consult");
        JsonObject found = json(page.request().get(application.address() + "/api/clients?words=Gedrueckt"));
        assertThat(found.getAsJsonArray("clients")).hasSize(1);
        assertThat(found.getAsJsonArray("clients")
                        .get(0)
                        .getAsJsonObject()
                        .get("visits")
                        .getAsInt())
                .isEqualTo(1);
        page.context().close();
    }

    @Test
    void theDifficultCaseIsSaidToBeDifficult() {
        Page page = open("/cases/2/decide?open=chosen", 1280, 800);
        assertThat(page.getByLabel(say("plan.bowls"))).containsText("Equaliser");
        assertThat(page.getByLabel(say("order.orderOfWork"))).containsText("Very porous hair");
        assertThat(page.getByLabel(say("order.orderOfWork"))).containsText(say("consult.patchTest"));
        page.context().close();
    }

    /** {@code -Dmischung.shots=DIR} keeps a picture of each main view; only when it is asked for. */
    @Test
    @EnabledIfSystemProperty(named = "mischung.shots", matches = ".+")
    void pictures() {
        String folder = System.getProperty("mischung.shots", "");
        Page day = open("/?date=2026-11-23", 1280, 800);
        keep(day, folder, "day");
        day.keyboard().press("?");
        assertThat(day.getByRole(AriaRole.DIALOG)).containsText(say("shared.nextLight"));
        Page client = open("/clients/1", 1280, 800);
        keep(client, folder, "client");
        Page consult = open("/cases/2/consult", 1280, 800);
        inGerman(consult);
        assertThat(consult.getByText("Verträglichkeitstest").first()).isVisible();
        keep(consult, folder, "consult");
        Page history = open("/cases/5/history", 1280, 800);
        keep(history, folder, "history");
        Page tests = open("/cases/1/tests", 1280, 800);
        keep(tests, folder, "tests");
        Page read = open("/cases/1/read", 1280, 800);
        read.locator("[data-zone=CROWN] [data-band='2']").click();
        assertThat(read.getByLabel(say("read.whatThePlanMakesOf"))).isVisible();
        keep(read, folder, "read");
        read.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(say("visit.measure")))
                .click();
        read.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("read.readThree")))
                .click();
        assertThat(read.getByText("from 3 readings")).isVisible();
        Page plan = open("/cases/1/decide?open=chosen", 1280, 800);
        plan.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Why bowl A"))
                .click();
        keep(plan, folder, "route");
        Page design = open("/cases/3/design", 1280, 800);
        design.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("design.addLayers")))
                .click();
        design.getByText("Fine foils with a root tap").click();
        assertThat(design.locator(".foil").nth(20)).isVisible();
        design.locator(".layer-pick").first().click();
        design.locator(".foil").nth(8).click();
        assertThat(design.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        assertThat(design.locator(".design[aria-busy=false]")).isVisible();
        keep(design, folder, "design");
        keepSheet(design.request().get(application.address() + "/api/cases/3/plan/work-sheet.pdf"), folder);
        design.keyboard().press("Control+z");
        Page decide = open("/cases/1/decide", 1280, 800);
        assertThat(decide.locator(".route").nth(1)).isVisible();
        keep(decide, folder, "decide");
        keep(open("/cases/1/before-after", 1280, 800), folder, "before-after");
        Page order = open("/cases/5/order", 1280, 800);
        order.locator(".clock-block[data-kind='WORK']").nth(2).press("Enter");
        assertThat(order.getByLabel(say("order.chosenTask"))).containsText("Rinse between");
        keep(order, folder, "order");
        Page promise = open("/cases/1/promise", 1280, 800);
        keep(promise, folder, "promise");
        Page mix = open("/cases/1/mix", 1280, 800);
        mix.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("mix.pourWhatIsWanted")))
                .click();
        assertThat(mix.locator(".mix-parts li.poured")).hasCount(1);
        keep(mix, folder, "mix");
        Page shelf = open("/shelf", 1280, 800);
        keep(shelf, folder, "shelf");
        Page salon = open("/salon", 1280, 800);
        for (String who : List.of("Ona Brandt", "Kolja Reet", "Asta Linn")) {
            String role = who.startsWith("Ona") ? "OWNER" : who.startsWith("Kolja") ? "COLOURIST" : "ASSISTANT";
            post(
                    salon,
                    application.address() + "/api/people",
                    "{\"name\":\"%s\",\"role\":\"%s\",\"pin\":\"4711\",\"language\":\"AS_THE_SALON\"}"
                            .formatted(who, role));
        }
        salon.reload();
        salon.getByLabel(say("salon.letTheNetworkIn")).click();
        assertThat(salon.locator(".salon-door svg").first()).isVisible();
        salon.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("salon.copyNow")))
                .click();
        assertThat(salon.getByText(Pattern.compile("MB$")).first()).isVisible();
        salon.getByLabel(say("salon.copyFolder"), new Page.GetByLabelOptions().setExact(true))
                .fill("/mnt/copies");
        // People, devices and copies on one picture.
        salon.setViewportSize(1280, 1500);
        salon.locator("#salon-people").evaluate("e => e.scrollIntoView()");
        keep(salon, folder, "salon");
        Page chair = open("/cases/1/chair", 1280, 800);
        chair.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("chair.startTheAppointment")))
                .click();
        for (int i = 0; i < 5; i++) {
            chair.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("chair.beginIt")))
                    .click();
            chair.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(say("day.done")).setExact(true))
                    .click();
        }
        assertThat(chair.locator(".chair-clock")).hasCount(3);
        keep(chair, folder, "chair");
        Page back = open("/cases/done/look-back", 1280, 800);
        keep(back, folder, "look-back");
        Page model = open("/model", 1280, 800);
        keep(model, folder, "model");
    }

    private static void inGerman(Page page) {
        page.context().addCookies(List.of(new Cookie("language", "de").setUrl(application.address())));
        page.reload();
    }

    private static final String LOOK_BACK = "/cases/done/look-back";

    private static final List<String> JUDGED =
            List.of("Filler a level lighter at the crown", "Film over the ends", "Mix the target earlier");

    private static int worked;

    private static void keep(Page page, String folder, String name) {
        if (!folder.isEmpty()) {
            // Hair is drawn after the page is there.
            page.waitForFunction("""
                    () => [...document.querySelectorAll('canvas')].every(one => one.width === 0 || one.height === 0
                      || one.getContext('2d').getImageData(0, 0, one.width, one.height).data.some(part => part > 0))
                    """);
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(folder, name + ".png")));
        }
    }

    /** The first page of the sheet beside the chair, as it is printed. */
    private static void keepSheet(APIResponse sheet, String folder) {
        try (PDDocument pdf = Loader.loadPDF(sheet.body())) {
            BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, 96);
            assertThat(page.getHeight()).isGreaterThan(page.getWidth());
            if (!folder.isEmpty()) {
                ImageIO.write(page, "png", Path.of(folder, "work-sheet.png").toFile());
            }
        } catch (IOException wrong) {
            throw new UncheckedIOException(wrong);
        }
    }

    private static Page open(String path, int width, int height) {
        return opened(chromium.page(application.address(), width, height), path);
    }

    private static Page opened(Page page, String path) {
        String asked = path.equals(LOOK_BACK) ? "/cases/" + worked(page) + "/look-back" : path;
        page.navigate(asked);
        assertThat(page.locator(sign(path)).first()).isVisible();
        return page;
    }

    /**
     * A case of another client, worked to its end in no time, with most of its bands read as they came out.
     *
     * @return its number
     */
    private static int worked(Page page) {
        if (worked > 0) {
            return worked;
        }
        String cases = application.address() + "/api/cases";
        JsonObject file = json(page.request().get(cases + "/1/file"));
        file.getAsJsonObject("content").addProperty("clientName", "Tilda Worfelder");
        worked = post(page, cases + "/file", file.toString()).get("id").getAsInt();
        String api = cases + "/" + worked + "/";
        JsonObject job = post(page, api + "job/begin", "{\"hand\":\"Ada\"}");
        for (JsonElement task : job.getAsJsonArray("tasks")) {
            String key = task.getAsJsonObject().get("key").getAsString();
            post(page, api + "job/presses", "{\"hand\":\"Ada\",\"told\":\"FINISHED\",\"key\":\"" + key + "\"}");
        }
        post(page, api + "job/presses", "{\"hand\":\"Ada\",\"told\":\"ENDED\",\"key\":\"\"}");
        JsonArray bands = json(page.request().get(api + "look-back")).getAsJsonArray("bands");
        for (int i = 0; i + 1 < bands.size(); i++) {
            JsonObject band = bands.get(i).getAsJsonObject();
            double said = band.getAsJsonObject("predicted").get("level").getAsDouble();
            post(
                    page,
                    api + "look-back/found",
                    String.format(
                            Locale.ROOT,
                            "{\"hand\":\"Ada\",\"zone\":%s,\"band\":%s,\"level\":%.1f,\"tone\":\"NATURAL\",\"second\":[],\"measured\":[],"
                                    + "\"stretch\":\"SPRINGS_BACK\"}",
                            band.get("zone"),
                            band.get("band"),
                            Math.rint(2 * said) / 2 - (i % 3 == 0 ? 0.5 : 0)));
        }
        post(
                page,
                api + "look-back/judged",
                String.format(
                        "{\"hand\":\"Ada\",\"worked\":\"%s\",\"alsoWorked\":\"%s\",\"change\":\"%s\"}",
                        JUDGED.toArray()));
        return worked;
    }

    private static JsonObject json(APIResponse answer) {
        assertThat(answer).isOK();
        return JsonParser.parseString(answer.text()).getAsJsonObject();
    }

    private static JsonObject post(Page page, String path, String body) {
        return json(page.request()
                .post(
                        path,
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(body)));
    }

    /** What is there once the screen is. */
    private static String sign(String path) {
        if (path.endsWith("open=chosen")) {
            return ".opened .score-band";
        }
        if (path.startsWith("/?")) {
            return ".visit";
        }
        if (path.equals("/clients/1")) {
            return ".visit-head canvas";
        }
        if (path.equals("/clients")) {
            return ".case-list li";
        }
        if (path.endsWith("design")) {
            return ".section-map";
        }
        if (path.endsWith("consult")) {
            return ".case-cautions";
        }
        if (path.endsWith("history")) {
            return ".past-stretch";
        }
        if (path.endsWith("tests")) {
            return ".compared";
        }
        if (path.equals("/model")) {
            return ".checks tbody tr";
        }
        if (path.endsWith("order")) {
            return ".clock-block";
        }
        if (path.endsWith("chair")) {
            return ".chair-begin, .chair-main";
        }
        if (path.endsWith("look-back")) {
            return ".back-band";
        }
        if (path.endsWith("mix")) {
            return ".scale-shown";
        }
        if (path.equals("/salon")) {
            return ".salon-durations li";
        }
        if (path.equals("/shelf")) {
            return ".products .ant-table-row";
        }
        if (path.endsWith("before-after")) {
            return ".before-after-now canvas";
        }
        if (path.endsWith("promise")) {
            return ".fade-patch";
        }
        return path.endsWith("read") ? ".band" : ".score-band";
    }
}
