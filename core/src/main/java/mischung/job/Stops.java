package mischung.job;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mischung.consultation.Scalp;
import mischung.hair.BandRef;
import mischung.hair.ZonePlace;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.sequence.Task;

/**
 * What may not go on the hair any more, by what was seen at the chair: nothing on a broken scalp, nothing that touches an
 * irritated one, nothing on a section whose strand failed until the rest was planned without it. It holds from the moment it
 * was seen, whatever is pressed and whether or not anybody has said yes or no to what is proposed.
 *
 * @param scalp as it was looked at last
 * @param failed zones with a strand that did not return
 */
public record Stops(Optional<Scalp> scalp, Set<ZonePlace> failed) {
    public Stops {
        EnumSet<ZonePlace> kept = EnumSet.noneOf(ZonePlace.class);
        kept.addAll(failed);
        failed = Set.copyOf(kept);
    }

    public static Stops of(Job job) {
        Optional<Scalp> scalp = Optional.empty();
        Map<ZonePlace, Long> failed = new HashMap<>();
        long asked = 0;
        for (Entry entry : job.counting()) {
            Event event = entry.event();
            if (event instanceof Event.ScalpSeen seen) {
                scalp = Optional.of(seen.scalp());
            } else if (event instanceof Event.Seen seen
                    && seen.felt().filter(felt -> !felt.mayGoOn()).isPresent()) {
                failed.put(seen.zone(), entry.number());
            } else if (event instanceof Event.Replanned answer && answer.accepted()) {
                long of = answer.answers() > 0 ? answer.answers() : asked;
                failed.values().removeIf(number -> number == of);
            }
            asked = event.asks() ? entry.number() : asked;
        }
        return new Stops(scalp, failed.keySet());
    }

    public boolean none() {
        return failed.isEmpty()
                && scalp.filter(seen -> seen == Scalp.BROKEN || seen == Scalp.IRRITATED)
                        .isEmpty();
    }

    /**
     * Why a task may not begin; empty if it may.
     *
     * @param plan as it is worked by now
     */
    public Optional<Said> against(Plan plan, Task task) {
        if (task.kind() != Task.Kind.APPLY) {
            return Optional.empty();
        }
        if (scalp.filter(Scalp.BROKEN::equals).isPresent()) {
            return Optional.of(RefusalMessage.STOP_BROKEN.alone());
        }
        if (scalp.filter(Scalp.IRRITATED::equals).isPresent() && touchesTheScalp(plan, task)) {
            return Optional.of(RefusalMessage.STOP_IRRITATED.alone());
        }
        List<Figure> weak = task.zones().stream()
                .filter(failed::contains)
                .<Figure>map(Figure.Named::of)
                .toList();
        return weak.isEmpty()
                ? Optional.empty()
                : Optional.of(RefusalMessage.STOP_STRETCH
                        .say()
                        .with("places", new Figure.All(Figure.Joint.COMMA, weak))
                        .said());
    }

    /**
     * Whether something may be begun by this press.
     *
     * @throws RefusedInput saying why not
     */
    public void check(Plan plan, Job job, Event event) {
        begins(job, event).flatMap(task -> against(plan, task)).ifPresent(why -> {
            throw new RefusedInput("task", "", why);
        });
    }

    /** The task by which something goes on the hair with this press. */
    public static Optional<Task> begins(Job job, Event event) {
        if (event instanceof Event.Started started) {
            return job.named(started.task());
        }
        if (event instanceof Event.Finished finished) {
            return job.named(finished.task()).filter(task -> job.state(task.key()) == Job.State.WAITING);
        }
        if (event instanceof Event.LaidFresh fresh) {
            return job.named(fresh.clock())
                    .flatMap(
                            clock -> job.tasks().stream().filter(clock::putOnBy).findFirst());
        }
        return Optional.empty();
    }

    /** Whether anything of its bowls lies at the scalp of its zones. */
    static boolean touchesTheScalp(Plan plan, Task task) {
        if (task.step() < 0 || task.step() >= plan.steps().size()) {
            return false;
        }
        PlanStep step = plan.steps().get(task.step());
        Stream<List<BandRef>> mixed = Stream.concat(
                step.lifts().stream()
                        .filter(bowl -> task.bowls().contains(bowl.name()))
                        .map(bowl -> bowl.bands()),
                step.bowls().stream()
                        .filter(bowl -> task.bowls().contains(bowl.name()))
                        .map(bowl -> bowl.bands()));
        Stream<List<BandRef>> fromTheJar =
                task.bowls().isEmpty() ? step.treatments().stream().map(treatment -> treatment.bands()) : Stream.of();
        return Stream.concat(mixed, fromTheJar)
                .flatMap(List::stream)
                .anyMatch(at -> plan.head().at(at).touchesScalp()
                        && task.zones().contains(plan.head().place(at)));
    }
}
