package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.BandRef;
import mischung.hair.Head;

/**
 * From the head as read to the wish.
 *
 * @param answers one for each band of each zone
 * @param now the head as read
 * @param steps in the order they are done; empty if nothing needs colour
 * @param alone what the wish's own shade would show laid straight on, without any filler; same shape as {@code now}
 * @param findings what the plan has to say about the whole, most important first
 */
public record Plan(
        Head head,
        Wish wish,
        School school,
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

    /** A sentence on the whole plan. */
    public record Finding(Weight weight, String sentence) {}

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

    public boolean fills() {
        return steps.stream().anyMatch(step -> step.kind() == PlanStep.Kind.FILL);
    }

    /** Every band of the head, zone by zone from the scalp down. */
    public static List<BandRef> bandsOf(Head head) {
        List<BandRef> all = new ArrayList<>();
        for (int zone = 0; zone < head.zones().size(); zone++) {
            for (int band = 0; band < head.zones().get(zone).strand().bands().size(); band++) {
                all.add(new BandRef(zone, band));
            }
        }
        return List.copyOf(all);
    }
}
