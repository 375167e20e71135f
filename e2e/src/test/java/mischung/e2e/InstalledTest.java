package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** As an application on a tablet: what a browser needs to install it, and what is shown where the program does not answer. */
class InstalledTest {
    @Timeout(300)
    @Test
    void itCanBeInstalledAndSaysWhenTheProgramDoesNotAnswer(@TempDir Path data) throws IOException {
        try (Running application = Running.on(data, true);
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(application.address(), 1024, 768);
            page.context().addCookies(List.of(new Cookie("language", "de").setUrl(application.address())));
            page.navigate("/");
            String manifest = page.locator("link[rel=manifest]").getAttribute("href");
            JsonObject said = JsonParser.parseString(
                            got(page, application.address() + manifest).text())
                    .getAsJsonObject();
            assertThat(said.get("display").getAsString()).isEqualTo("standalone");
            for (JsonElement one : said.getAsJsonArray("icons")) {
                JsonObject icon = one.getAsJsonObject();
                BufferedImage drawn = ImageIO.read(new ByteArrayInputStream(
                        got(page, application.address() + icon.get("src").getAsString())
                                .body()));
                assertThat(drawn.getWidth() + "x" + drawn.getHeight())
                        .isEqualTo(icon.get("sizes").getAsString());
            }
            page.waitForFunction("() => navigator.serviceWorker.controller !== null");
            application.kill();
            page.reload();
            assertThat(heading(page, "Keine Verbindung")).isVisible();
            application.restart();
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Noch einmal"))
                    .click();
            assertThat(heading(page, "Fällig")).isVisible();
            assertThat(chromium.complaints).isEmpty();
        }
    }

    private static APIResponse got(Page page, String address) {
        APIResponse answer = page.request().get(address);
        assertThat(answer.status()).as(address).isEqualTo(200);
        return answer;
    }

    private static Locator heading(Page page, String words) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(words));
    }
}
