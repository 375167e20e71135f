package mischung.plan;

import java.util.Map;
import mischung.DataFile;

/**
 * What a predicted range rests on: each band is simulated as read, read half a level lighter and darker, and on hair that
 * takes more and less than average; the deviations add as the root of their squares. About two in three results should
 * fall inside.
 */
enum Spread {
    AS_READ(0, 1),
    READ_TOO_DARK(+Spread.figure("reading"), 1),
    READ_TOO_LIGHT(-Spread.figure("reading"), 1),
    TAKES_LESS(0, 1 / Spread.figure("uptake")),
    TAKES_MORE(0, Spread.figure("uptake"));

    private final double levels;
    private final double uptake;

    Spread(double levels, double uptake) {
        this.levels = levels;
        this.uptake = uptake;
    }

    /** How far the true level lies above the one read. */
    double levels() {
        return levels;
    }

    double uptake() {
        return uptake;
    }

    /** @param levels predicted level in each case */
    static LevelRange range(Map<Spread, Double> levels) {
        double middle = levels.get(AS_READ);
        double up = 0;
        double down = 0;
        for (double level : levels.values()) {
            up += square(Math.max(0, level - middle));
            down += square(Math.max(0, middle - level));
        }
        return new LevelRange(middle - Math.sqrt(down), middle + Math.sqrt(up));
    }

    private static double square(double x) {
        return x * x;
    }

    private static double figure(String name) {
        Double figure = DataFile.of(Spread.class, "spread.csv").figures().get(name);
        if (figure == null) {
            throw new IllegalStateException("spread.csv lacks " + name);
        }
        return figure;
    }
}
