package mischung.uncertainty;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import mischung.Constants;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Seeded draws by Latin hypercube (McKay, Beckman and Conover, Technometrics 21, 1979): of {@code count} draws each takes one
 * of {@code count} equal shares of every uncertain figure, in shuffled order, so that few draws spread evenly. The same
 * seed, count and calibration give the same draws.
 */
public final class Draws {
    private static final Constants SPREAD = Constants.in("spread");
    private static final NormalDistribution NORMAL = new NormalDistribution();

    /** Beyond this many standard deviations no draw goes; absurd hair helps nobody. */
    private static final double WIDEST = 3.5;

    private Draws() {}

    /** @param count 2–10000 */
    public static List<Draw> of(Calibration calibration, int count, long seed) {
        RefusedInput.within("count", count, 2, 10_000, Unit.DRAWS);
        SplittableRandom random = new SplittableRandom(seed);
        double[][] head = normals(Factor.values().length, count, random);
        double[][] reading = normals(3, count, random);
        double[] which = shares(count, random);
        List<Draw> draws = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            double[] z = new double[head.length];
            for (int k = 0; k < z.length; k++) {
                z[k] = head[k][i];
            }
            draws.add(new Draw(
                    SPREAD.of("reading") * reading[0][i],
                    SPREAD.of("tone") * reading[1][i],
                    SPREAD.of("porosity") * reading[2][i],
                    which[i],
                    calibration.factors(z)));
        }
        return draws;
    }

    private static double[][] normals(int figures, int count, SplittableRandom random) {
        double[][] all = new double[figures][];
        for (int k = 0; k < figures; k++) {
            all[k] = shares(count, random);
            for (int i = 0; i < count; i++) {
                double z = NORMAL.inverseCumulativeProbability(all[k][i]);
                all[k][i] = Math.max(-WIDEST, Math.min(WIDEST, z));
            }
        }
        return all;
    }

    /** One number in each of {@code count} equal shares of 0–1, shuffled; never 0 or 1 itself. */
    private static double[] shares(int count, SplittableRandom random) {
        double[] shares = new double[count];
        for (int i = 0; i < count; i++) {
            shares[i] = (i + 1e-9 + (1 - 2e-9) * random.nextDouble()) / count;
        }
        for (int i = count - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            double kept = shares[i];
            shares[i] = shares[j];
            shares[j] = kept;
        }
        return shares;
    }
}
