package mischung.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import mischung.hair.Canvas;
import mischung.hair.Fibre;
import mischung.hair.Look;
import mischung.hair.Past;
import mischung.hair.PigmentLine;
import mischung.hair.ReadIn;
import mischung.hair.Reading;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.process.Application;
import mischung.process.Care;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.process.RemoverRound;
import mischung.process.Setting;
import mischung.product.Shade;
import mischung.product.ShadeClass;
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
 * A three-hour correction on 40 bands, all different, at one-minute steps: once for what is on the strand, once with the level
 * it shows read out at every minute. Baseline: looking once at each band, tone name and all.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SimulationBenchmark {
    private static final int BANDS = 40;
    private static final List<Thickness> THICKNESSES = List.of(Thickness.values());

    private final List<Canvas> bands = bands();
    private final List<Course> courses = courses();

    private static List<Canvas> bands() {
        List<Canvas> bands = new ArrayList<>();
        for (int i = 0; i < BANDS; i++) {
            Fibre fibre = Fibre.read(THICKNESSES.get(i % 3), (i % 7) * 0.5, i % 4);
            double level = 3 + (i % 12) * 0.5;
            bands.add(
                    i % 3 == 0
                            ? ReadIn.of(3 + (i % 4) * 0.5, ToneMix.of(Tone.NATURAL), Past.of(Past.Kind.COLOURED))
                                    .canvas(Thickness.NORMAL, 1 + (i % 3) * 0.5, 0, i % 4)
                            : new Canvas(
                                    (i % 3 == 1 ? PigmentLine.NATURAL : PigmentLine.LIFTED).at(level),
                                    Reading.WHITE_FIBRE,
                                    i % 5 == 0 ? 0.2 : 0,
                                    fibre));
        }
        return bands;
    }

    /** Remover, lightener, fresh lightener, bond treatment, toner: 180 minutes, each band with its own times. */
    private static List<Course> courses() {
        var toner =
                Application.usual(Shade.derived(ShadeClass.DEMI, 8, Tone.BEIGE).dyes(), ShadeClass.DEMI, 6);
        List<Course> courses = new ArrayList<>();
        for (int i = 0; i < BANDS; i++) {
            double first = 40 + i % 11;
            courses.add(Course.of(
                    RemoverRound.USUAL,
                    Lightening.of(LiftProduct.LIGHTENER, 10 + i % 21, first, Setting.FOIL),
                    Lightening.of(
                            LiftProduct.LIGHTENER,
                            20,
                            100 - first,
                            i % 5 == 0 ? Setting.FOIL.at(Place.SCALP) : Setting.FOIL),
                    new Care(Care.Kind.BOND, 15),
                    toner,
                    new Care(Care.Kind.PROTEIN, 20)));
        }
        return courses;
    }

    @Benchmark
    public double threeHoursFortyBandsPigments() {
        double[] sum = {0};
        for (int i = 0; i < BANDS; i++) {
            courses.get(i)
                    .watched(
                            bands.get(i),
                            Factors.AVERAGE,
                            1,
                            (minute, canvas) -> sum[0] += canvas.fibre().integrity());
        }
        return sum[0];
    }

    @Benchmark
    public double threeHoursFortyBandsWithLevels() {
        double[] sum = {0};
        for (int i = 0; i < BANDS; i++) {
            courses.get(i).watched(bands.get(i), Factors.AVERAGE, 1, (minute, canvas) -> sum[0] += canvas.level());
        }
        return sum[0];
    }

    @Benchmark
    public List<Look> baselineLookOnceAtEachBand() {
        return bands.stream().map(Canvas::look).toList();
    }
}
