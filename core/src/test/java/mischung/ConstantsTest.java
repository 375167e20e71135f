package mischung;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The one file of constants: nothing twice, nothing without unit and source. */
class ConstantsTest {
    private static final List<Constants.Line> ALL = Constants.all();

    @Test
    void everyConstantSaysWhatItRestsOn() {
        for (Constants.Line line : ALL) {
            assertThat(line.value()).as("%s", line).isFinite();
            assertThat(line.unit()).as("%s", line).isNotBlank();
            assertThat(line.source())
                    .as("%s", line)
                    .matches(
                            "(published: .+|common practice.*|from memory.*|fitted .+|by definition.*|convention of this"
                                    + " program.*)");
        }
    }

    @Test
    void whatIsPublishedNamesItsAuthorsAndYear() {
        List<Constants.Line> published = ALL.stream()
                .filter(line -> line.source().startsWith("published"))
                .toList();
        assertThat(published).hasSizeGreaterThanOrEqualTo(3);
        assertThat(published).allMatch(line -> line.source().matches("published: [A-Z].*(19|20)\\d\\d.*"));
    }

    @Test
    void nothingStandsTwice() {
        Set<String> names = new TreeSet<>();
        for (Constants.Line line : ALL) {
            assertThat(names.add(line.group() + " " + line.name()))
                    .as("%s", line)
                    .isTrue();
        }
        assertThat(ALL.stream().map(Constants.Line::group).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(
                        "hair",
                        "deposit",
                        "shade",
                        "lift",
                        "remove",
                        "fade",
                        "barrier",
                        "strength",
                        "wet",
                        "spread",
                        "reading",
                        "history",
                        "photo",
                        "habit",
                        "caution",
                        "upkeep");
    }

    @Test
    void aMissingConstantIsNamedWithItsGroup() {
        assertThat(Constants.in("lift").of("scalp")).isBetween(2.0, 3.0);
        assertThatThrownBy(() -> Constants.in("lift").of("moonlight"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("moonlight")
                .hasMessageContaining("lift");
    }
}
