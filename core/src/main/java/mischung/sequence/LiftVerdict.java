package mischung.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.sequence.LiftStage.Run;
import mischung.wish.WorkedHead;

/**
 * What comes of a stage of foils that was played through: how strong every batch has to be, how evenly it ends, and whether
 * everything comes off in time.
 *
 * @param volumes of the batches of lightener, by their index
 * @param fits whether nothing stays past what it may come to
 * @param onlyRoots whether it is roots alone that stay longer than they may
 */
record LiftVerdict(
        StageAssembly bench,
        Solver.Order order,
        Map<Integer, Double> volumes,
        Map<String, Spread> spreads,
        boolean fits,
        boolean onlyRoots) {
    /**
     * Levels between sections of a bowl at the rinse.
     *
     * @param asOne all laid with the bowl's own developer
     * @param ramped as the batches are mixed
     * @param splits whether its batches differ in strength
     */
    record Spread(double asOne, double ramped, boolean splits) {}

    int minutes() {
        return order.minutes();
    }

    /** Widest difference of levels between sections of a bowl at the rinse. */
    double uneven() {
        return spreads.values().stream().mapToDouble(Spread::ramped).max().orElse(0);
    }

    /** Whether every bowl is laid within its life. */
    boolean fresh() {
        return bench.batches.stream()
                .allMatch(batch -> batch.laid().stream()
                        .allMatch(piece -> bench.end(order, piece)
                                <= bench.end(order, batch.mix()) + batch.lay().bowlLife()));
    }

    Stage.Done done(int visit) {
        List<Sequence.Ramp> ramps = new ArrayList<>();
        spreads.forEach((bowl, spread) ->
                ramps.add(new Sequence.Ramp(bowl, visit, spread.asOne, spread.ramped, spread.splits)));
        return new Stage.Done(bench, order, volumes, ramps);
    }

    /** Judges strands that were laid and rinsed. */
    static final class Judge {
        /** Weaker developer hardly opens the hair. */
        private static final double WEAKEST = 5;

        /** Nobody rinses to the minute. */
        private static final int LEAST_WINDOW = 5;

        private final WorkedHead head;
        private final StageAssembly bench;
        private final Hands hands;
        private final List<LiftedStrand> strands;
        private final int late;
        private final int longest;

        /**
         * @param late minutes past what it should that everything may stay
         * @param longest minutes that lightener may stay
         */
        Judge(WorkedHead head, StageAssembly bench, Hands hands, List<LiftedStrand> strands, int late, int longest) {
            this.head = head;
            this.bench = bench;
            this.hands = hands;
            this.strands = strands;
            this.late = late;
            this.longest = longest;
        }

        /**
         * @param runs by the batch that is mixed for them
         * @param others whether what is on the hair beside the lightener comes off in time
         */
        LiftVerdict of(Map<Integer, Run> runs, boolean others) {
            Map<Run, List<LiftedStrand>> byRun = new LinkedHashMap<>();
            Map<String, List<LiftedStrand>> byBowl = new LinkedHashMap<>();
            for (LiftedStrand strand : strands) {
                byRun.computeIfAbsent(strand.run, run -> new ArrayList<>()).add(strand);
                byBowl.computeIfAbsent(strand.lay.bowl(), bowl -> new ArrayList<>())
                        .add(strand);
            }
            Map<Run, Double> volumes = new LinkedHashMap<>();
            byRun.forEach((run, some) -> volumes.put(run, weakest(some)));
            Map<Integer, Double> byBatch = new HashMap<>();
            runs.forEach((batch, run) ->
                    Optional.ofNullable(volumes.get(run)).ifPresent(volume -> byBatch.put(batch, volume)));
            Map<String, Spread> spreads = new LinkedHashMap<>();
            byBowl.forEach((bowl, some) -> spreads.put(
                    bowl,
                    new Spread(
                            spread(some, Map.of()),
                            spread(some, volumes),
                            some.stream()
                                            .map(strand -> volumes.get(strand.run))
                                            .distinct()
                                            .count()
                                    > 1)));
            boolean roots = true;
            boolean rest = others;
            for (LiftedStrand strand : strands) {
                boolean fits = clocks(strand, volumes.getOrDefault(strand.run, 0.0));
                roots &= fits || !strand.lay.root();
                rest &= fits || strand.lay.root();
            }
            return new LiftVerdict(bench, hands.order(), byBatch, spreads, roots && rest, rest && !roots);
        }

        /** The weakest developer, in whole volumes, with which all of a batch is ready at its rinse; the bowl's own if none is. */
        private double weakest(List<LiftedStrand> some) {
            double own = some.get(0).ramping().ownVolume();
            double from = Math.min(WEAKEST, own);
            if (ready(some, from)) {
                return from;
            }
            double to = own;
            // Stronger developer never lifts less.
            while (to - from > 1) {
                double middle = Math.floor((from + to) / 2);
                if (ready(some, middle)) {
                    to = middle;
                } else {
                    from = middle;
                }
            }
            return to;
        }

        private boolean ready(List<LiftedStrand> some, double volume) {
            return some.stream().allMatch(strand -> strand.ready(hands, volume));
        }

        /** @param volumes of batches; where there is none the bowl's own */
        private double spread(List<LiftedStrand> some, Map<Run, Double> volumes) {
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (LiftedStrand strand : some) {
                Ramping ramping = strand.ramping();
                double volume = volumes.getOrDefault(strand.run, ramping.ownVolume());
                // Zones may differ in where they are to come: what counts is how far past their goal they are.
                double past = ramping.level(volume, strand.minutes(hands)) - ramping.goal();
                least = Math.min(least, past);
                most = Math.max(most, past);
            }
            return Math.max(0, most - least);
        }

        /** @return whether it comes off in time */
        private boolean clocks(LiftedStrand strand, double volume) {
            List<Integer> minutes = strand.minutes(hands);
            List<Integer> sofar = new ArrayList<>();
            boolean fits = true;
            for (int i = 0; i < strand.laid.size(); i++) {
                boolean last = i == strand.laid.size() - 1;
                int gap = minutes.get(i);
                List<Integer> before = List.copyOf(sofar);
                int earliest = last
                        ? Math.min(gap, strand.ramping().toGoal(volume, before, longest))
                        : Math.min(gap, strand.lay.works());
                int latest = Math.max(
                        earliest + LEAST_WINDOW, late + strand.ramping().tooLong(volume, before, longest));
                fits &= gap <= latest && gap <= longest;
                bench.clocks.add(new StageAssembly.Clock(
                        strand.lay,
                        strand.unit.zone(),
                        head.read().zones().get(strand.unit.zone()).place(),
                        strand.laid.get(i),
                        last ? strand.rinse : strand.laid.get(i + 1),
                        i + 1,
                        true,
                        earliest,
                        Math.min(latest, Math.max(longest, gap))));
                sofar.add(gap);
            }
            return fits;
        }
    }
}
