package mischung.check;

import static mischung.check.Check.atLeast;
import static mischung.check.Check.atMost;
import static mischung.check.Check.between;
import static mischung.check.Sample.cancelled;
import static mischung.check.Sample.lifted;
import static mischung.check.Sample.lightener;
import static mischung.check.Sample.minutesTo;
import static mischung.check.Sample.natural;

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

/** Levels, contributing pigment, what cancels what, mixtures, wet hair: rules R1–R5, R8, R22, R50, R72. */
final class HairChecks {
    private static final Dyes VIOLET = new Dyes(0, 0, 1, 0);
    private static final Dyes BLUE = new Dyes(0, 0, 0, 1);

    private HairChecks() {}

    static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        checks.add(between("R1", "Black reads as level", 1, 1.05, "", natural(1).level()));
        checks.add(between(
                "R1",
                "Hair lifted white reads as level",
                11.5,
                12,
                "",
                lifted(12).level()));
        contributing(checks);
        order(checks);
        cancelling(checks);
        woven(checks);
        wet(checks);
        return checks;
    }

    private static void contributing(List<Check> checks) {
        hue(checks, 2, "red", 15, 45);
        hue(checks, 4, "red-orange", 40, 55);
        hue(checks, 5, "orange", 48, 62);
        hue(checks, 6, "orange to gold-copper", 55, 68);
        hue(checks, 7, "gold-orange", 60, 74);
        hue(checks, 8, "gold-yellow", 68, 80);
        hue(checks, 9, "light yellow", 74, 84);
        hue(checks, 10, "pale yellow", 78, 90);
        for (double level : new double[] {6, 8, 10}) {
            Canvas worked = lightener(30, minutesTo(level, natural(4), 30)).on(natural(4));
            checks.add(atMost(
                    "R2",
                    "Natural 4 lightened to " + (int) level + " shows the same as hair lifted to " + (int) level,
                    3,
                    "CIEDE2000",
                    Sample.misses(worked, level, Tone.AS_LIFTED)));
        }
    }

    /** Hues in degrees of h*ab for the words, from memory. */
    private static void hue(List<Check> checks, double level, String words, double from, double to) {
        checks.add(between(
                "R2",
                "Lifted to " + (int) level + " shows " + words + ", hue",
                from,
                to,
                "°",
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
                "Blue part before red: what is left at 545 nm against 640 nm after 15 min",
                1.05,
                "times",
                left(before, after, 545) / left(before, after, 640)));
        checks.add(atLeast(
                "R3",
                "Yellow last: what is left at 430 nm against 545 nm after 15 min",
                1.05,
                "times",
                left(before, after, 430) / left(before, after, 545)));
    }

    private static void cancelling(List<Check> checks) {
        checks.add(atMost("R4", "Blue cancels orange: chroma left of lifted 5", 0.5, "", cancelled(lifted(5), BLUE)));
        checks.add(atMost(
                "R4", "Violet cancels yellow: chroma left of lifted 10", 0.35, "", cancelled(lifted(10), VIOLET)));
        Canvas red = lifted(7).plus(new Dyes(0.1, 0.35, 0, 0), Dyes.NONE);
        checks.add(between(
                "R4", "Red hair to begin with, hue", 10, 45, "°", red.lab().hueDegrees()));
        checks.add(atMost("R4", "Green cancels red: chroma left", 0.6, "", cancelled(red, new Dyes(0.2, 0, 0, 0.8))));
        Canvas green = lifted(10).plus(new Dyes(0, 0, 0, 0.06), Dyes.NONE);
        checks.add(between(
                "R5",
                "A little blue on lifted 10 turns green, hue",
                100,
                180,
                "°",
                green.lab().hueDegrees()));
        Canvas back = green.plus(new Dyes(0, 0.06, 0, 0), Dyes.NONE);
        checks.add(atMost(
                "R4", "Red brings it back from green, hue", 92, "°", back.lab().hueDegrees()));
        Look brown = Sample.usual(ShadeClass.PERMANENT, 6, Tone.NATURAL)
                .on(lifted(10))
                .look();
        Look ash =
                Sample.usual(ShadeClass.PERMANENT, 6, Tone.ASH).on(lifted(10)).look();
        checks.add(atMost(
                "R5",
                "Natural 6 on unfilled 10: chroma, where natural 6 has 23",
                12,
                "",
                brown.lab().chroma()));
        checks.add(between(
                "R5",
                "Ash 6 on unfilled 10 turns green to blue, hue",
                95,
                290,
                "°",
                ash.lab().hueDegrees()));
        checks.add(atMost(
                "R50",
                "Violet against yellow on 9½: chroma left, against what blue leaves",
                0.6,
                "times",
                cancelled(lifted(9.5), VIOLET) / cancelled(lifted(9.5), BLUE)));
        checks.add(atMost(
                "R50",
                "Blue-violet on 7½: chroma left, against what violet leaves",
                0.7,
                "times",
                cancelled(lifted(7.5), new Dyes(0, 0, 0.5, 0.5)) / cancelled(lifted(7.5), VIOLET)));
        checks.add(atMost(
                "R50",
                "Blue on 5½: chroma left, against what violet leaves",
                0.9,
                "times",
                cancelled(lifted(5.5), BLUE) / cancelled(lifted(5.5), VIOLET)));
    }

    private static void woven(List<Check> checks) {
        Spectrum whole = natural(6).reflectance().mixedWith(lifted(9.5).reflectance(), 0.75);
        checks.add(between(
                "R8",
                "Three quarters woven to 9–10 over a 6 reads as level",
                8,
                9,
                "",
                Look.of(whole).level()));
        Canvas filled = Sample.usual(ShadeClass.DEMI, 8, Tone.COPPER).on(lifted(10));
        checks.add(between(
                "R22",
                "A copper filler on lifted 10 looks orange, hue",
                45,
                75,
                "°",
                filled.lab().hueDegrees()));
        checks.add(atLeast("R22", "and strong, chroma", 30, "", filled.lab().chroma()));
    }

    private static void wet(List<Check> checks) {
        Canvas toned = Sample.usual(ShadeClass.DEMI, 9, Tone.VIOLET).on(lifted(10));
        Lab dry = toned.lab();
        Look wet = Look.of(toned.wetReflectance());
        checks.add(between(
                "R72",
                "Wet hair looks darker: toned 9, by",
                0.3,
                2,
                "levels",
                toned.look().level() - wet.level()));
        checks.add(atLeast(
                "R72",
                "Toned hair, dry daylight against warm light, differs by",
                2,
                "CIEDE2000",
                Ciede2000.between(dry, inWarmLight(toned))));
    }

    /** As an eye adapted to warm light sees it, brought back to D65 (Bradford). */
    private static Lab inWarmLight(Canvas canvas) {
        return Illuminant.A
                .reflected(canvas.reflectance())
                .adaptedTo(WhitePoint.d65())
                .toLab();
    }
}
