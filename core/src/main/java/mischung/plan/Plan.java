package mischung.plan;

import java.util.List;
import java.util.function.Function;
import mischung.hair.BandRef;
import mischung.said.Said;
import mischung.wish.Wish;
import mischung.wish.WorkedHead;

/**
 * From the head as read to the wish by one strategy.
 *
 * @param answers one for each worked band of each zone
 * @param now the head as read
 * @param steps in the order they are done; empty if nothing needs work
 * @param alone what the wish's own shade would show laid straight on, without any filler; same shape as {@code now}
 * @param findings what the plan has to say about the whole, most important first
 */
public record Plan(
        WorkedHead head,
        Wish wish,
        Strategy strategy,
        List<List<BandAnswer>> answers,
        List<List<Outcome>> now,
        List<PlanStep> steps,
        List<List<Outcome>> alone,
        List<Finding> findings) {
    public Plan {
        answers = answers.stream().map(List::copyOf).toList();
        now = now.stream().map(List::copyOf).toList();
        steps = List.copyOf(steps);
        alone = alone.stream().map(List::copyOf).toList();
        findings = List.copyOf(findings);
    }

    Plan with(List<Finding> found) {
        return new Plan(head, wish, strategy, answers, now, steps, alone, found);
    }

    /** Something said of the whole plan. */
    public record Finding(Weight weight, Said said) {}

    /** How much a finding matters. */
    public enum Weight {
        /** Good to know. */
        NOTE,
        /** Look before going on. */
        WARNING
    }

    public BandAnswer answer(BandRef at) {
        return answers.get(at.zone()).get(at.band());
    }

    /** Predicted look at the end of the plan. */
    public Outcome end(BandRef at) {
        List<List<Outcome>> last =
                steps.isEmpty() ? now : steps.get(steps.size() - 1).outcomes();
        return last.get(at.zone()).get(at.band());
    }

    /** What is done in the first visit; the weeks until the next are none of it. */
    public List<PlanStep> today() {
        return steps.stream()
                .filter(step -> step.visit() == 1 && step.kind() != Action.WAIT)
                .toList();
    }

    /** Predicted look when the client goes home from the first visit. */
    public Outcome endOfToday(BandRef at) {
        return endOf(1, at);
    }

    /**
     * Predicted look when the client goes home.
     *
     * @param visit from which, 1 and more
     */
    public Outcome endOf(int visit, BandRef at) {
        return steps.stream()
                .filter(step -> step.visit() <= visit && step.kind() != Action.WAIT)
                .reduce((before, after) -> after)
                .map(step -> step.outcome(at))
                .orElseGet(() -> now.get(at.zone()).get(at.band()));
    }

    /**
     * How far from the wish all hair that has one is: root of the mean square of CIEDE2000, weighed by its amount.
     *
     * @param when which of its outcomes is meant, such as {@code this::end}
     */
    public double distance(Function<BandRef, Outcome> when) {
        double sum = 0;
        double mass = 0;
        for (BandRef at : head.bands()) {
            Outcome then = when.apply(at);
            if (!head.at(at).keeps() && !then.cut()) {
                double grams = head.mixGrams(List.of(at));
                sum += grams * then.difference() * then.difference();
                mass += grams;
            }
        }
        return mass == 0 ? 0 : Math.sqrt(sum / mass);
    }

    public boolean fills() {
        return steps.stream().anyMatch(PlanStep::fills);
    }

    /** What was decided, without what follows from it: the same rounds by hand give the same plan. */
    public List<Round> rounds() {
        return steps.stream().map(PlanStep::round).toList();
    }

    /** Visits it takes, 1 and more. */
    public int visits() {
        return steps.isEmpty() ? 1 : steps.get(steps.size() - 1).visit();
    }

    /** Where practice goes wrong, over all steps. */
    public List<Warning> warnings() {
        return steps.stream().flatMap(step -> step.warnings().stream()).toList();
    }
}
