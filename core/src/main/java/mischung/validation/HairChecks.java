package mischung.validation;

import static mischung.validation.Check.atLeast;
import static mischung.validation.Check.atMost;
import static mischung.validation.Check.between;
import static mischung.validation.Sample.cancelled;
import static mischung.validation.Sample.lifted;
import static mischung.validation.Sample.lightener;
import static mischung.validation.Sample.minutesTo;
import static mischung.validation.Sample.natural;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.hair.Look;
import mischung.hair.Tone;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Spectrum;
import mischung.light.WhitePoint;
import mischung.product.ShadeClass;
import mischung.said.Unit;

/** Levels, contributing pigment, what cancels what, mixtures, wet hair: rules R1–R5, R8, R22, R50, R72. */
final class HairChecks {
    private static final Dyes VIOLET = new Dyes(0, 0, 1, 0);
    private static final Dyes BLUE = new Dyes(0, 0, 0, 1);

    private HairChecks() {}

    static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        checks.add(between(
                "R1", CheckMessage.BLACK.alone(), 1, 1.05, Unit.NONE, natural(1).level()));
        checks.add(between(
                "R1",
                CheckMessage.WHITE.alone(),
                11.5,
                12,
                Unit.NONE,
                lifted(12).level()));
        contributing(checks);
        order(checks);
        cancelling(checks);
        woven(checks);
        wet(checks);
        return checks;
    }

    private static void contributing(List<Check> checks) {
        hue(checks, 2, 15, 45);
        hue(checks, 4, 40, 55);
        hue(checks, 5, 48, 62);
        hue(checks, 6, 55, 68);
        hue(checks, 7, 60, 74);
        hue(checks, 8, 68, 80);
        hue(checks, 9, 74, 84);
        hue(checks, 10, 78, 90);
        for (double level : new double[] {6, 8, 10}) {
            Canvas worked = lightener(30, minutesTo(level, natural(4), 30)).on(natural(4));
            checks.add(atMost(
                    "R2",
                    CheckMessage.LIGHTENED_AS_LIFTED.say().count("level", level).said(),
                    3,
                    Unit.CIEDE2000,
                    Sample.misses(worked, level, Tone.AS_LIFTED)));
        }
    }

    /** Hues in degrees of h*ab for the words, from memory. */
    private static void hue(List<Check> checks, double level, double from, double to) {
        checks.add(between(
                "R2",
                CheckMessage.SHOWS.say().count("level", level).said(),
                from,
                to,
                Unit.DEGREES,
                lifted(level).lab().hueDegrees()));
    }

    /** How much darker hair is at a wavelength than a white fibre, in natural logarithms. */
    private static double depth(Canvas canvas, int nm) {
        int at = (nm - Spectrum.FIRST_NM) / Spectrum.STEP_NM;
        return -Math.log(canvas.reflectance().at(at));
    }

    private static double left(Canvas before, Canvas after, int nm) {
        return depth(after, nm) / depth(before, nm);
    }

    private static void order(List<Check> checks) {
        Canvas before = natural(5);
        Canvas after = lightener(20, 15).on(before);
        checks.add(atLeast(
                "R3",
                CheckMessage.BLUE_BEFORE_RED.alone(),
                1.05,
                Unit.TIMES,
                left(before, after, 545) / left(before, after, 640)));
        checks.add(atLeast(
                "R3",
                CheckMessage.YELLOW_LAST.alone(),
                1.05,
                Unit.TIMES,
                left(before, after, 430) / left(before, after, 545)));
    }

    private static void cancelling(List<Check> checks) {
        checks.add(atMost("R4", CheckMessage.BLUE_ORANGE.alone(), 0.5, Unit.NONE, cancelled(lifted(5), BLUE)));
        checks.add(atMost("R4", CheckMessage.VIOLET_YELLOW.alone(), 0.35, Unit.NONE, cancelled(lifted(10), VIOLET)));
        Canvas red = lifted(7).plus(new Dyes(0.1, 0.35, 0, 0), Dyes.NONE);
        checks.add(between(
                "R4",
                CheckMessage.RED_TO_BEGIN.alone(),
                10,
                45,
                Unit.DEGREES,
                red.lab().hueDegrees()));
        checks.add(
                atMost("R4", CheckMessage.GREEN_RED.alone(), 0.6, Unit.NONE, cancelled(red, new Dyes(0.2, 0, 0, 0.8))));
        Canvas green = lifted(10).plus(new Dyes(0, 0, 0, 0.06), Dyes.NONE);
        checks.add(between(
                "R5",
                CheckMessage.BLUE_TURNS_GREEN.alone(),
                100,
                180,
                Unit.DEGREES,
                green.lab().hueDegrees()));
        Canvas back = green.plus(new Dyes(0, 0.06, 0, 0), Dyes.NONE);
        checks.add(atMost(
                "R4",
                CheckMessage.RED_BRINGS_BACK.alone(),
                92,
                Unit.DEGREES,
                back.lab().hueDegrees()));
        Look brown = Sample.usual(ShadeClass.PERMANENT, 6, Tone.NATURAL)
                .on(lifted(10))
                .look();
        Look ash =
                Sample.usual(ShadeClass.PERMANENT, 6, Tone.ASH).on(lifted(10)).look();
        checks.add(atMost(
                "R5",
                CheckMessage.NATURAL_UNFILLED.alone(),
                12,
                Unit.NONE,
                brown.lab().chroma()));
        checks.add(between(
                "R5",
                CheckMessage.ASH_UNFILLED.alone(),
                95,
                290,
                Unit.DEGREES,
                ash.lab().hueDegrees()));
        checks.add(atMost(
                "R50",
                CheckMessage.VIOLET_9_5.alone(),
                0.6,
                Unit.TIMES,
                cancelled(lifted(9.5), VIOLET) / cancelled(lifted(9.5), BLUE)));
        checks.add(atMost(
                "R50",
                CheckMessage.BLUE_VIOLET_7_5.alone(),
                0.7,
                Unit.TIMES,
                cancelled(lifted(7.5), new Dyes(0, 0, 0.5, 0.5)) / cancelled(lifted(7.5), VIOLET)));
        checks.add(atMost(
                "R50",
                CheckMessage.BLUE_5_5.alone(),
                0.9,
                Unit.TIMES,
                cancelled(lifted(5.5), BLUE) / cancelled(lifted(5.5), VIOLET)));
    }

    private static void woven(List<Check> checks) {
        Spectrum whole = natural(6).reflectance().mixedWith(lifted(9.5).reflectance(), 0.75);
        checks.add(between(
                "R8",
                CheckMessage.WOVEN_READS.alone(),
                8,
                9,
                Unit.NONE,
                Look.of(whole).level()));
        Canvas filled = Sample.usual(ShadeClass.DEMI, 8, Tone.COPPER).on(lifted(10));
        checks.add(between(
                "R22",
                CheckMessage.COPPER_FILLER.alone(),
                45,
                75,
                Unit.DEGREES,
                filled.lab().hueDegrees()));
        checks.add(atLeast(
                "R22",
                CheckMessage.COPPER_STRONG.alone(),
                30,
                Unit.NONE,
                filled.lab().chroma()));
    }

    private static void wet(List<Check> checks) {
        Canvas toned = Sample.usual(ShadeClass.DEMI, 9, Tone.VIOLET).on(lifted(10));
        Lab dry = toned.lab();
        Look wet = Look.of(toned.wetReflectance());
        checks.add(between(
                "R72",
                CheckMessage.WET_DARKER.alone(),
                0.3,
                2,
                Unit.LEVELS,
                toned.look().level() - wet.level()));
        checks.add(atLeast(
                "R72", CheckMessage.WARM_LIGHT.alone(), 2, Unit.CIEDE2000, Ciede2000.between(dry, inWarmLight(toned))));
    }

    /** As an eye adapted to warm light sees it, brought back to D65 (Bradford). */
    private static Lab inWarmLight(Canvas canvas) {
        return Illuminant.A
                .reflected(canvas.reflectance())
                .adaptedTo(WhitePoint.d65())
                .toLab();
    }
}
