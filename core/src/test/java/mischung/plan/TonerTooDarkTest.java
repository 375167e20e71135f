package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.product.ProductRange;
import mischung.school.School;
import mischung.sequence.Sequencer;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** R52 (common practice, no source): too dark a toner is washed out, at most with a mild lightener wash. */
class TonerTooDarkTest {
    private static final BandRef HERE = new BandRef(0, 0);

    private static Plan plan(double level, Tone tone, Wish wish) {
        return Planner.plan(
                Heads.of(List.of(new Band(0, 30, BandKind.LIGHTENED, level, tone, Porosity.NORMAL, 0))),
                wish,
                School.LADDER,
                ProductRange.demo());
    }

    @ParameterizedTest
    @CsvSource({"8, ASH, 9, PEARL", "7.5, PEARL, 9, BEIGE", "8, VIOLET, 9, BEIGE", "7, ASH, 8.5, BEIGE"})
    void itIsTakenBackWithoutStrongLightener(double level, Tone tone, double wished, Tone to) {
        Plan plan = plan(level, tone, new Wish(wished, to));
        assertThat(plan.steps()).noneMatch(step -> step.kind() == Action.REMOVE);
        assertThat(plan.steps()).anyMatch(step -> step.kind() == Action.CLARIFY || step.kind() == Action.LIGHTEN);
        plan.steps().stream().flatMap(step -> step.lifts().stream()).forEach(bowl -> {
            assertThat(bowl.laying().way()).isEqualTo(LiftWay.WASH);
            assertThat(bowl.laying().volume()).isLessThanOrEqualTo(10);
            assertThat(bowl.laying().minutes() * bowl.laying().times()).isLessThanOrEqualTo(20);
            assertThat(bowl.reasons()).anyMatch(reason -> reason.rule() == Rule.R52);
        });
        assertThat(plan.end(HERE).look().level()).isBetween(wished - 0.75, wished + 0.75);
        assertThat(plan.end(HERE).integrity())
                .isGreaterThan(plan.now().get(0).get(0).integrity() - 0.06);
        assertThat(Sequencer.of(plan).totalMinutes()).isLessThan(150);
    }

    /** What was coloured deep is no toner: it is taken out as colour is. */
    @Test
    void deepColourIsNoToner() {
        Plan plan = plan(4, Tone.NATURAL, new Wish(9, Tone.BEIGE));
        assertThat(plan.steps().stream().flatMap(step -> step.lifts().stream()))
                .noneMatch(bowl ->
                        bowl.laying().way() == LiftWay.WASH && bowl.bands().contains(HERE) && bowl.goalLevel() < 6);
        assertThat(plan.steps()).anyMatch(step -> step.kind() == Action.REMOVE);
    }
}
