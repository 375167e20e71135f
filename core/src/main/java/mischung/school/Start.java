package mischung.school;

/** Where laying begins. */
public enum Start implements Choice {
    BACK("back first", "A finished section can be rinsed without touching the rest; the fragile hairline last (R40)."),
    FRONT("front first", "Where the lightest result is wanted (R40).");

    private final String words;
    private final String why;

    Start(String words, String why) {
        this.words = words;
        this.why = why;
    }

    @Override
    public String words() {
        return words;
    }

    @Override
    public String why() {
        return why;
    }
}
