package mischung.server.api;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import mischung.caution.StandingCaution;
import mischung.mix.Experience;
import mischung.plan.Plan;
import mischung.plan.PlanningContext;
import mischung.product.ProductRange;
import mischung.route.Decision;
import mischung.route.House;
import mischung.route.Patience;
import mischung.route.PlanSafety;
import mischung.route.Rates;
import mischung.route.Route;
import mischung.route.RouteComparison;
import mischung.server.store.MixStore;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Evidence;
import org.springframework.stereotype.Component;

/** Decisions for cases. Never stored: the same case gives the same decision; the last few are remembered. */
@Component
class Routes {
    private static final int REMEMBERED = 8;

    /** What has been weighed by then is the answer. */
    private static final Duration PATIENCE = Duration.ofSeconds(12);

    private final Cases cases;
    private final CaseCautions cautions;
    private final HouseSettings house;
    private final Shelves shelves;
    private final MixStore mixed;
    private final Bowls bowls;
    private final Waiting waiting;

    /** Everything a decision follows from. */
    private record Asked(
            CheckedCase of,
            Evidence known,
            House house,
            ProductRange range,
            double useFactor,
            boolean overridesAllowed) {}

    private final Map<Asked, Made> known = new LinkedHashMap<>();

    /**
     * What was decided.
     *
     * @param whole whether every way was weighed
     */
    private record Made(Decision decision, boolean whole) {}

    private final Map<Long, Going> going = new ConcurrentHashMap<>();
    private final Locks deciding = new Locks();

    /**
     * A decision that is being made.
     *
     * @param waiters who wait for it
     */
    private record Going(Asked asked, Waiters waiters) {}

    Routes(
            Cases cases,
            CaseCautions cautions,
            HouseSettings house,
            Shelves shelves,
            MixStore mixed,
            Bowls bowls,
            Waiting waiting) {
        this.waiting = waiting;
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

    PlanningContext desk(Cases.Stored of, Calibration calibration) {
        return desk(of, calibration, learned(of).factor());
    }

    /** @param useFactor by which the reckoned need of bowls is multiplied */
    PlanningContext desk(Cases.Stored of, Calibration calibration, double useFactor) {
        return of.checked().desk(calibration, range(of), useFactor);
    }

    /** What is out is not planned with, unless the last of it is in a bowl of this very visit. */
    private ProductRange range(Cases.Stored of) {
        return shelves.inUse().range(bowls.codesIn(of.id()));
    }

    Decision decided(Cases.Stored stored) {
        return made(stored, false).decision;
    }

    /** @param whole however long it takes */
    private Made made(Cases.Stored stored, boolean whole) {
        Calibration calibration = cases.calibration(stored);
        Asked asked = asked(stored, calibration);
        Optional<Made> there = known(asked, whole);
        if (there.isPresent()) {
            return there.get();
        }
        Going older = going.get(stored.id());
        if (older != null && older.asked.equals(asked)) {
            older.waiters.add(waiting.gone());
        } else if (older != null) {
            // A newer picture of the same case is asked for: nobody waits for the older any more.
            older.waiters.giveUp();
        }
        // Several questions to one picture, as a page asks them at once, are answered by one decision.
        synchronized (deciding.of(stored.id())) {
            return known(asked, whole).orElseGet(() -> make(stored, calibration, asked, whole));
        }
    }

    private Asked asked(Cases.Stored of, Calibration calibration) {
        return new Asked(
                of.checked(),
                calibration.since(Calibration.none()),
                house(),
                range(of),
                learned(of).factor(),
                house.now().overridesAllowed());
    }

    /** Whether it has been decided as it is now, and need not be thought through again. */
    boolean remembers(Cases.Stored of) {
        return known(asked(of, cases.calibration(of)), true).isPresent();
    }

    private Optional<Made> known(Asked asked, boolean whole) {
        synchronized (known) {
            return Optional.ofNullable(known.get(asked)).filter(made -> made.whole || !whole);
        }
    }

    private Made make(Cases.Stored stored, Calibration calibration, Asked asked, boolean whole) {
        CheckedCase of = stored.checked();
        Going now = new Going(asked, new Waiters(waiting.gone()));
        Patience patience = whole ? Patience.ENDLESS : Patience.of(System::nanoTime, PATIENCE, now.waiters::none);
        going.put(stored.id(), now);
        Made made;
        try {
            Decision decision = RouteComparison.of(
                    desk(stored, calibration),
                    of.method(),
                    of.ownRoute().isEmpty() ? Optional.empty() : Optional.of(of.ownRoute()),
                    guard(of),
                    house(),
                    patience);
            made = new Made(decision, !patience.over());
        } finally {
            going.remove(stored.id());
        }
        if (!now.waiters.none()) {
            synchronized (known) {
                known.put(asked, made);
                if (known.size() > REMEMBERED) {
                    known.remove(known.keySet().iterator().next());
                }
            }
        }
        return made;
    }

    /** The same question with other knowledge of the client; never remembered. */
    Decision again(Cases.Stored stored, Calibration calibration) {
        CheckedCase of = stored.checked();
        return RouteComparison.of(desk(stored, calibration), of.method(), Optional.empty(), guard(of), house());
    }

    /** The chosen schools' route, as soon as it is known. */
    Route first(Cases.Stored of) {
        return RouteComparison.first(
                desk(of, cases.calibration(of)), of.checked().method(), house());
    }

    /** The route a case is worked by: the one that was chosen, while it is still offered; otherwise the first. */
    Route chosen(Cases.Stored of) {
        Made made = made(of, false);
        String key = of.checked().route();
        // The one that was chosen is worked by, and no other only because there was no time to weigh it.
        Decision decision =
                made.whole || key.isEmpty() || made.decision.route(key).isPresent()
                        ? made.decision
                        : made(of, true).decision;
        return decision.route(key)
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
    private PlanSafety guard(CheckedCase of) {
        return (Plan plan) -> plan.steps().stream()
                .flatMap(step -> cautions.before(of, plan, step).stream())
                .filter(StandingCaution::blocks)
                .map(StandingCaution::caution)
                .filter(caution -> !caution.open())
                .map(StandingView::forbidding)
                .distinct()
                .toList();
    }
}
