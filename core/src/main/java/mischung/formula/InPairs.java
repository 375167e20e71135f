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
     * @param odd what each costs in oddness, if it were the whole bowl
     * @param floor squared misfit at the aim
     * @return so many at most, in their own order
     */
    static List<Shade> nearest(List<Shade> shades, double[][] points, double[] odd, double floor, int most) {
        double[] least = new double[shades.size()];
        for (int i = 0; i < least.length; i++) {
            least[i] = Math.sqrt(floor + squared(points[i], points[i], 1, 0)) + odd[i];
        }
        for (int i = 0; i < least.length; i++) {
            for (int j = i + 1; j < least.length; j++) {
                double both = together(points[i], points[j], odd[i], odd[j], floor);
                least[i] = Math.min(least[i], both);
                least[j] = Math.min(least[j], both);
            }
        }
        return cheapest(shades, least, most);
    }

    /** Those that cost least by themselves, in their own order. */
    static List<Shade> nearestAlone(List<Shade> shades, double[][] points, double[] odd, double floor, int most) {
        return cheapest(
                shades,
                IntStream.range(0, points.length)
                        .mapToDouble(i -> Math.sqrt(floor + squared(points[i], points[i], 1, 0)) + odd[i])
                        .toArray(),
                most);
    }

    private static List<Shade> cheapest(List<Shade> shades, double[] cost, int most) {
        return IntStream.range(0, cost.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> cost[i]))
                .limit(most)
                .sorted()
                .map(shades::get)
                .toList();
    }

    /** In the practical parts that suit best. */
    private static double together(double[] a, double[] b, double oddA, double oddB, double floor) {
        double[] shares = WholeParts.sharesOf(2);
        double least = Double.MAX_VALUE;
        for (int at = 0; at < shares.length; at += WholeParts.MOST_COMPONENTS) {
            double price = shares[at] * oddA + shares[at + 1] * oddB;
            double room = least - price;
            double squared = floor + squared(a, b, shares[at], shares[at + 1]);
            if (room > 0 && squared < room * room) {
                least = Math.sqrt(squared) + price;
            }
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
