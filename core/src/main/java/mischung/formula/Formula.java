package mischung.formula;

import java.util.Optional;
import mischung.product.Mix;

/**
 * A found mix.
 *
 * @param misfit root mean square CIEDE2000 between prediction and aim over the hair that shares the bowl
 * @param tried how many mixes were weighed against each other
 * @param withinRules false if no mix kept all the rules and they were dropped to find this one
 * @param runnerUp the next best mix of other shades
 */
public record Formula(Mix mix, double misfit, int tried, boolean withinRules, Optional<RunnerUp> runnerUp) {
    public record RunnerUp(Mix mix, double misfit) {}

    Formula outsideRules() {
        return new Formula(mix, misfit, tried, false, runnerUp);
    }
}
