package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mischung.doubt.Calibration;
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
import mischung.plan.Desk;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.Strategy;
import mischung.product.HairAmount;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.sequence.Durations;
import mischung.sequence.SectionPlan;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.sequence.Task;
import mischung.wish.Aim;
import mischung.wish.Edge;
import mischung.wish.How;
import mischung.wish.Layer;
import mischung.wish.Layer.Purpose;
import mischung.wish.Pattern;
import mischung.wish.Region;
import mischung.wish.What;
import mischung.wish.Wish;
import mischung.wish.WorkedBand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Designs that are half of what is done and could not be said with one design a head (common practice, no source). */
class LayersTest {
    record Made(String name, Head head, Wish wish) {
        @Override
        public String toString() {
            return name;
        }

        Plan plan() {
            return Planner.plan(
                    new Desk(head, wish, ProductRange.demo(), Calibration.none(), 3),
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
                                            Purpose.HIGHLIGHT,
                                            Region.ALL.between(Edge.fromScalp(3), Edge.fromScalp(9)),
                                            new Pattern.Slices(2, 3),
                                            colour(8.5, Tone.BEIGE))
                                    .named("band break-up"),
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
                        .as(
                                "%s, %s",
                                plan.head().name(at), piece.aim().orElseThrow().words())
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
                .allSatisfy(lift -> assertThat(lift.laying().volume()).isLessThanOrEqualTo(10));
    }

    /** The plan's foils hold what its pieces hold. */
    @ParameterizedTest
    @MethodSource("made")
    void foilsAddToTheMassesOfTheirPieces(Made made) {
        Plan plan = made.plan();
        SectionPlan sections = SectionPlan.of(plan, Durations.USUAL, SectionPlan.backFirst());
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
    }
}
