package mischung.plan;

import java.util.List;
import mischung.hair.BandRef;

/**
 * A round of the work, from laying on to drying.
 *
 * @param name such as "Filler 1"
 * @param outcomes predicted look after it, for every zone and every band of it, worked on or not
 */
public record PlanStep(
        Kind kind, String name, List<Treatment> treatments, List<Bowl> bowls, List<List<Outcome>> outcomes) {
    /** What the round is for. */
    public enum Kind {
        EQUALISE,
        FILL,
        TARGET
    }

    public PlanStep {
        treatments = List.copyOf(treatments);
        bowls = List.copyOf(bowls);
        outcomes = outcomes.stream().map(List::copyOf).toList();
    }

    /** "Filler 1 · 8 copper-gold": with the colours its bowls aim at. */
    public String title() {
        String aims = String.join(
                " and ", bowls.stream().map(Bowl::aimWords).distinct().toList());
        return aims.isEmpty() ? name : name + " · " + aims;
    }

    public Outcome outcome(BandRef at) {
        return outcomes.get(at.zone()).get(at.band());
    }
}
