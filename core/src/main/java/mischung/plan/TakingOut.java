package mischung.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.DyeKind;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.hair.Tone;
import mischung.light.Ciede2000;
import mischung.process.Place;
import mischung.process.RemoverRound;
import mischung.process.Washing;
import mischung.school.Method;
import mischung.school.TakeOut;
import mischung.wish.Aim;
import mischung.wish.Layer;
import mischung.wish.Weave;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/**
 * Takes out what is darker than the wish: remover, cleanse mix, pre-tone, lightener on all that needs it in one stage, and
 * what brings strength back after it.
 */
final class TakingOut {
    /** Bands whose aims or canvases differ by no more than this share a bowl, in levels. */
    private static final double HALF_A_LEVEL = 0.5;

    private static final int MOST_ROUNDS = 3;
    /** A round of remover that gains less is not worth its hour. */
    private static final double WORTH_A_ROUND = 0.6;

    /** Minutes of lightener that a round has to save where it shows less. */
    private static final double SAVED_MINUTES = 15;

    private static final double ONE_LAYING = 60;

    private static final int CLEANSE_BOWLS = 2;

    /** In levels: so near the goal what was cleansed is left. */
    private static final double LEFT_BY_CLEANSE = 1;

    /** In levels; less is not worth a bowl. */
    private static final double WORTH_LIFTING = 0.25;

    private static final double BRASSY_FROM = 8;
    private static final double LIGHT_AIM = 8;
    private static final double SPENT = 0.03;

    /** As a clarifying step washes. */
    private static final Washing WASHED = new Washing(2, true);

    /** In CIEDE2000, from memory: less is not worth a wash and drying. */
    private static final double SEEN_TO_FADE = 2;

    private final Strategy strategy;
    private final Method method;
    private final WorkedHead head;
    private final Playthrough work;
    private final Lifting lifting;
    private final Set<BandRef> removed = new HashSet<>();
    private final Set<BandRef> liftedToday = new HashSet<>();
    /** Left warm for its strength's sake. */
    private final Set<BandRef> borne = new HashSet<>();

    private final Set<BandRef> lifted = new HashSet<>();

    /** How light the canvas had to become, of what was found too dark. */
    private final Map<BandRef, Double> found = new HashMap<>();

    private boolean begun;

    TakingOut(PlanningContext desk, Strategy strategy, Playthrough work) {
        this.strategy = strategy;
        this.method = strategy.method();
        this.head = desk.head();
        this.work = work;
        this.lifting = new Lifting(desk, strategy, work);
    }

    /** Bands that were lightened, in this visit or an earlier one: they are natural no longer. */
    Set<BandRef> lifted() {
        return lifted;
    }

    /** Whether colour lifts it as far as is wanted (R9). */
    boolean byColour(BandRef at, Aim aim) {
        return tooDark(at, aim) && asOne(at).stream().allMatch(beside -> lifting.byColour(beside, aim));
    }

    /** A stretch of hair as it grew, read as one: nobody lightens its first centimetres and colours the next. */
    private List<BandRef> asOne(BandRef at) {
        WorkedBand own = head.at(at);
        return head.bands().stream()
                .filter(other -> other.zone() == at.zone()
                        && head.at(other).groups().equals(own.groups())
                        && head.at(other).aim().equals(own.aim())
                        && head.band(other).kind() == head.band(at).kind()
                        && Math.abs(head.band(other).level() - head.band(at).level()) <= HALF_A_LEVEL)
                .toList();
    }

    /** R9: permanent colour as strong as it may be where it goes: at the scalp and off it in bowls of their own. */
    List<Laying.Deposit> liftingColours(List<BandRef> some, Map<BandRef, Aim> aims) {
        Map<Aim, Map<Boolean, List<BandRef>>> alike = new LinkedHashMap<>();
        for (BandRef at : some) {
            Aim aim = aims.get(at);
            if (aim != null) {
                alike.computeIfAbsent(aim, key -> new TreeMap<>())
                        .computeIfAbsent(head.at(at).touchesScalp(), key -> new ArrayList<>())
                        .add(at);
            }
        }
        List<Laying.Deposit> layings = new ArrayList<>();
        alike.forEach((aim, byPlace) ->
                byPlace.values().forEach(bands -> layings.add(lifting.byColour(head.at(bands.get(0)), bands, aim))));
        return layings;
    }

    /** Whether anything was taken out of it in this visit. */
    boolean touched(BandRef at) {
        return removed.contains(at) || liftedToday.contains(at);
    }

    /** Rounds that are done, or on the hair: what follows counts on what they took out. */
    void taken(Round round) {
        for (Laying laying : round.layings()) {
            if (laying.action().lifts()) {
                lifted(laying.bands());
            } else if (laying.action() == Action.REMOVE) {
                removed.addAll(laying.bands());
            }
        }
        begun = true;
    }

    void nextVisit() {
        begun = false;
        removed.clear();
        liftedToday.clear();
        borne.clear();
    }

    private void lifted(List<BandRef> some) {
        lifted.addAll(some);
        liftedToday.addAll(some);
    }

    /** As read, or as the model has it by now; hair with white in it by what is deep in it, where that has to become light. */
    double level(BandRef at, Aim aim) {
        double grey = head.band(at).greyShare();
        if (grey > 0 && aim.level() >= LIGHT_AIM) {
            return LevelScale.inHalves(Lifting.deep(work.hair(at)));
        }
        return grey < FillerNeed.SPEAKS_OF_GREY
                ? work.level(at)
                : LevelScale.inHalves(work.hair(at).level());
    }

    boolean failed(BandRef at) {
        return !head.band(at).detail().stretch().map(Elasticity::mayGoOn).orElse(true);
    }

    private boolean tooDark(BandRef at, Aim aim) {
        return aim.leastCanvas() - level(at, aim) > HALF_A_LEVEL;
    }

    /** R44: a gloss is never lifted for, nor is what is darkened. */
    private boolean onlyDeposit(BandRef at, Aim aim) {
        return head.at(at).purpose() == Layer.Purpose.GLOSS || lowlight(at, aim);
    }

    /** Of lowlights that what is clearly darker than the hair; beside them may lie panels that stay light. */
    boolean lowlight(BandRef at, Aim aim) {
        return head.at(at).purpose() == Layer.Purpose.LOWLIGHT
                && aim.level() < work.hair(at).level() - HALF_A_LEVEL;
    }

    /** What a staged visit passes through on its way down is not what hair is lifted for. */
    private boolean onItsWay(BandRef at, Aim aim) {
        return head.at(at).aim().filter(aim::equals).isEmpty();
    }

    /** Everything a band's goal follows from. */
    private record SameGoal(Aim aim, HairState hair, BandKind kind, Place place) {}

    /**
     * @param aims what every band that is due shall come to
     * @param between colour that goes between such layings of lightener while they work (R47)
     */
    void perform(Map<BandRef, Aim> aims, Function<List<Laying.Lift>, List<Laying.Deposit>> between) {
        wash(aims);
        boolean removerFirst = method.takeOut() == TakeOut.REMOVER_FIRST;
        if (removerFirst && work.visit() == 1 && !begun) {
            remove(aims);
        }
        Map<BandRef, Double> goals = new LinkedHashMap<>();
        Map<SameGoal, Double> known = new HashMap<>();
        aims.forEach((at, aim) -> {
            if (due(at, aim)) {
                double goal = known.computeIfAbsent(
                        new SameGoal(
                                aim,
                                work.hair(at),
                                head.band(at).kind(),
                                head.at(at).place()),
                        key -> lifting.goal(at, aim));
                // What only its toner keeps dark needs no more lift, but the toner gone.
                boolean toner = tooDark(at, aim) && lifting.onlyToned(at, aim.leastCanvas());
                goal = toner ? aim.leastCanvas() : goal;
                found.put(at, goal);
                // A second round for less than half a level is not worth its hour.
                if (goal - Lifting.deep(work.hair(at)) > (begun ? HALF_A_LEVEL : WORTH_LIFTING)) {
                    goals.put(at, goal);
                }
            }
        });
        if (strategy.cleanse() && !begun) {
            cleanse(goals);
        }
        Map<BandRef, Double> before = new HashMap<>();
        goals.keySet().forEach(at -> before.put(at, work.hair(at).integrity()));
        if (strategy.preTone() && !begun) {
            preTone(goals.keySet());
        }
        List<Laying.Lift> layings = lifting.layings(goals);
        if (!layings.isEmpty()) {
            // R46: one stage; what is dark is laid with all the rest of its section, as strong as it needs.
            List<Laying> together = new ArrayList<>(layings);
            together.addAll(between.apply(layings));
            work.perform(new Round(Action.LIGHTEN, together));
            layings.forEach(l -> lifted(l.bands()));
        }
        List<BandRef> spent = before.keySet().stream()
                .filter(at -> before.get(at) - work.hair(at).integrity() > SPENT)
                .sorted()
                .toList();
        if (!spent.isEmpty()) {
            work.perform(Round.of(Laying.usual(Action.TREATMENT, spent)));
        }
    }

    private boolean due(BandRef at, Aim aim) {
        if (!lifting.allowed(at) || failed(at) || onlyDeposit(at, aim)) {
            return false;
        }
        if (tooDark(at, aim)) {
            return !byColour(at, aim);
        }
        if (onItsWay(at, aim)) {
            return false;
        }
        Lifting.Warmth warmth = lifting.warmth(at, aim);
        if (warmth == Lifting.Warmth.BORNE) {
            borne.add(at);
        }
        return warmth == Lifting.Warmth.LIFTED_FURTHER;
    }

    /** R53: brassy hair at 8 and lighter is toned for some minutes, so that lightener has less to do. */
    private void preTone(Set<BandRef> toLift) {
        Map<Double, List<BandRef>> byLevel = new TreeMap<>();
        toLift.stream()
                .filter(at -> work.hair(at).lifted()
                        && LevelScale.inHalves(work.hair(at).level()) >= BRASSY_FROM)
                .forEach(at -> byLevel.computeIfAbsent(
                                LevelScale.inHalves(work.hair(at).level()), level -> new ArrayList<>())
                        .add(at));
        List<Laying> layings = new ArrayList<>();
        byLevel.forEach(
                (level, bands) -> layings.add(Laying.usual(Action.PRE_TONE, bands, new Aim(level, Tone.NATURAL))));
        if (!layings.isEmpty()) {
            work.perform(new Round(Action.PRE_TONE, layings));
        }
    }

    /**
     * R52: what is too dark for its toner alone is washed clear, where that is enough. R58: so is what is left of an old direct colour
     * that the wish does not want, where a wash can be seen: what leaves needs not be covered.
     */
    private void wash(Map<BandRef, Aim> aims) {
        List<BandRef> due = new ArrayList<>();
        aims.forEach((at, aim) -> {
            if (tooDark(at, aim)
                    && !failed(at)
                    && lifting.onlyToned(at, aim.leastCanvas())
                    && aim.leastCanvas() - work.hair(at).after(WASHED).level() <= HALF_A_LEVEL) {
                due.add(at);
            }
        });
        if (!due.isEmpty()) {
            work.perform(Round.of(Laying.usual(Action.CLARIFY, due)));
        }
        List<BandRef> left = aims.entrySet().stream()
                .filter(e -> !e.getValue().direct() && !failed(e.getKey()) && !tooDark(e.getKey(), e.getValue()))
                .map(Map.Entry::getKey)
                .filter(at -> !work.clarified(at) && oldDirect(work.hair(at)))
                .toList();
        if (!left.isEmpty()) {
            work.perform(Round.of(Laying.usual(Action.CLARIFY, left)));
        }
    }

    private static boolean oldDirect(HairState hair) {
        return hair.canvas().coloured().dyes(DyeKind.DIRECT).total() > Lifting.DYE_SEEN
                && Ciede2000.between(hair.lab(), hair.after(WASHED).lab()) >= SEEN_TO_FADE;
    }

    /** R31: old dark colour off the scalp, and once more what stayed dark: the same mix, the bowl half the size. */
    private void cleanse(Map<BandRef, Double> goals) {
        List<BandRef> dark = goals.keySet().stream()
                .filter(at -> Lifting.oxidative(work.hair(at)) > Lifting.DYE_SEEN
                        && !head.at(at).touchesScalp())
                .filter(at -> work.hair(at).integrity() > Elasticity.SPRINGS_BACK.from())
                .toList();
        for (int bowl = 1; bowl <= CLEANSE_BOWLS; bowl++) {
            dark = dark.stream()
                    .filter(at -> goals.getOrDefault(at, 0.0) - Lifting.deep(work.hair(at)) > HALF_A_LEVEL)
                    .toList();
            List<Laying.Lift> layings = lifting.cleanse(dark, goals);
            if (!layings.isEmpty()) {
                work.perform(new Round(Action.CLEANSE, List.copyOf(layings)));
                layings.forEach(laying -> lifted(laying.bands()));
                layings.forEach(laying -> lifting.cleansed(laying.bands()));
            }
        }
        goals.entrySet()
                .removeIf(e -> e.getValue() - Lifting.deep(work.hair(e.getKey()))
                        <= (lifting.isCleansed(e.getKey()) ? LEFT_BY_CLEANSE : WORTH_LIFTING));
    }

    /** Old colour as it was read, and what it is to become. */
    private record OldColour(Band band, Aim aim) {}

    private void remove(Map<BandRef, Aim> aims) {
        List<BandRef> due = new ArrayList<>();
        // Hair that was read alike is reckoned once.
        Map<OldColour, Boolean> known = new HashMap<>();
        aims.forEach((at, aim) -> {
            boolean dark = tooDark(at, aim) && !lifting.onlyToned(at, aim.leastCanvas());
            if (Lifting.oxidative(work.hair(at)) > Lifting.DYE_SEEN
                    && !failed(at)
                    && (dark
                            || known.computeIfAbsent(
                                    new OldColour(head.band(at), aim),
                                    same -> lifting.offTone(at, work.hair(at), aim)))) {
                due.add(at);
            }
        });
        if (due.isEmpty()) {
            return;
        }
        due.addAll(beside(due, aims));
        int rounds = rounds(due, aims);
        if (rounds > 0) {
            work.perform(new Round(
                    Action.REMOVE,
                    List.of(
                            Laying.usual(Action.CLARIFY, due),
                            Laying.treat(Action.REMOVE, due, RemoverRound.USUAL.minutes(), rounds))));
            removed.addAll(due);
        }
    }

    /**
     * As few as the wish needs: so many as bring it there by themselves, else those that leave the lightener one laying. Off-tone hair
     * is taken further while that brings it clearly nearer.
     */
    private int rounds(List<BandRef> due, Map<BandRef, Aim> aims) {
        Map<OldColour, BandRef> alike = new LinkedHashMap<>();
        due.forEach(at -> alike.putIfAbsent(new OldColour(head.band(at), aims.get(at)), at));
        return alike.entrySet().stream()
                .mapToInt(e -> rounds(e.getValue(), e.getKey().aim))
                .max()
                .orElse(0);
    }

    private int rounds(BandRef at, Aim aim) {
        List<HairState> after = new ArrayList<>(List.of(work.hair(at)));
        for (int i = 0; i < MOST_ROUNDS; i++) {
            after.add(after.get(i).after(RemoverRound.USUAL));
        }
        double least = aim.leastCanvas() - HALF_A_LEVEL;
        boolean dark = after.get(0).level() < least;
        for (int r = 0; r <= MOST_ROUNDS && dark; r++) {
            if (after.get(r).level() >= least) {
                return r;
            }
        }
        int rounds = 0;
        while (rounds < MOST_ROUNDS && worth(at, aim, after.get(rounds), after.get(rounds + 1), rounds, dark)) {
            rounds++;
        }
        return rounds;
    }

    private boolean worth(BandRef at, Aim aim, HairState before, HairState after, int done, boolean dark) {
        if (!dark) {
            return lifting.offTone(at, before, aim);
        }
        double lift = lifting.minutesTo(before, aim.leastCanvas());
        boolean oneLaying = done > 0 && lifting.allowed(at) && lift <= ONE_LAYING;
        boolean gains = after.level() - before.level() >= WORTH_A_ROUND
                || lift - lifting.minutesTo(after, aim.leastCanvas()) >= SAVED_MINUTES;
        return !oneLaying && gains;
    }

    /** Remover is laid on a whole stretch: nobody keeps it on woven pieces alone. */
    private List<BandRef> beside(List<BandRef> pieces, Map<BandRef, Aim> aims) {
        return aims.keySet().stream()
                .filter(at -> head.at(at).weave() == Weave.REST
                        && Lifting.oxidative(work.hair(at)) > Lifting.DYE_SEEN
                        && !failed(at)
                        && !pieces.contains(at))
                .filter(at -> pieces.stream()
                        .anyMatch(piece -> piece.zone() == at.zone()
                                && head.at(piece).read() == head.at(at).read()))
                .toList();
    }

    /** Whether lightener went on it in this visit. */
    boolean liftedToday(BandRef at) {
        return liftedToday.contains(at);
    }

    /** Why hair stays warm that would be lifted further if it were stronger. */
    Optional<Reason> warmthBorne(BandRef at) {
        return borne.contains(at)
                ? Optional.of(new Reason(
                        Rule.R39,
                        ReasonMessage.WEAK_ONLY_TONED
                                .say()
                                .share("left", work.hair(at).integrity())
                                .said()))
                : Optional.empty();
    }

    /** What was taken out of a band, and why it goes no further. */
    BandAnswer answer(BandRef at, Aim aim) {
        HairState hair = work.hair(at);
        double start = head.band(at).level();
        double goal = found.getOrDefault(at, aim.leastCanvas());
        List<Reason> reasons = new ArrayList<>();
        Decision decision = removed.contains(at)
                ? liftedToday.contains(at) ? Decision.REMOVE_AND_LIGHTEN : Decision.REMOVE
                : Decision.LIGHTEN;
        if (removed.contains(at)) {
            reasons.add(new Reason(
                    Rule.R30,
                    (goal > start + HALF_A_LEVEL
                                    ? ReasonMessage.REMOVER_BEFORE_LIFT
                                    : ReasonMessage.REMOVER_NOTHING_CANCELS)
                            .say()
                            .level("level", start)
                            .said()));
        }
        if (liftedToday.contains(at)) {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    ReasonMessage.CANVAS_REACHES
                            .say()
                            .part("wish", aim.said())
                            .level("goal", goal)
                            .tenth("level", hair.level())
                            .said()));
        }
        warmthBorne(at).ifPresent(reasons::add);
        if (aim.leastCanvas() - hair.level() > HALF_A_LEVEL) {
            reasons.add(new Reason(
                    Rule.R39,
                    lifting.allowed(at)
                            ? ReasonMessage.STOPS_FOR_STRENGTH
                                    .say()
                                    .tenth("level", hair.level())
                                    .share("left", hair.integrity())
                                    .said()
                            : ReasonMessage.STOPS_NO_LIGHTENER
                                    .say()
                                    .tenth("level", hair.level())
                                    .said()));
        }
        return new BandAnswer(at, decision, start - aim.level(), reasons);
    }
}
