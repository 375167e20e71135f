package mischung.plan;

/** What is done with a band. */
public enum Decision {
    LEAVE("stays as it is"),
    COLOUR("coloured, no filler"),
    FILL("filled, then coloured"),
    COVER_GREY("grey covered"),
    /** Darker than the wish: colour does not lighten, only lifting could. */
    TOO_DARK("stays: darker than the wish");

    private final String words;

    Decision(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean coloured() {
        return this == COLOUR || this == FILL || this == COVER_GREY;
    }
}
