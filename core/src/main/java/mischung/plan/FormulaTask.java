package mischung.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.change.Application;
import mischung.hair.Canvas;
import mischung.hair.Tone;
import mischung.light.Lab;
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
 */
record FormulaTask(
        List<Spot> spots,
        Application application,
        List<Shade> candidates,
        double darkestMean,
        double lightestMean,
        List<ToneShare> shares,
        double depthWeight) {
    FormulaTask {
        spots = List.copyOf(spots);
        candidates = List.copyOf(candidates);
        shares = List.copyOf(shares);
    }

    /** A piece of hair and the colour it should come to; weight is its mass, in any unit. */
    record Spot(Canvas canvas, Lab aim, double weight) {}

    /** Shades of these tones make at least and at most so much of the mix, clear included in the whole. */
    record ToneShare(Set<Tone> tones, double least, double most) {
        boolean counts(Shade shade) {
            Optional<Tone> tone = shade.tone();
            return tone.isPresent() && tones.contains(tone.get());
        }
    }

    FormulaTask withoutShares() {
        return new FormulaTask(spots, application, candidates, 0, Double.MAX_VALUE, List.of(), depthWeight);
    }
}
