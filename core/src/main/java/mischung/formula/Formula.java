package mischung.formula;

import java.util.Optional;
import mischung.product.Mix;

/**
 * A found mix.
 *
 * @param misfit root mean square CIEDE2000 between prediction and aim over the hair that shares the bowl
 * @param oddness what it costs this mix to look odd, in CIEDE2000; misfit and oddness together were the least
 * @param tried how many mixes were weighed against each other
 * @param withinRules false if no mix kept all the rules and they were dropped to find this one
 * @param runnerUp the next best mix of other shades
 */
public record Formula(
        Mix mix, double misfit, double oddness, int tried, boolean withinRules, Optional<RunnerUp> runnerUp) {
    public record RunnerUp(Mix mix, double misfit, double oddness) {}

    /** Taken though another came nearer: that one is named as what it was taken before. */
    public Formula rather(Formula nearer) {
        return new Formula(
                mix,
                misfit,
                oddness,
                tried,
                withinRules,
                Optional.of(new RunnerUp(nearer.mix, nearer.misfit, nearer.oddness)));
    }

    Formula outsideRules() {
        return new Formula(mix, misfit, oddness, tried, false, runnerUp);
    }
}
