package mischung.product;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import mischung.hair.ToneName;
import mischung.light.Illuminant;
import mischung.light.Lab;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The made-up range must be one a salon could work with: every shade does what it is made for and is called what it is. */
class DemoRangeTest {
    /** CIEDE2000; what a colourist would call another shade. */
    private static final double MISSED = 6;

    static Stream<Shade> shades() {
        return ProductRange.demo().shades().stream().filter(shade -> !shade.isClear());
    }

    @ParameterizedTest
    @MethodSource("shades")
    void doesItsJobAndIsNamedByIt(Shade shade) {
        assertThat(shade.misfit()).as("missed by").isLessThanOrEqualTo(MISSED);
        Lab shown = Illuminant.D65.reflected(shade.shown().reflectance()).toLab();
        assertThat(ToneName.of(shown)).isEqualTo(shade.tone().orElseThrow().words());
    }
}
