package mischung.validation;

import static mischung.validation.Check.atLeast;
import static mischung.validation.Check.atMost;
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
import mischung.hair.Canvas;
import mischung.hair.Density;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Head;
import mischung.hair.Pigment;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.light.Ciede2000;
import mischung.plan.Action;
import mischung.plan.Planner;
import mischung.process.Application;
import mischung.process.Factors;
import mischung.process.Setting;
import mischung.process.Washing;
import mischung.process.Wetness;
import mischung.product.DirectHue;
import mischung.product.ProductRange;
import mischung.product.ShadeClass;
import mischung.said.Unit;
import mischung.school.School;
import mischung.wish.Wish;

/** Laying on and fading: rules R6, R7, R15–R23, R50–R52, R54, R55, R57. */
final class DepositChecks {
    private DepositChecks() {}

    static List<Check> all() {
        List<Check> checks = new ArrayList<>();
        mixes(checks);
        fillers(checks);
        classes(checks);
        porous(checks);
        toners(checks);
        grey(checks);
        return checks;
    }

    private static void mixes(List<Check> checks) {
        Dyes five = Sample.dyes(ShadeClass.PERMANENT, 5, Tone.NATURAL);
        Dyes seven = Sample.dyes(ShadeClass.PERMANENT, 7, Tone.NATURAL);
        Canvas mixed = Application.usual(five.plus(seven).times(0.5), ShadeClass.PERMANENT, 10)
                .on(lifted(7.5));
        checks.add(between("R6", CheckMessage.FIVE_AND_SEVEN.alone(), 5.5, 6.5, Unit.NONE, mixed.level()));
        Application toner = usual(ShadeClass.DEMI, 9, Tone.VIOLET);
        Canvas plain = toner.on(lifted(10));
        Canvas withClear = toner.withDyes(toner.dyes().times(0.5)).on(lifted(10));
        checks.add(between("R50", CheckMessage.VIOLET_NINE.alone(), 8.75, 9.75, Unit.NONE, plain.level()));
        checks.add(between(
                "R7", CheckMessage.WITH_CLEAR.alone(), 0.3, 1.2, Unit.LEVELS, withClear.level() - plain.level()));
        Dyes eight = Sample.dyes(ShadeClass.DEMI, 8, Tone.NATURAL);
        Dyes sixDemi = Sample.dyes(ShadeClass.DEMI, 6, Tone.NATURAL);
        double dark =
                Application.usual(sixDemi, ShadeClass.DEMI, 10).on(lifted(9)).level();
        double between = Application.usual(sixDemi.plus(eight).times(0.5), ShadeClass.DEMI, 10)
                .on(lifted(9))
                .level();
        checks.add(atLeast("R57", CheckMessage.LIGHTER_INTO_DARKER.alone(), 0.3, Unit.LEVELS, between - dark));
    }

    private static void fillers(List<Check> checks) {
        Canvas ten = lifted(10);
        Application six = usual(ShadeClass.DEMI, 6, Tone.NATURAL);
        // Mostly gold, some copper, a splash of natural (R13), which together show 8 on a 10.
        Dyes warm = Sample.dyes(ShadeClass.DEMI, 7.5, Tone.GOLD)
                .times(3)
                .plus(Sample.dyes(ShadeClass.DEMI, 7.5, Tone.COPPER).times(2))
                .plus(Sample.dyes(ShadeClass.DEMI, 7.5, Tone.NATURAL))
                .times(1.0 / 6);
        Canvas filled = six.on(Application.usual(warm, ShadeClass.DEMI, 10).on(ten));
        Canvas bare = six.on(ten);
        Canvas inside = six.withDyes(six.dyes()
                        .plus(Sample.dyes(ShadeClass.DEMI, 6, Tone.COPPER))
                        .times(0.5))
                .on(ten);
        checks.add(between(
                "R10", CheckMessage.FILLED.alone(), 0, 4, Unit.CIEDE2000, Sample.misses(filled, 6, Tone.NATURAL)));
        checks.add(
                atLeast("R10", CheckMessage.UNFILLED.alone(), 8, Unit.CIEDE2000, Sample.misses(bare, 6, Tone.NATURAL)));
        checks.add(atLeast(
                "R15",
                CheckMessage.FILL_MIXED_IN.alone(),
                2,
                Unit.CIEDE2000,
                Sample.misses(inside, 6, Tone.NATURAL) - Sample.misses(filled, 6, Tone.NATURAL)));
        checks.add(atLeast(
                "R15",
                CheckMessage.WARMEST.alone(),
                1.03,
                Unit.TIMES,
                inside.lab().chroma()
                        / inside.lab().l()
                        * filled.lab().l()
                        / filled.lab().chroma()));
        Canvas open = lifted(10, Porosity.HIGH);
        Canvas pure = six.on(
                Application.usual(DirectHue.ORANGE.dyes(), ShadeClass.DIRECT, 0).on(open));
        Canvas blended = six.on(Application.usual(warm, ShadeClass.DEMI, 10).on(open));
        checks.add(atLeast(
                "R16",
                CheckMessage.ORANGE_FILLER.alone(),
                5,
                Unit.NONE,
                pure.lab().chroma() - blended.lab().chroma()));
        checks.add(none("R17", CheckMessage.ROOT_NOT_FILLED.alone(), Unit.BANDS, filledRoots()));
    }

    private static double filledRoots() {
        Head head = new Head(
                List.of(new Zone(
                        ZonePlace.BACK,
                        new Strand(List.of(
                                new Band(0, 4, BandKind.NATURAL, 7, Tone.NATURAL, Porosity.NORMAL, 0),
                                new Band(4, 30, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.NORMAL, 0))))),
                Density.NORMAL,
                Thickness.NORMAL);
        var plan = Planner.plan(head, new Wish(6, Tone.NATURAL), School.LADDER, ProductRange.demo());
        BandRef root = new BandRef(0, 0);
        return plan.steps().stream()
                .filter(step -> step.kind() == Action.FILL)
                .flatMap(step -> step.bowls().stream())
                .filter(bowl -> bowl.bands().contains(root))
                .count();
    }

    private static void classes(List<Check> checks) {
        Canvas eight = lifted(8);
        Application demi = usual(ShadeClass.DEMI, 6, Tone.NATURAL);
        Application permanent =
                Application.usual(Sample.dyes(ShadeClass.PERMANENT, 6, Tone.NATURAL), ShadeClass.PERMANENT, 20);
        checks.add(none(
                "R18",
                CheckMessage.DEMI_HARM.alone(),
                Unit.NONE,
                eight.fibre().integrity() - demi.on(eight).fibre().integrity()));
        checks.add(atLeast(
                "R18",
                CheckMessage.PERMANENT_HARM.alone(),
                0.005,
                Unit.NONE,
                eight.fibre().integrity() - permanent.on(eight).fibre().integrity()));
        Canvas once = usual(ShadeClass.PERMANENT, 6, Tone.NATURAL).on(natural(7));
        Canvas overlapped = usual(ShadeClass.PERMANENT, 6, Tone.NATURAL)
                .on(usual(ShadeClass.PERMANENT, 6, Tone.NATURAL).on(once));
        checks.add(atLeast(
                "R18", CheckMessage.OVERLAPS_DARK.alone(), 0.5, Unit.LEVELS, once.level() - overlapped.level()));
        checks.add(atMost(
                "R18",
                CheckMessage.OVERLAPS_FLAT.alone(),
                0.9,
                Unit.TIMES,
                overlapped.lab().chroma() / once.lab().chroma()));
        Canvas target = demi.on(Application.usual(Sample.dyes(ShadeClass.DEMI, 8, Tone.COPPER), ShadeClass.DEMI, 10)
                .on(lifted(10)));
        checks.add(between(
                "R18",
                CheckMessage.FADED_FOR_GLOSS.alone(),
                2,
                12,
                Unit.CIEDE2000,
                Ciede2000.between(target.lab(), Washing.times(12).on(target).lab())));
        Application ten = usual(ShadeClass.PERMANENT, 6, Tone.NATURAL);
        checks.add(none(
                "R20",
                CheckMessage.TEN_VOL.alone(),
                Unit.LEVELS,
                ten.ownLift(natural(7), Factors.AVERAGE).level() - natural(7).level()));
        checks.add(none(
                "R50",
                CheckMessage.ACID_DEMI.alone(),
                Unit.LEVELS,
                demi.ownLift(natural(7), Factors.AVERAGE).level() - natural(7).level()));
        checks.add(atLeast(
                "R50",
                CheckMessage.FULLER.alone(),
                0.1,
                Unit.LEVELS,
                demi.on(eight).level() - demi.withRatio(1).on(eight).level()));
    }

    private static void porous(List<Check> checks) {
        Application seven = usual(ShadeClass.DEMI, 7, Tone.NATURAL);
        Canvas normal = seven.on(lifted(9));
        Canvas thirsty = seven.on(lifted(9, Porosity.HIGH));
        checks.add(atLeast("R19", CheckMessage.GRABS.alone(), 0.1, Unit.LEVELS, normal.level() - thirsty.level()));
        checks.add(atLeast(
                "R19",
                CheckMessage.GRABS_COOL.alone(),
                1,
                Unit.NONE,
                normal.lab().b() - thirsty.lab().b()));
        Canvas lighterShade = usual(ShadeClass.DEMI, 7.5, Tone.NATURAL).on(lifted(9, Porosity.HIGH));
        checks.add(atMost(
                "R19",
                CheckMessage.HALF_LIGHTER.alone(),
                0.4,
                Unit.LEVELS,
                Math.abs(lighterShade.level() - normal.level())));
        Canvas halfTime = seven.withMinutes(seven.minutes() / 2).on(lifted(9, Porosity.HIGH));
        checks.add(between(
                "R21", CheckMessage.PULLED_THROUGH.alone(), -0.4, 0.4, Unit.LEVELS, halfTime.level() - normal.level()));
        Canvas veryPorous = seven.on(lifted(9, Porosity.VERY_HIGH));
        checks.add(
                atMost("R23", CheckMessage.REFUSES_WARM.alone(), 0.9, Unit.TIMES, yellow(veryPorous) / yellow(normal)));
        checks.add(atLeast(
                "R23",
                CheckMessage.TAKES_COOL.alone(),
                1.05,
                Unit.TIMES,
                veryPorous.coloured().amount(Pigment.DYE_BLUE)
                        / normal.coloured().amount(Pigment.DYE_BLUE)));
        Canvas evened = seven.on(lifted(9, Porosity.VERY_HIGH).withEqualiser());
        checks.add(atMost(
                "R23",
                CheckMessage.EQUALISED.alone(),
                0.8,
                Unit.TIMES,
                Ciede2000.between(evened.lab(), normal.lab()) / Ciede2000.between(veryPorous.lab(), normal.lab())));
        Canvas laidFour = normal;
        for (int i = 0; i < 3; i++) {
            laidFour = seven.on(laidFour);
        }
        double first = Sample.dye(normal, DyeKind.OXIDATIVE);
        double fifth = Sample.dye(seven.on(laidFour), DyeKind.OXIDATIVE) - Sample.dye(laidFour, DyeKind.OXIDATIVE);
        checks.add(atMost("R23", CheckMessage.LAYERS_FULL.alone(), 0.9, Unit.TIMES, fifth / first));
    }

    private static double yellow(Canvas canvas) {
        return canvas.coloured().amount(Pigment.DYE_YELLOW);
    }

    private static void toners(List<Check> checks) {
        Application toner = usual(ShadeClass.DEMI, 9, Tone.VIOLET);
        double full = Sample.dye(toner.on(lifted(10)), DyeKind.OXIDATIVE);
        checks.add(between(
                "R51",
                CheckMessage.TONERS_FAST.alone(),
                0.4,
                0.75,
                Unit.NONE,
                Sample.dye(toner.withMinutes(5).on(lifted(10)), DyeKind.OXIDATIVE) / full));
        checks.add(atMost(
                "R51",
                CheckMessage.WET_DILUTES.alone(),
                0.8,
                Unit.NONE,
                Sample.dye(toner.onHair(Wetness.WET).on(lifted(10)), DyeKind.OXIDATIVE) / full));
        Canvas tooDark = usual(ShadeClass.GLOSS, 8, Tone.VIOLET).on(lifted(10));
        Canvas cleared = new Washing(1, true).on(tooDark);
        checks.add(
                atLeast("R52", CheckMessage.CLARIFYING.alone(), 0.15, Unit.LEVELS, cleared.level() - tooDark.level()));
        Application tinge =
                new Application(new Dyes(0, 0, 0.06, 0), ShadeClass.GLOSS, 1, 6, 20, Wetness.DRY, Setting.OPEN);
        Canvas violet = tinge.on(lifted(11));
        checks.add(between(
                "R52",
                CheckMessage.VIOLET_TINGE.alone(),
                285,
                359,
                Unit.DEGREES,
                violet.lab().hueDegrees()));
        checks.add(between(
                "R52",
                CheckMessage.TINGE_GONE.alone(),
                20,
                110,
                Unit.DEGREES,
                Washing.times(2).on(violet).lab().hueDegrees()));
        // 1 part shade, 3 developer, shampoo half the developer's weight: what dilutes is 4.5 to 1.
        Application shampoo = usual(ShadeClass.DEMI, 7, Tone.ASH)
                .withRatio(4.5)
                .withMinutes(5)
                .onHair(Wetness.WET);
        Canvas orange = lifted(6.5);
        Canvas calmed = shampoo.on(orange);
        checks.add(atMost(
                "R54",
                CheckMessage.COLOUR_SHAMPOO_CALMS.alone(),
                0.9,
                Unit.TIMES,
                calmed.lab().chroma() / orange.lab().chroma()));
        checks.add(atMost(
                "R54",
                CheckMessage.COLOUR_SHAMPOO_DARKENS.alone(),
                0.75,
                Unit.LEVELS,
                orange.level() - calmed.level()));
    }

    private static void grey(List<Check> checks) {
        Canvas halfGrey = natural(6).withGrey(0.6);
        Application coverage =
                Application.usual(Sample.dyes(ShadeClass.COVERAGE, 6, Tone.NATURAL), ShadeClass.COVERAGE, 20);
        Application normal = usual(ShadeClass.PERMANENT, 6, Tone.NATURAL);
        checks.add(atMost(
                "R55",
                CheckMessage.COVERAGE.alone(),
                0.6,
                Unit.TIMES,
                Sample.misses(coverage.on(halfGrey), 6, Tone.NATURAL)
                        / Sample.misses(normal.on(halfGrey), 6, Tone.NATURAL)));
        Canvas littleGrey = natural(6).withGrey(0.1);
        Canvas warm = coverage.on(littleGrey);
        Dyes ash = Sample.dyes(ShadeClass.PERMANENT, 6, Tone.ASH);
        Canvas withAsh = coverage.withDyes(coverage.dyes().times(0.75).plus(ash.times(0.25)))
                .on(littleGrey);
        checks.add(atMost(
                "R55",
                CheckMessage.COVERAGE_WARM.alone(),
                -1,
                Unit.DEGREES,
                warm.lab().hueDegrees() - natural(6).lab().hueDegrees()));
        checks.add(atLeast(
                "R55",
                CheckMessage.COVERAGE_ASH.alone(),
                0.5,
                Unit.DEGREES,
                withAsh.lab().hueDegrees() - warm.lab().hueDegrees()));
    }
}
