package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.Heads;
import mischung.plan.LiftBowl;
import mischung.plan.LiftWay;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Rule;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.school.Method;
import mischung.school.TakeOut;
import mischung.sequence.Batch;
import mischung.sequence.Durations;
import mischung.sequence.OrderTerms;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.sequence.Task;
import mischung.sequence.TaskMessage;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Grey;
import mischung.wish.Limits;
import mischung.wish.Weave;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What a job takes in the chair and how it goes, on heads a colourist would have no trouble judging (R43, R46, R48: common practice,
 * no source).
 */
class HoursTest {
    /** @param from hours of one visit */
    record Job(String name, Head head, Wish wish, double from, double to) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Band natural(double to, double level) {
        return new Band(0, to, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, 0);
    }

    private static Band coloured(double from, double to, double level, Tone tone, int layers) {
        Band band = new Band(from, to, BandKind.COLOURED, level, tone, Porosity.NORMAL, 0);
        return band.with(band.detail().withPast(layers, 1, 12));
    }

    private static Band lifted(double from, double to, double level, Porosity porosity) {
        return new Band(from, to, BandKind.LIGHTENED, level, Tone.AS_LIFTED, porosity, 0);
    }

    private static Head head(Density density, Thickness thickness, Band... bands) {
        return new Head(
                Heads.EIGHT.stream()
                        .map(place -> new Zone(place, new Strand(List.of(bands))))
                        .toList(),
                density,
                thickness);
    }

    private static Head head(Band... bands) {
        return head(Density.NORMAL, Thickness.NORMAL, bands);
    }

    static Stream<Job> jobs() {
        Head dark = head(Density.DENSE, Thickness.COARSE, natural(30, 3));
        Wish pale = new Wish(9.5, Tone.BEIGE);
        return Stream.of(
                new Job(
                        "P1 pale lengths to five, two fillers",
                        head(natural(4, 5), lifted(4, 33, 10, Porosity.NORMAL), lifted(33, 45, 10, Porosity.HIGH)),
                        new Wish(5, Tone.NATURAL),
                        2.25,
                        3.5),
                new Job(
                        "P2 nine to beige seven",
                        head(lifted(0, 35, 9, Porosity.NORMAL)),
                        new Wish(7, Tone.BEIGE),
                        1.25,
                        2.25),
                new Job("P3 dark to pale, alone", dark, pale, 5.5, 9),
                new Job("P4 dark to pale, two people", dark, pale.with(Limits.NONE.withHands(2)), 4, 6.5),
                new Job(
                        "P5 home dark to warm six",
                        head(natural(2, 5), coloured(2, 30, 3, Tone.NATURAL, 6), coloured(30, 40, 3, Tone.NATURAL, 8)),
                        new Wish(6, Tone.GOLD),
                        3.5,
                        6),
                new Job("P6 fine pieces with grey covered between", banded(), COOL_PIECES, 3.5, 6),
                new Job(
                        "P7 old colour to silver",
                        head(natural(19, 7), coloured(19, 34, 5, Tone.NATURAL, 2)),
                        new Wish(9.5, Tone.SILVER).keepingNatural(),
                        4,
                        6.5),
                new Job(
                        "P8 faded pink and blue to brown",
                        new Head(
                                Heads.EIGHT.stream()
                                        .map(place -> new Zone(place, new Strand(List.of(natural(8, 6), faded(place)))))
                                        .toList(),
                                Density.NORMAL,
                                Thickness.NORMAL),
                        new Wish(6.5, Tone.NATURAL),
                        2.45,
                        4),
                new Job(
                        "P9 copper with pieces",
                        head(natural(1, 6), coloured(1, 28, 7, Tone.COPPER, 1), coloured(28, 38, 7, Tone.COPPER, 1)),
                        new Wish(new Aim(7, Tone.NATURAL))
                                .with(Design.woven(Design.Kind.HIGHLIGHTS, new Aim(8.5, Tone.NATURAL), 0.3, 4, false)),
                        4,
                        7),
                new Job(
                        "P13 pale to three",
                        head(lifted(0, 42, 9.5, Porosity.NORMAL)),
                        new Wish(3, Tone.NATURAL),
                        3,
                        4.5),
                new Job(
                        "P14 home black to brown",
                        head(natural(1, 5), coloured(1, 36, 1, Tone.NATURAL, 8)),
                        new Wish(5, Tone.BROWN),
                        4.5,
                        6.5));
    }

    /** What is left of pink on the crown and of blue at the sides; elsewhere lifted hair. */
    private static Band faded(ZonePlace place) {
        return switch (place) {
            case CROWN, PARTING, FRINGE -> new Band(8, 36, BandKind.DIRECT, 9, Tone.PINK, Porosity.HIGH, 0);
            case SIDE_LEFT, SIDE_RIGHT -> new Band(8, 36, BandKind.DIRECT, 9, Tone.BLUE, Porosity.HIGH, 0);
            default -> lifted(8, 36, 10, Porosity.NORMAL);
        };
    }

    private static final Wish COOL_PIECES = new Wish(new Aim(6, Tone.NATURAL))
            .with(Design.woven(Design.Kind.HIGHLIGHTS, new Aim(9, Tone.ASH), 0.7, 3, false))
            .with(Grey.COVERED);

    /** Grey regrowth, a copper band, old pale lengths. */
    private static Head banded() {
        return head(
                new Band(0, 3, BandKind.NATURAL, 5.5, Tone.NATURAL, Porosity.NORMAL, 0.4),
                coloured(3, 8, 6, Tone.COPPER, 2),
                lifted(8, 32, 9, Porosity.NORMAL));
    }

    private static Plan plan(Head head, Wish wish) {
        return Planner.plan(
                new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3),
                Strategy.of("by the usual schools", Method.USUAL));
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void aDayIsAsLongAsPracticeKnowsIt(Job job) {
        Plan plan = plan(job.head, job.wish);
        Sequence order = Sequencer.of(plan);
        assertThat(order.overdue()).isEmpty();
        assertThat(order.totalMinutes() / 60.0).isBetween(job.from, job.to);
        assertThat(order.tasks().stream().filter(task -> task.kind() == Task.Kind.CHECK))
                .as("looks that tell something (R38)")
                .hasSizeLessThanOrEqualTo(22);
        assertThat(order.tasks().stream().filter(task -> task.kind() == Task.Kind.RINSE))
                .as("rinses")
                .hasSizeLessThanOrEqualTo(7);
        plan.steps().stream().flatMap(step -> step.lifts().stream()).forEach(bowl -> {
            assertThat(bowl.totalGrams()).isGreaterThanOrEqualTo(12);
            if (bowl.bands().stream().anyMatch(at -> plan.head().at(at).touchesScalp())) {
                assertThat(bowl.laying().volume()).as("R33").isLessThanOrEqualTo(20);
            }
        });
    }

    /**
     * P14, by the school that cleanses: 40 vol off the scalp for some 15 min, watched; then brown. What stayed dark, if anything, gets
     * the same mix again, half the size.
     */
    @Test
    void homeBlackIsCleansedWithoutPlainLightenerOnTheLengths() {
        Plan plan = Planner.plan(
                new PlanningContext(
                        head(natural(1, 5), coloured(1, 36, 1, Tone.NATURAL, 8)),
                        new Wish(5, Tone.BROWN),
                        ProductRange.demo(),
                        Calibration.none(),
                        3),
                Strategy.of("by the schools", Method.USUAL.with(TakeOut.CLEANSE_MIX)));
        List<LiftBowl> cleansed = plan.steps().stream()
                .filter(step -> step.kind() == Action.CLEANSE)
                .flatMap(step -> step.lifts().stream())
                .toList();
        assertThat(cleansed).hasSizeBetween(1, 2).allSatisfy(bowl -> {
            assertThat(bowl.laying().volume()).isEqualTo(40);
            assertThat(bowl.laying().minutes()).isBetween(5.0, 20.0);
            assertThat(bowl.bands()).noneMatch(at -> plan.head().at(at).touchesScalp());
        });
        if (cleansed.size() == 2) {
            assertThat((double) cleansed.get(1).totalGrams() / cleansed.get(0).totalGrams())
                    .isBetween(0.4, 0.65);
        }
        assertThat(plan.steps().stream()
                        .filter(step -> step.kind() == Action.LIGHTEN)
                        .flatMap(step -> step.lifts().stream()))
                .as("no plain lightener on the lengths")
                .allMatch(bowl ->
                        bowl.bands().stream().allMatch(at -> plan.head().at(at).touchesScalp()));
        for (BandRef at : plan.head().bands()) {
            assertThat(plan.end(at).look().level()).as("%s", at).isBetween(4.35, 5.5);
            assertThat(plan.end(at).integrity()).isGreaterThan(0.6);
        }
        Sequence order = Sequencer.of(plan);
        assertThat(order.overdue()).isEmpty();
        assertThat(order.totalMinutes() / 60.0).isBetween(4.5, 6.5);
    }

    /**
     * P5 and its kind: home colour in layers, more of them at the ends, to a warm brown. Ends that would keep the foil waiting lie in a
     * stronger bowl; the root is coloured beside the foils while they lift; what finishes is colour and no clear.
     */
    @ParameterizedTest
    @CsvSource({"5, 3, 6, 8, 6, GOLD", "5, 3, 6, 8, 6, BROWN", "5.5, 3.5, 4, 7, 6.5, GOLD", "5, 2.5, 5, 9, 6, NATURAL"})
    void homeColourGoesWarmInADay(double grown, double old, int layers, int ends, double level, Tone tone) {
        Plan plan = plan(
                head(
                        natural(2, grown),
                        coloured(2, 30, old, Tone.NATURAL, layers),
                        coloured(30, 40, old, Tone.NATURAL, ends)),
                new Wish(level, tone));
        int removed = (int) plan.steps().stream()
                .filter(step -> step.treatments().stream().anyMatch(t -> t.action() == Action.REMOVE))
                .count();
        assertThat(removed).as("remover before anything lifts").isBetween(1, 2);
        PlanStep lift = plan.steps().stream()
                .filter(step -> !step.lifts().isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(lift.lifts()).allSatisfy(bowl -> assertThat(bowl.bands()).noneMatch(at -> at.band() == 0));
        assertThat(lift.bowls())
                .as("root while the foils lift")
                .singleElement()
                .satisfies(bowl -> assertThat(bowl.bands()).allMatch(at -> at.band() == 0));
        double forMids = strength(lift, 1);
        double forEnds = strength(lift, 2);
        assertThat(forEnds).isGreaterThanOrEqualTo(forMids);
        assertThat(plan.steps().stream().flatMap(step -> step.bowls().stream()))
                .as("browns and golds, not clear")
                .noneMatch(bowl -> bowl.formula().mix().thinned());
        for (BandRef at : plan.head().bands()) {
            assertThat(plan.end(at).look().level()).as("%s", at).isBetween(level - 0.75, level + 0.75);
            assertThat(plan.end(at).integrity()).isGreaterThan(0.6);
        }
        Sequence order = Sequencer.of(plan);
        assertThat(order.overdue()).isEmpty();
        assertThat(order.totalMinutes() / 60.0).isBetween(3.5, 6.0);
    }

    private static double strength(PlanStep lift, int band) {
        return lift.lifts().stream()
                .filter(bowl -> bowl.bands().stream().anyMatch(at -> at.band() == band))
                .mapToDouble(bowl -> bowl.laying().volume())
                .max()
                .orElseThrow();
    }

    /** R58, P8: what is left of an old direct colour is washed clear first where that is seen, and only what has any. */
    @Test
    void leftoverDirectColourIsWashedOutFirst() {
        Job faded = jobs().filter(job -> job.name.startsWith("P8")).findFirst().orElseThrow();
        Plan plan = plan(faded.head, faded.wish);
        PlanStep first = plan.steps().get(0);
        assertThat(first.kind()).isEqualTo(Action.CLARIFY);
        assertThat(first.reasons()).anyMatch(reason -> reason.rule() == Rule.R58);
        List<BandRef> washed = first.treatments().get(0).bands();
        assertThat(plan.head().bands())
                .allSatisfy(at -> assertThat(washed.contains(at))
                        .isEqualTo(plan.head().band(at).kind() == BandKind.DIRECT));
        assertThat(plan.steps().stream().filter(step -> step.kind() == Action.CLARIFY))
                .hasSize(1);
        Plan blue = plan(faded.head, new Wish(9, Tone.BLUE));
        assertThat(blue.steps().stream().flatMap(step -> step.treatments().stream()))
                .as("a wish for direct colour keeps it")
                .noneMatch(treatment -> treatment.action() == Action.CLARIFY);
    }

    /** Half an hour of two people is not an hour of one: foiling halves, what works works as long. */
    @Test
    void twoPeopleHalveTheFoiling() {
        List<Job> jobs = jobs().toList();
        Sequence alone = Sequencer.of(plan(jobs.get(2).head, jobs.get(2).wish));
        Sequence two = Sequencer.of(plan(jobs.get(3).head, jobs.get(3).wish));
        assertThat((double) foiled(two) / foiled(alone)).isBetween(0.4, 0.65);
    }

    private static int foiled(Sequence order) {
        List<Task> foils = order.tasks().stream()
                .filter(task -> applies(task, TaskMessage.APPLY, "A"))
                .toList();
        return foils.stream().mapToInt(Task::endMinute).max().orElseThrow()
                - foils.get(0).startMinute();
    }

    /** One foil takes its section's whole length: with two or three bands in it as with one (R46). */
    @Test
    void bandsInAFoilTakeNoLonger() {
        Wish wish = new Wish(8, Tone.GOLD);
        Sequence one = Sequencer.of(plan(head(natural(30, 4)), wish));
        Sequence three = Sequencer.of(
                plan(head(natural(3, 4), coloured(3, 15, 4, Tone.NATURAL, 1), coloured(15, 30, 5, Tone.ASH, 3)), wish));
        assertThat(foils(one)).isBetween(90, 120);
        assertThat(foils(three)).isBetween(90, 120);
    }

    /** Whether it lays such a bowl, alone or first of all in its foil. */
    private static boolean applies(Task task, TaskMessage how, String bowl) {
        return task.title().message() == how && task.bowls().indexOf(bowl) == 0;
    }

    private static boolean lies(Task task, LiftWay way) {
        return Heard.text(task.title()).contains(Figure.Named.of(way).text());
    }

    private static int foils(Sequence order) {
        return order.tasks().stream()
                .filter(task -> task.title().message() == TaskMessage.APPLY)
                .filter(task ->
                        !lies(task, LiftWay.ROOT) && (lies(task, LiftWay.OFF_SCALP) || lies(task, LiftWay.BAND)))
                .mapToInt(Task::minutes)
                .sum();
    }

    /**
     * A whole head of foils worked out on paper: natural 2½, coarse, 100 foils at 66 s, refreshed at 24 s each. Batches of 13, 14, 14,
     * 15, 16, 18, 19 and 22 vol, both passes alike, end every foil within half a level; roots into the open foils take 10–20 min.
     */
    @Test
    void aHeadOfFoilsIsRampedAsOnPaper() {
        Plan plan = plan(head(Density.NORMAL, Thickness.COARSE, natural(30, 2.5)), new Wish(9.5, Tone.BEIGE));
        Sequence order =
                Sequencer.of(plan, OrderTerms.usual(new Durations(Map.of("seconds a foil", 66.0), Map.of()), 1));
        List<Double> volumes = order.batches().stream()
                .filter(batch -> batch.bowl().equals("A"))
                .map(Batch::volume)
                .toList();
        int half = volumes.size() / 2;
        assertThat(volumes.subList(half, 2 * half)).as("both passes alike").isEqualTo(volumes.subList(0, half));
        assertThat(volumes.subList(0, half)).isSorted();
        assertThat(volumes.get(0)).isBetween(10.0, 16.0);
        assertThat(volumes.get(half - 1)).isBetween(19.0, 25.0);
        assertThat(order.ramps())
                .filteredOn(ramp -> ramp.bowl().equals("A"))
                .singleElement()
                .satisfies(ramp -> {
                    assertThat(ramp.with()).isLessThanOrEqualTo(0.5);
                    assertThat(ramp.without()).isGreaterThan(ramp.with());
                });
        assertThat(minutes(order, TaskMessage.APPLY, "A")).isBetween(105, 115);
        assertThat(minutes(order, TaskMessage.APPLY_FRESH, "A")).isBetween(36, 44);
        assertThat(minutes(order, TaskMessage.APPLY, "B")).isBetween(10, 20);
        assertThat(order.tasks().stream().filter(task -> task.title().message() == TaskMessage.RINSE_SHAMPOO))
                .as("one rinse")
                .hasSize(1);
        assertThat(order.totalMinutes() / 60.0).isBetween(5.5, 7.0);
        BandRef lengths = new BandRef(0, 1);
        assertThat(plan.end(lengths).look().level()).isBetween(9.0, 10.0);
        assertThat(plan.end(lengths).look().lab().chroma()).isLessThanOrEqualTo(22);
    }

    /** R47: the base lies between the foils while they lift, on its own clock, and is rinsed with them. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void colourLiesBetweenTheFoils(int hands) {
        Plan plan = plan(banded(), COOL_PIECES.with(Limits.NONE.withHands(hands)));
        PlanStep foils = plan.steps().stream()
                .filter(step -> step.kind() == Action.LIGHTEN)
                .findFirst()
                .orElseThrow();
        Bowl base = foils.bowls().stream()
                .filter(bowl -> bowl.laying().shadeClass() == ShadeClass.COVERAGE)
                .findFirst()
                .orElseThrow();
        assertThat(base.bands()).allMatch(at -> plan.head().at(at).weave() == Weave.REST);
        assertThat(base.reasons()).anyMatch(reason -> reason.rule() == Rule.R47);
        assertThat(base.formula().mix().parts())
                .as("a part of ash on less than half grey (R55)")
                .anyMatch(part -> part.shade().tone().equals(Optional.of(Tone.ASH)));
        assertThat(plan.steps())
                .as("laid once")
                .filteredOn(step -> step.bowls().stream()
                        .anyMatch(bowl -> bowl.bands().stream().anyMatch(base.bands()::contains)))
                .hasSize(1);
        Sequence order = Sequencer.of(plan);
        int lastFoil = end(order, LiftWay.OFF_SCALP, LiftWay.WOVEN);
        for (Bowl bowl : foils.bowls()) {
            List<Task> works = order.tasks().stream()
                    .filter(task ->
                            task.kind() == Task.Kind.WORK && task.bowls().equals(List.of(bowl.name())))
                    .toList();
            assertThat(works).hasSize(8).allSatisfy(task -> {
                Task.Window window = task.window().orElseThrow();
                assertThat(window.latest() - window.earliest())
                        .as("it may stay a little longer (R63)")
                        .isGreaterThanOrEqualTo(10);
                assertThat(task.endMinute()).isBetween(window.earliest(), window.latest());
            });
        }
        assertThat(order.tasks())
                .filteredOn(task -> task.kind() == Task.Kind.RINSE
                        && task.visit() == 1
                        && task.step() == plan.steps().indexOf(foils))
                .as("one rinse for foils and base, or one for each part of the head")
                .allMatch(rinse ->
                        rinse.startMinute() >= lastFoil || !rinse.zones().isEmpty())
                .hasSizeLessThanOrEqualTo(2);
    }

    private static int end(Sequence order, LiftWay... ways) {
        return order.tasks().stream()
                .filter(task ->
                        task.kind() == Task.Kind.APPLY && Stream.of(ways).anyMatch(way -> lies(task, way)))
                .mapToInt(Task::endMinute)
                .max()
                .orElse(0);
    }

    /** What needs no lift stays out of the foils, but hair that shall stay as it is gets nothing between them either. */
    @Test
    void nothingLiesBetweenFoilsWhereTheRestStays() {
        Wish stays = new Wish(new Aim(6, Tone.NATURAL))
                .with(Design.woven(Design.Kind.HIGHLIGHTS, new Aim(9, Tone.PEARL), 0.5, 3, false));
        Plan plan = plan(head(natural(30, 6)), stays);
        assertThat(plan.steps())
                .filteredOn(step -> step.kind() == Action.LIGHTEN)
                .isNotEmpty()
                .allMatch(step -> step.bowls().isEmpty());
    }

    private static int minutes(Sequence order, TaskMessage how, String bowl) {
        return order.tasks().stream()
                .filter(task -> applies(task, how, bowl))
                .mapToInt(Task::minutes)
                .sum();
    }
}
