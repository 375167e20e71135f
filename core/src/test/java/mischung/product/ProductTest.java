package mischung.product;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import mischung.hair.Band;
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
import mischung.said.RefusedInput;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProductTest {
    private static final ProductRange DEMO = ProductRange.demo();

    @Test
    void theDemoRangeIsWhatItClaims() {
        assertThat(DEMO.shades()).hasSizeBetween(115, 130);
        assertThat(DEMO.shades().stream().flatMap(s -> s.tone().stream()).collect(Collectors.toSet()))
                .contains(
                        Tone.NATURAL,
                        Tone.ASH,
                        Tone.GOLD,
                        Tone.COPPER,
                        Tone.BEIGE,
                        Tone.RED,
                        Tone.VIOLET,
                        Tone.MAHOGANY,
                        Tone.MATTE);
        assertThat(DEMO.of(ShadeClass.COVERAGE)).hasSizeGreaterThanOrEqualTo(3);
        assertThat(DEMO.shades()).anyMatch(Shade::isClear);
        assertThat(DEMO.shades().stream().map(Shade::code)).doesNotHaveDuplicates();
        assertThat(DEMO.developers().stream().map(Developer::volume)).containsExactly(6.0, 10.0, 20.0, 30.0, 40.0);
    }

    /** A maker's sense: darker shades of a tone hold more dye; coverage holds more than a normal shade of its name. */
    @Test
    void darkerAndCoverageShadesHoldMore() {
        List<Shade> naturals = DEMO.of(ShadeClass.DEMI).stream()
                .filter(s -> s.tone().filter(t -> t == Tone.NATURAL).isPresent())
                .toList();
        for (int i = 1; i < naturals.size(); i++) {
            assertThat(naturals.get(i).dyes().total())
                    .as(naturals.get(i).code())
                    .isLessThan(naturals.get(i - 1).dyes().total());
        }
        for (Shade coverage : DEMO.of(ShadeClass.COVERAGE)) {
            Shade normal = Shade.derived(ShadeClass.PERMANENT, coverage.level(), Tone.NATURAL);
            assertThat(coverage.dyes().total())
                    .isGreaterThan(1.5 * normal.dyes().total());
            assertThat(coverage.misfit())
                    .as("on white hair it meets its own colour")
                    .isLessThan(1.5);
        }
    }

    /** 2 H₂O₂ → 2 H₂O + O₂, molar volume 22.414 l at 0 °C and 1 atm: 20 vol is 6.07 % w/v; the trade rounds to 6. */
    @ParameterizedTest
    @CsvSource({"10, 3.035, 3", "20, 6.070, 6", "30, 9.105, 9", "40, 12.141, 12"})
    void volumesInPercent(double volume, double chemistry, double trade) {
        assertThat(new Developer(volume).gramsPer100Ml()).isCloseTo(chemistry, within(0.002));
        assertThat(new Developer(volume).tradePercent()).isCloseTo(trade, within(1e-9));
    }

    /** R61 and the mixing rule of alligation; the second column of each case was worked by hand. */
    @ParameterizedTest
    @CsvSource({
        "15, 60, 10, 20, 30, 30",
        "25, 90, 20, 30, 45, 45",
        "5, 80, 0, 10, 40, 40",
        "12, 100, 6, 20, 57.143, 42.857"
    })
    void blendsByAlligation(
            double wanted, double grams, double weak, double strong, double weakGrams, double strongGrams) {
        List<Developer.Portion> portions =
                Developer.blend(new Developer(wanted), grams, new Developer(weak), new Developer(strong));
        assertThat(portions.get(0).grams()).isCloseTo(weakGrams, within(0.001));
        assertThat(portions.get(1).grams()).isCloseTo(strongGrams, within(0.001));
        assertThat(Developer.blended(portions).volume()).isCloseTo(wanted, within(1e-9));
    }

    @Test
    void whatCannotBeBlendedIsRefused() {
        assertThatThrownBy(() -> Developer.blend(new Developer(30), 50, new Developer(10), new Developer(20)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("30.0 is not possible: refusal.BLEND_BETWEEN{stronger=20, weaker=10}");
        assertThatThrownBy(() -> new Developer(41))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("TOO_STRONG");
        assertThatThrownBy(() -> new Developer(Double.NaN)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Developer.blended(List.of())).isInstanceOf(RefusedInput.class);
    }

    /** R62 (common practice): two 60 g tubes for a full, long, dense head in one permanent pass; one for a bob. */
    @Test
    void longDenseHairTakesTwoTubesAndABobOne() {
        Mix mix = Mix.of(Shade.derived(ShadeClass.PERMANENT, 6, Tone.NATURAL));
        int longDense = BowlGrams.of(mix, 1, need(50, Density.DENSE)).colourGrams();
        int bob = BowlGrams.of(mix, 1, need(20, Density.NORMAL)).colourGrams();
        assertThat(longDense).isBetween(100, 130);
        assertThat(bob).isLessThanOrEqualTo(60);
    }

    private static double need(double cm, Density density) {
        Head head = head(cm, density);
        return HairAmount.mixGrams(head, List.of(new BandRef(0, 0), new BandRef(1, 0)));
    }

    private static Head head(double cm, Density density) {
        Strand strand = new Strand(List.of(new Band(0, cm, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0)));
        return new Head(
                List.of(new Zone(ZonePlace.BACK, strand), new Zone(ZonePlace.CROWN, strand)),
                density,
                Thickness.NORMAL);
    }

    /** More hair never takes less, and twice the length takes twice as much. */
    @Property(tries = 200)
    void moreHairTakesMore(
            @ForAll @DoubleRange(min = 1, max = 70) double cm, @ForAll Density density, @ForAll Thickness thickness) {
        double here = mixFor(cm, density, thickness);
        assertThat(mixFor(2 * cm, density, thickness)).isCloseTo(2 * here, within(1e-9));
        assertThat(mixFor(cm, Density.DENSE, thickness)).isGreaterThanOrEqualTo(here);
        assertThat(mixFor(cm, density, Thickness.COARSE)).isGreaterThanOrEqualTo(here);
        assertThat(mixFor(cm, Density.THIN, Thickness.FINE))
                .isLessThanOrEqualTo(here)
                .isPositive();
    }

    private static double mixFor(double cm, Density density, Thickness thickness) {
        Strand strand = new Strand(List.of(new Band(0, cm, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0)));
        Head head = new Head(List.of(new Zone(ZonePlace.CROWN, strand)), density, thickness);
        return HairAmount.mixGrams(head, List.of(new BandRef(0, 0)));
    }

    @Test
    void zonesShareTheWholeHead() {
        Head head = head(30, Density.NORMAL);
        assertThat(head.zones().stream()
                        .mapToDouble(z -> HairAmount.share(head, z))
                        .sum())
                .isCloseTo(1, within(1e-12));
    }

    @Property(tries = 300)
    void whatIsWeighedHoldsTheNeedTheReserveAndTheParts(
            @ForAll @DoubleRange(min = 0.5, max = 400) double need,
            @ForAll @IntRange(min = 1, max = 6) int first,
            @ForAll @IntRange(min = 1, max = 6) int second) {
        List<Shade> demi = DEMO.of(ShadeClass.DEMI);
        Mix mix = new Mix(List.of(new Mix.Part(demi.get(0), first), new Mix.Part(demi.get(1), second)));
        BowlGrams grams = BowlGrams.of(mix, 2, need);
        assertThat(grams.totalGrams() + 1e-6).isGreaterThanOrEqualTo(need * 1.2);
        assertThat(grams.shadeGrams().get(0) * second)
                .isEqualTo(grams.shadeGrams().get(1) * first);
        assertThat(grams.developerGrams()).isEqualTo(2 * grams.colourGrams());
    }

    /** R6 (common practice): equal parts of two levels behave as the level between. */
    @Test
    void aMixHasTheMeanLevelOfItsShades() {
        Shade five = Shade.derived(ShadeClass.DEMI, 5, Tone.NATURAL);
        Shade seven = Shade.derived(ShadeClass.DEMI, 7, Tone.NATURAL);
        Mix mix = new Mix(List.of(new Mix.Part(five, 1), new Mix.Part(seven, 1)));
        assertThat(mix.level()).isEqualTo(6);
        assertThat(mix.words()).isEqualTo("1 part natural 5 + 1 part natural 7");
    }

    @Test
    void mixesOfTwoClassesOrTwiceTheSameAreRefused() {
        Shade demi = DEMO.of(ShadeClass.DEMI).get(0);
        Shade permanent = DEMO.of(ShadeClass.PERMANENT).get(0);
        assertThatThrownBy(() -> new Mix(List.of(new Mix.Part(demi, 1), new Mix.Part(permanent, 1))))
                .hasMessageContaining("ONE_CLASS");
        assertThatThrownBy(() -> new Mix(List.of(new Mix.Part(demi, 1), new Mix.Part(demi, 2))))
                .hasMessageContaining("SHADE_ONCE");
        assertThatThrownBy(() -> new Mix.Part(demi, 7)).isInstanceOf(RefusedInput.class);
    }
}
