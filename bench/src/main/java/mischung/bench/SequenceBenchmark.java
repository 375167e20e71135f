package mischung.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Look;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
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
import mischung.uncertainty.Calibration;
import mischung.wish.Limits;
import mischung.wish.Wish;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The order of work for a full head of foils in 8 zones, roots and toner after it, by two people; against the baseline of looking once at each of 40 bands. Prints how good the orders are.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SequenceBenchmark {
    private final Plan plan = plan(2);
    private final PlanBenchmark forty = new PlanBenchmark();

    static Plan plan(int hands) {
        List<Zone> zones = new ArrayList<>();
        for (ZonePlace place : PlanBenchmark.EIGHT) {
            zones.add(new Zone(
                    place,
                    new Strand(List.of(new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0)))));
        }
        Head head = new Head(zones, Density.NORMAL, Thickness.NORMAL);
        Wish wish = new Wish(8.5, Tone.GOLD).with(Limits.NONE.withHands(hands));
        return Planner.plan(
                new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3),
                Strategy.of("usual", Method.USUAL));
    }

    /** How good, not only how fast. */
    @Setup(Level.Trial)
    @TearDown(Level.Trial)
    public void tell() {
        for (int hands = 1; hands <= 2; hands++) {
            Plan of = plan(hands);
            Sequence usual = Sequencer.of(of, OrderTerms.usual(Durations.USUAL, hands));
            System.out.printf(
                    "%n%d people: %d min, no order under %d min; ramps %s%n",
                    hands, usual.totalMinutes(), usual.bound(), usual.ramps());
        }
    }

    @Benchmark
    public Sequence orderOfWork() {
        return Sequencer.of(plan, OrderTerms.usual(Durations.USUAL, 2));
    }

    @Benchmark
    public List<Look> baselineLookOnceAtEachBand() {
        return forty.baselineLookOnceAtEachBand();
    }
}
