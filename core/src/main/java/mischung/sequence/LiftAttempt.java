package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.hair.ZonePlace;
import mischung.product.HairAmount;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.sequence.Activity.Lag;
import mischung.sequence.Activity.Use;
import mischung.sequence.LiftLay.Foils;
import mischung.sequence.LiftStage.Pass;
import mischung.sequence.LiftStage.Run;
import mischung.sequence.StageAssembly.Shown;
import mischung.wish.WorkedHead;

/**
 * One way of working a stage of foils, played through minute by minute as the hands come to it: parts of the head one after another,
 * passes over each as given, everything begun as soon as hands, bowl and hair allow.
 */
final class LiftAttempt {
    private static final double AT_MOST = 0.8;

    /** Of a ramp; smaller ones are mixed only where the bowl's life asks for them. */
    private static final double RAMPED_BATCH_GRAMS = 20;

    private static final double MOST_BATCH_GRAMS = 60;
    private static final int MOST_BATCHES = 8;

    /** Laid in less, sections end near enough together without a ramp. */
    private static final double RAMPED_FROM_MINUTES = 20;

    private static final int SHORTEST_RINSE = 3;

    private final Stage.Job job;
    private final WorkedHead head;
    private final Durations durations;
    private final OrderTerms terms;
    private final LiftStage.Foiling foiling;
    private final List<List<ProductUse.Unit>> groups;
    private final List<Pass> passes;
    private final Way way;
    private final StageAssembly bench;
    private final int longest;
    private final Hands hands;
    private final BetweenFoils between;
    private final List<LiftedStrand> strands = new ArrayList<>();
    private final List<Open> open = new ArrayList<>();
    private final List<Begun> begun = new ArrayList<>();
    private final Map<Integer, Run> runOf = new LinkedHashMap<>();
    private int nextLook = -1;
    private int looked;
    private final Set<String> seen = new HashSet<>();
    private boolean othersFit = true;

    /** A part of the head that waits to be rinsed. */
    private record Open(int group, int ready) {}

    /** Where a batch was begun: what is looked at (R38). */
    private record Begun(int piece, List<String> bowls) {}

    /**
     * How the head is worked. How strong lightener is thought to be, as a share of the strongest it may be, gives the times; how strong
     * it is mixed follows from them.
     *
     * @param apart whether a part of the head is done with before the next is begun; otherwise every pass goes over all of it
     * @param lengths their strength while roots wait for them
     * @param root its own strength
     * @param ramped in bowls small enough that each may be stronger than the one before (R42); otherwise in as few as keep fresh
     */
    record Way(boolean apart, double lengths, double root, boolean ramped) {
        Way unramped() {
            return new Way(apart, lengths, root, false);
        }
    }

    LiftAttempt(
            Stage.Job job,
            WorkedHead head,
            OrderTerms terms,
            int clock,
            LiftStage.Foiling foiling,
            List<List<ProductUse.Unit>> groups,
            List<Pass> passes,
            Way way) {
        this.job = job;
        this.head = head;
        this.terms = terms;
        this.durations = terms.durations();
        this.foiling = foiling;
        this.groups = groups;
        this.passes = passes;
        this.way = way;
        this.bench = new StageAssembly(job.id(), clock, terms.pins());
        this.hands = new Hands(bench, terms);
        this.between = new BetweenFoils(job, head, terms, bench, hands, groups);
        this.longest = (int) durations.of("lightener on the hair") + job.late();
    }

    LiftVerdict verdict() {
        hands.before(job.before());
        List<Part> parts = new ArrayList<>();
        for (int g = 0; g < groups.size(); g++) {
            parts.add(new Part(g, groups.get(g), runs(g, groups.get(g)), new ArrayList<>()));
        }
        if (way.apart) {
            parts.forEach(part -> parts(List.of(part)));
        } else {
            parts(parts);
        }
        rest();
        while (!open.isEmpty()) {
            rinse(open.remove(0));
        }
        return new LiftVerdict.Judge(head, bench, hands, strands, job.late(), longest).of(runOf, othersFit);
    }

    // ---- laying ----

    /** A group of sections that is rinsed together: the batches its bowls are laid from, and its hair that lifts. */
    private record Part(
            int group,
            List<ProductUse.Unit> units,
            Map<String, Map<ProductUse.Unit, Run>> runs,
            List<LiftedStrand> here) {}

    /** Pass by pass over all of them; a part whose last pass is done is rinsed when it is due. */
    private void parts(List<Part> some) {
        Map<Pass, Integer> times = new HashMap<>();
        for (int i = 0; i < passes.size(); i++) {
            Pass pass = passes.get(i);
            int time = times.merge(pass, 1, Integer::sum);
            for (Part part : some) {
                switch (pass) {
                    case LENGTHS -> pass(part, part.units, false, time);
                    case ROOTS -> pass(part, zones(part.units), true, time);
                    case BETWEEN -> between.lay(part.group, ready(part.here), this::meanwhile);
                }
                if (i == passes.size() - 1) {
                    strands.addAll(part.here);
                    open.add(new Open(part.group, Math.max(ready(part.here), between.ready(part.group))));
                }
            }
        }
    }

    private int ready(List<LiftedStrand> some) {
        return some.stream()
                .mapToInt(strand -> strand.ready(hands, way.root, (int) durations.of("lightener on the hair")))
                .max()
                .orElse(0);
    }

    /** Roots are laid zone by zone; where a zone is rinsed in parts, part by part. */
    private static List<ProductUse.Unit> zones(List<ProductUse.Unit> units) {
        return units.stream()
                .map(unit -> units.stream()
                                        .filter(other -> other.zone() == unit.zone())
                                        .count()
                                == unit.of()
                        ? new ProductUse.Unit(unit.zone(), 1, 1)
                        : unit)
                .distinct()
                .toList();
    }

    private Map<String, Map<ProductUse.Unit, Run>> runs(int g, List<ProductUse.Unit> units) {
        Map<String, Map<ProductUse.Unit, Run>> all = new LinkedHashMap<>();
        double whole = groups.stream()
                .flatMap(List::stream)
                .mapToDouble(foiling::minutes)
                .sum();
        double share = units.stream().mapToDouble(foiling::minutes).sum() / whole;
        for (LiftLay lay : job.work().lifts()) {
            List<ProductUse.Unit> on =
                    (lay.root() ? zones(units) : units).stream().filter(lay::on).toList();
            if (on.isEmpty()) {
                continue;
            }
            Map<ProductUse.Unit, Integer> minutes = minutes(on, lay.root(), 1);
            double laying = minutes.values().stream().mapToInt(m -> m).sum();
            List<List<ProductUse.Unit>> batches = ProductUse.parted(
                    on,
                    unit -> minutes.getOrDefault(unit, 1),
                    Math.min(on.size(), batches(lay, laying, lay.grams() * share)));
            Map<ProductUse.Unit, Run> of = new LinkedHashMap<>();
            for (int b = 0; b < batches.size(); b++) {
                for (ProductUse.Unit unit : batches.get(b)) {
                    of.put(unit, new Run(lay.bowl(), g, b));
                }
            }
            all.put(lay.bowl(), of);
        }
        return all;
    }

    private int batches(LiftLay lay, double laying, double grams) {
        int fresh = (int) Math.ceil(laying / terms.hands() / (Applied.WELL_BEFORE * lay.bowlLife()));
        int bowls = (int) Math.ceil(grams / MOST_BATCH_GRAMS);
        boolean ramped = way.ramped && !lay.root() && laying / terms.hands() >= RAMPED_FROM_MINUTES;
        int ramp = ramped ? Math.min(MOST_BATCHES, (int) (grams / RAMPED_BATCH_GRAMS)) : 1;
        int most = Math.max(1, (int) (grams / HairAmount.leastBatchGrams() + 1e-9));
        // A spent bowl is worse than a small one.
        int needed = (int) Math.ceil(laying / terms.hands() / (AT_MOST * lay.bowlLife()));
        return Math.max(needed, Math.min(most, Math.max(fresh, Math.max(bowls, ramp))));
    }

    private Map<ProductUse.Unit, Integer> minutes(List<ProductUse.Unit> units, boolean root, int time) {
        Map<Integer, Double> byZone = new LinkedHashMap<>();
        units.forEach(unit -> byZone.computeIfAbsent(
                unit.zone(), zone -> root ? foiling.roots(zone, time) : foiling.lengths(zone, time)));
        byZone.values().removeIf(minutes -> minutes <= 0);
        return ProductUse.minutes(units, byZone);
    }

    private void pass(Part part, List<ProductUse.Unit> units, boolean root, int time) {
        List<LiftedStrand> here = part.here;
        Map<ProductUse.Unit, Integer> minutes = minutes(units, root, time);
        Map<String, Integer> mixed = new HashMap<>();
        Map<String, Run> current = new HashMap<>();
        Map<String, List<Integer>> laidOf = new HashMap<>();
        Map<String, List<ProductUse.Unit>> unitsOf = new HashMap<>();
        for (ProductUse.Unit unit : units) {
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
                Run run = run(part.runs, lay, unit);
                if (!run.equals(current.get(lay.bowl())) || spent(lay, mixed, laidBy)) {
                    current.put(lay.bowl(), run);
                    int mix = hands.mix(lay, place(unit), from(List.of(lay), unit, time, here));
                    mixed.put(lay.bowl(), mix);
                    List<Integer> pieces = new ArrayList<>();
                    List<ProductUse.Unit> on = new ArrayList<>();
                    laidOf.put(lay.bowl(), pieces);
                    unitsOf.put(lay.bowl(), on);
                    runOf.put(bench.batches.size(), run);
                    bench.batches.add(new StageAssembly.Mixed(lay, hands.mixed(lay.bowl()), mix, pieces, on));
                    fresh = true;
                }
            }
            int piece = lay(lays, unit, time, takes, root, mixed, here);
            if (root && time == 1) {
                here.stream()
                        .filter(strand -> lays.stream().anyMatch(lay -> beside(strand, lay, unit)))
                        .forEach(strand -> strand.rooted(hands, piece));
            }
            for (LiftLay lay : lays) {
                laidOf.getOrDefault(lay.bowl(), List.of()).add(piece);
                unitsOf.getOrDefault(lay.bowl(), List.of()).add(unit);
                strand(part, lay, unit).laid.add(piece);
            }
            if (fresh) {
                begun.add(new Begun(piece, bench.shown.get(piece).bowls()));
            }
            if (nextLook < 0) {
                nextLook = hands.end(piece) + (int) durations.of("look every");
            }
        }
    }

    private static Run run(Map<String, Map<ProductUse.Unit, Run>> runs, LiftLay lay, ProductUse.Unit unit) {
        Run run = runs.getOrDefault(lay.bowl(), Map.of()).get(unit);
        if (run == null) {
            throw new IllegalStateException("No batch for " + lay.name());
        }
        return run;
    }

    /** Whether what was mixed of it is past its life by then. */
    private boolean spent(LiftLay lay, Map<String, Integer> mixed, int laidBy) {
        Integer mix = mixed.get(lay.bowl());
        return mix != null && hands.end(mix) + lay.bowlLife() < laidBy;
    }

    /** When these can be laid at the earliest: hands are free, and the hair is due. */
    private int from(List<LiftLay> lays, ProductUse.Unit unit, int time, List<LiftedStrand> here) {
        int from = hands.soonest();
        for (LiftLay lay : lays) {
            for (LiftedStrand strand : here) {
                for (Lag lag : waits(strand, lay, unit, time)) {
                    from = Math.max(from, hands.from(lag));
                }
            }
        }
        return from;
    }

    private static LiftedStrand strand(Part part, LiftLay lay, ProductUse.Unit unit) {
        return part.here.stream()
                .filter(strand -> strand.lay.bowl().equals(lay.bowl()) && strand.unit.equals(unit))
                .findFirst()
                .orElseGet(() -> {
                    LiftedStrand first = new LiftedStrand(lay, unit, part.group, run(part.runs, lay, unit));
                    part.here.add(first);
                    return first;
                });
    }

    /** What a laying waits for on the same hair: its own product to have worked, or the lengths beside a root to be near (R33). */
    private List<Lag> waits(LiftedStrand strand, LiftLay lay, ProductUse.Unit unit, int time) {
        if (strand.lay.bowl().equals(lay.bowl()) && strand.unit.equals(unit) && time > 1 && !strand.laid.isEmpty()) {
            return List.of(Lag.afterEnd(strand.last(), lay.works()));
        }
        if (beside(strand, lay, unit) && time == 1) {
            Ramping ramping = strand.ramping();
            int last = strand.last();
            return List.of(Lag.afterEnd(
                    last, ramping.near(Math.rint(way.lengths * ramping.ownVolume()), strand.before(hands))));
        }
        return List.of();
    }

    /** Whether a root is laid beside lengths that lift. */
    private static boolean beside(LiftedStrand lengths, LiftLay root, ProductUse.Unit unit) {
        return root.root()
                && !lengths.lay.root()
                && lengths.unit.zone() == unit.zone()
                && (unit.of() == 1 || lengths.unit.equals(unit));
    }

    private int lay(
            List<LiftLay> lays,
            ProductUse.Unit unit,
            int time,
            int takes,
            boolean root,
            Map<String, Integer> mixed,
            List<LiftedStrand> here) {
        List<Lag> lags = new ArrayList<>();
        hands.inTurn(lags);
        for (LiftLay lay : lays) {
            Integer mix = mixed.get(lay.bowl());
            if (mix != null) {
                lags.add(new Lag(mix, true, 0, Math.max(0, lay.bowlLife() - takes)));
            }
            here.forEach(strand -> lags.addAll(waits(strand, lay, unit, time)));
        }
        String name = lays.stream().map(LiftLay::name).collect(Collectors.joining(" and "));
        // What needs longest is laid first in its foil: the band, then the root.
        List<LiftLay> inTurn = lays.stream()
                .sorted(Comparator.comparingInt((LiftLay lay) -> lay.works() * lay.times())
                        .reversed())
                .toList();
        boolean foiled = !root && lays.stream().anyMatch(lay -> lay.foils() != Foils.NONE);
        return hands.lay(
                "APPLY " + name + " " + place(unit) + " " + unit.part() + "." + unit.of(),
                time,
                new Shown(
                        Task.Kind.APPLY,
                        (time > 1 ? TaskMessage.APPLY_FRESH : TaskMessage.APPLY)
                                .say()
                                .all(
                                        "what",
                                        Figure.Joint.AND,
                                        inTurn.stream().map(LiftLay::what).toList())
                                .said(),
                        unit.telling(detail(inTurn, foiled, time)),
                        inTurn.stream().map(LiftLay::bowl).toList(),
                        List.of(place(unit))),
                takes,
                lags,
                0);
    }

    private static List<Said> detail(List<LiftLay> lays, boolean foiled, int time) {
        if (time > 1 && foiled) {
            return List.of(TaskMessage.SAME_FOIL.alone());
        }
        List<Said> first = lays.get(0).detail();
        return lays.size() > 1
                ? Stream.concat(Stream.of(TaskMessage.ONE_FOIL.alone()), first.stream())
                        .toList()
                : first;
    }

    // ---- looks, rests and rinses between ----

    /** What is due before hands go on for so many minutes. */
    private void meanwhile(int minutes) {
        while (nextLook >= 0 && nextLook <= hands.soonest() && !begun.isEmpty()) {
            look();
        }
        while (!open.isEmpty() && open.get(0).ready <= hands.soonest() + minutes / 2) {
            rinse(open.remove(0));
        }
    }

    /** R38: at wherever a batch began, in turn, every so many minutes; a bowl that was not looked at yet first. */
    private void look() {
        Begun at = begun.stream()
                .filter(one -> !seen.containsAll(one.bowls))
                .findFirst()
                .orElseGet(() -> begun.get(looked % begun.size()));
        seen.addAll(at.bowls);
        int in = Math.max(0, Math.max(nextLook, hands.soonest()) - hands.end(at.piece));
        looked++;
        hands.put(
                "LOOK " + looked,
                new Shown(
                        Task.Kind.CHECK,
                        TaskMessage.LOOK_AT
                                .say()
                                .with(
                                        "bowls",
                                        new Figure.All(
                                                Figure.Joint.AND,
                                                at.bowls.stream()
                                                        .<Figure>map(Figure.Typed::new)
                                                        .toList()))
                                .said(),
                        List.of(TaskMessage.MINUTES_IN
                                .say()
                                .count("minutes", in)
                                .said()),
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
            hands.put(
                    "BREAK " + who,
                    StageAssembly.BREAK,
                    durations.minutes("break", Task.Kind.BREAK),
                    Use.ASIDE,
                    who,
                    hands.afterAllLaid(),
                    0);
        }
    }

    private void rinse(Open part) {
        List<LiftedStrand> here =
                strands.stream().filter(strand -> strand.group == part.group).toList();
        while (nextLook >= 0 && nextLook + (int) durations.of("look every") / 2 < part.ready) {
            look();
        }
        List<ZonePlace> zones =
                groups.get(part.group).stream().map(this::place).distinct().toList();
        String of = groups.size() == 1 ? "" : " " + (part.group + 1);
        List<Lag> laid = new ArrayList<>();
        for (LiftedStrand strand : here) {
            laid.add(Lag.afterEnd(strand.last(), 0));
        }
        laid.addAll(between.worked(part.group).stream()
                .map(lag -> Lag.afterEnd(lag.of(), 0))
                .toList());
        int looking = -1;
        if (job.work().check().isPresent()) {
            Stage.Alone check = job.work().check().get().in(zones);
            looking = hands.put(
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
            for (LiftedStrand strand : here) {
                int last = strand.last();
                lags.add(Lag.afterEnd(
                        last, Math.max(0, Math.min(part.ready, ready(List.of(strand))) - hands.end(last))));
            }
            lags.addAll(between.worked(part.group));
            if (looking >= 0) {
                lags.add(Lag.afterEnd(looking, 0));
            }
            int piece = hands.put(
                    rinse.key() + of, rinse.shown(), rinsing(rinse, part.group), Use.WHOLE_HEAD, 0, lags, part.ready);
            here.forEach(strand -> strand.rinse = piece);
            othersFit &= between.rinsed(part.group, piece);
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

    private ZonePlace place(ProductUse.Unit unit) {
        return head.read().zones().get(unit.zone()).place();
    }
}
