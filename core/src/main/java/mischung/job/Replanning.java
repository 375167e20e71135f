package mischung.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.consultation.Scalp;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.hair.ToneName;
import mischung.plan.Action;
import mischung.plan.HeadUnderway;
import mischung.plan.Laying;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Saying;
import mischung.sequence.Batch;
import mischung.sequence.OrderTerms;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.sequence.Task;
import mischung.wish.Match;

/** From where a job stands to a proposal for the rest of it. */
final class Replanning {
    /** Bowls are not mixed otherwise for less, in CIEDE2000 over all hair that is left to do. */
    private static final double WORTH_ANOTHER_BOWL = 1;

    private static final int WORTH_SAYING = 3;

    private final Replan.Place place;
    private final Plan plan;
    private final Job job;

    Replanning(Replan.Place place) {
        this.place = place;
        this.plan = place.plan();
        this.job = place.job();
    }

    /** Minutes and moments at once; whether other bowls or rounds would be better is for {@link #thorough}. */
    Replan afterLook(LookFinding look) {
        if (look.flagged()) {
            return new Replan(plan, plan, place.basis(), job.tasks(), job.batches(), words(look), List.of());
        }
        return same(look, place.desk().apply(look.known()));
    }

    /** The rest as it was. Its steps stay, so that tasks go on meaning them, those too that were left out for the client's hour. */
    private Replan same(LookFinding look, PlanningContext desk) {
        Plan same = followed(desk, look, Set.of());
        Set<Integer> out = leftOut(look.underway().rounds().size());
        Plan ends = out.isEmpty() ? same : followed(desk, look, out);
        AcceptedPlan basis = AcceptedPlan.of(same, desk, look.underway());
        if (look.why().isEmpty()) {
            return new Replan(same, ends, basis, job.tasks(), job.batches(), words(look), List.of());
        }
        return told(
                same,
                ends,
                basis,
                RunningOrder.of(job, look.tasks(), job.hands()),
                job.batches(),
                words(look),
                look.why());
    }

    private Plan followed(PlanningContext desk, LookFinding look, Set<Integer> out) {
        List<Round> rest = joined(restOfToday(look.underway().rounds().size(), out), laterVisits());
        return Planner.followed(desk, plan.strategy(), look.underway(), rest);
    }

    /** Steps of today after the first {@code done} that nobody is to do any more. */
    private Set<Integer> leftOut(int done) {
        Set<Integer> out = new HashSet<>();
        if (job.goesBy().isEmpty()) {
            return out;
        }
        for (int step = done; step < plan.today().size(); step++) {
            int it = step;
            if (job.tasks().stream().noneMatch(task -> task.step() == it)) {
                out.add(step);
            }
        }
        return out;
    }

    Replan thorough(LookFinding look) {
        if (look.flagged() && !look.stop()) {
            return afterLook(look);
        }
        PlanningContext desk = place.desk().apply(look.known());
        int done = look.underway().rounds().size();
        Replan same = same(look, desk);
        Plan anew = Planner.resumed(desk, plan.strategy(), look.underway());
        // What the strand costs by then may forbid what had been planned.
        boolean must = look.stop() || overdrawn(same.ends(), look.underway());
        if (!must
                && same.ends().distance(same.ends()::endOfToday) - anew.distance(anew::endOfToday)
                        < WORTH_ANOTHER_BOWL) {
            return same;
        }
        List<Said> why = new ArrayList<>(look.why());
        if (look.stop()) {
            why.add(0, JobMessage.RINSE_AT_ONCE.alone());
        }
        why.addAll(Differences.between(plan, anew, done));
        why.add(JobMessage.ENDS
                .say()
                .part("match", Match.said(anew.distance(anew::endOfToday)))
                .said());
        Sequence sequence = Sequencer.of(anew, OrderTerms.usual(place.durations(), job.hands()));
        RunningOrder forward = RunningOrder.of(job, withLater(look.tasks(), sequence, done), job.hands());
        // What was left out for the client's hour is not put forward again after it.
        boolean tooLate = forward.end() > job.goesBy().orElse(Integer.MAX_VALUE);
        if (tooLate && !must && !leftOut(done).isEmpty()) {
            return same;
        }
        return told(
                anew,
                anew,
                AcceptedPlan.of(anew, desk, look.underway()),
                forward,
                batches(sequence, done),
                words(look),
                why);
    }

    private Said words(LookFinding look) {
        if (look.stop()) {
            return JobMessage.DOES_NOT_RETURN.alone();
        }
        Saying seen = (look.colour().isPresent() ? JobMessage.COLOUR_SEEN : JobMessage.SEEN)
                .say()
                .count("predicted", look.predicted())
                .level("seen", look.seen())
                .in("flagged", look.flagged());
        look.colour()
                .ifPresent(colour -> seen.with("expected", ToneName.figure(colour.predicted()))
                        .with("tone", ToneName.figure(colour.seen()))
                        .count("apart", colour.difference()));
        return seen.said();
    }

    /** Rounds of today after the first {@code done}. */
    private List<Round> restOfToday(int done, Set<Integer> out) {
        List<Round> rest = new ArrayList<>();
        for (int step = done; step < plan.today().size(); step++) {
            if (!out.contains(step)) {
                rest.add(Replan.fixed(plan.today().get(step)));
            }
        }
        return rest;
    }

    private List<Round> laterVisits() {
        List<Round> all = new ArrayList<>();
        plan.steps().stream()
                .filter(step -> step.visit() > 1 || step.kind() == Action.WAIT)
                .forEach(step -> all.add(step.round()));
        return all;
    }

    private static List<Round> joined(List<Round> a, List<Round> b) {
        List<Round> both = new ArrayList<>(a);
        both.addAll(b);
        return both;
    }

    private static boolean overdrawn(Plan same, HeadUnderway underway) {
        for (PlanStep step :
                same.steps().subList(underway.rounds().size(), same.steps().size())) {
            for (Laying laying : step.round().layings()) {
                for (BandRef at : laying.bands()) {
                    if (laying.action().lifts() && step.outcome(at).integrity() < Elasticity.RETURNS_SLOWLY.from()) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Names of steps that went on the hair are kept in their tasks; what comes after is put on the clock anew. */
    private List<Task> withLater(List<Task> windows, Sequence sequence, int done) {
        List<Task> all = new ArrayList<>(
                windows.stream().filter(task -> task.step() < done).toList());
        int now = all.stream().mapToInt(Task::endMinute).max().orElse(job.minute());
        List<Task> later = sequence.tasks().stream()
                .filter(task -> task.visit() == 1 && task.step() >= done)
                .toList();
        int first = later.stream().mapToInt(Task::startMinute).min().orElse(0);
        int next = 1 + replans();
        later.forEach(task -> all.add(task.in(next).at(task.startMinute() - first + now)));
        return all;
    }

    private int replans() {
        return (int) job.counting().stream()
                .filter(entry -> entry.event() instanceof Event.Replanned again && again.accepted())
                .count();
    }

    /** Those of what is on the hair as they were; the others as they are needed now. */
    private List<Batch> batches(Sequence sequence, int done) {
        List<Batch> all = new ArrayList<>(
                job.batches().stream().filter(batch -> batch.step() < done).toList());
        sequence.batches().stream()
                .filter(batch -> batch.visit() == 1 && batch.step() >= done)
                .forEach(all::add);
        return all;
    }

    /**
     * The scalp is irritated: what lies on it comes off at once, and nothing more goes on it today. The rest of the strands
     * is worked on; what it comes to is played through.
     */
    Replan offTheScalp(Scalp scalp) {
        List<Figure> touching = job.clocks().stream()
                .filter(clock -> Stops.touchesTheScalp(plan, clock.task()))
                .map(clock -> clock.zone())
                .distinct()
                .<Figure>map(Figure.Named::of)
                .toList();
        List<Said> why = new ArrayList<>();
        why.add(
                touching.isEmpty()
                        ? JobMessage.NOTHING_ON_SCALP.alone()
                        : JobMessage.RINSE_COOL_AND_LONG
                                .say()
                                .with("zones", new Figure.All(Figure.Joint.COMMA, touching))
                                .said());
        why.add((scalp == Scalp.BROKEN ? JobMessage.NOTHING_MORE_TODAY : JobMessage.NOTHING_ON_SCALP_TODAY).alone());
        int done = begun(job);
        List<Round> sofar =
                plan.steps().subList(0, done).stream().map(Replan::fixed).toList();
        boolean broken = scalp == Scalp.BROKEN;
        List<Round> rest = broken
                ? List.of()
                : restOfToday(done, leftOut(done)).stream()
                        .map(this::offTheScalp)
                        .flatMap(Optional::stream)
                        .toList();
        PlanningContext desk = place.desk().apply(place.known());
        HeadUnderway underway = new HeadUnderway(sofar, Map.of(), Set.of());
        Plan off = Planner.followed(desk, plan.strategy(), underway, joined(rest, laterVisits()));
        why.addAll(Differences.between(plan, off, done));
        Sequence sequence = Sequencer.of(off, OrderTerms.usual(place.durations(), job.hands()));
        List<Task> begun = job.tasks().stream()
                .filter(task -> task.kind() != Task.Kind.APPLY
                        || job.state(task.key()) != Job.State.WAITING
                        || !(broken || Stops.touchesTheScalp(plan, task)))
                .toList();
        RunningOrder forward = RunningOrder.of(job, withLater(begun, sequence, done), job.hands());
        return told(
                off,
                off,
                AcceptedPlan.of(off, desk, underway),
                forward,
                batches(sequence, done),
                JobMessage.SCALP.say().thing("scalp", scalp).said(),
                why);
    }

    private Optional<Round> offTheScalp(Round round) {
        List<Laying> layings = round.layings().stream()
                .map(laying -> laying.on(laying.bands().stream()
                        .filter(at -> !plan.head().at(at).touchesScalp())
                        .toList()))
                .filter(laying -> !laying.bands().isEmpty())
                .toList();
        return layings.isEmpty() ? Optional.empty() : Optional.of(new Round(round.action(), layings));
    }

    /** What has not begun is ordered anew for so many hands; what is on the hair is only moved. */
    Replan afterHands(int hands) {
        int done = begun(job);
        Sequence sequence = without(leftOut(done), Sequencer.of(plan, OrderTerms.usual(place.durations(), hands)));
        RunningOrder forward = RunningOrder.of(job, withLater(job.tasks(), sequence, done), hands);
        return told(
                plan,
                plan,
                place.basis(),
                forward,
                batches(sequence, done),
                JobMessage.HANDS_NOW.say().count("hands", hands).said(),
                List.of());
    }

    private static Sequence without(Set<Integer> steps, Sequence sequence) {
        return new Sequence(
                sequence.tasks().stream()
                        .filter(task -> !steps.contains(task.step()))
                        .toList(),
                sequence.hands(),
                sequence.batches().stream()
                        .filter(batch -> !steps.contains(batch.step()))
                        .toList(),
                sequence.ramps(),
                sequence.bound(),
                sequence.whole(),
                sequence.unmoved(),
                sequence.overdue());
    }

    /** Index of the first step of which nothing has begun. */
    static int begun(Job job) {
        return 1
                + job.tasks().stream()
                        .filter(task -> task.person() > 0 && job.state(task.key()) != Job.State.WAITING)
                        .mapToInt(Task::step)
                        .max()
                        .orElse(-1);
    }

    Replan onTheClock(Plan same, List<Task> tasks, int hands, Said words) {
        RunningOrder forward = RunningOrder.of(job, tasks, hands);
        return told(same, same, place.basis(), forward, job.batches(), words, List.of());
    }

    Replan told(
            Plan of,
            Plan ends,
            AcceptedPlan basis,
            RunningOrder forward,
            List<Batch> batches,
            Said words,
            List<Said> sofar) {
        List<Said> why = new ArrayList<>(sofar);
        int before = RunningOrder.end(job.tasks()) + Math.max(0, job.behind());
        int by = forward.end() - before;
        if (Math.abs(by) >= WORTH_SAYING) {
            why.add(JobMessage.CAN_GO_OTHERWISE
                    .say()
                    .count("minutes", Math.abs(by))
                    .in("later", by > 0)
                    .time("time", forward.end())
                    .said());
        } else if (sofar.isEmpty()) {
            why.add(JobMessage.CAN_GO.say().time("time", forward.end()).said());
        }
        why.addAll(forward.late());
        job.goesBy().ifPresent(limit -> {
            if (forward.end() > limit) {
                why.add(JobMessage.PAST_THE_HOUR
                        .say()
                        .count("minutes", forward.end() - limit)
                        .said());
            }
        });
        return new Replan(of, ends, basis, forward.tasks(), batches, words, why);
    }
}
