package mischung.validation;

import static mischung.validation.Check.between;
import static mischung.validation.Check.none;
import static mischung.validation.Sample.lifted;
import static mischung.validation.Sample.natural;
import static mischung.validation.Sample.usual;

import java.util.ArrayList;
import java.util.List;
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
import mischung.process.Application;
import mischung.process.LiftProduct;
import mischung.process.RemoverRound;
import mischung.product.Developer;
import mischung.product.HairAmount;
import mischung.product.ShadeClass;
import mischung.said.Unit;

/** Ratios, times and amounts: rules R60–R63. */
final class AmountChecks {
    private AmountChecks() {}

    static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        ratio(checks, ShadeClass.PERMANENT, 1, 1.5);
        ratio(checks, ShadeClass.DEMI, 1, 2);
        ratio(checks, ShadeClass.GLOSS, 1, 1);
        ratio(checks, ShadeClass.DIRECT, 0, 0);
        checks.add(between(
                "R60", CheckMessage.LIGHTENER_RATIO.alone(), 2, 2, Unit.NONE, LiftProduct.LIGHTENER.usualRatio()));
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
                CheckMessage.FULL_HEAD.alone(),
                95,
                145,
                Unit.G,
                HairAmount.mixGrams(full, List.of(new BandRef(0, 0))) / 2));
        checks.add(between("R62", CheckMessage.RESERVE.alone(), 0.2, 0.2, Unit.NONE, HairAmount.reserve()));
        minutes(checks, ShadeClass.DEMI, 20, 25);
        checks.add(between("R63", CheckMessage.FILLER_TIME.alone(), 10, 30, Unit.MIN, ShadeClass.DEMI.fullMinutes()));
        minutes(checks, ShadeClass.GLOSS, 20, 20);
        minutes(checks, ShadeClass.PERMANENT, 30, 45);
        Application demi = usual(ShadeClass.DEMI, 6, Tone.NATURAL);
        checks.add(none(
                "R63",
                CheckMessage.DEMI_STOPS.alone(),
                Unit.LEVELS,
                demi.on(lifted(8)).level() - demi.withMinutes(45).on(lifted(8)).level()));
        checks.add(between(
                "R63",
                CheckMessage.BABYLIGHTS.alone(),
                9,
                10.5,
                Unit.NONE,
                Sample.lightener(30, 47).on(natural(6)).level()));
        checks.add(between("R63", CheckMessage.REMOVER_TIME.alone(), 20, 30, Unit.MIN, RemoverRound.USUAL.minutes()));
        return checks;
    }

    private static void ratio(List<Check> checks, ShadeClass shadeClass, double from, double to) {
        checks.add(between(
                "R60",
                CheckMessage.CLASS_RATIO.say().thing("shadeClass", shadeClass).said(),
                from,
                to,
                Unit.NONE,
                shadeClass.developerPerColour()));
    }

    private static void minutes(List<Check> checks, ShadeClass shadeClass, double from, double to) {
        checks.add(between(
                "R63",
                CheckMessage.CLASS_TIME.say().thing("shadeClass", shadeClass).said(),
                from,
                to,
                Unit.MIN,
                shadeClass.fullMinutes()));
    }

    private static void blend(List<Check> checks, double weaker, double stronger, double wanted) {
        double volume = Developer.blended(List.of(
                        new Developer.Portion(new Developer(weaker), 50),
                        new Developer.Portion(new Developer(stronger), 50)))
                .volume();
        checks.add(between(
                "R61",
                CheckMessage.EQUAL_WEIGHTS
                        .say()
                        .count("weaker", weaker)
                        .count("stronger", stronger)
                        .said(),
                wanted,
                wanted,
                Unit.VOL,
                volume));
    }
}
