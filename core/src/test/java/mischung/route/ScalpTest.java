package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import mischung.caution.Caution;
import mischung.caution.CautionRule;
import mischung.caution.Cautions;
import mischung.consultation.Consultation;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.mix.Card;
import mischung.mix.Cards;
import mischung.mix.Line;
import mischung.plan.Action;
import mischung.plan.Laying;
import mischung.plan.LiftWay;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.process.Application;
import mischung.process.Change;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.product.Developer;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.school.Method;
import mischung.school.Pull;
import mischung.sequence.Durations;
import mischung.sequence.OrderTerms;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.shelf.DemoShelf;
import mischung.shelf.Item;
import mischung.shelf.Kind;
import mischung.shelf.Shelf;
import mischung.uncertainty.Calibration;
import mischung.wish.Aim;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/** Nothing strong touches the scalp unasked, whatever hair it is, whatever the step is called. */
class ScalpTest {
    private static final double MOST = 20;
    private static final int HEADS = Integer.getInteger("mischung.tries", 24);
    private static final ZonedDateTime NOW =
            Instant.parse("2026-11-23T10:00:00Z").atZone(ZoneOffset.UTC);

    private static Band coloured(double from, double to, double level) {
        return new Band(from, to, BandKind.COLOURED, level, Tone.NATURAL, Porosity.NORMAL, 0)
                .with(BandDetail.NONE.withPast(4, 4, 6));
    }

    private static Head head(Thickness thickness, List<Band> bands) {
        return new Head(
                List.of(new Zone(ZonePlace.CROWN, new Strand(bands)), new Zone(ZonePlace.NAPE, new Strand(bands))),
                Density.NORMAL,
                thickness);
    }

    private static PlanningContext desk(Head head, Wish wish) {
        return new PlanningContext(head, wish, ProductRange.demo(), Calibration.none(), 3);
    }

    private static boolean touches(Plan plan, Laying laying) {
        return laying.bands().stream().anyMatch(at -> plan.head().at(at).touchesScalp());
    }

    private static boolean blocked(Plan plan, PlanStep step) {
        return Cautions.forClient(Consultation.unasked(), Set.of(), NOW).before(plan, step).stream()
                .filter(caution -> caution.strength() == Caution.Strength.BLOCK)
                .anyMatch(caution -> caution.rule() == CautionRule.STRONG_AT_SCALP
                        || caution.rule() == CautionRule.CLEANSE_AT_SCALP);
    }

    private static boolean dangerous(Plan plan, Laying laying) {
        return touches(plan, laying)
                && (laying.action() == Action.CLEANSE
                        || ((laying.action().lifts() || laying.action().deposits()) && laying.volume() > MOST));
    }

    private static Random random() {
        return new Random(14);
    }

    @SafeVarargs
    private static <T> T of(Random random, T... all) {
        return all[random.nextInt(all.length)];
    }

    private static Head any(Random random) {
        double root = 0.5 * (1 + random.nextInt(8));
        BandKind[] kinds = {BandKind.NATURAL, BandKind.COLOURED, BandKind.LIGHTENED};
        BandKind first = kinds[random.nextInt(3)];
        BandKind second = kinds[random.nextInt(3)];
        List<Band> bands = List.of(any(random, first, 0, root), any(random, second, root, 24));
        return head(of(random, Thickness.values()), bands);
    }

    private static Band any(Random random, BandKind kind, double from, double to) {
        double level = kind == BandKind.LIGHTENED ? 6 + random.nextInt(5) : 2 + random.nextInt(6);
        Band band = new Band(
                from,
                to,
                kind,
                level,
                kind == BandKind.LIGHTENED ? Tone.AS_LIFTED : Tone.NATURAL,
                of(random, Porosity.LOW, Porosity.NORMAL, Porosity.HIGH),
                0);
        return kind == BandKind.COLOURED ? band.with(BandDetail.NONE.withPast(1 + random.nextInt(6), 4, 6)) : band;
    }

    /** Seen before: coarse hair coloured from the scalp on got 30 vol for half an hour, and not a word was said. */
    @Test
    void colouredHairFromTheScalpOnIsNotABandAlone() {
        Plan plan = RouteComparison.of(
                        desk(head(Thickness.COARSE, List.of(coloured(0, 30, 4))), new Wish(9, Tone.BEIGE)),
                        Method.USUAL.with(Pull.STRONG_AND_SHORT),
                        Optional.empty(),
                        any -> List.of(),
                        House.USUAL)
                .routes()
                .get(0)
                .plan();
        List<Laying> lifts = plan.steps().stream()
                .flatMap(step -> step.round().layings().stream())
                .filter(laying -> laying.action().lifts())
                .toList();
        assertThat(lifts).isNotEmpty();
        assertThat(lifts)
                .filteredOn(laying -> touches(plan, laying))
                .isNotEmpty()
                .allSatisfy(laying -> assertThat(laying.volume()).isLessThanOrEqualTo(MOST));
    }

    @Test
    void noRouteOfAnyHeadPutsMoreThanTwentyOrCleanseMixOnTheScalp() {
        Random random = random();
        int lifted = 0;
        for (int i = 0; i < HEADS; i++) {
            Head head = any(random);
            Wish wish = new Wish(6 + random.nextInt(5), random.nextBoolean() ? Tone.NATURAL : Tone.BEIGE);
            Method method = random.nextBoolean() ? Method.USUAL.with(Pull.STRONG_AND_SHORT) : Method.USUAL;
            Decision decision =
                    RouteComparison.of(desk(head, wish), method, Optional.empty(), plan -> List.of(), House.USUAL);
            for (Route route : decision.routes()) {
                for (PlanStep step : route.plan().steps()) {
                    for (Laying laying : step.round().layings()) {
                        lifted += laying.action().lifts() && touches(route.plan(), laying) ? 1 : 0;
                        assertThat(dangerous(route.plan(), laying))
                                .as("%s for %s, %s", laying, head, wish)
                                .isFalse();
                    }
                }
            }
        }
        assertThat(lifted).as("some of it did touch the scalp").isPositive();
    }

    @Test
    void anOwnRouteThatDoesIsStoppedAndTheModelFeelsTheWarmth() {
        Random random = random();
        int stopped = 0;
        for (int i = 0; i < 6 * HEADS; i++) {
            Head head = any(random);
            PlanningContext desk = desk(head, new Wish(9, Tone.BEIGE));
            List<BandRef> bands = new ArrayList<>(desk.head().bands());
            bands.removeIf(at -> random.nextInt(3) == 0);
            if (bands.isEmpty()) {
                continue;
            }
            Action action =
                    List.of(Action.LIGHTEN, Action.CLEANSE, Action.TARGET).get(random.nextInt(3));
            LiftWay way = of(random, LiftWay.values());
            int volume = random.nextInt(41);
            Laying laying = action.lifts()
                    ? Laying.lift(action, bands, way, volume, 20, action == Action.CLEANSE ? 1.5 : 2, 1)
                    : Laying.colour(action, bands, new Aim(6, Tone.NATURAL), ShadeClass.DEMI, volume, 20);
            Plan plan = Planner.byHand(desk, Method.USUAL, List.of(new Round(laying.action(), List.of(laying))));
            PlanStep step = plan.steps().get(0);
            assertThat(blocked(plan, step)).as("%s on %s", laying, head).isEqualTo(dangerous(plan, laying));
            stopped += blocked(plan, step) ? 1 : 0;
            for (BandRef at : bands) {
                Place place = plan.head().band(at).fromCm() <= 1 ? Place.SCALP : Place.MIDS;
                Outcome now = plan.now().get(at.zone()).get(at.band());
                List<Change> done = step.outcome(at).hair().since(now.hair());
                assertThat(done)
                        .isNotEmpty()
                        .allSatisfy(change -> assertThat(placeOf(change))
                                .as("%s at %s", laying, at)
                                .isEqualTo(place));
            }
        }
        assertThat(stopped).isPositive();
    }

    private static Place placeOf(Change change) {
        return change instanceof Lightening lift
                ? lift.setting().place()
                : ((Application) change).setting().place();
    }

    /** One strength: what is decided is what is simulated, cautioned, shown and weighed, whatever stands on the shelf. */
    @Test
    void fiveAndSevenVolAreWeighedAsFiveAndSevenAndTwentyFromThirtyIsThinned() {
        ProductRange strong = new ProductRange(
                "only strong ones", ProductRange.demo().shades(), List.of(new Developer(30), new Developer(40)));
        Head head = head(Thickness.NORMAL, List.of(coloured(0, 4, 5), coloured(4, 30, 5)));
        for (double volume : new double[] {5, 7, 20, 25}) {
            PlanningContext desk = new PlanningContext(head, new Wish(9, Tone.BEIGE), strong, Calibration.none(), 3);
            List<BandRef> bands = desk.head().bands();
            Laying laying = Laying.lift(Action.LIGHTEN, bands, LiftWay.OFF_SCALP, volume, 20, 2, 1);
            Plan plan = Planner.byHand(desk, Method.USUAL, List.of(new Round(laying.action(), List.of(laying))));
            assertThat(plan.steps().get(0).lifts().get(0).developer().volume()).isEqualTo(volume);
            assertThat(blocked(plan, plan.steps().get(0))).isEqualTo(volume > MOST);
            Sequence order = Sequencer.of(plan, OrderTerms.usual(Durations.USUAL, 1));
            double fluid = 0;
            double peroxide = 0;
            for (Card card : Cards.of(plan, order, new Shelf(onlyStrong()), 1)) {
                for (Line line : card.lines()) {
                    if (line.role() == Line.Role.DEVELOPER) {
                        fluid += line.grams();
                        peroxide += line.grams() * volumeOf(line.code());
                    } else if (line.role() == Line.Role.WATER) {
                        fluid += line.grams();
                    }
                }
                assertThat(card.volume()).isLessThanOrEqualTo(volume);
            }
            assertThat(peroxide / fluid).as("what is in the bowl").isLessThanOrEqualTo(volume + 0.3);
        }
        Plan decided = RouteComparison.of(
                        new PlanningContext(head, new Wish(7, Tone.BEIGE), strong, Calibration.none(), 3),
                        Method.USUAL,
                        Optional.empty(),
                        any -> List.of(),
                        House.USUAL)
                .routes()
                .get(0)
                .plan();
        assertThat(decided.steps().stream().flatMap(step -> step.round().layings().stream()))
                .allSatisfy(laying -> assertThat(laying.volume()).isLessThanOrEqualTo(MOST));
    }

    private static List<Item> onlyStrong() {
        return DemoShelf.items().stream()
                .filter(item -> item.product().kind() != Kind.DEVELOPER
                        || item.product().volume() >= 30)
                .toList();
    }

    /** Of a code such as "developer-30". */
    private static double volumeOf(String code) {
        return Double.parseDouble(code.substring("developer-".length()));
    }
}
