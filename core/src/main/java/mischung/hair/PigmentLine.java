package mischung.hair;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleFunction;

/**
 * A family of heads that differ only in depth: the pigments of natural hair, or of lifted hair, at any level. Found by
 * bisection on the amount until L* is the level's; kept, since plans ask for the same halves over and over.
 */
public enum PigmentLine {
    /** Hair as it grows. */
    NATURAL(eumelanin -> Pigments.natural(eumelanin, eumelanin * Figures.HAIR.of("pheomelanin per eumelanin"))),
    /** Hair that was lightened and shows its contributing pigment. */
    LIFTED(Pigments::lifted);

    private static final int MOST_KEPT = 4096;

    private final DoubleFunction<Pigments> byAmount;
    private final Map<Double, Pigments> known = new ConcurrentHashMap<>();

    PigmentLine(DoubleFunction<Pigments> byAmount) {
        this.byAmount = byAmount;
    }

    /** @throws mischung.RefusedInput unless {@code 1 ≤ level ≤ 12} */
    public Pigments at(double level) {
        double lightness = LevelScale.lightnessOf(level);
        Pigments kept = known.get(level);
        if (kept == null) {
            kept = Depth.matched(byAmount, lightness);
            if (known.size() < MOST_KEPT) {
                known.put(level, kept);
            }
        }
        return kept;
    }
}
