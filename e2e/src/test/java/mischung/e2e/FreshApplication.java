package mischung.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
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

    void saved() {
        assertThat(page.locator("[data-saving]")).hasAttribute("data-saving", "saved");
    }
}
