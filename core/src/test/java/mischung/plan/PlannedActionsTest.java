package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.process.RemoverRound;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.school.Method;
import mischung.school.Pull;
import mischung.school.TakeOut;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Limits;
import mischung.wish.Weave;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Which actions a strategy takes and how much of each (common practice, no source, unless a rule is named). */
class PlannedActionsTest {
    private static final BandRef ROOT = new BandRef(0, 0);
    private static final BandRef MIDS = new BandRef(0, 1);
    private static final BandRef ENDS = new BandRef(0, 2);
    private static final Wish LIGHTER = new Wish(8, Tone.GOLD);

    private static Band natural(double from, double to, double level) {
        return new Band(from, to, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, 0);
    }

    private static Band lightened(double from, double to, double level, Tone tone, Porosity porosity) {
        return new Band(from, to, BandKind.LIGHTENED, level, tone, porosity, 0);
    }

    private static Band box(double from, double to, double level, double layers) {
        return new Band(from, to, BandKind.COLOURED, level, Tone.NATURAL, Porosity.NORMAL, 0)
                .with(BandDetail.NONE.withPast(layers, 4, 6));
    }

    private static Head blackHead(double layers) {
        return Heads.of(List.of(natural(0, 6, 5), box(6, 30, 2, layers)));
    }

    private static BandRef last(Plan plan) {
        return plan.head().bands().get(plan.head().bands().size() - 1);
    }

    private static Strategy usual() {
        return Strategy.of("usual", Method.USUAL);
    }

    private static Plan plan(Head head, Wish wish, Strategy strategy) {
        return Planner.plan(desk(head, wish), strategy);
    }

    private static PlanningContext desk(Head head, Wish wish) {
        return new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3);
    }

    private static List<Action> actions(Plan plan) {
        return plan.steps().stream().map(PlanStep::kind).toList();
    }

    private static List<Laying> layings(Plan plan, Action action) {
        return plan.steps().stream()
                .flatMap(step -> step.round().layings().stream())
                .filter(laying -> laying.action() == action)
                .toList();
    }

    /** R30: so many rounds as bring it to a brown by themselves; where lightener has to come anyway one is enough. */
    @Test
    void removerTakesAsFewRoundsAsTheWishNeeds() {
        List<Laying> once = layings(plan(blackHead(5), LIGHTER, usual()), Action.REMOVE);
        assertThat(once).singleElement().satisfies(laying -> {
            assertThat(laying.times()).isEqualTo(1);
            assertThat(laying.bands()).containsExactly(ENDS);
        });
        Plan much = plan(blackHead(5), new Wish(4.5, Tone.BROWN), usual());
        assertThat(actions(much)).doesNotContain(Action.LIGHTEN);
        List<Laying> remover = layings(much, Action.REMOVE);
        assertThat(remover).hasSize(1);
        assertThat(remover.get(0).times()).isBetween(2, 3);
        PlanStep step = much.steps().get(0);
        assertThat(step.treatments()).extracting(Treatment::action).containsExactly(Action.CLARIFY, Action.REMOVE);
        assertThat(step.treatments().get(1).grams())
                .as("weighed for every round")
                .isGreaterThan(100);
        BandRef ends = last(much);
        Outcome before = much.now().get(0).get(ends.band());
        assertThat(step.outcome(ends).look().level())
                .isGreaterThan(before.look().level() + 1);
        assertThat(step.outcome(ends).integrity())
                .as("little strength")
                .isGreaterThan(before.integrity() - 0.04 * remover.get(0).times());
    }

    /**
     * R46: a foil is opened once. Ends under many more layers of old colour than the mids beside them get a stronger developer in the
     * same foil, off the scalp, sooner than that the foil waits for them.
     */
    @Test
    void endsThatWouldKeepTheFoilWaitingGetAStrongerBowl() {
        Band mids = new Band(2, 30, BandKind.COLOURED, 4, Tone.NATURAL, Porosity.NORMAL, 0);
        Band ends = new Band(30, 40, BandKind.COLOURED, 3, Tone.NATURAL, Porosity.NORMAL, 0);
        Plan plan = plan(
                Heads.of(List.of(
                        natural(0, 2, 5),
                        mids.with(mids.detail().withPast(2, 1, 12)),
                        ends.with(ends.detail().withPast(6, 1, 12)))),
                new Wish(6.5, Tone.GOLD),
                usual());
        List<Laying> lifts = layings(plan, Action.LIGHTEN).stream()
                .filter(laying -> laying.bands().stream()
                        .noneMatch(at -> plan.head().at(at).touchesScalp()))
                .toList();
        Laying onMids = on(lifts, 1);
        Laying onEnds = on(lifts, 2);
        assertThat(onMids.volume()).isEqualTo(20);
        assertThat(onEnds.volume()).isEqualTo(30);
        assertThat(onEnds.minutes()).isBetween(onMids.minutes() - 10, onMids.minutes() + 10);
    }

    private static Laying on(List<Laying> lifts, int band) {
        return lifts.stream()
                .filter(laying -> laying.bands().contains(new BandRef(0, band)))
                .findFirst()
                .orElseThrow();
    }

    /** What a first visit lightened is natural no longer at the second: it gets what lightened hair gets. */
    @Test
    void hairLightenedAtAnEarlierVisitIsNotNaturalAtTheNext() {
        Plan plan = plan(Heads.of(List.of(natural(0, 25, 3))), new Wish(7, Tone.NATURAL), usual().inVisits(2));
        Set<BandRef> lifted = new HashSet<>();
        plan.steps().stream()
                .filter(step -> step.visit() == 1)
                .flatMap(step -> step.lifts().stream())
                .forEach(lift -> lifted.addAll(lift.bands()));
        assertThat(lifted).isNotEmpty();
        List<Bowl> later = plan.steps().stream()
                .filter(step -> step.visit() == 2)
                .flatMap(step -> step.bowls().stream())
                .filter(bowl -> bowl.bands().stream().anyMatch(lifted::contains))
                .toList();
        assertThat(later)
                .isNotEmpty()
                .allSatisfy(bowl ->
                        assertThat(bowl.laying().shadeClass()).as(bowl.name()).isEqualTo(ShadeClass.DEMI));
    }

    /** A wash that clarified the ends says nothing of the mids. */
    @Test
    void onlyWhatWasClarifiedCountsAsClarified() {
        BandRef mids = new BandRef(0, 0);
        PlanningContext desk = desk(
                Heads.of(List.of(
                        new Band(0, 12, BandKind.COLOURED, 4, Tone.NATURAL, Porosity.NORMAL, 0),
                        new Band(12, 25, BandKind.COLOURED, 4, Tone.NATURAL, Porosity.NORMAL, 0))),
                LIGHTER);
        BandRef ends = desk.head().bands().get(desk.head().bands().size() - 1);
        Plan plan = Planner.byHand(
                desk,
                Method.USUAL,
                List.of(
                        Round.of(Laying.usual(Action.CLARIFY, List.of(ends))),
                        Round.of(Laying.usual(Action.REMOVE, desk.head().bands()))));
        assertThat(clarified(plan, mids)).isEqualTo(false);
        assertThat(clarified(plan, ends)).isEqualTo(true);
    }

    private static boolean clarified(Plan plan, BandRef at) {
        return plan
                .end(at)
                .hair()
                .since(plan.now().get(at.zone()).get(at.band()).hair())
                .stream()
                .filter(RemoverRound.class::isInstance)
                .allMatch(change -> ((RemoverRound) change).clarified());
    }

    @Test
    void naturalHairGetsNoRemover() {
        assertThat(actions(plan(Heads.of(List.of(natural(0, 25, 3))), LIGHTER, usual())))
                .doesNotContain(Action.REMOVE)
                .contains(Action.LIGHTEN);
    }

    @Test
    void lightenerFirstLeavesTheRemoverOut() {
        Plan plan =
                plan(blackHead(3), LIGHTER, Strategy.of("lightener first", Method.USUAL.with(TakeOut.LIGHTENER_FIRST)));
        assertThat(actions(plan)).doesNotContain(Action.REMOVE).contains(Action.LIGHTEN);
    }

    /** R31: off the root; what stays dark gets a second bowl of the same mix, half the size; lightener only for what is far off. */
    @Test
    void cleanseMixGoesOnDarkColourAloneAndOnceMoreWhereItStayedDark() {
        Strategy cleanse = Strategy.of("cleanse", Method.USUAL.with(TakeOut.CLEANSE_MIX));
        Plan plan = plan(blackHead(5), new Wish(9, Tone.GOLD), cleanse);
        assertThat(actions(plan)).contains(Action.CLEANSE).doesNotContain(Action.REMOVE);
        assertThat(layings(plan, Action.CLEANSE)).isNotEmpty().allSatisfy(laying -> {
            assertThat(laying.bands()).containsExactly(ENDS);
            assertThat(laying.volume()).isEqualTo(40);
            assertThat(laying.minutes()).isBetween(5.0, 20.0);
        });
        List<LiftBowl> bowls = plan.steps().stream()
                .filter(step -> step.kind() == Action.CLEANSE)
                .flatMap(step -> step.lifts().stream())
                .toList();
        assertThat(bowls).hasSize(2);
        assertThat((double) bowls.get(1).powderGrams() / bowls.get(0).powderGrams())
                .isBetween(0.45, 0.65);
        assertThat(layings(plan, Action.LIGHTEN))
                .filteredOn(laying -> laying.bands().contains(ENDS))
                .allSatisfy(laying -> assertThat(((Laying.Lift) laying).way()).isEqualTo(LiftWay.SPOT));
        Plan brown = plan(blackHead(5), new Wish(5, Tone.BROWN), cleanse);
        assertThat(actions(brown)).contains(Action.CLEANSE);
        assertThat(layings(brown, Action.LIGHTEN))
                .as("brown is as light as the mix leaves it")
                .noneMatch(laying -> laying.bands().contains(last(brown)));
        assertThat(brown.end(last(brown)).look().level()).isCloseTo(5, within(0.6));
    }

    /** R44: what is to be darker is not lifted first, nor is hair between pieces that stays as dark as it is. */
    @ParameterizedTest
    @CsvSource({"LIGHTENED, 9, 8, 6", "LIGHTENED, 10, 10, 7", "COLOURED, 6, 6, 5", "NATURAL, 7, 7, 5"})
    void lowlightsAreNeverLifted(BandKind kind, double level, double rest, double low) {
        Band band = new Band(
                0, 30, kind, level, kind == BandKind.LIGHTENED ? Tone.AS_LIFTED : Tone.NATURAL, Porosity.NORMAL, 0);
        Wish wish = new Wish(new Aim(rest, Tone.NATURAL))
                .with(Design.woven(Design.Kind.LOWLIGHTS, new Aim(low, Tone.NATURAL), 0.4, 6, false));
        Plan plan = plan(Heads.of(List.of(band)), wish, usual());
        List<BandRef> pieces = plan.head().bands().stream()
                .filter(at -> plan.head().at(at).weave() == Weave.PIECES)
                .toList();
        assertThat(pieces).isNotEmpty();
        assertThat(plan.steps().stream().flatMap(step -> step.lifts().stream()))
                .noneMatch(lift -> lift.bands().stream().anyMatch(pieces::contains));
        for (BandRef at : pieces) {
            assertThat(plan.end(at).look().level()).isCloseTo(low, within(0.75));
        }
    }

    /** R32, R49: hair with white in it is lifted for what its dark part is, however little of it is white. */
    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.15, 0.25, 0.29, 0.31, 0.5})
    void piecesWithGreyInThemAreLiftedForTheirDarkPart(double grey) {
        Band band = new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, grey);
        Wish wish = new Wish(new Aim(5, Tone.NATURAL))
                .with(Design.woven(Design.Kind.HIGHLIGHTS, new Aim(8.5, Tone.SAND), 0.3, 3, false));
        Plan plan = plan(Heads.of(List.of(band)), wish, usual());
        Band plain = new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0);
        Plan none = plan(Heads.of(List.of(plain)), wish, usual());
        assertThat(minutesOfLift(plan))
                .as("as long as on hair without white")
                .isCloseTo(minutesOfLift(none), within(10.0));
    }

    private static double minutesOfLift(Plan plan) {
        return layings(plan, Action.LIGHTEN).stream()
                .filter(laying -> laying.bands().contains(new BandRef(0, 2)))
                .mapToDouble(Laying::minutes)
                .sum();
    }

    /** R18, R71: lengths of the wish's depth whose tone has faded get a sheer layer, weak developer and no more. */
    @ParameterizedTest
    @CsvSource({
        "LIGHTENED, 9, NATURAL, PEARL",
        "LIGHTENED, 8.5, PEARL, NATURAL",
        "COLOURED, 8, BEIGE, BROWN",
        "COLOURED, 7, BEIGE, PEARL"
    })
    void whatHasOnlyFadedGetsAGloss(BandKind kind, double level, Tone tone, Tone wish) {
        Head toned = Heads.of(List.of(new Band(0, 30, kind, level, tone, Porosity.NORMAL, 0)));
        Plan plan = plan(toned, new Wish(level, wish), usual());
        assertThat(actions(plan)).containsExactly(Action.GLOSS);
        assertThat(plan.steps().get(0).bowls()).allSatisfy(bowl -> {
            assertThat(bowl.laying().volume()).isLessThanOrEqualTo(7);
            assertThat(bowl.formula().mix().parts().get(0).shade().level()).isCloseTo(level, within(1.0));
        });
        assertThat(plan.end(ROOT).difference())
                .isLessThan(plan.now().get(0).get(0).difference() - 0.8);
        Plan darker = plan(toned, new Wish(7, Tone.NATURAL), usual());
        assertThat(actions(darker)).as("two levels are no gloss").doesNotContain(Action.GLOSS);
    }

    /** R53: brassy hair at 8 and lighter. */
    @Test
    void brassyHairIsTonedBeforeItIsLightened() {
        Head brassy = Heads.of(List.of(lightened(0, 25, 8, Tone.COPPER, Porosity.NORMAL)));
        Plan plan = plan(brassy, new Wish(10, Tone.ASH), usual().withPreTone());
        List<Action> actions = actions(plan);
        assertThat(actions).contains(Action.PRE_TONE, Action.LIGHTEN);
        assertThat(actions.indexOf(Action.PRE_TONE)).isLessThan(actions.indexOf(Action.LIGHTEN));
        assertThat(layings(plan, Action.PRE_TONE))
                .allSatisfy(laying -> assertThat(laying.minutes()).isLessThanOrEqualTo(10));
        assertThat(actions(plan(brassy, new Wish(10, Tone.ASH), usual()))).doesNotContain(Action.PRE_TONE);
    }

    @Test
    void withoutLightenerItSaysWhereItStops() {
        Plan plan = plan(blackHead(1), LIGHTER, usual().withoutLightener());
        assertThat(actions(plan)).doesNotContain(Action.LIGHTEN, Action.CLEANSE);
        assertThat(plan.answer(ENDS).reasons())
                .anyMatch(reason -> reason.said().message() == ReasonMessage.STOPS_NO_LIGHTENER);
    }

    /** R24: half the way today; the wait lies between, and the second visit goes the rest. */
    @Test
    void inTwoVisitsHalfTheWayIsGoneFirst() {
        Head blonde = Heads.of(List.of(lightened(0, 25, 10, Tone.AS_LIFTED, Porosity.NORMAL)));
        Plan plan = plan(blonde, new Wish(5, Tone.NATURAL), usual().inVisits(2));
        assertThat(plan.visits()).isEqualTo(2);
        assertThat(actions(plan)).containsOnlyOnce(Action.WAIT);
        PlanStep lastOfFirst = plan.steps().stream()
                .filter(step -> step.visit() == 1 && !step.bowls().isEmpty())
                .reduce((a, b) -> b)
                .orElseThrow();
        assertThat(lastOfFirst.outcome(ROOT).look().level()).isCloseTo(7.5, within(1.0));
        assertThat(plan.end(ROOT).look().level()).isCloseTo(5, within(0.8));
        assertThat(layings(plan, Action.WAIT))
                .allSatisfy(wait -> assertThat(((Laying.Wait) wait).weeks()).isBetween(4.0, 8.0));
    }

    /** R39: what failed the wet stretch is cut where a trim is allowed, and left alone where not. */
    @Test
    void failedEndsAreCutOrLeft() {
        Head weak = Heads.of(List.of(
                natural(0, 6, 6),
                lightened(6, 30, 9, Tone.AS_LIFTED, Porosity.NORMAL),
                lightened(30, 34, 10, Tone.AS_LIFTED, Porosity.VERY_HIGH)
                        .with(BandDetail.NONE.withStretch(Elasticity.BREAKS))));
        Wish wish = new Wish(6, Tone.NATURAL);
        Plan cut = plan(weak, wish.with(Limits.NONE.withTrim(6)), usual());
        assertThat(cut.answer(ENDS).decision()).isEqualTo(Decision.TRIM);
        assertThat(cut.end(ENDS).cut()).isTrue();
        assertThat(actions(cut)).startsWith(Action.TRIM);
        Plan kept = plan(weak, wish, usual());
        assertThat(actions(kept)).doesNotContain(Action.TRIM);
        assertThat(kept.end(ENDS).cut()).isFalse();
    }

    /** R32, R33, R35: strength by the hair, the root last and no stronger than 20 vol, the band alone first. */
    @Test
    void lightenerIsAsStrongAsTheHairAllows() {
        Plan virgin = plan(Heads.of(List.of(natural(0, 30, 5))), new Wish(9, Tone.GOLD), usual());
        List<Laying.Lift> lifts = layings(virgin, Action.LIGHTEN).stream()
                .map(Laying.Lift.class::cast)
                .toList();
        assertThat(lifts)
                .filteredOn(laying -> laying.way() == LiftWay.ROOT)
                .isNotEmpty()
                .allSatisfy(laying -> assertThat(laying.volume()).isLessThanOrEqualTo(20));
        assertThat(lifts.get(lifts.size() - 1).way()).as("the root last").isEqualTo(LiftWay.ROOT);
        Strategy strong = Strategy.of("strong", Method.USUAL.with(Pull.STRONG_AND_SHORT));
        assertThat(layings(plan(blackHead(5), LIGHTER, strong), Action.LIGHTEN))
                .as("40 vol only after a strand test")
                .isNotEmpty()
                .allSatisfy(laying -> assertThat(laying.volume()).isLessThan(40));
        Head fragile = Heads.of(
                List.of(natural(0, 4, 6), new Band(4, 30, BandKind.LIGHTENED, 7, Tone.GOLD, Porosity.VERY_HIGH, 0)));
        assertThat(layings(plan(fragile, new Wish(9, Tone.GOLD), usual()), Action.LIGHTEN))
                .filteredOn(laying -> laying.bands().contains(ENDS))
                .isNotEmpty()
                .allSatisfy(laying -> assertThat(laying.volume()).isEqualTo(10));
    }

    @Test
    void strengthSpentIsPartlyBroughtBack() {
        Plan plan = plan(Heads.of(List.of(natural(0, 30, 4))), new Wish(9, Tone.GOLD), usual());
        List<Action> actions = actions(plan);
        int lift = actions.lastIndexOf(Action.LIGHTEN);
        int bond = actions.indexOf(Action.TREATMENT);
        assertThat(bond).isGreaterThan(lift);
        assertThat(plan.steps().get(bond).outcome(MIDS).integrity())
                .isGreaterThan(plan.steps().get(lift).outcome(MIDS).integrity());
    }

    /** No planned lift goes below the line where a wet strand hardly returns, spread over visits not below springing back. */
    @ParameterizedTest
    @CsvSource({"2,1", "3,1", "2,2", "4,3"})
    void liftStopsBeforeTheHairFails(double level, int visits) {
        Plan plan = plan(
                Heads.of(List.of(natural(0, 5, level), box(5, 30, level, 4))),
                new Wish(10.5, Tone.ASH),
                usual().inVisits(visits));
        double least = visits > 1 ? Elasticity.SPRINGS_BACK.from() : Elasticity.RETURNS_SLOWLY.from();
        assertThat(plan.steps())
                .filteredOn(step -> !step.lifts().isEmpty())
                .isNotEmpty()
                .allSatisfy(step -> plan.head()
                        .bands()
                        .forEach(at -> assertThat(step.outcome(at).integrity())
                                .as("%s", at)
                                .isGreaterThanOrEqualTo(least)));
    }

    /** What is out is replaced from the shelf, and its price in colour is the true difference of two searches. */
    @Test
    void aShadeThatIsOutHasItsPriceInColour() {
        Head blonde = Heads.of(List.of(lightened(0, 25, 9, Tone.AS_LIFTED, Porosity.NORMAL)));
        Wish copper = new Wish(7, Tone.COPPER);
        Plan whole = plan(blonde, copper, usual());
        Bowl first = lastBowl(whole);
        Set<String> out = Set.of(first.formula().mix().parts().get(0).shade().code());
        Plan without = Planner.plan(
                new PlanningContext(blonde, copper, ProductRange.demo().without(out), Calibration.none(), 3), usual());
        assertThat(shades(without)).extracting(Shade::code).doesNotContainAnyElementsOf(out);
        Bowl instead = lastBowl(without);
        assertThat(instead.formula().misfit())
                .isGreaterThanOrEqualTo(first.formula().misfit() - 0.3);
        assertThat(instead.reasons())
                .extracting(Reason::said)
                .filteredOn(Heard.a(ReasonMessage.WITH_WHAT_IS_OUT))
                .singleElement()
                .satisfies(said -> {
                    assertThat(said.figures().get("mix"))
                            .isEqualTo(first.formula().mix().figure());
                    assertThat(Heard.number(said, "whole"))
                            .isEqualTo(first.formula().misfit());
                    assertThat(Heard.number(said, "found"))
                            .isEqualTo(instead.formula().misfit());
                    assertThat(Heard.figure(said, "missed"))
                            .contains(new Figure.Part(first.formula()
                                            .mix()
                                            .parts()
                                            .get(0)
                                            .shade()
                                            .said())
                                    .text());
                });
        assertThat(first.reasons()).extracting(Reason::said).noneMatch(Heard.a(ReasonMessage.WITH_WHAT_IS_OUT));
    }

    @Test
    void aShadeThatWouldNotServeCostsNothing() {
        Head blonde = Heads.of(List.of(lightened(0, 25, 9, Tone.AS_LIFTED, Porosity.NORMAL)));
        ProductRange less = ProductRange.demo().without(Set.of("demi-natural-3"));
        Plan plan = Planner.plan(
                new PlanningContext(blonde, new Wish(7, Tone.COPPER), less, Calibration.none(), 3), usual());
        assertThat(lastBowl(plan).reasons())
                .anyMatch(reason -> reason.said().message() == ReasonMessage.OUT_COSTS_NOTHING);
    }

    private static Bowl lastBowl(Plan plan) {
        return plan.steps().stream()
                .flatMap(step -> step.bowls().stream())
                .reduce((a, b) -> b)
                .orElseThrow();
    }

    private static Stream<Shade> shadesOf(PlanStep step) {
        return step.bowls().stream()
                .flatMap(bowl -> bowl.formula().mix().parts().stream())
                .map(part -> part.shade());
    }

    private static List<Shade> shades(Plan plan) {
        return plan.steps().stream().flatMap(PlannedActionsTest::shadesOf).toList();
    }

    /** Somebody's own rounds are told band by band as the planner tells what it decides. */
    @ParameterizedTest
    @CsvSource({
        "LIGHTEN, LIGHTEN",
        "CLEANSE, LIGHTEN",
        "REMOVE, REMOVE",
        "FILL, FILL",
        "TONER, COLOUR",
        "GLOSS, COLOUR",
        "TRIM, TRIM",
        "CLARIFY, LEAVE"
    })
    void ownRoundsAreAnsweredBandByBand(Action action, Decision decision) {
        PlanningContext desk = desk(Heads.of(List.of(box(0, 20, 5, 2), box(20, 30, 4, 2))), new Wish(7, Tone.GOLD));
        Laying one = Laying.usual(action, List.of(ROOT), new Aim(7, Tone.GOLD));
        if (action == Action.GLOSS && one instanceof Laying.Deposit gloss) {
            one = gloss.with(mischung.product.Mix.of(Shade.derived(mischung.product.ShadeClass.GLOSS, 7, Tone.GOLD)));
        }
        Plan plan = Planner.byHand(desk, Method.USUAL, List.of(Round.of(one)));
        assertThat(plan.answer(ROOT).decision()).isEqualTo(decision);
        assertThat(plan.answer(ROOT).reasons().get(0).said()).matches(Heard.a(ReasonMessage.OWN_SHOWS));
        assertThat(plan.answer(MIDS).decision()).isEqualTo(Decision.LEAVE);
        assertThat(plan.answer(MIDS).reasons().get(0).said()).matches(Heard.a(ReasonMessage.OWN_UNTOUCHED));
    }

    @Test
    void removedAndLightenedIsOneAnswer() {
        PlanningContext desk = desk(Heads.of(List.of(box(0, 20, 3, 3))), new Wish(8, Tone.GOLD));
        Plan plan = Planner.byHand(
                desk,
                Method.USUAL,
                Stream.of(Action.REMOVE, Action.LIGHTEN)
                        .map(action -> Round.of(Laying.usual(action, List.of(ROOT))))
                        .toList());
        assertThat(plan.answer(ROOT).decision()).isEqualTo(Decision.REMOVE_AND_LIGHTEN);
    }
}
