package mischung.server.api;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mischung.caution.Standing;
import mischung.change.Factors;
import mischung.doubt.Calibration;
import mischung.doubt.Factor;
import mischung.plan.Plan;
import mischung.route.Decide;
import mischung.route.Decision;
import mischung.route.Guard;
import mischung.route.Rates;
import mischung.route.Route;
import org.springframework.stereotype.Component;

/** Decisions for cases. Never stored: the same case gives the same decision; the last few are remembered. */
@Component
class Routes {
    private static final int REMEMBERED = 8;

    private final Cases cases;
    private final CaseCautions cautions;
    private final HouseSettings house;

    /** Everything a decision follows from. */
    private record Asked(CheckedCase of, Factors known, double spread, HouseSettings.Settings house) {}

    private final Map<Asked, Decision> known = new LinkedHashMap<>();

    Routes(Cases cases, CaseCautions cautions, HouseSettings house) {
        this.cases = cases;
        this.cautions = cautions;
        this.house = house;
    }

    Decision decided(Cases.Stored of) {
        return decided(of.checked(), cases.calibration(of));
    }

    private Decision decided(CheckedCase of, Calibration calibration) {
        Asked asked = new Asked(of, calibration.factors(), calibration.spread(Factor.LIFT), house.now());
        synchronized (known) {
            Decision before = known.get(asked);
            if (before != null) {
                return before;
            }
        }
        Decision decision = Decide.of(
                of.desk(calibration),
                of.method(),
                of.ownRoute().isEmpty() ? Optional.empty() : Optional.of(of.ownRoute()),
                guard(of),
                rates());
        synchronized (known) {
            known.put(asked, decision);
            if (known.size() > REMEMBERED) {
                known.remove(known.keySet().iterator().next());
            }
        }
        return decision;
    }

    /** The chosen schools' route, as soon as it is known. */
    Route first(Cases.Stored of) {
        return Decide.first(
                of.checked().desk(cases.calibration(of)), of.checked().method(), rates());
    }

    /** The route a case is worked by: the one that was chosen, while it is still offered; otherwise the first. */
    Route chosen(CheckedCase of, Calibration calibration) {
        Decision decision = decided(of, calibration);
        return decision.route(of.route())
                .or(() -> decision.routes().stream().findFirst())
                .orElseGet(() -> Decide.first(of.desk(calibration), of.method(), rates()));
    }

    /** @param key empty for the chosen one */
    Route route(Cases.Stored of, String key) {
        return key.isEmpty()
                ? chosen(of.checked(), cases.calibration(of))
                : decided(of).route(key).orElseGet(() -> chosen(of.checked(), cases.calibration(of)));
    }

    Rates rates() {
        return house.now().rates().checked();
    }

    /** What blocks for good; questions still open block the work, not the plan. */
    private Guard guard(CheckedCase of) {
        return (Plan plan) -> plan.steps().stream()
                .flatMap(step -> cautions.before(of, plan, step).stream())
                .filter(Standing::blocks)
                .map(Standing::caution)
                .filter(caution -> !caution.open())
                .map(caution -> caution.title() + ": " + caution.sentence() + " " + caution.lifts())
                .distinct()
                .toList();
    }
}
