package mischung.process;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;
import mischung.Constants;
import mischung.hair.ByPorosity;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.Pigments;
import mischung.hair.Thickness;

/**
 * Taking out by oxidation. Each pigment is lost in proportion to what is there, at a rate of its own, over a
 * <em>dose</em>: the rate of the product times its time, with the product growing weaker exponentially. Part of the
 * eumelanin turns into warm residue on its way, which is what contributing pigment is, and the flatter melanin follows it.
 *
 * <p>With dose {@code E}: {@code eumelanin = e₀·exp(−kE)}, {@code residue = r₀·exp(−rE) + φk·e₀·(exp(−rE) − exp(−kE)) / (k −
 * r)}: the closed form of the two losses in a row, so no step length enters. The melanin beside it is {@code m(w)·(p₀/m(w₀))^exp(−sE)}
 * where {@code w} is the residue there and to come and {@code m} the ladder's.
 */
public final class Lift {
    private static final Constants FIGURES = Constants.in("lift");
    private static final Constants STRENGTH = Constants.in("strength");

    private static final double EUMELANIN = FIGURES.of("eumelanin");
    private static final double PHEOMELANIN = FIGURES.of("pheomelanin");
    private static final double RESIDUE = FIGURES.of("residue");
    private static final double LADDER_PULL = FIGURES.of("ladder pull");
    private static final double OPENS = FIGURES.of("opens");
    private static final double COOLS_IN = FIGURES.of("additive cools in");
    private static final double COOLS_VIOLET = FIGURES.of("additive violet share");
    private static final double LEFT_WARM = FIGURES.of("residue from eumelanin");
    private static final double RATIO_EXPONENT = FIGURES.of("ratio exponent");
    private static final double USUAL_SECTION = FIGURES.of("usual section");
    private static final double SECTION_EXPONENT = FIGURES.of("section exponent");
    private static final double SCALP = FIGURES.of("scalp");
    private static final double TINT_SCALP = FIGURES.of("tint scalp");
    private static final double HEAT = FIGURES.of("heat");
    private static final double HEAT_LIFE = FIGURES.of("heat life");
    private static final double SLOWING_BY_LAYER = FIGURES.of("slowing by layer");
    private static final Map<Cover, Double> SPEED = figures(FIGURES, Cover.values(), Cover::words);
    private static final Map<Cover, Double> TINT_SPEED =
            figures(FIGURES, Cover.values(), cover -> "tint " + cover.words());
    private static final Map<Cover, Double> LIFE = figures(FIGURES, Cover.values(), cover -> cover.words() + " life");
    private static final Map<Thickness, Double> BY_THICKNESS = figures(FIGURES, Thickness.values(), Thickness::words);
    private static final ByPorosity BY_POROSITY = ByPorosity.of(FIGURES, "porosity");
    private static final Map<Pigment, Double> DYES = figures(
            FIGURES,
            new Pigment[] {
                Pigment.DYE_YELLOW, Pigment.DYE_RED, Pigment.DYE_VIOLET, Pigment.DYE_BLUE,
                Pigment.DIRECT_YELLOW, Pigment.DIRECT_RED, Pigment.DIRECT_VIOLET, Pigment.DIRECT_BLUE
            },
            Pigment::words);

    private static final double VOLUME_EXPONENT = STRENGTH.of("volume exponent");
    private static final Map<Thickness, Double> COST_BY_THICKNESS =
            figures(STRENGTH, Thickness.values(), Thickness::words);
    private static final ByPorosity COST_BY_POROSITY = ByPorosity.of(STRENGTH, "porosity");

    /** Even without peroxide persulfate costs something. */
    private static final double LEAST_VOLUME = 5;

    private Lift() {}

    static Canvas on(Canvas canvas, Lightening laid, Factors factors) {
        double dose = factors.lift(laid.make().code()) * dose(laid, canvas.fibre());
        Canvas lifted = by(canvas, dose, laid.product().takesDye());
        double cost = factors.damage() * cost(laid, dose, canvas.fibre());
        Canvas opened = lifted.with(lifted.fibre().spent(cost).openedTo(Math.exp(-OPENS * dose)));
        return laid.make()
                .additive()
                .map(additive -> cooled(opened, additive.cools() * (1 - Math.exp(-laid.minutes() / COOLS_IN))))
                .orElse(opened);
    }

    /** Direct dye that lightener does not take, stirred into it. */
    private static Canvas cooled(Canvas canvas, double amount) {
        Dyes cool = new Dyes(0, 0, COOLS_VIOLET * amount, (1 - COOLS_VIOLET) * amount);
        return canvas.with(pigments -> pigments.plus(DyeKind.DIRECT, cool));
    }

    /** What a laying of product reaches on such hair, ≥ 0; 1 takes 63 % of the warm residue away. */
    public static double dose(Lightening laid, Fibre fibre) {
        Setting setting = laid.setting();
        LiftProduct product = laid.product();
        // What is made to be painted dries as little in open air as other lightener under film.
        Cover cover = laid.make().openAir() && setting.cover() == Cover.OPEN ? Cover.FILM : setting.cover();
        double rate = product.rate(laid.volume())
                * laid.make().speed()
                * Math.pow((1 + product.usualRatio()) / (1 + laid.developerPerPowder()), RATIO_EXPONENT)
                * (setting.place() == Place.MIDS ? 1 : product.dries() ? SCALP : TINT_SCALP)
                * (product.dries() ? SPEED : TINT_SPEED).get(cover)
                * (setting.heat() ? HEAT : 1)
                * Math.pow(USUAL_SECTION / setting.sectionMm(), SECTION_EXPONENT)
                * BY_POROSITY.at(fibre.porosity())
                * BY_THICKNESS.get(fibre.thickness())
                / (1 + SLOWING_BY_LAYER * fibre.layers());
        double life = product.life() * (product.dries() ? LIFE.get(cover) : 1) * (setting.heat() ? HEAT_LIFE : 1);
        double minutes = Math.min(laid.minutes(), laid.rewetAt().orElse(laid.minutes()));
        return rate * Math.exp(-laid.ageMinutes() / product.life()) * life * (1 - Math.exp(-minutes / life));
    }

    /** The canvas after a dose; strength is not touched here. */
    static Canvas by(Canvas canvas, double dose, boolean takesDye) {
        Canvas lifted = canvas.with(pigments -> by(pigments, dose, takesDye));
        double before = oxidative(canvas.coloured());
        if (!takesDye || before == 0) {
            return lifted;
        }
        Fibre fibre = canvas.fibre();
        return lifted.with(fibre.withLayers(fibre.layers() * oxidative(lifted.coloured()) / before));
    }

    private static Pigments by(Pigments pigments, double dose, boolean takesDye) {
        double eumelanin = pigments.amount(Pigment.EUMELANIN);
        double left = Math.exp(-EUMELANIN * dose);
        double warmLeft = Math.exp(-RESIDUE * dose);
        double made = LEFT_WARM * EUMELANIN * eumelanin * (warmLeft - left) / (EUMELANIN - RESIDUE);
        double residue = pigments.amount(Pigment.RESIDUE) * warmLeft + made;
        double warm = pigments.amount(Pigment.RESIDUE) + LEFT_WARM * eumelanin;
        return pigments.times(pigment -> factor(pigment, dose, takesDye))
                .with(Pigment.RESIDUE, residue)
                .with(Pigment.PHEOMELANIN, melanin(pigments.amount(Pigment.PHEOMELANIN), warm, warm * warmLeft, dose));
    }

    /**
     * The flatter melanin follows the residue that is there or still to come, along the ladder of lifted hair; how far it stands
     * from the ladder is lost in proportion, so that hair of every natural level comes out alike.
     */
    private static double melanin(double before, double warm, double warmAfter, double dose) {
        if (before == 0 || warm == 0) {
            return before * Math.exp(-PHEOMELANIN * dose);
        }
        double beside = before / Pigments.melaninBeside(warm);
        return Pigments.melaninBeside(warmAfter) * Math.pow(beside, Math.exp(-LADDER_PULL * dose));
    }

    private static double factor(Pigment pigment, double dose, boolean takesDye) {
        return switch (pigment) {
            case EUMELANIN -> Math.exp(-EUMELANIN * dose);
            case PHEOMELANIN, RESIDUE, KERATIN -> 1;
            case DYE_YELLOW, DYE_RED, DYE_VIOLET, DYE_BLUE, DIRECT_YELLOW, DIRECT_RED, DIRECT_VIOLET, DIRECT_BLUE ->
                takesDye ? Math.exp(-DYES.get(pigment) * dose) : 1;
        };
    }

    private static double oxidative(Pigments pigments) {
        return pigments.dyes(DyeKind.OXIDATIVE).total();
    }

    /** R32: stronger developer costs more for the same lift; fine and porous hair pays more. */
    private static double cost(Lightening laid, double dose, Fibre fibre) {
        return dose
                * laid.product().cost()
                * laid.make().harshness()
                * Math.pow(Math.max(LEAST_VOLUME, laid.volume()) / 30, VOLUME_EXPONENT)
                * COST_BY_THICKNESS.get(fibre.thickness())
                * COST_BY_POROSITY.at(fibre.porosity());
    }

    private static <E extends Enum<E>> Map<E, Double> figures(
            Constants constants, E[] values, Function<E, String> name) {
        Map<E, Double> figures = new EnumMap<>(values[0].getDeclaringClass());
        for (E value : values) {
            figures.put(value, constants.of(name.apply(value)));
        }
        return figures;
    }
}
