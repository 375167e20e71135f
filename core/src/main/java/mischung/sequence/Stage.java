package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.hair.ZonePlace;
import mischung.sequence.Bench.Shown;
import mischung.wish.WorkedHead;

/**
 * From one rinse to the next: everything that is on the hair together. Laid section by section, so that a section that is
 * ready can be rinsed while others work on (R40); in as few groups as the windows allow.
 */
final class Stage {
    private static final int MOST_BATCHES = 8;

    /** Sections that end within so many minutes end together. */
    private static final int TOGETHER = 3;

    private static final int FEW_GROUPS = 6;

    /** A head is not cut into more sections than that to keep a window: nobody works so, and it takes long to find. */
    private static final int MOST_UNITS = 48;

    /** Steps with which the best way of parting is searched. */
    private static final long SEARCHED = 1000;

    /** Weaker developer hardly opens the hair. */
    private static final double WEAKEST = 5;

    private static final Comparator<Done> EVEN_THEN_SHORT =
            Comparator.<Done>comparingInt(Stage::uneven).thenComparingInt(done -> done.order.minutes());

    /** Something that is done once, before all the rest or with every group. */
    record Alone(String key, Shown shown, int minutes) {
        Alone in(List<ZonePlace> zones) {
            return new Alone(
                    key, new Shown(shown.kind(), shown.title(), shown.detail(), shown.bowls(), zones), minutes);
        }
    }

    /**
     * What is on the hair together.
     *
     * @param check the look before the rinse
     * @param rinse of every group; none for what stays in
     */
    record Work(List<Lay> lays, Optional<Alone> check, Optional<Alone> rinse) {
        static final Work NONE = new Work(List.of(), Optional.empty(), Optional.empty());

        /** With so many minutes more for everything. */
        Work longer(int minutes) {
            return new Work(lays.stream().map(lay -> lay.longer(minutes)).toList(), check, rinse);
        }
    }

    /**
     * What a stage is to do.
     *
     * @param prefix of the keys of its tasks
     * @param before one after another, with the head for themselves
     * @param resting how many people take a break
     */
    record Job(String prefix, List<Alone> before, Work work, int resting) {
        Job longer(int minutes) {
            return new Job(prefix, before, work.longer(minutes), resting);
        }

        double minutesOn(List<Lay.Unit> units) {
            return work.lays.stream().mapToDouble(lay -> lay.minutesOn(units)).sum();
        }
    }

    /** How a stage goes: its pieces in order, and the volume of every batch of lightener, by its index. */
    static final class Done {
        private final Grouping grouping;
        private final Bench bench;
        private final Solver.Order order;
        private final Map<Integer, Double> volumes;
        private final List<Sequence.Ramp> ramps;

        private Done(
                Grouping grouping,
                Bench bench,
                Solver.Order order,
                Map<Integer, Double> volumes,
                List<Sequence.Ramp> ramps) {
            this.grouping = grouping;
            this.bench = bench;
            this.order = order;
            this.volumes = volumes;
            this.ramps = ramps;
        }

        Bench bench() {
            return bench;
        }

        Solver.Order order() {
            return order;
        }

        Map<Integer, Double> volumes() {
            return volumes;
        }

        List<Sequence.Ramp> ramps() {
            return ramps;
        }
    }

    private final Job job;
    private final WorkedHead head;
    private final Terms terms;
    private final int visit;
    private final int clock;
    private final Comparator<Integer> order;

    /** @param order of zones, by their index */
    Stage(Job job, WorkedHead head, Terms terms, int visit, int clock, Comparator<Integer> order) {
        this.job = job;
        this.head = head;
        this.terms = terms;
        this.visit = visit;
        this.clock = clock;
        this.order = order;
    }

    /**
     * In as many groups, apart or into each other, and in as many batches as turn out shortest of those in which sections
     * end together, or nearest to it. Every way is tried with its first order that keeps the windows, the best is searched.
     *
     * @return empty if nothing keeps all windows
     */
    Optional<Done> solve() {
        return solve(1);
    }

    /** The same with sections as large as they usually are, which is enough to compare by. */
    Optional<Done> solveRoughly() {
        return solve(terms.durations().of("chunk"));
    }

    private Optional<Done> solve(double smallest) {
        Optional<Done> best = Optional.empty();
        for (double chunk = terms.durations().of("chunk"); chunk >= smallest && best.isEmpty(); chunk /= 2) {
            List<Lay.Unit> units = Lay.units(job.work.lays(), chunk, order);
            if (chunk < terms.durations().of("chunk") && units.size() > MOST_UNITS) {
                break;
            }
            for (Grouping grouping : groupings(units)) {
                boolean enough =
                        best.filter(found -> uneven(found) == 0).isPresent() && grouping.groups.size() > FEW_GROUPS;
                if (!enough && grouping.groups.stream().allMatch(this::mayKeep)) {
                    best = better(best, inBatches(grouping, below(best)));
                }
            }
            if (units.isEmpty()) {
                break;
            }
        }
        return terms.nodes() > 0
                ? best
                : best.map(found -> better(
                                Optional.of(found),
                                tried(found.grouping, Map.of(), below(Optional.of(found)), SEARCHED)
                                        .flatMap(first -> ramped(found.grouping, first, SEARCHED)))
                        .orElse(found));
    }

    /** The same grouping again, as when something is moved by hand. */
    Optional<Done> again(Done before) {
        return tried(before.grouping, Map.of(), Solver.FAR, SEARCHED)
                .flatMap(first -> ramped(before.grouping, first, SEARCHED));
    }

    private static Optional<Done> better(Optional<Done> one, Optional<Done> other) {
        return one.isEmpty() || (other.isPresent() && EVEN_THEN_SHORT.compare(other.get(), one.get()) < 0)
                ? other
                : one;
    }

    /** Only what is shorter is of use, once there is an order in which sections end together. */
    private static int below(Optional<Done> best) {
        return best.filter(done -> uneven(done) == 0)
                .map(done -> done.order.minutes())
                .orElse(Solver.FAR);
    }

    private List<Grouping> groupings(List<Lay.Unit> units) {
        List<Grouping> all = new ArrayList<>();
        for (int groups : counts(Math.max(1, units.size()))) {
            all.add(new Grouping(Lay.parted(units, unit -> job.minutesOn(List.of(unit)), groups), false, 1));
            if (groups > 1) {
                all.add(new Grouping(Lay.parted(units, unit -> job.minutesOn(List.of(unit)), groups), true, 1));
            }
        }
        return all;
    }

    /** Whether the first section could still be within its window when the last of the group has worked. */
    private boolean mayKeep(List<Lay.Unit> group) {
        return job.work.rinse().isEmpty()
                || job.work.lays().stream()
                        .allMatch(lay -> lay.minutesOn(group) / terms.hands()
                                        - terms.durations().of("chunk")
                                <= lay.longest() - lay.works());
    }

    /** Few first; in the end every section by itself. */
    private static List<Integer> counts(int most) {
        List<Integer> counts = new ArrayList<>();
        for (int groups = 1; groups < most; groups = groups < 2 * FEW_GROUPS ? groups + 1 : 2 * groups) {
            counts.add(groups);
        }
        counts.add(most);
        return counts;
    }

    /** In the fewest batches with which the sections of every bowl of lightener end together. */
    private Optional<Done> inBatches(Grouping plain, int below) {
        boolean ramps = job.work.lays().stream().anyMatch(Lay::splits);
        Optional<Done> best = Optional.empty();
        boolean going = true;
        for (int batches = 1; going && batches <= (ramps ? MOST_BATCHES : 1); batches++) {
            Grouping grouping = plain.inBatches(batches);
            Optional<Tried> first = tried(grouping, Map.of(), below, terms.nodes());
            Optional<Done> done = first.flatMap(one -> ramped(grouping, one, terms.nodes()));
            best = better(best, done);
            // More batches only add to it where there is no order any more, or where it is even already.
            going = first.isPresent() && (done.isEmpty() || uneven(done.get()) > 0);
        }
        return best;
    }

    /** One way of working the head in parts. */
    private record Grouping(List<List<Lay.Unit>> groups, boolean apart, int batches) {
        Grouping inBatches(int count) {
            return new Grouping(groups, apart, count);
        }
    }

    /** Pieces in an order, before their developers are settled. */
    private record Tried(Bench bench, Solver.Order order) {
        /** Clocks of a batch that end with the rinse; none for what is wiped off and laid fresh. */
        List<Bench.Clock> clocks(Bench.Mixed batch) {
            return bench.clocks.stream()
                    .filter(c -> c.last() && batch.laid().contains(c.laid()))
                    .toList();
        }

        int laid(Bench.Clock clock) {
            return bench.end(order, clock.laid());
        }

        int onHair(Bench.Clock clock) {
            return order.start(clock.end()) - laid(clock);
        }
    }

    /** @param volumes of batches, by their index, where they are ramped */
    private Optional<Tried> tried(Grouping grouping, Map<Integer, Double> volumes, int below, long nodes) {
        Bench bench = new StagePieces(
                        job, head, terms, clock, grouping.groups, grouping.apart, grouping.batches, volumes)
                .build();
        return Solver.solve(bench.pieces, terms.hands(), nodes, below, terms.cancelled())
                .map(order -> new Tried(bench, order));
    }

    /**
     * R42: every batch as weak as it may be to come to its goal when its group is rinsed. Where a root waits for lengths that
     * are now slower, the order is looked for again.
     */
    private Optional<Done> ramped(Grouping grouping, Tried first, long nodes) {
        Map<Integer, Double> volumes = new HashMap<>();
        for (int i = 0; i < first.bench.batches.size(); i++) {
            Bench.Mixed batch = first.bench.batches.get(i);
            List<Bench.Clock> clocks = first.clocks(batch);
            if (batch.lay().lifts() && !clocks.isEmpty()) {
                volumes.put(i, weakest(first, clocks));
            }
        }
        boolean roots = job.work.lays().stream().anyMatch(Lay::root)
                && job.work.lays().stream().anyMatch(lay -> lay.lifts() && !lay.root());
        Optional<Tried> then = roots ? tried(grouping, volumes, Solver.FAR, nodes) : Optional.of(first);
        return then.filter(tried -> inTime(tried, volumes))
                .map(tried -> new Done(grouping, tried.bench, tried.order, volumes, spreads(tried, volumes)));
    }

    /** The weakest developer, in whole volumes, with which all of a batch is ready in time; the laying's own if none is. */
    private static double weakest(Tried tried, List<Bench.Clock> clocks) {
        double own = ramping(clocks.get(0)).ownVolume();
        double volume = Math.min(WEAKEST, own);
        while (volume < own && !ready(tried, clocks, volume)) {
            volume++;
        }
        return Math.min(volume, own);
    }

    private static boolean ready(Tried tried, List<Bench.Clock> clocks, double volume) {
        return clocks.stream().allMatch(c -> tried.onHair(c) >= ramping(c).toGoal(volume));
    }

    private boolean inTime(Tried tried, Map<Integer, Double> volumes) {
        return volumes.entrySet().stream().allMatch(entry -> {
            List<Bench.Clock> clocks = tried.clocks(tried.bench.batches.get(entry.getKey()));
            double volume = entry.getValue();
            return ready(tried, clocks, volume)
                    && clocks.stream()
                            .allMatch(c -> tried.onHair(c) <= ramping(c).tooLong(volume));
        });
    }

    private static Ramping ramping(Bench.Clock clock) {
        Ramping ramping = clock.lay().ramping().get(clock.zoneIndex());
        if (ramping == null) {
            throw new IllegalStateException("Lightener on hair it was not reckoned for");
        }
        return ramping;
    }

    private List<Sequence.Ramp> spreads(Tried tried, Map<Integer, Double> volumes) {
        Map<String, Map<Integer, Spread>> byBowl = new LinkedHashMap<>();
        Map<String, Lay> lays = new HashMap<>();
        volumes.forEach((i, volume) -> {
            Bench.Mixed batch = tried.bench.batches.get(i);
            List<Bench.Clock> clocks = tried.clocks(batch);
            lays.put(batch.lay().bowl(), batch.lay());
            Spread spread = byBowl.computeIfAbsent(batch.lay().bowl(), key -> new LinkedHashMap<>())
                    .computeIfAbsent(clocks.get(0).end(), key -> new Spread());
            clocks.forEach(
                    c -> spread.add(tried.laid(c), tried.laid(c), ramping(c).toGoal(volume)));
        });
        List<Sequence.Ramp> ramps = new ArrayList<>();
        byBowl.forEach((bowl, groups) -> {
            Spread all = new Spread();
            groups.values().forEach(group -> all.add(group.firstLaid, group.lastLaid, 0));
            ramps.add(new Sequence.Ramp(
                    bowl,
                    visit,
                    all.lastLaid - all.firstLaid,
                    groups.values().stream().mapToInt(Spread::uneven).max().orElse(0),
                    lays.containsKey(bowl) && lays.get(bowl).splits()));
        });
        return ramps;
    }

    private static int uneven(Done done) {
        return done.ramps.stream()
                .filter(Sequence.Ramp::splits)
                .mapToInt(ramp -> Math.max(0, ramp.with() - Math.max(TOGETHER, ramp.without() / 3)))
                .sum();
    }

    /** From the first section to the last: laid, and come to its goal. */
    private static final class Spread {
        private int firstLaid = Integer.MAX_VALUE;
        private int lastLaid;
        private int firstReady = Integer.MAX_VALUE;
        private int lastReady;

        void add(int first, int last, int takes) {
            firstLaid = Math.min(firstLaid, first);
            lastLaid = Math.max(lastLaid, last);
            firstReady = Math.min(firstReady, first + takes);
            lastReady = Math.max(lastReady, last + takes);
        }

        int uneven() {
            return lastReady - firstReady;
        }
    }
}
