package mischung.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.job.AcceptedPlan;
import mischung.job.BandForecast;
import mischung.job.Clock;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.job.Job;
import mischung.job.LookFinding;
import mischung.job.Replan;
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
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A live re-plan of 8 zones × 5 bands: a strand under lightener is seen a level darker than predicted, and the rest of the
 * job is planned anew; against the baseline of planning the whole head anew.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 10, time = 2)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ReplanBenchmark {
    private static final Instant NINE = Instant.parse("2026-11-23T09:00:00Z");
    private static final int WORKED = 20;

    private final Head head = head();
    private final Plan plan = Planner.plan(desk(Calibration.none()), Strategy.of("usual", Method.USUAL));
    private final Sequence order = Sequencer.of(plan, OrderTerms.usual(Durations.USUAL, 2));
    private final Task lifting = order.tasks().stream()
            .filter(task -> task.kind() == Task.Kind.WORK && task.window().isPresent())
            .filter(task -> !plan.steps().get(task.step()).lifts().isEmpty())
            .findFirst()
            .orElseThrow();
    private final Instant now = NINE.plus(Duration.ofMinutes(lifting.startMinute() + WORKED));
    private final Job job = Job.of(entries(), now);
    private final Event.Seen seen = seen();

    private static Head head() {
        List<Zone> zones = new ArrayList<>();
        for (int z = 0; z < PlanBenchmark.EIGHT.size(); z++) {
            List<Band> bands = new ArrayList<>();
            bands.add(new Band(0, 4, BandKind.NATURAL, 5 + (z % 3) * 0.5, Tone.NATURAL, Porosity.NORMAL, 0));
            for (int b = 1; b < 5; b++) {
                bands.add(new Band(
                        4 + 8 * (b - 1),
                        4 + 8 * b,
                        b % 2 == 0 ? BandKind.LIGHTENED : BandKind.COLOURED,
                        b % 2 == 0 ? 8 + (z % 3) * 0.5 : 5 + ((z + b) % 3) * 0.5,
                        b % 2 == 0 ? Tone.GOLD : Tone.COPPER,
                        b > 3 ? Porosity.HIGH : Porosity.NORMAL,
                        0));
            }
            zones.add(new Zone(PlanBenchmark.EIGHT.get(z), new Strand(bands)));
        }
        return new Head(zones, Density.DENSE, Thickness.NORMAL);
    }

    private PlanningContext desk(Calibration known) {
        return new PlanningContext(head, new Wish(8.5, Tone.GOLD), ProductRange.demo(), known, 3);
    }

    private List<Entry> entries() {
        List<Task> tasks =
                order.tasks().stream().filter(task -> task.visit() == 1).toList();
        List<Entry> entries = new ArrayList<>();
        entries.add(new Entry(1, NINE, "", new Event.Begun(tasks, order.batches(), BandForecast.of(plan, 3))));
        for (Task task : tasks) {
            if (task.person() > 0 && task.endMinute() <= lifting.startMinute()) {
                entries.add(new Entry(
                        entries.size() + 1L,
                        NINE.plus(Duration.ofMinutes(task.endMinute())),
                        "",
                        new Event.Finished(task.key())));
            }
        }
        return entries;
    }

    private LookFinding look(double level) {
        Clock clock = job.clocks().stream()
                .filter(one -> one.task().key().equals(lifting.key()))
                .findFirst()
                .orElseThrow();
        Event.Seen look = Event.Seen.byEye(clock.task().key(), clock.zone(), level, Optional.empty());
        return LookFinding.of(plan, order.batches(), job, look, Calibration.none(), now)
                .orElseThrow();
    }

    private Event.Seen seen() {
        double darker = LevelScale.inHalves(look(6).predicted() - 1);
        return Event.Seen.byEye(lifting.key(), lifting.zones().get(0), darker, Optional.empty());
    }

    private LookFinding recheck() {
        return LookFinding.of(plan, order.batches(), job, seen, Calibration.none(), now)
                .orElseThrow();
    }

    private Replan.Place place() {
        return new Replan.Place(
                plan,
                AcceptedPlan.of(plan, desk(Calibration.none())),
                this::desk,
                Calibration.none(),
                Durations.USUAL,
                job);
    }

    @Benchmark
    public Replan replan() {
        return place().afterLook(recheck());
    }

    /** What comes after, beside: other bowls and rounds. */
    @Benchmark
    public Replan thorough() {
        return place().thorough(recheck());
    }

    @Benchmark
    public Plan baselineReplanWholeHead() {
        return Planner.plan(desk(Calibration.none()), plan.strategy());
    }
}
