package mischung.hair;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What the hair itself is like, apart from what colours it.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>thickness</td><td>of the single hair, and with it how strong it is</td><td></td></tr>
 * <tr><td>porosity</td><td>0 low, 1 normal, 2 high, 3 very high, and between</td><td>0–3</td></tr>
 * <tr><td>integrity</td><td>what is left of the strength of untouched hair</td><td>0–1</td></tr>
 * <tr><td>ceiling</td><td>what treatments can bring integrity back to</td><td>integrity–1</td></tr>
 * <tr><td>layers</td><td>oxidative colour laid over it so far</td><td>0–50</td></tr>
 * <tr><td>grip</td><td>how well its oxidative dye holds against washing; permanent colour is 1</td><td>0.1–2</td></tr>
 * <tr><td>loose</td><td>share of its dye that never settled and leaves with the first washes</td><td>0–1</td></tr>
 * <tr><td>opened</td><td>0 never lifted, 1 lifted through: closed hair takes little dye</td><td>0–1</td></tr>
 * <tr><td>evened</td><td>whether an equaliser lies on it</td><td></td></tr>
 * </table>
 */
public record Fibre(
        Thickness thickness,
        double porosity,
        double integrity,
        double ceiling,
        double layers,
        double grip,
        double loose,
        double opened,
        boolean evened) {
    private static final ByPorosity LEFT =
            ByPorosity.of(Figures.STRENGTH, porosity -> "at " + porosity.words() + " porosity");
    private static final double LASTING = Figures.STRENGTH.of("lasting");
    private static final double DRINKS_MORE = Figures.STRENGTH.of("porosity per spent");

    public Fibre {
        RefusedInput.within("porosity", porosity, 0, 3, Unit.POROSITY);
        RefusedInput.within("integrity", integrity, 0, 1, Unit.NONE);
        RefusedInput.within("ceiling", ceiling, integrity, 1, Unit.NONE);
        RefusedInput.within("layers", layers, 0, 50, Unit.NONE);
        RefusedInput.within("grip", grip, 0.1, 2, Unit.NONE);
        RefusedInput.within("loose", loose, 0, 1, Unit.NONE);
        RefusedInput.within("opened", opened, 0, 1, Unit.NONE);
    }

    /** Hair of which only this was read: its strength is taken from its porosity, until it is stretched. */
    public static Fibre read(Thickness thickness, Porosity porosity) {
        return read(thickness, porosity.degree(), 0);
    }

    /** @param layers oxidative colour laid over it so far */
    public static Fibre read(Thickness thickness, double porosity, double layers) {
        double integrity = LEFT.at(porosity);
        double ceiling = 1 - LASTING * (1 - integrity);
        return new Fibre(thickness, porosity, integrity, ceiling, layers, 1, 0, 1, false);
    }

    public Porosity nearestPorosity() {
        return Porosity.nearest(porosity);
    }

    public Elasticity elasticity() {
        return Elasticity.of(integrity);
    }

    /** After a stretch test: the budget is set to the nearest that behaves as was felt. */
    public Fibre stretched(Elasticity felt) {
        double set = Math.max(felt.from(), Math.min(felt.to(), integrity));
        return new Fibre(thickness, porosity, set, Math.max(set, ceiling), layers, grip, loose, opened, evened);
    }

    /** Pays {@code cost} of the budget; part of it is never restored, and the hair drinks more. At 0 nothing is left. */
    public Fibre spent(double cost) {
        double left = Math.max(0, integrity - cost);
        double paid = integrity - left;
        double drinks = Math.min(3, porosity + paid * DRINKS_MORE);
        double cap = Math.max(left, ceiling - paid * LASTING);
        return new Fibre(thickness, drinks, left, cap, layers, grip, loose, opened, evened);
    }

    /** Brings back {@code share} of what is missing to the ceiling. */
    public Fibre restored(double share) {
        double back = Math.min(ceiling, integrity + share * (ceiling - integrity));
        return new Fibre(thickness, porosity, back, ceiling, layers, grip, loose, opened, evened);
    }

    public Fibre withLayers(double count) {
        return new Fibre(thickness, porosity, integrity, ceiling, Math.min(50, count), grip, loose, opened, evened);
    }

    /** Hair that was lifted to such a degree. */
    public Fibre withOpened(double degree) {
        return new Fibre(thickness, porosity, integrity, ceiling, layers, grip, loose, degree, evened);
    }

    /** Lifted further: of what was still closed so much stays closed. */
    public Fibre openedTo(double left) {
        return withOpened(1 - (1 - opened) * left);
    }

    public Fibre withDyeHeld(double newGrip, double newLoose) {
        return new Fibre(thickness, porosity, integrity, ceiling, layers, newGrip, newLoose, opened, evened);
    }

    public Fibre withEqualiser() {
        return new Fibre(thickness, porosity, integrity, ceiling, layers, grip, loose, opened, true);
    }

    /** As the next wash leaves it. */
    public Fibre withoutEqualiser() {
        return new Fibre(thickness, porosity, integrity, ceiling, layers, grip, loose, opened, false);
    }

    public Fibre withPorosity(double degree) {
        return new Fibre(thickness, degree, integrity, ceiling, layers, grip, loose, opened, evened);
    }
}
