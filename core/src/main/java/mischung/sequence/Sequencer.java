package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.plan.Action;
import mischung.plan.LiftBowl;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Treatment;
import mischung.process.Wetness;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.school.Between;
import mischung.school.Method;
import mischung.school.Rinse;
import mischung.school.Start;
import mischung.sequence.Stage.Alone;
import mischung.wish.WorkedHead;

/**
 * From a plan to what hands do when: stage by stage, from one rinse to the next, each solved for the people there are, one
 * head and one basin. Stages cannot overlap, because all hair is rinsed between them, and towelled or dried for what
 * comes next; only mixing for the next may fall into the drying of the last.
 */
public final class Sequencer {
    /** Nobody stays longer than a day. */
    private static final int NEVER = 2_000;

    private static final int OVERDUE_STEP = 15;

    /** Minutes before a break is due from which waiting is used for it. */
    private static final int NEAR_A_BREAK = 60;

    private final Plan plan;
    private final Method method;
    private final OrderTerms terms;
    private final Comparator<Integer> order;
    private final StageDemand work;
    private final Timeline timeline;
    private final List<Sequence.Ramp> ramps = new ArrayList<>();
    private final List<Sequence.Unmoved> unmoved = new ArrayList<>();
    private final List<Said> overdue = new ArrayList<>();

    /** What was done since the last stage and had the head for itself. */
    private final List<Alone> waiting = new ArrayList<>();

    private boolean wet;

    /** Lifted in this visit: what goes on it afterwards needs no foils. */
    private final Set<BandRef> foiled = new HashSet<>();

    private int visit = 1;
    private boolean sectioned;
    private int clock;
    private int step;
    private int rested;
    private int stages;
    private int bound;
    private boolean whole = true;

    private Sequencer(Plan plan, OrderTerms terms) {
        this.plan = plan;
        this.method = plan.strategy().method();
        this.terms = terms;
        this.order = order(plan.head(), method.start());
        this.work = new StageDemand(plan.head(), terms.durations(), order);
        this.timeline = new Timeline(plan.head());
    }

    /** By the figures that ship, for the people the wish names. */
    public static Sequence of(Plan plan) {
        return of(plan, OrderTerms.usual(Durations.USUAL, plan.wish().limits().hands()));
    }

    public static Sequence of(Plan plan, OrderTerms terms) {
        return new Sequencer(plan, terms).run();
    }

    private Sequence run() {
        for (step = 0; step < plan.steps().size(); step++) {
            PlanStep now = plan.steps().get(step);
            now.treatments().forEach(this::treat);
            if (!now.lifts().isEmpty()) {
                lift(now);
            } else if (!now.bowls().isEmpty()) {
                colour(now);
            }
        }
        step--;
        endVisit();
        return new Sequence(timeline.tasks(), terms.hands(), timeline.batches(), ramps, bound, whole, unmoved, overdue);
    }

    /** Of zones, by their index: from the back forwards or the other way round (R40). */
    static Comparator<Integer> order(WorkedHead head, Start start) {
        Comparator<Integer> backFirst = Comparator.comparingInt(
                z -> Durations.backFirst(head.read().zones().get(z).place()));
        return start == Start.BACK ? backFirst : backFirst.reversed();
    }

    private boolean backFirst() {
        return method.start() == Start.BACK;
    }

    private void endVisit() {
        if (clock > 0 || !waiting.isEmpty()) {
            dry(true);
            waiting.add(work.looking());
        }
        if (!waiting.isEmpty()) {
            stage(Stage.Work.NONE);
        }
        visit++;
        sectioned = false;
        clock = 0;
        wet = false;
        foiled.clear();
        rested = 0;
    }

    /** Hair that was rinsed is dried for what goes on dry hair, and towelled for all else. */
    private void dry(boolean fully) {
        dry(fully ? () -> work.drying() : work::towelling);
    }

    private void dry(Supplier<Stage.Alone> how) {
        if (wet) {
            waiting.add(how.get());
        }
        wet = false;
    }

    /** Before the first product of a visit that goes on by sections; after a shampoo, which would undo them. */
    private void section() {
        if (!sectioned) {
            waiting.add(work.sectioning(backFirst()));
        }
        sectioned = true;
    }

    private void treat(Treatment treatment) {
        switch (treatment.action()) {
            case EQUALISE -> {
                dry(false);
                section();
                stage(work.equaliser(treatment));
            }
            case TREATMENT -> {
                // It is combed through at the basin: a towel is enough.
                dry(work::towel);
                section();
                stage(work.bond(treatment));
                wet = true;
            }
            case REMOVE ->
                work.remover(treatment).forEach(round -> {
                    dry(false);
                    section();
                    stage(round);
                    wet = true;
                });
            case CLARIFY -> {
                waiting.add(work.clarifying(treatment));
                wet = true;
            }
            case TRIM -> waiting.add(work.trimming(treatment));
            case DRY -> {
                waiting.add(work.drying());
                wet = false;
            }
            case WAIT -> endVisit();
            default -> throw new IllegalStateException(treatment.action() + " is mixed in a bowl");
        }
    }

    private void colour(PlanStep now) {
        boolean onDamp = now.bowls().stream().allMatch(bowl -> bowl.laying().wetness() != Wetness.DRY);
        dry(!onDamp);
        section();
        if (now.kind() == Action.FILL || now.kind() == Action.PRE_TONE) {
            stage(work.filler(now, method.rinse(), foiled));
            wet = method.rinse() != Rinse.TOWEL;
        } else {
            stage(work.target(now, foiled));
            wet = true;
        }
    }

    private void lift(PlanStep now) {
        boolean wash = method.between() == Between.WASH;
        int most = now.lifts().stream()
                .mapToInt(bowl -> bowl.laying().times())
                .max()
                .orElse(1);
        int stages = wash ? most : 1;
        for (int round = 1; round <= stages; round++) {
            List<LiftLay> lays = new ArrayList<>();
            for (LiftBowl bowl : now.lifts()) {
                if (round <= bowl.laying().times()) {
                    lays.add(work.lightener(bowl, this::before, wash));
                }
            }
            dry(true);
            section();
            stage(work.lightening(lays, now, round == stages));
            wet = true;
            now.lifts().forEach(bowl -> foiled.addAll(bowl.bands()));
        }
    }

    private Canvas before(BandRef at) {
        Outcome then = step == 0
                ? plan.now().get(at.zone()).get(at.band())
                : plan.steps().get(step - 1).outcome(at);
        return then.hair().canvas();
    }

    private void stage(Stage.Work what) {
        Stage.Job job = job(waiting, what);
        stage(job, solved(job));
    }

    private Stage.Job job(List<Alone> first, Stage.Work what) {
        List<Alone> before = new ArrayList<>();
        for (int i = 0; i < first.size(); i++) {
            Alone one = first.get(i);
            before.add(new Alone(one.key() + " " + i, one.shown(), one.minutes()));
        }
        double longest = Math.max(
                what.lays().stream()
                        .mapToDouble(lay -> lay.laying() / terms.hands() + lay.works())
                        .max()
                        .orElse(0),
                what.lifts().stream()
                        .mapToDouble(lay -> lay.laying() / terms.hands() + (double) lay.works() * lay.times())
                        .max()
                        .orElse(0));
        boolean tired = !(what.lays().isEmpty() && what.lifts().isEmpty())
                && clock - rested + longest >= terms.durations().of("break after");
        return new Stage.Job(new StageId(0, visit, stages), before, what, tired ? terms.hands() : 0, 0);
    }

    private Optional<Stage.Done> solved(Stage.Job job) {
        return solver(job, Map.of()).solve();
    }

    private Stage solver(Stage.Job job, Map<String, Integer> pins) {
        return new Stage(job, plan.head(), terms.moved(pins), visit, clock, order);
    }

    private void stage(Stage.Job job, Optional<Stage.Done> found) {
        waiting.clear();
        stages++;
        Stage.Done done = found.orElseGet(() -> overdue(job));
        if (job.resting() == 0) {
            // Who waits with free hands when a break is near rests then, and not later at the cost of time.
            int near = rested + (int) terms.durations().of("break after") - NEAR_A_BREAK;
            done = done.resting(
                    terms.hands(), terms.durations().minutes("break", Task.Kind.BREAK), Math.max(0, near - clock));
        }
        boolean breaks = done.bench().has(Task.Kind.BREAK);
        if (terms.pins().keySet().stream().anyMatch(done.bench()::has)) {
            done = moved(breaks ? job.resting(terms.hands()) : job, done);
        }
        timeline.add(done, visit, Math.min(step, plan.steps().size() - 1), clock);
        ramps.addAll(done.ramps());
        if (breaks) {
            rested = clock + done.order().minutes();
        }
        bound += done.order().bound();
        whole &= done.order().whole();
        clock += done.order().minutes();
    }

    /** Too much for these hands: what is on the hair longest stays longer than it should, and that is said. */
    private Stage.Done overdue(Stage.Job job) {
        for (int late = OVERDUE_STEP; late <= NEVER; late *= 2) {
            Optional<Stage.Done> done = solver(job.longer(late), Map.of()).solveRoughly();
            if (done.isPresent()) {
                overdue.add(TaskMessage.TOO_FEW_HANDS
                        .say()
                        .all("what", Figure.Joint.COMMA, what(job))
                        .count("minutes", late)
                        .said());
                return done.get();
            }
        }
        throw new IllegalStateException("No order at all for stage " + job.id());
    }

    private static List<Said> what(Stage.Job job) {
        return Stream.concat(job.work().lays().stream(), job.work().lifts().stream())
                .map(Applied::what)
                .toList();
    }

    /** Where what was moved by hand would break a window it stays where it was, and why is said. */
    private Stage.Done moved(Stage.Job job, Stage.Done before) {
        Optional<Stage.Done> after = solver(job, terms.pins()).again(before);
        terms.pins().forEach((key, minute) -> {
            if (before.bench().has(key)) {
                after.ifPresentOrElse(
                        done -> Why.notEarlier(done, key, minute - clock)
                                .ifPresent(why -> unmoved.add(new Sequence.Unmoved(key, why))),
                        () -> unmoved.add(new Sequence.Unmoved(
                                key,
                                TaskMessage.PAST_LATEST
                                        .say()
                                        .count("minute", minute)
                                        .said())));
            }
        });
        return after.orElse(before);
    }
}
