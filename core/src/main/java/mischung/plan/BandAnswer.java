package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.BandRef;

/**
 * What the plan does with one band, and why.
 *
 * @param drop levels from the reading down to the wish; negative where the wish is lighter
 */
public record BandAnswer(BandRef band, Decision decision, double drop, List<Reason> reasons) {
    public BandAnswer {
        reasons = List.copyOf(reasons);
    }

    BandAnswer with(Reason more) {
        List<Reason> all = new ArrayList<>(reasons);
        all.add(more);
        return new BandAnswer(band, decision, drop, all);
    }

    /** With what was decided of the same band at a later visit: what was taken out or filled before stays said. */
    BandAnswer then(BandAnswer later) {
        boolean saysMore = decision.takesOut() || decision == Decision.FILL;
        List<Reason> both = new ArrayList<>(reasons);
        both.addAll(later.reasons);
        return new BandAnswer(
                band,
                saysMore ? decision : later.decision,
                drop,
                both.stream().distinct().toList());
    }
}
