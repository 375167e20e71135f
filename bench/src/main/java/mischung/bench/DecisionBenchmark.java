package mischung.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import mischung.formula.Formula;
import mischung.formula.FormulaSearch;
import mischung.formula.FormulaTask;
import mischung.formula.Oddness;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.hair.Look;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ToneScale;
import mischung.plan.PlanningContext;
import mischung.process.Application;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.route.Decision;
import mischung.route.House;
import mischung.route.Route;
import mischung.route.RouteComparison;
import mischung.school.Method;
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
 * One formula search over a shelf of 120 shades; the first useful answer and a full decision (all schools, visits and ways)
 * for 8 zones × 5 bands, every band read differently, to brown and (lifting) to pale; against the baseline of looking once at each of the 40 bands.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 15, time = 2)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class DecisionBenchmark {
    private final PlanBenchmark forty = new PlanBenchmark();
    private final Wish brown = new Wish(5, Tone.NATURAL);
    private final Wish pale = new Wish(9.5, Tone.BEIGE);
    private final FormulaTask task = task();

    private static FormulaTask task() {
        List<Shade> shelf = new ArrayList<>();
        for (Tone tone : List.of(
                Tone.NATURAL,
                Tone.ASH,
                Tone.BEIGE,
                Tone.GOLD,
                Tone.COPPER,
                Tone.RED,
                Tone.MAHOGANY,
                Tone.VIOLET,
                Tone.MATTE)) {
            for (int level = 1; level <= 10; level++) {
                shelf.add(Shade.derived(ShadeClass.DEMI, level, tone));
            }
        }
        for (Tone tone : List.of(Tone.NATURAL, Tone.ASH, Tone.GOLD, Tone.COPPER)) {
            for (double level = 3.5; level <= 9.5; level++) {
                shelf.add(Shade.derived(ShadeClass.DEMI, level, tone));
            }
        }
        shelf.add(Shade.derived(ShadeClass.DEMI, 2.5, Tone.NATURAL));
        shelf.add(Shade.clear(ShadeClass.DEMI));
        Canvas canvas = Canvas.of(PigmentLine.LIFTED.at(9), Porosity.NORMAL);
        return new FormulaTask(
                List.of(new FormulaTask.Spot(canvas, ToneScale.colourOf(7, Tone.BEIGE), 1)),
                Application.usual(Dyes.NONE, ShadeClass.DEMI, 10),
                shelf,
                6,
                8,
                List.of(),
                1,
                new Oddness(Oddness.Purpose.TARGET, 7, ToneMix.of(Tone.BEIGE)));
    }

    private PlanningContext desk(Wish wish) {
        return new PlanningContext(forty.head(), wish, ProductRange.demo(), Calibration.none(), 3);
    }

    @Benchmark
    public Formula formulaOf120Shades() {
        return FormulaSearch.best(task);
    }

    @Benchmark
    public Route firstAnswer() {
        return RouteComparison.first(desk(brown), Method.USUAL, House.USUAL);
    }

    @Benchmark
    public Route firstAnswerLifting() {
        return RouteComparison.first(desk(pale), Method.USUAL, House.USUAL);
    }

    @Benchmark
    public Decision fullDecision() {
        return fullDecision(brown);
    }

    @Benchmark
    public Decision fullDecisionLifting() {
        return fullDecision(pale);
    }

    private Decision fullDecision(Wish wish) {
        return RouteComparison.of(desk(wish), Method.USUAL, Optional.empty(), plan -> List.of(), House.USUAL);
    }

    @Benchmark
    public List<Look> baselineLookOnceAtEachBand() {
        return forty.baselineLookOnceAtEachBand();
    }
}
