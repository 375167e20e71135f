package mischung.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import mischung.caution.Cautions;
import mischung.consult.Consultation;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.plan.Bowl;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.product.ProductRange;
import mischung.school.School;
import mischung.wish.Limits;
import mischung.wish.Wish;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SequencerTest {
    private static final Plan THREE_BOWLS = Planner.plan(
            Heads.of(List.of(
                    new Band(0, 5, BandKind.NATURAL, 7, Tone.NATURAL, Porosity.NORMAL, 0),
                    new Band(5, 22, BandKind.LIGHTENED, 9.5, Tone.AS_LIFTED, Porosity.NORMAL, 0),
                    new Band(22, 30, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.VERY_HIGH, 0))),
            new Wish(6, Tone.NATURAL),
            School.MIDPOINT,
            ProductRange.demo());

    /** R21 (common practice): roots first, lengths at about half time, all finish together. */
    @Test
    void rootsFirstLengthsAtHalfTimeAndAllFinishTogether() {
        Sequence sequence = Sequencer.of(THREE_BOWLS);
        List<Task> target = sequence.tasks().stream()
                .filter(t -> t.title().startsWith("Target works"))
                .toList();
        assertThat(target)
                .extracting(Task::title)
                .containsExactly(
                        "Target works on the natural stretch",
                        "Target works on the lengths",
                        "Target works on the porous lengths");
        Task root = target.get(0);
        double laidOn = target.get(1).startMinute() - root.startMinute();
        assertThat(laidOn / root.minutes()).isBetween(0.3, 0.7);
        int finish = target.stream().mapToInt(Task::endMinute).max().orElseThrow();
        assertThat(target).allSatisfy(t -> assertThat((double) t.endMinute()).isCloseTo(finish, within(5.0)));
    }

    @Test
    void handsDoOneThingAtATimeAndEveryBowlIsMixedLaidAndRinsed() {
        Sequence sequence = Sequencer.of(THREE_BOWLS);
        int free = 0;
        for (Task task : sequence.tasks()) {
            if (task.kind() != Task.Kind.WORK) {
                assertThat(task.startMinute()).as(task.title()).isGreaterThanOrEqualTo(free);
                free = task.endMinute();
            }
        }
        for (PlanStep step : THREE_BOWLS.steps()) {
            for (Bowl bowl : step.bowls()) {
                int mixed = task(sequence, Task.Kind.MIX, bowl.name()).endMinute();
                Task laid = task(sequence, Task.Kind.APPLY, bowl.name());
                Task works = task(sequence, Task.Kind.WORK, bowl.name());
                assertThat(laid.startMinute()).isGreaterThanOrEqualTo(mixed);
                assertThat(works.startMinute()).isGreaterThanOrEqualTo(laid.endMinute());
                assertThat(works.minutes()).isGreaterThanOrEqualTo((int) bowl.minutes());
                assertThat(sequence.tasks())
                        .anyMatch(t -> t.kind() == Task.Kind.RINSE && t.startMinute() >= works.endMinute());
            }
        }
        assertThat(sequence.totalMinutes())
                .isEqualTo(sequence.tasks().stream()
                        .mapToInt(Task::endMinute)
                        .max()
                        .orElseThrow());
    }

    private static Task task(Sequence sequence, Task.Kind kind, String bowl) {
        return sequence.tasks().stream()
                .filter(t -> t.kind() == kind && t.bowls().contains(bowl))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No " + kind + " for bowl " + bowl));
    }

    @Provide
    Arbitrary<Head> heads() {
        return Heads.random();
    }

    /** Whatever the head: hands do one thing at a time, no clock is cut short, nothing is rinsed before its time. */
    @Property(tries = 60)
    void everyHeadGetsAnOrderThatHandsCanKeep(
            @ForAll("heads") Head head, @ForAll School school, @ForAll @IntRange(min = 4, max = 18) int wishHalves) {
        Plan plan = Planner.plan(head, new Wish(wishHalves / 2.0, Tone.NATURAL), school, ProductRange.demo());
        Sequence sequence = Sequencer.of(plan);
        int free = 0;
        for (Task task : sequence.tasks()) {
            assertThat(task.startMinute()).isGreaterThanOrEqualTo(0);
            assertThat(task.minutes()).isPositive();
            assertThat(task.zones()).doesNotHaveDuplicates().isNotEmpty();
            if (task.kind() != Task.Kind.WORK) {
                assertThat(task.startMinute()).as(task.title()).isGreaterThanOrEqualTo(free);
                free = task.endMinute();
            }
        }
        for (PlanStep step : plan.steps()) {
            for (Bowl bowl : step.bowls()) {
                Task laid = task(sequence, Task.Kind.APPLY, bowl.name());
                Task works = task(sequence, Task.Kind.WORK, bowl.name());
                assertThat(works.startMinute()).isGreaterThanOrEqualTo(laid.endMinute());
                assertThat(works.minutes()).isGreaterThanOrEqualTo((int) bowl.minutes());
                assertThat(sequence.tasks().stream()
                                .filter(t -> t.kind() == Task.Kind.RINSE && t.startMinute() >= laid.endMinute())
                                .findFirst())
                        .hasValueSatisfying(
                                rinse -> assertThat(rinse.startMinute()).isGreaterThanOrEqualTo(works.endMinute()));
            }
        }
    }

    @Test
    void nothingToDoTakesNoTime() {
        Plan nothing = Planner.plan(
                Heads.grownOut(6, 6, Porosity.NORMAL),
                new Wish(8, Tone.NATURAL).with(Limits.NONE.withoutLightener()),
                School.LADDER,
                ProductRange.demo());
        assertThat(Sequencer.of(nothing).totalMinutes()).isZero();
        assertThat(Cautions.forClient(Consultation.unasked(), Set.of(), LocalDate.EPOCH)
                        .before(nothing))
                .isEmpty();
    }
}
