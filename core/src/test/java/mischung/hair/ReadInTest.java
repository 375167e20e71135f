package mischung.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.said.Heard;
import mischung.said.RefusedInput;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ReadInTest {
    private static Lab lab(Pigments pigments) {
        return Canvas.of(pigments, Porosity.NORMAL).lab();
    }

    /** What is measured off hair of the model's own making is found again, and the truth is among what looks alike. */
    @Property
    void whatWasLaidIsFoundAmongWhatLooksAlike(
            @ForAll @DoubleRange(min = 7, max = 10) double under,
            @ForAll @DoubleRange(max = 0.15) double yellow,
            @ForAll @DoubleRange(min = 0.02, max = 0.15) double red,
            @ForAll @DoubleRange(min = 0.02, max = 0.15) double blue) {
        double halves = LevelScale.inHalves(under);
        Lab seen = lab(PigmentLine.LIFTED.at(halves).plus(new Dyes(yellow, red, 0, blue)));
        ReadIn read = ReadIn.of(seen, Past.of(Past.Kind.COLOURED_OVER_LIFTED));
        assertThat(read.misfit()).isLessThan(1);
        assertThat(read.underFrom()).isLessThanOrEqualTo(halves);
        assertThat(read.underTo()).isGreaterThanOrEqualTo(halves);
        for (ReadIn.Explanation way : read.alike()) {
            assertThat(Ciede2000.between(seen, lab(way.pigments()))).isCloseTo(way.misfit(), within(1e-6));
        }
    }

    /** A brown can be natural hair, or colour over many sorts of hair; without a history they cannot be told apart. */
    @Test
    void withoutAHistoryDyeCannotBeToldFromNaturalPigment() {
        ReadIn read = ReadIn.of(5, ToneMix.of(Tone.NATURAL), Past.of(Past.Kind.UNKNOWN));
        assertThat(read.alike().stream().map(ReadIn.Explanation::kind))
                .contains(Past.Kind.AS_GROWN, Past.Kind.COLOURED, Past.Kind.COLOURED_OVER_LIFTED);
        assertThat(read.underTo() - read.underFrom()).isGreaterThan(2);
        assertThat(read.ways())
                .extracting(way -> Heard.figure(way, "kind"))
                .contains("pastKind.AS_GROWN", "pastKind.COLOURED");
        ReadIn known = ReadIn.of(
                5, ToneMix.of(Tone.NATURAL), Past.of(Past.Kind.COLOURED).under(6, 7));
        assertThat(known.underFrom()).isGreaterThanOrEqualTo(6);
        assertThat(known.underTo()).isLessThanOrEqualTo(7);
        assertThat(Heard.figure(known.ways().get(0), "kind")).isEqualTo("pastKind.COLOURED");
    }

    @ParameterizedTest
    @EnumSource(Past.Kind.class)
    void everyHistoryExplainsABrown(Past.Kind kind) {
        ReadIn read = ReadIn.of(5, ToneMix.of(Tone.NATURAL), Past.of(kind));
        assertThat(read.best().pigments()).isNotNull();
        assertThat(lab(read.best().pigments()).l()).isCloseTo(LevelScale.lightnessOf(5), within(2.5));
        assertThat(read.alike()).contains(read.best());
    }

    /** Natural and lifted hair of the model's lines are explained by themselves, nearly exactly. */
    @ParameterizedTest
    @CsvSource({"3, NATURAL, AS_GROWN", "8, NATURAL, AS_GROWN", "6, AS_LIFTED, LIFTED", "10, AS_LIFTED, LIFTED"})
    void theLinesExplainThemselves(double level, Tone tone, Past.Kind kind) {
        assertThat(ReadIn.of(level, ToneMix.of(tone), Past.of(kind)).misfit()).isLessThan(0.05);
    }

    @ParameterizedTest
    @CsvSource({"NaN, 0, 0, L*", "120, 0, 0, L*", "50, Infinity, 0, a*", "50, 0, -400, b*"})
    void absurdMeasurementsAreRefused(double l, double a, double b, String field) {
        assertThatThrownBy(() -> ReadIn.of(Lab.d65(l, a, b), Past.of(Past.Kind.UNKNOWN)))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(refused.field()).isEqualTo(field));
    }

    @Test
    void absurdHistoriesAreRefused() {
        assertThatThrownBy(() -> Past.of(Past.Kind.COLOURED).under(8, 6)).hasMessageContaining("underTo");
        assertThatThrownBy(() -> Past.of(Past.Kind.COLOURED).under(Double.NaN, 6))
                .hasMessageContaining("underFrom");
        assertThatThrownBy(() -> Past.of(Past.Kind.COLOURED).withLayers(-1)).hasMessageContaining("layers");
        assertThatThrownBy(() -> ReadIn.of(6.3, ToneMix.of(Tone.NATURAL), Past.of(Past.Kind.AS_GROWN)))
                .hasMessageContaining("level");
    }

    /** R39: each stretch has its own part of the budget, and together they cover it. */
    @Test
    void elasticitiesTileTheBudget() {
        double top = 1;
        for (Elasticity elasticity : Elasticity.values()) {
            assertThat(elasticity.to()).isEqualTo(top);
            top = elasticity.from();
            assertThat(Elasticity.of((elasticity.from() + elasticity.to()) / 2)).isEqualTo(elasticity);
        }
        assertThat(top).isZero();
        assertThat(Elasticity.SPRINGS_BACK.mayGoOn()).isTrue();
        assertThat(Elasticity.STAYS_STRETCHED.mayGoOn()).isFalse();
    }

    @Test
    void aStretchResetsTheBudgetAndTreatmentsStopAtTheCeiling() {
        Fibre fresh = Fibre.read(Thickness.NORMAL, Porosity.NORMAL);
        assertThat(fresh.stretched(Elasticity.STAYS_STRETCHED).integrity()).isLessThanOrEqualTo(0.4);
        assertThat(fresh.stretched(Elasticity.SPRINGS_BACK)).isEqualTo(fresh);
        Fibre worn = fresh.spent(0.4);
        assertThat(worn.ceiling()).isLessThan(fresh.ceiling());
        assertThat(worn.restored(1).integrity()).isEqualTo(worn.ceiling());
        assertThat(worn.spent(5).integrity()).as("nothing below nothing").isZero();
        assertThat(worn.porosity()).isGreaterThan(fresh.porosity());
    }
}
