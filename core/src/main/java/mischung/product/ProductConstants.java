package mischung.product;

import java.util.Map;
import mischung.DataFile;

/** The figures of {@code shade-constants.csv}. */
final class ProductConstants {
    private static final Map<String, Double> FIGURES =
            DataFile.of(ProductConstants.class, "shade-constants.csv").figures();

    private ProductConstants() {}

    static double of(String name) {
        Double figure = FIGURES.get(name);
        if (figure == null) {
            throw new IllegalStateException("shade-constants.csv lacks " + name);
        }
        return figure;
    }

    /** A figure that has one value up to level 7, another from level 9, and runs straight between. */
    static double byLevel(String name, double level) {
        double share = Math.max(0, Math.min(1, (level - 7) / 2));
        return (1 - share) * of(name + " to 7") + share * of(name + " from 9");
    }
}
