package mischung.plan;

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
}
