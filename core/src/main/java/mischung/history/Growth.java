package mischung.history;

import mischung.Constants;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * How fast this hair grows, in cm a month (R64).
 *
 * @param from 0.3–3
 * @param usual what is taken in the middle
 * @param to 0.3–3
 */
public record Growth(double from, double usual, double to) {
    private static final Constants FIGURES = Constants.in("history");

    /** R64, before anything was measured. */
    public static final Growth UNMEASURED = between(FIGURES.of("growth from"), FIGURES.of("growth to"));

    public Growth {
        RefusedInput.within("growthFrom", from, 0.3, 3, Unit.CM_A_MONTH);
        RefusedInput.within("growthTo", to, from, 3, Unit.CM_A_MONTH);
        RefusedInput.within("growthUsual", usual, from, to, Unit.CM_A_MONTH);
    }

    public static Growth between(double from, double to) {
        return new Growth(from, (from + to) / 2, to);
    }

    /**
     * From a regrowth that was measured on the hair.
     *
     * @param regrowthCm from the scalp to the line, 0.3–150
     * @param months since colour last went on at the scalp, at least one half
     */
    public static Growth measured(double regrowthCm, double months) {
        RefusedInput.within("measuredRegrowthCm", regrowthCm, 0.3, 150, Unit.CM);
        RefusedInput.within("months", months, 0.5, 1200, Unit.MONTHS);
        double doubt = FIGURES.of("line read to");
        double rate = regrowthCm / months;
        if (rate < 0.3 || rate > 3) {
            throw new RefusedInput(
                    "measuredRegrowthCm",
                    regrowthCm,
                    RefusalMessage.GROWS_SO_FAR
                            .say()
                            .tenth("months", months)
                            .tenth("rate", rate)
                            .said());
        }
        return new Growth(
                Math.max(0.3, (regrowthCm - doubt) / months), rate, Math.min(3, (regrowthCm + doubt) / months));
    }
}
