package mischung.wish;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MatchTest {
    /** What a colourist says of two swatches side by side; common practice, no source. */
    @ParameterizedTest
    @CsvSource({"0, ON", "2, ON", "2.1, CLOSE", "4, CLOSE", "5.9, NEAR", "6.1, OFF", "40, OFF"})
    void howNearAColourIs(double difference, Match match) {
        assertThat(Match.of(difference)).isEqualTo(match);
    }
}
