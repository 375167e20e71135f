package mischung.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import mischung.consultation.Scalp;
import mischung.plan.Laying;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.said.Said;
import mischung.sequence.Batch;
import mischung.sequence.Durations;
import mischung.sequence.Task;
import mischung.uncertainty.Calibration;

/**
 * The rest of a job, planned anew from where it stands. A proposal: nothing of it counts until somebody accepts it.
 *
 * @param plan the whole, as it would be worked
 * @param ends what every band would come to: the same, but where rounds are left out without them
 * @param tasks all of this visit; what has begun is as it was
 * @param batches all of this visit
 * @param basis the plan in the form in which it is kept
 * @param words what has come up, in a sentence
 * @param why one line for each change; empty where nothing changes
 */
public record Replan(
        Plan plan, Plan ends, AcceptedPlan basis, List<Task> tasks, List<Batch> batches, Said words, List<Said> why) {
    public Replan {
        tasks = List.copyOf(tasks);
        batches = List.copyOf(batches);
        why = List.copyOf(why);
    }

    /**
     * Where a job stands.
     *
     * @param plan as it is worked by now
     * @param basis the same in the form in which it is kept
     * @param desk of what is known of the client
     * @param durations of the house
     */
    public record Place(
            Plan plan,
            AcceptedPlan basis,
            Function<Calibration, PlanningContext> desk,
            Calibration known,
            Durations durations,
            Job job) {
        /** The rest as it was, with the minutes this hair needs; at once. */
        public Replan afterLook(LookFinding look) {
            return new Replanning(this).afterLook(look);
        }

        /** The rest decided anew where that is better: other bowls, other rounds. It takes some tenths of a second. */
        public Replan thorough(LookFinding look) {
            return new Replanning(this).thorough(look);
        }

        /** With so many hands, and by the client's hour if it was named. */
        public Replan afterHands(int hands) {
            return new Replanning(this).afterHands(hands);
        }

        public Replan late() {
            int behind = job.behind();
            return new Replanning(this)
                    .onTheClock(
                            plan,
                            job.tasks(),
                            job.hands(),
                            behind > 0
                                    ? JobMessage.BEHIND
                                            .say()
                                            .count("minutes", behind)
                                            .said()
                                    : JobMessage.ON_TIME.alone());
        }

        /** Irritated or broken: nothing more touches it today. */
        public Replan offTheScalp(Scalp scalp) {
            return new Replanning(this).offTheScalp(scalp);
        }

        public Replan goesBy(int minute) {
            return new ShorterDay(this).by(minute);
        }

        public Replan runsShort(Event.RunsShort bowl) {
            return new MoreOfABowl(this).mixed(bowl);
        }
    }

    /** All rounds of a plan with its bowls as they were mixed. */
    public static List<Round> mixed(Plan plan) {
        return plan.steps().stream().map(Replan::fixed).toList();
    }

    /** With its bowls as they were mixed or are going to be. */
    static Round fixed(PlanStep step) {
        Map<Laying, Laying> mixed = new HashMap<>();
        step.bowls()
                .forEach(bowl -> mixed.put(
                        bowl.laying(), bowl.laying().with(bowl.formula().mix())));
        return new Round(
                step.kind(),
                step.round().layings().stream()
                        .map(laying -> mixed.getOrDefault(laying, laying))
                        .toList());
    }
}
