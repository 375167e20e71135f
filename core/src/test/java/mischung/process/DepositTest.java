package mischung.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.hair.Look;
import mischung.hair.Pigment;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;
import mischung.product.Mix;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DepositTest {
    private static Canvas lifted(double level, Porosity porosity) {
        return Canvas.of(PigmentLine.LIFTED.at(level), porosity);
    }

    private static Canvas laid(Canvas canvas, Application application) {
        return application.on(canvas);
    }

    private static Application full(Dyes dyes, ShadeClass shadeClass) {
        return Application.usual(dyes, shadeClass, 10);
    }

    private static Look shade(double shadeLevel, Tone tone, double canvas) {
        Shade shade = Shade.derived(ShadeClass.PERMANENT, shadeLevel, tone);
        return laid(lifted(canvas, Porosity.NORMAL), full(shade.dyes(), ShadeClass.PERMANENT))
                .look();
    }

    /** R5 (common practice): ash or neutral brown on yellow, unfilled hair turns green or grey; ash soonest. */
    @Test
    void brownOnUnfilledYellowTurnsGreyOrGreen() {
        Look natural = shade(6, Tone.NATURAL, 10);
        Look ash = shade(6, Tone.ASH, 10);
        double wished = ToneScale.colourOf(6, Tone.NATURAL).chroma();
        assertThat(natural.lab().chroma()).isLessThan(0.5 * wished);
        assertThat(ash.tone()).containsAnyOf("grey", "green", "blue");
        assertThat(ash.lab().hueDegrees()).isBetween(95.0, 290.0);
        assertThat(shade(5, Tone.ASH, 10).lab().hueDegrees()).isBetween(95.0, 290.0);
    }

    /** R5: a little blue on pale yellow goes past yellow to green. */
    @Test
    void aLittleBlueOnYellowIsGreen() {
        Look look = laid(lifted(10, Porosity.NORMAL), full(new Dyes(0, 0, 0, 0.03), ShadeClass.PERMANENT))
                .look();
        assertThat(look.lab().hueDegrees()).isGreaterThan(100);
    }

    /** R6 (common practice): 5 and 7 in equal parts behave about as 6 does on the hair they are meant for. */
    @Test
    void fiveAndSevenMakeSix() {
        Mix mix = new Mix(List.of(
                new Mix.Part(Shade.derived(ShadeClass.PERMANENT, 5, Tone.NATURAL), 1),
                new Mix.Part(Shade.derived(ShadeClass.PERMANENT, 7, Tone.NATURAL), 1)));
        Look look = laid(lifted(7.5, Porosity.NORMAL), full(mix.dyes(), ShadeClass.PERMANENT))
                .look();
        assertThat(look.level()).isBetween(5.5, 6.5);
    }

    /**
     * R10 (common practice): four levels straight down come out light and hollow; two levels land. And with the warmth of
     * a lifted 8 put back first, the same 6 lands.
     */
    @Test
    void threeLevelsAndMoreNeedTheWarmthFirst() {
        Look bare = shade(6, Tone.NATURAL, 10);
        assertThat(bare.level()).isGreaterThan(6.5);
        Look twoLevels = shade(7, Tone.NATURAL, 9);
        assertThat(twoLevels.level()).isBetween(6.5, 7.5);
        assertThat(Ciede2000.between(ToneScale.colourOf(7, Tone.NATURAL), twoLevels.lab()))
                .isLessThan(5);
        Look onWarm = laid(
                        filled(8),
                        full(Shade.derived(ShadeClass.DEMI, 6, Tone.NATURAL).dyes(), ShadeClass.DEMI))
                .look();
        assertThat(Ciede2000.between(ToneScale.colourOf(6, Tone.NATURAL), onWarm.lab()))
                .isLessThan(4);
    }

    /** Lifted 10 under a filler as it is usually mixed: gold and copper with a splash of natural. */
    private static Canvas filled(double level) {
        Mix filler = new Mix(List.of(
                new Mix.Part(Shade.derived(ShadeClass.DEMI, level, Tone.GOLD), 2),
                new Mix.Part(Shade.derived(ShadeClass.DEMI, level, Tone.COPPER), 2),
                new Mix.Part(Shade.derived(ShadeClass.DEMI, level, Tone.NATURAL), 1)));
        return laid(lifted(10, Porosity.NORMAL), full(filler.dyes(), ShadeClass.DEMI));
    }

    /** A shade lands on its own name on the hair it counts on: filled a level and a half lighter. */
    @ParameterizedTest
    @ValueSource(doubles = {4, 5, 6, 7})
    void naturalShadesLandOnTheirName(double level) {
        Shade natural = Shade.derived(ShadeClass.DEMI, level, Tone.NATURAL);
        Look look =
                laid(filled(level + 1.5), full(natural.dyes(), ShadeClass.DEMI)).look();
        assertThat(look.level()).isBetween(level - 0.65, level + 0.65);
        assertThat(look.tone()).isIn("natural", "sand", "brown");
    }

    /** R50 and R7 (common practice): a violet 9 leaves lifted 10 at 9 to 9½ and cooler; with clear, lighter still. */
    @Test
    void lightTonersStayLight() {
        Shade violet = Shade.derived(ShadeClass.DEMI, 9, Tone.VIOLET);
        Canvas canvas = lifted(10, Porosity.NORMAL);
        Look toned = laid(canvas, full(violet.dyes(), ShadeClass.DEMI)).look();
        Look withClear =
                laid(canvas, full(violet.dyes().times(0.5), ShadeClass.DEMI)).look();
        assertThat(toned.level()).isBetween(8.75, 9.75);
        assertThat(toned.lab().chroma()).isLessThan(0.8 * canvas.lab().chroma());
        assertThat(withClear.level()).isGreaterThan(toned.level() + 0.3);
    }

    /** R19 (common practice): porous hair grabs darker and cooler. */
    @Test
    void porousHairGrabsDarkerAndCooler() {
        Shade six = Shade.derived(ShadeClass.DEMI, 7, Tone.NATURAL);
        Look normal = laid(lifted(9, Porosity.NORMAL), full(six.dyes(), ShadeClass.DEMI))
                .look();
        Look porous = laid(lifted(9, Porosity.HIGH), full(six.dyes(), ShadeClass.DEMI))
                .look();
        assertThat(porous.level()).isLessThan(normal.level() - 0.1);
        assertThat(porous.lab().b()).isLessThan(normal.lab().b());
        Look evened = laid(lifted(9, Porosity.HIGH).withEqualiser(), full(six.dyes(), ShadeClass.DEMI))
                .look();
        assertThat(evened.level()).isBetween(porous.level(), normal.level());
    }

    @Provide
    Arbitrary<Shade> shades() {
        // The lightest series is made to lift, and does so at any volume.
        return Arbitraries.of(ProductRange.demo().shades().stream()
                .filter(shade -> shade.shadeClass() != ShadeClass.LIGHTEST)
                .toList());
    }

    @Property(tries = 300)
    void depositNeverLightensNorTouchesWhatGrew(
            @ForAll("shades") Shade shade,
            @ForAll @DoubleRange(min = 1, max = 12) double level,
            @ForAll @DoubleRange(max = 1) double grey,
            @ForAll Porosity porosity,
            @ForAll PigmentLine line,
            @ForAll @DoubleRange(max = 90) double minutes) {
        Canvas before = Canvas.of(line.at(level), porosity).withGrey(grey);
        Canvas after =
                laid(before, full(shade.dyes(), shade.shadeClass()).withRatio(1).withMinutes(minutes));
        assertThat(after.lab().l()).isLessThanOrEqualTo(before.lab().l() + 1e-9);
        for (Pigment grown : List.of(Pigment.EUMELANIN, Pigment.PHEOMELANIN, Pigment.RESIDUE, Pigment.KERATIN)) {
            assertThat(after.coloured().amount(grown))
                    .isCloseTo(before.coloured().amount(grown), within(1e-12));
        }
        Canvas longer =
                laid(before, full(shade.dyes(), shade.shadeClass()).withRatio(1).withMinutes(minutes + 10));
        assertThat(longer.lab().l()).isLessThanOrEqualTo(after.lab().l() + 1e-9);
    }

    /** R7: adding clear never darkens. */
    @Property(tries = 200)
    void clearNeverDarkens(
            @ForAll("shades") Shade shade,
            @ForAll @DoubleRange(min = 4, max = 12) double level,
            @ForAll @DoubleRange(max = 1) double clear) {
        Canvas canvas = lifted(level, Porosity.NORMAL);
        double plain =
                laid(canvas, full(shade.dyes(), shade.shadeClass())).lab().l();
        double diluted = laid(canvas, full(shade.dyes().times(1 - clear), shade.shadeClass()))
                .lab()
                .l();
        assertThat(diluted).isGreaterThanOrEqualTo(plain - 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"-1, 20", "19, 20", "NaN, 20", "2, -5", "2, 999", "2, NaN"})
    void absurdApplicationsAreRefused(double ratio, double minutes) {
        assertThatThrownBy(
                        () -> full(Dyes.NONE, ShadeClass.DEMI).withRatio(ratio).withMinutes(minutes))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Dyes(-0.1, 0, 0, 0)).isInstanceOf(RefusedInput.class);
    }
}
