package mischung.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import mischung.Phrases;
import mischung.hair.BandRef;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.wish.Aim;

/**
 * A round of the work, from laying on to drying, with what follows from it.
 *
 * @param round what was decided
 * @param visit 1 for today
 * @param number of its kind in the plan; 0 where it is the only one
 * @param outcomes predicted look after it, for every zone and every worked band of it, touched or not
 * @param warnings where practice goes wrong here
 */
public record PlanStep(
        Round round,
        int visit,
        int number,
        List<Treatment> treatments,
        List<LiftBowl> lifts,
        List<Bowl> bowls,
        List<List<Outcome>> outcomes,
        List<Warning> warnings) {
    public PlanStep {
        treatments = List.copyOf(treatments);
        lifts = List.copyOf(lifts);
        bowls = List.copyOf(bowls);
        outcomes = outcomes.stream().map(List::copyOf).toList();
        warnings = List.copyOf(warnings);
    }

    public Action kind() {
        return round.action();
    }

    /** "filler 1". */
    public Said said() {
        return number == 0
                ? StepMessage.NAME.say().thing("action", kind()).said()
                : StepMessage.NUMBERED
                        .say()
                        .thing("action", kind())
                        .count("number", number)
                        .said();
    }

    /** "filler 1 · 8 copper-gold": with the colours its bowls aim at. */
    public Said titled() {
        List<Said> aims = bowls.stream()
                .map(bowl -> bowl.laying().aim())
                .distinct()
                .map(Aim::said)
                .toList();
        return aims.isEmpty()
                ? said()
                : (lifts.isEmpty() ? StepMessage.AIMED : StepMessage.AIMED_BETWEEN)
                        .say()
                        .part("step", said())
                        .all("aims", Figure.Joint.AND, aims)
                        .said();
    }

    /** "Filler 1". */
    public String name() {
        return Phrases.capital(kind().words()) + (number == 0 ? "" : " " + number);
    }

    /** "Filler 1 · 8 copper-gold": with the colours its bowls aim at, or the level it lifts to. */
    public String title() {
        String aims = String.join(
                " and ", bowls.stream().map(Bowl::aimWords).distinct().toList());
        return aims.isEmpty() ? name() : name() + " · " + aims + (lifts.isEmpty() ? "" : " between");
    }

    /** Whether it gives warmth back to any hair, beside whatever else it does. */
    public boolean fills() {
        return bowls.stream().anyMatch(bowl -> bowl.action() == Action.FILL);
    }

    /** Whether any colour goes on that stays, beside whatever else it does. */
    public boolean finishes() {
        return bowls.stream().anyMatch(bowl -> bowl.action().finishes());
    }

    /** Every band something goes on. */
    public Set<BandRef> bands() {
        Set<BandRef> all = new LinkedHashSet<>();
        round.layings().forEach(laying -> all.addAll(laying.bands()));
        return all;
    }

    public List<Reason> reasons() {
        List<Reason> all = new ArrayList<>();
        treatments.forEach(t -> all.addAll(t.reasons()));
        lifts.forEach(l -> all.addAll(l.reasons()));
        bowls.forEach(b -> all.addAll(b.reasons()));
        return all.stream().distinct().toList();
    }

    public Outcome outcome(BandRef at) {
        return outcomes.get(at.zone()).get(at.band());
    }
}
