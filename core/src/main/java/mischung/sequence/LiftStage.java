package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mischung.wish.WorkedHead;

/**
 * A stage of foils: every section is laid once with all that goes on its length, refreshed in place, its root laid into the open
 * foil, and all of it rinsed together (R46). The times follow from the hands; what is decided is in which order passes over the head
 * follow each other, how strong every batch is (R42), and when it is rinsed: as early as all sections have come to their goal.
 *
 * <p>Where some section would have to come off before the last is laid, the head is parted, and each part is rinsed alone (R40).
 */
final class LiftStage {
    private static final int MOST_GROUPS = 6;

    /** Levels apart at the rinse; nobody sees less. */
    private static final double EVEN = 0.5;

    /**
     * How strong lengths are thought to be while roots wait for them (R33), as a share of the strongest they may be: the weaker, the
     * longer roots wait and the more evenly all of it ends.
     */
    private static final double[] WAITED = {1, 0.75, 0.5};

    private static final double[] ALONE = {1};

    /** The same for the root itself: the weaker, the longer it works and the longer it may stay. */
    private static final double[] ROOTS = {1, 0.75, 0.5};

    /** One way over the head. */
    enum Pass {
        /** Everything off the scalp. */
        LENGTHS,
        ROOTS,
        /** Colour between the foils (R47). */
        BETWEEN
    }

    /** A bowl's batch, the same in every pass: both layings of a foil are alike. */
    record Run(String bowl, int group, int number) {}

    private final Stage.Job job;
    private final WorkedHead head;
    private final OrderTerms terms;
    private final int visit;
    private final int clock;
    private final Foiling foiling;

    /** @param order of zones, by their index */
    LiftStage(Stage.Job job, WorkedHead head, OrderTerms terms, int visit, int clock, Comparator<Integer> order) {
        this.job = job;
        this.head = head;
        this.terms = terms;
        this.visit = visit;
        this.clock = clock;
        this.foiling = new Foiling(job.work().lifts(), terms.durations(), order);
    }

    /** @return empty if something would stay past what it may come to, however the head is parted */
    Optional<Stage.Done> solve() {
        List<ProductUse.Unit> units =
                ProductUse.units(foiling.first(), terms.durations().of("chunk"));
        Optional<Found> best = Optional.empty();
        for (int groups = 1; groups <= Math.min(MOST_GROUPS, units.size()) && best.isEmpty(); groups++) {
            best = inGroups(ProductUse.parted(units, foiling::minutes, groups));
        }
        return best.map(this::fewestBowls).map(found -> found.verdict.done(visit));
    }

    /** A way over the head and what comes of it. */
    private record Found(
            List<List<ProductUse.Unit>> groups, List<Pass> passes, LiftAttempt.Way way, LiftVerdict verdict) {
        boolean better(Found other) {
            double uneven = Math.max(0, verdict.uneven() - EVEN) - Math.max(0, other.verdict.uneven() - EVEN);
            return Math.abs(uneven) > 1e-6 ? uneven < 0 : verdict.minutes() < other.verdict.minutes();
        }
    }

    private Found tried(List<List<ProductUse.Unit>> groups, List<Pass> passes, LiftAttempt.Way way) {
        return new Found(
                groups, passes, way, new LiftAttempt(job, head, terms, clock, foiling, groups, passes, way).verdict());
    }

    /** The same way without more bowls than keep fresh, where the sections end evenly without a ramp: each costs its mixing. */
    private Found fewestBowls(Found best) {
        Found plain = tried(best.groups, best.passes, best.way.unramped());
        return plain.verdict.fits() && plain.verdict.fresh() && plain.better(best) ? plain : best;
    }

    private Optional<Found> inGroups(List<List<ProductUse.Unit>> groups) {
        for (boolean apart : groups.size() == 1 ? new boolean[] {false} : new boolean[] {false, true}) {
            for (double root : times(true) > 0 ? ROOTS : ALONE) {
                Tried tried = inGroups(groups, apart, root);
                if (tried.best.isPresent()) {
                    return tried.best;
                }
                // A milder root is rinsed later: what else stays too long already would only stay longer.
                if (!tried.onlyRoots) {
                    break;
                }
            }
        }
        return Optional.empty();
    }

    /** @param onlyRoots whether in one of them nothing but roots stayed longer than it may */
    private record Tried(Optional<Found> best, boolean onlyRoots) {}

    private Tried inGroups(List<List<ProductUse.Unit>> groups, boolean apart, double root) {
        Optional<Found> best = Optional.empty();
        boolean onlyRoots = false;
        for (List<Pass> passes : passes()) {
            for (double waited : passes.containsAll(List.of(Pass.LENGTHS, Pass.ROOTS)) ? WAITED : ALONE) {
                Found found = tried(groups, passes, new LiftAttempt.Way(apart, waited, root, true));
                onlyRoots |= found.verdict.onlyRoots();
                if (found.verdict.fits()
                        && best.filter(other -> !found.better(other)).isEmpty()) {
                    best = Optional.of(found);
                }
                if (found.verdict.fits() && found.verdict.uneven() <= EVEN) {
                    break;
                }
            }
        }
        return new Tried(best, onlyRoots);
    }

    /** Every way in which passes over the head may follow each other; lengths first (R33), colour between what is there. */
    private List<List<Pass>> passes() {
        List<List<Pass>> all = new ArrayList<>();
        Map<Pass, Integer> times = new EnumMap<>(Pass.class);
        times.put(Pass.LENGTHS, times(false));
        times.put(Pass.ROOTS, times(true));
        times.put(Pass.BETWEEN, job.work().lays().isEmpty() ? 0 : 1);
        interleave(new ArrayList<>(), times, all);
        return all;
    }

    private static void interleave(List<Pass> sofar, Map<Pass, Integer> left, List<List<Pass>> all) {
        if (left.values().stream().allMatch(n -> n == 0)) {
            all.add(List.copyOf(sofar));
            return;
        }
        for (Pass next : Pass.values()) {
            int times = left.getOrDefault(next, 0);
            boolean first = sofar.isEmpty()
                    && left.keySet().stream()
                            .anyMatch(other -> other.compareTo(next) < 0 && left.getOrDefault(other, 0) > 0);
            if (times > 0 && !first) {
                Map<Pass, Integer> then = new EnumMap<>(left);
                then.put(next, times - 1);
                sofar.add(next);
                interleave(sofar, then, all);
                sofar.remove(sofar.size() - 1);
            }
        }
    }

    private int times(boolean root) {
        return job.work().lifts().stream()
                .filter(lay -> lay.root() == root)
                .mapToInt(LiftLay::times)
                .max()
                .orElse(0);
    }

    /** What laying takes: by sections, whatever number of bowls lies in each (R46). */
    static final class Foiling {
        private final List<LiftLay> lays;
        private final Durations durations;
        private final Comparator<Integer> order;

        Foiling(List<LiftLay> lays, Durations durations, Comparator<Integer> order) {
            this.lays = lays;
            this.durations = durations;
            this.order = order;
        }

        /** Minutes of every zone for what is laid first in it: the lengths, or the root where only that is laid. */
        Map<Integer, Double> first() {
            Map<Integer, Double> all = new TreeMap<>(order);
            lays.forEach(lay ->
                    lay.minutesByZone().keySet().forEach(zone -> all.computeIfAbsent(zone, this::lengthsOrRoot)));
            return all;
        }

        private double lengthsOrRoot(int zone) {
            double lengths = lengths(zone, 1);
            return lengths > 0 ? lengths : roots(zone, 1);
        }

        double minutes(ProductUse.Unit unit) {
            return lengthsOrRoot(unit.zone()) / unit.of();
        }

        /** The n-th laying of all that lies off the scalp in a zone; 0 if there is none. */
        double lengths(int zone, int time) {
            double open = 0;
            double whole = 0;
            double pieces = 0;
            for (LiftLay lay : lays) {
                double minutes = lay.minutesByZone().getOrDefault(zone, 0.0);
                if (lay.root() || lay.times() < time) {
                    continue;
                }
                switch (lay.foils()) {
                    case NONE -> open += minutes;
                    case WHOLE -> whole = Math.max(whole, minutes);
                    case PIECES -> pieces = Math.max(pieces, minutes);
                }
            }
            double refreshed = time == 1 ? 1 : durations.of("refresh in the foil");
            return open + refreshed * (whole + pieces);
        }

        /** The n-th laying of the root of a zone: into its open foils, where it has any. */
        double roots(int zone, int time) {
            double own = lays.stream()
                    .filter(lay -> lay.root() && lay.times() >= time)
                    .mapToDouble(lay -> lay.minutesByZone().getOrDefault(zone, 0.0))
                    .sum();
            boolean foiled = lays.stream()
                    .anyMatch(lay -> !lay.root()
                            && lay.foils() != LiftLay.Foils.NONE
                            && lay.minutesByZone().containsKey(zone));
            return own > 0 && foiled ? durations.of("root into the foils") * lengths(zone, 1) : own;
        }

        List<LiftLay> lays(ProductUse.Unit unit, boolean root, int time) {
            return lays.stream()
                    .filter(lay -> lay.root() == root && lay.times() >= time && lay.on(unit))
                    .toList();
        }
    }
}
