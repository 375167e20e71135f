package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mischung.formula.Formula;
import mischung.formula.FormulaSearch;
import mischung.formula.FormulaTask;
import mischung.formula.Oddness;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Dyes;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;
import mischung.process.Application;
import mischung.product.Mix;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.said.RefusedInput;
import mischung.school.School;
import mischung.wish.Limits;
import mischung.wish.Wish;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PlannerTest {
    private static final BandRef ROOT = new BandRef(0, 0);
    private static final BandRef LENGTHS = new BandRef(0, 1);
    private static final Wish SIX = new Wish(6, Tone.NATURAL);

    private static Plan plan(Head head, Wish wish, School school) {
        return Planner.plan(head, wish, school, ProductRange.demo());
    }

    private static List<PlanStep> fillers(Plan plan) {
        return plan.steps().stream().filter(s -> s.kind() == Action.FILL).toList();
    }

    /** R10, R11, R20 (common practice, no source). */
    @ParameterizedTest
    @EnumSource(names = {"LADDER", "MIDPOINT"})
    void tenToSixIsFilledAtEightAndLandsOnSix(School school) {
        Plan plan = plan(Heads.grownOut(6, 10, Porosity.NORMAL), SIX, school);

        assertThat(plan.answer(LENGTHS).decision()).isEqualTo(Decision.FILL);
        assertThat(plan.answer(LENGTHS).reasons()).extracting(Reason::rule).contains(Rule.R10);
        assertThat(fillers(plan)).hasSize(1);
        Bowl filler = fillers(plan).get(0).bowls().get(0);
        assertThat(filler.aimLevel()).isBetween(7.5, 8.5);
        assertThat(filler.aimWords()).isEqualTo("8 copper-gold");
        assertThat(filler.developer().volume()).isLessThanOrEqualTo(10);
        assertThat(filler.minutes()).isEqualTo(20);
        assertThat(fillers(plan).get(0).outcome(LENGTHS).look().level()).isBetween(7.5, 8.5);

        Outcome end = plan.end(LENGTHS);
        assertThat(end.look().level()).isBetween(5.5, 6.5);
        assertThat(Ciede2000.between(
                        ToneScale.colourOf(6, Tone.NATURAL), end.look().lab()))
                .isLessThan(4);
        assertThat(end.range().from()).isLessThan(end.look().level());
        assertThat(end.range().to()).isGreaterThan(end.look().level());
    }

    /** R10, R5: unfilled it stays too light and loses its warmth; the plan says so. */
    @ParameterizedTest
    @EnumSource(names = {"LADDER", "MIDPOINT"})
    void withoutFillerItIsLightAndHollow(School school) {
        Plan plan = plan(Heads.grownOut(6, 10, Porosity.NORMAL), SIX, school);
        Outcome alone = plan.alone().get(0).get(1);
        assertThat(alone.look().level()).isGreaterThanOrEqualTo(6.5);
        assertThat(alone.look().lab().chroma()).isLessThan(0.6 * SIX.colour().chroma());
        assertThat(plan.findings())
                .extracting(Plan.Finding::said)
                .filteredOn(Heard.a(FindingMessage.WITHOUT_FILLER_CHROMA))
                .singleElement()
                .satisfies(said -> {
                    assertThat(Heard.figure(said, "lighter")).isEqualTo("yes");
                    assertThat(Heard.number(said, "off")).isPositive();
                });
    }

    @ParameterizedTest
    @EnumSource(names = {"LADDER", "MIDPOINT"})
    void nineToSevenAsksForNoFiller(School school) {
        Plan plan = plan(Heads.grownOut(7, 9, Porosity.NORMAL), new Wish(7, Tone.NATURAL), school);
        assertThat(plan.answer(LENGTHS).decision()).isEqualTo(Decision.COLOUR);
        assertThat(plan.fills()).isFalse();
        assertThat(plan.end(LENGTHS).look().level()).isBetween(6.5, 7.5);
        assertThat(plan.end(LENGTHS).difference()).isLessThan(4);
    }

    /** R17 (common practice): the natural root is never filled. */
    @Test
    void theNaturalRootStaysUnfilled() {
        Plan same = plan(Heads.grownOut(6, 10, Porosity.NORMAL), SIX, School.LADDER);
        assertThat(same.answer(ROOT).decision()).isEqualTo(Decision.LEAVE);
        Plan lighter = plan(Heads.grownOut(8, 10, Porosity.NORMAL), new Wish(5, Tone.NATURAL), School.LADDER);
        assertThat(lighter.answer(ROOT).decision()).isEqualTo(Decision.COLOUR);
        assertThat(lighter.answer(ROOT).reasons()).extracting(Reason::rule).contains(Rule.R17, Rule.R18);
        assertThat(fillers(lighter)).allSatisfy(step -> {
            assertThat(step.outcome(ROOT).touched()).isFalse();
            assertThat(step.bowls()).allSatisfy(bowl -> assertThat(bowl.bands()).doesNotContain(ROOT));
        });
        Bowl root = lighter.steps().get(lighter.steps().size() - 1).bowls().get(0);
        assertThat(root.place()).isEqualTo(BowlPlace.ROOTS);
        assertThat(root.formula().mix().shadeClass()).isEqualTo(ShadeClass.PERMANENT);
        assertThat(root.developer().volume()).isLessThanOrEqualTo(10);
    }

    /**
     * R9 (common practice): a bright tone on hair that was never lifted wants 20 vol, or it hardly shows; hair that is only to
     * go darker keeps its 10.
     */
    @ParameterizedTest
    @CsvSource({"COPPER, 5", "RED, 5", "GOLD, 5", "COPPER, 5.5"})
    void aBrightToneOnNaturalHairIsOpened(Tone tone, double level) {
        Head natural = Heads.of(List.of(new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0)));
        Plan bright = plan(natural, new Wish(level, tone), School.LADDER);
        Bowl bowl = bright.steps().get(0).bowls().get(0);
        assertThat(bowl.formula().mix().shadeClass()).isEqualTo(ShadeClass.PERMANENT);
        assertThat(bowl.laying().volume()).as("no more at the scalp").isEqualTo(20);
        assertThat(bowl.reasons()).anyMatch(reason -> reason.rule() == Rule.R9);
        assertThat(bright.end(new BandRef(0, 0)).difference()).isLessThan(5);
        Plan dark = plan(natural, new Wish(4, Tone.BROWN), School.LADDER);
        assertThat(dark.steps().get(0).bowls().get(0).laying().volume()).isLessThanOrEqualTo(10);
    }

    /** R13 (common practice): 10 → 8 → 6 → 4. */
    @Test
    void tenToFourClimbsDownInTwos() {
        Plan plan = plan(Heads.grownOut(4, 10, Porosity.NORMAL), new Wish(4, Tone.NATURAL), School.LADDER);
        assertThat(fillers(plan)).extracting(s -> s.bowls().get(0).aimLevel()).containsExactly(8.0, 6.0);
        double before = 10;
        for (PlanStep step : plan.steps()) {
            double after = step.outcome(LENGTHS).look().level();
            assertThat(before - after).as(step.title()).isLessThanOrEqualTo(2.5);
            before = after;
        }
        assertThat(plan.end(LENGTHS).look().level()).isBetween(3.4, 4.6);
        assertThat(plan(Heads.grownOut(4, 10, Porosity.NORMAL), new Wish(4, Tone.NATURAL), School.MIDPOINT)
                        .steps())
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({"10, 6", "10.5, 6", "11, 6", "12, 3", "9, 5.5", "9.5, 6", "8, 1", "10, 7.5"})
    void noRungIsMoreThanTwoLevelsLong(double canvas, double target) {
        double above = canvas;
        // Half a level more where two fillers then do for three: no more than two eyes differ by.
        double longest = FillerLevels.LONGEST_STEP + (canvas - target > 6 ? 0.5 : 0);
        for (double rung : FillerLevels.between(canvas, target, School.LADDER)) {
            assertThat(above - rung).isBetween(0.25, longest);
            above = rung;
        }
        assertThat(above - target).isBetween(0.0, longest);
    }

    /** R55 (common practice): from half grey up coverage and 20 vol. */
    @Test
    void greyRootsAreCovered() {
        Plan plan = plan(
                Heads.of(List.of(
                        new Band(0, 4, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0.6),
                        new Band(4, 30, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.NORMAL, 0))),
                SIX,
                School.LADDER);
        Bowl root = plan.steps().get(plan.steps().size() - 1).bowls().get(0);
        assertThat(root.formula().mix().shadeClass()).isEqualTo(ShadeClass.COVERAGE);
        assertThat(root.developer().volume()).isEqualTo(20);
        assertThat(plan.end(ROOT).look().level()).isBetween(5.0, 7.0);
        // R9: 20 vol lifts by itself, and the formula was looked for on the hair as it will be lifted.
        assertThat(plan.end(ROOT).difference()).isCloseTo(root.formula().misfit(), within(0.05));
    }

    /** R19, R21, R23 (common practice). */
    @Test
    void veryPorousEndsAreEvenedLighterAndLater() {
        Plan plan = plan(
                Heads.of(List.of(
                        new Band(0, 5, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0),
                        new Band(5, 22, BandKind.LIGHTENED, 9.5, Tone.AS_LIFTED, Porosity.NORMAL, 0),
                        new Band(22, 30, BandKind.LIGHTENED, 10.5, Tone.AS_LIFTED, Porosity.VERY_HIGH, 0))),
                SIX,
                School.MIDPOINT);
        assertThat(plan.steps().get(0).kind()).isEqualTo(Action.EQUALISE);
        PlanStep target = plan.steps().get(plan.steps().size() - 1);
        Bowl ends = target.bowls().stream()
                .filter(b -> b.place() == BowlPlace.POROUS)
                .findFirst()
                .orElseThrow();
        assertThat(ends.formula().mix().level()).isBetween(6.5, 7.0);
        assertThat(ends.minutes()).isEqualTo(10);
        assertThat(ends.reasons()).extracting(Reason::rule).contains(Rule.R19, Rule.R21);
        assertThat(plan.end(new BandRef(0, 2)).look().level()).isBetween(5.5, 6.75);
    }

    /** R44: what is darker than the wish is not promised to lighten. */
    @Test
    void aLighterWishIsSaidToBeOutOfReach() {
        Wish noLightener = new Wish(9, Tone.NATURAL).with(Limits.NONE.withoutLightener());
        Plan plan = plan(Heads.grownOut(5, 8, Porosity.NORMAL), noLightener, School.LADDER);
        assertThat(plan.steps()).isEmpty();
        assertThat(plan.answer(LENGTHS).decision()).isEqualTo(Decision.TOO_DARK);
        assertThat(plan.findings())
                .extracting(Plan.Finding::said)
                .filteredOn(Heard.a(FindingMessage.TOO_DARK))
                .singleElement()
                .satisfies(said -> assertThat(Heard.figure(said, "bands"))
                        .contains(new Figure.Part(plan.head().said(LENGTHS)).text()));
    }

    @Test
    void wishesOutsideTheScaleAreRefused() {
        assertThatThrownBy(() -> new Wish(14, Tone.NATURAL))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("14");
        assertThatThrownBy(() -> new Wish(Double.NaN, Tone.NATURAL)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Wish(6, Tone.AS_LIFTED)).isInstanceOf(RefusedInput.class);
    }

    @Provide
    Arbitrary<Head> heads() {
        return Heads.random();
    }

    @Provide
    Arbitrary<Tone> wishTones() {
        return Arbitraries.of(Tone.values()).filter(Tone::wishable);
    }

    @Property
    void everyHeadGetsAPlanThatKeepsTheHardRules(
            @ForAll("heads") Head head,
            @ForAll @IntRange(min = 2, max = 20) int wishHalves,
            @ForAll School school,
            @ForAll("wishTones") Tone tone) {
        Wish wish = new Wish(wishHalves / 2.0, tone);
        Plan plan = plan(head, wish, school);
        for (PlanStep step : plan.steps()) {
            for (Bowl bowl : step.bowls()) {
                Mix mix = bowl.formula().mix();
                assertThat(mix.parts()).hasSizeBetween(1, 4);
                assertThat(bowl.developer().volume())
                        .isLessThanOrEqualTo(
                                mix.shadeClass() == ShadeClass.COVERAGE
                                                || bowl.reasons().stream().anyMatch(reason -> reason.rule() == Rule.R9)
                                        ? bowl.bands().stream()
                                                        .anyMatch(at -> plan.head()
                                                                .at(at)
                                                                .touchesScalp())
                                                ? 20
                                                : 30
                                        : 10);
                assertThat(bowl.grams().totalGrams())
                        .isGreaterThanOrEqualTo((int) bowl.grams().needGrams());
                for (BandRef at : bowl.bands()) {
                    assertThat(plan.answer(at).decision().coloured()).isTrue();
                    if (step.kind() == Action.FILL) {
                        assertThat(plan.head().band(at).kind().lifted()).isTrue();
                    }
                }
            }
        }
        for (BandRef at : plan.head().bands()) {
            Outcome end = plan.end(at);
            Outcome now = plan.now().get(at.zone()).get(at.band());
            boolean liftedByColour = plan.steps().stream()
                    .flatMap(step -> step.bowls().stream())
                    .anyMatch(bowl -> bowl.bands().contains(at)
                            && bowl.developer().volume() >= 20
                            && plan.head().band(at).kind() == BandKind.NATURAL);
            // R52: what a clarifying shampoo takes out of hair is lighter afterwards, too.
            boolean washed = plan.steps().stream()
                    .flatMap(step -> step.round().layings().stream())
                    .anyMatch(laying ->
                            laying.action() == Action.CLARIFY && laying.bands().contains(at));
            if (!plan.answer(at).decision().takesOut() && !liftedByColour && !washed) {
                assertThat(end.look().lab().l())
                        .isLessThanOrEqualTo(now.look().lab().l() + 1e-9);
            }
            assertThat(end.range().from()).isLessThanOrEqualTo(end.range().to());
            assertThat(plan.answer(at).reasons()).isNotEmpty();
        }
        assertThat(plan(head, wish, school))
                .as("the same input gives the same plan")
                .isEqualTo(plan);
    }

    /** The two-round search against computing every mix in full. */
    @ParameterizedTest
    @CsvSource({"10, 8, AS_LIFTED", "9, 7, NATURAL", "8, 6, NATURAL", "10, 8, BEIGE", "9, 6, COPPER", "7, 5, MAHOGANY"})
    void searchFindsWhatExhaustionFinds(double canvas, double level, Tone tone) {
        var hair = Reading.canvasOf(new Band(0, 20, BandKind.LIGHTENED, canvas, Tone.AS_LIFTED, Porosity.NORMAL, 0));
        var shades = ProductRange.demo().of(ShadeClass.DEMI).stream()
                .filter(s -> s.isClear() || Math.abs(s.level() - level) <= 1)
                .toList();
        var application = Application.usual(Dyes.NONE, ShadeClass.DEMI, 10);
        var aim = ToneScale.colourOf(level, tone);
        Formula found = FormulaSearch.best(new FormulaTask(
                List.of(new FormulaTask.Spot(hair, aim, 1)), application, shades, 0, 12, List.of(), 1, Oddness.NONE));
        double least = Double.MAX_VALUE;
        int n = shades.size();
        for (int i = 0; i < n; i++) {
            for (int j = i; j < n; j++) {
                for (int k = j; k < n; k++) {
                    for (int p = 1; p <= 5; p++) {
                        for (int q = 1; q <= 5 && p + q < 7; q++) {
                            for (int r = 1; r <= 5 && p + q + r <= 7; r++) {
                                var dyes = shades.get(i)
                                        .dyes()
                                        .times(p)
                                        .plus(shades.get(j).dyes().times(q))
                                        .plus(shades.get(k).dyes().times(r))
                                        .times(1.0 / (p + q + r));
                                var lab = application.withDyes(dyes).on(hair).lab();
                                least = Math.min(least, Ciede2000.between(aim, lab));
                            }
                        }
                    }
                }
            }
        }
        double priceOfThreeShades = 0.6;
        assertThat(found.misfit()).isLessThanOrEqualTo(least + 0.3 + priceOfThreeShades);
        assertThat(found.tried()).isGreaterThan(1000);
    }
}
