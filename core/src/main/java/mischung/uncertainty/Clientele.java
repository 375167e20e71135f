package mischung.uncertainty;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import mischung.Constants;

/**
 * What the heads of one house have in common: its water, its products, its hands. What is first thought of a head nobody has
 * tested is the mean of a normal distribution over the house's clients; it moves with what was learned of each of them, by
 * the closed form for a normal mean whose observations have variances of their own (Gelman et al., Bayesian Data Analysis,
 * 3rd ed., 2013, section 5.4). With nothing learned it is the untested head of {@link Factor#spread}.
 *
 * @param means of the factors' logarithms
 * @param variances of a new client's
 * @param clients it was learned from
 */
public record Clientele(Map<Factor, Double> means, Map<Factor, Double> variances, int clients) {
    /** So much of the variance between heads lies between houses. */
    private static final double BETWEEN_HOUSES = Constants.in("spread").of("between houses");

    private static final double LEAST_PRECISION = 0.5;

    public static final Clientele UNKNOWN = of(List.of());

    public Clientele {
        means = Map.copyOf(means);
        variances = Map.copyOf(variances);
    }

    /** @param learned one for each client, from all visits */
    public static Clientele of(List<Evidence> learned) {
        Map<Factor, Double> means = new EnumMap<>(Factor.class);
        Map<Factor, Double> variances = new EnumMap<>(Factor.class);
        List<Calibration> clients = new ArrayList<>();
        learned.stream()
                .filter(one -> one.observations() > 0)
                .forEach(one -> clients.add(Calibration.none().with(one)));
        for (Factor factor : Factor.values()) {
            double spread = factor.spread() * factor.spread();
            double within = (1 - BETWEEN_HOUSES) * spread;
            double precision = 1 / (BETWEEN_HOUSES * spread);
            double weighed = 0;
            for (Calibration client : clients) {
                double after = client.spread(factor) * client.spread(factor);
                // What the client's own visits say, without what was thought before them.
                double own = 1 / after - 1 / spread;
                if (own > LEAST_PRECISION) {
                    double seen = Math.log(client.median(factor)) / after / own;
                    double weight = 1 / (within + 1 / own);
                    precision += weight;
                    weighed += weight * seen;
                }
            }
            means.put(factor, weighed / precision);
            variances.put(factor, within + 1 / precision);
        }
        return new Clientele(means, variances, clients.size());
    }

    /** What is thought of a head of this house before anything of it was tested. */
    public Calibration newClient() {
        return Calibration.of(
                factor -> means.getOrDefault(factor, 0.0),
                factor -> variances.getOrDefault(factor, factor.spread() * factor.spread()));
    }
}
