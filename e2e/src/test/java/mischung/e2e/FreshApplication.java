package mischung.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** An application, a browser and a page of its own for every test: for what needs a database that nobody has worked on. */
abstract class FreshApplication extends Browsing {
    @TempDir
    Path data;

    private final boolean demo;

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
}
