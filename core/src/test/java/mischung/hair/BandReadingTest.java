package mischung.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.RemoverRound;
import mischung.said.RefusedInput;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Draws;
import mischung.uncertainty.Forecast;
import mischung.uncertainty.Start;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Bands as they are read: by line, by eye, by measurement; and told again. */
class BandReadingTest {
    private static Band band(BandKind kind, double level, Tone tone, double grey, BandDetail detail) {
        return new Band(0, 10, kind, level, tone, Porosity.NORMAL, grey, detail);
    }

    private static Measured reader(Lab lab, double spread) {
        return new Measured(Measured.By.READER, lab, spread);
    }

    @Test
    void severalMeasurementsAverageWithTheirSpread() {
        MeasuredColour mean = MeasuredColour.of(List.of(
                reader(Lab.d65(40, 10, 20), 0.5), reader(Lab.d65(42, 10, 22), 0.5), reader(Lab.d65(41, 10, 21), 0.5)));
        assertThat(mean.lab()).isEqualTo(Lab.d65(41, 10, 21));
        assertThat(mean.count()).isEqualTo(3);
        assertThat(mean.scatter()).isBetween(0.5, 1.5);
        assertThat(mean.spread()).isGreaterThan(0.5 / Math.sqrt(3) - 1e-9);
        MeasuredColour weighed =
                MeasuredColour.of(List.of(reader(Lab.d65(40, 0, 0), 0.5), reader(Lab.d65(50, 0, 0), 5)));
        assertThat(weighed.lab().l()).as("the surer one counts a hundred times").isCloseTo(40.1, within(0.01));
        assertThatThrownBy(() -> MeasuredColour.of(List.of())).isInstanceOf(RefusedInput.class);
    }

    @ParameterizedTest
    @CsvSource({
        "NATURAL, 6, NATURAL",
        "LIGHTENED, 9, AS_LIFTED",
        "LIGHTENED, 9, BEIGE",
        "COLOURED, 5, RED",
        "DIRECT, 8, PINK"
    })
    void aMeasuredColourIsTheColourOfTheBand(BandKind kind, double level, Tone tone) {
        Lab seen = ToneScale.colourOf(level, tone);
        Band measured = band(kind, 2, kind.usualTone(), 0, BandDetail.NONE.withMeasured(List.of(reader(seen, 0.4))));
        Band asRead = new Band(0, 10, kind, level, tone, Porosity.NORMAL, 0, measured.detail());
        assertThat(Ciede2000.between(Reading.canvasOf(asRead).lab(), seen)).isLessThan(2.5);
    }

    /** What a reader sees of half grey hair is the mixture; the coloured fibres are darker than that. */
    @ParameterizedTest
    @ValueSource(doubles = {0.2, 0.5, 0.8})
    void greyIsTakenOutOfAMeasuredColourOnce(double grey) {
        Canvas real = Reading.canvasOf(band(BandKind.NATURAL, 5, Tone.NATURAL, grey, BandDetail.NONE));
        BandDetail detail = BandDetail.NONE.withMeasured(List.of(reader(real.lab(), 0.3)));
        Canvas found = Reading.canvasOf(band(BandKind.NATURAL, 5, Tone.NATURAL, grey, detail));
        assertThat(Ciede2000.between(found.lab(), real.lab())).isLessThan(1);
        assertThat(LevelScale.levelOf(ReadIn.lab(found.coloured()).l())).isCloseTo(5, within(0.25));
    }

    @Test
    void aFeltStretchCountsForMoreThanPorosity() {
        Fibre unfelt = Reading.canvasOf(band(BandKind.LIGHTENED, 10, Tone.AS_LIFTED, 0, BandDetail.NONE))
                .fibre();
        Fibre felt = Reading.canvasOf(
                        band(BandKind.LIGHTENED, 10, Tone.AS_LIFTED, 0, BandDetail.NONE.withStretch(Elasticity.BREAKS)))
                .fibre();
        assertThat(unfelt.elasticity().mayGoOn()).isTrue();
        assertThat(felt.elasticity()).isNotEqualTo(Elasticity.SPRINGS_BACK);
        assertThat(felt.elasticity().mayGoOn()).isFalse();
    }

    /** Under a dark colour many levels may lie; what history says narrows what a remover may show. */
    @Test
    void historyNarrowsWhatARemoverMayShow() {
        Band wide = band(BandKind.COLOURED, 3, Tone.NATURAL, 0, BandDetail.NONE.withPast(1, 1, 12));
        Band narrow = band(BandKind.COLOURED, 3, Tone.NATURAL, 0, BandDetail.NONE.withPast(1, 5, 6));
        assertThat(width(narrow)).isLessThan(width(wide) * 0.8);
    }

    private static double width(Band band) {
        Forecast forecast = Forecast.of(
                Start.of(band, Thickness.NORMAL),
                Course.of(RemoverRound.USUAL),
                Factors.AVERAGE,
                Draws.of(Calibration.none(), 64, 5));
        return forecast.levels().to() - forecast.levels().from();
    }

    @Test
    void aStrandIsTypedInOneLine() {
        Strand strand = BandLine.read("6n 5, 8½l 13; 9,5l-beigep 30 3c-red 34, 10lpp 38");
        assertThat(strand.bands()).extracting(Band::toCm).containsExactly(5.0, 13.0, 30.0, 34.0, 38.0);
        assertThat(strand.bands()).extracting(Band::level).containsExactly(6.0, 8.5, 9.5, 3.0, 10.0);
        assertThat(strand.bands())
                .extracting(Band::kind)
                .containsExactly(
                        BandKind.NATURAL,
                        BandKind.LIGHTENED,
                        BandKind.LIGHTENED,
                        BandKind.COLOURED,
                        BandKind.LIGHTENED);
        assertThat(strand.bands().get(2).tone()).isEqualTo(Tone.BEIGE);
        assertThat(strand.bands().get(2).porosity()).isEqualTo(Porosity.HIGH);
        assertThat(strand.bands().get(4).porosity()).isEqualTo(Porosity.VERY_HIGH);
        assertThat(BandLine.read(BandLine.of(strand))).isEqualTo(strand);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'' | line | refusal.BAND_LINE",
                "6n 5, hello | line | {character=7}",
                "6x 5 | line | {character=1}",
                "6n 5, 14l 9 | band 2.level | {least=1, most=12, unit=unit.IN_HALVES}",
                "6n 5, 8l 4 | band 2.toCm | ENDS_BELOW",
                "6n-red 5 | band 1.tone | tone.NATURAL, tone.ASH, tone.GOLD",
                "6n 5, 8l | line | {character=7}",
                "6n 500 | band 1.toCm | {least=0, most=150, unit=unit.CM}"
            })
    void aLineThatIsNotUnderstoodSaysWhere(String line, String field, String why) {
        assertThatThrownBy(() -> BandLine.read(line)).isInstanceOfSatisfying(RefusedInput.class, refused -> {
            assertThat(refused.field()).isEqualTo(field);
            assertThat(refused.getMessage()).contains(why);
        });
    }

    @Test
    void aZoneIsToldInOneSentence() {
        BandDetail felt = BandDetail.NONE.withPast(2, 5, 6).withStretch(Elasticity.SPRINGS_BACK);
        Zone crown = new Zone(
                ZonePlace.CROWN_LEFT,
                new Strand(List.of(
                        new Band(0, 6, BandKind.NATURAL, 6.5, Tone.ASH, Porosity.NORMAL, 0.3),
                        new Band(6, 38, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.HIGH, 0, felt))));
        assertThat(ReadOut.sentence(crown))
                .isEqualTo(
                        "Crown left, 38 cm: natural level 6½ ash, 30 % grey to 6 cm; lightened, level 9 light yellow,"
                                + " high porosity, 2 layers, wet it springs back to the ends.");
    }

    @Test
    void zonesHaveHalvesAndAHeadHasEitherOrBoth() {
        for (ZonePlace place : ZonePlace.values()) {
            for (ZonePlace half : place.halves()) {
                assertThat(half.whole()).contains(place);
                Strand strand = BandLine.read("6n 30");
                assertThatThrownBy(() -> new Head(
                                List.of(new Zone(place, strand), new Zone(half, strand)),
                                Density.NORMAL,
                                Thickness.NORMAL))
                        .hasMessageContaining("WHOLE_OR_HALVES");
            }
        }
        assertThat(ZonePlace.HAIRLINE.whole()).isEqualTo(Optional.empty());
    }

    /** Home black over a root that grows at 5: a remover finds the 5, where unknown hair might be black all through. */
    @Test
    void underOldDarkColourLiesTheHairAsItGrows() {
        Band black = band(BandKind.COLOURED, 1, Tone.NATURAL, 0, BandDetail.NONE.withPast(3, 1, 12));
        Canvas unknown = Reading.canvasOf(black, Thickness.NORMAL);
        Canvas known = Reading.canvasOf(black, Thickness.NORMAL, OptionalDouble.of(5));
        assertThat(Ciede2000.between(known.lab(), unknown.lab()))
                .as("they look alike")
                .isLessThan(2);
        Canvas cleared = known;
        Canvas other = unknown;
        for (int round = 0; round < 3; round++) {
            cleared = RemoverRound.USUAL.on(cleared);
            other = RemoverRound.USUAL.on(other);
        }
        assertThat(cleared.level()).isBetween(4.0, 5.5);
        assertThat(other.level()).isLessThan(2.5);
        assertThat(Reading.explained(black, OptionalDouble.of(5)))
                .as("never over darker hair than it grows")
                .hasSizeLessThan(Reading.explained(black).size())
                .isNotEmpty();
        Band light = band(BandKind.COLOURED, 7, Tone.COPPER, 0, BandDetail.NONE);
        assertThat(Reading.explained(light, OptionalDouble.of(6))).isEqualTo(Reading.explained(light));
    }
}
