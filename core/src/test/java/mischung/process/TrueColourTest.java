package mischung.process;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Lab;
import mischung.plan.Action;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.school.School;
import mischung.wish.Wish;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a colour does where it is laid, at 10 vol or less and full time (R59, common practice, no source). */
class TrueColourTest {
    private static Canvas laid(Canvas hair, ShadeClass of, double level, Tone tone, double share) {
        return Application.usual(Shade.derived(of, level, tone).dyes().times(share), of, 10)
                .on(hair);
    }

    private static Canvas lifted(double level) {
        return Canvas.of(PigmentLine.LIFTED.at(level), Porosity.NORMAL);
    }

    /** A shade of the hair's own level on unlifted hair darkens it by no more than half a level. */
    @Property(tries = 200)
    void itsOwnLevelHardlyDarkensHairThatWasNeverLifted(
            @ForAll @DoubleRange(min = 2, max = 9) double level,
            @ForAll("closed") Porosity porosity,
            @ForAll("depositing") ShadeClass of) {
        Canvas hair = Canvas.of(PigmentLine.NATURAL.at(level), porosity);
        double darker = hair.level() - laid(hair, of, level, Tone.NATURAL, 1).level();
        assertThat(darker).isBetween(0.0, 0.5);
    }

    /**
     * What is deeper than hair that was never lifted covers it: one or two levels deeper it comes to about its own level, three and more
     * up to a level and a half too light, since nothing filled it (common practice, no source).
     */
    @Property(tries = 200)
    void whatIsDeeperCoversHairThatWasNeverLifted(
            @ForAll @DoubleRange(min = 4, max = 8) double level,
            @ForAll @DoubleRange(min = 1, max = 4) double deeper,
            @ForAll("depositing") ShadeClass of) {
        double shade = Math.max(1.5, level - deeper);
        Canvas hair = Canvas.of(PigmentLine.NATURAL.at(level), Porosity.NORMAL);
        double end = laid(hair, of, shade, Tone.NATURAL, 1).level();
        assertThat(end - shade).isBetween(-0.4, deeper <= 2 ? 0.65 : 1.5);
    }

    @Provide
    Arbitrary<Porosity> closed() {
        return Arbitraries.of(Porosity.LOW, Porosity.NORMAL);
    }

    @Provide
    Arbitrary<ShadeClass> depositing() {
        return Arbitraries.of(ShadeClass.PERMANENT, ShadeClass.DEMI);
    }

    static Stream<double[]> filledJobs() {
        return DoubleStream.iterate(4, level -> level <= 8, level -> level + 0.5)
                .boxed()
                .flatMap(level -> Stream.of(9.5, 10.0, 11.0).map(canvas -> new double[] {level, canvas}));
    }

    /** On lifted hair that was filled by the school it comes to its own level, neutral to a little warm. */
    @ParameterizedTest
    @MethodSource("filledJobs")
    void overTheFillerItComesToItsOwnLevel(double[] job) {
        double level = job[0];
        Plan plan = Planner.plan(
                Heads.of(List.of(new Band(0, 30, BandKind.LIGHTENED, job[1], Tone.AS_LIFTED, Porosity.NORMAL, 0))),
                new Wish(level, Tone.NATURAL),
                School.LADDER,
                ProductRange.demo());
        BandRef at = new BandRef(0, 0);
        Canvas hair = plan.steps().stream()
                .filter(step -> step.kind() == Action.FILL)
                .reduce((first, second) -> second)
                .map((PlanStep step) -> step.outcome(at).hair().canvas())
                .orElse(lifted(job[1]));
        Canvas after = laid(hair, ShadeClass.DEMI, level, Tone.NATURAL, 1);
        Lab natural = ToneScale.colourOf(level, Tone.NATURAL);
        assertThat(after.level()).isBetween(level - 0.5, level + 0.5);
        assertThat(after.lab().hueDegrees()).isBetween(natural.hueDegrees() - 15, natural.hueDegrees() + 8);
        assertThat(after.lab().chroma())
                .isBetween((plan.fills() ? 0.75 : 0.6) * natural.chroma(), 1.5 * natural.chroma());
    }

    /** On unfilled hair four levels lighter it stays about a level too light and turns greenish grey. */
    @Property(tries = 100)
    void unfilledItStaysLightAndTurnsHollow(@ForAll @DoubleRange(min = 4.5, max = 8) double level) {
        Canvas after = laid(lifted(level + 4), ShadeClass.DEMI, level, Tone.NATURAL, 1);
        assertThat(after.level() - level).isBetween(0.75, 1.5);
        if (after.lab().chroma() >= 6) {
            assertThat(after.lab().hueDegrees()).isBetween(95.0, 140.0);
        }
    }

    /** A warm level 8 filler on lifted 10 comes to 7½ to 8. */
    @ParameterizedTest
    @EnumSource(names = {"GOLD", "COPPER"})
    void aWarmFillerComesToItsLevel(Tone tone) {
        assertThat(laid(lifted(10), ShadeClass.DEMI, 8, tone, 1).level()).isBetween(7.45, 8.05);
    }

    @Provide
    Arbitrary<Tone> toners() {
        return Arbitraries.of(Tone.VIOLET, Tone.PEARL, Tone.ASH);
    }

    @Provide
    Arbitrary<ShadeClass> sheer() {
        return Arbitraries.of(ShadeClass.GLOSS, ShadeClass.DEMI);
    }

    /**
     * A violet, pearl or ash toner of 9 or 10 on lifted 10 leaves 9 to 9½, cool beige, its yellow mostly gone; the same with as
     * much clear about half a level to a level lighter; on lifted 9 it stays golden.
     */
    @Property(tries = 60)
    void tonersTone(
            @ForAll("toners") Tone tone,
            @ForAll("sheer") ShadeClass of,
            @ForAll @IntRange(min = 18, max = 20) int halfLevels) {
        double level = halfLevels / 2.0;
        Canvas toned = laid(lifted(10), of, level, tone, 1);
        assertThat(toned.level()).isBetween(8.9, 9.5);
        assertThat(toned.lab().chroma()).isLessThanOrEqualTo(16);
        assertThat(toned.lab().hueDegrees()).as("not green").isBetween(50.0, 105.0);
        Canvas sheer = laid(lifted(10), of, level, tone, 0.5);
        assertThat(sheer.level() - toned.level()).isBetween(0.4, 1.0);
        assertThat(laid(lifted(9), of, level, tone, 1).lab().chroma())
                .as("golden")
                .isGreaterThan(18);
    }

    /** White needs a canvas of 11. */
    @ParameterizedTest
    @EnumSource(names = {"VIOLET", "PEARL", "SILVER"})
    void whiteNeedsEleven(Tone tone) {
        assertThat(laid(lifted(11), ShadeClass.DEMI, 10, tone, 1).lab().chroma())
                .isLessThan(10)
                .isLessThan(0.6
                        * laid(lifted(10), ShadeClass.DEMI, 10, tone, 1).lab().chroma());
    }

    /** What lifted hair of a level shows; the figures of the design, within 4 degrees and 4 of chroma. */
    @ParameterizedTest
    @CsvSource({"9, 38, 80", "10, 29, 85", "11, 21, 88", "12, 14, 90"})
    void theLightEndOfTheLiftedLadder(double level, double chroma, double hue) {
        Lab lifted = lifted(level).lab();
        assertThat(lifted.chroma()).isBetween(chroma - 4, chroma + 4);
        assertThat(lifted.hueDegrees()).isBetween(hue - 4, hue + 4);
    }

    @Provide
    Arbitrary<Canvas> colouredHair() {
        Arbitrary<Canvas> read = Combinators.combine(
                        Arbitraries.of(Tone.values()).filter(tone -> tone.wishable() && !tone.fashion()),
                        Arbitraries.doubles().between(2, 8),
                        Arbitraries.of(Porosity.values()))
                .as((tone, level, porosity) -> Reading.canvasOf(
                        new Band(0, 20, BandKind.COLOURED, Math.rint(2 * level) / 2, tone, porosity, 0)));
        Arbitrary<Canvas> mixed = Combinators.combine(
                        Arbitraries.doubles().between(1, 8),
                        Arbitraries.doubles().between(0, 0.25),
                        Arbitraries.doubles().between(0, 0.15),
                        Arbitraries.doubles().between(0, 0.2),
                        Arbitraries.doubles().between(0, 0.3))
                .as((level, yellow, red, violet, blue) -> Canvas.of(PigmentLine.NATURAL.at(level), Porosity.NORMAL)
                        .plus(DyeKind.OXIDATIVE, new Dyes(yellow, red, violet, blue), Dyes.NONE));
        return Arbitraries.oneOf(read, mixed);
    }

    /** R34a: coloured hair ends like other lifted hair, not brighter; no neon. */
    @Property(tries = 400)
    void noHairWithMelaninAndOxidativeColourLiftsToNeon(
            @ForAll("colouredHair") Canvas hair, @ForAll @DoubleRange(min = 5, max = 120) double minutes) {
        double before = hair.lab().chroma();
        Lab lifted = Lightening.of(LiftProduct.LIGHTENER, 20, minutes, Setting.FOIL)
                .on(hair)
                .lab();
        assertThat(lifted.chroma()).isLessThanOrEqualTo(Math.max(55, before));
    }
}
