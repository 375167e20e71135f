package mischung.hair;

/** What was done to a band before today. */
public enum BandKind {
    /** As it grew. */
    NATURAL("natural"),
    /** Lightened: its warm pigment is partly or wholly gone. */
    LIGHTENED("lightened");

    private final String words;

    BandKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
