package mischung.light;

import static mischung.said.Heard.a;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import mischung.DataFile;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class LightTest {
    private static final DataFile PAIRS = DataFile.of(mischung.validation.Check.class, "ciede2000-34-pairs.csv");

    static Stream<Integer> pairs() {
        return IntStream.range(0, PAIRS.size()).boxed();
    }

    /** Sharma, Wu, Dalal: The CIEDE2000 Color-Difference Formula, Color Res. Appl. 30 (2005), table 1. */
    @ParameterizedTest
    @MethodSource("pairs")
    void ciede2000MeetsThePublishedPairs(int row) {
        Lab one = Lab.d65(PAIRS.number(row, "L1"), PAIRS.number(row, "a1"), PAIRS.number(row, "b1"));
        Lab two = Lab.d65(PAIRS.number(row, "L2"), PAIRS.number(row, "a2"), PAIRS.number(row, "b2"));
        assertThat(Ciede2000.between(one, two)).isCloseTo(PAIRS.number(row, "dE00"), within(5e-5));
        assertThat(Ciede2000.between(two, one)).isCloseTo(PAIRS.number(row, "dE00"), within(5e-5));
    }

    @Test
    void thereAreThirtyFourPairs() {
        assertThat(PAIRS.size()).isEqualTo(34);
    }

    /** CIE 015, white points of the 2° observer, Y = 100. */
    @ParameterizedTest
    @CsvSource({
        "D65, 95.043, 108.880",
        "D50, 96.412, 82.499",
        "A, 109.849, 35.582",
        "F2, 99.186, 67.394",
        "F11, 100.961, 64.351"
    })
    void whitePointsAreThePublishedOnes(Illuminant light, double x, double z) {
        assertThat(light.white().x()).isCloseTo(x, within(0.005));
        assertThat(light.white().y()).isEqualTo(100);
        assertThat(light.white().z()).isCloseTo(z, within(0.005));
        Lab white = light.reflected(Spectrum.sampled(nm -> 1)).toLab();
        assertThat(white.l()).isCloseTo(100, within(1e-9));
        assertThat(white.chroma()).isCloseTo(0, within(1e-9));
    }

    /** IEC 61966-2-1, the primaries' tristimulus values. */
    @ParameterizedTest
    @CsvSource({"1,0,0, 41.24,21.26,1.93", "0,1,0, 35.76,71.52,11.92", "0,0,1, 18.05,7.22,95.05"})
    void srgbPrimaries(double r, double g, double b, double x, double y, double z) {
        Xyz xyz = new Srgb(r, g, b).toXyz();
        assertThat(xyz.x()).isCloseTo(x, within(1e-9));
        assertThat(xyz.y()).isCloseTo(y, within(1e-9));
        assertThat(xyz.z()).isCloseTo(z, within(1e-9));
    }

    @Property(tries = 500)
    void srgbGoesThereAndBack(
            @ForAll @DoubleRange(max = 1) double r,
            @ForAll @DoubleRange(max = 1) double g,
            @ForAll @DoubleRange(max = 1) double b) {
        Srgb back = Srgb.of(new Srgb(r, g, b).toXyz().toLab().toXyz());
        // The standard gives both matrices to four decimals; their product is the identity to about 3e-4.
        assertThat(back.r()).isCloseTo(r, within(2e-3));
        assertThat(back.g()).isCloseTo(g, within(2e-3));
        assertThat(back.b()).isCloseTo(b, within(2e-3));
        assertThat(new Srgb(r, g, b).hex()).matches("#[0-9a-f]{6}");
    }

    @Property(tries = 500)
    void labLchAndAdaptationGoThereAndBack(
            @ForAll @DoubleRange(min = 1, max = 100) double l,
            @ForAll @DoubleRange(min = -80, max = 80) double a,
            @ForAll @DoubleRange(min = -80, max = 80) double b) {
        Lab lab = Lab.d65(l, a, b);
        Lab back = lab.toLch()
                .toLab()
                .toXyz()
                .adaptedTo(Illuminant.A.white())
                .adaptedTo(WhitePoint.d65())
                .toLab();
        assertThat(back.l()).isCloseTo(l, within(1e-6));
        assertThat(back.a()).isCloseTo(a, within(1e-6));
        assertThat(back.b()).isCloseTo(b, within(1e-6));
    }

    /** ICC.1, annex E: Bradford takes the white of one light to the white of the other. */
    @Test
    void adaptationTakesWhiteToWhite() {
        WhitePoint a = Illuminant.A.white();
        Xyz white = new Xyz(a.x(), a.y(), a.z(), a).adaptedTo(WhitePoint.d65());
        assertThat(white.x()).isCloseTo(WhitePoint.d65().x(), within(1e-9));
        assertThat(white.z()).isCloseTo(WhitePoint.d65().z(), within(1e-9));
        assertThat(Srgb.of(new Xyz(a.x(), a.y(), a.z(), a)).hex()).isEqualTo("#ffffff");
    }

    @Test
    void coloursOfDifferentWhitesAreNotCompared() {
        Lab warm = Illuminant.A.reflected(Spectrum.sampled(nm -> 0.5)).toLab();
        assertThatThrownBy(() -> Ciede2000.between(Lab.d65(50, 0, 0), warm))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("white");
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void noColourHasFiguresThatAreNone(double absurd) {
        WhitePoint white = WhitePoint.d65();
        refused("L*", absurd, () -> Lab.d65(absurd, 0, 0));
        refused("a*", absurd, () -> Lab.d65(50, absurd, 0));
        refused("b*", absurd, () -> Lab.d65(50, 0, absurd));
        refused("C*", absurd, () -> Lch.d65(50, absurd, 0));
        refused("h", absurd, () -> Lch.d65(50, 20, absurd));
        refused("X", absurd, () -> new Xyz(absurd, 1, 1, white));
        refused("Z", absurd, () -> new Xyz(1, 1, absurd, white));
        refused("g", absurd, () -> new Srgb(0, absurd, 0));
        assertThatThrownBy(() -> new Srgb(0, 0, 1.5)).hasMessageContaining("FROM_TO{least=0, most=1}");
    }

    private static void refused(String field, double value, ThrowingCallable call) {
        assertThatThrownBy(call).isInstanceOfSatisfying(RefusedInput.class, refused -> {
            assertThat(refused.field()).isEqualTo(field);
            assertThat(refused.value()).isEqualTo(Double.toString(value));
            assertThat(refused.remedy()).matches(a(RefusalMessage.FROM_TO));
        });
    }

    @Test
    void spectraMustBeWholeAndFinite() {
        assertThatThrownBy(() -> Spectrum.of(1, 2, 3))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("SAMPLES");
        assertThatThrownBy(() -> Spectrum.sampled(nm -> Double.NaN)).isInstanceOf(RefusedInput.class);
    }
}
