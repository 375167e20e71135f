package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import mischung.hair.ZonePlace;
import mischung.sequence.StageAssembly.Shown;
import mischung.wish.WorkedHead;

/**
 * From one rinse to the next: everything that is on the hair together. Laid section by section, so that a section that is
 * ready can be rinsed while others work on (R40); in as few groups as the windows allow.
 */
final class Stage {
    private static final int FEW_GROUPS = 6;

    /** A head is not cut into more sections than that to keep a window: nobody works so, and it takes long to find. */
    private static final int MOST_UNITS = 48;

    /** Steps with which the best way of parting is searched. */
    private static final long SEARCHED = 300;

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
     * @param lays what colours or treats
     * @param lifts what lightens
     * @param check the look before the rinse
     * @param rinse of every group; none for what stays in
     */
    record Work(List<ProductUse> lays, List<LiftLay> lifts, Optional<Alone> check, Optional<Alone> rinse) {
        static final Work NONE = new Work(List.of(), List.of(), Optional.empty(), Optional.empty());

        /** With so many minutes more for everything. */
        Work longer(int minutes) {
            return new Work(lays.stream().map(lay -> lay.longer(minutes)).toList(), lifts, check, rinse);
        }
    }

    /**
     * What a stage is to do.
     *
     * @param before one after another, with the head for themselves
     * @param resting how many people take a break
     * @param late minutes past what it should that everything may stay, where nothing else is possible
     */
    record Job(StageId id, List<Alone> before, Work work, int resting, int late) {
        Job longer(int minutes) {
            return new Job(id, before, work.longer(minutes), resting, minutes);
        }

        /** With a break for so many people. */
        Job resting(int people) {
            return new Job(id, before, work, people, late);
        }

        double minutesOn(List<ProductUse.Unit> units) {
            return work.lays.stream().mapToDouble(lay -> lay.minutesOn(units)).sum();
        }
    }

    /** How a stage goes: its pieces in order, and the volume of every batch of lightener, by its index. */
    static final class Done {
        private final Optional<Grouping> grouping;
        private final StageAssembly bench;
        private final Solver.Order order;
        private final Map<Integer, Double> volumes;
        private final List<Sequence.Ramp> ramps;

        private Done(Grouping grouping, StageAssembly bench, Solver.Order order) {
            this(Optional.of(grouping), bench, order, Map.of(), List.of());
        }

        /** Of a stage of foils. */
        Done(StageAssembly bench, Solver.Order order, Map<Integer, Double> volumes, List<Sequence.Ramp> ramps) {
            this(Optional.empty(), bench, order, volumes, ramps);
        }

        private Done(
                Optional<Grouping> grouping,
                StageAssembly bench,
                Solver.Order order,
                Map<Integer, Double> volumes,
                List<Sequence.Ramp> ramps) {
            this.grouping = grouping;
            this.bench = bench;
            this.order = order;
            this.volumes = Map.copyOf(volumes);
            this.ramps = List.copyOf(ramps);
        }

        StageAssembly bench() {
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

        /**
         * With a break for everybody where they wait with free hands for as long anyway; where somebody does not, as it is.
         *
         * @param from the minute before which nobody needs one
         */
        Done resting(int hands, int minutes, int from) {
            Solver.Order rested = order;
            for (int person = 1; person <= hands; person++) {
                OptionalInt free = lastFree(person, minutes, from);
                if (free.isEmpty()) {
                    return this;
                }
                rested = rested.and(free.getAsInt(), person);
            }
            for (int person = 1; person <= hands; person++) {
                bench.addBreak(person, minutes);
            }
            return new Done(grouping, bench, rested, volumes, ramps);
        }

        /** When the last time begins that somebody has hands free for so long. */
        private OptionalInt lastFree(int person, int minutes, int from) {
            int free = from;
            OptionalInt last = OptionalInt.empty();
            for (int piece : IntStream.range(0, bench.pieces.size())
                    .filter(i -> order.person(i) == person)
                    .boxed()
                    .sorted(Comparator.comparingInt(order::start))
                    .toList()) {
                if (order.start(piece) - free >= minutes) {
                    last = OptionalInt.of(free);
                }
                free = Math.max(free, bench.end(order, piece));
            }
            return order.minutes() - free >= minutes ? OptionalInt.of(free) : last;
        }
    }

    private final Job job;
    private final WorkedHead head;
    private final OrderTerms terms;
    private final int visit;
    private final int clock;
    private final Comparator<Integer> order;

    /** @param order of zones, by their index */
    Stage(Job job, WorkedHead head, OrderTerms terms, int visit, int clock, Comparator<Integer> order) {
        this.job = job;
        this.head = head;
        this.terms = terms;
        this.visit = visit;
        this.clock = clock;
        this.order = order;
    }

    /**
     * In as few groups, apart or into each other, as keep the windows. Every way is tried with its first order that does, the best is
     * searched.
     *
     * @return empty if nothing keeps all windows
     */
    Optional<Done> solve() {
        return job.work.lifts().isEmpty() ? solve(1) : foils().solve();
    }

    private LiftStage foils() {
        return new LiftStage(job, head, terms, visit, clock, order);
    }

    /** The same with sections as large as they usually are, which is enough to compare by. */
    Optional<Done> solveRoughly() {
        return job.work.lifts().isEmpty() ? solve(terms.durations().of("chunk")) : foils().solve();
    }

    private Optional<Done> solve(double smallest) {
        Optional<Done> best = Optional.empty();
        for (double chunk = terms.durations().of("chunk"); chunk >= smallest && best.isEmpty(); chunk /= 2) {
            List<ProductUse.Unit> units = ProductUse.units(job.work.lays(), chunk, order);
            if (chunk < terms.durations().of("chunk") && units.size() > MOST_UNITS) {
                break;
            }
            for (Grouping grouping : groupings(units)) {
                // Nobody rinses a head in more parts than its windows ask for.
                int rinses = grouping.groups.size();
                boolean enough = best.flatMap(done -> done.grouping)
                        .filter(found -> found.groups.size() < rinses)
                        .isPresent();
                if (!enough && grouping.groups.stream().allMatch(this::mayKeep)) {
                    best = better(best, tried(grouping, below(best), terms.nodes()));
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
                                found.grouping.flatMap(parts -> tried(parts, below(Optional.of(found)), SEARCHED)))
                        .orElse(found));
    }

    /** The same grouping again, as when something is moved by hand. */
    Optional<Done> again(Done before) {
        if (before.grouping.isEmpty()) {
            return foils().solve();
        }
        Grouping grouping = before.grouping.get();
        StageAssembly bench = bench(grouping);
        return Solver.withoutWaiting(bench.pieces, terms.hands(), SEARCHED, Solver.FAR, terms.cancelled())
                .map(order -> new Done(grouping, bench, order));
    }

    private static Optional<Done> better(Optional<Done> one, Optional<Done> other) {
        boolean shorter = other.isPresent()
                && one.filter(found ->
                                found.order.minutes() <= other.get().order.minutes())
                        .isEmpty();
        return shorter ? other : one;
    }

    /** Only what is shorter is of use. */
    private static int below(Optional<Done> best) {
        return best.map(done -> done.order.minutes()).orElse(Solver.FAR);
    }

    private List<Grouping> groupings(List<ProductUse.Unit> units) {
        List<Grouping> all = new ArrayList<>();
        for (int groups : counts(Math.max(1, units.size()))) {
            List<List<ProductUse.Unit>> parts = ProductUse.parted(units, unit -> job.minutesOn(List.of(unit)), groups);
            if (groups == 1) {
                all.add(new Grouping(parts, false));
            } else if (canBeMixed(parts)) {
                all.add(new Grouping(parts, false));
                all.add(new Grouping(parts, true));
            }
        }
        return all;
    }

    /** Whether every bowl can be parted among the groups it goes on, none of them smaller than can be weighed. */
    private boolean canBeMixed(List<List<ProductUse.Unit>> groups) {
        return job.work.lays().stream()
                .allMatch(lay -> groups.stream()
                                .filter(group -> group.stream().anyMatch(lay::on))
                                .count()
                        <= lay.mostBatches());
    }

    /** Whether the first section could still be within its window when the last of the group has worked. */
    private boolean mayKeep(List<ProductUse.Unit> group) {
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

    /** One way of working the head in parts. */
    private record Grouping(List<List<ProductUse.Unit>> groups, boolean apart) {}

    private Optional<Done> tried(Grouping grouping, int below, long nodes) {
        StageAssembly bench = bench(grouping);
        return Solver.solve(bench.pieces, terms.hands(), nodes, below, terms.cancelled())
                .map(order -> new Done(grouping, bench, order));
    }

    private StageAssembly bench(Grouping grouping) {
        return new StageGrouping(job, head, terms, clock, grouping.groups, grouping.apart).build();
    }
}
