package mischung.hair;

/** How fast hair drinks. */
public enum Porosity {
    LOW("low"),
    NORMAL("normal"),
    HIGH("high"),
    VERY_HIGH("very high");

    private final String words;

    Porosity(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Drinks more than normal hair does. */
    public boolean raised() {
        return compareTo(HIGH) >= 0;
    }
}
