package mischung.wish;

/** Whether a stretch is all of its hairs, some that are parted from the others, or what lies between those. */
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
