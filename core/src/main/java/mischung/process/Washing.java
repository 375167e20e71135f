package mischung.process;

import mischung.Constants;
import mischung.hair.ByPorosity;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.Pigments;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * Washes at home or at the basin: dye goes by its class and hue, natural pigment stays, so what permanent colour lifted
 * shows again (R9). Sun, heat and swimming are not modelled.
 *
 * @param washes 0–500
 * @param clarifying with a clearing shampoo, which takes as much as several washes (R52)
 */
public record Washing(double washes, boolean clarifying) implements Change {
    private static final Constants FIGURES = Constants.in("fade");
    private static final ByPorosity BY_POROSITY = ByPorosity.of(FIGURES, "porosity");

    public Washing {
        RefusedInput.within("washes", washes, 0, 500, Unit.NONE);
    }

    public static Washing times(double washes) {
        return new Washing(washes, false);
    }

    @Override
    public Canvas on(Canvas canvas, Factors factors) {
        double count = washes * (clarifying ? FIGURES.of("clarifying") : 1);
        Fibre fibre = canvas.fibre();
        double thirst = BY_POROSITY.at(fibre.porosity());
        double looseLeft = fibre.loose() * Math.exp(-FIGURES.of("loose") * count);
        Canvas washed = canvas.with(pigments -> pigments.times(pigment -> {
            double rate = rate(pigment, fibre);
            return rate == 0 ? 1 : looseLeft + (1 - fibre.loose()) * Math.exp(-rate * thirst * count);
        }));
        double before = dye(canvas.coloured());
        double after = dye(washed.coloured());
        // Dye that settled slowly and dye that never did leave at different speeds, so the mix of the two changes.
        double loose = after == 0 ? 0 : Math.min(1, before * looseLeft / after);
        Fibre rinsed = washes == 0 ? fibre : fibre.withoutEqualiser();
        return washed.with(rinsed.withDyeHeld(fibre.grip(), loose));
    }

    private static double rate(Pigment pigment, Fibre fibre) {
        return switch (pigment) {
            case DYE_YELLOW -> FIGURES.of("yellow") / fibre.grip();
            case DYE_RED -> FIGURES.of("red") / fibre.grip();
            case DYE_VIOLET -> FIGURES.of("violet") / fibre.grip();
            case DYE_BLUE -> FIGURES.of("blue") / fibre.grip();
            case DIRECT_YELLOW, DIRECT_RED, DIRECT_VIOLET, DIRECT_BLUE -> FIGURES.of(pigment.words());
            case EUMELANIN, PHEOMELANIN, RESIDUE, KERATIN -> 0;
        };
    }

    private static double dye(Pigments pigments) {
        return pigments.dyes().total() + pigments.dyes(DyeKind.DIRECT).total();
    }

    @Override
    public double minutes() {
        return 0;
    }

    @Override
    public Washing until(double minutes) {
        return this;
    }

    @Override
    public Said said() {
        return (clarifying ? ChangeMessage.CLARIFYING_WASHES : ChangeMessage.WASHES).alone();
    }
}
