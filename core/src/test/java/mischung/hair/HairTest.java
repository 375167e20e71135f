package mischung.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class HairTest {
    private static Lab lifted(double level) {
        return ToneScale.colourOf(level, Tone.AS_LIFTED);
    }

    /**
     * R2 (common practice, no source): lifted hair goes from red over orange and gold to pale yellow. Hue borders of the
     * words in degrees of h*ab, from memory: red below 45, orange 45–66, gold 60–80, yellow from 76.
     */
    @ParameterizedTest
    @CsvSource({
        "2, 15, 45",
        "3, 25, 45",
        "4, 40, 55",
        "5, 48, 62",
        "6, 55, 68",
        "7, 60, 74",
        "8, 68, 80",
        "9, 74, 84",
        "10, 78, 90"
    })
    void liftedHairShowsItsContributingPigment(double level, double hueFrom, double hueTo) {
        assertThat(lifted(level).hueDegrees()).isBetween(hueFrom, hueTo);
    }

    /** R2: pale yellow at 10 is weaker than the gold at 8; deep reds at 2 are nearly black. */
    @Test
    void contributingPigmentIsStrongestInTheMiddle() {
        assertThat(lifted(8).chroma())
                .isGreaterThan(lifted(10).chroma())
                .isGreaterThan(lifted(5).chroma());
        assertThat(lifted(2).chroma()).isLessThan(15);
    }

    /** R37 (common practice): the stretch from orange to yellow is the slowest: each level asks a greater pull. */
    @Test
    void eachLevelUpAsksForMoreThanTheOneBefore() {
        double[] pull = DoubleStream.iterate(4, l -> l <= 9, l -> l + 1)
                .map(l -> Math.log(PigmentLine.LIFTED.at(l).amount(Pigment.RESIDUE)
                        / PigmentLine.LIFTED.at(l + 1).amount(Pigment.RESIDUE)))
                .toArray();
        assertThat(pull).isSorted();
    }

    @Property(tries = 200)
    void levelAndLightnessGoThereAndBack(@ForAll @DoubleRange(min = 1, max = 12) double level) {
        assertThat(LevelScale.levelOf(LevelScale.lightnessOf(level))).isCloseTo(level, within(1e-9));
        for (PigmentLine line : PigmentLine.values()) {
            assertThat(ToneScale.ofLine(line, level).l()).isCloseTo(LevelScale.lightnessOf(level), within(0.01));
        }
    }

    /** Chiang, Bitterli, Tappan, Burley 2016, equation 9: f(0.3) = 5.888; f(0) is the constant term. */
    @Test
    void roughnessPolynomialIsThePublishedOne() {
        assertThat(TressOptics.roughnessTerm(0.3)).isCloseTo(5.888, within(5e-4));
        assertThat(TressOptics.roughnessTerm(0)).isEqualTo(5.969);
        assertThat(TressOptics.roughnessTerm(1))
                .isCloseTo(5.969 - 0.215 + 2.532 - 10.73 + 5.574 + 0.245, within(1e-12));
    }

    @ParameterizedTest
    @EnumSource(Tone.class)
    void whatIsReadIsWhatIsShown(Tone tone) {
        for (double level = 4; level <= 10; level += 0.5) {
            for (BandKind kind : BandKind.values()) {
                if (!kind.tones().contains(tone)) {
                    continue;
                }
                Reading reading = Reading.of(kind, level, tone);
                Canvas canvas = Canvas.of(reading.pigments(), Porosity.NORMAL);
                double shown = Ciede2000.between(ToneScale.colourOf(level, tone), canvas.lab());
                assertThat(shown).as("%s %s %s", kind, level, tone).isCloseTo(reading.misfit(), within(0.01));
                assertThat(canvas.look().level())
                        .as("%s %s %s", kind, level, tone)
                        .isCloseTo(level, within(0.5));
            }
        }
    }

    @Test
    void plainReadingsFitExactly() {
        assertThat(Reading.of(BandKind.NATURAL, 6, Tone.NATURAL).misfit()).isZero();
        assertThat(Reading.of(BandKind.LIGHTENED, 10, Tone.AS_LIFTED).misfit()).isZero();
        Reading toned = Reading.of(BandKind.LIGHTENED, 9, Tone.BEIGE);
        assertThat(toned.misfit()).isLessThan(2);
        assertThat(toned.underLevel()).as("a toner lies on lighter hair").isGreaterThan(9);
    }

    @Property(tries = 100)
    void greyIsAMixOfFibres(@ForAll @DoubleRange(max = 1) double share) {
        Canvas dark = Canvas.of(PigmentLine.NATURAL.at(4), Porosity.NORMAL).withGrey(share);
        assertThat(dark.lab().l()).isBetween(LevelScale.lightnessOf(4) - 0.01, LevelScale.lightnessOf(12) + 0.01);
        Canvas greyer = Canvas.of(PigmentLine.NATURAL.at(4), Porosity.NORMAL).withGrey(Math.min(1, share + 0.05));
        assertThat(greyer.lab().l()).isGreaterThanOrEqualTo(dark.lab().l());
    }

    /** The short cut the search takes is the same optics. */
    @Property(tries = 200)
    void aTintSeesWhatTheCanvasShows(
            @ForAll @DoubleRange(min = 1, max = 12) double level,
            @ForAll @DoubleRange(max = 1) double grey,
            @ForAll @DoubleRange(max = 2) double yellow,
            @ForAll @DoubleRange(max = 2) double red,
            @ForAll @DoubleRange(max = 2) double blue) {
        Canvas canvas = Canvas.of(PigmentLine.LIFTED.at(level), Porosity.NORMAL).withGrey(grey);
        Dyes dyes = new Dyes(yellow, red, 0, blue);
        Lab seen = new Tint(canvas).under(dyes, dyes.times(0.7));
        assertThat(Ciede2000.between(seen, canvas.plus(dyes, dyes.times(0.7)).lab()))
                .isLessThan(1e-6);
    }

    @ParameterizedTest
    @CsvSource({
        "6, NATURAL, natural",
        "10, AS_LIFTED, pale yellow",
        "8, AS_LIFTED, gold-yellow",
        "5, AS_LIFTED, orange",
        "6, COPPER, copper",
        "6, RED, red",
        "6, ASH, ash",
        "7, MATTE, matte",
        "5, MAHOGANY, mahogany"
    })
    void coloursAreCalledByTheirNames(double level, Tone tone, String name) {
        assertThat(ToneName.of(ToneScale.colourOf(level, tone))).isEqualTo(name);
    }

    /** R4 and R5 (common practice): hair without warmth reads grey, with a cast by its hue. */
    @Test
    void hollowHairIsCalledGrey() {
        assertThat(ToneName.of(Lab.d65(44, 0, 1))).isEqualTo("grey");
        assertThat(ToneName.of(Lab.d65(44, -6, 4))).isEqualTo("green-grey");
        assertThat(ToneName.of(Lab.d65(44, 5, -4))).isEqualTo("violet-grey");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "-3 | 5 | 6 | 0 | fromCm | -3",
                "0 | 5 | 14 | 0 | level | 14",
                "0 | 5 | 6.3 | 0 | level | 6.3",
                "0 | 5 | NaN | 0 | level | NaN",
                "0 | 5 | 6 | 5 | greyShare | 5",
                "0 | 0.2 | 6 | 0 | toCm | 0.2",
                "5 | 2 | 6 | 0 | toCm | 2.0",
                "0 | Infinity | 6 | 0 | toCm | Infinity",
                "0 | 151 | 6 | 0 | toCm | 151"
            })
    void bandsOutsideTheirBoundsAreRefusedByName(
            double from, double to, double level, double grey, String field, String value) {
        assertThatThrownBy(() -> new Band(from, to, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, grey))
                .isInstanceOfSatisfying(RefusedInput.class, refused -> {
                    assertThat(refused.field()).isEqualTo(field);
                    assertThat(refused.value()).isEqualTo(value);
                    assertThat(refused.remedy().message())
                            .isIn(
                                    RefusalMessage.FROM_TO_OF,
                                    RefusalMessage.FROM_TO,
                                    RefusalMessage.LEVEL_IN_HALVES,
                                    RefusalMessage.ENDS_BELOW);
                });
    }

    @Test
    void bandsTileTheStrand() {
        assertThatThrownBy(() -> new Strand(List.of(band(0, 6), band(5, 20))))
                .hasMessageContaining("bands[1].fromCm")
                .hasMessageContaining("OVERLAPS{cm=6}");
        assertThatThrownBy(() -> new Strand(List.of(band(0, 6), band(8, 20))))
                .hasMessageContaining("GAP{from=6, to=8}");
        assertThatThrownBy(() -> new Strand(List.of())).hasMessageContaining("bands");
        assertThat(new Strand(List.of(band(0, 6), band(6, 20))).lengthCm()).isEqualTo(20);
    }

    @Test
    void aPlaceStandsOnceOnAHead() {
        Zone back = new Zone(ZonePlace.BACK, new Strand(List.of(band(0, 6))));
        Zone half = new Zone(ZonePlace.BACK_LEFT, new Strand(List.of(band(0, 6))));
        assertThatThrownBy(() -> new Head(List.of(back, back), Density.NORMAL, Thickness.NORMAL))
                .hasMessageContaining("zones[1].place");
        assertThatThrownBy(() -> new Head(List.of(back, half), Density.NORMAL, Thickness.NORMAL))
                .hasMessageContaining("WHOLE_OR_HALVES{place=zonePlace.BACK}");
    }

    private static Band band(double from, double to) {
        return new Band(from, to, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.NORMAL, 0);
    }
}
