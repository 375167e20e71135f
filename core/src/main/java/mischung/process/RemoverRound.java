package mischung.process;

import mischung.Constants;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigments;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * One round of reducing remover (R30): shrinks oxidative dye so that it rinses out. Natural pigment, warm residue and direct
 * dye are not touched.
 *
 * @param minutes 0–60, usually 20–30
 * @param covered under film or with warmth
 * @param clarified hair washed clear beforehand
 * @param rinseMinutes 0–60; what is not rinsed out darkens again
 */
public record RemoverRound(double minutes, boolean covered, boolean clarified, double rinseMinutes) implements Change {
    private static final Constants FIGURES = Constants.in("remove");
    private static final double COST = Constants.in("strength").of("spent by remover");

    /** As R30 has it. */
    public static final RemoverRound USUAL = new RemoverRound(25, true, true, 10);

    public RemoverRound {
        RefusedInput.within("minutes", minutes, 0, 60, Unit.MIN);
        RefusedInput.within("rinseMinutes", rinseMinutes, 0, 60, Unit.MIN);
    }

    @Override
    public Canvas on(Canvas canvas, Factors factors) {
        double share = share(canvas.fibre(), factors);
        Canvas cleared = canvas.with(pigments -> cleared(pigments, share));
        Fibre fibre = canvas.fibre();
        return cleared.with(fibre.withLayers(fibre.layers() * (1 - share)).spent(COST * ripeness() * factors.damage()));
    }

    /** Share of the oxidative dye that goes, over all primaries, 0–1. */
    double share(Fibre fibre, Factors factors) {
        double layersBeyond = Math.max(0, fibre.layers() - 1);
        double full = Math.max(FIGURES.of("least share"), FIGURES.of("share") - FIGURES.of("by layer") * layersBeyond);
        double back = FIGURES.of("back without rinse") * Math.max(0, 1 - rinseMinutes / FIGURES.of("full rinse"));
        return Math.min(
                0.97,
                factors.removal()
                        * full
                        * ripeness()
                        * (clarified ? 1 : FIGURES.of("not clarified"))
                        * (covered ? 1 : FIGURES.of("uncovered"))
                        * (1 - back));
    }

    private double ripeness() {
        double rise = FIGURES.of("rise");
        double done = Math.min(1, minutes / FIGURES.of("full time"));
        return (1 - Math.exp(-rise * done)) / (1 - Math.exp(-rise));
    }

    private static Pigments cleared(Pigments pigments, double share) {
        Dyes inside = pigments.dyes(DyeKind.OXIDATIVE);
        DyeKind kind = DyeKind.OXIDATIVE;
        return pigments.with(kind.yellow(), inside.yellow() * left(share, "yellow"))
                .with(kind.red(), inside.red() * left(share, "red"))
                .with(kind.violet(), inside.violet() * left(share, "violet"))
                .with(kind.blue(), inside.blue() * left(share, "blue"));
    }

    private static double left(double share, String primary) {
        return Math.max(0, 1 - share * FIGURES.of(primary));
    }

    @Override
    public RemoverRound until(double earlier) {
        return new RemoverRound(Math.min(minutes, earlier), covered, clarified, rinseMinutes);
    }

    @Override
    public Said said() {
        return ChangeMessage.REMOVER.alone();
    }
}
