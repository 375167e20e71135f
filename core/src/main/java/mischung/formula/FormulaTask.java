package mischung.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import mischung.hair.Canvas;
import mischung.hair.LevelScale;
import mischung.hair.Tone;
import mischung.light.Lab;
import mischung.process.Application;
import mischung.process.Factors;
import mischung.product.Shade;

/**
 * What a formula is wanted for.
 *
 * @param spots the hair that shares the bowl
 * @param application how it will be laid on; its dyes are what is searched for
 * @param candidates shades of one class
 * @param lightestMean the mix's mean level must not be above this
 * @param darkestMean nor below this
 * @param shares what the school or the rules ask of the mix
 * @param depthWeight how much more a miss in depth counts than a miss in tone, usually 1
 * @param oddness what it costs to look odd
 * @param head how this head takes colour, as far as tests and visits have taught
 */
public record FormulaTask(
        List<Spot> spots,
        Application application,
        List<Shade> candidates,
        double darkestMean,
        double lightestMean,
        List<ToneShare> shares,
        double depthWeight,
        Oddness oddness,
        Factors head) {
    private static final double WIDER_LEVELS = 2;

    public FormulaTask {
        spots = List.copyOf(spots);
        candidates = List.copyOf(candidates);
        shares = List.copyOf(shares);
    }

    /** On a head nothing is known of. */
    public FormulaTask(
            List<Spot> spots,
            Application application,
            List<Shade> candidates,
            double darkestMean,
            double lightestMean,
            List<ToneShare> shares,
            double depthWeight,
            Oddness oddness) {
        this(spots, application, candidates, darkestMean, lightestMean, shares, depthWeight, oddness, Factors.AVERAGE);
    }

    /** By what differs: the same hundred shades stand in nearly every task of a head. */
    @Override
    public int hashCode() {
        return Objects.hash(spots, application, darkestMean, lightestMean, shares, depthWeight, candidates.size());
    }

    /** A piece of hair and the colour it should come to; weight is its mass, in any unit. */
    public record Spot(Canvas canvas, Lab aim, double weight) {}

    /** Shades of these tones make at least and at most so much of the mix, clear included in the whole. */
    public record ToneShare(Set<Tone> tones, double least, double most) {
        boolean counts(Shade shade) {
            return of(shade) > 0;
        }

        /** How much of a shade is of these tones, 0–1. */
        double of(Shade shade) {
            return shade.tones()
                    .map(mix -> tones.stream().mapToDouble(mix::share).sum())
                    .orElse(0.0);
        }
    }

    /** Levels by which the hair that comes out darkest against its aim differs from it; below 0: darker. */
    public double darkest(Formula formula) {
        Application mixed = application.withDyes(formula.mix().dyes());
        return spots.stream()
                .mapToDouble(spot -> mixed.on(spot.canvas(), head).level()
                        - LevelScale.levelOf(spot.aim().l()))
                .min()
                .orElse(0);
    }

    /** Without shades that are out or not wanted. */
    public FormulaTask without(Set<String> codes) {
        return new FormulaTask(
                spots,
                application,
                candidates.stream().filter(s -> !codes.contains(s.code())).toList(),
                darkestMean,
                lightestMean,
                shares,
                depthWeight,
                oddness,
                head);
    }

    /** Without clear, and from shades so many levels lighter than the step's own. */
    public FormulaTask withoutClear(double lighter) {
        return new FormulaTask(
                spots,
                application,
                candidates.stream().filter(s -> !s.isClear()).toList(),
                darkestMean,
                lightestMean + lighter,
                shares,
                depthWeight,
                new Oddness(oddness.purpose(), oddness.level() + lighter, oddness.tones()),
                head);
    }

    /** With shades besides, that cannot be had. */
    public FormulaTask with(List<Shade> others) {
        List<Shade> all = new ArrayList<>(candidates);
        all.addAll(others);
        return new FormulaTask(spots, application, all, darkestMean, lightestMean, shares, depthWeight, oddness, head);
    }

    /** With the rules on tones dropped and those on levels widened, as far as it takes to have a shade at all. */
    public FormulaTask withoutShares() {
        boolean near = candidates.stream()
                .anyMatch(s -> !s.isClear()
                        && s.level() >= darkestMean - WIDER_LEVELS
                        && s.level() <= lightestMean + WIDER_LEVELS);
        return new FormulaTask(
                spots,
                application,
                candidates,
                near ? darkestMean - WIDER_LEVELS : 0,
                near ? lightestMean + WIDER_LEVELS : Double.MAX_VALUE,
                List.of(),
                depthWeight,
                oddness,
                head);
    }
}
