package mischung.sequence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mischung.hair.ZonePlace;
import mischung.product.HairAmount;
import mischung.sequence.Bench.Shown;
import mischung.sequence.LiftLay.Foils;
import mischung.sequence.LiftStage.Pass;
import mischung.sequence.LiftStage.Run;
import mischung.sequence.Piece.Lag;
import mischung.sequence.Piece.Use;
import mischung.wish.WorkedHead;

/**
 * One way of working a stage of foils, played through minute by minute as the hands come to it: parts of the head one after another,
 * passes over each as given, everything begun as soon as hands, bowl and hair allow.
 */
final class LiftAttempt {
    /** A bowl is laid well before its life ends. */
    private static final double WELL_BEFORE = 0.7;

    private static final double AT_MOST = 0.8;

    /** Of a ramp; smaller ones are mixed only where the bowl's life asks for them. */
    private static final double RAMPED_BATCH_GRAMS = 20;

    private static final double MOST_BATCH_GRAMS = 60;
    private static final int MOST_BATCHES = 8;

    /** Laid in less, sections end near enough together without a ramp. */
    private static final double RAMPED_FROM_MINUTES = 20;

    /** Weaker developer hardly opens the hair. */
    private static final double WEAKEST = 5;

    /** Nobody rinses to the minute. */
    private static final int LEAST_WINDOW = 5;

    private static final int SHORTEST_RINSE = 3;

    private final Stage.Job job;
    private final WorkedHead head;
    private final Durations durations;
    private final Terms terms;
    private final LiftStage.Foiling foiling;
    private final List<List<Lay.Unit>> groups;
    private final List<Pass> passes;
    private final double waited;
    private final Bench bench;
    private final int longest;
    private int[] start = new int[64];
    private int[] person = new int[64];
    private final int[] free;
    private int headEnd;
    private int wholeEnd;
    private int headFree = -1;
    private int previous = -1;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final List<Strand> strands = new ArrayList<>();
    private final List<Open> open = new ArrayList<>();
    private final List<Begun> begun = new ArrayList<>();
    private final Map<Integer, Run> runOf = new LinkedHashMap<>();
    private int nextLook = -1;
    private int looked;

    /** Hair of one zone, or of a part of it, under one bowl: when that was laid, pass by pass. */
    private static final class Strand {
        private final LiftLay lay;
        private final Lay.Unit unit;
        private final int group;
        private final Run run;
        private final List<Integer> laid = new ArrayList<>();
        private int rinse = -1;
        private List<Integer> atRoot = List.of();

        Strand(LiftLay lay, Lay.Unit unit, int group, Run run) {
            this.lay = lay;
            this.unit = unit;
            this.group = group;
            this.run = run;
        }

        Ramping ramping() {
            return lay.ramping(unit.zone());
        }

        /** @param minutes its layings have worked when the root beside it is laid */
        void rooted(List<Integer> minutes) {
            if (atRoot.isEmpty()) {
                atRoot = minutes;
            }
        }

        /** Whether it has come to its goal at the rinse, and was near when its root was laid. */
        boolean ready(double volume, List<Integer> minutes) {
            return ramping().ready(volume, minutes)
                    && (atRoot.isEmpty() || ramping().isNear(volume, atRoot));
        }
    }

    /** A part of the head that waits to be rinsed. */
    private record Open(int group, int ready) {}

    /** Where a batch was begun: what is looked at (R38). */
    private record Begun(int piece, List<String> bowls) {}

    /** @param waited how strong lengths are thought to be while roots wait for them, as a share of the strongest they may be */
    LiftAttempt(
            Stage.Job job,
            WorkedHead head,
            Terms terms,
            int clock,
            LiftStage.Foiling foiling,
            List<List<Lay.Unit>> groups,
            List<Pass> passes,
            double waited) {
        this.job = job;
        this.head = head;
        this.terms = terms;
        this.durations = terms.durations();
        this.foiling = foiling;
        this.groups = groups;
        this.passes = passes;
        this.waited = waited;
        this.bench = new Bench(job.prefix(), clock, terms.pins());
        this.free = new int[terms.hands() + 1];
        this.longest = (int) durations.of("lightener on the hair") + job.late();
    }

    /** What came of it. */
    record Found(
            Bench bench,
            Solver.Order order,
            Map<Integer, Double> volumes,
            Map<String, double[]> spreads,
            Map<String, Boolean> splits,
            boolean fits) {
        int minutes() {
            return order.minutes();
        }

        /** Widest difference of levels between sections of a bowl at the rinse. */
        double uneven() {
            return spreads.values().stream()
                    .mapToDouble(spread -> spread[1])
                    .max()
                    .orElse(0);
        }

        Stage.Done done(int visit) {
            List<Sequence.Ramp> ramps = new ArrayList<>();
            spreads.forEach((bowl, spread) ->
                    ramps.add(new Sequence.Ramp(bowl, visit, spread[0], spread[1], splits.getOrDefault(bowl, false))));
            return new Stage.Done(bench, order, volumes, ramps);
        }
    }

    Found found() {
        for (Stage.Alone first : job.before()) {
            List<Lag> lags = headFree < 0 ? List.of() : List.of(Lag.afterEnd(headFree, 0));
            headFree = put(first.key(), first.shown(), first.minutes(), Use.WHOLE_HEAD, 0, lags, 0);
        }
        for (int g = 0; g < groups.size(); g++) {
            group(g);
        }
        rest();
        while (!open.isEmpty()) {
            rinse(open.remove(0));
        }
        return judged();
    }

    // ---- hands ----

    private int put(String key, Shown what, int minutes, Use use, int who, List<Lag> lags, int earliest) {
        int piece = bench.add(key, what, minutes, use, who, lags);
        if (piece == start.length) {
            start = Arrays.copyOf(start, 2 * piece);
            person = Arrays.copyOf(person, 2 * piece);
        }
        int from = Math.max(earliest, bench.pieces.get(piece).release());
        for (Lag lag : lags) {
            from = Math.max(from, lag.from(start, bench.pieces) + lag.least());
        }
        if (use == Use.WHOLE_HEAD) {
            from = Math.max(from, headEnd);
        } else if (use == Use.ON_HEAD) {
            from = Math.max(from, wholeEnd);
        }
        int hand = who > 0 ? who : freest(from);
        start[piece] = Math.max(from, free[hand]);
        person[piece] = hand;
        free[hand] = start[piece] + minutes;
        if (use != Use.ASIDE) {
            headEnd = Math.max(headEnd, free[hand]);
        }
        if (use == Use.WHOLE_HEAD) {
            wholeEnd = Math.max(wholeEnd, free[hand]);
        }
        return piece;
    }

    /** Who can begin first; of several the one who was busy last. */
    private int freest(int from) {
        int best = 1;
        for (int p = 2; p <= terms.hands(); p++) {
            int now = Math.max(from, free[best]);
            int then = Math.max(from, free[p]);
            if (then < now || (then == now && free[p] > free[best])) {
                best = p;
            }
        }
        return best;
    }

    private int soonest() {
        return Math.max(wholeEnd, free[freest(0)]);
    }

    // ---- laying ----

    private void group(int g) {
        List<Lay.Unit> units = groups.get(g);
        Map<String, Map<Lay.Unit, Run>> runs = runs(g, units);
        List<Strand> here = new ArrayList<>();
        Map<Pass, Integer> times = new HashMap<>();
        for (Pass pass : passes) {
            int time = times.merge(pass, 1, Integer::sum);
            if (pass == Pass.ROOTS) {
                pass(g, zones(units), true, time, runs, here);
            } else {
                pass(g, units, false, time, runs, here);
            }
        }
        strands.addAll(here);
        int ready = here.stream().mapToInt(this::ready).max().orElse(0);
        open.add(new Open(g, ready));
    }

    /** Roots are laid zone by zone; where a zone is rinsed in parts, part by part. */
    private static List<Lay.Unit> zones(List<Lay.Unit> units) {
        return units.stream()
                .map(unit -> units.stream()
                                        .filter(other -> other.zone() == unit.zone())
                                        .count()
                                == unit.of()
                        ? new Lay.Unit(unit.zone(), 1, 1)
                        : unit)
                .distinct()
                .toList();
    }

    private Map<String, Map<Lay.Unit, Run>> runs(int g, List<Lay.Unit> units) {
        Map<String, Map<Lay.Unit, Run>> all = new LinkedHashMap<>();
        double whole = groups.stream()
                .flatMap(List::stream)
                .mapToDouble(foiling::minutes)
                .sum();
        double share = units.stream().mapToDouble(foiling::minutes).sum() / whole;
        for (LiftLay lay : job.work().lifts()) {
            List<Lay.Unit> on =
                    (lay.root() ? zones(units) : units).stream().filter(lay::on).toList();
            if (on.isEmpty()) {
                continue;
            }
            Map<Lay.Unit, Integer> minutes = minutes(on, lay.root(), 1);
            double laying = minutes.values().stream().mapToInt(m -> m).sum();
            List<List<Lay.Unit>> batches = Lay.parted(
                    on,
                    unit -> minutes.getOrDefault(unit, 1),
                    Math.min(on.size(), batches(lay, laying, lay.grams() * share)));
            Map<Lay.Unit, Run> of = new LinkedHashMap<>();
            for (int b = 0; b < batches.size(); b++) {
                for (Lay.Unit unit : batches.get(b)) {
                    of.put(unit, new Run(lay.bowl(), g, b));
                }
            }
            all.put(lay.bowl(), of);
        }
        return all;
    }

    private int batches(LiftLay lay, double laying, double grams) {
        int fresh = (int) Math.ceil(laying / terms.hands() / (WELL_BEFORE * lay.bowlLife()));
        int bowls = (int) Math.ceil(grams / MOST_BATCH_GRAMS);
        boolean ramped = !lay.root() && laying / terms.hands() >= RAMPED_FROM_MINUTES;
        int ramp = ramped ? Math.min(MOST_BATCHES, (int) (grams / RAMPED_BATCH_GRAMS)) : 1;
        int most = Math.max(1, (int) (grams / HairAmount.leastBatchGrams() + 1e-9));
        // A spent bowl is worse than a small one.
        int needed = (int) Math.ceil(laying / terms.hands() / (AT_MOST * lay.bowlLife()));
        return Math.max(needed, Math.min(most, Math.max(fresh, Math.max(bowls, ramp))));
    }

    private Map<Lay.Unit, Integer> minutes(List<Lay.Unit> units, boolean root, int time) {
        Map<Integer, Double> byZone = new LinkedHashMap<>();
        units.forEach(unit -> byZone.computeIfAbsent(
                unit.zone(), zone -> root ? foiling.roots(zone, time) : foiling.lengths(zone, time)));
        byZone.values().removeIf(minutes -> minutes <= 0);
        return Lay.minutes(units, byZone);
    }

    private void pass(
            int g,
            List<Lay.Unit> units,
            boolean root,
            int time,
            Map<String, Map<Lay.Unit, Run>> runs,
            List<Strand> here) {
        Map<Lay.Unit, Integer> minutes = minutes(units, root, time);
        Map<String, Integer> mixed = new HashMap<>();
        Map<String, Run> current = new HashMap<>();
        Map<String, List<Integer>> laidOf = new HashMap<>();
        Map<String, List<Lay.Unit>> unitsOf = new HashMap<>();
        for (Lay.Unit unit : units) {
            List<LiftLay> lays = foiling.lays(unit, root, time);
            if (lays.isEmpty()) {
                continue;
            }
            boolean fresh = false;
            int takes = minutes.getOrDefault(unit, 1);
            int mixing = lays.size() * durations.minutes("mixing", Task.Kind.MIX);
            meanwhile(takes + mixing);
            int laidBy = from(lays, unit, time, here) + mixing + takes;
            for (LiftLay lay : lays) {
                Run run = run(runs, lay, unit);
                if (!run.equals(current.get(lay.bowl())) || spent(lay, mixed, laidBy)) {
                    current.put(lay.bowl(), run);
                    int mix = mix(lay, unit, time, here);
                    mixed.put(lay.bowl(), mix);
                    List<Integer> pieces = new ArrayList<>();
                    List<Lay.Unit> on = new ArrayList<>();
                    laidOf.put(lay.bowl(), pieces);
                    unitsOf.put(lay.bowl(), on);
                    runOf.put(bench.batches.size(), run);
                    bench.batches.add(new Bench.Mixed(lay, numbers.getOrDefault(lay.bowl(), 0), mix, pieces, on));
                    fresh = true;
                }
            }
            int piece = lay(lays, unit, time, takes, root, mixed, here);
            if (root && time == 1) {
                here.stream()
                        .filter(strand -> lays.stream().anyMatch(lay -> beside(strand, lay, unit)))
                        .forEach(strand -> strand.rooted(minutesUntil(strand, piece)));
            }
            for (LiftLay lay : lays) {
                laidOf.getOrDefault(lay.bowl(), List.of()).add(piece);
                unitsOf.getOrDefault(lay.bowl(), List.of()).add(unit);
                strand(g, lay, unit, runs, here).laid.add(piece);
            }
            if (fresh) {
                begun.add(new Begun(piece, bench.shown.get(piece).bowls()));
            }
            if (nextLook < 0) {
                nextLook = end(piece) + (int) durations.of("look every");
            }
        }
    }

    private static Run run(Map<String, Map<Lay.Unit, Run>> runs, LiftLay lay, Lay.Unit unit) {
        Run run = runs.getOrDefault(lay.bowl(), Map.of()).get(unit);
        if (run == null) {
            throw new IllegalStateException("No batch for " + lay.what());
        }
        return run;
    }

    /** Whether what was mixed of it is past its life by then. */
    private boolean spent(LiftLay lay, Map<String, Integer> mixed, int laidBy) {
        Integer mix = mixed.get(lay.bowl());
        return mix != null && end(mix) + lay.bowlLife() < laidBy;
    }

    /** When these can be laid at the earliest: hands are free, and the hair is due. */
    private int from(List<LiftLay> lays, Lay.Unit unit, int time, List<Strand> here) {
        int from = soonest();
        for (LiftLay lay : lays) {
            for (Strand strand : here) {
                for (Lag lag : waits(strand, lay, unit, time)) {
                    from = Math.max(from, lag.from(start, bench.pieces) + lag.least());
                }
            }
        }
        return from;
    }

    private static Strand strand(
            int g, LiftLay lay, Lay.Unit unit, Map<String, Map<Lay.Unit, Run>> runs, List<Strand> here) {
        return here.stream()
                .filter(strand -> strand.lay.bowl().equals(lay.bowl()) && strand.unit.equals(unit))
                .findFirst()
                .orElseGet(() -> {
                    Strand first = new Strand(lay, unit, g, run(runs, lay, unit));
                    here.add(first);
                    return first;
                });
    }

    /** Not before it is wanted: when its hair may be laid, or while the last of the batch before goes on. */
    private int mix(LiftLay lay, Lay.Unit unit, int time, List<Strand> here) {
        int takes = durations.minutes("mixing", Task.Kind.MIX);
        int number = numbers.merge(lay.bowl(), 1, Integer::sum);
        int from = headFree < 0
                ? 0
                : Math.max(0, start[headFree] + bench.pieces.get(headFree).minutes() - 2 * takes);
        from = Math.max(from, from(List.of(lay), unit, time, here) - takes);
        List<Lag> lags = previous >= 0 ? List.of(Lag.afterStart(previous, 0)) : List.of();
        return put(
                "MIX " + lay.bowl() + " " + number,
                new Shown(
                        Task.Kind.MIX,
                        "Mix " + lay.bowl() + (number > 1 ? ", batch " + number : ""),
                        "Small and fresh.",
                        List.of(lay.bowl()),
                        List.of(place(unit))),
                takes,
                Use.ASIDE,
                0,
                lags,
                from);
    }

    /** What a laying waits for on the same hair: its own product to have worked, or the lengths beside a root to be near (R33). */
    private List<Lag> waits(Strand strand, LiftLay lay, Lay.Unit unit, int time) {
        if (strand.lay.bowl().equals(lay.bowl()) && strand.unit.equals(unit) && time > 1 && !strand.laid.isEmpty()) {
            return List.of(Lag.afterEnd(strand.laid.get(strand.laid.size() - 1), lay.works()));
        }
        if (beside(strand, lay, unit) && time == 1) {
            Ramping ramping = strand.ramping();
            int last = strand.laid.get(strand.laid.size() - 1);
            return List.of(Lag.afterEnd(last, ramping.near(Math.rint(waited * ramping.ownVolume()), before(strand))));
        }
        return List.of();
    }

    /** Whether a root is laid beside lengths that lift. */
    private static boolean beside(Strand lengths, LiftLay root, Lay.Unit unit) {
        return root.root()
                && !lengths.lay.root()
                && lengths.unit.zone() == unit.zone()
                && (unit.of() == 1 || lengths.unit.equals(unit));
    }

    private int lay(
            List<LiftLay> lays,
            Lay.Unit unit,
            int time,
            int takes,
            boolean root,
            Map<String, Integer> mixed,
            List<Strand> here) {
        List<Lag> lags = new ArrayList<>();
        if (headFree >= 0) {
            lags.add(Lag.afterEnd(headFree, 0));
        }
        if (previous >= 0) {
            lags.add(Lag.afterStart(previous, 0));
        }
        for (LiftLay lay : lays) {
            Integer mix = mixed.get(lay.bowl());
            if (mix != null) {
                lags.add(new Lag(mix, true, 0, Math.max(0, lay.bowlLife() - takes)));
            }
            here.forEach(strand -> lags.addAll(waits(strand, lay, unit, time)));
        }
        String part = unit.of() > 1 ? "Part " + unit.part() + " of " + unit.of() + ". " : "";
        String what = lays.stream().map(LiftLay::what).collect(Collectors.joining(" and "));
        boolean foiled = !root && lays.stream().anyMatch(lay -> lay.foils() != Foils.NONE);
        previous = put(
                "APPLY " + what + " " + place(unit) + " " + unit.part() + "." + unit.of() + " " + time,
                new Shown(
                        Task.Kind.APPLY,
                        (time > 1 ? "Wipe off, lay fresh " : "Lay ") + what,
                        part + detail(lays, foiled, time),
                        lays.stream().map(LiftLay::bowl).toList(),
                        List.of(place(unit))),
                takes,
                Use.ON_HEAD,
                0,
                lags,
                0);
        return previous;
    }

    private static String detail(List<LiftLay> lays, boolean foiled, int time) {
        if (time > 1 && foiled) {
            return "Open the foil, scrape off what is spent, lay fresh into the same foil, fold.";
        }
        String first = lays.get(0).detail();
        return lays.size() > 1 ? "One foil takes the whole length, each stretch its own bowl. " + first : first;
    }

    // ---- looks, rests and rinses between ----

    /** What is due before hands go on for so many minutes. */
    private void meanwhile(int minutes) {
        while (nextLook >= 0 && nextLook <= soonest() && !begun.isEmpty()) {
            look();
        }
        while (!open.isEmpty() && open.get(0).ready <= soonest() + minutes / 2) {
            rinse(open.remove(0));
        }
    }

    /** R38: at wherever a batch began, in turn, every so many minutes. */
    private void look() {
        Begun at = begun.get(looked % begun.size());
        int in = Math.max(0, Math.max(nextLook, soonest()) - end(at.piece));
        looked++;
        put(
                "LOOK " + looked,
                new Shown(
                        Task.Kind.CHECK,
                        "Look at bowl " + String.join(" and ", at.bowls),
                        "A wiped strand where it began, about " + in + " min in.",
                        at.bowls,
                        bench.shown.get(at.piece).zones()),
                durations.minutes("strand check", Task.Kind.CHECK),
                Use.ON_HEAD,
                0,
                List.of(Lag.afterEnd(at.piece, 0)),
                nextLook);
        nextLook += (int) durations.of("look every");
    }

    /** Everybody rests while all of it works. */
    private void rest() {
        for (int who = 1; who <= job.resting(); who++) {
            put(
                    "BREAK " + who,
                    new Shown(Task.Kind.BREAK, "Break", "Local law on working time goes first.", List.of(), List.of()),
                    durations.minutes("break", Task.Kind.BREAK),
                    Use.ASIDE,
                    who,
                    previous >= 0 ? List.of(Lag.afterEnd(previous, 0)) : List.of(),
                    0);
        }
    }

    private void rinse(Open part) {
        List<Strand> here =
                strands.stream().filter(strand -> strand.group == part.group).toList();
        while (nextLook >= 0 && nextLook + (int) durations.of("look every") / 2 < part.ready) {
            look();
        }
        List<ZonePlace> zones =
                groups.get(part.group).stream().map(this::place).distinct().toList();
        String of = groups.size() == 1 ? "" : " " + (part.group + 1);
        List<Lag> laid = new ArrayList<>();
        for (Strand strand : here) {
            laid.add(Lag.afterEnd(strand.laid.get(strand.laid.size() - 1), 0));
        }
        int looking = -1;
        if (job.work().check().isPresent()) {
            Stage.Alone check = job.work().check().get().in(zones);
            looking = put(
                    check.key() + of,
                    check.shown(),
                    check.minutes(),
                    Use.ON_HEAD,
                    0,
                    laid,
                    part.ready - check.minutes());
        }
        if (job.work().rinse().isPresent()) {
            Stage.Alone rinse = job.work().rinse().get().in(zones);
            List<Lag> lags = new ArrayList<>();
            for (Strand strand : here) {
                int last = strand.laid.get(strand.laid.size() - 1);
                lags.add(Lag.afterEnd(last, Math.max(0, Math.min(part.ready, ready(strand)) - end(last))));
            }
            if (looking >= 0) {
                lags.add(Lag.afterEnd(looking, 0));
            }
            int piece = put(
                    rinse.key() + of, rinse.shown(), rinsing(rinse, part.group), Use.WHOLE_HEAD, 0, lags, part.ready);
            here.forEach(strand -> strand.rinse = piece);
        }
    }

    private int rinsing(Stage.Alone rinse, int g) {
        if (groups.size() == 1) {
            return rinse.minutes();
        }
        double whole = groups.stream()
                .flatMap(List::stream)
                .mapToDouble(foiling::minutes)
                .sum();
        double share = groups.get(g).stream().mapToDouble(foiling::minutes).sum() / whole;
        return Math.max(Math.min(SHORTEST_RINSE, rinse.minutes()), (int) Math.ceil(rinse.minutes() * share));
    }

    // ---- what it comes to ----

    private int end(int piece) {
        return start[piece] + bench.pieces.get(piece).minutes();
    }

    /** Minutes of every laying but the last. */
    private List<Integer> before(Strand strand) {
        List<Integer> gaps = new ArrayList<>();
        for (int i = 1; i < strand.laid.size(); i++) {
            gaps.add(Math.max(0, start[strand.laid.get(i)] - end(strand.laid.get(i - 1))));
        }
        return List.copyOf(gaps);
    }

    /** Minute at which it has come to its goal with its bowl's own developer, or is spent. */
    private int ready(Strand strand) {
        Ramping ramping = strand.ramping();
        int last = end(strand.laid.get(strand.laid.size() - 1));
        return last + ramping.toGoal(ramping.ownVolume(), before(strand), (int) durations.of("lightener on the hair"));
    }

    private List<Integer> minutes(Strand strand) {
        return minutesUntil(strand, strand.rinse);
    }

    /** Minutes of every laying so far, until a piece begins. */
    private List<Integer> minutesUntil(Strand strand, int piece) {
        List<Integer> all = new ArrayList<>(before(strand));
        all.add(Math.max(0, start[piece] - end(strand.laid.get(strand.laid.size() - 1))));
        return List.copyOf(all);
    }

    private Found judged() {
        Map<Run, List<Strand>> byRun = new LinkedHashMap<>();
        strands.forEach(strand ->
                byRun.computeIfAbsent(strand.run, run -> new ArrayList<>()).add(strand));
        Map<Run, Double> volumes = new LinkedHashMap<>();
        byRun.forEach((run, some) -> volumes.put(run, weakest(some)));
        Map<Integer, Double> byBatch = new HashMap<>();
        runOf.forEach((batch, run) -> Optional.ofNullable(volumes.get(run)).ifPresent(v -> byBatch.put(batch, v)));
        Map<String, double[]> spreads = new LinkedHashMap<>();
        Map<String, Boolean> splits = new LinkedHashMap<>();
        boolean fits = true;
        Map<String, List<Strand>> byBowl = new LinkedHashMap<>();
        strands.forEach(strand -> byBowl.computeIfAbsent(strand.lay.bowl(), key -> new ArrayList<>())
                .add(strand));
        for (Map.Entry<String, List<Strand>> bowl : byBowl.entrySet()) {
            spreads.put(
                    bowl.getKey(),
                    new double[] {spread(bowl.getValue(), volumes, true), spread(bowl.getValue(), volumes, false)});
            splits.put(
                    bowl.getKey(),
                    bowl.getValue().stream()
                                    .map(strand -> strand.run)
                                    .distinct()
                                    .count()
                            > 1);
        }
        for (Strand strand : strands) {
            fits &= clocks(strand, Optional.ofNullable(volumes.get(strand.run)).orElse(0.0));
        }
        int count = bench.pieces.size();
        return new Found(
                bench,
                Solver.given(bench.pieces, terms.hands(), Arrays.copyOf(start, count), Arrays.copyOf(person, count)),
                byBatch,
                spreads,
                splits,
                fits);
    }

    private static double own(List<Strand> some) {
        return some.get(0).ramping().ownVolume();
    }

    /** The weakest developer, in whole volumes, with which all of a batch is ready at its rinse; the bowl's own if none is. */
    private double weakest(List<Strand> some) {
        double own = own(some);
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

    private boolean ready(List<Strand> some, double volume) {
        return some.stream().allMatch(strand -> strand.ready(volume, minutes(strand)));
    }

    private double spread(List<Strand> some, Map<Run, Double> volumes, boolean asOne) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (Strand strand : some) {
            double volume = asOne
                    ? strand.ramping().ownVolume()
                    : volumes.getOrDefault(strand.run, strand.ramping().ownVolume());
            // Zones may differ in where they are to come: what counts is how far past their goal they are.
            double past = strand.ramping().level(volume, minutes(strand))
                    - strand.ramping().goal();
            least = Math.min(least, past);
            most = Math.max(most, past);
        }
        return Math.max(0, most - least);
    }

    /** @return whether it comes off in time */
    private boolean clocks(Strand strand, double volume) {
        List<Integer> minutes = minutes(strand);
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
                    earliest + LEAST_WINDOW, job.late() + strand.ramping().tooLong(volume, before, longest));
            fits &= gap <= latest && gap <= longest;
            bench.clocks.add(new Bench.Clock(
                    strand.lay,
                    strand.unit.zone(),
                    place(strand.unit),
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

    private ZonePlace place(Lay.Unit unit) {
        return head.read().zones().get(unit.zone()).place();
    }
}
