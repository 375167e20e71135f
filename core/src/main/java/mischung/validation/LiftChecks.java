package mischung.validation;

import static mischung.validation.Check.atLeast;
import static mischung.validation.Check.atMost;
import static mischung.validation.Check.between;
import static mischung.validation.Check.none;
import static mischung.validation.Sample.boxDyed;
import static mischung.validation.Sample.lifted;
import static mischung.validation.Sample.lightener;
import static mischung.validation.Sample.minutesTo;
import static mischung.validation.Sample.natural;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.light.Ciede2000;
import mischung.process.Application;
import mischung.process.Barrier;
import mischung.process.Cover;
import mischung.process.Factors;
import mischung.process.Lift;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.process.RemoverRound;
import mischung.process.Setting;
import mischung.process.Slip;
import mischung.process.Washing;
import mischung.product.DirectHue;
import mischung.product.ShadeClass;
import mischung.said.Unit;

/** Taking out: rules R9, R30–R37, R41, R42, R44, R45, R53, R58. */
final class LiftChecks {
    private static final Fibre NORMAL = Fibre.read(Thickness.NORMAL, Porosity.NORMAL);

    private LiftChecks() {}

    static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        ownLift(checks);
        remover(checks);
        strength(checks);
        scalpAndTime(checks);
        exhaustion(checks);
        ramp(checks);
        line(checks);
        directDye(checks);
        preTone(checks);
        return checks;
    }

    private static void ownLift(List<Check> checks) {
        Application twenty =
                Application.usual(Sample.dyes(ShadeClass.PERMANENT, 6, Tone.NATURAL), ShadeClass.PERMANENT, 20);
        Canvas six = natural(6);
        checks.add(between(
                "R9",
                CheckMessage.COLOUR_LIFTS.alone(),
                0.4,
                1.6,
                Unit.LEVELS,
                twenty.ownLift(six, Factors.AVERAGE).level() - six.level()));
        Canvas faded = Washing.times(80).on(twenty.on(six));
        checks.add(atLeast(
                "R9",
                CheckMessage.WARMER_THAN_GROWN.alone(),
                3,
                Unit.NONE,
                faded.lab().chroma() - six.lab().chroma()));
        Canvas eight = lightener(20, minutesTo(8, six, 20)).on(six);
        // Half a level lighter than the wish, since lifted hair drinks (R19).
        Canvas backToSeven = Sample.usual(ShadeClass.DEMI, 7.5, Tone.NATURAL).on(eight);
        Canvas seven = lightener(20, minutesTo(7, six, 20)).on(six);
        checks.add(between("R9", CheckMessage.TWO_AND_BACK.alone(), 6.5, 7.6, Unit.NONE, backToSeven.level()));
        checks.add(atMost(
                "R9",
                CheckMessage.COOLER_THAN_ONE.alone(),
                0.85,
                Unit.TIMES,
                backToSeven.lab().chroma() / seven.lab().chroma()));
        Canvas tinted =
                Lightening.of(LiftProduct.LIGHTEST_TINT, 40, 45, Setting.OPEN).on(natural(7));
        checks.add(between("R9", CheckMessage.LIGHTEST_SERIES.alone(), 9, 10.5, Unit.NONE, tinted.level())
                .on(Check.Basis.COMMON_PRACTICE));
    }

    private static void remover(List<Check> checks) {
        Canvas dyed = boxDyed(4, 6.5, 1);
        Canvas once = RemoverRound.USUAL.on(dyed);
        double gone = 1 - Sample.dye(once, DyeKind.OXIDATIVE) / Sample.dye(dyed, DyeKind.OXIDATIVE);
        checks.add(between("R30", CheckMessage.REMOVER_TAKES.alone(), 0.6, 0.8, Unit.NONE, gone));
        Canvas fiveLayers = boxDyed(4, 6.5, 5);
        Canvas old = RemoverRound.USUAL.on(fiveLayers);
        double goneOfFive = 1 - Sample.dye(old, DyeKind.OXIDATIVE) / Sample.dye(fiveLayers, DyeKind.OXIDATIVE);
        checks.add(atMost("R30", CheckMessage.REMOVER_OF_FIVE.alone(), 0.85, Unit.TIMES, goneOfFive / gone));
        checks.add(between(
                "R30",
                CheckMessage.REMOVER_ORANGE.alone(),
                45,
                72,
                Unit.DEGREES,
                once.lab().hueDegrees()));
        checks.add(atLeast("R30", CheckMessage.REMOVER_LIGHTER.alone(), 1, Unit.LEVELS, once.level() - dyed.level()));
        Canvas grown = natural(5);
        checks.add(none(
                "R30",
                CheckMessage.REMOVER_NATURAL.alone(),
                Unit.CIEDE2000,
                Ciede2000.between(grown.lab(), RemoverRound.USUAL.on(grown).lab())));
        Canvas blue = lifted(9).plus(DyeKind.DIRECT, DirectHue.BLUE.dyes(), Dyes.NONE);
        checks.add(none(
                "R30",
                CheckMessage.REMOVER_DIRECT.alone(),
                Unit.CIEDE2000,
                Ciede2000.between(blue.lab(), RemoverRound.USUAL.on(blue).lab())));
        Canvas cleansed = Lightening.of(LiftProduct.CLEANSE_MIX, 40, 15, Setting.FOIL.under(Cover.OPEN))
                .on(boxDyed(4, 6, 2));
        checks.add(between(
                "R31",
                CheckMessage.CLEANSE_LIFTS.alone(),
                1,
                3.5,
                Unit.LEVELS,
                cleansed.level() - boxDyed(4, 6, 2).level()));
    }

    private static void strength(List<Check> checks) {
        checks.add(between(
                "R32",
                CheckMessage.TWENTY_VOL.alone(),
                9,
                10.2,
                Unit.NONE,
                lightener(20, 50).on(natural(7)).level()));
        checks.add(between(
                "R32",
                CheckMessage.TEN_VOL_LIGHT.alone(),
                10,
                60,
                Unit.MIN,
                minutesTo(10, lifted(9, Porosity.HIGH), 10)));
        Canvas coarse = Sample.of(natural(5), Thickness.COARSE);
        checks.add(between(
                "R32",
                CheckMessage.THIRTY_COARSE.alone(),
                -0.5,
                0.5,
                Unit.LEVELS,
                lightener(30, 45).on(coarse).level()
                        - lightener(20, 45).on(natural(5)).level()));
        checks.add(atLeast(
                "R32",
                CheckMessage.LOW_AND_SLOW.alone(),
                1.3,
                Unit.TIMES,
                spentTo(9, natural(6), 40) / spentTo(9, natural(6), 20)));
        checks.add(atMost(
                "R34",
                CheckMessage.COLOURED_SLOW.alone(),
                0.8,
                Unit.TIMES,
                Lift.dose(lightener(20, 30), NORMAL.withLayers(3)) / Lift.dose(lightener(20, 30), NORMAL)));
        Fibre porous = Fibre.read(Thickness.NORMAL, Porosity.HIGH);
        checks.add(atLeast(
                "R34",
                CheckMessage.LIGHTENED_FAST.alone(),
                1.15,
                Unit.TIMES,
                Lift.dose(lightener(20, 30), porous) / Lift.dose(lightener(20, 30), NORMAL)));
        checks.add(atLeast(
                "R34",
                CheckMessage.LIGHTENED_FRAGILE.alone(),
                1.3,
                Unit.TIMES,
                spent(lifted(9, Porosity.HIGH), lightener(20, 30)) / spent(lifted(9), lightener(20, 30))));
        checks.add(
                between("R35", CheckMessage.BAND_MEETS.alone(), 15, 120, Unit.MIN, minutesTo(7, boxDyed(4, 6, 2), 30)));
        double orange = Lift.dose(lightener(20, minutesTo(6, lifted(5), 20)), NORMAL);
        double yellow = Lift.dose(lightener(20, minutesTo(9, lifted(8), 20)), NORMAL);
        checks.add(atLeast("R37", CheckMessage.SLOWEST.alone(), 1.3, Unit.TIMES, yellow / orange));
    }

    private static double spent(Canvas before, Lightening laid) {
        return before.fibre().integrity() - laid.on(before).fibre().integrity();
    }

    private static double spentTo(double level, Canvas start, double volume) {
        return spent(start, lightener(volume, minutesTo(level, start, volume)));
    }

    private static void scalpAndTime(List<Check> checks) {
        Setting open = Setting.FOIL.under(Cover.OPEN);
        Lightening mids = Lightening.of(LiftProduct.LIGHTENER, 20, 15, open);
        Lightening scalp = Lightening.of(LiftProduct.LIGHTENER, 20, 15, open.at(Place.SCALP));
        checks.add(between(
                "R33",
                CheckMessage.SCALP_FASTER.alone(),
                2,
                3,
                Unit.TIMES,
                Lift.dose(scalp, NORMAL) / Lift.dose(mids, NORMAL)));
        checks.add(between(
                "R33",
                CheckMessage.SCALP_LIFT.alone(),
                1,
                2.5,
                Unit.LEVELS,
                scalp.on(natural(7)).level() - 7));
        Lightening thick = Lightening.of(LiftProduct.LIGHTENER, 30, 45, new Setting(Place.MIDS, Cover.FOIL, false, 8));
        checks.add(atMost(
                "R41",
                CheckMessage.FINE_SECTIONS.alone(),
                0.85,
                Unit.TIMES,
                Lift.dose(thick, NORMAL) / Lift.dose(lightener(30, 45), NORMAL)));
    }

    private static void exhaustion(List<Check> checks) {
        double whole = Lift.dose(lightener(20, 240), NORMAL);
        checks.add(atLeast(
                "R36", CheckMessage.WORKS_WELL.alone(), 0.5, Unit.NONE, Lift.dose(lightener(20, 60), NORMAL) / whole));
        checks.add(atLeast(
                "R36", CheckMessage.SPENT.alone(), 0.8, Unit.NONE, Lift.dose(lightener(20, 120), NORMAL) / whole));
        checks.add(none(
                "R36",
                CheckMessage.DRIED_OUT.alone(),
                Unit.NONE,
                Lift.dose(lightener(20, 60).rewettedAt(20), NORMAL) - Lift.dose(lightener(20, 20), NORMAL)));
        checks.add(atLeast(
                "R36",
                CheckMessage.FRESH_AFTER.alone(),
                0.2,
                Unit.LEVELS,
                lightener(20, 45).on(lightener(20, 45).on(natural(4))).level()
                        - lightener(20, 90).on(natural(4)).level()));
        checks.add(atMost(
                "R36",
                CheckMessage.STOOD_AN_HOUR.alone(),
                0.6,
                Unit.TIMES,
                Lift.dose(lightener(20, 30).aged(60), NORMAL) / Lift.dose(lightener(20, 30), NORMAL)));
    }

    private static void ramp(List<Check> checks) {
        double first = lightener(20, 70).on(natural(5)).level();
        double lastSame = lightener(20, 40).on(natural(5)).level();
        double lastStronger = lightener(30, 40).on(natural(5)).level();
        checks.add(atLeast("R42", CheckMessage.SAME_VOLUME.alone(), 0.5, Unit.LEVELS, first - lastSame));
        checks.add(atMost("R42", CheckMessage.RAMPED.alone(), 0.5, Unit.LEVELS, first - lastStronger));
        Canvas unlifted = Sample.usual(ShadeClass.PERMANENT, 5, Tone.NATURAL).on(natural(6));
        Canvas needless = Sample.usual(ShadeClass.PERMANENT, 5, Tone.NATURAL)
                .on(lightener(20, minutesTo(9, natural(6), 20)).on(natural(6)));
        checks.add(atLeast(
                "R44",
                CheckMessage.ROOT_WITHOUT_NEED.alone(),
                3,
                Unit.CIEDE2000,
                Sample.misses(needless, 5, Tone.NATURAL) - Sample.misses(unlifted, 5, Tone.NATURAL)));
    }

    private static void line(List<Check> checks) {
        Lightening laid = lightener(20, 30);
        Canvas kept = natural(3);
        Slip bare = Slip.of(kept, boxDyed(3, 5, 2), laid, 0.5, Barrier.NONE, Factors.AVERAGE);
        checks.add(between(
                "R45",
                CheckMessage.OVER_THE_LINE.alone(),
                50,
                78,
                Unit.DEGREES,
                bare.strip().lab().hueDegrees()));
        checks.add(atLeast("R45", CheckMessage.STANDS_OUT.alone(), 10, Unit.CIEDE2000, bare.againstKept()));
        Slip shielded = Slip.of(kept, boxDyed(3, 5, 2), laid, 0.5, Barrier.FILM, Factors.AVERAGE);
        checks.add(atMost("R45", CheckMessage.BEHIND_FILM.alone(), 5, Unit.CIEDE2000, shielded.againstKept()));
        Slip shortOf = Slip.of(kept, boxDyed(3, 5, 2), laid, -0.5, Barrier.NONE, Factors.AVERAGE);
        checks.add(atLeast("R45", CheckMessage.SHORT_OF_LINE.alone(), 5, Unit.CIEDE2000, shortOf.againstWorked()));
    }

    private static void directDye(List<Check> checks) {
        Canvas blue = lifted(9, Porosity.HIGH).plus(DyeKind.DIRECT, DirectHue.BLUE.dyes(), Dyes.NONE);
        Canvas washed = Washing.times(30).on(blue);
        Canvas bleached = lightener(20, 45).on(washed);
        checks.add(atLeast(
                "R58",
                CheckMessage.DIRECT_STAYS.alone(),
                0.2,
                Unit.NONE,
                bleached.coloured().amount(Pigment.DIRECT_BLUE)
                        / blue.coloured().amount(Pigment.DIRECT_BLUE)));
        Application overBlue = Application.usual(DirectHue.BLUE.dyes(), ShadeClass.DIRECT, 0);
        Canvas clean = lifted(10, Porosity.HIGH);
        Canvas copper = clean.plus(DyeKind.DIRECT, DirectHue.ORANGE.dyes().times(0.05), Dyes.NONE);
        checks.add(atLeast(
                "R58",
                CheckMessage.LEFTOVER_COPPER.alone(),
                3,
                Unit.CIEDE2000,
                Ciede2000.between(clean.lab(), copper.lab())));
        checks.add(atMost(
                "R58",
                CheckMessage.UNDER_BLUE.alone(),
                2.5,
                Unit.CIEDE2000,
                Ciede2000.between(overBlue.on(clean).lab(), overBlue.on(copper).lab())));
    }

    private static void preTone(List<Check> checks) {
        // Brassy 8, wanted as a pale, neutral 9: chroma of no more than a toned blonde.
        Canvas brassy = lifted(8);
        Canvas preToned =
                Sample.usual(ShadeClass.GLOSS, 9, Tone.VIOLET).withMinutes(5).on(brassy);
        double plain = minutesToChroma(brassy);
        checks.add(atLeast("R53", CheckMessage.PRE_TONED.alone(), 2, Unit.MIN, plain - minutesToChroma(preToned)));
    }

    private static double minutesToChroma(Canvas start) {
        for (double minute = 0; minute <= 120; minute += 0.5) {
            if (lightener(20, minute).on(start).lab().chroma() <= 40) {
                return minute;
            }
        }
        return 120;
    }
}
