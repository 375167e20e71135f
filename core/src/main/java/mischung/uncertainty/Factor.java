package mischung.uncertainty;

import mischung.Constants;

/** What differs from head to head and can be learned by strand tests; see {@link mischung.process.Factors}. */
public enum Factor {
    LIFT("lift"),
    UPTAKE("uptake"),
    REMOVAL("removal"),
    DAMAGE("damage");

    private final String words;
    private final double spread;

    Factor(String words) {
        this.words = words;
        this.spread = Constants.in("spread").of(words);
    }

    public String words() {
        return words;
    }

    /** Standard deviation of its natural logarithm over heads not yet tested. */
    public double spread() {
        return spread;
    }
}
