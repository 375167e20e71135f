package mischung.plan;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import mischung.formula.Formula;
import mischung.formula.FormulaSearch;
import mischung.formula.FormulaTask;
import mischung.formula.Oddness;
import mischung.hair.Band;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.product.Developer;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Draw;
import mischung.uncertainty.Draws;
import mischung.uncertainty.Start;
import mischung.wish.Aim;
import mischung.wish.Wish;
import mischung.wish.WorkedHead;

/**
 * What all plans for one head and one wish have in common: the hair, what may be mixed from, and what was found before, so
 * that nothing is computed twice. Not for several threads at once.
 */
public final class PlanningContext {
    /** Few, since a plan asks for them band by band and step by step; a Latin hypercube spreads them evenly. */
    private static final int DRAWS = 32;

    /** Not worth a blend. */
    private static final double NEAR_VOLUMES = 1.5;

    private static final double HALF_A_LEVEL = 0.5;

    private static final long SEED = 20_240_229;

    private final WorkedHead head;
    private final Wish wish;
    private final ProductRange range;
    private final Calibration calibration;
    private final double washesPerWeek;
    private final double useFactor;
    private final List<Draw> draws;
    /** A band as read on its strand, wherever it lies. */
    private record Read(Band band, OptionalDouble grown) {}

    private final Map<Read, HairState> hairs = new HashMap<>();
    private final Map<BandRef, HairState> starts = new HashMap<>();
    private final Map<FormulaTask, Formula> formulas = new ConcurrentHashMap<>();
    private final Map<Aim, FillerNeed> needs = new ConcurrentHashMap<>();
    private final Map<FormulaTask, Double> misfits = new ConcurrentHashMap<>();

    /** @param washesPerWeek at home, 0–14 */
    public PlanningContext(Head head, Wish wish, ProductRange range, Calibration calibration, double washesPerWeek) {
        this(head, wish, range, calibration, washesPerWeek, 1);
    }

    /** @param useFactor how much of the reckoned need past bowls of this client and house really took, 0.2–5 */
    public PlanningContext(
            Head head, Wish wish, ProductRange range, Calibration calibration, double washesPerWeek, double useFactor) {
        this.useFactor = RefusedInput.within("useFactor", useFactor, 0.2, 5, Unit.NONE);
        this.head = WorkedHead.of(head, wish);
        this.wish = wish;
        this.range = range;
        this.calibration = calibration;
        this.washesPerWeek = washesPerWeek;
        this.draws = Draws.of(calibration, DRAWS, SEED);
        for (BandRef at : this.head.bands()) {
            Band band = this.head.band(at);
            // Hair that reads the same is the same, wherever it is: it is simulated once.
            Read same = new Read(
                    band.between(0, Band.SHORTEST_CM),
                    head.zones().get(at.zone()).strand().grown());
            starts.put(at, hairs.computeIfAbsent(same, read -> started(read, head)));
        }
    }

    private HairState started(Read read, Head of) {
        return HairState.of(Start.of(read.band, of.thickness(), read.grown), calibration.factors(), draws);
    }

    public WorkedHead head() {
        return head;
    }

    public Wish wish() {
        return wish;
    }

    public ProductRange range() {
        return range;
    }

    public double washesPerWeek() {
        return washesPerWeek;
    }

    /** Colour or lightener with developer for one laying, without reserve, as past bowls have taught. */
    double mixGrams(List<BandRef> bands) {
        return head.mixGrams(bands) * useFactor;
    }

    public Calibration calibration() {
        return calibration;
    }

    public double useFactor() {
        return useFactor;
    }

    /** Whether a strand of this client was tested, so that stronger developers may be thought of. */
    boolean tested() {
        return calibration.observations() > 0;
    }

    HairState start(BandRef at) {
        HairState state = starts.get(at);
        if (state == null) {
            throw new IllegalArgumentException("No such band on this head: " + at);
        }
        return state;
    }

    Formula best(FormulaTask task) {
        return formulas.computeIfAbsent(task, FormulaSearch::best);
    }

    /**
     * What is weighed: on hair that has to read brown a demi that cancels is made of shades up to a level lighter rather than thinned
     * with clear, where that comes near and no darker. Lightened hair takes it darker anyway, and thin brown washes out first (R59a).
     */
    Formula weighed(FormulaTask task) {
        Formula best = best(task);
        if (!task.oddness().fullBodied() || !best.mix().thinned()) {
            return best;
        }
        double darkest = Math.min(-HALF_A_LEVEL, task.darkest(best) - Oddness.HARDLY_DARKER);
        for (double lighter = 0; lighter <= Oddness.LIGHTER_FOR_CLEAR; lighter += HALF_A_LEVEL) {
            FormulaTask full = task.withoutClear(lighter);
            if (!full.candidates().isEmpty()) {
                Formula found = best(full);
                if (found.withinRules()
                        && found.misfit() <= Oddness.NEAR_WITHOUT_CLEAR
                        && full.darkest(found) >= darkest) {
                    return found.rather(best);
                }
            }
        }
        return best;
    }

    /** Colour of the class, or of what the shelf has instead; as its maker wants it mixed, for so much of its full time. */
    Laying.Deposit laying(
            Action action, List<BandRef> bands, Aim aim, ShadeClass of, double volume, double shareOfFullTime) {
        ShadeClass there = range.nearest(of);
        return Laying.colour(action, bands, aim, there, volume, shareOfFullTime * there.fullMinutes())
                .mixedAs(range.habit(there));
    }

    FillerNeed need(Aim aim) {
        return needs.computeIfAbsent(aim, FillerNeed::new);
    }

    double leastMisfit(FormulaTask task) {
        return misfits.computeIfAbsent(task, FormulaSearch::leastMisfit);
    }

    /**
     * What is decided on where so much is wanted: the strongest in stock that is not stronger, if it is near or all there is;
     * otherwise just what is wanted, to be blended (R61), with water or treatment cream downwards. Never stronger.
     */
    double volumeFor(double volume) {
        Optional<Developer> weaker = range.developers().stream()
                .filter(d -> d.volume() <= volume)
                .max(Comparator.comparingDouble(Developer::volume));
        Optional<Developer> stronger = range.developers().stream()
                .filter(d -> d.volume() > volume)
                .min(Comparator.comparingDouble(Developer::volume));
        boolean near = weaker.filter(d -> volume - d.volume() <= NEAR_VOLUMES).isPresent();
        if (near || stronger.isEmpty()) {
            return weaker.map(Developer::volume).orElse(volume);
        }
        return volume;
    }
}
