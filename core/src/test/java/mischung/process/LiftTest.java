package mischung.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.PigmentLine;
import mischung.hair.Pigments;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Thickness;
import mischung.light.Ciede2000;
import mischung.product.ShadeClass;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What must hold whatever the hair and the product: more never lifts less, nothing goes below nothing. */
class LiftTest {
    private static final double ROUNDING = 1e-9;

    /** In L*; natural hair of 9¾ and lighter first shows the residue its last eumelanin leaves: 0.024 at the most, at 12. */
    private static final double FIRST_RESIDUE = 0.05;

    /** In L*; the worst found by searching heads with up to 1.2 of blue dye is 0.54. */
    private static final double BLUE_SHADOW = 0.8;

    /** What there may be more of afterwards: eumelanin leaves it on its way out. */
    private static final Set<Pigment> LEFT_BY_EUMELANIN = EnumSet.of(Pigment.RESIDUE, Pigment.PHEOMELANIN);

    @Provide
    Arbitrary<Canvas> hair() {
        Arbitrary<Fibre> fibres = Combinators.combine(
                        Arbitraries.of(Thickness.values()),
                        Arbitraries.doubles().between(0, 3),
                        Arbitraries.doubles().between(0, 8))
                .as(Fibre::read);
        Arbitrary<Dyes> dyes = Combinators.combine(
                        Arbitraries.doubles().between(0, 0.6),
                        Arbitraries.doubles().between(0, 0.6),
                        Arbitraries.doubles().between(0, 0.6),
                        Arbitraries.doubles().between(0, 0.6))
                .as(Dyes::new);
        return Combinators.combine(
                        Arbitraries.of(PigmentLine.values()),
                        Arbitraries.doubles().between(1, 12),
                        fibres,
                        Arbitraries.doubles().between(0, 1),
                        dyes,
                        dyes)
                .as((line, level, fibre, grey, oxidative, direct) -> new Canvas(
                        line.at(level).plus(DyeKind.OXIDATIVE, oxidative).plus(DyeKind.DIRECT, direct),
                        Reading.WHITE_FIBRE,
                        grey,
                        fibre));
    }

    @Provide
    Arbitrary<Lightening> laid() {
        Arbitrary<Setting> settings = Combinators.combine(
                        Arbitraries.of(Place.values()),
                        Arbitraries.of(Cover.values()),
                        Arbitraries.of(true, false),
                        Arbitraries.doubles().between(1, 20))
                .as(Setting::new);
        return Combinators.combine(
                        Arbitraries.of(LiftProduct.values()),
                        Arbitraries.doubles().between(0, 40),
                        Arbitraries.doubles().between(0.5, 5),
                        Arbitraries.doubles().between(0, 200),
                        settings,
                        Arbitraries.doubles().between(0, 120))
                .as((product, volume, ratio, minutes, setting, age) ->
                        new Lightening(product, volume, ratio, minutes, setting, age, OptionalDouble.empty()));
    }

    /**
     * On undyed hair what is seen is lighter or the same. On hair full of blue dye the first warm residue may show darker by
     * some tenth of a level, since it takes the light the dye lets through; there the pigments themselves are compared.
     */
    @Property(tries = 500)
    void moreVolumeTimeOrHeatNeverLiftsLess(
            @ForAll("hair") Canvas hair, @ForAll("laid") Lightening laid, @ForAll @DoubleRange(max = 1) double more) {
        Canvas undyed = hair.with(LiftTest::undyed);
        Lightening stronger = new Lightening(
                laid.product(),
                laid.volume() + more * (40 - laid.volume()),
                laid.developerPerPowder(),
                laid.minutes(),
                laid.setting(),
                laid.ageMinutes(),
                laid.rewetAt());
        Lightening longer = new Lightening(
                laid.product(),
                laid.volume(),
                laid.developerPerPowder(),
                laid.minutes() + 40 * more,
                laid.setting(),
                laid.ageMinutes(),
                laid.rewetAt());
        Lightening hotter = with(laid, laid.setting().withHeat());
        Lightening atScalp = with(laid, laid.setting().at(Place.SCALP));
        Lightening inFoil = with(laid, laid.setting().under(Cover.FOIL));
        for (Lightening other : new Lightening[] {stronger, longer, hotter, atScalp, inFoil}) {
            liftsAtLeast(other, laid, hair, undyed);
        }
        liftsAtLeast(laid, laid.until(0), hair, undyed);
        liftsAtLeast(laid, laid.aged(Math.min(240, laid.ageMinutes() + 60 * more)), hair, undyed);
        liftsAtLeast(laid, laid.rewettedAt(10 * more), hair, undyed);
    }

    private static Pigments undyed(Pigments pigments) {
        return pigments.times(pigment -> switch (pigment) {
            case EUMELANIN, PHEOMELANIN, RESIDUE, KERATIN -> 1;
            case DYE_YELLOW, DYE_RED, DYE_VIOLET, DYE_BLUE, DIRECT_YELLOW, DIRECT_RED, DIRECT_VIOLET, DIRECT_BLUE -> 0;
        });
    }

    private static void liftsAtLeast(Lightening more, Lightening less, Canvas hair, Canvas undyed) {
        assertThat(more.on(undyed).lab().l())
                .as("%s against %s", more, less)
                .isGreaterThanOrEqualTo(less.on(undyed).lab().l() - FIRST_RESIDUE);
        assertThat(more.on(hair).lab().l())
                .as("%s against %s", more, less)
                .isGreaterThanOrEqualTo(less.on(hair).lab().l() - BLUE_SHADOW);
        for (Pigment pigment : Pigment.values()) {
            if (!LEFT_BY_EUMELANIN.contains(pigment)) {
                assertThat(more.on(hair).coloured().amount(pigment))
                        .as("%s, %s against %s", pigment, more, less)
                        .isLessThanOrEqualTo(less.on(hair).coloured().amount(pigment) + ROUNDING);
            }
        }
    }

    private static Lightening with(Lightening laid, Setting setting) {
        return new Lightening(
                laid.product(),
                laid.volume(),
                laid.developerPerPowder(),
                laid.minutes(),
                setting,
                laid.ageMinutes(),
                laid.rewetAt());
    }

    @Property(tries = 300)
    void nothingGoesBelowNothingNorBeyondItsBounds(
            @ForAll("hair") Canvas hair,
            @ForAll("laid") Lightening laid,
            @ForAll @DoubleRange(max = 10) double factor) {
        Canvas after = laid.on(hair, new Factors(factor, 1, 1, factor));
        for (Pigment pigment : Pigment.values()) {
            assertThat(after.coloured().amount(pigment)).isNotNegative();
            if (!LEFT_BY_EUMELANIN.contains(pigment)) {
                assertThat(after.coloured().amount(pigment))
                        .isLessThanOrEqualTo(hair.coloured().amount(pigment) + ROUNDING);
            }
        }
        Fibre fibre = after.fibre();
        assertThat(fibre.integrity()).isBetween(0.0, hair.fibre().integrity());
        assertThat(fibre.ceiling()).isBetween(fibre.integrity(), hair.fibre().ceiling());
        assertThat(fibre.porosity()).isBetween(hair.fibre().porosity(), 3.0);
        assertThat(fibre.layers()).isBetween(0.0, hair.fibre().layers() + ROUNDING);
    }

    /** Only lightener takes dye; colour does not lift colour (common practice). */
    @Property(tries = 100)
    void tintsLeaveDyeAlone(@ForAll("hair") Canvas hair, @ForAll("laid") Lightening laid) {
        Canvas after = laid.on(hair);
        for (DyeKind kind : DyeKind.values()) {
            if (!laid.product().takesDye()) {
                assertThat(after.coloured().dyes(kind))
                        .isEqualTo(hair.coloured().dyes(kind));
            }
        }
    }

    @Property(tries = 300)
    void aRemoverTakesOxidativeDyeOnly(
            @ForAll("hair") Canvas hair,
            @ForAll @DoubleRange(max = 60) double minutes,
            @ForAll @DoubleRange(max = 30) double rinse,
            @ForAll boolean covered,
            @ForAll boolean clarified,
            @ForAll @DoubleRange(max = 10) double factor) {
        RemoverRound round = new RemoverRound(minutes, covered, clarified, rinse);
        Canvas after = round.on(hair, new Factors(1, 1, factor, 1));
        for (Pigment pigment : Pigment.values()) {
            boolean oxidative = pigment.words().startsWith("dye");
            if (oxidative) {
                assertThat(after.coloured().amount(pigment))
                        .isBetween(0.0, hair.coloured().amount(pigment));
            } else {
                assertThat(after.coloured().amount(pigment))
                        .isEqualTo(hair.coloured().amount(pigment));
            }
        }
        assertThat(after.fibre().layers()).isLessThanOrEqualTo(hair.fibre().layers());
        double shorter = oxidative(new RemoverRound(minutes / 2, covered, clarified, rinse).on(hair));
        assertThat(oxidative(round.on(hair))).isLessThanOrEqualTo(shorter + ROUNDING);
    }

    @Property(tries = 200)
    void washesTakeDyeOnlyAndMoreWashesMore(
            @ForAll("hair") Canvas hair,
            @ForAll @DoubleRange(max = 200) double washes,
            @ForAll @DoubleRange(max = 50) double more,
            @ForAll @DoubleRange(max = 1) double loose) {
        Canvas worn = hair.with(hair.fibre().withDyeHeld(0.5, loose));
        Canvas once = Washing.times(washes).on(worn);
        Canvas longer = Washing.times(washes + more).on(worn);
        assertThat(once.lab().l()).isGreaterThanOrEqualTo(worn.lab().l() - ROUNDING);
        for (Pigment pigment : Pigment.values()) {
            double left = once.coloured().amount(pigment);
            assertThat(longer.coloured().amount(pigment)).isBetween(0.0, left);
            if (!pigment.words().contains("dye") && !pigment.words().contains("direct")) {
                assertThat(left).isEqualTo(worn.coloured().amount(pigment));
            }
        }
        // In two goes or in one: nearly the same, since what is loose is kept apart by its share.
        Canvas inTwo = Washing.times(more).on(once);
        assertThat(Ciede2000.between(inTwo.lab(), longer.lab())).isLessThan(1.5);
    }

    /** The closed form does not depend on how often one looks: two halves without exhaustion make the whole. */
    @Test
    void doseIsTheSameHoweverItIsSliced() {
        Fibre fibre = Fibre.read(Thickness.NORMAL, Porosity.NORMAL);
        Lightening whole = Lightening.of(LiftProduct.LIGHTENER, 20, 60, Setting.FOIL);
        double sum = 0;
        for (int minute = 0; minute < 60; minute++) {
            sum += Lift.dose(whole.until(1).aged(minute), fibre);
        }
        assertThat(sum).isCloseTo(Lift.dose(whole, fibre), within(1e-9));
    }

    /** By hand: rate 0.047 a minute, life 70 min: 0.047 × 70 × (1 − e^(−40/70)) = 1.432. */
    @Test
    void doseOfTwentyVolumeForFortyMinutes() {
        Lightening laid = Lightening.of(LiftProduct.LIGHTENER, 20, 40, Setting.FOIL);
        assertThat(Lift.dose(laid, Fibre.read(Thickness.NORMAL, Porosity.NORMAL)))
                .isCloseTo(1.432, within(1e-3));
        Lightening blend = Lightening.of(LiftProduct.LIGHTENER, 25, 40, Setting.FOIL);
        assertThat(Lift.dose(blend, Fibre.read(Thickness.NORMAL, Porosity.NORMAL)))
                .as("a blend lies between")
                .isCloseTo(1.432 * 0.0535 / 0.047, within(1e-3));
    }

    /** Each minute watched is the state itself, so that watching more often changes nothing. */
    @Test
    void aCourseEndsTheSameHoweverItIsWatched() {
        Canvas start = Canvas.of(PigmentLine.NATURAL.at(5), Porosity.NORMAL);
        Course course = Course.of(
                Lightening.of(LiftProduct.LIGHTENER, 20, 40, Setting.FOIL),
                new Care(Care.Kind.BOND, 10),
                Application.usual(new Dyes(0.01, 0.02, 0, 0.03), ShadeClass.DEMI, 6),
                Washing.times(10));
        int[] seen = {0};
        Canvas end = course.watched(start, Factors.AVERAGE, 1, (minute, canvas) -> seen[0]++);
        assertThat(seen[0]).isGreaterThan(70);
        Canvas rarely = course.watched(start, Factors.AVERAGE, 60, (minute, canvas) -> {});
        assertThat(end).isEqualTo(rarely).isEqualTo(course.on(start, Factors.AVERAGE));
        assertThat(course.minutes()).isEqualTo(70);
    }

    @ParameterizedTest
    @CsvSource({
        "-1, 2, 30, 0, volume",
        "41, 2, 30, 0, volume",
        "NaN, 2, 30, 0, volume",
        "20, 0.1, 30, 0, developerPerPowder",
        "20, Infinity, 30, 0, developerPerPowder",
        "20, 2, -1, 0, minutes",
        "20, 2, 1e9, 0, minutes",
        "20, 2, NaN, 0, minutes",
        "20, 2, 30, -5, ageMinutes"
    })
    void absurdLighteningIsRefusedByName(double volume, double ratio, double minutes, double age, String field) {
        assertThatThrownBy(() -> new Lightening(
                        LiftProduct.LIGHTENER, volume, ratio, minutes, Setting.FOIL, age, OptionalDouble.empty()))
                .isInstanceOfSatisfying(RefusedInput.class, refused -> {
                    assertThat(refused.field()).isEqualTo(field);
                    assertThat(refused.remedy().message())
                            .isIn(RefusalMessage.FROM_TO, RefusalMessage.FROM_TO_OF, RefusalMessage.TOO_STRONG);
                });
    }

    @Test
    void otherAbsurdInputIsRefusedByName() {
        Canvas hair = Canvas.of(PigmentLine.NATURAL.at(5), Porosity.NORMAL);
        refused("sectionMm", () -> new Setting(Place.MIDS, Cover.FOIL, false, Double.NaN));
        refused("lift", () -> new Factors(-1, 1, 1, 1));
        refused("damage", () -> new Factors(1, 1, 1, Double.POSITIVE_INFINITY));
        refused("minutes", () -> new RemoverRound(-3, true, true, 10));
        refused("rinseMinutes", () -> new RemoverRound(20, true, true, 1e4));
        refused("washes", () -> Washing.times(Double.NaN));
        refused("minutes", () -> new Care(Care.Kind.BOND, 1e5));
        refused("porosity", () -> Fibre.read(Thickness.FINE, 4, 0));
        refused("layers", () -> Fibre.read(Thickness.FINE, 1, -1));
        refused("stepMinutes", () -> Course.of().watched(hair, Factors.AVERAGE, 0, (minute, canvas) -> {}));
        refused("cm", () -> Slip.of(hair, hair, RemoverRound.USUAL, Double.NaN, Barrier.NONE, Factors.AVERAGE));
    }

    private static void refused(String field, ThrowingCallable call) {
        assertThatThrownBy(call)
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(refused.field()).isEqualTo(field));
    }

    @Test
    void aBarrierKeepsAndASlipShows() {
        Canvas kept = Canvas.of(PigmentLine.NATURAL.at(4), Porosity.NORMAL);
        Canvas work = Canvas.of(PigmentLine.LIFTED.at(6), Porosity.NORMAL);
        Lightening laid = Lightening.of(LiftProduct.LIGHTENER, 20, 35, Setting.FOIL);
        Slip bare = Slip.of(kept, work, laid, 0.5, Barrier.NONE, Factors.AVERAGE);
        assertThat(bare.bands()).as("a strip unlike both its neighbours").isTrue();
        double shown = bare.againstKept();
        for (Barrier barrier : new Barrier[] {Barrier.COTTON, Barrier.CREAM, Barrier.FILM}) {
            double less =
                    Slip.of(kept, work, laid, 0.5, barrier, Factors.AVERAGE).againstKept();
            assertThat(less).as("%s", barrier).isLessThan(shown / 2);
        }
        Slip none = Slip.of(kept, work, laid, 0, Barrier.NONE, Factors.AVERAGE);
        assertThat(none.bands()).as("no slip, no band").isFalse();
    }

    private static double oxidative(Canvas canvas) {
        return canvas.coloured().dyes(DyeKind.OXIDATIVE).total();
    }
}
