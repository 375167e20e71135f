package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Path;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** An application, a browser and a page of its own for every test. */
abstract class FreshApplication {
    @TempDir
    Path data;

    private final boolean demo;

    Running application;
    Chromium chromium;
    Page page;

    /** @param demo whether it begins with the demonstration data */
    FreshApplication(boolean demo) {
        this.demo = demo;
    }

    @BeforeEach
    void open() {
        application = Running.on(data, demo);
        chromium = new Chromium();
        page = chromium.page(application.address(), 1280, 800);
    }

    @AfterEach
    void close() {
        chromium.close();
        application.close();
        assertThat(chromium.complaints).isEmpty();
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, named(name));
    }

    static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    /** A case as it is kept, changed behind the page's back. */
    static void changed(Page page, String address, int id, Consumer<JsonObject> change) {
        String path = address + "/api/cases/" + id;
        JsonObject kept =
                JsonParser.parseString(page.request().get(path).text()).getAsJsonObject();
        JsonObject content = kept.getAsJsonObject("content");
        change.accept(content);
        JsonObject sent = new JsonObject();
        sent.add("version", kept.get("version"));
        sent.add("content", content);
        APIResponse answer = page.request()
                .put(
                        path,
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(sent.toString()));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    void saved() {
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
    }
}
