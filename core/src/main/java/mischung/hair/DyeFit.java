package mischung.hair;

import java.util.ArrayList;
import java.util.List;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * The amounts of the four dye primaries that bring one or several canvases nearest to the colours wished: least squares
 * of the terms of CIEDE2000 by Levenberg and Marquardt (Hipparchus), from several starts. Amounts are kept from going
 * negative by solving for their square roots.
 */
public final class DyeFit {
    private static final double[][] STARTS = {{0.1, 0.05, 0.03, 0.05}, {0.01, 0.01, 0.01, 0.01}, {0.5, 0.3, 0.03, 0.05}
    };
    private static final double GOOD_ENOUGH = 0.2;
    private static final double STEP = 1e-5;
    private static final int PRIMARIES = 4;

    /**
     * A slight preference for less dye, in CIEDE2000 for one unit of it: where more yellow no longer shows, the fit would
     * otherwise run on without end, and no maker wastes dye.
     */
    private static final double THRIFT = 0.5;

    private static final int MOST_EVALUATIONS = 60;
    private static final double SETTLED = 1e-6;

    /** For {@link #near}: the place need only be near enough to expand about it. */
    private static final int FEW_EVALUATIONS = 15;

    private static final double ROUGHLY_SETTLED = 1e-3;

    private DyeFit() {}

    /**
     * One colour to be met.
     *
     * @param hair the dyes lie on
     * @param weight share of this canvas among all, &gt; 0
     * @param lightnessWeight how much more a miss in depth counts than a miss in chroma or hue, usually 1
     */
    public record Aim(Dyed hair, Lab wished, double weight, double lightnessWeight) {}

    /**
     * The best amounts found.
     *
     * @param misfit weighted root mean square of the CIEDE2000 that remain
     */
    public record Fit(Dyes dyes, double misfit) {}

    public static Fit solve(List<Aim> aims) {
        Fit best = new Fit(Dyes.NONE, misfit(aims, Dyes.NONE));
        double bestCost = cost(aims, Dyes.NONE);
        for (double[] start : STARTS) {
            Dyes dyes = new Descent(aims, MOST_EVALUATIONS, SETTLED).from(start);
            double cost = cost(aims, dyes);
            if (cost < bestCost) {
                bestCost = cost;
                best = new Fit(dyes, misfit(aims, dyes));
            }
            if (best.misfit < GOOD_ENOUGH) {
                break;
            }
        }
        return best;
    }

    /** Amounts near the best ones, from one start and in few steps: for where many fits are asked for at once. */
    public static Dyes near(List<Aim> aims) {
        return new Descent(aims, FEW_EVALUATIONS, ROUGHLY_SETTLED).from(STARTS[0]);
    }

    /** One descent; remembers the best point it saw, since at the edge (no dye at all) it may run out of steps. */
    private static final class Descent {
        private final List<Aim> aims;
        private final int evaluations;
        private final double settled;
        private Dyes best = Dyes.NONE;
        private double leastCost = Double.MAX_VALUE;

        Descent(List<Aim> aims, int evaluations, double settled) {
            this.aims = aims;
            this.evaluations = evaluations;
            this.settled = settled;
        }

        Dyes from(double[] start) {
            RealVector roots = new ArrayRealVector(start).mapToSelf(Math::sqrt);
            try {
                new LevenbergMarquardtOptimizer()
                        .withCostRelativeTolerance(1e-7)
                        .withParameterRelativeTolerance(1e-7)
                        .optimize(new LeastSquaresBuilder()
                                .start(roots)
                                .target(new double[3 * aims.size() + PRIMARIES])
                                .model(this::at)
                                .maxEvaluations(evaluations)
                                .maxIterations(evaluations)
                                .checker((iteration, before, after) ->
                                        Math.abs(before.getCost() - after.getCost()) < settled * (1 + after.getCost()))
                                .build());
            } catch (MathIllegalStateException outOfSteps) {
                return best;
            }
            return best;
        }

        private Pair<RealVector, RealMatrix> at(RealVector roots) {
            List<Dyes> moved = new ArrayList<>();
            for (int k = 0; k < PRIMARIES; k++) {
                RealVector close = roots.copy();
                close.addToEntry(k, STEP);
                moved.add(squared(close));
            }
            double[][] all = residuals(aims, squared(roots), moved);
            double[] here = remembered(squared(roots), all[0]);
            double[][] jacobian = new double[here.length][PRIMARIES];
            for (int k = 0; k < PRIMARIES; k++) {
                for (int i = 0; i < here.length; i++) {
                    jacobian[i][k] = (all[1 + k][i] - here[i]) / STEP;
                }
            }
            return new Pair<>(new ArrayRealVector(here, false), new Array2DRowRealMatrix(jacobian, false));
        }

        private double[] remembered(Dyes dyes, double[] residuals) {
            double cost = 0;
            for (double residual : residuals) {
                cost += residual * residual;
            }
            if (cost < leastCost) {
                leastCost = cost;
                best = dyes;
            }
            return residuals;
        }
    }

    /** What is left under {@code dyes}, first, and under each of some close by. */
    private static double[][] residuals(List<Aim> aims, Dyes dyes, List<Dyes> close) {
        double[][] residuals = new double[1 + close.size()][3 * aims.size() + PRIMARIES];
        double weights = 0;
        for (int i = 0; i < aims.size(); i++) {
            Aim aim = aims.get(i);
            Lab[] seen = aim.hair.underAndNear(dyes, close);
            double w = Math.sqrt(aim.weight);
            for (int at = 0; at < residuals.length; at++) {
                Ciede2000.Parts parts = Ciede2000.parts(aim.wished, seen[at]);
                residuals[at][3 * i] = w * aim.lightnessWeight * parts.lightness();
                residuals[at][3 * i + 1] = w * parts.chroma();
                residuals[at][3 * i + 2] = w * parts.hue();
            }
            weights += aim.weight;
        }
        double thrift = THRIFT * Math.sqrt(weights);
        for (int at = 0; at < residuals.length; at++) {
            Dyes of = at == 0 ? dyes : close.get(at - 1);
            residuals[at][3 * aims.size()] = thrift * of.yellow();
            residuals[at][3 * aims.size() + 1] = thrift * of.red();
            residuals[at][3 * aims.size() + 2] = thrift * of.violet();
            residuals[at][3 * aims.size() + 3] = thrift * of.blue();
        }
        return residuals;
    }

    private static double cost(List<Aim> aims, Dyes dyes) {
        double sum = 0;
        for (double residual : residuals(aims, dyes, List.of())[0]) {
            sum += residual * residual;
        }
        return sum;
    }

    private static double misfit(List<Aim> aims, Dyes dyes) {
        double sum = 0;
        double weights = 0;
        for (Aim aim : aims) {
            double difference = Ciede2000.between(aim.wished, aim.hair.under(dyes));
            sum += aim.weight * difference * difference;
            weights += aim.weight;
        }
        return Math.sqrt(sum / weights);
    }

    /** Square roots beyond 3 (amounts beyond 9) show no other colour than black; the cap keeps the search finite. */
    private static Dyes squared(RealVector roots) {
        return new Dyes(
                square(roots.getEntry(0)),
                square(roots.getEntry(1)),
                square(roots.getEntry(2)),
                square(roots.getEntry(3)));
    }

    private static double square(double root) {
        double capped = Math.min(3, Math.abs(root));
        return capped * capped;
    }
}
