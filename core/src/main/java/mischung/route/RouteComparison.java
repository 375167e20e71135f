package mischung.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.plan.Strategy;
import mischung.route.Refused.Why;
import mischung.route.Route.Merit;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Saying;
import mischung.school.Method;
import mischung.school.Rinse;
import mischung.school.School;
import mischung.wish.Contradictions;
import mischung.wish.Limits;
import mischung.wish.Match;

/** Weighs whole sequences against each other. The same desk, schools and house give the same decision. */
public final class RouteComparison {
    /** Within this, in CIEDE2000 over all hair, a wish counts as reached; two colourists would argue about no less. */
    private static final double REACHED = 6;

    /** One band this far off is seen, whatever the rest does. */
    private static final double FURTHEST_REACHED = 7;

    /** A route this much further off than the best is no way to the wish. */
    private static final double FURTHER_OFF = 8;

    /** From memory: a CIEDE2000 more or less of a whole head is not seen at a glance. */
    private static final double AT_A_GLANCE = 1;

    /** R48: minutes of the longest day. */
    static final int LONGEST_VISIT = 10 * 60;

    private static final double CLAIM = 0.1;

    // What weighs how much against one CIEDE2000 of distance when routes are put in order; from memory.
    private static final double UNEVENNESS = 0.4;
    private static final double AN_HOUR = 0.35;
    private static final double A_VISIT = 3;
    private static final double A_WARNING = 2;
    private static final double A_SHORT_CUT = 4;
    private static final double OTHER_SCHOOL = 3;
    private static final double STRENGTH = 25;

    private final PlanningContext desk;
    private final Method method;
    private final PlanSafety guard;
    private final House house;

    private RouteComparison(PlanningContext desk, Method method, PlanSafety guard, House house) {
        this.desk = desk;
        this.method = method;
        this.guard = guard;
        this.house = house;
    }

    /** The chosen schools' route alone: the first useful answer, while the others are still being weighed. */
    public static Route first(PlanningContext desk, Method method, House house) {
        Strategy chosen = Strategies.chosen(desk, method);
        Plan plan = Planner.plan(desk, chosen);
        return route(plan, chosen, Measures.of(plan, house));
    }

    /** However long it takes. */
    public static Decision of(
            PlanningContext desk, Method method, Optional<List<Round>> own, PlanSafety guard, House house) {
        return of(desk, method, own, guard, house, Patience.ENDLESS);
    }

    /**
     * @param own the colourist's own rounds, if there are any
     * @param guard what must not be done on this client
     * @param patience when it is over, the ways weighed by then are the answer, and the verdict says so
     */
    public static Decision of(
            PlanningContext desk,
            Method method,
            Optional<List<Round>> own,
            PlanSafety guard,
            House house,
            Patience patience) {
        return new RouteComparison(desk, method, guard, house).decided(own, patience);
    }

    private static Route route(Plan plan, Strategy chosen, Measures measures) {
        return new Route(
                plan.strategy().key(),
                Route.Group.of(plan.strategy(), chosen),
                plan,
                measures,
                List.of(),
                new Route.Range(0, 0),
                List.of());
    }

    private Decision decided(Optional<List<Round>> own, Patience patience) {
        Strategy chosen = Strategies.chosen(desk, method);
        Plan first = Planner.plan(desk, chosen);
        List<Strategy> others = Strategies.others(desk, chosen, first);
        // Ways do not follow from each other: they are planned and measured beside each other, by as many hands as the
        // machine has.
        List<Route> weighed = Stream.concat(Stream.of(chosen), others.stream()).toList().parallelStream()
                .filter(strategy -> strategy.equals(chosen) || !patience.over())
                .map(strategy -> strategy.equals(chosen) ? first : Planner.plan(desk, strategy))
                .map(plan -> route(plan, chosen, Measures.of(plan, house)))
                .toList();
        List<Route> all = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        for (Route route : weighed) {
            notTheSame(route, all).ifPresentOrElse(refused::add, () -> all.add(route));
        }
        double best = all.stream()
                .filter(route -> refusal(route, 0).isEmpty())
                .mapToDouble(route -> route.measures().distance())
                .min()
                .orElse(0);
        List<Route> offered = new ArrayList<>();
        for (Route route : all) {
            Optional<Refused> no = refusal(route, best);
            no.ifPresentOrElse(refused::add, () -> offered.add(route));
        }
        offered.sort(Comparator.comparingDouble(this::score));
        grouped(offered);
        List<Route> shown =
                new ArrayList<>(offered.parallelStream().map(this::told).toList());
        List<Route> merited = withMerits(shown);
        own.ifPresent(rounds -> {
            Plan plan = Planner.byHand(desk, method, rounds);
            Route mine = told(new Route(
                    "own",
                    Route.Group.YOUR_SCHOOLS,
                    plan,
                    Measures.of(plan, house),
                    List.of(Merit.OWN),
                    new Route.Range(0, 0),
                    List.of()));
            merited.add(mine);
        });
        Decision decision = verdict(merited, refused, all);
        int leftOut = 1 + others.size() - weighed.size();
        return leftOut == 0 ? decision : decision.cutShort(leftOut);
    }

    /** @return why a way is no way of its own beside those before it */
    private static Optional<Refused> notTheSame(Route route, List<Route> before) {
        Plan plan = route.plan();
        if (plan.visits() < plan.strategy().visits()) {
            return no(route, Why.THE_SAME, RouteMessage.VISITS_ENOUGH.say().count("visits", plan.visits()));
        }
        int visits = plan.visits() - 1;
        if (visits > 0 && plan.distance(at -> plan.endOf(visits, at)) <= plan.distance(plan::end) + AT_A_GLANCE) {
            return no(route, Why.THE_SAME, RouteMessage.VISITS_ENOUGH.say().count("visits", visits));
        }
        return before.stream()
                .filter(other -> other.plan().rounds().equals(plan.rounds()))
                .findFirst()
                .map(alike -> new Refused(
                        route.key(),
                        route.said(),
                        Why.THE_SAME,
                        RouteMessage.SAME_WORK.say().part("route", alike.said()).said(),
                        alike.measures()));
    }

    /**
     * Routes of a group together. The colourist's own school comes first where it is sensible: where it comes as near to the wish as
     * the best of all, but for what nobody sees at a glance, and warns of no more; else the group whose best is first.
     */
    private static void grouped(List<Route> offered) {
        List<Route.Group> order =
                new ArrayList<>(offered.stream().map(Route::group).distinct().toList());
        offered.stream()
                .filter(route -> route.group() == Route.Group.YOUR_SCHOOLS)
                .findFirst()
                .filter(own -> sensible(own, offered.get(0)))
                .ifPresent(own -> {
                    order.remove(own.group());
                    order.add(0, own.group());
                });
        offered.sort(Comparator.comparingInt(route -> order.indexOf(route.group())));
    }

    private static boolean sensible(Route own, Route best) {
        return own.measures().distance() <= best.measures().distance() + AT_A_GLANCE
                && own.plan().warnings().size() <= best.plan().warnings().size()
                && own.measures().visits() <= best.measures().visits()
                && (reached(own) || !reached(best));
    }

    private Route told(Route route) {
        return route.with(surest(route.plan()), Fallbacks.of(desk, route.plan()));
    }

    /** In which order routes are shown; less is first. */
    private double score(Route route) {
        Measures m = route.measures();
        Strategy strategy = route.plan().strategy();
        boolean shortCut = strategy.method().filler() == School.IN_TARGET
                || strategy.method().rinse() == Rinse.TOWEL;
        boolean asChosen = strategy.equals(Strategies.chosen(desk, method));
        int otherVisits = Math.abs(m.visits() - Strategies.chosen(desk, method).visits());
        return m.distance()
                + UNEVENNESS * m.uneven()
                + AN_HOUR * m.clientMinutes() / 60
                + A_VISIT * otherVisits
                + A_WARNING * route.plan().warnings().size()
                + (shortCut && !asChosen ? A_SHORT_CUT : 0)
                + (asChosen ? 0 : OTHER_SCHOOL)
                + STRENGTH * Math.max(0, Elasticity.SPRINGS_BACK.from() - m.weakest());
    }

    /**
     * Why a route is not offered.
     *
     * @param best distance of the best that is; 0 while that is not known
     */
    private Optional<Refused> refusal(Route route, double best) {
        Measures m = route.measures();
        Limits limits = desk.wish().limits();
        Optional<Saying> weak = overdrawn(route.plan());
        if (weak.isPresent()) {
            return no(route, Why.STRENGTH, weak.get());
        }
        List<Said> forbidden = guard.forbids(route.plan());
        if (!forbidden.isEmpty()) {
            return no(route, Why.CAUTION, RouteMessage.TOGETHER.say().all("parts", Figure.Joint.SENTENCES, forbidden));
        }
        if (m.visits() > limits.visits()) {
            return no(
                    route,
                    Why.VISITS,
                    RouteMessage.MORE_VISITS.say().count("visits", m.visits()).count("most", limits.visits()));
        }
        if (m.longestMinutes() > LONGEST_VISIT) {
            return no(
                    route,
                    Why.TIME,
                    RouteMessage.NOBODY_SITS_SO_LONG
                            .say()
                            .time("time", m.longestMinutes())
                            .time("most", LONGEST_VISIT));
        }
        if (limits.hours() > 0 && m.longestMinutes() > limits.hours() * 60) {
            return no(
                    route,
                    Why.TIME,
                    RouteMessage.LONGER_THAN_THE_CLIENT_HAS
                            .say()
                            .time("time", m.longestMinutes())
                            .time("hours", (int) Math.round(limits.hours() * 60)));
        }
        if (limits.money() > 0 && m.price() > limits.money()) {
            return no(
                    route,
                    Why.MONEY,
                    RouteMessage.COSTS_MORE
                            .say()
                            .count("price", m.price())
                            .typed("currency", house.rates().currency())
                            .count("most", limits.money()));
        }
        if (best > 0 && m.distance() > REACHED && m.distance() > best + FURTHER_OFF) {
            return no(
                    route,
                    Why.CANNOT_REACH,
                    RouteMessage.ENDS_FURTHER_OFF
                            .say()
                            .count("distance", m.distance())
                            .count("best", best)
                            .part("furthest", furthest(route.plan())));
        }
        return Optional.empty();
    }

    private static Optional<Refused> no(Route route, Why why, Saying saying) {
        return Optional.of(new Refused(route.key(), route.said(), why, saying.said(), route.measures()));
    }

    /** R39: the model would leave a band so weak that it would not return. */
    private Optional<Saying> overdrawn(Plan plan) {
        for (PlanStep step : plan.steps()) {
            for (BandRef at : plan.head().bands()) {
                Outcome then = step.outcome(at);
                double before = plan.now().get(at.zone()).get(at.band()).integrity();
                if (!then.cut()
                        && then.integrity() < Elasticity.RETURNS_SLOWLY.from()
                        && then.integrity() < before - 0.01) {
                    return Optional.of(RouteMessage.OVERDRAWN
                            .say()
                            .part("step", step.said())
                            .share("left", then.integrity())
                            .part("band", plan.head().said(at))
                            .thing("elasticity", Elasticity.of(then.integrity())));
                }
            }
        }
        return Optional.empty();
    }

    private List<Route> withMerits(List<Route> shown) {
        Map<Merit, String> best = new EnumMap<>(Merit.class);
        least(
                        shown.stream().filter(r -> r.measures().visits() == 1).toList(),
                        r -> r.measures().distance())
                .ifPresent(key -> best.put(Merit.BEST_IN_ONE_VISIT, key));
        least(shown, r -> r.measures().distance()).ifPresent(key -> best.put(Merit.NEAREST, key));
        least(shown, r -> -r.measures().weakest()).ifPresent(key -> best.put(Merit.GENTLEST, key));
        least(shown, r -> r.surest().to()).ifPresent(key -> best.put(Merit.SUREST, key));
        least(shown, r -> r.measures().longestMinutes()).ifPresent(key -> best.put(Merit.QUICKEST, key));
        least(shown, r -> r.measures().price()).ifPresent(key -> best.put(Merit.CHEAPEST, key));
        List<Route> merited = new ArrayList<>();
        for (Route route : shown) {
            List<Merit> merits = best.entrySet().stream()
                    .filter(e -> e.getValue().equals(route.key()))
                    .map(Map.Entry::getKey)
                    .toList();
            merited.add(route.with(merits));
        }
        return merited;
    }

    private static Optional<String> least(List<Route> routes, ToDoubleFunction<Route> value) {
        // To the third digit, so that equals go to the one shown first.
        return routes.stream()
                .min(Comparator.comparingDouble(route -> Math.rint(1000 * value.applyAsDouble(route))))
                .map(Route::key);
    }

    /** Over the draws of what is not sure: how far from the wish the whole head ends, eight times in ten. */
    private Route.Range surest(Plan plan) {
        List<BandRef> wished = plan.head().bands().stream()
                .filter(at -> !plan.head().at(at).keeps() && !plan.end(at).cut())
                .toList();
        if (wished.isEmpty()) {
            return new Route.Range(0, 0);
        }
        double[] sums = null;
        double mass = 0;
        for (BandRef at : wished) {
            double grams = plan.head().mixGrams(List.of(at));
            Lab aim = plan.end(at).wished();
            List<Lab> drawn = plan.end(at).hair().drawnColours();
            sums = sums == null ? new double[drawn.size()] : sums;
            mass += grams;
            for (int i = 0; i < drawn.size(); i++) {
                double difference = Ciede2000.between(aim, drawn.get(i));
                sums[i] += grams * difference * difference;
            }
        }
        double total = mass;
        double[] distances = java.util.Arrays.stream(sums == null ? new double[1] : sums)
                .map(sum -> Math.sqrt(sum / total))
                .sorted()
                .toArray();
        int last = distances.length - 1;
        return new Route.Range(
                distances[(int) Math.round(CLAIM * last)], distances[(int) Math.round((1 - CLAIM) * last)]);
    }

    private Decision verdict(List<Route> routes, List<Refused> refused, List<Route> all) {
        List<Said> contradictions = Contradictions.of(desk.head().read(), desk.wish());
        List<Route> planned = routes.stream()
                .filter(route -> !route.merits().contains(Merit.OWN))
                .toList();
        List<Route> inOne =
                planned.stream().filter(route -> route.measures().visits() == 1).toList();
        boolean reaches = inOne.stream().anyMatch(RouteComparison::reached);
        // In the order they are shown; if none comes there, the one that comes nearest.
        Optional<Route> today = inOne.stream()
                .filter(RouteComparison::reached)
                .findFirst()
                .or(() -> inOne.stream()
                        .min(Comparator.comparingDouble(
                                route -> route.measures().distance())));
        Optional<Route> later = planned.stream()
                .filter(RouteComparison::reached)
                .min(Comparator.comparingInt(route -> route.measures().visits()));
        Optional<Integer> needed = later.map(route -> route.measures().visits());
        Said wish = desk.wish().said();
        List<Said> words = new ArrayList<>();
        if (reaches && today.get().plan().steps().isEmpty()) {
            words.add(RouteMessage.NOTHING_TO_DO.alone());
        } else if (reaches) {
            Measures m = today.get().measures();
            // What is listed first may not come there: then it has to be said which does.
            boolean first = today.get().equals(planned.get(0));
            Saying said = (first ? RouteMessage.REACHED : RouteMessage.REACHED_BY)
                    .say()
                    .part("wish", wish)
                    .time("time", m.longestMinutes())
                    .part("match", Match.said(m.distance()));
            words.add((first ? said : said.part("route", today.get().said())).said());
        } else if (later.isPresent()) {
            Saying said = (today.isPresent() ? RouteMessage.NOT_TODAY_NEAREST : RouteMessage.NOT_TODAY)
                    .say()
                    .part("wish", wish)
                    .count("visits", needed.orElseThrow());
            today.ifPresent(route -> said.part("nearest", furthest(route.plan())));
            words.add(said.said());
        } else {
            planned.stream()
                    .min(Comparator.comparingDouble(route -> route.measures().distance()))
                    .ifPresentOrElse(
                            route -> words.add(RouteMessage.NOT_AS_ALLOWED
                                    .say()
                                    .part("wish", wish)
                                    .count("visits", route.measures().visits())
                                    .part("nearest", furthest(route.plan()))
                                    .said()),
                            () -> {
                                words.add(RouteMessage.NO_WAY
                                        .say()
                                        .part("wish", wish)
                                        .said());
                                refused.stream()
                                        .filter(r -> r.why() != Why.THE_SAME)
                                        .findFirst()
                                        .map(Refused::said)
                                        .ifPresent(words::add);
                            });
            all.stream()
                    .filter(RouteComparison::reached)
                    .min(Comparator.comparingInt(route -> route.measures().visits()))
                    .ifPresent(route -> words.add(RouteMessage.COULD_BE_REACHED
                            .say()
                            .count("visits", route.measures().visits())
                            .time("time", route.measures().longestMinutes())
                            .said()));
        }
        return new Decision(routes, refused, words, reaches, needed, contradictions);
    }

    static boolean reached(Route route) {
        return route.measures().distance() <= REACHED
                && route.measures().worst() <= FURTHEST_REACHED
                && route.plan().head().bands().stream()
                        .filter(at -> !route.plan().head().at(at).keeps()
                                && !route.plan().end(at).cut())
                        .allMatch(at -> Math.abs(route.plan().end(at).look().level()
                                        - route.plan()
                                                .head()
                                                .at(at)
                                                .aim()
                                                .orElseThrow()
                                                .level())
                                <= 1);
    }

    /** "the crown 0–8 cm comes to 7 gold where 9 ash is wished". */
    private static Said furthest(Plan plan) {
        return plan.head().bands().stream()
                .filter(at -> !plan.head().at(at).keeps() && !plan.end(at).cut())
                .max(Comparator.comparingDouble(at -> plan.end(at).difference()))
                .map(at -> RouteMessage.FURTHEST
                        .say()
                        .part("band", plan.head().said(at))
                        .part("look", plan.end(at).look().said())
                        .part("aim", plan.head().at(at).aim().orElseThrow().said())
                        .said())
                .orElseGet(RouteMessage.NOTHING_WISHED::alone);
    }
}
