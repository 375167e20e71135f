package mischung.consultation;

/** What must stay as it is. */
public enum Keep {
    GROWN_OUT_NATURAL("the grown-out natural"),
    LIGHT_FRAME("the light frame round the face"),
    LENGTH("the length");

    private final String words;

    Keep(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
