package mischung.process;

import java.util.Locale;
import mischung.Constants;

/** What keeps product off hair that must stay as it is (R45). */
public enum Barrier {
    NONE,
    CREAM,
    COTTON,
    FILM;

    private static final Constants FIGURES = Constants.in("barrier");

    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Share of the product that comes through, 0–1. */
    public double share() {
        return FIGURES.of(words());
    }

    /** A head's factors for hair that lies behind it. */
    Factors behind(Factors factors) {
        return new Factors(
                factors.lift() * share(), factors.uptake() * share(), factors.removal() * share(), factors.damage());
    }
}
