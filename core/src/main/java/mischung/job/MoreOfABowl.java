package mischung.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mischung.hair.ZonePlace;
import mischung.plan.Plan;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.sequence.Batch;
import mischung.sequence.StageId;
import mischung.sequence.Task;
import mischung.sequence.TaskId;
import mischung.sequence.TaskMessage;

/** A bowl does not reach: one batch more of it. */
final class MoreOfABowl {
    private final Replan.Place place;
    private final Plan plan;
    private final Job job;

    MoreOfABowl(Replan.Place place) {
        this.place = place;
        this.plan = place.plan();
        this.job = place.job();
    }

    /** A fresh batch of the same bowl, mixed by whoever is free, before the laying goes on. */
    Replan mixed(Event.RunsShort of) {
        Batch last = job.batches().stream()
                .filter(batch -> batch.bowl().equals(of.bowl()))
                .reduce((first, later) -> later)
                .orElseThrow();
        double whole = grams(of.bowl());
        double share = of.grams() / whole;
        StageId stage = job.tasks().stream()
                .filter(task -> task.step() == last.step() && task.bowls().contains(of.bowl()))
                .map(task -> task.id().stage())
                .findFirst()
                .orElseThrow(() -> new RefusedInput("bowl", of.bowl(), RefusalMessage.NOT_APPLIED));
        int minutes = (int) Math.ceil(place.durations().of("mixing"));
        List<ZonePlace> zones = job.tasks().stream()
                .filter(task -> task.kind() == Task.Kind.APPLY
                        && task.bowls().contains(of.bowl())
                        && job.state(task.key()) != Job.State.DONE)
                .flatMap(task -> task.zones().stream())
                .distinct()
                .toList();
        List<Task> tasks = new ArrayList<>();
        int now = job.minute();
        int moved = now + minutes;
        for (Task task : job.tasks()) {
            boolean waits = task.person() > 0
                    && job.state(task.key()) == Job.State.WAITING
                    && task.startMinute() < moved
                    && task.kind() == Task.Kind.APPLY
                    && task.bowls().contains(of.bowl());
            tasks.add(waits ? task.at(moved) : task);
        }
        tasks.add(new Task(
                new TaskId(stage, "MORE " + of.bowl() + " " + (last.number() + 1), 0),
                Task.Kind.MIX,
                last.step(),
                TaskMessage.MIX_MORE.say().typed("bowl", of.bowl()).said(),
                List.of(TaskMessage.AS_BEFORE.say().count("grams", of.grams()).said()),
                now,
                minutes,
                1,
                List.of(of.bowl()),
                zones,
                List.of(),
                Optional.empty()));
        List<Batch> batches = new ArrayList<>(job.batches());
        batches.add(new Batch(
                of.bowl(),
                last.number() + 1,
                1,
                last.step(),
                last.volume(),
                share,
                now,
                1,
                Math.max(moved, last.laidBy()),
                Math.max(moved, last.laidBy()) + last.freshUntil() - last.laidBy(),
                zones.isEmpty() ? last.zones() : zones));
        RunningOrder forward = RunningOrder.of(job, tasks, job.hands());
        return new Replanning(place)
                .told(
                        plan,
                        plan,
                        place.basis(),
                        forward,
                        batches,
                        JobMessage.RUNS_SHORT.say().typed("bowl", of.bowl()).said(),
                        List.of(JobMessage.MIX_MORE
                                .say()
                                .count("grams", of.grams())
                                .typed("bowl", of.bowl())
                                .said()));
    }

    private double grams(String bowl) {
        return plan.steps().stream()
                .flatMap(step -> Stream.concat(
                        step.bowls().stream()
                                .filter(one -> one.name().equals(bowl))
                                .map(one -> (double) one.grams().totalGrams()),
                        step.lifts().stream()
                                .filter(one -> one.name().equals(bowl))
                                .map(one -> (double) one.totalGrams())))
                .findFirst()
                .orElseThrow(() -> new RefusedInput("bowl", bowl, RefusalMessage.BOWL_GONE));
    }
}
