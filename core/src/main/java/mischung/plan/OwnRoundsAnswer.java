package mischung.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import mischung.hair.BandRef;
import mischung.product.ShadeClass;
import mischung.wish.WorkedHead;

/** What rounds that somebody wrote down do with a band, said as the planner says what it decides. */
final class OwnRoundsAnswer {
    private OwnRoundsAnswer() {}

    static BandAnswer to(BandRef at, WorkedHead head, List<PlanStep> steps) {
        Set<Action> done = EnumSet.noneOf(Action.class);
        boolean covered = false;
        List<Reason> reasons = new ArrayList<>();
        for (PlanStep step : steps) {
            for (Laying laying : step.round().layings()) {
                if (laying.bands().contains(at)) {
                    done.add(laying.action());
                    covered |= laying instanceof Laying.Deposit colour && colour.shadeClass() == ShadeClass.COVERAGE;
                }
            }
            if (step.bands().contains(at)) {
                reasons.add(new Reason(
                        Rule.COMPUTED,
                        ReasonMessage.OWN_SHOWS
                                .say()
                                .part("step", step.titled())
                                .part("look", step.outcome(at).look().said())
                                .said()));
            }
        }
        if (reasons.isEmpty()) {
            reasons.add(new Reason(Rule.WISH, ReasonMessage.OWN_UNTOUCHED));
        }
        double drop = head.at(at)
                .aim()
                .map(aim -> head.band(at).level() - aim.level())
                .orElse(0.0);
        return new BandAnswer(at, decision(done, covered, head.at(at).keeps()), drop, reasons);
    }

    private static Decision decision(Set<Action> done, boolean covered, boolean keeps) {
        if (done.contains(Action.TRIM)) {
            return Decision.TRIM;
        }
        boolean lifted = done.contains(Action.LIGHTEN) || done.contains(Action.CLEANSE);
        if (done.contains(Action.REMOVE)) {
            return lifted ? Decision.REMOVE_AND_LIGHTEN : Decision.REMOVE;
        }
        if (lifted) {
            return Decision.LIGHTEN;
        }
        if (done.contains(Action.FILL)) {
            return Decision.FILL;
        }
        if (covered) {
            return Decision.COVER_GREY;
        }
        if (done.stream().anyMatch(Action::deposits)) {
            return Decision.COLOUR;
        }
        return keeps ? Decision.KEEP : Decision.LEAVE;
    }
}
