package mischung.route;

import java.util.List;
import mischung.plan.Plan;
import mischung.said.Said;

/** Says what of a plan must not be done on this client. */
@FunctionalInterface
public interface PlanSafety {
    /**
     * @return what forbids it, each with what would lift it; empty if nothing does. Questions still to be asked
     *     are not meant: they block the work until they are answered, not the plan.
     */
    List<Said> forbids(Plan plan);
}
