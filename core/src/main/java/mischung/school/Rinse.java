package mischung.school;

/** What happens between filler and target. */
public enum Rinse implements Choice {
    COOL("cool rinse", "Cool water only: keeps the filler in (R11)."),
    SHAMPOO("gentle shampoo", "One gentle shampoo: takes out what never settled, so the target sits evenly (R12)."),
    TOWEL(
            "towel off, go on",
            "Wipe and go on while damp. A short cut: saves a rinse and a drying, and damp hair takes less.");

    private final String words;
    private final String why;

    Rinse(String words, String why) {
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
