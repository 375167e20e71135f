package mischung.hair;

/** How many hairs stand on a patch of scalp. */
public enum Density {
    THIN("thin"),
    NORMAL("normal"),
    DENSE("dense");

    private final String words;

    Density(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
