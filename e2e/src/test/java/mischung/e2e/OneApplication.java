package mischung.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/** One application on the demonstration data and one browser for all tests of a class. */
abstract class OneApplication {
    @TempDir
    static Path data;

    static Running application;
    static Chromium chromium;

    @BeforeAll
    static void start() {
        application = Running.on(data, true);
        chromium = new Chromium();
    }

    @AfterAll
    static void stop() {
        chromium.close();
        application.close();
        assertThat(chromium.complaints).isEmpty();
    }
}
