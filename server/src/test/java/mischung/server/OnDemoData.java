package mischung.server;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.json.JsonMapper;

/** One server on the demonstration data for all tests of a class. */
abstract class OnDemoData {
    static final JsonMapper JSON = JsonMapper.builder().build();

    @TempDir
    static Path data;

    static Started app;

    @BeforeAll
    static void start() {
        app = new Started(data, true);
    }

    @AfterAll
    static void stop() {
        app.close();
    }
}
