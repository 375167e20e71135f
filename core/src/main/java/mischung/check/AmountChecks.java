package mischung.check;

import static mischung.check.Check.between;
import static mischung.check.Check.none;
import static mischung.check.Sample.lifted;
import static mischung.check.Sample.natural;
import static mischung.check.Sample.usual;

import java.util.ArrayList;
import java.util.List;
import mischung.change.Application;
import mischung.change.LiftProduct;
import mischung.change.RemoverRound;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.product.Developer;
import mischung.product.HairAmount;
import mischung.product.ShadeClass;

/** Ratios, times and amounts: rules R60–R63. */
final class AmountChecks {
    private AmountChecks() {}

    static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        ratio(checks, ShadeClass.PERMANENT, 1, 1.5);
        ratio(checks, ShadeClass.DEMI, 1, 2);
        ratio(checks, ShadeClass.GLOSS, 1, 1);
        ratio(checks, ShadeClass.DIRECT, 0, 0);
        checks.add(between("R60", "Lightener, developer to 1", 2, 2, "", LiftProduct.LIGHTENER.usualRatio()));
        blend(checks, 10, 20, 15);
        blend(checks, 20, 30, 25);
        blend(checks, 0, 10, 5);
        Head full = new Head(
                List.of(new Zone(
                        ZonePlace.BACK,
                        new Strand(
                                List.of(new Band(0, 60, BandKind.LIGHTENED, 8, Tone.AS_LIFTED, Porosity.NORMAL, 0))))),
                Density.DENSE,
                Thickness.NORMAL);
        // Permanent is mixed 1:1, so half of the mix is colour.
        checks.add(between(
                "R62",
                "Colour for one permanent pass on a full, long, dense head",
                95,
                145,
                "g",
                HairAmount.mixGrams(full, List.of(new BandRef(0, 0))) / 2));
        checks.add(between("R62", "Reserve, share of the need", 0.2, 0.2, "", HairAmount.reserve()));
        minutes(checks, ShadeClass.DEMI, 20, 25);
        checks.add(between(
                "R63", "A filler is a demi left for its full time", 10, 30, "min", ShadeClass.DEMI.fullMinutes()));
        minutes(checks, ShadeClass.GLOSS, 20, 20);
        minutes(checks, ShadeClass.PERMANENT, 30, 45);
        Application demi = usual(ShadeClass.DEMI, 6, Tone.NATURAL);
        checks.add(none(
                "R63",
                "Demi does not go on darkening: 45 min against 20, by",
                "levels",
                demi.on(lifted(8)).level() - demi.withMinutes(45).on(lifted(8)).level()));
        checks.add(between(
                "R63",
                "Babylights with 30 vol in 45–50 min: natural 6 after 47 min, level",
                9,
                10.5,
                "",
                Sample.lightener(30, 47).on(natural(6)).level()));
        checks.add(between("R63", "Remover in 20–30 min", 20, 30, "min", RemoverRound.USUAL.minutes()));
        return checks;
    }

    private static void ratio(List<Check> checks, ShadeClass shadeClass, double from, double to) {
        checks.add(between(
                "R60",
                "Developer to 1 of " + shadeClass.words() + " colour",
                from,
                to,
                "",
                shadeClass.developerPerColour()));
    }

    private static void minutes(List<Check> checks, ShadeClass shadeClass, double from, double to) {
        checks.add(between(
                "R63", "Full time of " + shadeClass.words() + " colour", from, to, "min", shadeClass.fullMinutes()));
    }

    private static void blend(List<Check> checks, double weaker, double stronger, double wanted) {
        double volume = Developer.blended(List.of(
                        new Developer.Portion(new Developer(weaker), 50),
                        new Developer.Portion(new Developer(stronger), 50)))
                .volume();
        String what = weaker == 0 ? "water or treatment" : (int) weaker + " vol";
        checks.add(between(
                "R61", what + " and " + (int) stronger + " vol in equal weights make", wanted, wanted, "vol", volume));
    }
}
