package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

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

    /** A case like the first of the demonstration, to work on without disturbing other tests. */
    static int copyOfTheFirst() {
        return app.post("/api/cases/file", app.get("/api/cases/1/file").text())
                .json()
                .path("id")
                .asInt();
    }

    /** @param product as the shelf answered it: counted, and none is there */
    static void nothingIsLeftOf(JsonNode product) {
        ObjectNode counted = JSON.createObjectNode()
                .put("version", product.path("version").asLong())
                .put("counted", true)
                .put("packs", 0)
                .put("lowGrams", 0.0)
                .put("packPrice", product.path("packPrice").asDouble());
        counted.putArray("opened");
        Started.Answer answer =
                app.put("/api/shelf/products/" + product.path("id").asLong(), counted.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }
}
