package mischung.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/**
 * One application on the demonstration data and one browser for all tests of a class; a page of its own for each, in one context, so that
 * what was fetched and compiled once is not fetched again. What a page left in the browser goes with it.
 */
abstract class OneApplication extends Browsing {
    @TempDir
    static Path data;

    private static BrowserContext shared;

    @BeforeAll
    static void start() {
        application = Running.on(data, true);
        chromium = new Chromium();
        shared = chromium.shared(application.address(), false);
    }

    @BeforeEach
    void open() {
        page = chromium.pageIn(shared);
    }

    @AfterEach
    void putAway() {
        if (!page.isClosed()) {
            if (page.url().startsWith(application.address())) {
                page.evaluate("() => localStorage.clear()");
            }
            page.close();
        }
        if (!page.context().equals(shared)) {
            page.context().close();
        }
        shared.clearCookies();
    }

    @AfterAll
    static void stop() {
        chromium.close();
        application.close();
        assertThat(chromium.complaints).isEmpty();
    }
}
