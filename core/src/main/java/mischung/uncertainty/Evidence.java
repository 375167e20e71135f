package mischung.uncertainty;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/**
 * What one visit has taught of a client's {@link Factor}s, apart from all that was known before: what it adds to the precision
 * (inverse covariance) of their logarithms, and to precision times mean. Of several visits these simply add up, in any order
 * (the information form of the product of normal densities; Bishop, Pattern Recognition and Machine Learning, 2006, section
 * 2.3); taking one back leaves the others.
 *
 * @param shift one for each factor
 * @param precision row by row
 * @param observations it rests on
 * @param products the same of each lightener that was tried, by its code
 */
public record Evidence(List<Double> shift, List<Double> precision, int observations, Map<String, OfProduct> products) {
    /** Of the logarithm by which a lightener differs from the client's factor of lift. */
    public record OfProduct(String name, double shift, double precision, int tests) {}

    private static final int FACTORS = Factor.values().length;

    public static final Evidence NONE =
            new Evidence(Collections.nCopies(FACTORS, 0.0), Collections.nCopies(FACTORS * FACTORS, 0.0), 0, Map.of());

    /** Of no product in particular. */
    public Evidence(List<Double> shift, List<Double> precision, int observations) {
        this(shift, precision, observations, Map.of());
    }

    public Evidence {
        products = Map.copyOf(products);
        shift = List.copyOf(shift);
        precision = List.copyOf(precision);
        if (shift.size() != FACTORS || precision.size() != FACTORS * FACTORS) {
            throw new RefusedInput("evidence", shift.size(), RefusalMessage.FIGURE_FOR_EACH);
        }
    }
}
