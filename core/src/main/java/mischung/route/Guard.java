package mischung.route;

import java.util.List;
import mischung.plan.Plan;

/** Says what of a plan must not be done on this client. */
@FunctionalInterface
public interface Guard {
    /**
     * @return what forbids it, each in a sentence with what would lift it; empty if nothing does. Questions still to be asked
     *     are not meant: they block the work until they are answered, not the plan.
     */
    List<String> forbids(Plan plan);
}
