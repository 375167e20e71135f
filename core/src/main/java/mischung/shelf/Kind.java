package mischung.shelf;

/** What a product is for. */
public enum Kind {
    SHADE("shade"),
    DEVELOPER("developer"),
    LIGHTENER("lightener"),
    /** Stirred into lightener. */
    ADDITIVE("additive"),
    REMOVER("remover"),
    /** Evens porosity before colour. */
    EQUALISER("equaliser"),
    /** Brings strength back, or dilutes. */
    TREATMENT("treatment"),
    SHAMPOO("shampoo"),
    OTHER("other");

    private final String words;

    Kind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
