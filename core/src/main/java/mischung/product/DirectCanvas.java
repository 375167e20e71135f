package mischung.product;

import java.util.EnumMap;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import mischung.DataFile;
import mischung.hair.LevelScale;
import mischung.hair.Tone;

/** What direct colour asks of the hair under it: it covers nothing, so what warmth is left shows through (R59c). */
public final class DirectCanvas {
    private static final Map<Tone, NavigableMap<Double, Double>> NEEDED = load();

    private DirectCanvas() {}

    /** Whether a colour of this tone can be made with direct dye at all. */
    public static boolean isFor(Tone tone) {
        return NEEDED.containsKey(tone);
    }

    /**
     * The level hair has to be lifted to.
     *
     * @param level of the colour that is wanted, 1–12
     * @return in halves, 1–12; never darker than the colour itself
     * @throws IllegalArgumentException for a tone no direct dye is made in
     */
    public static double needed(Tone tone, double level) {
        NavigableMap<Double, Double> rows = NEEDED.get(tone);
        if (rows == null) {
            throw new IllegalArgumentException("no direct dye is " + tone.words());
        }
        Map.Entry<Double, Double> below = rows.floorEntry(level);
        Map.Entry<Double, Double> above = rows.ceilingEntry(level);
        double needed = below == null
                ? above.getValue()
                : above == null || above.getKey().equals(below.getKey())
                        ? below.getValue()
                        : below.getValue()
                                + (level - below.getKey())
                                        / (above.getKey() - below.getKey())
                                        * (above.getValue() - below.getValue());
        return LevelScale.inHalves(Math.max(needed, level));
    }

    /** Whether direct dyes are made in it. */
    public static boolean knows(Tone tone) {
        return NEEDED.containsKey(tone);
    }

    private static Map<Tone, NavigableMap<Double, Double>> load() {
        DataFile file = DataFile.of(DirectCanvas.class, "direct-canvas.csv");
        Map<Tone, NavigableMap<Double, Double>> all = new EnumMap<>(Tone.class);
        for (int row = 0; row < file.size(); row++) {
            all.computeIfAbsent(Tone.named(file.text(row, "tone")), tone -> new TreeMap<>())
                    .put(file.number(row, "level"), file.number(row, "canvas"));
        }
        return all;
    }
}
