package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.product.ProductRange;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.school.School;
import mischung.wish.Aim;
import mischung.wish.Wish;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every tone hair grows or is toned in, at every level it is worn at: it is reached, or it is said how far it comes. */
class EveryToneTest {
    static Stream<Aim> everyWish() {
        return Arrays.stream(Tone.values())
                .filter(tone -> tone.wishable() && !tone.fashion())
                .flatMap(tone ->
                        Stream.of(4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 9.5, 10.0).map(level -> new Aim(level, tone)));
    }

    @ParameterizedTest
    @MethodSource("everyWish")
    void isReachedOrSaidWhyNot(Aim aim) {
        Plan plan = Planner.plan(
                Heads.of(List.of(new Band(0, 30, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.NORMAL, 0))),
                new Wish(aim),
                School.MIDPOINT,
                ProductRange.demo());
        Outcome end = plan.end(new BandRef(0, 0));
        if (end.difference() > 6) {
            assertThat(plan.findings())
                    .as("%s ends %s, %.1f off", aim.words(), end.look().words(), end.difference())
                    .extracting(Plan.Finding::said)
                    .filteredOn(Heard.a(FindingMessage.MISSED))
                    .anyMatch(said -> said.figures().get("aim").equals(new Figure.Part(aim.said())));
        }
    }
}
