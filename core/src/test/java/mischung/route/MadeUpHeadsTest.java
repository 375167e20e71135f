package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import mischung.hair.BandRef;
import mischung.plan.Action;
import mischung.plan.Decision;
import mischung.plan.LiftBowl;
import mischung.plan.LiftWay;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Reason;
import mischung.plan.Rule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The first route for eight made-up heads is what the trade would do (common practice, no source), and says why. */
class MadeUpHeadsTest {
    private static Route first(MadeUpHeads head) {
        return head.decided().routes().get(0);
    }

    private static List<Action> actions(Plan plan) {
        return plan.steps().stream().map(PlanStep::kind).toList();
    }

    private static Stream<LiftBowl> lifts(Plan plan) {
        return plan.steps().stream().flatMap(step -> step.lifts().stream());
    }

    private static boolean lifted(Plan plan, BandRef at) {
        return lifts(plan).anyMatch(lift -> lift.bands().contains(at));
    }

    private static List<Rule> reasons(Plan plan) {
        return Stream.concat(
                        plan.steps().stream().flatMap(step -> step.reasons().stream()),
                        plan.answers().stream().flatMap(List::stream).flatMap(a -> a.reasons().stream()))
                .map(Reason::rule)
                .toList();
    }

    /** (a) R10, R13, R17: fill in steps, then the target; nothing is lifted. */
    @Test
    void paleBlondeToNaturalFiveIsFilledAndColoured() {
        Plan plan = first(MadeUpHeads.BLONDE_TO_NATURAL_FIVE).plan();
        assertThat(actions(plan)).contains(Action.FILL).endsWith(Action.TARGET).doesNotContain(Action.LIGHTEN);
        assertThat(reasons(plan)).contains(Rule.R10, Rule.R13, Rule.R17, Rule.R22);
        assertThat(plan.steps().stream()
                        .filter(step -> step.kind() == Action.FILL)
                        .flatMap(step -> step.bands().stream()))
                .noneMatch(at -> plan.head().at(at).touchesScalp());
    }

    /** (b) R30, R44: remover before lightener, the brown root not lifted, light laid before dark. */
    @Test
    void repeatedHomeBlackIsRemovedBeforeItIsLightened() {
        Plan plan = MadeUpHeads.HOME_BLACK_TO_COPPER_MELT.decided().routes().stream()
                .filter(route -> route.key().equals("by-your-schools"))
                .findFirst()
                .orElseThrow()
                .plan();
        List<Action> actions = actions(plan);
        assertThat(actions).contains(Action.REMOVE, Action.LIGHTEN).endsWith(Action.MELT);
        assertThat(actions.indexOf(Action.REMOVE)).isLessThan(actions.indexOf(Action.LIGHTEN));
        assertThat(reasons(plan)).contains(Rule.R30, Rule.R35, Rule.R57);
        for (BandRef at : plan.head().bands()) {
            if (plan.head().at(at).touchesScalp()) {
                assertThat(lifted(plan, at)).as("%s", at).isFalse();
            }
        }
        List<Double> depths = plan.steps().get(plan.steps().size() - 1).bowls().stream()
                .map(bowl -> bowl.aimLevel())
                .toList();
        assertThat(depths).as("light first, dark second (R57)").isSortedAccordingTo((a, b) -> Double.compare(b, a));
    }

    /** (c) R35: the band as strong as it needs, the half-grey regrowth for its dark half; light ends get no lightener. */
    @Test
    void oneDarkBandIsWorkedAndTheLightEndsAreSpared() {
        Plan plan = first(MadeUpHeads.ONE_DARK_BAND).plan();
        PlanStep lightening = plan.steps().stream()
                .filter(step -> step.kind() == Action.LIGHTEN)
                .findFirst()
                .orElseThrow();
        assertThat(lightening.lifts())
                .filteredOn(lift -> lift.laying().way() == LiftWay.BAND)
                .isNotEmpty()
                .allSatisfy(lift -> assertThat(lift.bands())
                        .allSatisfy(
                                at -> assertThat(plan.head().band(at).fromCm()).isEqualTo(3)));
        assertThat(lifts(plan).flatMap(lift -> lift.bands().stream()))
                .as("regrowth and band, never the ends")
                .allSatisfy(at -> assertThat(plan.head().band(at).fromCm()).isLessThanOrEqualTo(3));
        assertThat(actions(plan).stream().filter(action -> action == Action.LIGHTEN))
                .as("one stage")
                .hasSize(1);
        assertThat(reasons(plan)).contains(Rule.R35, Rule.R30);
        assertThat(actions(plan).get(actions(plan).size() - 1)).isEqualTo(Action.TONER);
    }

    /** (d) What grew is kept and not touched; the old colour is taken out and toned. */
    @Test
    void grownOutGreyIsKeptAndTheEndsFollow() {
        Plan plan = first(MadeUpHeads.GREY_TO_SILVER).plan();
        assertThat(actions(plan))
                .containsSequence(Action.REMOVE, Action.LIGHTEN)
                .endsWith(Action.TONER);
        for (BandRef at : plan.head().bands()) {
            if (plan.head().at(at).touchesScalp()) {
                assertThat(plan.answer(at).decision()).isEqualTo(Decision.KEEP);
                assertThat(plan.steps())
                        .allSatisfy(step -> assertThat(step.bands()).doesNotContain(at));
                assertThat(plan.end(at).difference()).isZero();
            }
        }
        assertThat(reasons(plan)).contains(Rule.WISH, Rule.R30, Rule.R50);
    }

    /** (e) R58, R30: a remover does not touch direct dye, and blue is covered, not lifted. */
    @Test
    void fadedBlueAndPinkAreFilledAndCovered() {
        Plan plan = first(MadeUpHeads.FADED_BLUE_AND_PINK).plan();
        assertThat(actions(plan))
                .contains(Action.FILL)
                .endsWith(Action.TARGET)
                .doesNotContain(Action.REMOVE, Action.LIGHTEN, Action.CLEANSE);
        assertThat(first(MadeUpHeads.FADED_BLUE_AND_PINK).measures().distance()).isLessThan(4);
        assertThat(reasons(plan)).contains(Rule.R10);
    }

    /** (f) R44, R23, R4: nothing is lifted; weak ends are evened, and brass is neutralised. */
    @Test
    void brassyCopperIsNeutralisedWithoutLightener() {
        Plan plan = first(MadeUpHeads.BRASSY_COPPER_WEAK_ENDS).plan();
        assertThat(actions(plan)).containsExactly(Action.EQUALISE, Action.NEUTRALISE);
        assertThat(reasons(plan)).contains(Rule.R23, Rule.R4, Rule.R19);
        assertThat(plan.end(new BandRef(1, 2)).integrity())
                .isGreaterThanOrEqualTo(plan.now().get(1).get(2).integrity() - 1e-9);
    }

    /** (g) R24: part of the way now, the rest in some weeks. */
    @Test
    void blondeToBrunetteGoesInTwoGentleVisits() {
        Route route = first(MadeUpHeads.BLONDE_TO_BRUNETTE_GENTLY);
        assertThat(route.measures().visits()).isEqualTo(2);
        assertThat(actions(route.plan())).contains(Action.WAIT).doesNotContain(Action.LIGHTEN);
        assertThat(route.plan().endOfToday(new BandRef(1, 1)).look().level()).isBetween(6.5, 8.0);
        assertThat(reasons(route.plan())).contains(Rule.R24);
        assertThat(route.measures().distance()).isLessThan(3);
    }

    /** (h) R33, R34: off the scalp and root lightened, fragile white ends never; two people; it is not promised. */
    @Test
    void darkRegrowthToWhiteSparesTheEndsAndTakesTwoPeopleADay() {
        MadeUpHeads head = MadeUpHeads.DARK_REGROWTH_TO_WHITE;
        mischung.route.Decision decision = head.decided();
        Plan plan = decision.routes().get(0).plan();
        assertThat(lifts(plan).map(lift -> lift.laying().way()).toList())
                .contains(LiftWay.ROOT)
                .containsAnyOf(LiftWay.OFF_SCALP);
        assertThat(lifts(plan).flatMap(lift -> lift.bands().stream()))
                .allSatisfy(at -> assertThat(plan.head().band(at).fromCm()).isLessThan(5));
        assertThat(lifts(plan).filter(lift -> lift.laying().way() == LiftWay.ROOT))
                .allSatisfy(lift -> assertThat(lift.developer().volume()).isLessThanOrEqualTo(20));
        assertThat(reasons(plan)).contains(Rule.R33, Rule.R32, Rule.R39);
        assertThat(decision.routes().get(0).measures().longestMinutes())
                .as("R48: 7-8 h for two people over bands and fragile ends; no band here")
                .isBetween(4 * 60, 8 * 60);
        int alone = RouteComparison.first(
                        new mischung.plan.PlanningContext(
                                head.head(),
                                head.wish().with(mischung.wish.Limits.NONE),
                                mischung.product.ProductRange.demo(),
                                mischung.uncertainty.Calibration.none(),
                                3),
                        head.method(),
                        House.USUAL)
                .measures()
                .clientMinutes();
        assertThat(decision.routes().get(0).measures().clientMinutes()).isLessThan(alone);
    }

    /** Every step and bowl names its rule, what else was weighed, or what would change it; plans B and C are ready. */
    @ParameterizedTest
    @EnumSource
    void everyStepHasItsReasonsAndItsPlanB(MadeUpHeads head) {
        for (Route route : head.decided().routes()) {
            for (PlanStep step : route.plan().steps()) {
                assertThat(step.reasons()).as(step.title()).isNotEmpty();
                if (step.kind() == Action.FILL || step.kind() == Action.LIGHTEN || step.kind() == Action.REMOVE) {
                    assertThat(step.reasons())
                            .extracting(Reason::kind)
                            .as(step.title())
                            .containsAll(Set.of(Reason.Kind.values()));
                }
                step.bowls()
                        .forEach(bowl -> assertThat(bowl.reasons())
                                .extracting(Reason::rule)
                                .contains(Rule.COMPUTED));
            }
            assertThat(route.fallbacks()).extracting(Fallback::letter).containsExactly("B", "C");
            assertThat(route.surest().from()).isLessThanOrEqualTo(route.surest().to());
        }
    }
}
