package mischung.bench;

import com.github.ajalt.colormath.model.XYZ;
import com.github.ajalt.colormath.model.XYZColorSpaces;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.light.Srgb;
import mischung.light.WhitePoint;
import mischung.light.Xyz;
import org.openimaj.image.analysis.colour.CIEDE2000;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The same 1000 colours through this program and through the libraries it is held against. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
@OperationsPerInvocation(ColourBenchmark.COLOURS)
public class ColourBenchmark {
    static final int COLOURS = 1000;

    private final Lab[] labs = new Lab[COLOURS + 1];
    private final Xyz[] ours = new Xyz[COLOURS];
    private final XYZ[] theirs = new XYZ[COLOURS];

    public ColourBenchmark() {
        SplittableRandom random = new SplittableRandom(1);
        for (int i = 0; i <= COLOURS; i++) {
            labs[i] = Lab.d65(
                    10 + 80 * random.nextDouble(), -40 + 80 * random.nextDouble(), -40 + 80 * random.nextDouble());
        }
        for (int i = 0; i < COLOURS; i++) {
            double y = 1 + 90 * random.nextDouble();
            ours[i] = new Xyz(0.95 * y, y, 0.9 * y, WhitePoint.d65());
            theirs[i] = new XYZ(
                    (float) (0.0095 * y),
                    (float) (y / 100),
                    (float) (0.009 * y),
                    1f,
                    XYZColorSpaces.INSTANCE.getXYZ65());
        }
    }

    @Benchmark
    public double ciede2000() {
        double sum = 0;
        for (int i = 0; i < COLOURS; i++) {
            sum += Ciede2000.between(labs[i], labs[i + 1]);
        }
        return sum;
    }

    @Benchmark
    public double baselineCiede2000OfOpenImaj() {
        double sum = 0;
        for (int i = 0; i < COLOURS; i++) {
            Lab one = labs[i];
            Lab two = labs[i + 1];
            sum += CIEDE2000.calculateDeltaE(one.l(), one.a(), one.b(), two.l(), two.a(), two.b());
        }
        return sum;
    }

    @Benchmark
    public double xyzToLabToSrgb() {
        double sum = 0;
        for (int i = 0; i < COLOURS; i++) {
            sum += Srgb.of(ours[i].toLab().toXyz()).g();
        }
        return sum;
    }

    @Benchmark
    public double baselineXyzToLabToSrgbOfColormath() {
        double sum = 0;
        for (int i = 0; i < COLOURS; i++) {
            sum += theirs[i].toLAB().toSRGB().getG();
        }
        return sum;
    }
}
