package mischung.check;

import static mischung.check.Check.atLeast;
import static mischung.check.Check.atMost;
import static mischung.check.Check.between;
import static mischung.check.Check.none;
import static mischung.check.Sample.boxDyed;
import static mischung.check.Sample.lifted;
import static mischung.check.Sample.lightener;
import static mischung.check.Sample.minutesTo;
import static mischung.check.Sample.natural;

import java.util.ArrayList;
import java.util.List;
import mischung.change.Application;
import mischung.change.Barrier;
import mischung.change.Cover;
import mischung.change.Factors;
import mischung.change.Lift;
import mischung.change.LiftProduct;
import mischung.change.Lightening;
import mischung.change.Place;
import mischung.change.RemoverRound;
import mischung.change.Setting;
import mischung.change.Slip;
import mischung.change.Washing;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.light.Ciede2000;
import mischung.product.DirectHue;
import mischung.product.ShadeClass;

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
                "Permanent colour with 20 vol lifts natural 6 by itself, by",
                0.4,
                1.6,
                "levels",
                twenty.ownLift(six, Factors.AVERAGE).level() - six.level()));
        Canvas faded = Washing.times(80).on(twenty.on(six));
        checks.add(atLeast(
                "R9",
                "Natural 6 coloured 6 with 20 vol and washed 80 times is warmer than it grew, chroma more by",
                3,
                "",
                faded.lab().chroma() - six.lab().chroma()));
        Canvas eight = lightener(20, minutesTo(8, six, 20)).on(six);
        // Half a level lighter than the wish, since lifted hair drinks (R19).
        Canvas backToSeven = Sample.usual(ShadeClass.DEMI, 7.5, Tone.NATURAL).on(eight);
        Canvas seven = lightener(20, minutesTo(7, six, 20)).on(six);
        checks.add(between(
                "R9", "Lifted two and toned one back, natural 6 shows level", 6.5, 7.6, "", backToSeven.level()));
        checks.add(atMost(
                "R9",
                "and is cooler than lifted one alone: chroma, against",
                0.85,
                "times",
                backToSeven.lab().chroma() / seven.lab().chroma()));
        Canvas tinted =
                Lightening.of(LiftProduct.LIGHTEST_TINT, 40, 45, Setting.OPEN).on(natural(7));
        checks.add(between("R9", "Lightest series with 40 vol lifts natural 7 to level", 9, 10.5, "", tinted.level())
                .on(Check.Basis.COMMON_PRACTICE));
    }

    private static void remover(List<Check> checks) {
        Canvas dyed = boxDyed(4, 6.5, 1);
        Canvas once = RemoverRound.USUAL.on(dyed);
        double gone = 1 - Sample.dye(once, DyeKind.OXIDATIVE) / Sample.dye(dyed, DyeKind.OXIDATIVE);
        checks.add(between("R30", "One round takes of one layer of oxidative dye", 0.6, 0.8, "", gone));
        Canvas fiveLayers = boxDyed(4, 6.5, 5);
        Canvas old = RemoverRound.USUAL.on(fiveLayers);
        double goneOfFive = 1 - Sample.dye(old, DyeKind.OXIDATIVE) / Sample.dye(fiveLayers, DyeKind.OXIDATIVE);
        checks.add(atMost("R30", "and less of five layers: against one", 0.85, "times", goneOfFive / gone));
        checks.add(between(
                "R30",
                "It shows the orange beneath: hue after one round",
                45,
                72,
                "°",
                once.lab().hueDegrees()));
        checks.add(atLeast("R30", "and is lighter, by", 1, "levels", once.level() - dyed.level()));
        Canvas grown = natural(5);
        checks.add(none(
                "R30",
                "It does nothing to natural pigment, change",
                "CIEDE2000",
                Ciede2000.between(grown.lab(), RemoverRound.USUAL.on(grown).lab())));
        Canvas blue = lifted(9).plus(DyeKind.DIRECT, DirectHue.BLUE.dyes(), Dyes.NONE);
        checks.add(none(
                "R30",
                "nor to direct dye, change",
                "CIEDE2000",
                Ciede2000.between(blue.lab(), RemoverRound.USUAL.on(blue).lab())));
        Canvas cleansed = Lightening.of(LiftProduct.CLEANSE_MIX, 40, 15, Setting.FOIL.under(Cover.OPEN))
                .on(boxDyed(4, 6, 2));
        checks.add(between(
                "R31",
                "Cleanse mix, 15 min on the mids of a coloured 4, lifts by",
                1,
                3.5,
                "levels",
                cleansed.level() - boxDyed(4, 6, 2).level()));
    }

    private static void strength(List<Check> checks) {
        checks.add(between(
                "R32",
                "20 vol on normal hair: natural 7 after 50 min in foil, level",
                9,
                10.2,
                "",
                lightener(20, 50).on(natural(7)).level()));
        checks.add(between(
                "R32",
                "10 vol on already light hair: lifted 9 to 10 takes",
                10,
                60,
                "min",
                minutesTo(10, lifted(9, Porosity.HIGH), 10)));
        Canvas coarse = Sample.of(natural(5), Thickness.COARSE);
        checks.add(between(
                "R32",
                "30 vol on coarse hair goes as far in 45 min as 20 vol on normal hair, difference",
                -0.5,
                0.5,
                "levels",
                lightener(30, 45).on(coarse).level()
                        - lightener(20, 45).on(natural(5)).level()));
        checks.add(atLeast(
                "R32",
                "Low and slow: strength spent from 6 to 9 with 40 vol, against 20 vol",
                1.3,
                "times",
                spentTo(9, natural(6), 40) / spentTo(9, natural(6), 20)));
        checks.add(atMost(
                "R34",
                "Coloured hair is slow: dose on three layers against none",
                0.8,
                "times",
                Lift.dose(lightener(20, 30), NORMAL.withLayers(3)) / Lift.dose(lightener(20, 30), NORMAL)));
        Fibre porous = Fibre.read(Thickness.NORMAL, Porosity.HIGH);
        checks.add(atLeast(
                "R34",
                "Earlier lightened hair is fast: dose on porous hair against normal",
                1.15,
                "times",
                Lift.dose(lightener(20, 30), porous) / Lift.dose(lightener(20, 30), NORMAL)));
        checks.add(atLeast(
                "R34",
                "and fragile: strength spent on it against normal hair, same bowl",
                1.3,
                "times",
                spent(lifted(9, Porosity.HIGH), lightener(20, 30)) / spent(lifted(9), lightener(20, 30))));
        checks.add(between(
                "R35",
                "A band of coloured 4 over 6 meets a lifted 7 beside it, with 30 vol in foil, after",
                15,
                120,
                "min",
                minutesTo(7, boxDyed(4, 6, 2), 30)));
        double orange = Lift.dose(lightener(20, minutesTo(6, lifted(5), 20)), NORMAL);
        double yellow = Lift.dose(lightener(20, minutesTo(9, lifted(8), 20)), NORMAL);
        checks.add(atLeast(
                "R37",
                "Orange to yellow is the slowest: dose from 8 to 9 against 5 to 6",
                1.3,
                "times",
                yellow / orange));
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
                "At the scalp lightener works faster than on the mids",
                2,
                3,
                "times",
                Lift.dose(scalp, NORMAL) / Lift.dose(mids, NORMAL)));
        checks.add(between(
                "R33",
                "15 min at the scalp with 20 vol lift natural 7 by",
                1,
                2.5,
                "levels",
                scalp.on(natural(7)).level() - 7));
        Lightening thick = Lightening.of(LiftProduct.LIGHTENER, 30, 45, new Setting(Place.MIDS, Cover.FOIL, false, 8));
        checks.add(atMost(
                "R41",
                "Fine sections for strong lift: dose in 8 mm against 3 mm",
                0.85,
                "times",
                Lift.dose(thick, NORMAL) / Lift.dose(lightener(30, 45), NORMAL)));
    }

    private static void exhaustion(List<Check> checks) {
        double whole = Lift.dose(lightener(20, 240), NORMAL);
        checks.add(atLeast(
                "R36",
                "Lightener works 45–60 min well: share of its whole work done after 60 min",
                0.5,
                "",
                Lift.dose(lightener(20, 60), NORMAL) / whole));
        checks.add(atLeast(
                "R36",
                "and is spent by about two hours even in foil: share done by then",
                0.8,
                "",
                Lift.dose(lightener(20, 120), NORMAL) / whole));
        checks.add(none(
                "R36",
                "Re-wetted after 20 min it stops: further dose until 60 min",
                "",
                Lift.dose(lightener(20, 60).rewettedAt(20), NORMAL) - Lift.dose(lightener(20, 20), NORMAL)));
        checks.add(atLeast(
                "R36",
                "Wiping off and applying fresh after 45 min: level after 90 min higher by",
                0.2,
                "levels",
                lightener(20, 45).on(lightener(20, 45).on(natural(4))).level()
                        - lightener(20, 90).on(natural(4)).level()));
        checks.add(atMost(
                "R36",
                "A bowl that stood an hour: dose against fresh",
                0.6,
                "times",
                Lift.dose(lightener(20, 30).aged(60), NORMAL) / Lift.dose(lightener(20, 30), NORMAL)));
    }

    private static void ramp(List<Check> checks) {
        double first = lightener(20, 70).on(natural(5)).level();
        double lastSame = lightener(20, 40).on(natural(5)).level();
        double lastStronger = lightener(30, 40).on(natural(5)).level();
        checks.add(atLeast(
                "R42",
                "Same volume throughout: the last section, begun 30 min later, lags by",
                0.5,
                "levels",
                first - lastSame));
        checks.add(
                atMost("R42", "With 30 vol for the last it lags by no more than", 0.5, "levels", first - lastStronger));
        Canvas unlifted = Sample.usual(ShadeClass.PERMANENT, 5, Tone.NATURAL).on(natural(6));
        Canvas needless = Sample.usual(ShadeClass.PERMANENT, 5, Tone.NATURAL)
                .on(lightener(20, minutesTo(9, natural(6), 20)).on(natural(6)));
        checks.add(atLeast(
                "R44",
                "A root lifted without need to 9 misses natural 5 by more than the unlifted one, by",
                3,
                "CIEDE2000",
                Sample.misses(needless, 5, Tone.NATURAL) - Sample.misses(unlifted, 5, Tone.NATURAL)));
    }

    private static void line(List<Check> checks) {
        Lightening laid = lightener(20, 30);
        Canvas kept = natural(3);
        Slip bare = Slip.of(kept, boxDyed(3, 5, 2), laid, 0.5, Barrier.NONE, Factors.AVERAGE);
        checks.add(between(
                "R45",
                "Half a centimetre over the line leaves an orange band on natural 3, hue",
                50,
                78,
                "°",
                bare.strip().lab().hueDegrees()));
        checks.add(atLeast("R45", "which stands out from the natural hair by", 10, "CIEDE2000", bare.againstKept()));
        Slip shielded = Slip.of(kept, boxDyed(3, 5, 2), laid, 0.5, Barrier.FILM, Factors.AVERAGE);
        checks.add(atMost("R45", "Behind film the same slip shows by", 5, "CIEDE2000", shielded.againstKept()));
        Slip shortOf = Slip.of(kept, boxDyed(3, 5, 2), laid, -0.5, Barrier.NONE, Factors.AVERAGE);
        checks.add(atLeast(
                "R45", "Half a centimetre short leaves a dark strip, by", 5, "CIEDE2000", shortOf.againstWorked()));
    }

    private static void directDye(List<Check> checks) {
        Canvas blue = lifted(9, Porosity.HIGH).plus(DyeKind.DIRECT, DirectHue.BLUE.dyes(), Dyes.NONE);
        Canvas washed = Washing.times(30).on(blue);
        Canvas bleached = lightener(20, 45).on(washed);
        checks.add(atLeast(
                "R58",
                "Direct blue that stays after 30 washes and 45 min of lightener, share",
                0.2,
                "",
                bleached.coloured().amount(Pigment.DIRECT_BLUE)
                        / blue.coloured().amount(Pigment.DIRECT_BLUE)));
        Application overBlue = Application.usual(DirectHue.BLUE.dyes(), ShadeClass.DIRECT, 0);
        Canvas clean = lifted(10, Porosity.HIGH);
        Canvas copper = clean.plus(DyeKind.DIRECT, DirectHue.ORANGE.dyes().times(0.05), Dyes.NONE);
        checks.add(atLeast(
                "R58",
                "A leftover light copper to begin with, against clean hair",
                3,
                "CIEDE2000",
                Ciede2000.between(clean.lab(), copper.lab())));
        checks.add(atMost(
                "R58",
                "vanishes under a blue: what is left of the difference",
                2.5,
                "CIEDE2000",
                Ciede2000.between(overBlue.on(clean).lab(), overBlue.on(copper).lab())));
    }

    private static void preTone(List<Check> checks) {
        // Brassy 8, wanted as a pale, neutral 9: chroma of no more than a toned blonde.
        Canvas brassy = lifted(8);
        Canvas preToned =
                Sample.usual(ShadeClass.GLOSS, 9, Tone.VIOLET).withMinutes(5).on(brassy);
        double plain = minutesToChroma(brassy);
        checks.add(atLeast(
                "R53",
                "Pre-toned 5 min, brassy 8 is calm (chroma 40) with less lightener: minutes saved",
                2,
                "min",
                plain - minutesToChroma(preToned)));
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
