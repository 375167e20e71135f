package mischung.hair;

import java.util.function.DoubleFunction;
import mischung.light.Illuminant;

/** Finds how much of something makes hair as dark as wished. */
final class Depth {
    private static final int HALVINGS = 60;
    private static final double LEAST = 1e-7;
    private static final double MOST = 50;

    private Depth() {}

    /** By bisection on the logarithm of the amount; the family must grow darker with it. */
    static Pigments matched(DoubleFunction<Pigments> family, double lightness) {
        double low = Math.log(LEAST);
        double high = Math.log(MOST);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            double here =
                    Illuminant.D65.lightness(family.apply(Math.exp(middle)).reflectance());
            if (here > lightness) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return family.apply(Math.exp(high));
    }
}
