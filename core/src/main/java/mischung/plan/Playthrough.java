package mischung.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.formula.Formula;
import mischung.formula.FormulaSearch;
import mischung.formula.FormulaTask;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.LevelScale;
import mischung.process.Application;
import mischung.process.Care;
import mischung.process.RemoverRound;
import mischung.process.Washing;
import mischung.product.BowlGrams;
import mischung.product.Developer;
import mischung.product.HairAmount;
import mischung.school.Method;
import mischung.school.Rinse;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/**
 * The work itself, round by round: every round that is decided, by the planner or by hand, is mixed, weighed and played
 * through the hair here and nowhere else.
 */
final class Playthrough {
    private static final double RINSE_MINUTES = 10;

    /** Of one bowl over a full head of foils: some 110 min, and a bowl is laid well within its 40. */
    private static final int FRESH_BOWLS = 4;

    /** R31: of the first bowl's size, on hair that is wet with it. */
    private static final double SECOND_CLEANSE = 0.5;

    private static final Reason BETWEEN = new Reason(Rule.R47, ReasonMessage.BETWEEN_FOILS);

    private final PlanningContext desk;
    private final Method method;
    private final WorkedHead head;
    private final Simulation simulation;
    private final Recipes recipes;
    private final StepReasons reasons;
    private final ColourReasons colourReasons;
    private final List<List<Outcome>> now;
    private final List<PlanStep> steps = new ArrayList<>();
    private int visit = 1;
    private final Set<BandRef> clarified = new HashSet<>();
    private final Set<BandRef> cleansed = new HashSet<>();
    private int bowls;
    private boolean asMixed;

    Playthrough(PlanningContext desk, Method method) {
        this.desk = desk;
        this.method = method;
        this.head = desk.head();
        this.simulation = new Simulation(desk);
        this.recipes = new Recipes(desk, method.filler());
        this.reasons = new StepReasons(desk.head());
        this.colourReasons = new ColourReasons(desk, method);
        this.now = simulation.look();
    }

    /** From now on bowls are as they were mixed: whether one more would gain anything is asked no longer. */
    void asMixed() {
        asMixed = true;
    }

    HairState hair(BandRef at) {
        return simulation.hair(at);
    }

    /** As read until something was done to it; as the model has it, in halves, from then on. */
    double level(BandRef at) {
        return hair(at).equals(desk.start(at)) ? head.band(at).level() : LevelScale.inHalves(hair(at).level());
    }

    boolean isCut(BandRef at) {
        return simulation.isCut(at);
    }

    int visit() {
        return visit;
    }

    Recipes recipes() {
        return recipes;
    }

    List<List<Outcome>> now() {
        return now;
    }

    /** All rounds so far, named; where there are several of a kind they are counted. */
    List<PlanStep> steps() {
        Map<Action, Integer> all = new EnumMap<>(Action.class);
        steps.forEach(step -> all.merge(step.kind(), 1, Integer::sum));
        Map<Action, Integer> seen = new EnumMap<>(Action.class);
        return steps.stream()
                .map(step -> {
                    int number = seen.merge(step.kind(), 1, Integer::sum);
                    return all.getOrDefault(step.kind(), 0) == 1
                            ? step
                            : new PlanStep(
                                    step.round(),
                                    step.visit(),
                                    number,
                                    step.treatments(),
                                    step.lifts(),
                                    step.bowls(),
                                    step.outcomes(),
                                    step.warnings());
                })
                .toList();
    }

    /** A strand was looked at after the last round. */
    void see(BandRef at, HeadUnderway.Shown shown) {
        simulation.see(at, shown);
    }

    void perform(Round round) {
        List<Treatment> treatments = new ArrayList<>();
        List<LiftBowl> lifts = new ArrayList<>();
        List<Bowl> colours = new ArrayList<>();
        List<Warning> warnings = new ArrayList<>();
        Map<BandRef, HairState> before = new HashMap<>();
        head.bands().forEach(at -> before.put(at, hair(at)));
        int of = visit;
        for (Laying decided : round.layings()) {
            Laying laying =
                    decided.on(decided.bands().stream().filter(at -> !isCut(at)).toList());
            if (laying.bands().isEmpty() && !(laying instanceof Laying.Wait)) {
                continue;
            }
            Laying mixed = laying;
            if (laying instanceof Laying.Deposit deposit) {
                Bowl bowl = colour(deposit);
                colours.add(round.action().lifts() ? bowl.because(BETWEEN) : bowl);
                mixed = deposit.with(bowl.formula().mix());
            } else if (laying instanceof Laying.Lift lift) {
                lifts.add(lift(lift));
            } else {
                treatments.add(treat(laying));
            }
            warnings.addAll(Warnings.of(head, mixed, before::get, this::hair));
        }
        // Foils are shampooed out, and with them what lay between.
        if (round.action().lifts() || (round.action() == Action.FILL && method.rinse() == Rinse.SHAMPOO)) {
            simulation.lay(
                    Washing.times(1),
                    colours.stream()
                            .filter(bowl -> bowl.action() == Action.FILL)
                            .flatMap(bowl -> bowl.bands().stream())
                            .toList());
        }
        steps.add(new PlanStep(round, of, 0, treatments, lifts, colours, simulation.look(), warnings));
    }

    /** Whether it was washed clear on this visit. */
    boolean clarified(BandRef at) {
        return clarified.contains(at);
    }

    private Treatment treat(Laying laying) {
        List<BandRef> bands = laying.bands();
        // Of the hair as it is before.
        List<Reason> why = reasons.treatment(laying, this);
        if (laying instanceof Laying.Wait wait) {
            simulation.pass(Washing.times(wait.weeks() * desk.washesPerWeek()));
            visit++;
            clarified.clear();
            cleansed.clear();
            return new Treatment(laying, 0, why);
        }
        switch (laying.action()) {
            case TRIM -> simulation.cutOff(bands);
            case CLARIFY -> {
                simulation.lay(new Washing(laying.times(), true), bands);
                clarified.addAll(bands);
            }
            case EQUALISE -> simulation.lay(new Care(Care.Kind.EQUALISER, laying.minutes()), bands);
            case TREATMENT -> simulation.lay(new Care(Care.Kind.BOND, laying.minutes()), bands);
            case REMOVE -> {
                for (int i = 0; i < laying.times(); i++) {
                    bands.forEach(at -> simulation.lay(
                            new RemoverRound(laying.minutes(), true, clarified.contains(at), RINSE_MINUTES),
                            List.of(at)));
                }
            }
            case DRY -> {}
            case WAIT, CLEANSE, LIGHTEN, PRE_TONE, FILL, NEUTRALISE, TARGET, MELT, ROOT_TAP, TONER, GLOSS ->
                throw new IllegalArgumentException(laying.action() + " is not done by a treatment");
        }
        double need = switch (laying.action()) {
            case EQUALISE, TREATMENT -> head.treatmentGrams(bands);
            case REMOVE -> desk.mixGrams(bands) * laying.times();
            default -> 0;
        };
        return new Treatment(laying, (int) Math.ceil(need * (1 + HairAmount.reserve())), why);
    }

    private LiftBowl lift(Laying.Lift laying) {
        List<Reason> why = new ArrayList<>(reasons.lift(laying, this));
        for (int i = 0; i < laying.times(); i++) {
            laying.bands()
                    .forEach(at -> simulation.lay(laying.lightening(head.at(at).place()), List.of(at)));
        }
        boolean again = laying.action() == Action.CLEANSE && cleansed.containsAll(laying.bands());
        double once = Math.max(
                (again ? SECOND_CLEANSE : 1) * desk.mixGrams(laying.bands()) * (1 + HairAmount.reserve())
                        + HairAmount.waste(),
                HairAmount.leastBatchGrams() * batches(laying));
        if (laying.action() == Action.CLEANSE) {
            cleansed.addAll(laying.bands());
        }
        int powder = (int) Math.ceil(once * laying.times() / (1 + laying.ratio()));
        double goal = laying.bands().stream()
                .mapToDouble(at -> hair(at).level())
                .average()
                .orElseThrow();
        reasons.further(laying, goal).ifPresent(why::add);
        return new LiftBowl(
                nextName(),
                laying,
                new Developer(laying.volume()),
                powder,
                (int) Math.ceil(powder * laying.ratio()),
                goal,
                why);
    }

    /** Fresh bowls its sections ask for, however little lies in each: a full head of foils takes four of them. */
    private int batches(Laying.Lift laying) {
        double share = laying.bands().stream()
                .map(BandRef::zone)
                .distinct()
                .mapToDouble(zone ->
                        HairAmount.share(head.read(), head.read().zones().get(zone)))
                .sum();
        double hair = share * Math.max(1, HairAmount.factor(head.read().density()));
        return (int)
                Math.ceil((laying.way().foiled() && laying.action() == Action.LIGHTEN ? FRESH_BOWLS : 1) * hair - 1e-9);
    }

    /** Which part of the strand these bands are. */
    BowlPlace place(List<BandRef> bands) {
        boolean roots = bands.stream().allMatch(at -> {
            WorkedBand worked = head.at(at);
            return worked.band().kind() == BandKind.NATURAL && hair(at).equals(desk.start(at));
        });
        if (roots) {
            return BowlPlace.ROOTS;
        }
        return bands.stream().anyMatch(at -> porous(at)) ? BowlPlace.POROUS : BowlPlace.LENGTHS;
    }

    boolean porous(BandRef at) {
        return hair(at).canvas().fibre().nearestPorosity().raised();
    }

    private Bowl colour(Laying.Deposit laying) {
        BowlPlace place = place(laying.bands());
        FormulaTask task = recipes.task(laying, place, this::hair);
        Formula formula = laying.mix().map(mix -> FormulaSearch.of(task, mix)).orElseGet(() -> desk.weighed(task));
        Optional<Bowl.Gain> oneMore = asMixed && laying.mix().isPresent()
                ? Optional.empty()
                : Grouping.gainOfOneMore(laying, place, recipes, desk, this::hair);
        Application application =
                recipes.application(laying).withDyes(formula.mix().dyes());
        List<Reason> why = new ArrayList<>(colourReasons.of(laying, application, place, formula, oneMore, this));
        recipes.withAll(task, laying.shadeClass())
                .map(whole -> ColourReasons.out(formula, whole, desk.range().setAside()))
                .ifPresent(why::add);
        laying.bands()
                .forEach(
                        at -> simulation.lay(Recipes.at(application, head.at(at).place()), List.of(at)));
        return new Bowl(
                nextName(),
                laying,
                place,
                formula,
                new Developer(laying.volume()),
                BowlGrams.of(formula.mix(), laying.ratio(), desk.mixGrams(laying.bands())),
                oneMore,
                why);
    }

    private String nextName() {
        int number = bowls++;
        return number < 26 ? String.valueOf((char) ('A' + number)) : "Z" + (number - 25);
    }
}
