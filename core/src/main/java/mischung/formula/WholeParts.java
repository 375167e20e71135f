package mischung.formula;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** The whole parts that are practical to weigh: at most six of one shade, seven in all of three shades, eight otherwise. */
final class WholeParts {
    private static final int MOST_PARTS = 6;
    static final int MOST_TOTAL = 8;
    private static final int MOST_TOTAL_OF_THREE = 7;
    static final int MOST_COMPONENTS = 4;

    private static final int[][][] PARTS = {
        {}, {{1}}, patterns(2, MOST_TOTAL), patterns(3, MOST_TOTAL_OF_THREE), patterns(MOST_COMPONENTS, MOST_TOTAL)
    };

    private static final double[][] SHARES = Arrays.stream(PARTS)
            .map(patterns -> Arrays.stream(patterns)
                    .flatMapToDouble(parts -> {
                        double total = Arrays.stream(parts).sum();
                        return IntStream.range(0, MOST_COMPONENTS)
                                .mapToDouble(i -> i < parts.length ? parts[i] / total : 0);
                    })
                    .toArray())
            .toArray(double[][]::new);

    static final int MOST_PATTERNS =
            Arrays.stream(PARTS).mapToInt(patterns -> patterns.length).max().orElseThrow();

    private static final int[][] MOST = mains(0);
    private static final int[][] MOST_WITHOUT_LAST = mains(1);

    private WholeParts() {}

    /** For each pattern which components there is most of, a bit for each. Not to be written to. */
    static int[] most(int components) {
        return MOST[components];
    }

    /** The same where the last component is clear, which no bowl is named for. */
    static int[] mostWithoutLast(int components) {
        return MOST_WITHOUT_LAST[components];
    }

    private static int[][] mains(int leftOut) {
        return Arrays.stream(PARTS)
                .map(patterns -> Arrays.stream(patterns)
                        .mapToInt(parts -> {
                            int counted = Math.max(1, parts.length - leftOut);
                            int most = Arrays.stream(parts, 0, counted).max().orElse(0);
                            return IntStream.range(0, counted)
                                    .filter(i -> parts[i] == most)
                                    .map(i -> 1 << i)
                                    .sum();
                        })
                        .toArray())
                .toArray(int[][]::new);
    }

    /** Without a common divisor, for 1–4 components; not to be written to. */
    static int[][] of(int components) {
        return PARTS[components];
    }

    /** The same as shares of the whole, four to a pattern; components there are not have none. Not to be written to. */
    static double[] sharesOf(int components) {
        return SHARES[components];
    }

    private static int[][] patterns(int shades, int mostTotal) {
        List<int[]> found = new ArrayList<>();
        int[] parts = new int[shades];
        collect(parts, 0, mostTotal, found);
        return found.toArray(int[][]::new);
    }

    private static void collect(int[] parts, int at, int left, List<int[]> found) {
        if (at == parts.length) {
            int divisor = 0;
            for (int part : parts) {
                divisor = gcd(part, divisor);
            }
            if (divisor == 1) {
                found.add(parts.clone());
            }
            return;
        }
        for (int p = 1; p <= Math.min(MOST_PARTS, left - (parts.length - at - 1)); p++) {
            parts[at] = p;
            collect(parts, at + 1, left - p, found);
        }
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
