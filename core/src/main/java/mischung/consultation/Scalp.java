package mischung.consultation;

/** How the scalp was found. */
public enum Scalp {
    NOT_LOOKED_AT("not looked at"),
    WHOLE("whole"),
    IRRITATED("irritated"),
    BROKEN("broken skin");

    private final String words;

    Scalp(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
