package mischung.plan;

/** What is done with a band. */
public enum Decision {
    /** The wish says so. */
    KEEP("kept as it is"),
    LEAVE("stays as it is"),
    COLOUR("coloured, no filler"),
    FILL("filled, then coloured"),
    COVER_GREY("grey covered"),
    REMOVE("old colour removed, then toned"),
    REMOVE_AND_LIGHTEN("old colour removed, lightened, then toned"),
    LIGHTEN("lightened, then toned"),
    TRIM("cut off"),
    /** Darker than the wish, and nothing that is allowed lightens it. */
    TOO_DARK("stays: darker than the wish"),
    /** Its wet strand failed: nothing but care until it holds. */
    TOO_WEAK("stays: too weak for any work");

    private final String words;

    Decision(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean coloured() {
        return this == COLOUR || this == FILL || this == COVER_GREY || takesOut();
    }

    /** Whether pigment is taken out of it. */
    public boolean takesOut() {
        return this == REMOVE || this == REMOVE_AND_LIGHTEN || this == LIGHTEN;
    }
}
