package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mischung.hair.Band;
import mischung.hair.BandDetail;
import mischung.hair.BandKind;
import mischung.hair.BandLine;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.hair.ReadOut;
import mischung.hair.Reading;
import mischung.hair.SecondTone;
import mischung.hair.Strand;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ToneScale;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import mischung.school.School;
import mischung.shelf.ShelfFile;
import mischung.wish.Aim;
import mischung.wish.Wish;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A tone beside the first, from the wish and the reading to the bowl. */
class SecondToneTest {
    private static ToneMix two(Tone main, Tone beside, double share) {
        return new ToneMix(main, Optional.of(new SecondTone(beside, share)));
    }

    private static Band toned(ToneMix tones) {
        return new Band(
                0,
                30,
                BandKind.LIGHTENED,
                9,
                tones.main(),
                Porosity.NORMAL,
                0,
                BandDetail.NONE.withSecond(tones.second().orElseThrow()));
    }

    @Property(tries = 200)
    void itsColourLiesBetweenThatOfItsTones(
            @ForAll Tone main,
            @ForAll Tone beside,
            @ForAll @DoubleRange(min = 0.1, max = 0.5) double share,
            @ForAll @IntRange(min = 2, max = 22) int halves) {
        if (main == beside) {
            return;
        }
        double level = halves / 2.0;
        Lab from = ToneScale.colourOf(level, main);
        Lab to = ToneScale.colourOf(level, beside);
        Lab mixed = two(main, beside, share).colourAt(level);
        assertThat(apart(from, mixed)).isCloseTo(share * apart(from, to), within(1e-9));
        assertThat(apart(mixed, to)).isCloseTo((1 - share) * apart(from, to), within(1e-9));
    }

    private static double apart(Lab one, Lab other) {
        return Math.sqrt(
                Math.pow(one.l() - other.l(), 2) + Math.pow(one.a() - other.a(), 2) + Math.pow(one.b() - other.b(), 2));
    }

    @ParameterizedTest
    @CsvSource({"0.1, beige with a touch of gold", "0.3, beige with some gold", "0.5, beige-gold"})
    void itIsSpokenOfByHowMuchOfItThereIs(double share, String words) {
        assertThat(new Aim(8, two(Tone.BEIGE, Tone.GOLD, share)).words()).isEqualTo("8 " + words);
        assertThat(ReadOut.sentence(new Zone(
                        ZonePlace.CROWN, new Strand(List.of(toned(two(Tone.BEIGE, Tone.GOLD, share)))))))
                .contains("level 9 " + words);
    }

    @Test
    void whatCannotLieBesideIsRefused() {
        assertThatThrownBy(() -> new Aim(8, two(Tone.BEIGE, Tone.BEIGE, 0.3)))
                .isInstanceOfSatisfying(
                        RefusedInput.class, wrong -> assertThat(wrong.field()).isEqualTo("second"));
        assertThatThrownBy(() -> new SecondTone(Tone.GOLD, 0.6)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Wish(new Aim(8, two(Tone.BEIGE, Tone.AS_LIFTED, 0.3))))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> toned(two(Tone.BEIGE, Tone.BLUE, 0.3)))
                .isInstanceOfSatisfying(
                        RefusedInput.class, wrong -> assertThat(wrong.field()).isEqualTo("second"));
    }

    /** A colour picked on the screen is called what it was made from, or something no further off. */
    @Property(tries = 60)
    void aPickedColourIsNamedByTheNearest(
            @ForAll @IntRange(min = 8, max = 20) int halves, @ForAll @DoubleRange(min = 0.1, max = 0.5) double share) {
        Lab colour = two(Tone.BEIGE, Tone.COPPER, share).colourAt(halves / 2.0);
        Aim named = Aim.picked(colour);
        assertThat(Ciede2000.between(colour, named.tones().colourAt(named.level())))
                .isLessThan(4);
    }

    @Test
    void hairReadWithTwoTonesShowsBoth() {
        ToneMix tones = two(Tone.BEIGE, Tone.COPPER, 0.4);
        Lab shown = Reading.canvasOf(toned(tones)).lab();
        assertThat(Ciede2000.between(shown, tones.colourAt(9))).isLessThan(1.5);
        assertThat(Ciede2000.between(shown, ToneScale.colourOf(9, Tone.BEIGE))).isGreaterThan(3);
    }

    @ParameterizedTest
    @CsvSource({"9l-beige+gold30 20", "9l-beige+copper50p 20", "6n-gold+copper15 20", "10l 20"})
    void theStrandLineSaysIt(String line) {
        assertThat(BandLine.of(BandLine.read(line))).isEqualTo(line);
    }

    @Test
    void theStrandLineTakesFirstLettersAndTheUsualShare() {
        Band band = BandLine.read("9l-be+g 20").bands().get(0);
        assertThat(band.tones()).isEqualTo(two(Tone.BEIGE, Tone.GOLD, SecondTone.USUAL));
        assertThatThrownBy(() -> BandLine.read("9l-be+g70 20")).isInstanceOf(RefusedInput.class);
    }

    @Test
    void aShadeWrittenInPartsIsNamedByBoth() {
        Shade shade = ShelfFile.shade("own", ShadeClass.DEMI, 7, "2 copper + 1 gold");
        assertThat(shade.words()).isEqualTo("copper-gold 7");
        assertThat(shade.tones()).hasValueSatisfying(tones -> {
            assertThat(tones.share(Tone.GOLD)).isCloseTo(1 / 3.0, within(1e-9));
            assertThat(tones.share(Tone.COPPER)).isCloseTo(2 / 3.0, within(1e-9));
        });
        assertThat(ShelfFile.secondOf(ShadeClass.DEMI, 7, "2 copper + 1 gold")).isEqualTo(shade.second());
        assertThat(ToneMix.named("beige+gold 0.3")).isEqualTo(two(Tone.BEIGE, Tone.GOLD, 0.3));
        assertThat(ToneMix.named(ToneMix.of(Tone.BEIGE).name())).isEqualTo(ToneMix.of(Tone.BEIGE));
    }

    private static Plan planned(ToneMix tones, School school) {
        Band lifted = new Band(0, 30, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.NORMAL, 0);
        return Planner.plan(Heads.of(List.of(lifted)), new Wish(new Aim(6, tones)), school, ProductRange.demo());
    }

    private static Map<Tone, Double> filler(ToneMix tones) {
        Plan plan = planned(tones, School.ONE_LIGHTER);
        Bowl bowl = plan.steps().stream()
                .filter(step -> step.kind() == Action.FILL)
                .flatMap(step -> step.bowls().stream())
                .findFirst()
                .orElseThrow();
        double total = bowl.formula().mix().totalParts();
        return bowl.formula().mix().parts().stream()
                .collect(Collectors.toMap(
                        part -> part.shade().tone().orElseThrow(), part -> part.parts() / total, Double::sum));
    }

    /** R12: gold-copper and copper-gold are filled with the same, mahogany with three of natural and one of red. */
    @Test
    void aFillerFollowsBothTones() {
        assertThat(filler(two(Tone.GOLD, Tone.COPPER, 0.5)).keySet()).containsExactlyInAnyOrder(Tone.GOLD, Tone.COPPER);
        Map<Tone, Double> mahogany = filler(ToneMix.of(Tone.MAHOGANY));
        assertThat(mahogany.get(Tone.NATURAL)).isCloseTo(0.75, within(1e-9));
        assertThat(mahogany.get(Tone.RED)).isCloseTo(0.25, within(1e-9));
        Map<Tone, Double> both = filler(two(Tone.NATURAL, Tone.MAHOGANY, 0.5));
        assertThat(both.keySet()).containsExactlyInAnyOrder(Tone.GOLD, Tone.NATURAL, Tone.RED);
        assertThat(both.get(Tone.GOLD)).isCloseTo(0.5, within(0.14));
    }

    /** What is wished with two tones comes out nearer to both than to either alone. */
    @Test
    void aWishOfTwoTonesIsMixedForBoth() {
        ToneMix wished = two(Tone.BEIGE, Tone.COPPER, 0.4);
        Plan plan = planned(wished, School.MIDPOINT);
        Lab end = plan.end(new BandRef(0, 0)).look().lab();
        assertThat(Ciede2000.between(end, wished.colourAt(6))).isLessThan(4);
        assertThat(Ciede2000.between(end, wished.colourAt(6)))
                .isLessThan(Ciede2000.between(end, ToneScale.colourOf(6, Tone.BEIGE)))
                .isLessThan(Ciede2000.between(end, ToneScale.colourOf(6, Tone.COPPER)));
    }
}
