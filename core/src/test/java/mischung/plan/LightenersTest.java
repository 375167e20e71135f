package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Elasticity;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.process.Course;
import mischung.process.Cover;
import mischung.process.Factors;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Setting;
import mischung.product.Lightener;
import mischung.product.ProductRange;
import mischung.said.RefusedInput;
import mischung.school.Method;
import mischung.shelf.Item;
import mischung.shelf.Shelf;
import mischung.shelf.ShelfFile;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Factor;
import mischung.uncertainty.Start;
import mischung.uncertainty.StrandTest;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/** R59b: lighteners with figures of their own, in the model, in the plan, on the shelf, and in what strand tests teach. */
class LightenersTest {
    private static final Canvas NATURAL =
            Reading.canvasOf(new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0));

    private static Lightener make(String code) {
        return ProductRange.demo().lighteners().stream()
                .filter(one -> one.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private static final Lightener POWDER = make("lightener-powder");
    private static final Lightener CREAM = make("lightener-cream");
    private static final Lightener MILD = make("lightener-mild");

    private static Lightening laid(Lightener make, double volume, double minutes) {
        return Lightening.of(LiftProduct.LIGHTENER, volume, minutes, Setting.FOIL)
                .of(make);
    }

    @Test
    void eachLiftsAtItsOwnSpeedAndCost() {
        Canvas quick = laid(POWDER, 20, 30).on(NATURAL);
        Canvas mild = laid(MILD, 20, 30).on(NATURAL);
        assertThat(quick.level()).isGreaterThan(laid(CREAM, 20, 30).on(NATURAL).level());
        assertThat(mild.level()).isLessThan(laid(CREAM, 20, 30).on(NATURAL).level());
        assertThat(laid(POWDER, 20, 30).on(NATURAL))
                .isEqualTo(laid(Lightener.PLAIN, 20, 30).on(NATURAL));
        // The same level by longer time costs the mild one less.
        double minutes = 30 / MILD.speed();
        Canvas longer = laid(MILD, 20, minutes).on(NATURAL);
        assertThat(longer.fibre().integrity()).isGreaterThan(quick.fibre().integrity());
    }

    @Test
    void whatIsPaintedDoesNotDry() {
        Lightener clay = new Lightener("clay", "clay", 2, 1, 1, 40, 6, false, true, Optional.empty());
        Setting open = Setting.FOIL.under(Cover.OPEN);
        Lightening powder = Lightening.of(LiftProduct.LIGHTENER, 20, 40, open);
        assertThat(powder.of(clay).on(NATURAL).level())
                .isGreaterThan(powder.on(NATURAL).level());
        assertThat(powder.of(clay).on(NATURAL))
                .isEqualTo(Lightening.of(LiftProduct.LIGHTENER, 20, 40, Setting.FOIL.under(Cover.FILM))
                        .on(NATURAL));
    }

    @Test
    void anAdditiveTonesALittleWhileItLifts() {
        Lightener.Additive drops = new Lightener.Additive("drops", "cooling drops", 0.012, 0.03);
        Canvas plain = laid(POWDER, 30, 50).on(NATURAL);
        Canvas cooled = laid(POWDER.with(Optional.of(drops)), 30, 50).on(NATURAL);
        assertThat(cooled.lab().chroma()).isLessThan(plain.lab().chroma() - 1);
        assertThat(cooled.level()).isCloseTo(plain.level(), within(0.6));
        assertThat(cooled.coloured().dyes(DyeKind.DIRECT).total()).isBetween(0.01, 0.012);
        assertThat(cooled.fibre()).isEqualTo(plain.fibre());
    }

    private static Stream<Laying.Lift> lightened(double wished, Band... bands) {
        PlanningContext desk = new PlanningContext(
                Heads.of(List.of(bands)), new Wish(wished, Tone.BEIGE), ProductRange.demo(), Calibration.none(), 3);
        return Planner.plan(desk, Strategy.of("as usual", Method.USUAL)).steps().stream()
                .flatMap(step -> step.lifts().stream())
                .map(LiftBowl::laying);
    }

    private static Band band(double from, double to, BandKind kind, double level, Tone tone) {
        return new Band(from, to, kind, level, tone, Porosity.NORMAL, 0);
    }

    @Test
    void thePlanTakesWhatSuits() {
        List<Laying.Lift> all = lightened(
                        9.5,
                        band(0, 3, BandKind.NATURAL, 6, Tone.NATURAL),
                        band(3, 30, BandKind.NATURAL, 6, Tone.NATURAL))
                .toList();
        assertThat(all).isNotEmpty();
        for (Laying.Lift laying : all) {
            boolean root = laying.bands().stream().anyMatch(at -> at.band() == 0);
            assertThat(laying.lightener()).contains(root ? CREAM : POWDER);
            assertThat(laying.ratio())
                    .isEqualTo(laying.lightener().orElseThrow().ratio());
        }
    }

    /** The mild one where it gets there in one laying; where it does not, still not the harshest. */
    @Test
    void lightHairGetsTheMildestThatGetsThere() {
        Band root = band(0, 3, BandKind.NATURAL, 10, Tone.NATURAL);
        List<Laying.Lift> near = lightened(8.5, root, band(3, 30, BandKind.LIGHTENED, 7.5, Tone.AS_LIFTED))
                .toList();
        assertThat(near).isNotEmpty().allSatisfy(laying -> {
            assertThat(laying.lightener()).contains(MILD);
            assertThat(laying.volume()).isLessThanOrEqualTo(MILD.mostVolume());
        });
        List<Laying.Lift> far = lightened(9.5, root, band(3, 30, BandKind.LIGHTENED, 8, Tone.AS_LIFTED))
                .toList();
        assertThat(far)
                .isNotEmpty()
                .allSatisfy(laying -> assertThat(laying.lightener()).isNotEqualTo(Optional.of(POWDER)));
    }

    @Test
    void withoutAnyThePlanIsMadeOfPlainPowder() {
        ProductRange none = new ProductRange(
                "none", ProductRange.demo().shades(), ProductRange.demo().developers());
        PlanningContext desk = new PlanningContext(
                Heads.of(List.of(band(0, 30, BandKind.NATURAL, 6, Tone.NATURAL))),
                new Wish(9, Tone.BEIGE),
                none,
                Calibration.none(),
                3);
        assertThat(Planner.plan(desk, Strategy.of("as usual", Method.USUAL)).steps().stream()
                        .flatMap(step -> step.lifts().stream()))
                .isNotEmpty()
                .allSatisfy(bowl -> assertThat(bowl.laying().lightener()).contains(Lightener.PLAIN));
    }

    @Test
    void theShelfSaysWhatItsMakerPromises() {
        for (Item item : Shelf.demo().items()) {
            List<String> cells = ShelfFile.write(item);
            UnaryOperator<String> cell = column -> cells.get(ShelfFile.COLUMNS.indexOf(column));
            Item again = ShelfFile.read(item.product().range(), cell);
            assertThat(again.product().lightener()).isEqualTo(item.product().lightener());
            assertThat(again.product().additive()).isEqualTo(item.product().additive());
        }
        assertThat(Shelf.demo().range().lighteners()).containsExactly(POWDER, CREAM, MILD);
        Map<String, String> line = Map.of("kind", "lightener", "code", "x", "pack_g", "500", "scalp", "perhaps");
        assertThatThrownBy(() -> ShelfFile.read("own", column -> line.getOrDefault(column, "")))
                .isInstanceOfSatisfying(
                        RefusedInput.class, wrong -> assertThat(wrong.field()).isEqualTo("scalp"));
        Map<String, String> quick = Map.of("kind", "lightener", "code", "x", "pack_g", "500", "speed", "3");
        assertThatThrownBy(() -> ShelfFile.read("own", column -> quick.getOrDefault(column, "")))
                .isInstanceOfSatisfying(
                        RefusedInput.class, wrong -> assertThat(wrong.field()).isEqualTo("speed"));
    }

    private static StrandTest seen(Lightener make, double lift) {
        Start start =
                Start.of(new Band(0, 30, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0), Thickness.NORMAL);
        Course course = Course.of(laid(make, 20, 40));
        double level = course.on(start.best(), new Factors(lift, 1, 1, 1)).level();
        return StrandTest.byEye(start, course, level);
    }

    /** A lightener that is weak on this head is told from a head that lifts slowly by what another does on it. */
    @Test
    void whatATestTeachesIsKeptByProduct() {
        Calibration known = Calibration.none();
        for (int i = 0; i < 6; i++) {
            known = known.learn(seen(POWDER, 1)).takenIn();
            known = known.learn(seen(MILD, 0.7)).takenIn();
        }
        assertThat(known.tried().keySet()).containsExactlyInAnyOrder(POWDER.code(), MILD.code());
        assertThat(known.tried().get(MILD.code()).tests()).isEqualTo(6);
        assertThat(known.tried().get(MILD.code()).name()).isEqualTo(MILD.name());
        assertThat(known.lift(MILD.code())).isLessThan(known.lift(POWDER.code()) - 0.12);
        assertThat(known.lift(MILD.code())).isBetween(0.65, 0.9);
        // One that was never tried is thought of as the head at large is.
        assertThat(known.lift(CREAM.code())).isEqualTo(known.median(Factor.LIFT));
        Calibration with = known;
        Canvas mild = laid(MILD, 20, 40).on(NATURAL, with.factors());
        assertThat(mild.level())
                .isLessThan(laid(MILD, 20, 40).on(NATURAL, Factors.AVERAGE).level());
    }

    /** The goal is reached by longer time where the lightener is known to be slow on this head. */
    @Test
    void thePlanGoesByWhatIsKnownOfTheProduct() {
        Calibration slow = Calibration.none();
        for (int i = 0; i < 4; i++) {
            slow = slow.learn(seen(POWDER, 0.75)).takenIn();
        }
        List<Double> minutes = new ArrayList<>();
        for (Calibration known : List.of(Calibration.none(), slow)) {
            PlanningContext desk = new PlanningContext(
                    Heads.of(List.of(
                            band(0, 2, BandKind.NATURAL, 6, Tone.NATURAL),
                            band(2, 30, BandKind.NATURAL, 6, Tone.NATURAL))),
                    new Wish(8, Tone.BEIGE),
                    ProductRange.demo(),
                    known,
                    3);
            minutes.add(Planner.plan(desk, Strategy.of("as usual", Method.USUAL)).steps().stream()
                    .flatMap(step -> step.lifts().stream())
                    .map(LiftBowl::laying)
                    .filter(laying -> laying.lightener().equals(Optional.of(POWDER)))
                    .mapToDouble(laying -> laying.minutes() * laying.times())
                    .sum());
        }
        assertThat(minutes.get(1)).isGreaterThan(minutes.get(0));
    }

    /** What visits have taught of a product adds up, and comes back from what is kept of them. */
    @Test
    void whatIsKnownOfAProductIsKept() {
        Calibration first = Calibration.none().learn(seen(MILD, 0.7)).takenIn();
        Calibration second = first.learn(seen(MILD, 0.7)).takenIn();
        Calibration again =
                Calibration.none().with(first.since(Calibration.none())).with(second.since(first));
        assertThat(again.tried().get(MILD.code()).tests()).isEqualTo(2);
        assertThat(again.tried().get(MILD.code()).offset())
                .isCloseTo(second.tried().get(MILD.code()).offset(), within(1e-9));
        assertThat(again.lift(MILD.code())).isCloseTo(second.lift(MILD.code()), within(1e-9));
    }

    @Test
    void strengthIsStillFelt() {
        Calibration known = Calibration.none()
                .learn(seen(POWDER, 1).stretched(Elasticity.STAYS_STRETCHED))
                .takenIn();
        assertThat(known.median(Factor.DAMAGE)).isGreaterThan(1);
    }
}
