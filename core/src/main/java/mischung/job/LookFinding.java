package mischung.job;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mischung.plan.HeadUnderway;
import mischung.plan.Plan;
import mischung.said.Said;
import mischung.sequence.Batch;
import mischung.sequence.Task;
import mischung.uncertainty.Calibration;

/**
 * What a strand that was looked at means: what had been predicted for it, what this client's hair is known to do now, by how
 * much the clocks that run change, and where the head will stand when they have run. Nothing is changed by it until somebody
 * accepts it.
 *
 * @param predicted level the plan had for this moment
 * @param seen level
 * @param colour what its colour says beyond the level; empty where only a level was seen
 * @param flagged so far from the prediction that it is not learned from by itself: look again
 * @param known what the client's hair is known to do, with this look
 * @param stop whether the strand must be rinsed and treated at once (R39)
 * @param tasks all, with the windows this hair needs; as they are where nothing changes
 * @param why one line for each clock that changes
 * @param underway where the head stands when what is on it now has been rinsed
 */
public record LookFinding(
        double predicted,
        double seen,
        Optional<Colour> colour,
        boolean flagged,
        Calibration known,
        boolean stop,
        List<Task> tasks,
        List<Said> why,
        HeadUnderway underway) {
    /**
     * A colour against the one the plan had.
     *
     * @param difference CIEDE2000
     * @param warmth by how much it is warmer than predicted: logarithm of warm against cool pigment
     */
    public record Colour(String predicted, String seen, double difference, double warmth) {}

    public LookFinding {
        tasks = List.copyOf(tasks);
        why = List.copyOf(why);
    }

    /**
     * @param known before this look, such as the plan was made with
     * @return empty where what is on the hair is not known to the plan: it was changed meanwhile, or nothing runs there
     */
    public static Optional<LookFinding> of(
            Plan plan, List<Batch> batches, Job job, Event.Seen seen, Calibration known, Instant now) {
        return job.clocks().stream()
                .filter(clock -> clock.task().key().equals(seen.clock()))
                .findFirst()
                .flatMap(clock -> Laid.by(plan, clock.task())
                        .map(laid -> new StrandLook(plan, batches, job, known, now).at(clock, laid, seen)));
    }
}
