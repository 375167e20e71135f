package mischung.route;

import java.util.List;
import java.util.Optional;
import mischung.hair.Head;
import mischung.plan.PlanningContext;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;

/** Everything decided of a head, off the shelf of the demonstration and at the usual rates; nothing is forbidden. */
final class Decided {
    private Decided() {}

    static Decision of(Head head, Wish wish, Method method) {
        return RouteComparison.of(
                new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3),
                method,
                Optional.empty(),
                plan -> List.of(),
                House.USUAL);
    }
}
