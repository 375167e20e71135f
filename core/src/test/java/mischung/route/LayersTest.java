package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Xyz;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.Heads;
import mischung.plan.LiftBowl;
import mischung.plan.LiftWay;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.process.Wetness;
import mischung.product.HairAmount;
import mischung.product.Lightener;
import mischung.product.ProductRange;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.said.Said;
import mischung.school.Method;
import mischung.school.Start;
import mischung.sequence.Durations;
import mischung.sequence.SectionPlan;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.sequence.Task;
import mischung.sequence.TaskMessage;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Contradictions;
import mischung.wish.Edge;
import mischung.wish.How;
import mischung.wish.Layer;
import mischung.wish.Layer.Purpose;
import mischung.wish.Pattern;
import mischung.wish.Region;
import mischung.wish.What;
import mischung.wish.Wish;
import mischung.wish.WishMessage;
import mischung.wish.WorkedBand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Designs that are half of what is done and could not be said with one design a head (common practice, no source). */
class LayersTest {
    record Made(String name, Head head, Wish wish) {
        @Override
        public String toString() {
            return name;
        }

        Plan plan() {
            return Planner.plan(
                    new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3),
                    Strategy.of("usual", Method.USUAL));
        }
    }

    private static Band natural(double to, double level, double grey) {
        return new Band(0, to, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, grey);
    }

    private static Band lifted(double from, double to, double level) {
        return new Band(from, to, BandKind.LIGHTENED, level, Tone.AS_LIFTED, Porosity.NORMAL, 0);
    }

    private static What colour(double level, Tone tone) {
        return What.colour(new Aim(level, tone));
    }

    private static Layer tap(double cm, double level) {
        return Layer.of(
                Purpose.ROOT_TAP, Region.ALL.between(Edge.SCALP, Edge.fromScalp(cm)), colour(level, Tone.NATURAL));
    }

    private static Region zones(ZonePlace... places) {
        return Region.ALL.on(Set.of(places));
    }

    private static final Made FOILS_AND_TAP = new Made(
            "P12 fine foils and a root tap",
            Heads.full(List.of(natural(34, 6, 0))),
            keeping()
                    .over(List.of(
                            Layer.of(Purpose.HIGHLIGHT, Region.ALL, new Pattern.Weave(0.4, 3), colour(9, Tone.PEARL)),
                            tap(0.5, 6))));

    private static Wish keeping() {
        return new Wish(6, Tone.NATURAL).keepingNatural();
    }

    private static final Made SHADOW_AND_PANELS = new Made(
            "shadow root and panels of low, melt and high",
            Heads.full(List.of(natural(4, 6, 0), lifted(4, 36, 9))),
            new Wish(9, Tone.BEIGE)
                    .over(List.of(
                            Layer.of(
                                    Purpose.LOWLIGHT,
                                    zones(ZonePlace.BACK, ZonePlace.CROWN),
                                    new Pattern.Panels(5, 1),
                                    colour(7, Tone.NATURAL),
                                    new What.Along(
                                            Optional.of(new Aim(7, Tone.BEIGE)),
                                            new Aim(8, Tone.BEIGE),
                                            Optional.empty(),
                                            12,
                                            5,
                                            2,
                                            3),
                                    colour(9, Tone.BEIGE)),
                            Layer.of(
                                    Purpose.SHADOW_ROOT,
                                    Region.ALL.between(Edge.SCALP, Edge.fromScalp(5)),
                                    colour(6, Tone.NATURAL)))));

    private static final Made BASE_AND_BANDS = new Made(
            "base over grey, bands broken up, a product of its own at the face",
            Heads.full(List.of(
                    natural(3, 6, 0.5),
                    new Band(3, 9, BandKind.COLOURED, 6, Tone.GOLD, Porosity.NORMAL, 0),
                    lifted(9, 32, 8.5))),
            new Wish(8.5, Tone.BEIGE)
                    .over(List.of(
                            Layer.of(
                                    Purpose.COLOUR,
                                    Region.ALL.between(Edge.SCALP, Edge.fromScalp(9)),
                                    colour(6, Tone.NATURAL)),
                            Layer.of(
                                            Purpose.HIGHLIGHT,
                                            Region.ALL.between(Edge.fromScalp(3), Edge.fromScalp(9)),
                                            new Pattern.Slices(2, 3),
                                            colour(8.5, Tone.BEIGE))
                                    .named("band break-up"),
                            Layer.of(
                                            Purpose.HIGHLIGHT,
                                            zones(ZonePlace.SIDES, ZonePlace.FRINGE),
                                            new Pattern.Frame(3),
                                            colour(9, Tone.BEIGE))
                                    .named("face")
                                    .with(How.USUAL.with(10)))));

    private static final Made WOVEN_MELT = new Made(
            "woven melt with dark drawn two thirds down",
            Heads.full(List.of(natural(3, 6, 0), lifted(3, 36, 9))),
            new Wish(9, Tone.BEIGE)
                    .over(List.of(
                            Layer.of(
                                    Purpose.MELT,
                                    Region.ALL,
                                    new Pattern.Weave(0.4, 6),
                                    new What.Along(
                                            Optional.of(new Aim(6, Tone.NATURAL)),
                                            new Aim(8, Tone.BEIGE),
                                            Optional.empty(),
                                            24,
                                            5,
                                            3,
                                            4)),
                            Layer.of(
                                    Purpose.SHADOW_ROOT,
                                    Region.ALL.between(Edge.SCALP, Edge.fromScalp(3)),
                                    colour(6, Tone.NATURAL)))));

    private static final Made LOWLIGHTS_ABOVE = new Made(
            "P10 lowlights above, a light frame left and glossed last",
            Heads.full(List.of(natural(10, 6, 0), lifted(10, 40, 9))),
            new Wish(8, Tone.BEIGE)
                    .keepingNatural()
                    .over(List.of(
                            Layer.of(
                                    Purpose.LOWLIGHT,
                                    zones(ZonePlace.CROWN, ZonePlace.PARTING).between(Edge.fromScalp(10), Edge.ENDS),
                                    new Pattern.Weave(0.4, 6),
                                    colour(7, Tone.NATURAL)),
                            Layer.of(
                                            Purpose.GLOSS,
                                            zones(ZonePlace.FRINGE).between(Edge.fromScalp(10), Edge.ENDS),
                                            colour(9, Tone.BEIGE))
                                    .named("frame"))));

    private static final Made DIRECT = new Made(
            "P11 violet root melting into blue and teal ends",
            Heads.full(List.of(lifted(0, 30, 10))),
            new Wish(8, Tone.BLUE)
                    .over(List.of(Layer.of(
                            Purpose.MELT,
                            Region.ALL,
                            new What.Along(
                                    Optional.of(new Aim(7, Tone.VIOLET)),
                                    new Aim(8, Tone.BLUE),
                                    Optional.of(new Aim(8, Tone.TEAL)),
                                    8,
                                    10,
                                    2,
                                    4)))));

    static Stream<Made> made() {
        return Stream.of(FOILS_AND_TAP, SHADOW_AND_PANELS, BASE_AND_BANDS, WOVEN_MELT, LOWLIGHTS_ABOVE, DIRECT);
    }

    private static List<Bowl> bowls(Plan plan) {
        return plan.steps().stream().flatMap(step -> step.bowls().stream()).toList();
    }

    /** Each is planned and ordered in a day's work, and ends near its aims where it can be reached. */
    @ParameterizedTest
    @MethodSource("made")
    void eachIsPlannedOrderedAndEndsNearItsWish(Made made) {
        Plan plan = made.plan();
        assertThat(plan.steps()).isNotEmpty();
        Sequence order = Sequencer.of(plan);
        assertThat(order.longestMinutes() / 60.0).isBetween(0.7, 7.5);
        assertThat(order.overdue()).isEmpty();
        assertThat(order.tasks().stream()
                        .filter(task -> task.kind() == Task.Kind.CHECK)
                        .count())
                .isLessThan(30);
        for (BandRef at : plan.head().bands()) {
            WorkedBand piece = plan.head().at(at);
            if (!piece.keeps() && !piece.aim().orElseThrow().direct()) {
                assertThat(plan.end(at).look().level())
                        .as("%s, %s", at, piece.aim().orElseThrow().words())
                        .isCloseTo(piece.aim().orElseThrow().level(), within(1.0));
            }
        }
    }

    /** R56: a tap of some millimetres for 2–5 min, over foils that were lifted below it; nothing dark is lifted (R44). */
    @Test
    void fineFoilsHaveTheirRootTap() {
        Plan plan = FOILS_AND_TAP.plan();
        assertThat(plan.steps().stream().flatMap(step -> step.lifts().stream()).flatMap(lift -> lift.bands().stream()))
                .isNotEmpty()
                .allSatisfy(
                        at -> assertThat(plan.head().at(at).aim().orElseThrow().level())
                                .isEqualTo(9));
        double hours = Sequencer.of(plan).longestMinutes() / 60.0;
        assertThat(hours).as("P12: 3–4½ h").isBetween(2.5, 4.75);
    }

    /** R44, R50: lowlights 1:1 on hair that is not lifted; the frame has a sheer layer, weak developer. */
    @Test
    void lowlightsAreFullAndTheFrameIsSheer() {
        Plan plan = LOWLIGHTS_ABOVE.plan();
        assertThat(plan.steps().stream().map(PlanStep::kind)).doesNotContain(Action.LIGHTEN, Action.CLEANSE);
        List<Bowl> low = bowls(plan).stream()
                .filter(bowl ->
                        bowl.bands().stream().anyMatch(at -> plan.head().at(at).purpose() == Purpose.LOWLIGHT))
                .filter(bowl -> bowl.action() != Action.FILL)
                .toList();
        assertThat(low)
                .isNotEmpty()
                .allSatisfy(bowl -> assertThat(bowl.laying().ratio()).isEqualTo(1));
        assertThat(Sequencer.of(plan).longestMinutes() / 60.0).as("P10: 2–3½ h").isBetween(1.25, 3.75);
    }

    /** R59c: no developer, 25–40 min. */
    @Test
    void directColoursMeltWithoutDeveloper() {
        Plan plan = DIRECT.plan();
        assertThat(bowls(plan)).hasSizeGreaterThanOrEqualTo(3).allSatisfy(bowl -> {
            assertThat(bowl.laying().volume()).isZero();
            assertThat(bowl.minutes()).isBetween(25.0, 40.0);
            assertThat(bowl.action()).isEqualTo(Action.MELT);
        });
    }

    /** What the wish says of strength is what is decided. */
    @Test
    void theFaceHasAProductOfItsOwn() {
        Plan plan = BASE_AND_BANDS.plan();
        assertThat(plan.steps().stream().flatMap(step -> step.lifts().stream()))
                .filteredOn(lift -> lift.bands().stream()
                        .anyMatch(at -> plan.head().at(at).how().volume().isPresent()))
                .isNotEmpty()
                .allSatisfy(lift -> assertThat(lift.laying().volume()).isLessThanOrEqualTo(10));
    }

    private static Made made(Head head, Wish wish) {
        return new Made("", head, wish);
    }

    private static Stream<LiftBowl> lifts(Plan plan) {
        return plan.steps().stream().flatMap(step -> step.lifts().stream());
    }

    /** R56: a darker veil at the root, a few millimetres, two to five minutes. */
    @ParameterizedTest
    @ValueSource(doubles = {0.2, 0.3, 0.5, 1})
    void aTapIsAFewMillimetresForAFewMinutes(double cm) {
        Plan plan = made(Heads.full(List.of(lifted(0, 30, 9.5))), new Wish(9.5, Tone.BEIGE).over(List.of(tap(cm, 7))))
                .plan();
        List<Bowl> taps = bowls(plan).stream()
                .filter(bowl -> bowl.action() == Action.ROOT_TAP)
                .toList();
        assertThat(taps).isNotEmpty().allSatisfy(bowl -> {
            assertThat(bowl.minutes()).isBetween(2.0, 5.0);
            assertThat(bowl.bands()).allSatisfy(at -> {
                assertThat(plan.head().band(at).fromCm()).isZero();
                assertThat(plan.head().band(at).toCm()).isLessThanOrEqualTo(Math.max(0.5, cm));
            });
        });
    }

    /** Lifted and left so: no colour goes on it. */
    @Test
    void liftOnlyIsLiftedAndNothingMore() {
        Plan plan = made(
                        Heads.full(List.of(natural(30, 6, 0))),
                        new Wish(6, Tone.NATURAL)
                                .over(List.of(Layer.of(
                                        Purpose.HIGHLIGHT,
                                        Region.ALL.between(Edge.fromScalp(5), Edge.ENDS),
                                        new Pattern.Weave(0.3, 3),
                                        new What.LiftOnly(8.5)))))
                .plan();
        List<BandRef> only = plan.head().bands().stream()
                .filter(at -> plan.head().at(at).aim().filter(Aim::onlyLifted).isPresent())
                .toList();
        assertThat(only).isNotEmpty();
        assertThat(lifts(plan).flatMap(lift -> lift.bands().stream())).containsAll(only);
        assertThat(bowls(plan).stream().flatMap(bowl -> bowl.bands().stream())).doesNotContainAnyElementsOf(only);
        for (BandRef at : only) {
            assertThat(plan.end(at).look().level()).isCloseTo(8.5, within(0.75));
        }
    }

    /** What the wish says of product, strength, time, basin and barrier is what is planned and said where it is laid. */
    @Test
    void howItIsWishedIsHowItIsDone() {
        String code = ProductRange.demo().lighteners().stream()
                .filter(one -> one.mostLevels() >= 3 && !one.openAir())
                .min(Comparator.comparingDouble(Lightener::speed))
                .orElseThrow()
                .code();
        Region lengths = Region.ALL.between(Edge.fromScalp(5), Edge.ENDS);
        Wish wish = new Wish(6, Tone.NATURAL)
                .over(List.of(Layer.of(Purpose.HIGHLIGHT, lengths, new Pattern.Weave(0.3, 3), colour(8.5, Tone.BEIGE))
                        .with(How.USUAL.by(code).with(10).behindBarrier())));
        Plan plan = made(Heads.full(List.of(natural(30, 6, 0))), wish).plan();
        assertThat(lifts(plan)).isNotEmpty().allSatisfy(lift -> {
            assertThat(lift.laying().lightener().orElseThrow().code()).isEqualTo(code);
            assertThat(lift.laying().volume()).isEqualTo(10);
        });
        assertThat(Sequencer.of(plan).tasks())
                .filteredOn(task -> task.kind() == Task.Kind.APPLY
                        && Heard.text(task.title())
                                .contains(Figure.Named.of(LiftWay.WOVEN).text()))
                .isNotEmpty()
                .anySatisfy(task -> assertThat(task.detail()).anyMatch(Heard.a(TaskMessage.BARRIER_FIRST)));
        Plan root = made(
                        Heads.full(List.of(lifted(0, 30, 9))),
                        new Wish(8, Tone.BEIGE)
                                .over(List.of(Layer.of(
                                                Purpose.SHADOW_ROOT,
                                                Region.ALL.between(Edge.SCALP, Edge.fromScalp(4)),
                                                colour(7, Tone.BEIGE))
                                        .with(How.USUAL.forMinutes(8).atTheBasin()))))
                .plan();
        assertThat(bowls(root))
                .filteredOn(bowl -> bowl.bands().stream()
                        .allMatch(at -> root.head().band(at).toCm() <= 4))
                .isNotEmpty()
                .allSatisfy(bowl -> {
                    assertThat(bowl.minutes()).isEqualTo(8);
                    assertThat(bowl.laying().wetness()).isEqualTo(Wetness.DAMP);
                });
    }

    /** R56: a shadow root and a melt are feathered where they are laid, and so they are drawn; a line stays a line. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 3})
    void aFeatherIsSaidWhereItIsLaid(double cm) {
        Region root = Region.ALL.between(Edge.SCALP, Edge.fromScalp(6)).feathered(cm);
        Plan plan = made(
                        Heads.full(List.of(lifted(0, 30, 9))),
                        new Wish(9, Tone.BEIGE)
                                .over(List.of(Layer.of(Purpose.SHADOW_ROOT, root, colour(6, Tone.NATURAL)))))
                .plan();
        List<Said> said = Sequencer.of(plan).tasks().stream()
                .filter(task -> task.kind() == Task.Kind.APPLY)
                .flatMap(task -> task.detail().stream())
                .filter(detail ->
                        detail.equals(TaskMessage.FEATHER.say().tenth("cm", 3).said()))
                .toList();
        assertThat(said.isEmpty()).isEqualTo(cm == 0);
        assertThat(SectionPlan.of(plan, Durations.USUAL).grounds()).isNotEmpty().allSatisfy(ground -> {
            double line = ground.stretches().stream()
                    .filter(stretch -> stretch.toCm() == 6)
                    .findFirst()
                    .orElseThrow()
                    .featherCm();
            assertThat(line).isEqualTo(cm);
        });
    }

    /** R32: on weak hair no wish makes it stronger; R33: nor at the scalp. */
    @Test
    void noWishPutsStrongDeveloperOnWeakHairOrTheScalp() {
        Band weak = new Band(10, 30, BandKind.LIGHTENED, 8, Tone.AS_LIFTED, Porosity.VERY_HIGH, 0);
        Plan plan = made(
                        Heads.full(List.of(natural(10, 6, 0), weak)),
                        new Wish(9, Tone.BEIGE)
                                .over(List.of(Layer.of(Purpose.HIGHLIGHT, Region.ALL, colour(9, Tone.BEIGE))
                                        .with(How.USUAL.with(40)))))
                .plan();
        assertThat(lifts(plan))
                .isNotEmpty()
                .allSatisfy(lift -> lift.bands().forEach(at -> {
                    double most = plan.head().band(at).fromCm() == 10
                            ? 10
                            : plan.head().at(at).touchesScalp() ? 20 : 40;
                    assertThat(lift.laying().volume()).isLessThanOrEqualTo(most);
                }));
    }

    /** One count: what is drawn is what hands are given minutes for, and the first foil is where the school begins. */
    @Test
    void theOrderGivesMinutesForTheFoilsThatAreDrawn() {
        Made made = made(
                Heads.full(List.of(natural(30, 6, 0))),
                new Wish(6, Tone.NATURAL)
                        .keepingNatural()
                        .over(List.of(Layer.of(
                                        Purpose.HIGHLIGHT,
                                        Region.ALL.between(Edge.fromScalp(3), Edge.ENDS),
                                        new Pattern.Weave(0.5, 5),
                                        colour(8, Tone.GOLD))
                                .parted(Layer.Direction.DIAGONAL))));
        Plan plan = made.plan();
        SectionPlan sections = SectionPlan.of(plan, Durations.USUAL);
        int laid = Sequencer.of(plan).tasks().stream()
                .filter(task -> task.title().message() == TaskMessage.APPLY
                        && task.bowls().indexOf("A") == 0)
                .mapToInt(Task::minutes)
                .sum();
        assertThat((double) laid).isCloseTo(sections.minutes(), within(3.0));
        assertThat(sections.foils().get(0).place()).isEqualTo(ZonePlace.NAPE);
        assertThat(sections.foils()).allSatisfy(foil -> {
            assertThat(foil.direction()).isEqualTo(Layer.Direction.DIAGONAL);
            assertThat(foil.thicknessMm()).isEqualTo(5);
        });
        Plan front = Planner.plan(
                new PlanningContext(made.head(), made.wish(), ProductRange.demo(), Calibration.none(), 3),
                Strategy.of("front", Method.USUAL.with(Start.FRONT)));
        assertThat(SectionPlan.of(front, Durations.USUAL).foils().get(0).place())
                .isEqualTo(ZonePlace.FRINGE);
    }

    /** A layer that no hair can have is said, with both its sides. */
    @Test
    void aLayerOnNoHairIsNamed() {
        Head head = Heads.full(List.of(natural(30, 6, 0)));
        Layer past = Layer.of(Purpose.COLOUR, Region.ALL.between(Edge.fromScalp(40), Edge.ENDS), colour(7, Tone.GOLD));
        assertThat(Contradictions.of(head, new Wish(6, Tone.NATURAL).over(List.of(past))))
                .singleElement()
                .isEqualTo(WishMessage.LAYER_ON_NO_HAIR
                        .say()
                        .part("layer", past.said())
                        .said());
        assertThat(Contradictions.of(head, new Wish(6, Tone.NATURAL).over(List.of(past.on(false)))))
                .isEmpty();
        assertThat(Contradictions.of(head, new Wish(6, Tone.NATURAL).over(List.of(tap(0.3, 5)))))
                .isEmpty();
    }

    /** The plan's foils hold what its pieces hold. */
    @ParameterizedTest
    @MethodSource("made")
    void foilsAddToTheMassesOfTheirPieces(Made made) {
        Plan plan = made.plan();
        SectionPlan sections = SectionPlan.of(plan, Durations.USUAL);
        for (int zone = 0; zone < plan.head().zones().size(); zone++) {
            int z = zone;
            Set<Integer> parted =
                    plan.head().parted(z).stream().map(one -> one.group()).collect(java.util.stream.Collectors.toSet());
            double pieces = plan.head().bands().stream()
                    .filter(at -> at.zone() == z && !plan.head().at(at).keeps())
                    .mapToDouble(at -> {
                        WorkedBand piece = plan.head().at(at);
                        double of = plan.head().parted(z).stream()
                                .filter(one -> piece.groups().contains(one.group()))
                                .mapToDouble(one -> one.share())
                                .sum();
                        return plan.head().mixGrams(List.of(at)) * of / piece.share();
                    })
                    .sum();
            double foils = sections.foils().stream()
                    .filter(foil -> foil.zone() == z)
                    .mapToDouble(SectionPlan.Foil::grams)
                    .sum();
            assertThat(foils).as("zone %s of %s", z, parted).isCloseTo(pieces, within(0.02 * Math.max(1, pieces)));
        }
        assertThat(sections.foils())
                .extracting(SectionPlan.Foil::number)
                .doesNotHaveDuplicates()
                .isSorted();
    }

    /** R8: three quarters woven light over a 6 read about 8 to 9; and the mean is that of its pieces, computed apart. */
    @ParameterizedTest
    @MethodSource("made")
    void theWholeIsTheMeanOfItsPieces(Made made) {
        Plan plan = made.plan();
        Lab seen = Whole.of(plan, Whole.Side.ROUND).look().lab();
        double x = 0;
        double y = 0;
        double z = 0;
        double all = 0;
        for (BandRef at : plan.head().bands()) {
            double mass = HairAmount.share(
                            plan.head().read(), plan.head().read().zones().get(at.zone()))
                    * plan.head().band(at).lengthCm()
                    * plan.head().at(at).share();
            Xyz one = Illuminant.D65.reflected(plan.end(at).hair().canvas().reflectance());
            x += mass * one.x();
            y += mass * one.y();
            z += mass * one.z();
            all += mass;
        }
        Lab mean = new Xyz(x / all, y / all, z / all, Illuminant.D65.white()).toLab();
        assertThat(Ciede2000.between(mean, seen)).isLessThan(1);
    }

    @Test
    void threeQuartersLightOverASixReadEightToNine() {
        Made woven = new Made(
                "R8",
                Heads.full(List.of(lifted(0, 30, 9.5))),
                new Wish(6, Tone.NATURAL)
                        .over(List.of(Layer.of(
                                Purpose.HIGHLIGHT, Region.ALL, new Pattern.Weave(0.75, 3), colour(9.5, Tone.BEIGE)))));
        Whole whole = Whole.of(woven.plan(), Whole.Side.BACK);
        assertThat(whole.look().level()).isBetween(7.75, 9.0);
        assertThat(whole.shares().get(0).of()).isCloseTo(0.75, within(0.1));
        assertThat(whole.mixed()).isTrue();
        assertThat(promised(woven))
                .anyMatch(said -> said.message() == PromiseMessage.AS_A_WHOLE
                        && said.figures()
                                .get("back")
                                .equals(new Figure.Part(whole.look().said())));
        Made even = new Made("even", woven.head(), new Wish(7, Tone.BEIGE));
        assertThat(Whole.of(even.plan(), Whole.Side.ROUND).mixed()).isFalse();
        assertThat(promised(even)).noneMatch(Heard.a(PromiseMessage.AS_A_WHOLE));
    }

    private static List<Said> promised(Made made) {
        PlanningContext desk =
                new PlanningContext(made.head(), made.wish(), ProductRange.demo(), Calibration.none(), 3);
        return Promise.of(RouteComparison.first(desk, Method.USUAL, House.USUAL), Rates.USUAL, 3, false)
                .likely();
    }
}
