package mischung.aftercare;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.history.Growth;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.school.Method;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Upkeep by R70 and R71 (common practice, no source), and what is done at home. */
class AfterTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private static Plan plan(double wish, Tone tone, Band... bands) {
        return Planner.plan(
                new PlanningContext(
                        Heads.zones(2, List.of(bands)),
                        new Wish(wish, tone),
                        ProductRange.demo(),
                        Calibration.none(),
                        3),
                Strategy.of("usual", Method.USUAL));
    }

    private static final Plan LIGHTER =
            plan(9, Tone.GOLD, new Band(0, 25, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0));
    private static final Plan DARKER =
            plan(6, Tone.NATURAL, new Band(0, 25, BandKind.LIGHTENED, 9, Tone.GOLD, Porosity.HIGH, 0));

    private static Upkeep.Due roots(Growth growth) {
        return Upkeep.of(LIGHTER, DAY, growth).stream()
                .filter(due -> due.kind() == Upkeep.Kind.ROOTS)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void lightenedRootsComeAgainInFiveToSixWeeks() {
        Upkeep.Due roots = roots(Growth.between(1, 1.2));
        assertThat(roots.from()).isEqualTo(DAY.plusWeeks(5));
        assertThat(roots.to()).isEqualTo(DAY.plusWeeks(6));
        assertThat(roots.warning().orElseThrow()).matches(Heard.a(AfterMessage.ROOTS_BAND));
        assertThat(roots.late(DAY.plusWeeks(6))).isFalse();
        assertThat(roots.late(DAY.plusWeeks(7))).isTrue();
    }

    /** 2 cm at 2 cm a month are 30.4 days: sooner than five weeks. */
    @Test
    void fastHairLeavesTheWarmStretchSooner() {
        Upkeep.Due roots = roots(Growth.between(1.5, 2));
        assertThat(roots.to()).isEqualTo(DAY.plusDays(30));
        assertThat(roots.warning().orElseThrow().figures()).containsEntry("day", new Figure.Day(DAY.plusDays(30)));
    }

    @Test
    void darkerHairWantsAGlossAndNoRoots() {
        List<Upkeep.Due> all = Upkeep.of(DARKER, DAY, Growth.UNMEASURED);
        assertThat(all).extracting(Upkeep.Due::kind).contains(Upkeep.Kind.GLOSS).doesNotContain(Upkeep.Kind.ROOTS);
        assertThat(all).allMatch(due -> due.from().isAfter(DAY) && !due.to().isBefore(due.from()));
        assertThat(all.get(0).from()).isEqualTo(DAY.plusWeeks(4));
    }

    @Test
    void whatIsDoneAtHomeFollowsFromWhatWasDone() {
        assertThat(HomeCare.of(LIGHTER)).anyMatch(Heard.a(AfterMessage.STRENGTHEN));
        assertThat(HomeCare.of(DARKER)).anyMatch(Heard.a(AfterMessage.WARMTH_LEAVES));
        assertThat(HomeCare.of(DARKER)).noneMatch(Heard.a(AfterMessage.VIOLET_SHAMPOO));
        Plan nothing = plan(6, Tone.NATURAL, new Band(0, 25, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0));
        assertThat(nothing.steps()).isEmpty();
        assertThat(HomeCare.of(nothing).get(0)).matches(Heard.a(AfterMessage.NOTHING_SPECIAL));
        assertThat(Upkeep.of(nothing, DAY, Growth.UNMEASURED)).isEmpty();
    }

    /** R71: fashion colour leaves within weeks; R18: permanent colour later only on what has grown. */
    @ParameterizedTest
    @CsvSource({
        "LIGHTENED, 8, 7, RED, FASHION",
        "LIGHTENED, 8, 7, MAHOGANY, FASHION",
        "LIGHTENED, 8, 7, COPPER, GLOSS",
        "NATURAL, 6, 4, RED, REGROWTH",
        "NATURAL, 6, 9, GOLD, ROOTS"
    })
    void whatWasLaidSaysWhatComesAgain(BandKind kind, double level, double wish, Tone tone, Upkeep.Kind needed) {
        Plan plan = plan(wish, tone, new Band(0, 25, kind, level, Tone.NATURAL, Porosity.NORMAL, 0));
        assertThat(Upkeep.needed(plan, plan.steps())).contains(needed);
        Upkeep.Due due = Upkeep.of(plan, DAY, Growth.UNMEASURED).stream()
                .filter(one -> one.kind() == needed)
                .findFirst()
                .orElseThrow();
        assertThat(Upkeep.kept(due.kind(), due.from(), due.to()).why()).isEqualTo(due.why());
        assertThat(due.from()).isBeforeOrEqualTo(DAY.plusWeeks(needed.fromWeeks()));
        assertThat(due.to()).isBeforeOrEqualTo(DAY.plusWeeks(needed.toWeeks()));
    }
}
