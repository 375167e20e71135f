package mischung.formula;

import java.util.List;
import mischung.hair.DyeFit;
import mischung.hair.Dyes;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * How near dye amounts come to what is wished, estimated: Gauss and Newton's quadratic of the squared CIEDE2000 round some
 * amounts. With its curvature as L·Lᵀ, amounts x have their place at Lᵀ(x − x₀) from its lowest point x₀, and the estimate
 * is {@link #floor} plus the distance from there squared; a mix's place is the mean of its shades' places.
 */
final class Nearness {
    private static final double STEP = 1e-4;
    private static final int PRIMARIES = 4;

    /** Where a primary no longer shows, the quadratic is flat; a little thrift keeps it bowl-shaped. */
    private static final double THRIFT = 1;

    private final double floor;
    private final RealMatrix turned;
    private final double[] lowest;

    private Nearness(double floor, RealMatrix turned, double[] lowest) {
        this.floor = floor;
        this.turned = turned;
        this.lowest = lowest;
    }

    /** @param aims whose weights make 1 */
    static Nearness round(Dyes middle, List<DyeFit.Aim> aims) {
        double[] d = amounts(middle);
        double there = 0;
        double[] gradient = new double[PRIMARIES];
        double[][] curvature = new double[PRIMARIES][PRIMARIES];
        List<Dyes> close = List.of(
                middle.plus(new Dyes(STEP, 0, 0, 0)),
                middle.plus(new Dyes(0, STEP, 0, 0)),
                middle.plus(new Dyes(0, 0, STEP, 0)),
                middle.plus(new Dyes(0, 0, 0, STEP)));
        for (DyeFit.Aim aim : aims) {
            Lab[] seen = aim.hair().underAndNear(middle, close);
            double[] here = terms(aim, seen[0]);
            double[][] slope = new double[PRIMARIES][];
            for (int k = 0; k < PRIMARIES; k++) {
                double[] after = terms(aim, seen[1 + k]);
                slope[k] = new double[] {
                    (after[0] - here[0]) / STEP, (after[1] - here[1]) / STEP, (after[2] - here[2]) / STEP
                };
            }
            for (int term = 0; term < 3; term++) {
                there += aim.weight() * here[term] * here[term];
                for (int k = 0; k < PRIMARIES; k++) {
                    gradient[k] += 2 * aim.weight() * here[term] * slope[k][term];
                    for (int m = 0; m < PRIMARIES; m++) {
                        curvature[k][m] += aim.weight() * slope[k][term] * slope[m][term];
                    }
                }
            }
        }
        RealMatrix c = MatrixUtils.createRealMatrix(curvature);
        c = c.add(MatrixUtils.createRealIdentityMatrix(PRIMARIES).scalarMultiply(THRIFT + 1e-9 * c.getTrace()));
        RealVector down = new LUDecomposition(c)
                .getSolver()
                .solve(new ArrayRealVector(gradient))
                .mapMultiply(-0.5);
        return new Nearness(
                there - c.operate(down).dotProduct(down),
                new CholeskyDecomposition(c, 1e-9, 0).getLT(),
                new ArrayRealVector(d).add(down).toArray());
    }

    private static double[] terms(DyeFit.Aim aim, Lab seen) {
        Ciede2000.Parts parts = Ciede2000.parts(aim.wished(), seen);
        return new double[] {aim.lightnessWeight() * parts.lightness(), parts.chroma(), parts.hue()};
    }

    private static double[] amounts(Dyes dyes) {
        return new double[] {dyes.yellow(), dyes.red(), dyes.violet(), dyes.blue()};
    }

    /** Estimated squared difference at the lowest point. */
    double floor() {
        return floor;
    }

    double[] place(Dyes dyes) {
        double[] from = amounts(dyes);
        for (int k = 0; k < PRIMARIES; k++) {
            from[k] -= lowest[k];
        }
        return turned.operate(from);
    }
}
