package mischung.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Elasticity;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.said.Heard;
import mischung.said.RefusedInput;
import mischung.school.Method;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.sequence.Task;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** A job as its entries leave it. */
class JobTest {
    private static final Instant NINE = Instant.parse("2026-11-23T09:00:00Z");
    private static final Plan LIFT = Planner.plan(
            new PlanningContext(
                    Heads.zones(3, List.of(new Band(0, 25, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0))),
                    new Wish(8.5, Tone.GOLD),
                    ProductRange.demo(),
                    Calibration.none(),
                    3),
            Strategy.of("usual", Method.USUAL));
    private static final Sequence ORDER = Sequencer.of(LIFT);
    private static final List<Task> TASKS =
            ORDER.tasks().stream().filter(task -> task.visit() == 1).toList();

    /** Entries told one after another, each checked first as at the chair. */
    private static final class Told {
        private final List<Entry> entries = new ArrayList<>();
        private Instant now = NINE;

        Told() {
            tell(new Event.Begun(TASKS, ORDER.batches(), BandForecast.of(LIFT, 3)));
        }

        Told at(int minute) {
            now = NINE.plus(Duration.ofMinutes(minute));
            return this;
        }

        Told tell(Event event) {
            job().check(event);
            entries.add(new Entry(entries.size() + 1L, now, "Ada", event));
            return this;
        }

        Job job() {
            return Job.of(entries, now);
        }

        /** Everything hands do up to a task, just as it was planned. */
        Told worked(Task last) {
            for (Task task : TASKS) {
                if (task.person() > 0) {
                    at(task.startMinute()).tell(new Event.Started(task.key()));
                    at(task.endMinute()).tell(new Event.Finished(task.key()));
                    if (task.equals(last)) {
                        break;
                    }
                }
            }
            return this;
        }
    }

    private static Task firstClock() {
        return TASKS.stream()
                .filter(task -> task.kind() == Task.Kind.WORK && task.window().isPresent())
                .findFirst()
                .orElseThrow();
    }

    /** Up to where the first section has been laid. */
    private static Told laid() {
        Task clock = firstClock();
        Task apply = TASKS.stream()
                .filter(task -> task.kind() == Task.Kind.APPLY
                        && task.zones().equals(clock.zones())
                        && task.endMinute() == clock.startMinute())
                .findFirst()
                .orElseThrow();
        return new Told().worked(apply);
    }

    @Test
    void workedAsPlannedNothingIsLateAndEveryWindowIsKept() {
        Told told = new Told();
        for (Task task : TASKS) {
            if (task.person() > 0) {
                told.at(task.startMinute()).tell(new Event.Started(task.key()));
                assertThat(told.job().behind()).isLessThanOrEqualTo(0);
                told.at(task.endMinute()).tell(new Event.Finished(task.key()));
                assertThat(told.job().clocks()).allMatch(clock -> clock.phase(told.now) != Clock.Phase.LATE);
            }
        }
        assertThat(told.job().clocks()).as("everything was rinsed").isEmpty();
        assertThat(told.job().standing()).allMatch(one -> one.state() == Job.State.DONE);
    }

    @Test
    void aClockRunsFromTheLastLayingThroughItsWindow() {
        Told told = laid();
        Clock clock = told.job().clocks().get(0);
        Task.Window window = clock.task().window().orElseThrow();
        assertThat(clock.since())
                .isEqualTo(NINE.plus(Duration.ofMinutes(firstClock().startMinute())));
        assertThat(clock.phase(told.now)).isEqualTo(Clock.Phase.TOO_EARLY);
        told.tell(new Event.Paused()).at(window.earliest());
        assertThat(told.job().clocks().get(0).phase(told.now))
                .as("hands rest, clocks do not")
                .isEqualTo(Clock.Phase.RIGHT);
        told.at(window.latest() - 2);
        assertThat(told.job().clocks().get(0).phase(told.now))
                .as("called five minutes before its end, where it is right for longer than that")
                .isEqualTo(window.latest() - window.earliest() > 5 ? Clock.Phase.SOON_LATE : Clock.Phase.RIGHT);
        told.at(window.latest() + 1);
        assertThat(told.job().clocks().get(0).phase(told.now)).isEqualTo(Clock.Phase.LATE);
        told.tell(new Event.LaidFresh(clock.task().key()));
        assertThat(told.job().clocks()).anySatisfy(again -> {
            assertThat(again.since()).isEqualTo(told.now);
            assertThat(again.layings()).isEqualTo(2);
        });
        told.tell(new Event.RinsedNow(clock.task().key()));
        assertThat(told.job().clocks()).noneMatch(one -> one.task().equals(clock.task()));
    }

    /** Water takes off whatever lies in the foils of a section and between them; the others work on. */
    @Test
    void aSectionThatIsRinsedComesOffWhole() {
        Task lastLaid = TASKS.stream()
                .filter(task -> task.kind() == Task.Kind.APPLY
                        && task.step() == firstClock().step())
                .reduce((a, b) -> b)
                .orElseThrow();
        Told told = new Told().worked(lastLaid);
        List<Clock> before = told.job().clocks();
        Clock one = before.stream()
                .filter(clock -> before.stream()
                                .filter(other -> other.zone() == clock.zone())
                                .count()
                        > 1)
                .findFirst()
                .orElseThrow();
        told.tell(new Event.RinsedNow(one.task().key()));
        assertThat(told.job().clocks())
                .isNotEmpty()
                .containsExactlyElementsOf(before.stream()
                        .filter(clock -> clock.zone() != one.zone())
                        .toList());
    }

    @Test
    void whatRunsLateMovesWhatComes() {
        Told told = new Told();
        Task first = TASKS.get(0);
        told.at(12).tell(new Event.Started(first.key()));
        assertThat(told.job().behind()).isEqualTo(12);
        Task second = TASKS.stream()
                .filter(task -> task.person() > 0)
                .skip(1)
                .findFirst()
                .orElseThrow();
        assertThat(told.job().standing().get(1).minute()).isEqualTo(second.startMinute() + 12);
    }

    @Test
    void whatWasTakenBackDoesNotCountAndStays() {
        Told told = new Told();
        Task first = TASKS.get(0);
        told.at(3).tell(new Event.Finished(first.key()));
        assertThat(told.job().standing().get(0).state()).isEqualTo(Job.State.DONE);
        told.tell(new Event.TakenBack(2));
        assertThat(told.job().standing().get(0).state()).isEqualTo(Job.State.WAITING);
        assertThatThrownBy(() -> told.tell(new Event.TakenBack(2))).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> told.tell(new Event.TakenBack(1))).isInstanceOf(RefusedInput.class);
        told.tell(new Event.Finished(first.key()));
        assertThat(told.entries).hasSize(4);
    }

    @Test
    void whatMakesNoSenseIsRefused() {
        Told told = new Told();
        Task clock = firstClock();
        String first = TASKS.get(0).key();
        for (Event wrong : List.of(
                new Event.Begun(TASKS, ORDER.batches(), BandForecast.of(LIFT, 3)),
                new Event.Started("nothing"),
                new Event.Started(clock.key()),
                new Event.LaidFresh(clock.key()),
                new Event.RinsedNow(clock.key()),
                new Event.Resumed(),
                new Event.TakenBack(77))) {
            assertThatThrownBy(() -> told.tell(wrong)).as("%s", wrong).isInstanceOf(RefusedInput.class);
        }
        told.tell(new Event.Finished(first));
        assertThatThrownBy(() -> told.tell(new Event.Started(first))).isInstanceOf(RefusedInput.class);
        told.tell(new Event.Ended());
        assertThatThrownBy(() -> told.tell(new Event.Paused())).isInstanceOf(RefusedInput.class);
        told.tell(new Event.Said("She liked it."));
        assertThatThrownBy(() -> new Event.Said(" ")).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Event.Seen.byEye(clock.key(), ZonePlace.NAPE, 7.3, Optional.empty()))
                .isInstanceOf(RefusedInput.class);
    }

    /** Any presses in any order: what is refused changes nothing, and what is told twice is the same job. */
    @Property
    void anyPressesLeaveAJobThatHoldsTogether(@ForAll @Size(max = 40) List<@IntRange(max = 5000) Integer> presses) {
        Told told = new Told();
        int minute = 0;
        for (int press : presses) {
            minute += press % 7;
            told.at(minute);
            String key = TASKS.get(press % TASKS.size()).key();
            List<Event> events = List.of(
                    new Event.Started(key),
                    new Event.Finished(key),
                    new Event.Skipped(key),
                    new Event.LaidFresh(key),
                    new Event.RinsedNow(key),
                    new Event.Paused(),
                    new Event.Resumed(),
                    new Event.TakenBack(press % 30));
            try {
                told.tell(events.get(press % events.size()));
            } catch (RefusedInput no) {
                // Refused: the next press comes.
            }
        }
        Job job = told.job();
        assertThat(job.standing())
                .hasSize((int) TASKS.stream().filter(t -> t.person() > 0).count());
        assertThat(job.clocks()).allMatch(clock -> !clock.since().isAfter(told.now));
        assertThat(Job.of(told.entries, told.now).standing()).isEqualTo(job.standing());
    }

    private static LookFinding look(double level, Optional<Elasticity> felt, int minutes) {
        Told told = laid();
        told.at(firstClock().startMinute() + minutes);
        Clock clock = told.job().clocks().get(0);
        return LookFinding.of(
                        LIFT,
                        ORDER.batches(),
                        told.job(),
                        Event.Seen.byEye(clock.task().key(), clock.zone(), level, felt),
                        Calibration.none(),
                        told.now)
                .orElseThrow();
    }

    /** R38: the first section tells how far the hair will go. Slower than predicted: longer, for every section. */
    @Test
    void aSlowStrandLengthensTheClocks() {
        double predicted = look(6, Optional.empty(), 25).predicted();
        double slower = Math.rint(2 * (predicted - 0.8)) / 2;
        LookFinding recheck = look(slower, Optional.empty(), 25);
        assertThat(recheck.flagged()).isFalse();
        assertThat(recheck.known().observations()).isEqualTo(1);
        assertThat(recheck.known().factors().lift()).isLessThan(1);
        assertThat(recheck.why())
                .isNotEmpty()
                .allMatch(why -> why.message() == JobMessage.WILL_NOT_REACH
                        || Heard.figure(why, "more").equals("yes"));
        for (Task task : recheck.tasks()) {
            task.window().ifPresent(window -> assertThat(window.earliest()).isLessThanOrEqualTo(window.latest()));
        }
        Task before = firstClock();
        Task after = recheck.tasks().stream()
                .filter(task -> task.key().equals(before.key()))
                .findFirst()
                .orElseThrow();
        assertThat(after.window().orElseThrow().earliest())
                .isGreaterThan(before.window().orElseThrow().earliest());
    }

    @Test
    void aStrandAsPredictedChangesLittle() {
        double predicted = Math.rint(2 * look(6, Optional.empty(), 25).predicted()) / 2;
        assertThat(look(predicted, Optional.empty(), 25).why())
                .noneMatch(Heard.a(JobMessage.WILL_NOT_REACH))
                .hasSizeLessThanOrEqualTo(4);
    }

    @Test
    void whatIsFarOutsideIsNotLearnedFrom() {
        LookFinding recheck = look(12, Optional.empty(), 10);
        assertThat(recheck.flagged()).isTrue();
        assertThat(recheck.known().observations()).isZero();
        assertThat(recheck.why()).isEmpty();
        assertThat(recheck.tasks()).isEqualTo(TASKS);
    }

    /** A wish that was changed meanwhile may have left a plan without the step that runs: a look is kept, nothing follows. */
    @Test
    void aPlanThatChangedMeanwhileIsNoFault() {
        Told told = laid();
        Clock clock = told.job().clocks().get(0);
        Plan nothing = Planner.plan(
                new PlanningContext(
                        Heads.zones(1, List.of(new Band(0, 25, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0))),
                        new Wish(5, Tone.NATURAL),
                        ProductRange.demo(),
                        Calibration.none(),
                        3),
                Strategy.of("usual", Method.USUAL));
        assertThat(nothing.steps()).isEmpty();
        assertThat(LookFinding.of(
                        nothing,
                        Sequencer.of(nothing).batches(),
                        told.job(),
                        Event.Seen.byEye(clock.task().key(), clock.zone(), 7, Optional.empty()),
                        Calibration.none(),
                        told.now))
                .isEmpty();
    }

    /** R39: a strand that does not return stops everything. */
    @Test
    void aFailedStretchStops() {
        assertThat(look(7, Optional.of(Elasticity.BREAKS), 25).stop()).isTrue();
        assertThat(look(7, Optional.of(Elasticity.SPRINGS_BACK), 25).stop()).isFalse();
    }
}
