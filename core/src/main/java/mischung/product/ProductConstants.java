package mischung.product;

import mischung.Constants;

/** The figures of shades and their classes. */
final class ProductConstants {
    private static final Constants FIGURES = Constants.in("shade");

    private ProductConstants() {}

    static double of(String name) {
        return FIGURES.of(name);
    }

    /** A figure that has one value up to level 7, another from level 9, and runs straight between. */
    static double byLevel(String name, double level) {
        double share = Math.max(0, Math.min(1, (level - 7) / 2));
        return (1 - share) * of(name + " to 7") + share * of(name + " from 9");
    }
}
