package mischung.plan;

/** Ways to fill that colourists argue about; both are sound. */
public enum School {
    /** R13. */
    LADDER(
            "two-level steps",
            "Never more than two levels darker in one deposit. Mostly gold, some copper, a splash of natural. "
                    + "Slower, and the surest to hold."),
    /** R11. */
    MIDPOINT(
            "midpoint",
            "One filler halfway between canvas and target, copper-gold with a touch of red. "
                    + "One filler however far the way.");

    private final String words;
    private final String why;

    School(String words, String why) {
        this.words = words;
        this.why = why;
    }

    public String words() {
        return words;
    }

    /** One line of why and when. */
    public String why() {
        return why;
    }
}
