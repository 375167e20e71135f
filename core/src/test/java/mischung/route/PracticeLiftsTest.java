package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.hair.Head;
import mischung.hair.Look;
import mischung.hair.Strand;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.LiftBowl;
import mischung.plan.LiftWay;
import mischung.plan.Plan;
import mischung.plan.ReasonMessage;
import mischung.plan.Warning;
import mischung.school.Method;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.sequence.Task;
import mischung.sequence.TaskMessage;
import mischung.wish.Weave;
import org.junit.jupiter.api.Test;

/**
 * The practice cases that lighten, beyond their hours ({@link HoursTest}): what is laid and how strong, what it leaves, what is said
 * (common practice, no source).
 */
class PracticeLiftsTest {
    private static final Set<Tone> TONERS = Set.of(Tone.VIOLET, Tone.PEARL, Tone.ASH, Tone.BEIGE, Tone.SILVER);

    private static HoursTest.Job job(String name) {
        return HoursTest.jobs()
                .filter(job -> job.name().startsWith(name + " "))
                .findFirst()
                .orElseThrow();
    }

    private static List<LiftBowl> lifts(Plan plan) {
        return plan.steps().stream()
                .filter(step -> step.kind() == Action.LIGHTEN)
                .flatMap(step -> step.lifts().stream())
                .toList();
    }

    private static boolean atScalp(Plan plan, LiftBowl bowl) {
        return bowl.bands().stream().anyMatch(at -> plan.head().at(at).touchesScalp());
    }

    private static List<Task> laid(Sequence order, Predicate<LiftBowl> which, Plan plan) {
        List<String> names =
                lifts(plan).stream().filter(which).map(LiftBowl::name).toList();
        return order.tasks().stream()
                .filter(task ->
                        task.kind() == Task.Kind.APPLY && task.bowls().stream().anyMatch(names::contains))
                .toList();
    }

    /** P3: foils at 30 vol at most, the root last and weak, toned to pale within the yellow that is left. */
    @Test
    void darkToPale() {
        HoursTest.Job job = job("P3");
        Decision decision = Decided.of(job.head(), job.wish(), Method.USUAL);
        Plan plan = decision.routes().get(0).plan();
        assertThat(lifts(plan)).isNotEmpty().allSatisfy(bowl -> {
            assertThat(bowl.laying().volume()).isLessThanOrEqualTo(atScalp(plan, bowl) ? 20 : 30);
            assertThat(bowl.laying().way()).isEqualTo(atScalp(plan, bowl) ? LiftWay.ROOT : LiftWay.OFF_SCALP);
        });
        Sequence order = Sequencer.of(plan);
        List<Task> foils = laid(order, bowl -> !atScalp(plan, bowl), plan);
        List<Task> roots = laid(order, bowl -> atScalp(plan, bowl), plan);
        assertThat(roots.stream().mapToInt(Task::startMinute).min().orElseThrow())
                .as("roots last")
                .isGreaterThanOrEqualTo(
                        foils.stream().mapToInt(Task::startMinute).max().orElseThrow());
        for (TaskMessage pass : List.of(TaskMessage.APPLY, TaskMessage.APPLY_FRESH)) {
            assertThat(roots.stream()
                            .filter(task -> task.title().message() == pass)
                            .mapToInt(Task::minutes)
                            .sum())
                    .as("roots into open foils")
                    .isBetween(10, 20);
        }
        assertThat(foils).as("refreshed in place").anyMatch(task -> task.title().message() == TaskMessage.APPLY_FRESH);
        assertThat(order.tasks().stream().filter(task -> task.kind() == Task.Kind.CHECK))
                .hasSizeBetween(8, 20);
        assertThat(toned(plan, Action.TONER)).isNotEmpty().isSubsetOf(TONERS);
        for (BandRef at : plan.head().bands()) {
            Look end = plan.end(at).look();
            assertThat(end.level()).isBetween(8.75, 10.0);
            assertThat(end.lab().chroma()).isLessThanOrEqualTo(22);
            assertThat(plan.end(at).integrity()).isGreaterThan(0.6);
        }
        assertThat(plan.warnings())
                .as("orange on the way is said")
                .anyMatch(warning -> warning.fault() == Warning.Fault.THROUGH_ORANGE);
        assertThat(decision.routes().stream().filter(route -> route.measures().visits() == 2))
                .as("two visits of less beside it")
                .isNotEmpty()
                .allSatisfy(two -> assertThat(two.measures().longestMinutes()).isLessThan(order.totalMinutes()));
        assertThat(decision.refused())
                .as("a third has nothing left to do")
                .filteredOn(refused -> refused.key().equals("in-3-visits"))
                .singleElement()
                .satisfies(refused -> assertThat(refused.why()).isEqualTo(Refused.Why.THE_SAME));
    }

    private static List<Tone> toned(Plan plan, Action action) {
        return plan.steps().stream()
                .flatMap(step -> step.bowls().stream())
                .filter(bowl -> bowl.action() == action)
                .flatMap(PracticeLiftsTest::tones)
                .distinct()
                .toList();
    }

    private static Stream<Tone> tones(Bowl bowl) {
        return bowl.formula().mix().parts().stream().flatMap(part -> part.shade().tone().stream());
    }

    /** P6: band first, then root; the pieces pale and cool; how the whole reads is between the two. */
    @Test
    void coolPiecesOverABand() {
        HoursTest.Job job = job("P6");
        Plan plan =
                Decided.of(job.head(), job.wish(), Method.USUAL).routes().get(0).plan();
        assertThat(laid(Sequencer.of(plan), bowl -> atScalp(plan, bowl), plan))
                .as("in every foil the band before the root")
                .isNotEmpty()
                .allSatisfy(task -> assertThat(task.bowls().indexOf(bowlOn(plan, 5)))
                        .isLessThan(task.bowls().indexOf(bowlOn(plan, 0)))
                        .isNotNegative());
        for (BandRef at : plan.head().bands()) {
            Look end = plan.end(at).look();
            if (plan.head().at(at).weave() != Weave.REST) {
                assertThat(end.level()).as("%s", at).isGreaterThanOrEqualTo(8.6);
                assertThat(end.lab().chroma()).as("%s", at).isLessThanOrEqualTo(22);
            }
        }
        assertThat(Whole.of(plan, Whole.Side.FRONT).look().level()).isBetween(7.5, 9.0);
    }

    /** The bowl of lightener on what lies so far from the scalp. */
    private static String bowlOn(Plan plan, double cm) {
        return lifts(plan).stream()
                .filter(bowl -> bowl.bands().stream()
                        .map(plan.head()::band)
                        .anyMatch(band -> band.fromCm() <= cm && cm < band.toCm()))
                .findFirst()
                .orElseThrow()
                .name();
    }

    /** P9, ends that stretch slowly: what is in comes out first; the lift is weak, and not on the ends. */
    @Test
    void piecesInOldCopperWithTiredEnds() {
        HoursTest.Job job = job("P9");
        Head tired = new Head(
                job.head().zones().stream()
                        .map(zone -> new Zone(
                                zone.place(),
                                new Strand(zone.strand().bands().stream()
                                        .map(PracticeLiftsTest::tired)
                                        .toList())))
                        .toList(),
                job.head().density(),
                job.head().thickness());
        Plan plan = Decided.of(tired, job.wish(), Method.USUAL).routes().get(0).plan();
        assertThat(plan.steps().stream()
                        .flatMap(step -> step.treatments().stream())
                        .map(treatment -> treatment.action()))
                .as("remover first")
                .contains(Action.REMOVE);
        for (LiftBowl bowl : lifts(plan)) {
            assertThat(bowl.laying().volume()).isLessThanOrEqualTo(20);
            assertThat(bowl.bands())
                    .as("not on the ends")
                    .noneMatch(at -> plan.head().band(at).toCm() > 30);
        }
        assertThat(plan.head().bands())
                .filteredOn(at ->
                        plan.head().band(at).toCm() > 30 && plan.head().at(at).weave() != Weave.REST)
                .as("why their warmth is borne")
                .isNotEmpty()
                .allSatisfy(at -> assertThat(plan.answer(at).reasons())
                        .anyMatch(reason -> reason.said().message() == ReasonMessage.WEAK_ONLY_TONED));
        for (BandRef at : plan.head().bands()) {
            Look end = plan.end(at).look();
            assertThat(end.lab().hueDegrees()).as("not orange: %s %s", at, end).isGreaterThan(68);
            assertThat(plan.end(at).integrity()).as("%s", at).isGreaterThan(0.45);
        }
    }

    private static Band tired(Band band) {
        return band.toCm() < 38 ? band : band.with(band.detail().withStretch(Elasticity.RETURNS_SLOWLY));
    }
}
