package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.LevelScale;
import mischung.school.School;

/** Which filler levels lie between a canvas and its target, by school. Highest first; the target itself is not named. */
public final class FillerLevels {
    /** R13: the most one deposit may drop. */
    public static final double LONGEST_STEP = 2;

    /** What two eyes may differ by. */
    private static final double HALF_A_LEVEL = 0.5;

    private FillerLevels() {}

    /** @param canvas level as read; {@code target} below it */
    public static List<Double> between(double canvas, double target, School school) {
        return switch (school) {
            case MIDPOINT -> List.of(LevelScale.inHalves((canvas + target) / 2));
            case LADDER -> ladder(canvas, target);
            case ONE_LIGHTER -> List.of(target + 1);
            case AT_TARGET -> List.of(target);
            case IN_TARGET -> List.of();
        };
    }

    /**
     * Rungs two levels apart, counted up from the target so that all bands of a head share the lower bowls. The topmost
     * rung shares what is left evenly with the one below it, instead of leaving a step of half a level. Where two fillers a
     * little further apart do for three, nobody lays the third.
     */
    private static List<Double> ladder(double canvas, double target) {
        List<Double> rungs = new ArrayList<>();
        for (double rung = target + LONGEST_STEP; rung < canvas; rung += LONGEST_STEP) {
            rungs.add(0, rung);
        }
        double third = (canvas - target) / 3;
        if (rungs.size() > 2 && third <= LONGEST_STEP + HALF_A_LEVEL) {
            return List.of(LevelScale.inHalves(target + 2 * third), LevelScale.inHalves(target + third));
        }
        if (rungs.size() > 1) {
            double middle = LevelScale.inHalves((canvas + rungs.get(1)) / 2);
            if (canvas - middle <= LONGEST_STEP && middle - rungs.get(1) <= LONGEST_STEP) {
                rungs.set(0, middle);
            }
        }
        return List.copyOf(rungs);
    }
}
