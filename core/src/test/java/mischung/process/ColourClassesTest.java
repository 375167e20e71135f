package mischung.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.light.Ciede2000;
import mischung.product.DirectHue;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Every class of colour: what it leaves, what it lifts, what it does to the next. */
class ColourClassesTest {
    private static final Dyes BROWN = new Dyes(0.1, 0.08, 0, 0.1);

    private static Canvas lifted(double level) {
        return Canvas.of(PigmentLine.LIFTED.at(level), Porosity.NORMAL);
    }

    private static double oxidative(Canvas canvas) {
        return canvas.coloured().dyes().total();
    }

    /** R60, R63 (common practice): the sheer class leaves less of the same dye than the full ones. */
    @Test
    void aGlossIsSheererThanADemi() {
        Canvas demi = Application.usual(BROWN, ShadeClass.DEMI, 6).on(lifted(9));
        Canvas gloss = Application.usual(BROWN, ShadeClass.GLOSS, 6).on(lifted(9));
        assertThat(oxidative(gloss)).isLessThan(oxidative(demi));
        assertThat(gloss.fibre().layers()).isLessThan(demi.fibre().layers());
    }

    /** R18 (common practice): after the same washes permanent has kept most, gloss least. */
    @Test
    void permanentHoldsLongestAndGlossShortest() {
        double before = 2;
        for (ShadeClass shadeClass : List.of(ShadeClass.PERMANENT, ShadeClass.DEMI, ShadeClass.GLOSS)) {
            Canvas fresh = Application.usual(BROWN, shadeClass, 10).on(lifted(9));
            double kept = oxidative(Washing.times(15).on(fresh)) / oxidative(fresh);
            assertThat(kept).as("%s", shadeClass).isBetween(0.2, before - 0.02);
            before = kept;
        }
    }

    @ParameterizedTest
    @EnumSource(DirectHue.class)
    void directDyeIsLaidAsItIsAndNoRemoverTakesIt(DirectHue hue) {
        Canvas canvas = Canvas.of(PigmentLine.LIFTED.at(10), Porosity.HIGH);
        Canvas dyed = Application.usual(hue.dyes(), ShadeClass.DIRECT, 0).on(canvas);
        assertThat(dyed.coloured().dyes(DyeKind.DIRECT)).isEqualTo(hue.dyes());
        assertThat(dyed.coloured().dyes(DyeKind.OXIDATIVE)).isEqualTo(Dyes.NONE);
        assertThat(dyed.fibre().layers()).as("no oxidative layer").isZero();
        assertThat(RemoverRound.USUAL.on(dyed).coloured()).isEqualTo(dyed.coloured());
    }

    /** Hue borders in degrees of h*ab on hair lifted to 11, from memory. */
    @ParameterizedTest
    @CsvSource({
        "YELLOW, 80, 105",
        "ORANGE, 45, 75",
        "RED, 15, 45",
        "PINK, 330, 360",
        "BLUE, 200, 300",
        "GREEN, 100, 190"
    })
    void directHuesLookLikeTheirNames(DirectHue hue, double from, double to) {
        Canvas white = Canvas.of(PigmentLine.LIFTED.at(12), Porosity.HIGH);
        assertThat(Application.usual(hue.dyes(), ShadeClass.DIRECT, 0)
                        .on(white)
                        .lab()
                        .hueDegrees())
                .isBetween(from, to);
    }

    @Test
    void directDyeNeedsOpenHair() {
        double before = 0;
        for (Porosity porosity : Porosity.values()) {
            Canvas dyed = Application.usual(DirectHue.RED.dyes(), ShadeClass.DIRECT, 0)
                    .on(Canvas.of(PigmentLine.LIFTED.at(9), porosity));
            double taken = dyed.coloured().dyes(DyeKind.DIRECT).total();
            assertThat(taken).as("%s", porosity).isGreaterThan(before);
            before = taken;
        }
    }

    /** The lightest series lifts what grew and leaves colour alone; demi and gloss lift nothing whatever the developer. */
    @Test
    void onlyLiftingClassesLift() {
        Canvas seven = Canvas.of(PigmentLine.NATURAL.at(7), Porosity.NORMAL);
        Canvas coloured = lifted(9).plus(BROWN, Dyes.NONE);
        for (ShadeClass shadeClass : ShadeClass.values()) {
            Application strong = Application.usual(Dyes.NONE, shadeClass, 30);
            double gained = strong.ownLift(seven, Factors.AVERAGE).level() - seven.level();
            if (shadeClass.lifts()) {
                assertThat(gained).as("%s", shadeClass).isGreaterThan(0.5);
            } else {
                assertThat(gained).as("%s", shadeClass).isZero();
            }
            assertThat(strong.on(coloured).coloured().dyes())
                    .as("%s", shadeClass)
                    .isEqualTo(BROWN);
        }
        Application lightest = Application.usual(Dyes.NONE, ShadeClass.LIGHTEST, 40);
        Application permanent = Application.usual(Dyes.NONE, ShadeClass.PERMANENT, 40);
        assertThat(lightest.on(seven).level()).isGreaterThan(permanent.on(seven).level() + 0.5);
    }

    /** R55 (common practice): white fibres refuse a normal shade and take a coverage shade whole. */
    @Test
    void whiteFibresTakeCoverageWhole() {
        Canvas grey = Canvas.of(PigmentLine.NATURAL.at(6), Porosity.NORMAL).withGrey(0.5);
        double normal = Application.usual(BROWN, ShadeClass.PERMANENT, 10)
                .on(grey)
                .white()
                .dyes()
                .total();
        double coverage = Application.usual(BROWN, ShadeClass.COVERAGE, 10)
                .on(grey)
                .white()
                .dyes()
                .total();
        assertThat(normal).isCloseTo(0.6 * coverage, within(1e-9));
        Canvas none = Canvas.of(PigmentLine.NATURAL.at(6), Porosity.NORMAL);
        assertThat(Application.usual(BROWN, ShadeClass.COVERAGE, 10).on(none).white())
                .as("no white fibres, nothing to colour")
                .isEqualTo(Reading.WHITE_FIBRE);
    }

    /** Wetter hair, more developer, less time: never more dye. */
    @Property(tries = 200)
    void whatDilutesNeverAddsDye(
            @ForAll @DoubleRange(min = 5, max = 11) double level,
            @ForAll ShadeClass shadeClass,
            @ForAll @DoubleRange(min = 0, max = 5) double ratio,
            @ForAll @DoubleRange(min = 0, max = 4) double more,
            @ForAll @DoubleRange(max = 60) double minutes) {
        Application plain =
                Application.usual(BROWN, shadeClass, 6).withRatio(ratio).withMinutes(minutes);
        double taken = taken(plain, level);
        assertThat(taken(plain.withRatio(ratio + more), level)).isLessThanOrEqualTo(taken + 1e-12);
        assertThat(taken(plain.onHair(Wetness.DAMP), level)).isLessThanOrEqualTo(taken + 1e-12);
        assertThat(taken(plain.onHair(Wetness.WET), level))
                .isLessThanOrEqualTo(taken(plain.onHair(Wetness.DAMP), level) + 1e-12);
        assertThat(taken(plain.until(minutes / 2), level)).isLessThanOrEqualTo(taken + 1e-12);
    }

    private static double taken(Application application, double level) {
        Canvas after = application.on(lifted(level));
        return after.coloured().dyes(application.shadeClass().kind()).total();
    }

    /** Grip and looseness are the mean of what lies in the hair, by weight. */
    @Test
    void theMixOfOldAndNewDyeIsWeighed() {
        Canvas once = Application.usual(BROWN, ShadeClass.PERMANENT, 10).on(lifted(9));
        assertThat(once.fibre().grip()).isCloseTo(1, within(1e-9));
        assertThat(once.fibre().loose()).isCloseTo(0.08, within(1e-9));
        Canvas glossed = Application.usual(BROWN, ShadeClass.GLOSS, 6).on(once);
        double old = oxidative(once);
        double fresh = oxidative(glossed) - old;
        assertThat(glossed.fibre().grip()).isCloseTo((old * 1 + fresh * 0.4) / (old + fresh), within(1e-9));
        assertThat(glossed.fibre().loose()).isCloseTo((old * 0.08 + fresh * 0.35) / (old + fresh), within(1e-9));
        assertThat(Application.usual(Dyes.NONE, ShadeClass.GLOSS, 6).on(once).fibre())
                .as("clear leaves nothing")
                .isEqualTo(once.fibre());
    }

    /** Behind a barrier only its share of the colour arrives. */
    @Test
    void aBarrierKeepsColourOffToo() {
        Canvas kept = lifted(9);
        Application brown = Application.usual(BROWN, ShadeClass.DEMI, 6);
        Slip slip = Slip.of(kept, lifted(9), brown, 0.5, Barrier.FILM, Factors.AVERAGE);
        assertThat(oxidative(slip.strip())).isCloseTo(0.05 * oxidative(brown.on(kept)), within(1e-9));
        assertThat(slip.bands()).isFalse();
        Slip shortOf = Slip.of(kept, lifted(9), brown, -0.5, Barrier.NONE, Factors.AVERAGE);
        assertThat(shortOf.againstKept()).as("left as it was").isZero();
        assertThat(shortOf.againstWorked())
                .isCloseTo(Ciede2000.between(brown.on(kept).lab(), kept.lab()), within(1e-9));
    }

    /** An equaliser works until the next wash. */
    @Test
    void anEqualiserLastsUntilTheNextWash() {
        Canvas porous = Canvas.of(PigmentLine.LIFTED.at(9), Porosity.VERY_HIGH);
        Canvas evened = new Care(Care.Kind.EQUALISER, 5).on(porous);
        assertThat(evened.fibre().evened()).isTrue();
        assertThat(Washing.times(1).on(evened).fibre().evened()).isFalse();
        assertThat(new Care(Care.Kind.EQUALISER, 0).on(porous)).isEqualTo(porous);
    }

    /** Figures given for four porosities run straight between them. */
    @Test
    void porosityMayLieBetweenItsSteps() {
        Shade brown = Shade.derived(ShadeClass.DEMI, 7, Tone.NATURAL);
        double[] blues = new double[3];
        for (int i = 0; i < 3; i++) {
            Fibre fibre = Fibre.read(Thickness.NORMAL, 1 + 0.5 * i, 0);
            blues[i] = Application.usual(brown.dyes(), ShadeClass.DEMI, 6)
                    .on(lifted(9).with(fibre))
                    .coloured()
                    .amount(Pigment.DYE_BLUE);
        }
        assertThat(blues[1]).isCloseTo((blues[0] + blues[2]) / 2, within(1e-9));
    }
}
