package mischung.formula;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mischung.hair.Canvas;
import mischung.hair.DyeFit;
import mischung.hair.Dyed;
import mischung.hair.Dyes;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.process.Deposit;
import mischung.product.Mix;
import mischung.product.Shade;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * The mix of up to three shades and clear, in whole parts, that comes nearest to the aim.
 *
 * <p>All practical mixes are weighed, in two rounds. The ideal dye amounts are found first (see {@link DyeFit}); round them
 * the squared CIEDE2000 is nearly a quadratic in the mix's four dye amounts. In coordinates in which that quadratic is a
 * plain distance (Cholesky), a mix is the mean of its shades' points and costs a dozen multiplications. The {@value #KEPT}
 * nearest are then computed in full, as far as they may still win, and the best of those does. What is made least is the
 * difference and {@link Oddness} together.
 */
public final class FormulaSearch {
    static final int KEPT = 240;

    /** With many different spots each costs as much as one alone, and fewer are computed in full. */
    private static final int FEWEST_KEPT = 60;

    /** With a misfit beyond this the search is made again, nearer to what can be mixed. */
    private static final double FAR_OFF = 1.5;

    private static final int MOST_AGAIN = 3;

    /** In CIEDE2000: by so much more than before an estimate may be wrong without anything being missed. */
    private static final double ROOM = 0.3;

    /** In CIEDE2000; what gains less is not looked for again. */
    private static final double BETTER_BY = 0.05;

    /** Nothing is mixed that lies further from the levels allowed: the mean alone does not tell how two depths behave. */
    private static final double FAR_LEVELS = 0.5;

    private static final int MOST_SHADES = 3;

    /** Of a larger shelf those that come nearest alone or with one other: mixes of three grow with its third power. */
    private static final int MOST_WEIGHED = 48;

    /** Of a very large one only those that come nearest alone are looked at in pairs: pairs grow with its square. */
    private static final int MOST_PAIRED = 150;

    private static final int FEW = 6;

    @SuppressWarnings("ArrayRecordComponent") // never compared nor handed out; hundreds of thousands are made
    private record Candidate(int[] shades, int[] parts, double estimate) {}

    private record Seen(Dyed hair, Lab aim, double weight) {}

    private final FormulaTask task;
    private List<Shade> shades = List.of();
    private int coloured;
    private final List<Seen> seen;
    private final double weights;
    private final Dyes ideal;

    private @Nullable Nearness around;

    /** Each shade's place. */
    private double[][] points = {};

    /** How much of each shade falls under each rule on tones, 0–1. */
    private double[][] counted = {};

    private double[] levels = {};

    /** What each shade costs in oddness, if it were the whole bowl. */
    private double[] odd = {};

    /** What each costs if there is most of it, and whether any costs anything. */
    private double[] asMain = {};

    private boolean anyMain;

    private final double[] mainPrice = new double[1 << WholeParts.MOST_COMPONENTS];

    /** What clear costs by its share, for each number of shades and each way of parting them with clear as the last. */
    private double[][] thin = {};

    private final double[] noThinning = new double[WholeParts.MOST_PATTERNS];

    private final PriorityQueue<Candidate> best =
            new PriorityQueue<>(Comparator.comparingDouble(Candidate::estimate).reversed());
    private double worstKept = Double.POSITIVE_INFINITY;
    private final int kept;
    private int tried;

    private FormulaSearch(FormulaTask task) {
        this.task = task;
        this.seen = merged(task);
        this.kept = Math.max(FEWEST_KEPT, 2 * KEPT / (1 + seen.size()));
        this.weights = seen.stream().mapToDouble(Seen::weight).sum();
        this.ideal = DyeFit.near(seen.stream()
                .map(s -> new DyeFit.Aim(s.hair, s.aim, s.weight, task.depthWeight()))
                .toList());
    }

    /** The shades that are weighed, and where each stands. */
    private void shelf() {
        List<Shade> plain = task.candidates().stream()
                .filter(s -> !s.isClear())
                .filter(s -> task.shares().stream().noneMatch(share -> share.most() <= 0 && share.counts(s)))
                .filter(s -> s.level() >= task.darkestMean() - FAR_LEVELS - 1e-9
                        && s.level() <= task.lightestMean() + FAR_LEVELS + 1e-9)
                .toList();
        shades = new ArrayList<>(plain);
        lookRound(ideal);
        if (shades.size() > MOST_PAIRED) {
            shades = withAsked(InPairs.nearestAlone(shades, points, odd(shades), Math.max(0, floor()), MOST_PAIRED));
            lookRound(ideal);
        }
        if (shades.size() > MOST_WEIGHED) {
            shades = withAsked(InPairs.nearest(shades, points, odd(shades), Math.max(0, floor()), MOST_WEIGHED));
        }
        this.coloured = shades.size();
        task.candidates().stream().filter(Shade::isClear).findFirst().ifPresent(shades::add);
        lookRound(ideal);
        this.levels = shades.stream().mapToDouble(Shade::level).toArray();
        this.odd = odd(shades);
        this.asMain = shades.stream().mapToDouble(task.oddness()::main).toArray();
        this.anyMain = Arrays.stream(asMain).anyMatch(price -> price > 0);
        this.thin = IntStream.rangeClosed(0, WholeParts.MOST_COMPONENTS)
                .mapToObj(count -> IntStream.range(0, WholeParts.of(count).length)
                        .mapToDouble(i -> task.oddness().thin(WholeParts.sharesOf(count)[4 * i + count - 1]))
                        .toArray())
                .toArray(double[][]::new);
        this.counted = new double[task.shares().size()][shades.size()];
        for (int share = 0; share < counted.length; share++) {
            for (int shade = 0; shade < shades.size(); shade++) {
                counted[share][shade] = task.shares().get(share).of(shades.get(shade));
            }
        }
    }

    private double[] odd(List<Shade> some) {
        return some.stream().mapToDouble(task.oddness()::of).toArray();
    }

    /** And of every tone that has to be in it the nearest few, however far they lie by themselves. */
    private List<Shade> withAsked(List<Shade> nearest) {
        Set<Shade> all = new LinkedHashSet<>(nearest);
        for (FormulaTask.ToneShare share : task.shares()) {
            if (share.least() > 0) {
                int[] counting = IntStream.range(0, shades.size())
                        .filter(i -> share.counts(shades.get(i)))
                        .toArray();
                List<Shade> asked =
                        Arrays.stream(counting).mapToObj(shades::get).toList();
                all.addAll(InPairs.nearestAlone(
                        asked,
                        Arrays.stream(counting).mapToObj(i -> points[i]).toArray(double[][]::new),
                        odd(asked),
                        Math.max(0, floor()),
                        FEW));
            }
        }
        return new ArrayList<>(all);
    }

    /**
     * @return the best mix that keeps the task's rules; if none does, the best without them, marked so
     * @throws RefusedInput if there is no hair or no shade to choose from
     */
    public static Formula best(FormulaTask task) {
        if (task.spots().isEmpty() || task.candidates().stream().allMatch(Shade::isClear)) {
            throw new RefusedInput("shades", task.candidates().size(), RefusalMessage.HAIR_AND_SHADE);
        }
        Optional<Formula> found = new FormulaSearch(task).run();
        return found.orElseGet(() ->
                new FormulaSearch(task.withoutShares()).run().orElseThrow().outsideRules());
    }

    /** What a mix fixed by hand comes to on the same hair. */
    public static Formula of(FormulaTask task, Mix mix) {
        FormulaSearch search = new FormulaSearch(task);
        return new Formula(
                mix, search.misfit(mix.dyes(), 1), task.oddness().of(mix), 1, search.keepsRules(mix), Optional.empty());
    }

    /** Root mean square CIEDE2000 that the ideal dye amounts would leave: what no shelf can better by much. */
    public static double leastMisfit(FormulaTask task) {
        FormulaSearch search = new FormulaSearch(task);
        return search.misfit(search.ideal, 1);
    }

    /** A mix computed in full; what counts is the weighed difference and the oddness together. */
    private record Exact(Mix mix, double misfit, double weighed, double oddness) {
        double cost() {
            return weighed + oddness;
        }
    }

    private Optional<Formula> run() {
        shelf();
        List<Exact> all = new ArrayList<>(round());
        Optional<Exact> cheapest = all.stream().min(Comparator.comparingDouble(Exact::cost));
        for (int again = 0; again < MOST_AGAIN; again++) {
            if (!task.shares().isEmpty()
                    || cheapest.filter(e -> e.weighed > FAR_OFF).isEmpty()) {
                break;
            }
            // Far from the ideal the quadratic says little: once more round the best that can be mixed.
            double before = cheapest.orElseThrow().cost();
            lookRound(cheapest.orElseThrow().mix.dyes());
            best.clear();
            worstKept = Double.POSITIVE_INFINITY;
            all.addAll(round());
            cheapest = all.stream().min(Comparator.comparingDouble(Exact::cost));
            if (before - cheapest.orElseThrow().cost() < BETTER_BY) {
                break;
            }
        }
        List<Exact> exact = all.stream()
                .sorted(Comparator.comparingDouble(Exact::cost).thenComparing(e -> e.mix.words()))
                .toList();
        if (exact.isEmpty()) {
            return Optional.empty();
        }
        Exact first = exact.get(0);
        Set<String> shadesOfFirst = codes(first.mix);
        Optional<Formula.RunnerUp> second = exact.stream()
                .filter(e -> !codes(e.mix).equals(shadesOfFirst))
                .findFirst()
                .map(e -> new Formula.RunnerUp(e.mix, e.misfit, e.oddness));
        return Optional.of(new Formula(first.mix, first.misfit, first.oddness, tried, true, second));
    }

    private void lookRound(Dyes middle) {
        Nearness nearness = Nearness.round(
                middle,
                seen.stream()
                        .map(s -> new DyeFit.Aim(s.hair, s.aim, s.weight / weights, task.depthWeight()))
                        .toList());
        around = nearness;
        points = shades.stream().map(s -> nearness.place(s.dyes())).toArray(double[][]::new);
    }

    /** Every mix by the estimate, the simple ones first since they tell what is worth beating; and the nearest in full. */
    private List<Exact> round() {
        int[] chosen = new int[MOST_SHADES + 1];
        boolean clear = shades.size() > coloured;
        for (int i = 0; i < coloured; i++) {
            chosen[0] = i;
            weigh(chosen, 1, clear);
            for (int j = i + 1; j < coloured; j++) {
                chosen[1] = j;
                weigh(chosen, 2, clear);
            }
        }
        for (int i = 0; i < coloured; i++) {
            chosen[0] = i;
            for (int j = i + 1; j < coloured; j++) {
                chosen[1] = j;
                for (int k = j + 1; k < coloured; k++) {
                    chosen[2] = k;
                    weigh(chosen, 3, clear);
                }
            }
        }
        return inFull();
    }

    /**
     * What was kept, the most promising first, until the rest would have to beat its estimate by clearly more than any before it
     * did.
     */
    private List<Exact> inFull() {
        List<Candidate> promising = best.stream()
                .sorted(Comparator.comparingDouble(Candidate::estimate))
                .toList();
        List<Exact> all = new ArrayList<>();
        double least = Double.POSITIVE_INFINITY;
        double beaten = 0;
        for (Candidate candidate : promising) {
            if (all.size() >= FEWEST_KEPT && candidate.estimate - beaten - ROOM > least) {
                break;
            }
            Exact exact = exact(mixOf(candidate));
            all.add(exact);
            least = Math.min(least, exact.cost());
            beaten = Math.max(beaten, candidate.estimate - exact.cost());
        }
        return all;
    }

    private void weigh(int[] chosen, int count, boolean clear) {
        if (neverKeepsRules(chosen, count, clear)) {
            return;
        }
        if (hopeful(chosen, count)) {
            weigh(chosen, count);
        }
        if (clear) {
            chosen[count] = coloured;
            if (hopeful(chosen, count + 1)) {
                weigh(chosen, count + 1);
            }
        }
    }

    /** Whether no parts of these keep the rules: a tone that is asked for is not among them, or nothing else is. */
    private boolean neverKeepsRules(int[] chosen, int count, boolean clear) {
        for (int share = 0; share < counted.length; share++) {
            FormulaTask.ToneShare asked = task.shares().get(share);
            boolean some = false;
            boolean others = clear && counted[share][coloured] < 1;
            for (int i = 0; i < count; i++) {
                some |= counted[share][chosen[i]] > 0;
                others |= counted[share][chosen[i]] < 1;
            }
            if ((asked.least() > 0 && !some) || (asked.most() < 1 && !others)) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether any mix of these may be worth keeping. No mean of points comes nearer to the lowest point, along any direction,
     * than the nearest of them along it; the direction of their middle tells most.
     */
    private boolean hopeful(int[] chosen, int count) {
        double x = 0;
        double y = 0;
        double z = 0;
        double v = 0;
        for (int i = 0; i < count; i++) {
            double[] at = points[chosen[i]];
            x += at[0];
            y += at[1];
            z += at[2];
            v += at[3];
        }
        double length = Math.sqrt(x * x + y * y + z * z + v * v);
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i < count; i++) {
            double[] at = points[chosen[i]];
            nearest = Math.min(nearest, x * at[0] + y * at[1] + z * at[2] + v * at[3]);
        }
        double along = length > 0 ? Math.max(0, nearest / length) : 0;
        double cheapest = Double.MAX_VALUE;
        double all = 0;
        for (int i = 0; i < count; i++) {
            cheapest = Math.min(cheapest, odd[chosen[i]]);
            all += odd[chosen[i]];
        }
        // Of each there is one part at least.
        double price = cheapest + (all - count * cheapest) / WholeParts.MOST_TOTAL;
        return along * along <= beyond(price + task.oddness().perShade() * (count - 1));
    }

    private static Set<String> codes(Mix mix) {
        return mix.parts().stream().map(p -> p.shade().code()).collect(Collectors.toSet());
    }

    private Exact exact(Mix mix) {
        double plain = 0;
        double weighed = 0;
        for (Seen s : seen) {
            Ciede2000.Parts parts = Ciede2000.parts(s.aim, s.hair.under(mix.dyes()));
            double difference = parts.total();
            double deeper = task.depthWeight() == 1 ? difference : depthFirst(parts, task.depthWeight());
            plain += s.weight * difference * difference;
            weighed += s.weight * deeper * deeper;
        }
        return new Exact(
                mix,
                Math.sqrt(plain / weights),
                Math.sqrt(weighed / weights),
                task.oddness().of(mix));
    }

    private static double depthFirst(Ciede2000.Parts parts, double weight) {
        return new Ciede2000.Parts(weight * parts.lightness(), parts.chroma(), parts.hue(), parts.rotation()).total();
    }

    private double misfit(Dyes dyes, double depthWeight) {
        double sum = 0;
        for (Seen s : seen) {
            Ciede2000.Parts parts = Ciede2000.parts(s.aim, s.hair.under(dyes));
            double difference = depthFirst(parts, depthWeight);
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
        masses.forEach((same, mass) -> merged.add(new Seen(
                Deposit.uptake(same.canvas, task.application(), task.head().uptake())
                        .dyed(same.canvas),
                same.aim,
                mass)));
        return merged;
    }

    private void weigh(int[] chosen, int count) {
        double more = task.oddness().perShade() * (count - 1);
        boolean thinned = chosen[count - 1] == coloured;
        double[] a = points[chosen[0]];
        double[] b = points[chosen[Math.min(1, count - 1)]];
        double[] c = points[chosen[Math.min(2, count - 1)]];
        double[] d = points[chosen[count - 1]];
        int[][] patterns = WholeParts.of(count);
        double[] part = WholeParts.sharesOf(count);
        tried += patterns.length;
        double oddA = odd[chosen[0]];
        double oddB = odd[chosen[Math.min(1, count - 1)]];
        double oddC = odd[chosen[Math.min(2, count - 1)]];
        double oddD = odd[chosen[count - 1]];
        double[] thinning = thinned ? thin[count] : noThinning;
        int[] mains = thinned ? WholeParts.mostWithoutLast(count) : WholeParts.most(count);
        if (anyMain) {
            priceMains(chosen, count);
        }
        double floor = floor();
        // The hottest lines of the program: millions of mixes a decision. What is too odd already is not placed.
        for (int i = 0; i < patterns.length; i++) {
            double p = part[4 * i];
            double q = part[4 * i + 1];
            double r = part[4 * i + 2];
            double t = part[4 * i + 3];
            double price = more + p * oddA + q * oddB + r * oddC + t * oddD + thinning[i];
            if (price > worstKept) {
                continue;
            }
            if (anyMain) {
                price += mainPrice[mains[i]];
            }
            double x = p * a[0] + q * b[0] + r * c[0] + t * d[0];
            double y = p * a[1] + q * b[1] + r * c[1] + t * d[1];
            double z = p * a[2] + q * b[2] + r * c[2] + t * d[2];
            double v = p * a[3] + q * b[3] + r * c[3] + t * d[3];
            double squared = x * x + y * y + z * z + v * v;
            if (squared <= beyond(price) && keepsRules(chosen, patterns[i], count)) {
                keep(new Candidate(
                        Arrays.copyOf(chosen, count), patterns[i], Math.sqrt(Math.max(0, floor + squared)) + price));
            }
        }
    }

    /** What it costs whichever of the chosen there is most of, a bit for each that is; the one that costs least counts. */
    private void priceMains(int[] chosen, int count) {
        for (int mains = 1; mains < 1 << count; mains++) {
            int first = Integer.numberOfTrailingZeros(mains);
            int others = mains & (mains - 1);
            double own = asMain[chosen[first]];
            mainPrice[mains] = others == 0 ? own : Math.min(own, mainPrice[others]);
        }
    }

    /** Squared misfit at the lowest point. */
    private double floor() {
        return Objects.requireNonNull(around, "the shelf").floor();
    }

    /** Squared distance from the lowest point past which a mix of this price is not kept; below 0: none is. */
    private double beyond(double price) {
        double room = worstKept - price;
        return room < 0 ? -1 : room == Double.POSITIVE_INFINITY ? room : room * room - floor();
    }

    private void keep(Candidate candidate) {
        best.add(candidate);
        if (best.size() > kept) {
            best.remove();
        }
        if (best.size() == kept) {
            worstKept = best.element().estimate;
        }
    }

    private boolean keepsRules(int[] chosen, int[] parts, int count) {
        double sum = 0;
        int leveled = 0;
        int total = 0;
        for (int i = 0; i < count; i++) {
            total += parts[i];
            if (chosen[i] < coloured) {
                sum += parts[i] * levels[chosen[i]];
                leveled += parts[i];
            }
        }
        double mean = sum / leveled;
        if (mean < task.darkestMean() - 1e-9 || mean > task.lightestMean() + 1e-9) {
            return false;
        }
        for (int share = 0; share < counted.length; share++) {
            double of = 0;
            for (int i = 0; i < count; i++) {
                of += counted[share][chosen[i]] * parts[i];
            }
            FormulaTask.ToneShare asked = task.shares().get(share);
            if (of < asked.least() * total - 1e-9 || of > asked.most() * total + 1e-9) {
                return false;
            }
        }
        return true;
    }

    private boolean keepsRules(Mix mix) {
        double mean = mix.level();
        return mean >= task.darkestMean() - 1e-9
                && mean <= task.lightestMean() + 1e-9
                && task.shares().stream().allMatch(share -> {
                    double of = mix.parts().stream()
                            .mapToDouble(p -> p.parts() * share.of(p.shade()))
                            .sum();
                    return of >= share.least() * mix.totalParts() - 1e-9
                            && of <= share.most() * mix.totalParts() + 1e-9;
                });
    }

    /** The most parts first: a bowl is named for its main shade. */
    private Mix mixOf(Candidate candidate) {
        List<Mix.Part> parts = new ArrayList<>();
        for (int i = 0; i < candidate.shades.length; i++) {
            parts.add(new Mix.Part(shades.get(candidate.shades[i]), candidate.parts[i]));
        }
        parts.sort(Comparator.comparing((Mix.Part p) -> p.shade().isClear())
                .thenComparing(Comparator.comparingInt(Mix.Part::parts).reversed())
                .thenComparingDouble(p -> task.oddness().main(p.shade()))
                .thenComparing(p -> p.shade().code()));
        return new Mix(parts);
    }
}
