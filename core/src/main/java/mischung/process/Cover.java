package mischung.process;

/** What lies over the product while it works. */
public enum Cover {
    OPEN("open"),
    FILM("film"),
    FOIL("foil");

    private final String words;

    Cover(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
