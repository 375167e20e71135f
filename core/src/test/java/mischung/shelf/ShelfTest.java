package mischung.shelf;

import static mischung.said.Heard.a;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.plan.Bowl;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.Mix;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.school.Method;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/** What is planned with, as it follows from the shelf. */
class ShelfTest {
    private static Item shade(
            String range, ShadeClass of, double level, Tone tone, ProductRange.Habit habit, Stock stock) {
        Shade derived = Shade.derived(of, level, tone);
        Shade coded = new Shade(range + derived.code(), of, level, derived.tone(), derived.dyes(), derived.misfit());
        return new Item(
                new Product(coded.code(), range, Kind.SHADE, coded.words(), Optional.of(coded), "", 0, habit, 60, 8),
                stock);
    }

    private static final ProductRange.Habit USUAL = new ProductRange.Habit(2, 20);

    private static Plan plan(ProductRange range) {
        return Planner.plan(
                new PlanningContext(
                        Heads.grownOut(6, 10, Porosity.NORMAL),
                        new Wish(6, Tone.NATURAL),
                        range,
                        Calibration.none(),
                        3),
                Strategy.of("usual", Method.USUAL));
    }

    @Test
    void whatIsOutIsSetAsideAndTheRestWorkedWith() {
        Stock none = new Stock(true, 0, List.of(), 0);
        Shelf shelf = new Shelf(List.of(
                shade("A ", ShadeClass.DEMI, 6, Tone.NATURAL, USUAL, none),
                shade("A ", ShadeClass.DEMI, 7, Tone.NATURAL, USUAL, Stock.UNCOUNTED)));
        assertThat(shelf.range().shades()).extracting(Shade::level).containsExactly(7.0);
        assertThat(shelf.range().setAside()).extracting(Shade::level).containsExactly(6.0);
        assertThat(shelf.range(Set.of("A demi-natural-6")).shades())
                .as("the last of it is in a bowl of this visit")
                .extracting(Shade::level)
                .containsExactly(6.0, 7.0);
    }

    @Test
    void shadesOfTwoMakersAreNeverInOneClass() {
        Shelf shelf = new Shelf(List.of(
                shade("A", ShadeClass.DEMI, 6, Tone.NATURAL, USUAL, Stock.UNCOUNTED),
                shade("B", ShadeClass.DEMI, 7, Tone.GOLD, USUAL, Stock.UNCOUNTED),
                shade("B", ShadeClass.GLOSS, 7, Tone.GOLD, USUAL, Stock.UNCOUNTED)));
        assertThat(shelf.range().of(ShadeClass.DEMI)).extracting(Shade::code).containsExactly("Ademi-natural-6");
        assertThat(shelf.range().of(ShadeClass.GLOSS)).extracting(Shade::code).containsExactly("Bgloss-gold-7");
    }

    /** A maker who wants 1 : 1.5 and 30 minutes has built the shades to show their colour then: nothing else changes. */
    @Test
    void aMakersOwnRatioAndTimeChangeTheBowlNotTheColour() {
        ProductRange usual = ProductRange.demo();
        Plan before = plan(usual);
        Plan after = plan(usual.with(Map.of(ShadeClass.DEMI, new ProductRange.Habit(1.5, 30))));
        for (int step = 0; step < before.steps().size(); step++) {
            List<Bowl> then = after.steps().get(step).bowls();
            List<Bowl> first = before.steps().get(step).bowls();
            for (int i = 0; i < first.size(); i++) {
                if (first.get(i).formula().mix().shadeClass() == ShadeClass.DEMI) {
                    assertThat(then.get(i).developerPerColour()).isEqualTo(1.5);
                    assertThat(then.get(i).minutes()).isCloseTo(first.get(i).minutes() * 1.5, within(0.51));
                    assertThat(then.get(i).formula().mix())
                            .isEqualTo(first.get(i).formula().mix());
                }
            }
        }
        before.head()
                .bands()
                .forEach(at -> assertThat(after.end(at).look().level())
                        .isCloseTo(before.end(at).look().level(), within(0.05)));
    }

    @Test
    void aClassThatIsNotThereIsDoneWithTheNearest() {
        List<Shade> permanent = new ArrayList<>(ProductRange.demo().of(ShadeClass.PERMANENT));
        for (double level = 7; level <= 9; level++) {
            permanent.add(Shade.derived(ShadeClass.PERMANENT, level, Tone.COPPER));
            permanent.add(Shade.derived(ShadeClass.PERMANENT, level, Tone.GOLD));
        }
        ProductRange only = new ProductRange(
                "Permanent only", permanent, ProductRange.demo().developers());
        assertThat(only.nearest(ShadeClass.DEMI)).isEqualTo(ShadeClass.PERMANENT);
        assertThat(only.nearest(ShadeClass.DIRECT)).isEqualTo(ShadeClass.DIRECT);
        Plan plan = plan(only);
        assertThat(plan.steps()).isNotEmpty();
        assertThat(plan.steps().stream().flatMap(step -> step.bowls().stream()))
                .allMatch(bowl -> bowl.formula().mix().shadeClass() == ShadeClass.PERMANENT);
    }

    @Test
    void theDemonstrationShelfHoldsTheDemonstrationRange() {
        Shelf shelf = Shelf.demo();
        assertThat(shelf.range().shades())
                .containsExactlyInAnyOrderElementsOf(ProductRange.demo().shades());
        assertThat(shelf.range().developers()).isEqualTo(ProductRange.demo().developers());
        for (Kind kind : Kind.values()) {
            assertThat(shelf.of(kind).isPresent()).as("%s", kind).isEqualTo(kind != Kind.OTHER);
        }
        assertThat(new Shelf(DemoShelf.items()).items()).anyMatch(Item::low).anyMatch(item -> !item.low());
    }

    /** Two classes share a bowl only where the maker's row says so, and leave there what they would leave in their own. */
    @Test
    void classesAreMixedOnlyAsTheirMakerSays() {
        Map<String, String> line = new HashMap<>(Map.of(
                "kind", "shade", "code", "x", "class", "permanent", "level", "6", "tone", "ash", "pack_g", "60"));
        Shade alone = read(line).product().shade().orElseThrow();
        assertThat(alone.mixesWith()).isEmpty();
        assertThatThrownBy(() -> alone.in(ShadeClass.COVERAGE))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        wrong -> assertThat(wrong.remedy()).matches(a(RefusalMessage.ONE_CLASS_OR_WITH)));
        line.put("mixes_with", "coverage permanent");
        Item item = read(line);
        Shade guest = item.product().shade().orElseThrow();
        assertThat(guest.mixesWith()).containsExactly(ShadeClass.COVERAGE);
        assertThat(ShelfFile.write(item).get(ShelfFile.COLUMNS.indexOf("mixes_with")))
                .isEqualTo("coverage");
        Shade in = guest.in(ShadeClass.COVERAGE);
        assertThat(in.dyes().times(ShadeClass.COVERAGE.strength()).blue())
                .isCloseTo(guest.dyes().times(ShadeClass.PERMANENT.strength()).blue(), within(1e-12));
        Shade cover = Shade.derived(ShadeClass.COVERAGE, 6, Tone.NATURAL);
        assertThat(new Mix(List.of(new Mix.Part(cover, 3), new Mix.Part(in, 1))).shadeClass())
                .isEqualTo(ShadeClass.COVERAGE);
        line.put("mixes_with", "everything");
        assertThatThrownBy(() -> read(line))
                .isInstanceOfSatisfying(
                        RefusedInput.class, wrong -> assertThat(wrong.field()).isEqualTo("mixes_with"));
    }

    /** On the shelf a guest is offered for the bowl of its own maker only. */
    @Test
    void aGuestComesFromTheSameMaker() {
        Shade guest = Shade.derived(ShadeClass.PERMANENT, 6, Tone.ASH).mixingWith(Set.of(ShadeClass.COVERAGE));
        Shade cover = Shade.derived(ShadeClass.COVERAGE, 6, Tone.NATURAL);
        for (String maker : List.of("one", "other")) {
            Shelf shelf = new Shelf(List.of(item("one", cover), item(maker, guest)));
            assertThat(shelf.range().forBowl(ShadeClass.COVERAGE).stream().map(Shade::code))
                    .hasSize(maker.equals("one") ? 2 : 1)
                    .contains(cover.code());
            assertThat(shelf.range().forBowl(ShadeClass.PERMANENT)).hasSize(1);
        }
    }

    private static Item read(Map<String, String> line) {
        return ShelfFile.read("own", column -> line.getOrDefault(column, ""));
    }

    private static Item item(String range, Shade shade) {
        return new Item(
                new Product(
                        shade.code(),
                        range,
                        Kind.SHADE,
                        shade.words(),
                        Optional.of(shade),
                        "",
                        0,
                        new ProductRange.Habit(1, 30),
                        60,
                        8),
                Stock.UNCOUNTED);
    }
}
