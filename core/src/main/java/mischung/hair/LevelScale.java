package mischung.hair;

import java.util.Locale;
import mischung.DataFile;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/** Level, 1 black … 10 lightest blonde, 11–12 lifted white, against CIELAB lightness. */
public final class LevelScale {
    public static final double DARKEST = 1;
    public static final double LIGHTEST = 12;

    private static final double[] LIGHTNESS =
            DataFile.of(LevelScale.class, "levels.csv").numbers("lightness");

    private LevelScale() {}

    /**
     * L* of a level, straight between the table's steps.
     *
     * @throws RefusedInput unless {@code 1 ≤ level ≤ 12}
     */
    public static double lightnessOf(double level) {
        RefusedInput.within("level", level, DARKEST, LIGHTEST, Unit.NONE);
        int below = Math.min((int) level, LIGHTNESS.length - 1);
        return LIGHTNESS[below - 1] + (level - below) * (LIGHTNESS[below] - LIGHTNESS[below - 1]);
    }

    /** Level of an L*, as a decimal; below the table it is 1, above it 12. */
    public static double levelOf(double lightness) {
        RefusedInput.within("L*", lightness, -1000, 1000, Unit.NONE);
        if (lightness <= LIGHTNESS[0]) {
            return DARKEST;
        }
        for (int i = 1; i < LIGHTNESS.length; i++) {
            if (lightness < LIGHTNESS[i]) {
                return i + (lightness - LIGHTNESS[i - 1]) / (LIGHTNESS[i] - LIGHTNESS[i - 1]);
            }
        }
        return LIGHTEST;
    }

    /** To the nearest half, as levels are spoken. */
    public static double inHalves(double level) {
        return Math.rint(level * 2) / 2;
    }

    /** "6", "6½": the nearest half in words. */
    public static String words(double level) {
        double half = inHalves(level);
        int whole = (int) half;
        return half > whole ? whole + "½" : Integer.toString(whole);
    }

    /** A difference or a mean in levels, one decimal: "3.5", "4". */
    public static String figure(double levels) {
        double tenth = Math.rint(levels * 10) / 10;
        return tenth == Math.rint(tenth) ? Long.toString((long) tenth) : String.format(Locale.ROOT, "%.1f", tenth);
    }

    /** "1 level", "3.5 levels". */
    public static String count(double levels) {
        String figure = figure(levels);
        return figure + (figure.equals("1") ? " level" : " levels");
    }

    /**
     * A level as a colourist reads it.
     *
     * @throws RefusedInput unless it lies in 1–12 and is a whole or a half
     */
    public static double requireHalves(String field, double level) {
        RefusedInput.within(field, level, DARKEST, LIGHTEST, Unit.IN_HALVES);
        if (level * 2 != Math.rint(level * 2)) {
            throw new RefusedInput(field, level, RefusalMessage.LEVEL_IN_HALVES);
        }
        return level;
    }
}
