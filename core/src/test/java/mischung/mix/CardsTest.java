package mischung.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.plan.Heads;
import mischung.plan.LiftBowl;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.Developer;
import mischung.product.ShadeClass;
import mischung.school.Hold;
import mischung.school.Method;
import mischung.school.TakeOut;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;
import mischung.shelf.DemoShelf;
import mischung.shelf.Item;
import mischung.shelf.Kind;
import mischung.shelf.Shelf;
import mischung.shelf.Stock;
import mischung.uncertainty.Calibration;
import mischung.wish.Limits;
import mischung.wish.Wish;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every bowl in grams, from what stands on the shelf. */
class CardsTest {
    private static final Shelf PLENTY = Shelf.demo();

    private static Plan plan(Head head, Wish wish, Method method, double useFactor) {
        return Planner.plan(
                new PlanningContext(head, wish, PLENTY.range(), Calibration.none(), 3, useFactor),
                Strategy.of("usual", method));
    }

    private static List<Card> cards(Plan plan, Shelf shelf, double learned) {
        return Cards.of(plan, Sequencer.of(plan), shelf, learned);
    }

    @Provide
    Arbitrary<Head> heads() {
        return Heads.random();
    }

    /**
     * For any plan: what the cards of a bowl hold together is what the plan says, gram by gram; every developer has the volume
     * its batch asks for; everything can be weighed to half a gram; and all of it is there in the order it is needed.
     */
    private static final double LEAST = 12;

    @Property
    void cardsHoldJustWhatThePlanAsksFor(
            @ForAll("heads") Head head, @ForAll @IntRange(min = 4, max = 20) int wishHalves) {
        Plan plan = plan(head, new Wish(wishHalves / 2.0, Tone.NATURAL), Method.USUAL, 1);
        Sequence sequence = Sequencer.of(plan);
        List<Card> cards = Cards.of(plan, sequence, PLENTY, 1);
        Map<String, Double> grams = new HashMap<>();
        Map<String, Double> more = new HashMap<>();
        for (Card card : cards) {
            grams.merge(card.bowl(), card.grams(), Double::sum);
            if (card.grams() <= LEAST + 1) {
                // Mixed up to what can be weighed.
                more.merge(card.bowl(), LEAST, Double::sum);
            }
            for (Line line : card.lines()) {
                assertThat(line.grams() * 2).as("%s", line).isCloseTo(Math.rint(line.grams() * 2), within(1e-9));
                assertThat(line.dilutes() || PLENTY.item(line.code()).isPresent())
                        .isTrue();
            }
            volume(card);
        }
        plan.steps().forEach(step -> {
            step.bowls()
                    .forEach(bowl -> assertThat(grams.get(bowl.name()))
                            .isBetween(
                                    bowl.grams().totalGrams() - 1e-6,
                                    bowl.grams().totalGrams() + more.getOrDefault(bowl.name(), 1e-6)));
            step.lifts()
                    .forEach(lift -> assertThat(grams.get(lift.name()))
                            .isBetween(
                                    lift.totalGrams() - 0.5 * lift.laying().times() - 1e-6,
                                    lift.totalGrams()
                                            + 0.5 * lift.laying().times()
                                            + more.getOrDefault(lift.name(), 1e-6)));
        });
        assertThat(cards)
                .isSortedAccordingTo((a, b) -> a.visit() != b.visit()
                        ? Integer.compare(a.visit(), b.visit())
                        : Integer.compare(a.minute(), b.minute()));
        assertThat(cards.stream().map(Card::key)).doesNotHaveDuplicates();
    }

    /** Of the blend as it is weighed, by the rule of mixing; half a gram of rounding in a small batch shows. */
    private static void volume(Card card) {
        List<Developer.Portion> portions = card.lines().stream()
                .filter(line -> line.dilutes()
                        || PLENTY.item(line.code()).orElseThrow().product().kind() == Kind.DEVELOPER)
                .map(line -> new Developer.Portion(
                        new Developer(
                                line.dilutes()
                                        ? 0
                                        : PLENTY.item(line.code())
                                                .orElseThrow()
                                                .product()
                                                .volume()),
                        line.grams()))
                .toList();
        double grams = portions.stream().mapToDouble(Developer.Portion::grams).sum();
        if (grams > 0) {
            assertThat(Developer.blended(portions).volume())
                    .as("%s", card)
                    .isCloseTo(card.volume(), within(0.25 * 20 / grams + 1e-9));
        }
    }

    /** R62: a long, dense head asks for at least two 60 g packs for one permanent pass, a bob for one. */
    @ParameterizedTest
    @CsvSource({"50, DENSE, 2, 3", "25, NORMAL, 1, 1"})
    void packsToOpen(double cm, Density density, int least, int most) {
        Head shape = Heads.full(List.of(new Band(0, cm, BandKind.LIGHTENED, 7, Tone.AS_LIFTED, Porosity.NORMAL, 0)));
        Head head = new Head(shape.zones(), density, Thickness.NORMAL);
        Plan plan = plan(head, new Wish(6, Tone.NATURAL), Method.USUAL.with(Hold.PERMANENT), 1);
        // Nothing is open, and there are full packs of everything.
        Shelf shelf = PLENTY.with(item -> new Stock(true, 20, List.of(), 0));
        List<Card> cards = cards(plan, shelf, 1);
        int opened = 0;
        List<List<Supply>> supplies = Supply.of(cards, shelf, Map.of());
        double colour = 0;
        for (List<Supply> card : supplies) {
            for (Supply supply : card) {
                boolean permanent = shelf.shade(supply.code())
                        .filter(shade -> shade.shadeClass() == ShadeClass.PERMANENT)
                        .isPresent();
                opened += permanent ? supply.opens() : 0;
                colour += permanent ? supply.grams() : 0;
            }
        }
        assertThat(Math.ceil(colour / 60)).isBetween((double) least, (double) most);
        assertThat(opened).isGreaterThanOrEqualTo(least);
    }

    @Test
    void whatIsShortIsToldBeforeTheFirstBowl() {
        Plan plan = plan(Heads.grownOut(6, 10, Porosity.NORMAL), new Wish(6, Tone.NATURAL), Method.USUAL, 1);
        Shelf shelf = PLENTY.with(item -> item.product().kind() == Kind.DEVELOPER
                ? new Stock(true, 0, item.product().volume() == 10 ? List.of(25.0) : List.of(), 0)
                : Stock.UNCOUNTED);
        List<Card> cards = cards(plan, shelf, 1);
        double asked = cards.stream()
                .flatMap(card -> card.lines().stream())
                .filter(line -> line.code().equals("developer-10"))
                .mapToDouble(Line::grams)
                .sum();
        double missing = Supply.of(cards, shelf, Map.of()).stream()
                .flatMap(List::stream)
                .filter(supply -> supply.code().equals("developer-10"))
                .mapToDouble(Supply::missing)
                .sum();
        assertThat(missing).isCloseTo(asked - 25, within(1e-6));
        Shopping buy = Shopping.of(cards, shelf).stream()
                .filter(one -> one.code().equals("developer-10"))
                .findFirst()
                .orElseThrow();
        assertThat(buy.packs()).isEqualTo(1);
        assertThat(buy.neededGrams()).isCloseTo(asked, within(1e-6));
        assertThat(Shopping.of(cards, new Shelf(List.of()))).isEmpty();
    }

    /** With what the shopping list says bought, nothing is short and nothing is under its mark. */
    @Property
    void whatIsBoughtIsEnough(
            @ForAll("heads") Head head,
            @ForAll @IntRange(min = 6, max = 18) int wishHalves,
            @ForAll @IntRange(max = 90) int there,
            @ForAll @IntRange(max = 60) int low) {
        Plan plan = plan(head, new Wish(wishHalves / 2.0, Tone.NATURAL), Method.USUAL, 1);
        // As much of everything, so that developers are never blended anew by what there is.
        Shelf shelf = PLENTY.with(item -> new Stock(true, 0, List.of((double) there), low));
        List<Card> cards = Cards.of(plan, Sequencer.of(plan), PLENTY, 1);
        Map<String, Integer> packs = new HashMap<>();
        double price = 0;
        for (Shopping buy : Shopping.of(cards, shelf)) {
            assertThat(buy.known()).isTrue();
            packs.put(buy.code(), buy.packs());
            price += buy.price();
        }
        Shelf bought = shelf.with(item -> new Stock(
                true, packs.getOrDefault(item.product().code(), 0), item.stock().opened(), low));
        assertThat(Supply.of(cards, bought, Map.of()).stream().flatMap(List::stream))
                .allMatch(supply -> supply.missing() < 1e-6);
        assertThat(price)
                .isEqualTo(
                        packs.entrySet().stream()
                                .mapToDouble(one -> one.getValue()
                                        * bought.item(one.getKey())
                                                .orElseThrow()
                                                .product()
                                                .packPrice())
                                .sum(),
                        within(1e-6));
        // What is in a bowl already is not taken twice.
        Map<String, List<Double>> poured = new HashMap<>();
        cards.forEach(card ->
                poured.put(card.key(), card.lines().stream().map(Line::grams).toList()));
        assertThat(Supply.of(cards, shelf, poured).stream().flatMap(List::stream))
                .allMatch(supply -> supply.grams() == 0 && supply.missing() == 0);
    }

    @Test
    void anEmptyShelfStillSaysWhatIsWanted() {
        Plan plan = plan(Heads.grownOut(6, 10, Porosity.NORMAL), new Wish(6, Tone.NATURAL), Method.USUAL, 1);
        Shelf empty = new Shelf(List.of());
        List<Card> cards = cards(plan, empty, 1);
        assertThat(cards).isNotEmpty();
        assertThat(Supply.of(cards, empty, Map.of()).stream().flatMap(List::stream))
                .allMatch(supply -> !supply.onShelf() && supply.missing() > 0);
    }

    /** What developer is not there is blended from what is (R61). */
    @Test
    void aDeveloperIsBlendedFromWhatIsThere() {
        Shelf two = new Shelf(DemoShelf.items().stream()
                .filter(item -> item.product().kind() != Kind.DEVELOPER
                        || item.product().volume() == 10
                        || item.product().volume() == 40)
                .map(item -> new Item(item.product(), Stock.UNCOUNTED))
                .toList());
        List<Line> lines = new CardsOf(two).developer(20, 60);
        assertThat(lines)
                .extracting(line -> line.code() + " " + line.grams())
                .containsExactly("developer-10 40.0", "developer-40 20.0");
        assertThat(new CardsOf(two).developer(5, 40))
                .extracting(line -> line.dilutes() + " " + line.grams())
                .containsExactly("true 20.0", "false 20.0");
        // What is there of the nearest is used up before others are thought of.
        Shelf little = two.with(
                item -> item.product().volume() == 10 ? new Stock(true, 0, List.of(10.0), 0) : Stock.UNCOUNTED);
        assertThat(new CardsOf(little).developer(20, 60))
                .extracting(line -> line.code() + " " + line.grams())
                .containsExactly(" 22.5", "developer-10 10.0", "developer-40 27.5");
    }

    private record CardsOf(Shelf shelf) {
        List<Line> developer(double volume, double grams) {
            Plan nothing = plan(Heads.grownOut(6, 6, Porosity.NORMAL), new Wish(6, Tone.NATURAL), Method.USUAL, 1);
            return new Cards(nothing, Sequencer.of(nothing), shelf, 1).developer(volume, grams);
        }
    }

    /** R31: cleanse mix is lightest-series tint and lightener in equal weight. */
    @Test
    void aCleanseMixIsHalfTint() {
        Head dark = Heads.full(List.of(new Band(0, 20, BandKind.COLOURED, 4, Tone.NATURAL, Porosity.NORMAL, 0)));
        Plan plan = Planner.plan(
                new PlanningContext(
                        dark, new Wish(7, Tone.NATURAL).with(Limits.NONE), PLENTY.range(), Calibration.none(), 3),
                Strategy.of("cleanse", Method.USUAL.with(TakeOut.CLEANSE_MIX)));
        List<LiftBowl> lifts =
                plan.steps().stream().flatMap(step -> step.lifts().stream()).toList();
        assertThat(lifts).isNotEmpty();
        Card first = cards(plan, PLENTY, 1).stream()
                .filter(card -> card.bowl().equals(lifts.get(0).name()))
                .findFirst()
                .orElseThrow();
        assertThat(first.title().text()).contains("action.CLEANSE");
        assertThat(first.lines().get(0).code()).startsWith("lightest");
        assertThat(first.lines().get(0).grams()).isCloseTo(first.lines().get(1).grams(), within(0.5));
    }

    /** The plan mixes more where past bowls took more; what is reckoned before learning stays the same. */
    @Test
    void whatWasLearnedChangesTheGramsAndNotTheReckoning() {
        Head head = Heads.full(List.of(new Band(0, 30, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.NORMAL, 0)));
        Wish wish = new Wish(7, Tone.NATURAL);
        List<Card> before = cards(plan(head, wish, Method.USUAL, 1), PLENTY, 1);
        List<Card> after = cards(plan(head, wish, Method.USUAL, 1.5), PLENTY, 1.5);
        assertThat(after).hasSameSizeAs(before);
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).grams() / before.get(i).grams()).isCloseTo(1.5, within(0.12));
            assertThat(after.get(i).needGrams()).isCloseTo(before.get(i).needGrams(), within(1e-6));
        }
    }
}
