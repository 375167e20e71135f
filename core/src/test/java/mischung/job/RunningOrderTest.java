package mischung.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.sequence.Durations;
import mischung.sequence.OrderTerms;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.sequence.Task;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What has not begun, put on the clock again at moments drawn by lot, for hands that come and leave. */
class RunningOrderTest {
    private static final Instant NINE = Instant.parse("2026-11-23T09:00:00Z");
    private static final int JOBS = 40;
    private static final int MOST_HANDS = 3;
    private static final int MOST_BEHIND = 25;
    private static final Plan BANDED = plan(
            new Wish(8.5, Tone.GOLD),
            new Band(0, 3, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0),
            new Band(3, 25, BandKind.COLOURED, 5, Tone.COPPER, Porosity.NORMAL, 0));
    private static final Plan DARKER = plan(
            new Wish(6, Tone.NATURAL),
            new Band(0, 4, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0),
            new Band(4, 30, BandKind.LIGHTENED, 9, Tone.GOLD, Porosity.HIGH, 0));

    private static Plan plan(Wish wish, Band... bands) {
        PlanningContext desk =
                new PlanningContext(Heads.zones(4, List.of(bands)), wish, ProductRange.demo(), Calibration.none(), 3);
        return Planner.plan(desk, Strategy.of("usual", Method.USUAL));
    }

    /**
     * A job somewhere in the middle.
     *
     * @param planned its tasks as they were planned
     */
    private record Middle(int seed, Job job, List<Task> planned, int hands) {
        @Override
        public String toString() {
            return "job " + seed + " at " + job.minute() + " min, " + hands + " hands";
        }

        List<Task> waiting(List<Task> all) {
            return all.stream()
                    .filter(task -> task.person() > 0 && job.state(task.key()) == Job.State.WAITING)
                    .toList();
        }
    }

    static Stream<Middle> middles() {
        return IntStream.range(0, JOBS).mapToObj(RunningOrderTest::middle);
    }

    private static Middle middle(int seed) {
        Random lot = new Random(seed);
        Plan plan = seed % 2 == 0 ? BANDED : DARKER;
        Sequence order = Sequencer.of(plan, OrderTerms.usual(Durations.USUAL, 1 + lot.nextInt(MOST_HANDS)));
        List<Task> tasks =
                order.tasks().stream().filter(task -> task.visit() == 1).toList();
        List<Task> byHands = tasks.stream().filter(task -> task.person() > 0).toList();
        List<Entry> entries = new ArrayList<>();
        entries.add(new Entry(1, NINE, "", new Event.Begun(tasks, order.batches(), BandForecast.of(plan, 3))));
        int behind = lot.nextInt(MOST_BEHIND);
        int minute = 0;
        for (Task task : byHands.subList(0, lot.nextInt(byHands.size()))) {
            minute = Math.max(minute, task.endMinute() + behind);
            entries.add(new Entry(
                    entries.size() + 1L, NINE.plus(Duration.ofMinutes(minute)), "", new Event.Finished(task.key())));
        }
        return new Middle(
                seed, Job.of(entries, NINE.plus(Duration.ofMinutes(minute))), tasks, 1 + lot.nextInt(MOST_HANDS));
    }

    private static Map<String, Task> byKey(List<Task> tasks) {
        Map<String, Task> all = new HashMap<>();
        tasks.forEach(task -> all.put(task.key(), task));
        return all;
    }

    @ParameterizedTest
    @MethodSource("middles")
    void nothingIsLostAndNothingLiesInThePast(Middle middle) {
        List<Task> again =
                RunningOrder.of(middle.job, middle.planned, middle.hands).tasks();

        assertThat(byKey(again).keySet()).isEqualTo(byKey(middle.planned).keySet());
        assertThat(middle.waiting(again))
                .allMatch(task -> task.startMinute() >= middle.job.minute() && task.person() <= middle.hands);
    }

    @ParameterizedTest
    @MethodSource("middles")
    void nobodyDoesTwoThingsAtOnce(Middle middle) {
        List<Task> open = middle.waiting(
                RunningOrder.of(middle.job, middle.planned, middle.hands).tasks());

        for (Task a : open) {
            for (Task b : open) {
                if (!a.key().equals(b.key()) && a.person() == b.person()) {
                    assertThat(a.endMinute() <= b.startMinute() || b.endMinute() <= a.startMinute())
                            .as("%s and %s", a, b)
                            .isTrue();
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("middles")
    void whatFollowsOnTheSameHairStillFollows(Middle middle) {
        Map<String, Task> again =
                byKey(RunningOrder.of(middle.job, middle.planned, middle.hands).tasks());
        List<Task> open = middle.waiting(middle.planned);

        for (Task first : open) {
            for (Task then : open) {
                if (first.endMinute() <= then.startMinute() && !Collections.disjoint(first.zones(), then.zones())) {
                    assertThat(again.get(then.key()).startMinute())
                            .as("%s after %s", then, first)
                            .isGreaterThanOrEqualTo(again.get(first.key()).endMinute());
                }
            }
        }
    }

    @Test
    void nothingIsRinsedBeforeItsTime() {
        assertThat(middles().mapToInt(RunningOrderTest::rinsedInTime).sum()).isGreaterThan(JOBS / 4);
    }

    /** @return how many rinses were looked at */
    private static int rinsedInTime(Middle middle) {
        int rinsed = 0;
        Map<String, Task> again =
                byKey(RunningOrder.of(middle.job, middle.planned, middle.hands).tasks());

        for (Task rinse : middle.waiting(middle.planned)) {
            for (Clock clock : middle.job.clocks()) {
                Optional<Task.Window> window = clock.task().window();
                // A section laid later in the same zone waits for the next rinse.
                if (rinse.kind() == Task.Kind.RINSE
                        && rinse.step() == clock.task().step()
                        && rinse.zones().containsAll(clock.task().zones())
                        && window.isPresent()
                        && window.get().earliest() <= rinse.startMinute()) {
                    assertThat(again.get(rinse.key()).startMinute() - middle.job.minute(clock.since()))
                            .as("%s, on since %s", rinse, clock.since())
                            .isGreaterThanOrEqualTo(
                                    window.get().earliest() - clock.task().startMinute());
                    rinsed++;
                }
            }
        }
        return rinsed;
    }

    @Test
    void moreHandsNeverEndLater() {
        for (int seed = 0; seed < JOBS; seed++) {
            Middle middle = middle(seed);
            int one = RunningOrder.of(middle.job, middle.planned, 1).end();
            int three = RunningOrder.of(middle.job, middle.planned, MOST_HANDS).end();
            assertThat(three).as(middle.toString()).isLessThanOrEqualTo(one);
        }
    }

    @Test
    void aJobOnTimeStaysAsItIs() {
        Sequence order = Sequencer.of(BANDED, OrderTerms.usual(Durations.USUAL, 2));
        List<Task> tasks =
                order.tasks().stream().filter(task -> task.visit() == 1).toList();
        Job job = Job.of(
                List.of(new Entry(1, NINE, "", new Event.Begun(tasks, order.batches(), BandForecast.of(BANDED, 3)))),
                NINE);

        RunningOrder again = RunningOrder.of(job, tasks, 2);

        assertThat(again.end()).isLessThanOrEqualTo(RunningOrder.end(tasks));
        assertThat(again.late()).isEmpty();
    }
}
