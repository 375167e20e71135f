package mischung.history;

/** Where along the strand something went on. */
public enum Where {
    ROOTS("roots only"),
    MIDS("mids"),
    ENDS("ends"),
    ALL("all of it"),
    /** Woven pieces from the scalp to the ends. */
    WOVEN("woven pieces");

    private final String words;

    Where(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
