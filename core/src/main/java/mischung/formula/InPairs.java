package mischung.formula;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import mischung.product.Shade;

/** Of a large shelf the shades that come nearest to the aim, each alone or with the one other that suits it best. */
final class InPairs {
    private InPairs() {}

    /**
     * @param points every shade's place; the aim is at 0, see {@link Nearness}
     * @return so many at most, in their own order
     */
    static List<Shade> nearest(List<Shade> shades, double[][] points, int most) {
        double[] nearest = new double[shades.size()];
        for (int i = 0; i < nearest.length; i++) {
            nearest[i] = squared(points[i], points[i], 1, 0);
        }
        for (int i = 0; i < nearest.length; i++) {
            for (int j = i + 1; j < nearest.length; j++) {
                double least = together(points[i], points[j]);
                nearest[i] = Math.min(nearest[i], least);
                nearest[j] = Math.min(nearest[j], least);
            }
        }
        return IntStream.range(0, nearest.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> nearest[i]))
                .limit(most)
                .sorted()
                .map(shades::get)
                .toList();
    }

    /** In the practical parts that suit best. */
    private static double together(double[] a, double[] b) {
        double[] shares = WholeParts.sharesOf(2);
        double least = Double.MAX_VALUE;
        for (int at = 0; at < shares.length; at += WholeParts.MOST_COMPONENTS) {
            least = Math.min(least, squared(a, b, shares[at], shares[at + 1]));
        }
        return least;
    }

    private static double squared(double[] a, double[] b, double ofA, double ofB) {
        double sum = 0;
        for (int k = 0; k < a.length; k++) {
            double x = ofA * a[k] + ofB * b[k];
            sum += x * x;
        }
        return sum;
    }
}
