package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mischung.caution.Caution;
import mischung.caution.CautionMessage;
import mischung.caution.Cautions;
import mischung.consultation.Consultation;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.Heads;
import mischung.plan.Laying;
import mischung.plan.LiftWay;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.said.Said;
import mischung.school.Method;
import mischung.school.Pace;
import mischung.school.Pull;
import mischung.school.School;
import mischung.school.TakeOut;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Design;
import mischung.wish.Limits;
import mischung.wish.Wish;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class RouteComparisonTest {
    private static final PlanSafety NOTHING_FORBIDDEN = plan -> List.of();

    private static PlanningContext desk(Head head, Wish wish) {
        return new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3);
    }

    private static Decision decide(Head head, Wish wish, Method method) {
        return RouteComparison.of(desk(head, wish), method, Optional.empty(), guard(), House.USUAL);
    }

    private static final Said ASTHMA = CautionMessage.ASTHMA.alone();

    /** What the rule set of cautions forbids for good, for a client of whom nothing was asked yet. */
    private static PlanSafety guard() {
        Cautions cautions = Cautions.forClient(Consultation.unasked(), Set.of(), Instant.EPOCH.atZone(ZoneOffset.UTC));
        return plan -> plan.steps().stream()
                .flatMap(step -> cautions.before(plan, step).stream())
                .filter(c -> c.strength() == Caution.Strength.BLOCK && !c.open())
                .map(Caution::said)
                .toList();
    }

    @Provide
    Arbitrary<Head> heads() {
        return Heads.random();
    }

    @Provide
    Arbitrary<Wish> wishes() {
        Arbitrary<Aim> aims = Combinators.combine(
                        Arbitraries.integers().between(4, 20),
                        Arbitraries.of(Tone.values()).filter(Tone::wishable))
                .as((halves, tone) -> new Aim(halves / 2.0, tone));
        return Combinators.combine(aims, aims, Arbitraries.integers().between(0, 4), Arbitraries.of(true, false))
                .as((main, other, which, lightener) -> {
                    Wish wish = new Wish(main);
                    Limits limits = lightener ? Limits.NONE : Limits.NONE.withoutLightener();
                    return switch (which) {
                        case 0 -> wish.with(limits).with(Design.melt(other, 4, main, 6, 1));
                        case 1 -> wish.with(limits).with(Design.woven(Design.Kind.LOWLIGHTS, other, 0.4, 5, true));
                        case 2 -> wish.with(limits).keepingNatural();
                        default -> wish.with(limits);
                    };
                });
    }

    @Provide
    Arbitrary<Method> methods() {
        return Combinators.combine(
                        Arbitraries.of(School.values()),
                        Arbitraries.of(TakeOut.values()),
                        Arbitraries.of(Pull.values()),
                        Arbitraries.of(Pace.values()))
                .as((school, takeOut, pull, pace) ->
                        Method.USUAL.with(school).with(takeOut).with(pull).with(pace));
    }

    /** No offered route breaks a hard rule of the trade or a caution; every band is accounted for; nothing is random. */
    @Property
    void noRouteBreaksAHardRuleOrACaution(
            @ForAll("heads") Head head, @ForAll("wishes") Wish wish, @ForAll("methods") Method method) {
        Decision decision = decide(head, wish, method);
        for (Route route : decision.routes()) {
            hardRules(route.plan(), wish);
            assertThat(guard().forbids(route.plan())).isEmpty();
            assertThat(route.measures().longestMinutes())
                    .as("R48: nobody sits longer")
                    .isLessThanOrEqualTo(10 * 60);
        }
        groupedBySchool(decision, method);
        assertThat(decision.verdict()).isNotEmpty();
        assertThat(decide(head, wish, method)).as("the same input").isEqualTo(decision);
    }

    /** A case keeps the key of the route that was chosen: it goes on meaning that route. */
    @Test
    void keysThatCasesKeepStayTheSame() {
        Band black = new Band(0, 30, BandKind.COLOURED, 2, Tone.NATURAL, Porosity.NORMAL, 0);
        Decision decision = decide(Heads.of(List.of(black)), new Wish(6, Tone.BROWN), Method.USUAL);
        assertThat(Stream.concat(
                        decision.routes().stream().map(Route::key),
                        decision.refused().stream().map(Refused::key)))
                .contains(
                        "by-your-schools",
                        "lightener-first",
                        "cleanse-mix-on-the-dark-bands",
                        "strong-and-short",
                        "pre-tone-before-the-lightener",
                        "without-lightener",
                        "in-2-visits");
    }

    /** Schools are compared on the same head: what differs in a school stands together, and so does what differs in nothing of it. */
    private static void groupedBySchool(Decision decision, Method method) {
        List<Route.Group> groups = decision.routes().stream().map(Route::group).toList();
        assertThat(groups.stream().distinct().count())
                .as("each group once: %s", groups)
                .isEqualTo(1
                        + IntStream.range(1, Math.max(1, groups.size()))
                                .filter(i -> groups.get(i) != groups.get(i - 1))
                                .count()
                        - (groups.isEmpty() ? 1 : 0));
        for (Route route : decision.routes()) {
            assertThat(route.group() == Route.Group.OTHER_SCHOOLS)
                    .isEqualTo(!route.plan().strategy().method().equals(method));
        }
    }

    private static double mostOfColour(Plan plan, Laying.Deposit laying) {
        if (laying.shadeClass() == ShadeClass.COVERAGE) {
            return 20;
        }
        if (laying.shadeClass() != ShadeClass.PERMANENT) {
            return 10;
        }
        double level = laying.aim().level();
        boolean lifts = laying.bands().stream()
                .allMatch(at -> plan.head().band(at).kind() == BandKind.NATURAL
                        && level > plan.head().band(at).level());
        boolean scalp =
                laying.bands().stream().anyMatch(at -> plan.head().at(at).touchesScalp());
        return lifts && !scalp ? 30 : lifts || laying.aim().tone().warm() ? 20 : 10;
    }

    private static void hardRules(Plan plan, Wish wish) {
        for (PlanStep step : plan.steps()) {
            for (Laying laying : step.round().layings()) {
                double volume = laying.volume();
                if (laying instanceof Laying.Deposit deposit) {
                    assertThat(volume)
                            .as(
                                    "R20, R55, and R9 for colour that lifts hair as it grew, no more than 20 vol at the scalp")
                            .isLessThanOrEqualTo(mostOfColour(plan, deposit));
                }
                if (laying.action() == Action.FILL) {
                    assertThat(laying.bands())
                            .as("R17")
                            .allSatisfy(
                                    at -> assertThat(plan.head().band(at).kind().lifted()
                                                    || plan.answer(at)
                                                            .decision()
                                                            .takesOut())
                                            .isTrue());
                }
                if (laying.action() == Action.REMOVE) {
                    assertThat(laying.times()).as("R30").isLessThanOrEqualTo(3);
                }
                if (laying instanceof Laying.Lift lift) {
                    assertThat(wish.limits().lightener())
                            .as("no lightener was allowed")
                            .isTrue();
                    if (lift.way() == LiftWay.ROOT) {
                        assertThat(volume).as("no 30 or 40 vol at the scalp").isLessThanOrEqualTo(20);
                    }
                    assertThat(laying.minutes()).as("R36").isLessThanOrEqualTo(60);
                    for (BandRef at : laying.bands()) {
                        assertThat(plan.head().at(at).keeps())
                                .as("what stays is not lifted")
                                .isFalse();
                        assertThat(plan.head().band(at).level())
                                .as("R44: never lift what needs no lifting")
                                .isLessThan(
                                        plan.head().at(at).aim().orElseThrow().leastCanvas() + 1.5);
                        if (laying.action() == Action.CLEANSE) {
                            assertThat(plan.head().at(at).touchesScalp())
                                    .as("R31")
                                    .isFalse();
                        }
                    }
                }
                for (BandRef at : laying.bands()) {
                    assertThat(plan.head().at(at).keeps())
                            .as("kept hair is not touched")
                            .isFalse();
                }
            }
            for (BandRef at : step.bands()) {
                Outcome then = step.outcome(at);
                double before = plan.now().get(at.zone()).get(at.band()).integrity();
                assertThat(then.integrity())
                        .as("R39")
                        .isGreaterThanOrEqualTo(Math.min(before, Elasticity.RETURNS_SLOWLY.from()) - 0.011);
            }
        }
    }

    /** The colourist's own route is played by the same simulator: a planned route written down by hand is the same. */
    @Property
    void whatIsEditedIsSimulatedAsWhatIsPlanned(
            @ForAll("heads") Head head, @ForAll("wishes") Wish wish, @ForAll("methods") Method method) {
        PlanningContext desk = desk(head, wish);
        Plan planned = RouteComparison.first(desk, method, House.USUAL).plan();
        Plan byHand = Planner.byHand(desk(head, wish), method, planned.rounds());
        assertThat(byHand.steps()).isEqualTo(planned.steps());
        assertThat(Measures.of(byHand, House.USUAL)).isEqualTo(Measures.of(planned, House.USUAL));
    }

    @Test
    void anEditChangesWhatFollowsFromIt() {
        Head head = MadeUpHeads.BLONDE_TO_NATURAL_FIVE.head();
        Wish wish = MadeUpHeads.BLONDE_TO_NATURAL_FIVE.wish();
        Plan planned = RouteComparison.first(desk(head, wish), Method.USUAL, House.USUAL)
                .plan();
        List<Round> shorter = new ArrayList<>(planned.rounds());
        shorter.removeIf(round -> round.action() == Action.FILL);
        Decision decision = RouteComparison.of(
                desk(head, wish), Method.USUAL, Optional.of(shorter), NOTHING_FORBIDDEN, House.USUAL);
        Route own = decision.route("own").orElseThrow();
        assertThat(own.merits()).containsExactly(Route.Merit.OWN);
        assertThat(own.measures().clientMinutes())
                .isLessThan(decision.routes().get(0).measures().clientMinutes());
        assertThat(own.plan().warnings()).extracting(w -> w.fault()).contains(mischung.plan.Warning.Fault.TOO_FAR_DOWN);
    }

    /** Whoever waits no longer, or has waited long enough, is answered with the ways weighed by then, and is told so. */
    @Test
    void outOfPatienceItAnswersWithWhatItHas() {
        MadeUpHeads black = MadeUpHeads.HOME_BLACK_TO_COPPER_MELT;
        AtomicLong nanos = new AtomicLong();
        AtomicBoolean gone = new AtomicBoolean();
        Patience second = Patience.of(nanos::get, Duration.ofSeconds(1), gone::get);
        assertThat(second.over()).isFalse();
        nanos.set(1_000_000_001);
        assertThat(second.over()).as("a second is over").isTrue();
        Decision late = RouteComparison.of(
                black.desk(), Method.USUAL, Optional.empty(), NOTHING_FORBIDDEN, House.USUAL, second);
        assertThat(late.routes()).hasSize(1);
        assertThat(late.routes().get(0).group()).isEqualTo(Route.Group.YOUR_SCHOOLS);
        assertThat(late.verdict()).anyMatch(Heard.a(RouteMessage.CUT_SHORT));
        Decision whole = decide(black.head(), black.wish(), Method.USUAL);
        assertThat(whole.routes()).hasSizeGreaterThan(1);
        assertThat(whole.verdict()).noneMatch(Heard.a(RouteMessage.CUT_SHORT));
        nanos.set(0);
        gone.set(true);
        assertThat(second.over()).as("nobody waits").isTrue();
    }

    @Test
    void limitsRefuseWithTheirFigures() {
        MadeUpHeads black = MadeUpHeads.HOME_BLACK_TO_COPPER_MELT;
        Decision hurried = decide(black.head(), black.wish().with(Limits.NONE.withHours(2)), Method.USUAL);
        assertThat(hurried.refused())
                .filteredOn(r -> r.why() == Refused.Why.TIME)
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.said().figures()).containsEntry("hours", new Figure.Time(120)));
        Decision poor = decide(black.head(), black.wish().with(Limits.NONE.withMoney(50)), Method.USUAL);
        assertThat(poor.refused()).extracting(Refused::why).contains(Refused.Why.MONEY);
        HoursTest.Job pale = HoursTest.jobs()
                .filter(job -> job.name().startsWith("P3"))
                .findFirst()
                .orElseThrow();
        Decision gentle = decide(pale.head(), pale.wish().with(Limits.NONE.withVisits(1)), Method.USUAL);
        assertThat(gentle.refused()).extracting(Refused::why).contains(Refused.Why.VISITS);
        Decision forbidden = RouteComparison.of(
                black.desk(),
                Method.USUAL,
                Optional.empty(),
                plan -> plan.steps().stream().anyMatch(s -> !s.lifts().isEmpty()) ? List.of(ASTHMA) : List.of(),
                House.USUAL);
        assertThat(forbidden.routes())
                .allSatisfy(route -> assertThat(route.plan().steps())
                        .allSatisfy(step -> assertThat(step.lifts()).isEmpty()));
        assertThat(forbidden.refused())
                .filteredOn(r -> r.why() == Refused.Why.CAUTION)
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.said().figures().get("parts"))
                        .isEqualTo(new Figure.All(Figure.Joint.SENTENCES, List.of(new Figure.Part(ASTHMA)))));
        assertThat(forbidden.verdict())
                .anyMatch(Heard.a(RouteMessage.NOT_AS_ALLOWED).or(Heard.a(RouteMessage.NO_WAY)));
    }

    @Test
    void everyRouteThatWasTriedIsOfferedOrRefused() {
        for (MadeUpHeads head : MadeUpHeads.values()) {
            Decision decision = head.decided();
            assertThat(decision.routes()).as(head.name()).isNotEmpty();
            assertThat(decision.routes()).extracting(Route::key).doesNotHaveDuplicates();
            Route nearest = decision.routes().stream()
                    .filter(r -> r.merits().contains(Route.Merit.NEAREST))
                    .findFirst()
                    .orElseThrow();
            assertThat(decision.routes())
                    .allSatisfy(r -> assertThat(r.measures().distance())
                            .isGreaterThanOrEqualTo(nearest.measures().distance() - 1e-3));
        }
    }

    @Test
    void moneyIsHoursAndProduct() {
        Route route = MadeUpHeads.BRASSY_COPPER_WEAK_ENDS.decided().routes().get(0);
        Measures m = route.measures();
        assertThat(m.price())
                .isCloseTo(
                        60.0 * m.handsMinutes() / 60 + 0.12 * m.colourGrams() + 0.15 * m.treatmentGrams(),
                        within(1e-9));
        assertThat(m.colourGrams())
                .isEqualTo(route.plan().steps().stream()
                        .flatMap(s -> s.bowls().stream())
                        .mapToInt((Bowl b) -> b.grams().totalGrams())
                        .sum());
    }

    @Test
    void hairThatFailedIsLeftOutOrCutOff() {
        Head head = MadeUpHeads.BRASSY_COPPER_WEAK_ENDS.head();
        Head failed = new Head(
                head.zones().stream()
                        .map(zone -> new mischung.hair.Zone(
                                zone.place(),
                                new mischung.hair.Strand(zone.strand().bands().stream()
                                        .map(b -> b.fromCm() == 26
                                                ? b.with(mischung.hair.BandDetail.NONE.withStretch(Elasticity.BREAKS))
                                                : b)
                                        .toList())))
                        .toList(),
                head.density(),
                head.thickness());
        Wish wish = MadeUpHeads.BRASSY_COPPER_WEAK_ENDS.wish();
        Plan kept = decide(failed, wish, Method.USUAL).routes().get(0).plan();
        BandRef ends = new BandRef(0, 2);
        assertThat(kept.answer(ends).decision()).isEqualTo(mischung.plan.Decision.TOO_WEAK);
        assertThat(kept.steps()).allSatisfy(step -> assertThat(step.bands()).doesNotContain(ends));
        Plan cut = decide(failed, wish.with(Limits.NONE.withTrim(10)), Method.USUAL)
                .routes()
                .get(0)
                .plan();
        assertThat(cut.answer(ends).decision()).isEqualTo(mischung.plan.Decision.TRIM);
        assertThat(cut.end(ends).cut()).isTrue();
        assertThat(kept.head().band(ends).kind()).isEqualTo(BandKind.LIGHTENED);
    }

    /** What has been weighed by the time it is over is the answer, and it says what was left out. */
    @Test
    void whenTheTimeIsOverWhatWasWeighedIsTheAnswer() {
        MadeUpHeads head = MadeUpHeads.HOME_BLACK_TO_COPPER_MELT;
        Decision whole = head.decided();
        Decision cut = RouteComparison.of(
                head.desk(), head.method(), Optional.empty(), plan -> List.of(), House.USUAL, () -> true);
        assertThat(cut.routes().size() + cut.refused().size())
                .isLessThan(whole.routes().size() + whole.refused().size());
        assertThat(cut.routes().size() + cut.refused().size()).isPositive();
        assertThat(cut.verdict()).anyMatch(Heard.a(RouteMessage.CUT_SHORT));
        assertThat(whole.verdict()).noneMatch(Heard.a(RouteMessage.CUT_SHORT));
    }

    /** Five thousand shades are no more work for one formula than the nearest of them. */
    @Test
    void aVeryLargeRangeIsBoundedWork() {
        List<Shade> many = new ArrayList<>();
        for (int i = 0; i < 250; i++) {
            for (Shade shade : ProductRange.demo().of(ShadeClass.DEMI)) {
                many.add(new Shade(
                        shade.code() + "-" + i,
                        shade.shadeClass(),
                        shade.level(),
                        shade.tone(),
                        shade.dyes(),
                        shade.misfit()));
            }
        }
        assertThat(many).hasSizeGreaterThan(4000);
        ProductRange large = new ProductRange("large", many, ProductRange.demo().developers());
        MadeUpHeads head = MadeUpHeads.BLONDE_TO_NATURAL_FIVE;
        PlanningContext desk = new PlanningContext(head.head(), head.wish(), large, Calibration.none(), 3);
        long from = System.nanoTime();
        Plan plan = RouteComparison.first(desk, head.method(), House.USUAL).plan();
        assertThat(Duration.ofNanos(System.nanoTime() - from)).isLessThan(Duration.ofSeconds(30));
        double usual = RouteComparison.first(head.desk(), head.method(), House.USUAL)
                .plan()
                .distance(at -> plan.end(at));
        assertThat(plan.distance(plan::end)).isLessThan(usual + 2);
    }
}
