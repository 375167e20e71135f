package mischung.uncertainty;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import mischung.Constants;
import mischung.hair.Canvas;
import mischung.process.Factors;
import mischung.product.Lightener;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What is known of one client's {@link Factor}s: their logarithms are taken to be normally distributed, with a mean of 0 and
 * the spread of untested heads to begin with. Each strand test is taken in by an iterated extended Kalman update (Jazwinski,
 * Stochastic Processes and Filtering Theory, 1970; Bell and Cathey, IEEE Trans. Automatic Control 38, 1993): the model is
 * made straight about the present estimate, the observation is weighed against it by their variances, and this is repeated
 * about the new estimate until it stands still. With one factor and a straight model it is the closed-form posterior of two
 * normal distributions.
 *
 * <p>An observation further from its prediction than three standard deviations of the two together is flagged and not taken
 * in: a wrong product, a wrong history or a slip of the pen is likelier than such hair.
 */
public final class Calibration {
    private static final Constants SPREAD = Constants.in("spread");
    private static final int ROUNDS = 8;
    private static final double NUDGE = 1e-3;
    private static final double MOST = Math.log(9);
    private static final double CERTAIN = 1e-8;
    private static final double MOST_TIMES = 10;
    private static final double BETWEEN_LIGHTENERS = SPREAD.of("between lighteners");
    private static final Tried UNTRIED = new Tried("", 0, 0, 0);

    private final RealVector mean;
    private final RealMatrix covariance;
    private final int observations;
    private final Map<String, Tried> tried;

    /**
     * What a lightener does on this client beside the client's own factor of lift. Its offset is taken to be independent of
     * that factor: what the two have in common is left out, so that products can come and go.
     *
     * @param name as it was called when it was tried last
     * @param offset mean of the logarithm
     * @param variance of it
     * @param tests it rests on
     */
    public record Tried(String name, double offset, double variance, int tests) {}

    private Calibration(RealVector mean, RealMatrix covariance, int observations, Map<String, Tried> tried) {
        this.mean = mean;
        this.covariance = covariance;
        this.observations = observations;
        this.tried = Map.copyOf(tried);
    }

    /** Nothing tested yet. */
    public static Calibration none() {
        double[] variances = Arrays.stream(Factor.values())
                .mapToDouble(f -> f.spread() * f.spread())
                .toArray();
        return new Calibration(
                new ArrayRealVector(variances.length), MatrixUtils.createRealDiagonalMatrix(variances), 0, Map.of());
    }

    static Calibration of(ToDoubleFunction<Factor> mean, ToDoubleFunction<Factor> variance) {
        Factor[] all = Factor.values();
        return new Calibration(
                new ArrayRealVector(Arrays.stream(all).mapToDouble(mean).toArray()),
                MatrixUtils.createRealDiagonalMatrix(
                        Arrays.stream(all).mapToDouble(variance).toArray()),
                0,
                Map.of());
    }

    /** As if it were known for certain: to play through how a head truly is. */
    public static Calibration certain(Factors factors) {
        Map<Factor, Double> all = Map.of(
                Factor.LIFT, factors.lift(),
                Factor.UPTAKE, factors.uptake(),
                Factor.REMOVAL, factors.removal(),
                Factor.DAMAGE, factors.damage());
        return of(factor -> Math.log(all.getOrDefault(factor, 1.0)), factor -> CERTAIN);
    }

    /** What was learned since, apart from what was known before. */
    public Evidence since(Calibration before) {
        RealMatrix now = MatrixUtils.inverse(covariance);
        RealMatrix then = MatrixUtils.inverse(before.covariance);
        RealVector shift = now.operate(mean).subtract(then.operate(before.mean));
        RealMatrix more = now.subtract(then);
        List<Double> precision = new ArrayList<>();
        for (double[] row : more.getData()) {
            Arrays.stream(row).forEach(precision::add);
        }
        return new Evidence(
                Arrays.stream(shift.toArray()).boxed().toList(),
                precision,
                observations - before.observations,
                products(before));
    }

    private Map<String, Evidence.OfProduct> products(Calibration before) {
        Map<String, Evidence.OfProduct> all = new HashMap<>();
        tried.forEach((code, now) -> {
            Tried then = before.tried.getOrDefault(code, untried(now.name));
            if (now.tests > then.tests) {
                all.put(
                        code,
                        new Evidence.OfProduct(
                                now.name,
                                now.offset / now.variance - then.offset / then.variance,
                                1 / now.variance - 1 / then.variance,
                                now.tests - then.tests));
            }
        });
        return all;
    }

    private static Tried untried(String name) {
        return new Tried(name, 0, BETWEEN_LIGHTENERS * BETWEEN_LIGHTENERS, 0);
    }

    /** With what another visit has taught. */
    public Calibration with(Evidence evidence) {
        int n = mean.getDimension();
        RealMatrix before = MatrixUtils.inverse(covariance);
        RealMatrix precision = before.copy();
        RealVector shift = before.operate(mean);
        for (int i = 0; i < n; i++) {
            shift.addToEntry(i, evidence.shift().get(i));
            for (int j = 0; j < n; j++) {
                // Half of both sides, so that it stays symmetric whatever the rounding.
                precision.addToEntry(
                        i,
                        j,
                        (evidence.precision().get(i * n + j)
                                        + evidence.precision().get(j * n + i))
                                / 2);
            }
        }
        RealMatrix after = MatrixUtils.inverse(precision);
        return new Calibration(after.operate(shift), after, observations + evidence.observations(), tried(evidence));
    }

    private Map<String, Tried> tried(Evidence evidence) {
        Map<String, Tried> all = new HashMap<>(tried);
        evidence.products().forEach((code, more) -> {
            Tried before = all.getOrDefault(code, untried(more.name()));
            double precision = 1 / before.variance + more.precision();
            all.put(
                    code,
                    new Tried(
                            more.name(),
                            (before.offset / before.variance + more.shift()) / precision,
                            1 / precision,
                            before.tests + more.tests()));
        });
        return all;
    }

    public int observations() {
        return observations;
    }

    /** The factors in the middle of what is known (medians). */
    public Factors factors() {
        return factors(mean);
    }

    /** The factors {@code z} standard deviations off, in the coordinates of the covariance's Cholesky factor. */
    Factors factors(double[] z) {
        RealMatrix root = new CholeskyDecomposition(covariance, 1e-10, 1e-14).getL();
        return factors(mean.add(root.operate(new ArrayRealVector(z))));
    }

    /** Lighteners that were tried on this client, by their codes. */
    public Map<String, Tried> tried() {
        return tried;
    }

    /** Median of what one lightener does on this client, times the average. */
    public double lift(String lightener) {
        return factors().lift(lightener);
    }

    /** Median of one factor. */
    public double median(Factor factor) {
        return Math.exp(mean.getEntry(at(factor)));
    }

    /** Standard deviation of one factor's logarithm; smaller is surer. */
    public double spread(Factor factor) {
        return Math.sqrt(covariance.getEntry(at(factor), at(factor)));
    }

    /** What this strand test teaches. */
    public Learned learn(StrandTest test) {
        Optional<Lightener> make = test.lightener();
        Tried before = make.map(one -> tried.getOrDefault(one.code(), untried(one.name())))
                .orElse(UNTRIED);
        Sight sight = new Sight(test, before.offset);
        RealVector predicted = sight.at(mean);
        RealMatrix slope = sight.slope(mean);
        RealMatrix noise = sight.noise(mean).add(ofProduct(slope, before.variance));
        RealMatrix doubt =
                slope.multiply(covariance).multiply(slope.transpose()).add(noise);
        RealVector off = sight.seen().subtract(predicted);
        double furthest = 0;
        for (int i = 0; i < off.getDimension(); i++) {
            double deviation = off.getEntry(i) / Math.sqrt(doubt.getEntry(i, i));
            furthest = Math.abs(deviation) > Math.abs(furthest) ? deviation : furthest;
        }
        Map<String, Tried> now = new HashMap<>(tried);
        make.ifPresent(one -> now.put(one.code(), tried(one, before, slope.getEntry(0, at(Factor.LIFT)), off, doubt)));
        Calibration after = updated(sight, noise, now);
        return new Learned(
                this,
                after,
                predicted.getEntry(0),
                Math.sqrt(doubt.getEntry(0, 0)),
                test.seenLevel(),
                furthest,
                Math.abs(furthest) > SPREAD.of("far outside"));
    }

    /** What the product's own variance adds to what is seen: it enters as the factor of lift does. */
    private static RealMatrix ofProduct(RealMatrix slope, double variance) {
        RealMatrix lift = slope.getColumnMatrix(at(Factor.LIFT));
        return lift.multiply(lift.transpose()).scalarMultiply(variance);
    }

    /** The product's part of what was off, by its part of the variance; by the level alone. */
    private static Tried tried(Lightener make, Tried before, double slope, RealVector off, RealMatrix doubt) {
        double gain = before.variance * slope / doubt.getEntry(0, 0);
        return new Tried(
                make.name(),
                Math.max(-MOST, Math.min(MOST, before.offset + gain * off.getEntry(0))),
                (1 - gain * slope) * before.variance,
                before.tests + 1);
    }

    private Calibration updated(Sight sight, RealMatrix noise, Map<String, Tried> now) {
        RealVector here = mean;
        RealMatrix gain = null;
        RealMatrix slope = null;
        for (int round = 0; round < ROUNDS; round++) {
            slope = sight.slope(here);
            RealMatrix doubt =
                    slope.multiply(covariance).multiply(slope.transpose()).add(noise);
            gain = covariance.multiply(slope.transpose()).multiply(MatrixUtils.inverse(doubt));
            RealVector off = sight.seen().subtract(sight.at(here)).subtract(slope.operate(mean.subtract(here)));
            here = mean.add(gain.operate(off));
            here.mapToSelf(x -> Math.max(-MOST, Math.min(MOST, x)));
        }
        RealMatrix left =
                MatrixUtils.createRealIdentityMatrix(mean.getDimension()).subtract(gain.multiply(slope));
        // Joseph's form keeps the covariance symmetric and positive whatever the rounding.
        RealMatrix after = left.multiply(covariance)
                .multiply(left.transpose())
                .add(gain.multiply(noise).multiply(gain.transpose()));
        return new Calibration(here, after, observations + 1, now);
    }

    private Factors factors(RealVector logs) {
        Factors all = ofHead(logs);
        if (tried.isEmpty()) {
            return all;
        }
        Map<String, Double> byCode = new HashMap<>();
        tried.forEach((code, one) -> byCode.put(code, Math.min(MOST_TIMES, all.lift() * Math.exp(one.offset))));
        return new Factors(all.lift(), all.uptake(), all.removal(), all.damage(), byCode);
    }

    private static Factors ofHead(RealVector logs) {
        double[] f = logs.map(x -> Math.exp(Math.max(-MOST, Math.min(MOST, x)))).toArray();
        return new Factors(f[at(Factor.LIFT)], f[at(Factor.UPTAKE)], f[at(Factor.REMOVAL)], f[at(Factor.DAMAGE)]);
    }

    @SuppressWarnings("EnumOrdinal") // never stored, only the place within the vector
    private static int at(Factor factor) {
        return factor.ordinal();
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder("Calibration[");
        for (Factor factor : Factor.values()) {
            text.append(String.format(Locale.ROOT, "%s %.2f ± %.2f; ", factor.words(), median(factor), spread(factor)));
        }
        return text.append(observations).append(" observations]").toString();
    }

    /** What a strand test shows, as a function of the factors' logarithms: the level, and the strength if it was felt. */
    private static final class Sight {
        private final StrandTest test;
        private final double ofProduct;

        /** @param ofProduct the logarithm by which its lightener is thought to differ from the client's factor of lift */
        Sight(StrandTest test, double ofProduct) {
            this.test = test;
            this.ofProduct = Math.exp(ofProduct);
        }

        RealVector seen() {
            return test.felt()
                    .map(felt -> new ArrayRealVector(new double[] {test.seenLevel(), (felt.from() + felt.to()) / 2}))
                    .orElseGet(() -> new ArrayRealVector(new double[] {test.seenLevel()}));
        }

        RealVector at(RealVector logs) {
            return at(logs, test.start().best());
        }

        private RealVector at(RealVector logs, Canvas start) {
            Factors head = ofHead(logs);
            Factors here = new Factors(
                    Math.min(MOST_TIMES, head.lift() * ofProduct), head.uptake(), head.removal(), head.damage());
            Canvas end = test.course().on(start, here);
            return test.felt().isPresent()
                    ? new ArrayRealVector(new double[] {end.level(), end.fibre().integrity()})
                    : new ArrayRealVector(new double[] {end.level()});
        }

        RealMatrix slope(RealVector logs) {
            int seen = seen().getDimension();
            RealMatrix slope = new Array2DRowRealMatrix(seen, logs.getDimension());
            for (int k = 0; k < logs.getDimension(); k++) {
                RealVector more = logs.copy();
                more.addToEntry(k, NUDGE);
                RealVector less = logs.copy();
                less.addToEntry(k, -NUDGE);
                slope.setColumnVector(k, at(more).subtract(at(less)).mapDivide(2 * NUDGE));
            }
            return slope;
        }

        /** The eye's error on the result, and on the start as far as the start still shows in the result. */
        RealMatrix noise(RealVector logs) {
            double levels = SPREAD.of("reading");
            double up = at(logs, test.start().in(new Draw(levels, 0, 0, 0, Factors.AVERAGE)))
                    .getEntry(0);
            double down = at(logs, test.start().in(new Draw(-levels, 0, 0, 0, Factors.AVERAGE)))
                    .getEntry(0);
            double ofStart = (up - down) / 2;
            double ofEye = test.levelSpread();
            RealMatrix noise = new Array2DRowRealMatrix(seen().getDimension(), seen().getDimension());
            noise.setEntry(0, 0, ofEye * ofEye + ofStart * ofStart);
            test.felt().ifPresent(felt -> {
                double width = (felt.to() - felt.from()) / Math.sqrt(12);
                noise.setEntry(1, 1, width * width + SPREAD.of("stretch") * SPREAD.of("stretch"));
            });
            return noise;
        }
    }
}
