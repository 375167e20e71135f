package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is wrong is said at its place, and what was stored stays stored. */
class BadInputTest extends OneApplication {
    @Test
    void impossibleReadingsAreNamedAndNotStored() {
        page.navigate("/cases/1/read");
        page.locator("[data-zone=CROWN] [data-band='2']").click();
        String before = stored();

        refused(page.getByLabel(say("history.level"), exactly()), "14", "from 1 to 12", "9.5");
        refused(page.getByLabel(say("history.level"), exactly()), "6.3", "whole or half", "9.5");
        refused(page.getByLabel(say("read.greyShareInPercent")), "500", "0 to 100 %", "0");
        refused(page.getByLabel(say("read.downTo")), "-3", "0 to 150", "30");
        refused(page.getByLabel(say("read.downTo")), "9", "half a centimetre below", "30");
        refused(page.getByLabel(say("read.downTo")), "39", "half a centimetre below", "30");
        refused(page.getByLabel(say("visit.client"), exactly()), "", "Give the client a name", "Mira Tannhof");
        assertThat(stored()).isEqualTo(before);
    }

    private void refused(Locator field, String typed, String remedy, String mended) {
        field.fill(typed);
        assertThat(page.getByRole(AriaRole.ALERT)
                        .filter(new Locator.FilterOptions().setHasText(remedy))
                        .first())
                .isVisible();
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "refused");
        assertThat(field).hasValue(typed);
        field.fill(mended);
    }

    private String stored() {
        APIResponse file = page.request().get(application.address() + "/api/cases/1/file");
        return file.text();
    }

    @Test
    void brokenFilesAreRefusedWhole(@TempDir Path files) throws IOException {
        page.navigate("/clients");
        Locator cases = page.locator(".case-list li");
        assertThat(cases).hasCount(5);
        String good = stored();

        importRefused(files, "cut.json", good.substring(0, good.length() / 2), "not a whole JSON text");
        importRefused(
                files,
                "level.json",
                good.replaceFirst("(\"kind\":\"LIGHTENED\",)\"level\":9.5", "$1\"level\":14"),
                "content.zones[0].bands[1].level");
        importRefused(files, "overlap.json", good.replaceFirst("\"fromCm\":5.0", "\"fromCm\":3.0"), "overlaps");
        importRefused(files, "name.json", good.replace("Mira Tannhof", ""), "content.clientName");
        importRefused(files, "other.json", "[1, 2, 3]", "Something of another kind");
        importRefused(files, "empty.json", "", "Nothing was sent");
        byte[] huge = new byte[50 * 1024 * 1024];
        Arrays.fill(huge, (byte) ' ');
        Files.write(files.resolve("huge.json"), huge);
        page.getByLabel(say("clients.caseFile")).setInputFiles(files.resolve("huge.json"));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("at most 2 MB");

        page.navigate("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("day.newCase")))
                .click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Give the client a name");
        page.navigate("/clients");
        assertThat(cases).hasCount(5);
    }

    private void importRefused(Path files, String name, String text, String said) throws IOException {
        Files.writeString(files.resolve(name), text);
        page.getByLabel(say("clients.caseFile")).setInputFiles(files.resolve(name));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText(said);
    }

    @Test
    void scriptsInNamesAreOnlyText() {
        page.navigate("/");
        String name = "<img src=x onerror=alert(1)> Zöe ½";
        page.onDialog(dialog -> {
            throw new AssertionError("A name ran as a script");
        });
        page.getByLabel(say("visit.client")).fill(name);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(say("day.newCase")))
                .click();
        page.waitForURL("**/consult");
        assertThat(page.getByLabel(say("visit.client"), exactly())).hasValue(name);
        page.navigate("/clients");
        assertThat(page.getByText(name).first()).isVisible();
        page.getByLabel("Erase " + name).click();
        assertThat(page.locator(".case-list li")).hasCount(5);
    }

    @Test
    void aStoppedProgramLosesNothingTyped() {
        page.navigate("/cases/2/read");
        Locator name = page.getByLabel(say("visit.client"), exactly());
        assertThat(name).hasValue("Jorun Abeling");
        page.context().setOffline(true);
        name.fill("Jorun A.");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "waiting");
        page.context().setOffline(false);
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        page.reload();
        assertThat(name).hasValue("Jorun A.");
    }

    /** Whoever leaves with something unsaved is asked, and can stay until it is saved. */
    @Test
    void leavingWithAnUnsavedEditIsAskedAbout() {
        page.navigate("/cases/3/read");
        Locator name = page.getByLabel(say("visit.client"), exactly());
        assertThat(name).hasValue("Edda Quistorp");
        List<String> asked = new ArrayList<>();
        page.onDialog(dialog -> {
            asked.add(dialog.type());
            dialog.dismiss();
        });
        page.context().setOffline(true);
        name.fill("Edda Q.");
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "waiting");
        page.close(new Page.CloseOptions().setRunBeforeUnload(true));
        page.waitForCondition(() -> !asked.isEmpty());
        assertThat(asked).containsExactly("beforeunload");
        page.context().setOffline(false);
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
        assertThat(name).hasValue("Edda Q.");
    }

    @Test
    void aCaseThatIsNotThereIsSaidSo() {
        page.navigate("/cases/999/decide");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("No such case");
        page.navigate("/cases/none/read");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("plain number");
    }

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }
}
