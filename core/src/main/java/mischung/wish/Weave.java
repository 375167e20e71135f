package mischung.wish;

/** Which of the hairs of a stretch are meant. */
public enum Weave {
    ALL(""),
    PIECES("pieces"),
    REST("rest");

    private final String words;

    Weave(String words) {
        this.words = words;
    }

    /** Empty where all hairs are meant. */
    public String words() {
        return words;
    }
}
