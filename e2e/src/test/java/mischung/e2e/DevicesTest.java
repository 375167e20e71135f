package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static mischung.e2e.Texts.say;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A tablet beside the main machine, and people who say who they are: two browsers that know nothing of each other. */
class DevicesTest extends FreshApplication {
    DevicesTest() {
        super(true);
    }

    private Page tablet() {
        page.navigate("/salon");
        page.getByLabel(say("salon.letTheNetworkIn")).click();
        assertThat(page.locator(".salon-door svg").first()).isVisible();
        String address = devices().getAsJsonArray("addresses").get(0).getAsString();
        String port = address.replaceAll(".*:(\\d+)/$", "$1");
        return chromium.page("https://localhost:" + port, 1024, 768, true);
    }

    private JsonObject devices() {
        return JsonParser.parseString(page.request()
                        .get(application.address() + "/api/devices")
                        .text())
                .getAsJsonObject();
    }

    private void pair(String figures, String name) {
        page.getByLabel(say("salon.figuresItShows")).fill(figures);
        page.getByLabel(say("salon.nameOfTheDevice")).fill(name);
        button(say("salon.letItIn")).click();
    }

    private Page paired(String name) {
        Page tablet = tablet();
        tablet.navigate("/");
        pair(tablet.locator(".code").innerText(), name);
        assertThat(page.locator("[data-device='" + name + "']")).isVisible();
        assertThat(tablet.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(say("day.due"))))
                .isVisible();
        return tablet;
    }

    @Test
    void aTabletIsLetInByItsFiguresAndShutOutAgain() {
        Page tablet = tablet();
        tablet.navigate("/cases/1/read");
        assertThat(tablet.locator("h1")).hasText("This device is new here");
        assertThat(tablet.locator("script")).hasCount(0);
        String figures = tablet.locator(".code").innerText();
        assertThat(figures).matches("\\d{3} \\d{3}");
        pair(figures.startsWith("000") ? "111 111" : "000 000", "Tablet");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("No device shows these figures");
        assertThat(page.locator(".salon-door")).containsText("One device waits.");
        pair(figures, "Tablet at the window");
        // It goes on by itself.
        assertThat(tablet.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(say("day.due"))))
                .isVisible();
        tablet.navigate("/salon");
        assertThat(tablet.getByText(say("salon.devicesOnTheMain"))).isVisible();
        tablet.navigate("/cases/1/read");
        assertThat(tablet.locator(".band").first()).isVisible();

        button(say("salon.removeOne", "name", "Tablet at the window")).click();
        page.locator(".ant-popover .ant-btn-primary").click();
        assertThat(page.locator("[data-device]")).hasCount(0);
        // Whatever it opens next, it is a stranger.
        tablet.navigate("/cases/1/chair");
        assertThat(tablet.locator("h1")).hasText("This device is new here");
    }

    /** The job has begun, and a tablet shows it. */
    private Page pairedAtTheChair() {
        Page tablet = paired("Tablet");
        page.navigate("/cases/1/chair");
        button(say("chair.startTheAppointment")).click();
        assertThat(page.locator(".chair-main")).isVisible();
        tablet.navigate("/cases/1/chair");
        return tablet;
    }

    /** One job on two screens: what is pressed at one is seen at the other, each press once. */
    @Test
    void oneJobIsWorkedOnTwoDevices() {
        Page tablet = pairedAtTheChair();
        Locator first = tablet.locator(".chair-main h2");
        String task = first.innerText();
        assertThat(page.locator(".chair-main h2")).hasText(task);
        tablet.getByRole(AriaRole.BUTTON, named(say("chair.beginIt"))).tap();
        assertThat(page.locator(".chair-main")).hasAttribute("data-state", "NOW");
        button(say("chair.done")).click();
        assertThat(first).not().hasText(task);
        String trail =
                page.request().get(application.address() + "/api/trail.csv").text();
        assertThat(trail.lines().filter(line -> line.contains("POST /api/cases/{id}/job/presses")))
                .hasSize(2)
                .anyMatch(line -> line.contains(",Tablet,"))
                .anyMatch(line -> line.contains(",,CHANGED"));
    }

    /** A tablet that loses the network takes presses all the same, and sends them when it is back: each once, none lost. */
    @Test
    void aTabletWithoutTheNetworkWorksOn() {
        Page tablet = pairedAtTheChair();
        Locator shown = tablet.locator(".chair-main h2");
        String first = shown.innerText();
        tablet.context().setOffline(true);
        tablet.getByRole(AriaRole.BUTTON, named(say("chair.beginIt"))).tap();
        assertThat(tablet.locator(".chair-kept[data-waits='1']")).isVisible();
        tablet.getByRole(AriaRole.BUTTON, named(say("chair.done"))).tap();
        assertThat(tablet.locator(".chair-kept[data-waits='2']")).isVisible();
        assertThat(shown).not().hasText(first);
        // Nothing of it has come to the other screen, which shows what it knows.
        assertThat(page.locator(".chair-main h2")).hasText(first);
        tablet.context().setOffline(false);
        assertThat(tablet.locator(".chair-kept")).hasCount(0);
        assertThat(page.locator(".chair-main h2")).not().hasText(first);
        String trail =
                page.request().get(application.address() + "/api/trail.csv").text();
        assertThat(trail.lines().filter(line -> line.contains("POST /api/cases/{id}/job/presses")))
                .hasSize(2)
                .allMatch(line -> line.contains(",Tablet,"));

        // What somebody else did meanwhile cannot be done once more: it is said, and not dropped in silence.
        String second = shown.innerText();
        tablet.context().setOffline(true);
        tablet.getByRole(AriaRole.BUTTON, named(say("chair.beginIt"))).tap();
        assertThat(tablet.locator(".chair-kept[data-waits='1']")).isVisible();
        button(say("chair.beginIt")).click();
        assertThat(page.locator(".chair-main")).hasAttribute("data-state", "NOW");
        tablet.context().setOffline(false);
        Locator read = tablet.getByRole(AriaRole.BUTTON, named(say("chair.readIt")));
        read.click();
        assertThat(read).hasCount(0);
        assertThat(shown).hasText(second);
    }

    private void sit(Page at, String name, String pin) {
        at.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(say("shared.whoWorksHere")))
                .getByText(name)
                .click();
        at.getByLabel(say("shared.pinOf", "name", name)).fill(pin);
        at.keyboard().press("Enter");
    }

    private void add(String name, String role, String pin) {
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName(say("salon.newPerson")));
        form.getByLabel(say("salon.name")).fill(name);
        if (!role.equals("Owner")) {
            form.getByLabel(say("salon.mayAs")).click();
            page.locator(".ant-select-item-option:visible").getByText(role).click();
        }
        form.getByLabel(say("salon.pinFourToEight")).fill(pin);
        form.getByText(say("salon.addPerson")).click();
        assertThat(page.locator("[data-person='" + name + "']")).isVisible();
    }

    @Test
    void peopleSayWhoTheyAreAndMayWhatTheirRoleMay() throws IOException {
        page.navigate("/salon");
        add("Ona", "Owner", "83746529");
        add("Kolja", "Colourist", "50917");
        add("Asta", "Assistant", "64738");
        page.getByLabel(say("salon.everybodySaysWho")).click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(say("shared.whoWorksHere"))))
                .isVisible();
        assertThat(page.getByText(say("salon.whoDidWhat"))).hasCount(0);
        sit(page, "Ona", "1111");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("That is not the PIN.");
        sit(page, "Ona", "83746529");
        assertThat(button(say("shared.worksHere", "name", "Ona"))).isVisible();
        assertThat(page.locator("[data-person]")).hasCount(3);

        // An assistant at the next press: the chair and the bowls, but not the salon and no change of the case.
        button(say("shared.worksHere", "name", "Ona")).click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByText("Asta").click();
        for (char figure : "64738".toCharArray()) {
            dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(String.valueOf(figure)))
                    .click();
        }
        dialog.getByText(say("shared.sitDown")).click();
        assertThat(button(say("shared.worksHere", "name", "Asta"))).isVisible();
        assertThat(page.getByRole(AriaRole.LINK, named(say("shared.salon")))).hasCount(0);
        page.navigate("/cases/1/chair");
        button(say("chair.startTheAppointment")).click();
        assertThat(page.locator(".chair-main")).isVisible();
        page.navigate("/cases/1/read");
        page.locator("[data-zone=CROWN] [data-band='0']").click();
        page.keyboard().press("ArrowUp");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Only a colourist may do this.");

        // Whoever sits down next keeps the same page, and may.
        button(say("shared.worksHere", "name", "Asta")).click();
        sit(page, "Kolja", "50917");
        assertThat(button(say("shared.worksHere", "name", "Kolja"))).isVisible();
        page.reload();
        page.locator("[data-zone=CROWN] [data-band='0']").click();
        page.keyboard().press("ArrowUp");
        saved();
        String trail = page.request().get(application.address() + "/api/trail").text();
        assertThat(trail).contains("Only an owner may do this.");

        page.request().delete(application.address() + "/api/people/here");
        page.reload();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(say("shared.whoWorksHere"))))
                .isVisible();
        // Nobody's PIN is in the log.
        String log = Files.readString(data.resolve("application.log"), StandardCharsets.UTF_8);
        assertThat(log).doesNotContain("83746529", "50917", "64738");
        assertThat(page.url()).matches(Pattern.compile(".*/cases/1/read"));
    }
}
