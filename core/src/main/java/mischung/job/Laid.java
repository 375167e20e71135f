package mischung.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.BandRef;
import mischung.plan.Action;
import mischung.plan.Laying;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.process.Application;
import mischung.process.Change;
import mischung.process.Lightening;
import mischung.process.RemoverRound;
import mischung.sequence.Task;

/**
 * A product on the hair.
 *
 * @param laying as it was decided
 * @param bands of it in the zone of its clock
 * @param once one laying of it, to its planned end
 */
record Laid(Laying laying, List<BandRef> bands, BandRef heaviest, Change once) {
    boolean lifts() {
        return once instanceof Lightening;
    }

    /** The step a task belongs to, while the plan has it. */
    private static Optional<PlanStep> step(Plan plan, Task task) {
        return task.step() < 0 || task.step() >= plan.steps().size()
                ? Optional.empty()
                : Optional.of(plan.steps().get(task.step()));
    }

    static Optional<Laid> by(Plan plan, Task work) {
        return step(plan, work).flatMap(step -> {
            List<Laying> layings = new ArrayList<>();
            step.lifts().stream()
                    .filter(bowl -> work.bowls().contains(bowl.name()))
                    .forEach(bowl -> layings.add(bowl.laying()));
            step.bowls().stream()
                    .filter(bowl -> work.bowls().contains(bowl.name()))
                    .forEach(bowl -> layings.add(bowl.laying()));
            if (work.bowls().isEmpty()) {
                step.treatments().stream()
                        .filter(treatment -> treatment.action() == Action.REMOVE)
                        .forEach(treatment -> layings.add(treatment.laying()));
            }
            return layings.stream().findFirst().flatMap(laying -> by(plan, work, laying));
        });
    }

    private static Optional<Laid> by(Plan plan, Task work, Laying laying) {
        List<BandRef> bands = laying.bands().stream()
                .filter(at -> plan.head().place(at) == work.zones().get(0))
                .toList();
        return bands.stream()
                .max((a, b) -> Double.compare(
                        plan.head().mixGrams(List.of(a)), plan.head().mixGrams(List.of(b))))
                .flatMap(heaviest -> changes(plan, work.step(), heaviest).stream()
                        .filter(change -> change instanceof Lightening
                                || change instanceof Application
                                || change instanceof RemoverRound)
                        .findFirst()
                        .map(once -> new Laid(laying, bands, heaviest, once)));
    }

    static List<Change> changes(Plan plan, int step, BandRef at) {
        return plan.steps()
                .get(step)
                .outcome(at)
                .hair()
                .since(before(plan, step, at).hair());
    }

    static Outcome before(Plan plan, int step, BandRef at) {
        return step == 0
                ? plan.now().get(at.zone()).get(at.band())
                : plan.steps().get(step - 1).outcome(at);
    }
}
