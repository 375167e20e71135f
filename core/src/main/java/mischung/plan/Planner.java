package mischung.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.school.School;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Grey;
import mischung.wish.Layer;
import mischung.wish.Limits;
import mischung.wish.Weave;
import mischung.wish.Wish;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/**
 * Decides the rounds of one strategy, in the order practitioners work: trim, take out (remover, cleanse mix, lightener),
 * care, equalise, fill, and the colour that stays. Every round is played through the hair before the next is decided. The
 * same desk and strategy give the same plan.
 */
public final class Planner {
    /** Bands whose aims or canvases differ by no more than this share a bowl, in levels. */
    private static final double HALF_A_LEVEL = 0.5;

    private static final double STAGED_FROM = 2;

    /** In cm, from memory: regrowth further out is laid when the foils are out. */
    private static final double BESIDE_A_FOIL = 4;

    private final PlanningContext desk;
    private final Strategy strategy;
    private final Method method;
    private final WorkedHead head;
    private final Playthrough work;
    private final TakingOut taking;
    private final Map<BandRef, BandAnswer> answers = new LinkedHashMap<>();

    /** Had their colour, or its filler, between the foils of this visit. */
    private final Map<BandRef, Decision> between = new HashMap<>();

    /** Failed while they were worked on: treated, and left alone today. */
    private final Set<BandRef> weak = new HashSet<>();

    private Planner(PlanningContext desk, Strategy strategy) {
        this.desk = desk;
        this.strategy = strategy;
        this.method = strategy.method();
        this.head = desk.head();
        this.work = new Playthrough(desk, method);
        this.taking = new TakingOut(desk, strategy, work);
    }

    /** For a head of which no strand was tested. */
    public static Plan plan(Head head, Wish wish, School school, ProductRange range) {
        return plan(head, wish, school, range, Calibration.none());
    }

    /** @param calibration what strand tests have taught of this client's hair */
    public static Plan plan(Head head, Wish wish, School school, ProductRange range, Calibration calibration) {
        return plan(
                new PlanningContext(head, wish, range, calibration, 3),
                Strategy.of(school.words(), Method.USUAL.with(school)));
    }

    public static Plan plan(PlanningContext desk, Strategy strategy) {
        return new Planner(desk, strategy).run();
    }

    /** Rounds as somebody wrote them down: the colourist's own route, played through the same hair. */
    public static Plan byHand(PlanningContext desk, Method method, List<Round> rounds) {
        Planner own = new Planner(desk, Strategy.of("own", method).called("own", StrategyMessage.OWN.alone()));
        rounds.forEach(own.work::perform);
        for (BandRef at : desk.head().bands()) {
            own.answers.put(at, OwnRoundsAnswer.to(at, desk.head(), own.work.steps()));
        }
        return own.finished();
    }

    /**
     * From the middle of the work: what is done stays, what was seen counts, and the rest is decided anew.
     *
     * @param desk with what is known of the client by now
     */
    public static Plan resumed(PlanningContext desk, Strategy strategy, HeadUnderway underway) {
        Planner again = new Planner(desk, strategy);
        again.begin(underway);
        return again.onward();
    }

    /** The same, but the rest as somebody wrote it down, or as it was planned before. */
    public static Plan followed(PlanningContext desk, Strategy strategy, HeadUnderway underway, List<Round> rest) {
        Planner same = new Planner(desk, strategy);
        same.work.asMixed();
        same.begin(underway);
        rest.forEach(same.work::perform);
        for (BandRef at : desk.head().bands()) {
            same.answers.put(at, OwnRoundsAnswer.to(at, desk.head(), same.work.steps()));
        }
        return same.finished();
    }

    private void begin(HeadUnderway underway) {
        for (Round round : underway.rounds()) {
            work.perform(round);
            taking.taken(round);
            if (round.action() == Action.WAIT) {
                between.clear();
            } else if (round.action().lifts()) {
                round.layings().stream()
                        .filter(laying -> laying.action().deposits())
                        .forEach(this::laidBetween);
            }
        }
        underway.seen().forEach(work::see);
        weak.addAll(underway.weak());
        if (!weak.isEmpty()) {
            work.perform(Round.of(
                    Laying.usual(Action.TREATMENT, weak.stream().sorted().toList())));
        }
    }

    private void laidBetween(Laying laying) {
        for (BandRef at : laying.bands()) {
            between.put(at, laying.action() == Action.FILL ? Decision.FILL : Decision.COLOUR);
            answers.put(at, OwnRoundsAnswer.to(at, head, work.steps()));
        }
    }

    private Plan run() {
        trim();
        return onward();
    }

    private Plan onward() {
        int visits = strategy.visits();
        for (int visit = 1; visit <= visits; visit++) {
            boolean last = visit == visits;
            Map<BandRef, Aim> aims = aims(visit, visits);
            taking.perform(aims, lifts -> between(lifts, aims));
            if (!last) {
                // Direct colour would have to be lifted out again at the next visit, and does not come out.
                aims.values().removeIf(Aim::direct);
            }
            colour(aims);
            if (!last) {
                if (work.steps().stream().noneMatch(step -> step.visit() == work.visit())) {
                    break;
                }
                work.perform(Round.of(Laying.usual(Action.WAIT, List.of())));
                taking.nextVisit();
                between.clear();
            }
        }
        return finished();
    }

    private Plan finished() {
        List<List<BandAnswer>> byZone = new ArrayList<>();
        for (int zone = 0; zone < head.zones().size(); zone++) {
            int z = zone;
            byZone.add(head.bands().stream()
                    .filter(at -> at.zone() == z)
                    .map(at -> answers.getOrDefault(at, keep(at)))
                    .toList());
        }
        List<PlanStep> steps = work.steps();
        Plan plan = new Plan(
                head,
                desk.wish(),
                strategy,
                byZone,
                work.now(),
                steps,
                SingleShade.of(desk, steps, work.now()),
                List.of());
        return plan.with(Findings.of(plan));
    }

    private BandAnswer keep(BandRef at) {
        if (weak.contains(at)) {
            return new BandAnswer(
                    at, Decision.TOO_WEAK, 0, List.of(new Reason(Rule.R39, ReasonMessage.STRAND_FAILED_TODAY)));
        }
        return new BandAnswer(
                at,
                Decision.KEEP,
                0,
                List.of(new Reason(
                        Rule.WISH,
                        ReasonMessage.STAYS.say().with("why", head.at(at).why()).said())));
    }

    /** What every band shall come to in this visit; bands that are not due yet are left out. */
    private Map<BandRef, Aim> aims(int visit, int visits) {
        Map<BandRef, Aim> aims = new LinkedHashMap<>();
        for (BandRef at : head.bands()) {
            if (head.at(at).keeps() || work.isCut(at) || weak.contains(at)) {
                continue;
            }
            Aim wished = head.at(at).aim().orElseThrow();
            double here = taking.level(at, wished);
            if (visit == visits) {
                aims.put(at, wished);
            } else if (here - wished.level() > STAGED_FROM && kind(at).lifted() && !wished.direct()) {
                double part = here + (wished.level() - here) / (visits - visit + 1);
                aims.put(at, wished.at(part));
            } else if (wished.leastCanvas() - here > HALF_A_LEVEL && !taking.byColour(at, wished)) {
                aims.put(at, wished);
            }
        }
        return aims;
    }

    private BandKind kind(BandRef at) {
        return taking.lifted().contains(at) ? BandKind.LIGHTENED : head.band(at).kind();
    }

    /** Ends too weak for any work, if so much may be cut off. */
    private void trim() {
        Limits limits = desk.wish().limits();
        List<BandRef> off = head.bands().stream()
                .filter(at -> taking.failed(at)
                        && head.read().zones().get(at.zone()).strand().lengthCm()
                                        - head.band(at).fromCm()
                                <= limits.trimCm())
                .toList();
        if (!off.isEmpty()) {
            off.forEach(at -> answers.put(
                    at,
                    new BandAnswer(at, Decision.TRIM, 0, List.of(new Reason(Rule.R39, ReasonMessage.FAILED_AND_CUT)))));
            work.perform(Round.of(Laying.usual(Action.TRIM, off)));
        }
    }

    /**
     * R47: hair between the foils that needs nothing of what comes out of them is coloured while they lift; what has to be filled
     * once has its filler there. Where whole lengths lie in foils off the scalp, that is the root beside them. What is wanted on
     * rinsed hair only, such as an equaliser, keeps it for later.
     *
     * @param lifts what lies in the foils
     */
    private List<Laying.Deposit> between(List<Laying.Lift> lifts, Map<BandRef, Aim> aims) {
        Set<BandRef> lifted = new HashSet<>();
        Set<Integer> open = new HashSet<>();
        Set<Integer> closed = new HashSet<>();
        boolean offTheScalp = !lifts.isEmpty();
        for (Laying.Lift lift : lifts) {
            lifted.addAll(lift.bands());
            boolean pieces = lift.way().foiled()
                    && lift.bands().stream().allMatch(at -> head.at(at).weave() == Weave.PIECES);
            lift.bands().forEach(at -> (pieces ? open : closed).add(at.zone()));
            offTheScalp &= lift.way().foiled()
                    && lift.bands().stream().noneMatch(at -> head.at(at).touchesScalp());
        }
        boolean woven = !open.isEmpty();
        boolean roots = !woven && offTheScalp && shortRoots(lifted);
        Map<BandRef, Decision> decided = new LinkedHashMap<>();
        Map<BandRef, Aim> beside = new LinkedHashMap<>();
        Map<BandRef, BandAnswer> why = new HashMap<>();
        aims.forEach((at, aim) -> {
            // Darker pieces beside those that lift lie in foils of their own, on other hairs; what is toned waits for
            // the basin.
            boolean darker = woven
                    && !closed.contains(at.zone())
                    && (open.contains(at.zone()) || head.at(at).purpose() == Layer.Purpose.LOWLIGHT)
                    && aim.level() < Depositing.LIGHT_AIM
                    && lifted.stream().noneMatch(lift -> head.at(lift).sharesHairWith(head.at(at)));
            boolean rest = woven && head.at(at).weave() != Weave.PIECES && !closed.contains(at.zone());
            boolean root = roots && head.band(at).kind() == BandKind.NATURAL && aim.level() < Depositing.LIGHT_AIM;
            if ((rest || darker || root) && !lifted.contains(at) && !aim.direct() && !taking.liftedToday(at)) {
                BandAnswer answer = answer(at, work.hair(at), aim);
                if (answer.decision().coloured()) {
                    decided.put(at, answer.decision());
                    beside.put(at, aim);
                    why.put(at, answer);
                }
            }
        });
        Depositing depositing = new Depositing(desk, method, work, taking, beside);
        List<Laying.Deposit> layings = depositing.betweenFoils(decided);
        for (Laying laying : layings) {
            laying.bands().forEach(at -> {
                answers.merge(at, Objects.requireNonNull(why.get(at)), BandAnswer::then);
                between.put(at, Objects.requireNonNull(decided.get(at)));
            });
        }
        return layings;
    }

    /** Whether a brush reaches all regrowth beside closed foils: it is coloured in one, all over the head. */
    private boolean shortRoots(Set<BandRef> lifted) {
        return head.bands().stream()
                .filter(at -> head.band(at).kind() == BandKind.NATURAL && !lifted.contains(at))
                .allMatch(
                        at -> head.at(at).weave() == Weave.ALL && head.band(at).toCm() <= BESIDE_A_FOIL);
    }

    private void colour(Map<BandRef, Aim> aims) {
        Map<BandRef, Decision> decided = new LinkedHashMap<>();
        Map<BandRef, Aim> reachable = new LinkedHashMap<>();
        aims.forEach((at, aim) -> {
            Decision before = between.get(at);
            if (before != null) {
                if (before == Decision.FILL) {
                    decided.put(at, before);
                    reachable.put(at, aim);
                }
                return;
            }
            BandAnswer answer = answer(at, work.hair(at), aim);
            answers.merge(at, answer, BandAnswer::then);
            decided.put(at, answer.decision());
            // What stayed darker than hoped is finished at the level it reached.
            double here = work.hair(at).level();
            boolean stopsShort = answer.decision().takesOut() && aim.level() - here > HALF_A_LEVEL;
            reachable.put(at, stopsShort && !aim.direct() ? aim.at(Math.floor(2 * here) / 2) : aim);
        });
        List<BandRef> filled = where(decided, Decision.FILL).stream()
                .filter(at -> !between.containsKey(at))
                .toList();
        Depositing depositing = new Depositing(desk, method, work, taking, reachable);
        depositing.equalise(decided);
        depositing.fill(filled);
        depositing.finish(decided);
    }

    private static List<BandRef> where(Map<BandRef, Decision> decided, Decision decision) {
        return decided.entrySet().stream()
                .filter(e -> e.getValue() == decision)
                .map(Map.Entry::getKey)
                .toList();
    }

    private BandAnswer answer(BandRef at, HairState hair, Aim aim) {
        WorkedBand band = head.at(at);
        if (taking.failed(at)) {
            return new BandAnswer(
                    at,
                    Decision.TOO_WEAK,
                    band.band().level() - aim.level(),
                    List.of(new Reason(
                            Rule.R39,
                            ReasonMessage.STRAND_TOO_WEAK
                                    .say()
                                    .thing(
                                            "stretch",
                                            band.band().detail().stretch().orElseThrow())
                                    .said())));
        }
        if (taking.touched(at)) {
            return taking.answer(at, aim);
        }
        if (aim.onlyLifted()) {
            return new BandAnswer(
                    at,
                    Decision.LEAVE,
                    band.band().level() - aim.level(),
                    List.of(new Reason(
                            Rule.COMPUTED,
                            ReasonMessage.LEFT_AS_LIFTED
                                    .say()
                                    .level("level", aim.level())
                                    .said())));
        }
        if (taking.byColour(at, aim)) {
            return new BandAnswer(
                    at,
                    Decision.COLOUR,
                    band.band().level() - aim.level(),
                    List.of(new Reason(
                            Rule.R9,
                            ReasonMessage.COLOUR_LIFTS_SO_FAR
                                    .say()
                                    .level("level", band.band().level())
                                    .part("wish", aim.said())
                                    .said())));
        }
        FillerNeed.Hair seen = new FillerNeed.Hair(
                kind(at),
                work.level(at),
                desk.wish().grey() == Grey.COVERED ? band.band().greyShare() : 0,
                hair.canvas().fibre().nearestPorosity(),
                hair.canvas());
        BandAnswer laid = desk.need(aim).of(at, seen);
        return taking.warmthBorne(at).map(laid::with).orElse(laid);
    }
}
