package mischung.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** One application on the demonstration data and one browser for all tests of a class; a page of its own for each. */
abstract class OneApplication extends Browsing {
    @TempDir
    static Path data;

    @BeforeAll
    static void start() {
        application = Running.on(data, true);
        chromium = new Chromium();
    }

    @BeforeEach
    void open() {
        page = chromium.page(application.address(), 1280, 800);
    }

    @AfterEach
    void putAway() {
        page.context().close();
    }

    @AfterAll
    static void stop() {
        chromium.close();
        application.close();
        assertThat(chromium.complaints).isEmpty();
    }
}
