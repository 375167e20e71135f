package mischung.wish;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What was planned for every design before there were layers, as the program of then wrote it down. */
class OldWishesTest {
    @Test
    void everyDesignIsPlannedAsBeforeThereWereLayers() throws IOException {
        try (InputStream file =
                Objects.requireNonNull(OldWishesTest.class.getResourceAsStream("wishes-before-layers.txt"))) {
            String before = new String(file.readAllBytes(), StandardCharsets.UTF_8);
            assertThat(OldWishes.written()).isEqualTo(before);
        }
    }
}
