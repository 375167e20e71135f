package mischung;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Turns of phrase. */
class WordsTest {
    /** What a colourist says of two swatches side by side; common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "0, on the wish (0.0)",
        "2, on the wish (2.0)",
        "2.1, close to the wish (2.1)",
        "4, close to the wish (4.0)",
        "5.9, near the wish (5.9)",
        "6.1, off the wish (6.1)"
    })
    void howNearAColourIsIsSaidInAWordWithItsFigure(double difference, String words) {
        assertThat(Words.match(difference)).isEqualTo(words);
    }
}
