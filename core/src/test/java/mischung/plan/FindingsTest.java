package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.said.Said;
import mischung.school.Method;
import mischung.school.School;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.LevelRange;
import mischung.wish.Limits;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/** What a plan says about itself, and how wide it says it may miss. */
class FindingsTest {
    private static final ProductRange DEMO = ProductRange.demo();

    private static Plan plan(ProductRange range, double wish, Tone tone, Band... bands) {
        return Planner.plan(Heads.of(List.of(bands)), new Wish(wish, tone), School.LADDER, range);
    }

    private static Band lightened(double from, double to, double level, Porosity porosity) {
        return new Band(from, to, BandKind.LIGHTENED, level, Tone.AS_LIFTED, porosity, 0);
    }

    private static List<Said> warnings(Plan plan) {
        return plan.findings().stream()
                .filter(f -> f.weight() == Plan.Weight.WARNING)
                .map(Plan.Finding::said)
                .toList();
    }

    private static Figure band(Plan plan, int band) {
        return new Figure.Part(plan.head().said(new BandRef(0, band)));
    }

    @Test
    void anEvenResultIsCalledEvenAndALineALine() {
        Plan even = plan(
                DEMO, 6, Tone.NATURAL, lightened(0, 15, 9.5, Porosity.NORMAL), lightened(15, 30, 10, Porosity.NORMAL));
        assertThat(warnings(even)).isEmpty();
        assertThat(even.findings()).extracting(Plan.Finding::said).anyMatch(Heard.a(FindingMessage.EVEN));
        Plan lined = plan(
                DEMO,
                7,
                Tone.NATURAL,
                new Band(0, 5, BandKind.NATURAL, 4, Tone.NATURAL, Porosity.NORMAL, 0),
                lightened(5, 30, 8.5, Porosity.NORMAL));
        assertThat(warnings(lined))
                .as("the root is lifted, so no line is left")
                .noneMatch(Heard.a(FindingMessage.LINE));
        Plan unlifted = Planner.plan(
                lined.head().read(), lined.wish().with(Limits.NONE.withoutLightener()), School.LADDER, DEMO);
        assertThat(warnings(unlifted))
                .anyMatch(said -> said.message() == FindingMessage.LINE
                        && said.figures().get("band").equals(band(unlifted, 1)))
                .anyMatch(said -> said.message() == FindingMessage.TOO_DARK
                        && said.figures().get("bands") instanceof Figure.All all
                        && all.figures().contains(band(unlifted, 0)));
    }

    @Test
    void aShelfThatCannotReachTheWishIsSaidSo() {
        List<Shade> few = DEMO.shades().stream()
                .filter(s -> s.shadeClass() == ShadeClass.DEMI && !s.isClear() && s.level() >= 8)
                .toList();
        Plan plan = plan(
                new ProductRange("light only", few, DEMO.developers()),
                5,
                Tone.NATURAL,
                lightened(0, 30, 8, Porosity.NORMAL));
        assertThat(warnings(plan)).anyMatch(Heard.a(FindingMessage.MISSED));
        assertThat(warnings(plan)).anyMatch(Heard.a(FindingMessage.OUTSIDE_RULES));
        assertThat(plan.steps()
                        .get(plan.steps().size() - 1)
                        .bowls()
                        .get(0)
                        .formula()
                        .withinRules())
                .isFalse();
    }

    @Test
    void aWholeShelfStaysInItsRules() {
        Plan plan = plan(DEMO, 6, Tone.GOLD, lightened(0, 30, 10, Porosity.NORMAL));
        for (PlanStep step : plan.steps()) {
            for (Bowl bowl : step.bowls()) {
                assertThat(bowl.formula().withinRules()).isTrue();
                assertThat(bowl.formula().runnerUp())
                        .hasValueSatisfying(second -> assertThat(second.mix())
                                .isNotEqualTo(bowl.formula().mix()));
            }
        }
    }

    @Test
    void rangesWidenWithEveryStepThatMayGoWrong() {
        Plan plan = plan(DEMO, 6, Tone.NATURAL, lightened(0, 30, 10, Porosity.NORMAL));
        LevelRange read = plan.now().get(0).get(0).range();
        assertThat(read.to() - read.from())
                .as("eight in ten of an error of half a level")
                .isBetween(1.1, 1.5);
        for (PlanStep step : plan.steps()) {
            Outcome after = step.outcome(new BandRef(0, 0));
            assertThat(after.range().from()).isLessThan(after.look().level() - 0.1);
            assertThat(after.range().to()).isGreaterThan(after.look().level() + 0.1);
            assertThat(after.range().to() - after.range().from()).isLessThan(3);
        }
    }

    @Test
    void rangesAreSpokenInHalves() {
        assertThat(new LevelRange(5.5, 6.5).words()).isEqualTo("5½–6½");
        assertThat(new LevelRange(6.1, 6.2).words()).isEqualTo("6");
    }

    @Test
    void levelsAreSpokenInHalves() {
        assertThat(LevelScale.words(6.3)).isEqualTo("6½");
        assertThat(LevelScale.words(6.2)).isEqualTo("6");
        assertThat(LevelScale.count(1)).isEqualTo("1 level");
        assertThat(LevelScale.count(3.5)).isEqualTo("3.5 levels");
        assertThat(LevelScale.figure(2.04)).isEqualTo("2");
    }

    /** R64: what grows in between two visits is counted with; in one visit nothing does. */
    @Test
    void regrowthBetweenVisitsIsCountedWith() {
        PlanningContext desk = new PlanningContext(
                Heads.of(List.of(new Band(0, 30, BandKind.NATURAL, 3, Tone.NATURAL, Porosity.NORMAL, 0))),
                new Wish(9, Tone.BEIGE),
                DEMO,
                Calibration.none(),
                3);
        Strategy usual = Strategy.of("usual", Method.USUAL);
        assertThat(warnings(Planner.plan(desk, usual.inVisits(2))))
                .filteredOn(Heard.a(FindingMessage.GROWS_BETWEEN_VISITS))
                .singleElement()
                .satisfies(said -> {
                    assertThat(Heard.number(said, "from")).isCloseTo(1.1, within(0.05));
                    assertThat(Heard.number(said, "to")).isCloseTo(1.7, within(0.05));
                    assertThat(said.figures().get("level")).isEqualTo(new Figure.Level(3));
                });
        assertThat(warnings(Planner.plan(desk, usual))).noneMatch(Heard.a(FindingMessage.GROWS_BETWEEN_VISITS));
    }
}
