package mischung.mix;

import java.util.List;
import mischung.Constants;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * By how much what is reckoned is off in this house and with this client: grams a bowl takes, minutes a task takes.
 *
 * <p>The logarithm of used by reckoned is normal. A house is off by so much, a client in it by so much besides, one bowl
 * besides that; each observation moves the mean as far as these spreads say (the closed form of a normal mean with a normal
 * prior; Gelman et al., Bayesian Data Analysis, 3rd ed., 2013, section 2.5). Nothing seen: factor 1.
 *
 * @param factor to multiply what is reckoned by; the median
 * @param spread of its logarithm
 * @param seen how many observations it rests on
 */
public record Experience(double factor, double spread, int seen) {
    private static final Constants FIGURES = Constants.in("habit");
    private static final double HOUSE = FIGURES.of("house spread");
    private static final double CLIENT = FIGURES.of("client spread");
    private static final double ONCE = FIGURES.of("once spread");

    /** Further off it is no habit but a slip of the hand. */
    private static final double MOST = 4;

    /** What was reckoned and what it really was, in the same unit, both above 0. */
    public record Seen(double reckoned, double real) {
        public Seen {
            RefusedInput.within("reckoned", reckoned, 0.1, 100_000, Unit.NONE);
            RefusedInput.within("real", real, 0.1, 100_000, Unit.NONE);
        }

        double log() {
            return Math.max(-Math.log(MOST), Math.min(Math.log(MOST), Math.log(real / reckoned)));
        }
    }

    public static Experience nothing() {
        return of(List.of(), List.of());
    }

    /**
     * @param others of the same house with other clients
     * @param own of this client
     */
    public static Experience of(List<Seen> others, List<Seen> own) {
        // Another client's own habit is noise to what the house does.
        Normal house = new Normal(0, HOUSE * HOUSE).after(others, CLIENT * CLIENT + ONCE * ONCE);
        Normal client = new Normal(house.mean, house.variance + CLIENT * CLIENT).after(own, ONCE * ONCE);
        return new Experience(Math.exp(client.mean), Math.sqrt(client.variance), others.size() + own.size());
    }

    private record Normal(double mean, double variance) {
        Normal after(List<Seen> seen, double noise) {
            if (seen.isEmpty()) {
                return this;
            }
            double sum = seen.stream().mapToDouble(Seen::log).sum();
            double precision = 1 / variance + seen.size() / noise;
            return new Normal((mean / variance + sum / noise) / precision, 1 / precision);
        }
    }
}
