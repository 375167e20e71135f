package mischung.plan;

/** Which part of the strand a bowl serves, in the order of laying on (R21). */
public enum BowlPlace {
    ROOTS("natural stretch"),
    LENGTHS("lengths"),
    POROUS("porous lengths");

    private final String words;

    BowlPlace(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
