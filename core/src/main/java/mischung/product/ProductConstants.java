package mischung.product;

import mischung.Constants;

/** The figures of shades and their classes. */
final class ProductConstants {
    private static final Constants FIGURES = Constants.in("shade");

    private ProductConstants() {}

    static double of(String name) {
        return FIGURES.of(name);
    }
}
