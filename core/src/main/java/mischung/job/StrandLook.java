package mischung.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.LevelScale;
import mischung.hair.ToneName;
import mischung.hair.ZonePlace;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.plan.HeadUnderway;
import mischung.plan.Laying;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Round;
import mischung.process.Application;
import mischung.process.Change;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.Lightening;
import mischung.said.Said;
import mischung.sequence.Batch;
import mischung.sequence.Task;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Learned;
import mischung.uncertainty.Start;
import mischung.uncertainty.StrandTest;

/** One look at a strand of a job: what it says of this hair, of every clock, and of where the head will stand. */
record StrandLook(Plan plan, List<Batch> batches, Job job, Calibration known, Instant now) {
    /** The eye's error on a wet strand among foils, in levels; from memory, more than that of a dry one. */
    private static final double BY_EYE = 0.5;

    /** A reader's on the same strand, blotted; from memory. */
    private static final double BY_READER = 0.25;

    private static final double HALF_A_LEVEL = 0.5;
    private static final double WORTH_CARRYING = 0.25;
    private static final double WORTH_WARMTH = 0.05;
    private static final int LEAST_WINDOW = 5;
    private static final int SPENT = 150;
    private static final int WORTH_SAYING = 3;

    LookFinding at(Clock clock, Laid laid, Event.Seen seen) {
        double worked = Math.min(SPENT, clock.minutes(now));
        Canvas before = before(clock.task(), laid);
        Change sofar = change(clock.task(), laid).until(worked);
        StrandTest test = new StrandTest(
                Start.of(before),
                Course.of(sofar),
                seen.levelRead(),
                seen.measured().isPresent() ? BY_READER : BY_EYE,
                seen.felt());
        Learned learned = known.learn(test);
        Calibration after = learned.after();
        boolean stop = seen.felt().filter(felt -> !felt.mayGoOn()).isPresent();
        List<Said> why = new ArrayList<>();
        List<Task> tasks = learned.flagged() ? job.tasks() : again(after.factors(), why);
        Canvas there = sofar.on(before, after.factors());
        double carried = learned.flagged() ? 0 : seen.levelRead() - there.level();
        Optional<LookFinding.Colour> colour = seen.colour().map(lab -> colour(there, lab));
        double warmth =
                learned.flagged() ? 0 : colour.map(LookFinding.Colour::warmth).orElse(0.0);
        return new LookFinding(
                learned.expectedLevel(),
                seen.levelRead(),
                colour,
                learned.flagged(),
                after,
                stop,
                tasks,
                why,
                underway(
                        clock.task(),
                        laid,
                        after.factors(),
                        new HeadUnderway.Shown(carried, warmth),
                        stop,
                        worked,
                        seen));
    }

    /** The hair under a clock after so many minutes of work each; 0 is as it was before. */
    List<Canvas> after(Clock clock, Laid laid, List<Integer> minutes) {
        Canvas before = before(clock.task(), laid);
        Change change = change(clock.task(), laid);
        return minutes.stream()
                .map(one ->
                        one == 0 ? before : change.until(Math.min(SPENT, one)).on(before, known.factors()))
                .toList();
    }

    private static boolean worthCarrying(HeadUnderway.Shown carried) {
        return Math.abs(carried.level()) >= WORTH_CARRYING || Math.abs(carried.warmth()) >= WORTH_WARMTH;
    }

    private static LookFinding.Colour colour(Canvas predicted, Lab seen) {
        return new LookFinding.Colour(
                ToneName.of(predicted.lab()),
                ToneName.of(seen),
                Ciede2000.between(predicted.lab(), seen),
                Start.of(predicted).warmthOf(seen));
    }

    /** As it was before the laying its clock belongs to: after the earlier ones, each for as long as it really worked. */
    private Canvas before(Task work, Laid laid) {
        Canvas canvas = Laid.before(plan, work.step(), laid.heaviest()).hair().canvas();
        for (int pass = 1; pass < work.id().pass(); pass++) {
            canvas = earlier(work, pass)
                    .map(one -> change(one, laid).until(one.minutes()))
                    .orElse(laid.once())
                    .on(canvas, known.factors());
        }
        return canvas;
    }

    private Optional<Task> earlier(Task work, int pass) {
        return job.tasks().stream()
                .filter(one -> one.kind() == Task.Kind.WORK
                        && one.beside(work)
                        && one.bowls().equals(work.bowls())
                        && one.zones().equals(work.zones())
                        && one.id().pass() == pass)
                .findFirst();
    }

    /** How often its bowl is laid on this hair before it is rinsed. */
    private int layings(Task work) {
        int pass = work.id().pass();
        while (earlier(work, pass + 1).isPresent()) {
            pass++;
        }
        return pass;
    }

    /** With the developer of the batch it was laid from, where the bowl is ramped (R42); as long as it can work. */
    private Change change(Task work, Laid laid) {
        if (!(laid.once() instanceof Lightening lift)) {
            return laid.once();
        }
        double volume = batches.stream()
                .filter(batch -> work.bowls().contains(batch.bowl())
                        && batch.zones().contains(work.zones().get(0))
                        && batch.laidBy() >= work.startMinute())
                .map(Batch::volume)
                .filter(one -> !one.isNaN())
                .findFirst()
                .orElse(lift.volume());
        return lift.withVolume(volume).lasting(SPENT);
    }

    /** Every clock with the window this hair really needs. */
    private List<Task> again(Factors factors, List<Said> why) {
        List<Task> changed = new ArrayList<>();
        Set<String> running = new HashSet<>();
        job.clocks().forEach(clock -> running.add(clock.task().key()));
        List<Task> open = job.standing().stream()
                .filter(one -> one.state() == Job.State.WAITING && one.task().kind() == Task.Kind.APPLY)
                .map(Job.Standing::task)
                .toList();
        for (Task task : job.tasks()) {
            Optional<Laid> laid = task.kind() == Task.Kind.WORK
                            && task.window().isPresent()
                            && (running.contains(task.key()) || laidLater(open, task))
                    ? Laid.by(plan, task)
                    : Optional.empty();
            if (laid.isEmpty()) {
                changed.add(task);
                continue;
            }
            Task.Window window = window(task, laid.get(), factors);
            int by = window.earliest() - task.window().orElseThrow().earliest();
            if (Math.abs(by) >= WORTH_SAYING) {
                changed.add(task.with(window));
                why.add(said(task, laid.get(), factors, window, by));
            } else {
                changed.add(task);
            }
        }
        return changed;
    }

    private static boolean laidLater(List<Task> open, Task task) {
        return open.stream().anyMatch(task::putOnBy);
    }

    /** The planned window, moved by as much as this hair needs more or less than was thought. */
    private Task.Window window(Task task, Laid laid, Factors factors) {
        Task.Window was = task.window().orElseThrow();
        if (laid.lifts() && task.id().pass() < layings(task)) {
            // It is laid fresh before it has come anywhere.
            return was;
        }
        Canvas before = before(task, laid);
        Change change = change(task, laid);
        double goal = goal(task, laid);
        int by = until(before, change, factors, goal) - until(before, change, known.factors(), goal);
        int later = laid.lifts()
                ? until(before, change, factors, goal + HALF_A_LEVEL)
                        - until(before, change, known.factors(), goal + HALF_A_LEVEL)
                : by;
        int earliest = Math.max(0, was.earliest() - task.startMinute() + by);
        int latest = Math.max(earliest + LEAST_WINDOW, was.latest() - task.startMinute() + later);
        return new Task.Window(
                task.startMinute() + earliest, task.startMinute() + Math.max(earliest, Math.min(SPENT, latest)));
    }

    /** What the plan was made for: all its layings as they were decided. */
    private double goal(Task work, Laid laid) {
        Canvas canvas = Laid.before(plan, work.step(), laid.heaviest()).hair().canvas();
        for (int i = 0; i < layings(work); i++) {
            canvas = laid.once().on(canvas, known.factors());
        }
        return canvas.level();
    }

    /** Minutes to come to a level from where it is; all there are, where it is not reached. */
    private int until(Canvas before, Change change, Factors factors, double level) {
        boolean rises = level >= before.level();
        int from = -1;
        int to = change instanceof Lightening ? SPENT - LEAST_WINDOW : (int) Math.ceil(change.minutes());
        while (to - from > 1) {
            int middle = (from + to) / 2;
            double there = change.until(middle).on(before, factors).level();
            if (rises ? there >= level - 1e-6 : there <= level + 1e-6) {
                to = middle;
            } else {
                from = middle;
            }
        }
        return to;
    }

    private Said said(Task task, Laid laid, Factors factors, Task.Window window, int by) {
        ZonePlace zone = task.zones().get(0);
        if (laid.lifts() && window.earliest() - task.startMinute() >= SPENT - LEAST_WINDOW) {
            double end = change(task, laid).on(before(task, laid), factors).level();
            return JobMessage.WILL_NOT_REACH
                    .say()
                    .thing("zone", zone)
                    .level("level", end)
                    .said();
        }
        return JobMessage.NEEDS_OTHER_MINUTES
                .say()
                .thing("zone", zone)
                .count("minutes", Math.abs(by))
                .in("more", by > 0)
                .count("from", window.earliest() - task.startMinute())
                .count("to", window.latest() - task.startMinute())
                .said();
    }

    /** All rounds up to the one on the hair, this one as long as it will really work. */
    private HeadUnderway underway(
            Task work,
            Laid looked,
            Factors factors,
            HeadUnderway.Shown carried,
            boolean stop,
            double worked,
            Event.Seen seen) {
        List<Round> rounds = new ArrayList<>();
        plan.steps().subList(0, work.step()).forEach(step -> rounds.add(step.round()));
        Map<BandRef, HeadUnderway.Shown> levels = new HashMap<>();
        Set<BandRef> weak = new HashSet<>();
        List<Laying> now = new ArrayList<>();
        // What is taken off early comes last, so that the other bowls keep their letters.
        List<Laying> stopped = new ArrayList<>();
        for (Laying laying : plan.steps().get(work.step()).round().layings()) {
            boolean here = laying.equals(looked.laying());
            double minutes = here || laying.action().lifts() ? minutes(laying, work.step(), factors) : laying.minutes();
            if (here && stop) {
                List<BandRef> rest = laying.bands().stream()
                        .filter(at -> !looked.bands().contains(at))
                        .toList();
                stopped.add(laying.on(looked.bands()).withMinutes(Math.min(Laying.LONGEST, worked)));
                if (!rest.isEmpty()) {
                    now.add(laying.on(rest).withMinutes(minutes));
                }
                weak.addAll(looked.bands());
                looked.bands()
                        .forEach(at -> levels.put(at, new HeadUnderway.Shown(seen.levelRead(), carried.warmth())));
            } else {
                now.add(laying.withMinutes(minutes));
                if (here && worthCarrying(carried)) {
                    Canvas before = before(work, looked);
                    double end =
                            looked.once().until(minutes).on(before, factors).level() + carried.level();
                    HeadUnderway.Shown shown = new HeadUnderway.Shown(
                            Math.max(LevelScale.DARKEST, Math.min(LevelScale.LIGHTEST, end)), carried.warmth());
                    looked.bands().forEach(at -> levels.put(at, shown));
                }
            }
        }
        now.addAll(stopped);
        PlanStep step = plan.steps().get(work.step());
        rounds.add(new Round(step.kind(), now));
        return new HeadUnderway(rounds, levels, weak);
    }

    /** How long a laying works on the heaviest of its bands, with its bowl's own developer. */
    private double minutes(Laying laying, int step, Factors factors) {
        BandRef heaviest = laying.bands().stream()
                .max((a, b) -> Double.compare(
                        plan.head().mixGrams(List.of(a)), plan.head().mixGrams(List.of(b))))
                .orElseThrow();
        Canvas before = Laid.before(plan, step, heaviest).hair().canvas();
        return Laid.changes(plan, step, heaviest).stream()
                .filter(change -> change instanceof Lightening || change instanceof Application)
                .findFirst()
                .map(change -> {
                    Change longest = change instanceof Lightening lift ? lift.lasting(SPENT) : change;
                    double goal = change.on(before, known.factors()).level();
                    int until = until(before, longest, factors, goal);
                    // What is worked in less than three minutes more or less is left as it was planned.
                    return Math.abs(until - laying.minutes()) < WORTH_SAYING ? laying.minutes() : until;
                })
                .map(minutes -> Math.min(Laying.LONGEST, minutes))
                .orElse(laying.minutes());
    }
}
