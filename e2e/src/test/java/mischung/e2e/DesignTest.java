package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where colours go: layers begun by touch and by keys, seen foil by foil on the head, planned and ordered. */
class DesignTest extends FreshApplication {
    DesignTest() {
        super(true);
    }

    private void begin(String name) {
        button("Add layers").click();
        page.locator(".beginning b")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + name + "$")))
                .click();
    }

    private Locator foils() {
        return page.locator(".foil");
    }

    /** Begun in two presses, on the head at once; routes are found for it, and its order keeps every clock. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3 | Fine foils with a root tap | babylights",
                "3 | Shadow root and panels | panels",
                "5 | Woven melt | woven melt",
                "1 | Lowlights, frame glossed | lowlights",
                "1 | Band break-up | band break-up"
            })
    void whatIsBegunIsSeenPlannedAndOrdered(int id, String beginning, String called) {
        page.navigate("/cases/" + id + "/design");
        assertThat(page.locator(".design-counts")).containsText("0 layers");
        begin(beginning);
        saved();
        assertThat(foils()).not().hasCount(0);
        foils().first().click();
        assertThat(page.locator(".design-foil"))
                .containsText(Pattern.compile("Foil 1, " + called, Pattern.CASE_INSENSITIVE));
        assertThat(page.locator(".design-foil li")).not().hasCount(0);
        assertThat(page.locator(".design-whole")).containsText("all round");
        page.getByText("See the routes").click();
        assertThat(page.locator(".verdict-line")).isVisible();
        assertThat(page.locator(".decide-wish")).containsText(Pattern.compile(called, Pattern.CASE_INSENSITIVE));
        page.navigate("/cases/" + id + "/order");
        assertThat(page.locator(".clock-block")).not().hasCount(0);
        assertThat(page.getByText("Too much to lay")).hasCount(0);
    }

    /** A layer is changed, switched off to compare, copied, mirrored and taken away; undo brings it back. */
    @Test
    void aLayerIsChangedByTouch() {
        page.navigate("/cases/3/design");
        begin("Face frame");
        saved();
        assertThat(foils()).not().hasCount(0);
        int before = foils().count();
        page.getByLabel("Foils a side").fill("5");
        saved();
        assertThat(foils()).not().hasCount(before);
        page.getByRole(AriaRole.BUTTON, named("face frame counts")).click();
        saved();
        assertThat(foils()).hasCount(0);
        page.getByRole(AriaRole.BUTTON, named("face frame counts")).click();
        button("Copy").click();
        saved();
        assertThat(page.locator(".layer")).hasCount(2);
        button("Remove").click();
        saved();
        assertThat(page.locator(".layer")).hasCount(1);
        button("Undo").click();
        saved();
        assertThat(page.locator(".layer")).hasCount(2);
    }

    /** The same without a pointer. */
    @Test
    void aLayerIsMadeByKeys() {
        page.navigate("/cases/3/design");
        assertThat(page.locator(".design-counts")).containsText("0 layers");
        button("Add layers").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".beginning").first()).isVisible();
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
        page.navigate("/cases/3/design");
        begin("Fine foils with a root tap");
        saved();
        page.getByLabel("Share").fill("140");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "refused");
        assertThat(page.locator(".bar-problem")).containsText("share");
        page.getByLabel("Share").fill("50");
        saved();
        assertThat(foils().nth(30)).isVisible();
    }
}
