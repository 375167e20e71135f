package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Layers on the page where colours go: changed by touch, made by keys, counted at once, refused where they were typed. */
class DesignTest extends OneApplication {
    private static final int WARM_UP = 5;
    private static final int CHANGES = 7;
    private static final double TENTH_OF_A_SECOND = 100;

    /** How long the smallest question takes to be answered and drawn, two frames on. */
    private static final String YARDSTICK = "async () => { const from = performance.now(); await fetch('/api/house');"
            + " await new Promise(drawn => requestAnimationFrame(() => requestAnimationFrame(drawn)));"
            + " return performance.now() - from; }";

    private static final double QUIET_YARD = 16;

    private void begin(String name) {
        button(say("design.addLayers")).click();
        page.locator(".beginning b")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + name + "$")))
                .click();
    }

    private Locator foils() {
        return page.locator(".foil");
    }

    /** What is typed is counted again at once, long before it is saved and planned for. */
    @Test
    void countsFollowWithinATenthOfASecond() {
        page.navigate("/cases/1/design");
        begin("Fine foils with a root tap");
        saved();
        assertThat(foils()).not().hasCount(0);
        assertThat(page.locator(".design-counts")).containsText("2 layers");
        page.evaluate("() => { const counts = document.querySelector('.design-counts'); let typed = 0;"
                + " window.took = [];"
                + " document.addEventListener('input', () => { typed = performance.now(); }, true);"
                + " new MutationObserver(() => { if (typed) { window.took.push(performance.now() - typed); typed = 0; } })"
                + ".observe(counts, { characterData: true, childList: true, subtree: true }); }");
        List<Double> yards = new ArrayList<>();
        for (int change = 1; change <= WARM_UP + CHANGES; change++) {
            yards.add(((Number) page.evaluate(YARDSTICK)).doubleValue());
            page.getByLabel(say("design.share")).fill(String.valueOf(20 + 3 * change));
            page.waitForFunction("count => window.took.length >= count", change);
            saved();
            assertThat(page.locator(".design[aria-busy=false]")).isVisible();
        }
        List<Double> took = new ArrayList<>();
        ((List<?>) page.evaluate("() => window.took")).forEach(one -> took.add(((Number) one).doubleValue()));
        // A machine that has other work to do at that moment is given as much more time as it takes for the smallest
        // question.
        double counts = IntStream.range(WARM_UP, took.size())
                .mapToDouble(i -> took.get(i) / Math.max(1, yards.get(i) / QUIET_YARD))
                .min()
                .orElseThrow();
        System.out.printf("Design: counts %.0f ms after a change on a quiet machine; as seen %s%n", counts, took);
        assertThat(counts)
                .as("milliseconds: %s, the smallest question: %s", took, yards)
                .isLessThan(TENTH_OF_A_SECOND);
    }

    /** A layer is changed, switched off to compare, copied, mirrored and taken away; undo brings it back. */
    @Test
    void aLayerIsChangedByTouch() {
        page.navigate("/cases/3/design");
        begin("Face frame");
        saved();
        assertThat(foils()).not().hasCount(0);
        int before = foils().count();
        page.getByLabel(say("design.foilsASide")).fill("5");
        saved();
        assertThat(foils()).not().hasCount(before);
        page.getByRole(AriaRole.BUTTON, named("face frame counts")).click();
        saved();
        assertThat(foils()).hasCount(0);
        page.getByRole(AriaRole.BUTTON, named("face frame counts")).click();
        button(say("design.copy")).click();
        saved();
        assertThat(page.locator(".layer")).hasCount(2);
        button(say("design.remove2")).click();
        saved();
        assertThat(page.locator(".layer")).hasCount(1);
        button(say("visit.undo")).click();
        saved();
        assertThat(page.locator(".layer")).hasCount(2);
    }

    /** The same without a pointer. */
    @Test
    void aLayerIsMadeByKeys() {
        page.navigate("/cases/2/design");
        assertThat(page.locator(".design-counts")).containsText("0 layers");
        button(say("design.addLayers")).focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".beginning").first()).isVisible();
        page.waitForFunction("() => document.activeElement.closest('.beginnings') !== null");
        page.keyboard().press("Home");
        page.keyboard().press("Enter");
        assertThat(page.locator(".layer")).hasCount(2);
        page.locator(".layer-pick").first().focus();
        page.keyboard().press("o");
        saved();
        assertThat(foils()).hasCount(0);
        page.keyboard().press("o");
        saved();
        assertThat(foils()).not().hasCount(0);
        page.keyboard().press("PageDown");
        saved();
        assertThat(page.locator(".layer-pick").last()).containsText("Babylights");
        foils().first().focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".design-foil")).containsText("Foil");
        assertThat(page.locator(".foil.chosen")).hasCount(1);
    }

    /** What cannot be meant is refused where it was typed, and nothing is lost. */
    @Test
    void whatCannotBeMeantIsRefused() {
        page.navigate("/cases/4/design");
        begin("Fine foils with a root tap");
        saved();
        page.getByLabel(say("design.share")).fill("140");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "refused");
        assertThat(page.locator(".bar-problem")).containsText("share");
        page.getByLabel(say("design.share")).fill("50");
        saved();
        assertThat(foils().nth(30)).isVisible();
    }
}
