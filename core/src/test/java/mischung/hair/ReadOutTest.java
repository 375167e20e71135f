package mischung.hair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Set;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Spectrum;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Out of pigments: reflectance, five lights, mixtures, wet hair. */
class ReadOutTest {
    /** Chiang et al. 2016, equation 9, reckoned here in full, over the surface reflection of the constants' file. */
    @Property(tries = 200)
    void reflectanceIsThePublishedFormula(
            @ForAll @DoubleRange(max = 3) double eumelanin,
            @ForAll @DoubleRange(max = 2) double red,
            @ForAll @DoubleRange(max = 2) double direct) {
        Pigments pigments = Pigments.natural(eumelanin, 0)
                .plus(new Dyes(0, red, 0, 0))
                .plus(DyeKind.DIRECT, new Dyes(0, 0, 0, direct));
        double f = 5.969 - 0.215 * 0.3 + 2.532 * 0.09 - 10.73 * 0.027 + 5.574 * 0.0081 + 0.245 * 0.00243;
        Spectrum reflectance = pigments.reflectance();
        for (int i = 0; i < Spectrum.SAMPLES; i += 8) {
            double nm = Spectrum.nanometres(i);
            double sigma = eumelanin * Math.pow(nm / 550, -3.33)
                    + 0.006 * bell(nm, 400, 35)
                    + red * bell(nm, 520, 40)
                    + direct * bell(nm, 610, 40);
            assertThat(reflectance.at(i)).isCloseTo(0.018 + 0.982 * Math.exp(-f * Math.sqrt(sigma)), within(2e-6));
        }
    }

    private static double bell(double nm, double centre, double width) {
        return Math.exp(-0.5 * Math.pow((nm - centre) / width, 2));
    }

    /** The short way to a level is the long way's L*. */
    @Property(tries = 100)
    void theShortWayToALevelIsTheLongOne(
            @ForAll @DoubleRange(min = 1, max = 12) double level, @ForAll @DoubleRange(max = 1) double grey) {
        Canvas canvas = Canvas.of(PigmentLine.LIFTED.at(level), Porosity.NORMAL).withGrey(grey);
        assertThat(canvas.level()).isCloseTo(canvas.look().level(), within(1e-9));
        assertThat(Illuminant.D65.lightness(canvas.reflectance()))
                .isCloseTo(canvas.lab().l(), within(1e-9));
    }

    @Test
    void hairLooksDifferentInEachOfTheFiveLights() {
        Look copper = Canvas.of(PigmentLine.LIFTED.at(7), Porosity.NORMAL).look();
        Set<String> seen = new HashSet<>();
        for (Illuminant light : Illuminant.values()) {
            seen.add(copper.under(light).hex());
        }
        assertThat(seen).hasSize(5);
    }

    /** R72: two hairs that match in daylight may part in warm light, since dye and pigment are different spectra. */
    @Test
    void whatMatchesInDaylightMayPartInWarmLight() {
        Pigments grown = PigmentLine.NATURAL.at(6);
        ReadIn dyed = ReadIn.of(
                Canvas.of(grown, Porosity.NORMAL).lab(),
                Past.of(Past.Kind.COLOURED_OVER_LIFTED).under(9, 9));
        Pigments match = dyed.best().pigments();
        assertThat(dyed.misfit()).isLessThan(0.5);
        Lab one = Illuminant.A.reflected(grown.reflectance()).toLab();
        Lab two = Illuminant.A.reflected(match.reflectance()).toLab();
        assertThat(Ciede2000.between(one, two)).isGreaterThan(dyed.misfit() + 0.3);
    }

    /** Woven light and dark read between the two, at their mean luminance (Y is linear in reflectance). */
    @Property(tries = 100)
    void wovenHairHasTheMeanLuminance(@ForAll @DoubleRange(max = 1) double share) {
        Spectrum dark = PigmentLine.NATURAL.at(5).reflectance();
        Spectrum light = PigmentLine.LIFTED.at(10).reflectance();
        double mixed = Illuminant.D65.reflected(dark.mixedWith(light, share)).y();
        double mean = (1 - share) * Illuminant.D65.reflected(dark).y()
                + share * Illuminant.D65.reflected(light).y();
        assertThat(mixed).isCloseTo(mean, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(PigmentLine.class)
    void wetHairIsDarkerAtEveryLevelAndGreyToo(PigmentLine line) {
        for (double level = 2; level <= 12; level++) {
            Canvas canvas = Canvas.of(line.at(level), Porosity.NORMAL);
            assertThat(Look.of(canvas.wetReflectance()).level()).isLessThan(canvas.level());
            Canvas grey = canvas.withGrey(0.4);
            assertThat(Look.of(grey.wetReflectance()).level()).isLessThan(grey.level());
        }
    }

    @Test
    void directAndOxidativeDyeOfTheSameAmountLookTheSame() {
        Dyes dyes = new Dyes(0.1, 0.2, 0, 0.1);
        Pigments base = PigmentLine.LIFTED.at(9);
        assertThat(base.plus(DyeKind.DIRECT, dyes).reflectance())
                .isEqualTo(base.plus(DyeKind.OXIDATIVE, dyes).reflectance());
        assertThat(base.plus(DyeKind.DIRECT, dyes)).isNotEqualTo(base.plus(DyeKind.OXIDATIVE, dyes));
    }
}
