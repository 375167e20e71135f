package mischung.hair;

/** How thick the single hair is. */
public enum Thickness {
    FINE("fine"),
    NORMAL("normal"),
    COARSE("coarse");

    private final String words;

    Thickness(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
