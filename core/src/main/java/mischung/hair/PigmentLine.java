package mischung.hair;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.DoubleFunction;
import mischung.light.Illuminant;

/**
 * A family of heads that differ only in depth: the pigments of natural hair, or of lifted hair, at any level. Found by
 * bisection on the amount until L* is the level's; kept, since plans ask for the same halves over and over.
 */
public enum PigmentLine {
    /** Hair as it grows. */
    NATURAL(eumelanin -> Pigments.natural(eumelanin, eumelanin * HairConstants.of("pheomelanin per eumelanin"))),
    /** Hair that was lightened and shows its contributing pigment. */
    LIFTED(Pigments::lifted);

    private static final int HALVINGS = 60;
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
            kept = solved(lightness);
            if (known.size() < MOST_KEPT) {
                known.put(level, kept);
            }
        }
        return kept;
    }

    private Pigments solved(double lightness) {
        double low = Math.log(1e-7);
        double high = Math.log(50);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            double l = Illuminant.D65
                    .reflected(byAmount.apply(Math.exp(middle)).reflectance())
                    .toLab()
                    .l();
            if (l > lightness) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return byAmount.apply(Math.exp(high));
    }
}
