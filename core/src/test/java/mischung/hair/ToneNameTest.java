package mischung.hair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.TreeSet;
import mischung.light.Lab;
import org.junit.jupiter.api.Test;

/** Whatever colour hair has, it is called by a name that is known, so that every language has a word for it. */
class ToneNameTest {
    @Test
    void everyColourHasAKnownName() {
        Set<String> met = new TreeSet<>();
        for (double l = 6; l <= 94; l += 4) {
            for (double a = -36; a <= 60; a += 4) {
                for (double b = -44; b <= 76; b += 4) {
                    met.add(ToneName.of(Lab.d65(l, a, b)));
                }
            }
        }
        assertThat(ToneName.all()).containsAll(met);
        assertThat(met)
                .as("names that are met")
                .hasSizeGreaterThan(ToneName.all().size() * 3 / 4);
    }
}
