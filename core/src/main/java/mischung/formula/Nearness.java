package mischung.formula;

import java.util.List;
import mischung.hair.DyeFit;
import mischung.hair.Dyes;
import mischung.light.Ciede2000;
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
        double[] d = {middle.yellow(), middle.red(), middle.blue()};
        double there = 0;
        double[] gradient = new double[3];
        double[][] curvature = new double[3][3];
        for (DyeFit.Aim aim : aims) {
            double[] here = terms(aim, d);
            double[][] slope = new double[3][];
            for (int k = 0; k < 3; k++) {
                double[] moved = d.clone();
                moved[k] += STEP;
                double[] after = terms(aim, moved);
                slope[k] = new double[] {
                    (after[0] - here[0]) / STEP, (after[1] - here[1]) / STEP, (after[2] - here[2]) / STEP
                };
            }
            for (int term = 0; term < 3; term++) {
                there += aim.weight() * here[term] * here[term];
                for (int k = 0; k < 3; k++) {
                    gradient[k] += 2 * aim.weight() * here[term] * slope[k][term];
                    for (int m = 0; m < 3; m++) {
                        curvature[k][m] += aim.weight() * slope[k][term] * slope[m][term];
                    }
                }
            }
        }
        RealMatrix c = MatrixUtils.createRealMatrix(curvature);
        c = c.add(MatrixUtils.createRealIdentityMatrix(3).scalarMultiply(THRIFT + 1e-9 * c.getTrace()));
        RealVector down = new LUDecomposition(c)
                .getSolver()
                .solve(new ArrayRealVector(gradient))
                .mapMultiply(-0.5);
        return new Nearness(
                there - c.operate(down).dotProduct(down),
                new CholeskyDecomposition(c, 1e-9, 0).getLT(),
                new double[] {d[0] + down.getEntry(0), d[1] + down.getEntry(1), d[2] + down.getEntry(2)});
    }

    private static double[] terms(DyeFit.Aim aim, double[] d) {
        Ciede2000.Parts parts = Ciede2000.parts(aim.wished(), aim.seen().apply(new Dyes(d[0], d[1], d[2])));
        return new double[] {aim.lightnessWeight() * parts.lightness(), parts.chroma(), parts.hue()};
    }

    /** Estimated squared difference at the lowest point. */
    double floor() {
        return floor;
    }

    double[] place(Dyes dyes) {
        return turned.operate(
                new double[] {dyes.yellow() - lowest[0], dyes.red() - lowest[1], dyes.blue() - lowest[2]});
    }
}
