package mischung.hair;

import java.util.Map;
import mischung.DataFile;

/** The figures of {@code hair-constants.csv}, where each stands with its unit and source. */
final class HairConstants {
    private static final Map<String, Double> FIGURES =
            DataFile.of(HairConstants.class, "hair-constants.csv").figures();

    private HairConstants() {}

    static double of(String name) {
        Double figure = FIGURES.get(name);
        if (figure == null) {
            throw new IllegalStateException("hair-constants.csv lacks " + name);
        }
        return figure;
    }
}
