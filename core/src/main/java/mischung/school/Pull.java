package mischung.school;

/** How lightener is used. */
public enum Pull implements Choice {
    LOW_AND_SLOW("low and slow", "Weak developer and long: least lost strength for the lift (R32)."),
    STRONG_AND_SHORT(
            "strong and short",
            "30 vol off the scalp, 40 only on stubborn coloured bands: quicker, dearer in strength (R32).");

    private final String words;
    private final String why;

    Pull(String words, String why) {
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
