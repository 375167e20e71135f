package mischung.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mischung.doubt.Calibration;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.hair.Head;
import mischung.hair.LevelScale;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.school.School;
import mischung.school.TakeOut;
import mischung.wish.Aim;
import mischung.wish.Grey;
import mischung.wish.Limits;
import mischung.wish.Wish;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/**
 * Decides the rounds of one strategy, in the order practitioners work: trim, take out (remover, cleanse mix, lightener:
 * band first, root last), care, equalise, fill, and the colour that stays. Every round is played through the hair before
 * the next is decided. The same desk and strategy give the same plan.
 */
public final class Planner {
    /** Bands whose aims or canvases differ by no more than this share a bowl, in levels. */
    private static final double HALF_A_LEVEL = 0.5;

    private static final double BOND_MINUTES = 10;
    private static final double REMOVER_MINUTES = 25;
    private static final double CLARIFY_MINUTES = 5;
    private static final int MOST_ROUNDS = 3;

    /** A round of remover that gains less is not worth its hour. */
    private static final double WORTH_A_ROUND = 0.6;

    /** Dye that shows; less is a stain. */
    private static final double DYE_SEEN = 0.03;

    /** R18: weeks between two visits, so that the scalp rests and the first colour has settled. */
    private static final double WEEKS_BETWEEN = 5;

    private static final double STAGED_FROM = 2;
    private static final double SPENT = 0.03;

    private final Desk desk;
    private final Strategy strategy;
    private final Method method;
    private final WorkedHead head;
    private final Working work;
    private final Lifting lifting;
    private final Map<BandRef, BandAnswer> answers = new LinkedHashMap<>();
    private final Set<BandRef> removed = new HashSet<>();
    private final Set<BandRef> lifted = new HashSet<>();

    private Planner(Desk desk, Strategy strategy) {
        this.desk = desk;
        this.strategy = strategy;
        this.method = strategy.method();
        this.head = desk.head();
        this.work = new Working(desk, method);
        this.lifting = new Lifting(desk, strategy, work);
    }

    /** For a head of which no strand was tested. */
    public static Plan plan(Head head, Wish wish, School school, ProductRange range) {
        return plan(head, wish, school, range, Calibration.none());
    }

    /** @param calibration what strand tests have taught of this client's hair */
    public static Plan plan(Head head, Wish wish, School school, ProductRange range, Calibration calibration) {
        return plan(
                new Desk(head, wish, range, calibration, 3), Strategy.of(school.words(), Method.USUAL.with(school)));
    }

    public static Plan plan(Desk desk, Strategy strategy) {
        return new Planner(desk, strategy).run();
    }

    /**
     * Rounds as somebody wrote them down: the colourist's own route, played through the same hair.
     *
     * @param rounds at most 60
     */
    public static Plan byHand(Desk desk, Method method, List<Round> rounds) {
        Working work = new Working(desk, method);
        rounds.stream().limit(60).forEach(work::perform);
        Strategy own = Strategy.of("own", method);
        Planner decided = new Planner(desk, own);
        desk.head().bands().forEach(at -> decided.answer(at, work.hair(at)));
        return decided.finished(work);
    }

    private Plan run() {
        int visits = strategy.visits();
        for (int visit = 1; visit <= visits; visit++) {
            boolean last = visit == visits;
            if (visit == 1) {
                trim();
            }
            Map<BandRef, Aim> aims = aims(visit, visits);
            takeOut(aims);
            colour(aims);
            if (!last) {
                if (work.steps().stream().noneMatch(step -> step.visit() == work.visit())) {
                    break;
                }
                work.perform(Round.of(Laying.untilNextVisit(WEEKS_BETWEEN)));
                removed.clear();
                lifted.clear();
            }
        }
        return finished(work);
    }

    private Plan finished(Working done) {
        List<List<BandAnswer>> byZone = new ArrayList<>();
        for (int zone = 0; zone < head.zones().size(); zone++) {
            int z = zone;
            byZone.add(head.bands().stream()
                    .filter(at -> at.zone() == z)
                    .map(at -> answers.getOrDefault(at, keep(at)))
                    .toList());
        }
        List<PlanStep> steps = done.steps();
        Plan plan = new Plan(
                head, desk.wish(), strategy, byZone, done.now(), steps, Alone.of(desk, steps, done.now()), List.of());
        return plan.with(Findings.of(plan));
    }

    private BandAnswer keep(BandRef at) {
        return new BandAnswer(
                at,
                Decision.KEEP,
                0,
                List.of(new Reason(
                        Rule.WISH, "It stays as it is: " + head.at(at).why() + ". Shield it with a barrier (R45).")));
    }

    /** What every band shall come to in this visit; bands that are not due yet are left out. */
    private Map<BandRef, Aim> aims(int visit, int visits) {
        Map<BandRef, Aim> aims = new LinkedHashMap<>();
        for (BandRef at : head.bands()) {
            if (head.at(at).keeps() || work.isCut(at)) {
                continue;
            }
            Aim wished = head.at(at).aim().orElseThrow();
            double here = level(at);
            if (visit == visits) {
                aims.put(at, wished);
            } else if (here - wished.level() > STAGED_FROM && kind(at).lifted()) {
                double part = here + (wished.level() - here) / (visits - visit + 1);
                aims.put(at, wished.at(part));
            } else if (wished.level() - here > HALF_A_LEVEL) {
                aims.put(at, wished);
            }
        }
        return aims;
    }

    /** As read until something was done to it; as the model has it from then on. */
    private double level(BandRef at) {
        HairState hair = work.hair(at);
        boolean asRead = hair.equals(desk.start(at)) && head.band(at).greyShare() < FillerNeed.SPEAKS_OF_GREY;
        return asRead ? head.band(at).level() : LevelScale.inHalves(hair.level());
    }

    private BandKind kind(BandRef at) {
        return lifted.contains(at) ? BandKind.LIGHTENED : head.band(at).kind();
    }

    /** Ends too weak for any work, if so much may be cut off. */
    private void trim() {
        Limits limits = desk.wish().limits();
        List<BandRef> off = head.bands().stream()
                .filter(at -> failed(at)
                        && head.read().zones().get(at.zone()).strand().lengthCm()
                                        - head.band(at).fromCm()
                                <= limits.trimCm())
                .toList();
        if (!off.isEmpty()) {
            off.forEach(at -> answers.put(
                    at,
                    new BandAnswer(
                            at,
                            Decision.TRIM,
                            0,
                            List.of(new Reason(
                                    Rule.R39, "Its wet strand failed, and so much may be trimmed: cut it off.")))));
            work.perform(Round.of(Laying.of(Action.TRIM, off, 10, 1)));
        }
    }

    private boolean failed(BandRef at) {
        return !head.band(at).detail().stretch().map(Elasticity::mayGoOn).orElse(true);
    }

    private boolean tooDark(BandRef at, Aim aim) {
        return aim.level() - level(at) > HALF_A_LEVEL;
    }

    private void takeOut(Map<BandRef, Aim> aims) {
        boolean removerFirst = strategy.remover() && !strategy.cleanse() && method.takeOut() == TakeOut.REMOVER_FIRST;
        if (removerFirst && work.visit() == 1) {
            remove(aims);
        }
        Map<BandRef, Double> goals = new LinkedHashMap<>();
        Map<String, Double> known = new HashMap<>();
        aims.forEach((at, aim) -> {
            if (tooDark(at, aim) && lifting.allowed(at) && !failed(at)) {
                double goal = known.computeIfAbsent(
                        aim + " " + System.identityHashCode(work.hair(at)), key -> lifting.goal(at, aim));
                if (goal - work.hair(at).level() > 0.25) {
                    goals.put(at, goal);
                }
            }
        });
        if (strategy.cleanse()) {
            cleanse(goals);
        }
        Map<BandRef, Double> before = new HashMap<>();
        goals.keySet().forEach(at -> before.put(at, work.hair(at).integrity()));
        List<Laying> layings = lifting.layings(goals);
        List<Laying> bandFirst =
                layings.stream().filter(l -> l.way() == LiftWay.BAND).toList();
        List<Laying> then =
                layings.stream().filter(l -> l.way() != LiftWay.BAND).toList();
        for (List<Laying> together : List.of(bandFirst, then)) {
            if (!together.isEmpty()) {
                work.perform(new Round(Action.LIGHTEN, together));
                together.forEach(l -> lifted.addAll(l.bands()));
            }
        }
        List<BandRef> spent = before.keySet().stream()
                .filter(at -> before.get(at) - work.hair(at).integrity() > SPENT)
                .sorted((a, b) -> a.zone() != b.zone() ? a.zone() - b.zone() : a.band() - b.band())
                .toList();
        if (!spent.isEmpty()) {
            work.perform(Round.of(Laying.of(Action.TREATMENT, spent, BOND_MINUTES, 1)));
        }
    }

    private void cleanse(Map<BandRef, Double> goals) {
        List<BandRef> dark = goals.keySet().stream()
                .filter(at -> Lifting.oxidative(work.hair(at)) > DYE_SEEN
                        && !head.at(at).atScalp())
                .filter(at -> work.hair(at).integrity() > Elasticity.SPRINGS_BACK.from())
                .toList();
        if (!dark.isEmpty()) {
            work.perform(Round.of(lifting.cleanse(dark)));
            lifted.addAll(dark);
            goals.entrySet().removeIf(e -> e.getValue() - work.hair(e.getKey()).level() <= 0.25);
        }
    }

    private void remove(Map<BandRef, Aim> aims) {
        List<BandRef> due = new ArrayList<>();
        aims.forEach((at, aim) -> {
            if (tooDark(at, aim) && Lifting.oxidative(work.hair(at)) > DYE_SEEN && !failed(at)) {
                due.add(at);
            }
        });
        if (due.isEmpty()) {
            return;
        }
        int rounds = 0;
        Map<BandRef, HairState> hair = new HashMap<>();
        due.forEach(at -> hair.put(at, work.hair(at)));
        while (rounds < MOST_ROUNDS) {
            double gained = 0;
            for (BandRef at : due) {
                HairState here = hair.get(at);
                HairState next = here.after(new mischung.change.RemoverRound(REMOVER_MINUTES, true, true, 10));
                if (here.level() < aims.get(at).level()) {
                    gained = Math.max(gained, next.level() - here.level());
                }
                hair.put(at, next);
            }
            if (gained < WORTH_A_ROUND) {
                break;
            }
            rounds++;
        }
        if (rounds > 0) {
            work.perform(new Round(
                    Action.REMOVE,
                    List.of(
                            Laying.of(Action.CLARIFY, due, CLARIFY_MINUTES, 2),
                            Laying.of(Action.REMOVE, due, REMOVER_MINUTES, rounds))));
            removed.addAll(due);
        }
    }

    private void colour(Map<BandRef, Aim> aims) {
        Map<BandRef, Decision> decided = new LinkedHashMap<>();
        Map<BandRef, Aim> reachable = new LinkedHashMap<>();
        aims.forEach((at, aim) -> {
            BandAnswer answer = answer(at, work.hair(at), aim);
            answers.put(at, answer);
            decided.put(at, answer.decision());
            // What stayed darker than hoped is finished at the level it reached.
            double here = work.hair(at).level();
            boolean stopsShort = answer.decision().takesOut() && aim.level() - here > HALF_A_LEVEL;
            reachable.put(at, stopsShort ? aim.at(Math.floor(2 * here) / 2) : aim);
        });
        List<BandRef> filled = where(decided, Decision.FILL);
        Depositing depositing = new Depositing(desk, method, work, lifted, reachable);
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

    private void answer(BandRef at, HairState hair) {
        if (!head.at(at).keeps()) {
            answers.put(at, answer(at, hair, head.at(at).aim().orElseThrow()));
        }
    }

    private BandAnswer answer(BandRef at, HairState hair, Aim aim) {
        WorkedBand band = head.at(at);
        if (failed(at)) {
            return new BandAnswer(
                    at,
                    Decision.TOO_WEAK,
                    band.band().level() - aim.level(),
                    List.of(new Reason(
                            Rule.R39,
                            "Its wet strand "
                                    + band.band()
                                            .detail()
                                            .stretch()
                                            .orElseThrow()
                                            .words()
                                    + ": no colour and no lightener until it has been treated and springs back.")));
        }
        if (removed.contains(at) || lifted.contains(at)) {
            return takenOut(at, hair, aim);
        }
        FillerNeed.Hair seen = new FillerNeed.Hair(
                band.band().kind(),
                hair.equals(desk.start(at)) ? band.band().level() : LevelScale.inHalves(hair.level()),
                desk.wish().grey() == Grey.COVERED ? band.band().greyShare() : 0,
                hair.canvas().fibre().nearestPorosity(),
                hair.canvas());
        return desk.need(aim).of(at, seen);
    }

    private BandAnswer takenOut(BandRef at, HairState hair, Aim aim) {
        double start = head.band(at).level();
        double goal = lifting.goal(at, aim);
        List<Reason> reasons = new ArrayList<>();
        Decision decision = removed.contains(at)
                ? lifted.contains(at) ? Decision.REMOVE_AND_LIGHTEN : Decision.REMOVE
                : Decision.LIGHTEN;
        if (removed.contains(at)) {
            reasons.add(new Reason(
                    Rule.R30,
                    "Oxidative colour at " + LevelScale.words(start)
                            + ": the remover takes it before anything lifts."));
        }
        if (lifted.contains(at)) {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    "For " + aim.words() + " the canvas has to reach about " + LevelScale.words(goal) + "; it comes to "
                            + LevelScale.figure(hair.level()) + "."));
        }
        if (aim.level() - hair.level() > HALF_A_LEVEL) {
            reasons.add(new Reason(
                    Rule.R39,
                    "It stops at " + LevelScale.figure(hair.level()) + ": "
                            + (lifting.allowed(at)
                                    ? "more would cost the hair its strength (" + FillerNeed.percent(hair.integrity())
                                            + " left) or more than two layings in a day."
                                    : "no lightener may be used here.")));
        }
        return new BandAnswer(at, decision, start - aim.level(), reasons);
    }
}
