package mischung.server.api;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mischung.caution.Standing;
import mischung.change.Factors;
import mischung.doubt.Calibration;
import mischung.doubt.Factor;
import mischung.mix.Experience;
import mischung.plan.Desk;
import mischung.plan.Plan;
import mischung.product.ProductRange;
import mischung.route.Decide;
import mischung.route.Decision;
import mischung.route.Guard;
import mischung.route.House;
import mischung.route.Rates;
import mischung.route.Route;
import mischung.server.store.MixStore;
import org.springframework.stereotype.Component;

/** Decisions for cases. Never stored: the same case gives the same decision; the last few are remembered. */
@Component
class Routes {
    private static final int REMEMBERED = 8;

    private final Cases cases;
    private final CaseCautions cautions;
    private final HouseSettings house;
    private final Shelves shelves;
    private final MixStore mixed;
    private final Bowls bowls;

    /** Everything a decision follows from. */
    private record Asked(
            CheckedCase of, Factors known, double spread, House house, ProductRange range, double useFactor) {}

    private final Map<Asked, Decision> known = new LinkedHashMap<>();

    Routes(Cases cases, CaseCautions cautions, HouseSettings house, Shelves shelves, MixStore mixed, Bowls bowls) {
        this.shelves = shelves;
        this.mixed = mixed;
        this.bowls = bowls;
        this.cases = cases;
        this.cautions = cautions;
        this.house = house;
    }

    /** How much of the reckoned need bowls of this client and house really took. */
    Experience learned(Cases.Stored of) {
        return Experience.of(mixed.used(of.clientId(), false), mixed.used(of.clientId(), true));
    }

    Desk desk(Cases.Stored of, Calibration calibration) {
        return of.checked().desk(calibration, range(of), learned(of).factor());
    }

    /** What is out is not planned with, unless the last of it is in a bowl of this very visit. */
    private ProductRange range(Cases.Stored of) {
        return shelves.inUse().range(bowls.codesIn(of.id()));
    }

    Decision decided(Cases.Stored stored) {
        Calibration calibration = cases.calibration(stored);
        CheckedCase of = stored.checked();
        Asked asked = new Asked(
                of,
                calibration.factors(),
                calibration.spread(Factor.LIFT),
                house(),
                range(stored),
                learned(stored).factor());
        synchronized (known) {
            Decision before = known.get(asked);
            if (before != null) {
                return before;
            }
        }
        Decision decision = Decide.of(
                desk(stored, calibration),
                of.method(),
                of.ownRoute().isEmpty() ? Optional.empty() : Optional.of(of.ownRoute()),
                guard(of),
                house());
        synchronized (known) {
            known.put(asked, decision);
            if (known.size() > REMEMBERED) {
                known.remove(known.keySet().iterator().next());
            }
        }
        return decision;
    }

    /** The same question with other knowledge of the client; never remembered. */
    Decision again(Cases.Stored stored, Calibration calibration) {
        CheckedCase of = stored.checked();
        return Decide.of(desk(stored, calibration), of.method(), Optional.empty(), guard(of), house());
    }

    /** The chosen schools' route, as soon as it is known. */
    Route first(Cases.Stored of) {
        return Decide.first(desk(of, cases.calibration(of)), of.checked().method(), house());
    }

    /** The route a case is worked by: the one that was chosen, while it is still offered; otherwise the first. */
    Route chosen(Cases.Stored of) {
        Decision decision = decided(of);
        return decision.route(of.checked().route())
                .or(() -> decision.routes().stream().findFirst())
                .orElseGet(() -> first(of));
    }

    /** @param key empty for the chosen one */
    Route route(Cases.Stored of, String key) {
        return key.isEmpty() ? chosen(of) : decided(of).route(key).orElseGet(() -> chosen(of));
    }

    Rates rates() {
        return house.now().rates().checked();
    }

    private House house() {
        return new House(rates(), house.durations());
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
