package mischung.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Collectors;
import mischung.RefusedInput;
import mischung.change.Deposit;
import mischung.hair.Canvas;
import mischung.hair.DyeFit;
import mischung.hair.Dyes;
import mischung.hair.Tint;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.product.Mix;
import mischung.product.Shade;

/**
 * The mix of up to three shades, clear counting as one, in whole parts that comes nearest to the aim.
 *
 * <p>All practical mixes are weighed, in two rounds. The ideal dye amounts are found first (see {@link DyeFit}); round
 * them the squared CIEDE2000 is nearly a quadratic in the mix's three dye amounts, so each mix costs some twenty
 * multiplications. The best {@value #KEPT} by that estimate are then computed in full, and the best of those wins. Equal
 * results go to fewer shades.
 */
final class FormulaSearch {
    static final int KEPT = 160;

    /** A shade more must gain at least this much CIEDE2000. */
    private static final double PRICE_OF_A_SHADE = 0.3;

    private static final int MOST_PARTS = 6;
    private static final int MOST_TOTAL_OF_TWO = 8;
    private static final int MOST_TOTAL_OF_THREE = 7;

    private static final int[][] SINGLE = {{1}};
    private static final int[][] PAIRS = patterns(2, MOST_TOTAL_OF_TWO);
    private static final int[][] TRIPLES = patterns(3, MOST_TOTAL_OF_THREE);

    @SuppressWarnings("ArrayRecordComponent") // never compared nor handed out; hundreds of thousands are made
    private record Candidate(int[] shades, int[] parts, double estimate) {}

    private record Seen(Tint tint, Deposit.Uptake uptake, Lab aim, double weight) {
        Lab under(Dyes dyes) {
            return tint.under(uptake.onColoured(dyes), uptake.onWhite(dyes));
        }
    }

    private final FormulaTask task;
    private final List<Seen> seen;
    private final double weights;
    private final Dyes ideal;
    private final double[] gradient = new double[3];
    private final double[][] curvature = new double[3][3];
    private double atIdeal;

    private final PriorityQueue<Candidate> best =
            new PriorityQueue<>(Comparator.comparingDouble(Candidate::estimate).reversed());
    private int tried;

    private FormulaSearch(FormulaTask task) {
        this.task = task;
        this.seen = merged(task);
        this.weights = seen.stream().mapToDouble(Seen::weight).sum();
        this.ideal = DyeFit.near(seen.stream()
                .map(s -> new DyeFit.Aim(s::under, s.aim, s.weight, task.depthWeight()))
                .toList());
        expand();
    }

    /**
     * @return the best mix that keeps the task's rules; if none does, the best without them, marked so
     * @throws RefusedInput if there is no hair or no shade to choose from
     */
    static Formula best(FormulaTask task) {
        if (task.spots().isEmpty() || task.candidates().isEmpty()) {
            throw new RefusedInput(
                    "shades", task.candidates().size(), "There must be hair to colour and a shade for it.");
        }
        Optional<Formula> found = new FormulaSearch(task).run();
        return found.orElseGet(() ->
                new FormulaSearch(task.withoutShares()).run().orElseThrow().outsideRules());
    }

    private Optional<Formula> run() {
        int n = task.candidates().size();
        for (int i = 0; i < n; i++) {
            weigh(SINGLE, i);
            for (int j = i + 1; j < n; j++) {
                weigh(PAIRS, i, j);
                for (int k = j + 1; k < n; k++) {
                    weigh(TRIPLES, i, j, k);
                }
            }
        }
        record Exact(Mix mix, double misfit, double price) {}
        List<Exact> exact = best.stream()
                .map(candidate -> {
                    Mix mix = mixOf(candidate);
                    double misfit = misfit(mix.dyes(), 1);
                    double weighed = misfit(mix.dyes(), task.depthWeight());
                    return new Exact(
                            mix,
                            misfit,
                            weighed + PRICE_OF_A_SHADE * (mix.parts().size() - 1));
                })
                .sorted(Comparator.comparingDouble(Exact::price).thenComparing(e -> e.mix.words()))
                .toList();
        if (exact.isEmpty()) {
            return Optional.empty();
        }
        Exact first = exact.get(0);
        Set<String> shades = codes(first.mix);
        Optional<Formula.RunnerUp> second = exact.stream()
                .filter(e -> !codes(e.mix).equals(shades))
                .findFirst()
                .map(e -> new Formula.RunnerUp(e.mix, e.misfit));
        return Optional.of(new Formula(first.mix, first.misfit, tried, true, second));
    }

    private static Set<String> codes(Mix mix) {
        return mix.parts().stream().map(p -> p.shade().code()).collect(Collectors.toSet());
    }

    private double misfit(Dyes dyes, double depthWeight) {
        double sum = 0;
        for (Seen s : seen) {
            Ciede2000.Parts parts = Ciede2000.parts(s.aim, s.under(dyes));
            double difference = new Ciede2000.Parts(
                            depthWeight * parts.lightness(), parts.chroma(), parts.hue(), parts.rotation())
                    .total();
            sum += s.weight * difference * difference;
        }
        return Math.sqrt(sum / weights);
    }

    /** Hair that reads the same is computed once, with its masses added. */
    private static List<Seen> merged(FormulaTask task) {
        record Same(Canvas canvas, Lab aim) {}
        Map<Same, Double> masses = new LinkedHashMap<>();
        for (FormulaTask.Spot spot : task.spots()) {
            masses.merge(new Same(spot.canvas(), spot.aim()), spot.weight(), Double::sum);
        }
        List<Seen> merged = new ArrayList<>();
        masses.forEach((same, mass) -> merged.add(
                new Seen(new Tint(same.canvas), Deposit.uptake(same.canvas, task.application(), 1), same.aim, mass)));
        return merged;
    }

    /** Gauss and Newton's quadratic of the squared difference round the ideal amounts. */
    private void expand() {
        double step = 1e-4;
        double[] d = {ideal.yellow(), ideal.red(), ideal.blue()};
        for (Seen s : seen) {
            double[] here = terms(s, d);
            double[][] slope = new double[3][];
            for (int k = 0; k < 3; k++) {
                double[] moved = d.clone();
                moved[k] += step;
                double[] there = terms(s, moved);
                slope[k] = new double[] {
                    (there[0] - here[0]) / step, (there[1] - here[1]) / step, (there[2] - here[2]) / step
                };
            }
            double w = s.weight / weights;
            for (int term = 0; term < 3; term++) {
                atIdeal += w * here[term] * here[term];
                for (int k = 0; k < 3; k++) {
                    gradient[k] += 2 * w * here[term] * slope[k][term];
                    for (int m = 0; m < 3; m++) {
                        curvature[k][m] += w * slope[k][term] * slope[m][term];
                    }
                }
            }
        }
    }

    private double[] terms(Seen s, double[] d) {
        Ciede2000.Parts parts = Ciede2000.parts(s.aim, s.under(new Dyes(d[0], d[1], d[2])));
        return new double[] {task.depthWeight() * parts.lightness(), parts.chroma(), parts.hue()};
    }

    private void weigh(int[][] patterns, int... shades) {
        for (int[] parts : patterns) {
            if (!keepsRules(shades, parts)) {
                continue;
            }
            tried++;
            double estimate = estimate(shades, parts);
            if (best.size() < KEPT) {
                best.add(new Candidate(shades.clone(), parts, estimate));
            } else if (estimate < best.element().estimate) {
                best.remove();
                best.add(new Candidate(shades.clone(), parts, estimate));
            }
        }
    }

    private boolean keepsRules(int[] shades, int[] parts) {
        double levels = 0;
        int coloured = 0;
        int total = 0;
        for (int i = 0; i < shades.length; i++) {
            Shade shade = task.candidates().get(shades[i]);
            total += parts[i];
            if (!shade.isClear()) {
                levels += parts[i] * shade.level();
                coloured += parts[i];
            }
        }
        if (coloured == 0) {
            return false;
        }
        double mean = levels / coloured;
        if (mean < task.darkestMean() - 1e-9 || mean > task.lightestMean() + 1e-9) {
            return false;
        }
        for (FormulaTask.ToneShare share : task.shares()) {
            int counted = 0;
            for (int i = 0; i < shades.length; i++) {
                counted += share.counts(task.candidates().get(shades[i])) ? parts[i] : 0;
            }
            if (counted < share.least() * total - 1e-9 || counted > share.most() * total + 1e-9) {
                return false;
            }
        }
        return true;
    }

    private double estimate(int[] shades, int[] parts) {
        double yellow = 0;
        double red = 0;
        double blue = 0;
        int total = 0;
        for (int i = 0; i < shades.length; i++) {
            Dyes dyes = task.candidates().get(shades[i]).dyes();
            yellow += parts[i] * dyes.yellow();
            red += parts[i] * dyes.red();
            blue += parts[i] * dyes.blue();
            total += parts[i];
        }
        double y = yellow / total - ideal.yellow();
        double r = red / total - ideal.red();
        double b = blue / total - ideal.blue();
        double squared = atIdeal
                + gradient[0] * y
                + gradient[1] * r
                + gradient[2] * b
                + curvature[0][0] * y * y
                + curvature[1][1] * r * r
                + curvature[2][2] * b * b
                + 2 * (curvature[0][1] * y * r + curvature[0][2] * y * b + curvature[1][2] * r * b);
        return Math.sqrt(Math.max(0, squared)) + PRICE_OF_A_SHADE * (shades.length - 1);
    }

    /** The most parts first: a bowl is named for its main shade. */
    private Mix mixOf(Candidate candidate) {
        List<Mix.Part> parts = new ArrayList<>();
        for (int i = 0; i < candidate.shades.length; i++) {
            parts.add(new Mix.Part(task.candidates().get(candidate.shades[i]), candidate.parts[i]));
        }
        parts.sort(Comparator.comparing((Mix.Part p) -> p.shade().isClear())
                .thenComparing(Comparator.comparingInt(Mix.Part::parts).reversed())
                .thenComparing(p -> p.shade().code()));
        return new Mix(parts);
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
