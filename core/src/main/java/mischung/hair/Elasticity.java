package mischung.hair;

/** What a wet strand does when it is stretched: the strength check (rule R39), against the budget of {@link Fibre}. */
public enum Elasticity {
    SPRINGS_BACK("springs back", Figures.STRENGTH.of("springs back from"), 1),
    RETURNS_SLOWLY(
            "returns slowly", Figures.STRENGTH.of("returns slowly from"), Figures.STRENGTH.of("springs back from")),
    STAYS_STRETCHED(
            "stays stretched", Figures.STRENGTH.of("stays stretched from"), Figures.STRENGTH.of("returns slowly from")),
    BREAKS("feels gummy or breaks", 0, Figures.STRENGTH.of("stays stretched from"));

    private final String words;
    private final double from;
    private final double to;

    Elasticity(String words, double from, double to) {
        this.words = words;
        this.from = from;
        this.to = to;
    }

    public static Elasticity of(double integrity) {
        for (Elasticity elasticity : values()) {
            if (integrity >= elasticity.from) {
                return elasticity;
            }
        }
        return BREAKS;
    }

    public String words() {
        return words;
    }

    /** Least integrity, 0–1, at which hair still behaves so. */
    public double from() {
        return from;
    }

    public double to() {
        return to;
    }

    /** R39: springs back or at least returns: go on; otherwise rinse, treat, and change the plan. */
    public boolean mayGoOn() {
        return this == SPRINGS_BACK || this == RETURNS_SLOWLY;
    }
}
