package mischung.hair;

import java.util.List;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.said.RefusedInput;

/**
 * Several measurements of one band as one colour.
 *
 * @param lab mean of the measurements, each weighed by the inverse square of the spread it states
 * @param scatter root mean square CIEDE2000 of the measurements from that mean; 0 for a single one
 * @param spread standard error of the mean: the larger of what the measurements state and what they scatter
 * @param count how many there are
 */
public record MeasuredColour(Lab lab, double scatter, double spread, int count) {
    public static final int MOST = 20;

    /** @throws RefusedInput unless there are 1 to 20 */
    public static MeasuredColour of(List<Measured> all) {
        if (all.isEmpty() || all.size() > MOST) {
            throw new RefusedInput("readings", all.size(), RefusedInput.fromTo(1, MOST));
        }
        double weights = 0;
        double l = 0;
        double a = 0;
        double b = 0;
        for (Measured one : all) {
            double weight = 1 / (one.spread() * one.spread());
            weights += weight;
            l += weight * one.lab().l();
            a += weight * one.lab().a();
            b += weight * one.lab().b();
        }
        Lab mean = Lab.d65(l / weights, a / weights, b / weights);
        double squares = all.stream()
                .mapToDouble(one -> Ciede2000.between(one.lab(), mean))
                .map(difference -> difference * difference)
                .sum();
        double scatter = Math.sqrt(squares / all.size());
        double stated = Math.sqrt(1 / weights);
        double shown = all.size() < 2 ? 0 : Math.sqrt(squares / (all.size() - 1.0) / all.size());
        return new MeasuredColour(mean, scatter, Math.max(stated, shown), all.size());
    }
}
