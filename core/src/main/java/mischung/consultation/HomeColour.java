package mischung.consultation;

/** Colour laid at home, by what peroxide may do with it. */
public enum HomeColour {
    NOT_ASKED("not asked"),
    NONE("none"),
    OXIDATIVE("box colour, mixed from two"),
    PLANT("plant colour (henna)"),
    METALLIC("metallic, darkens day by day"),
    UNKNOWN("something, nobody knows what");

    private final String words;

    HomeColour(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a cut strand has to be tested before peroxide comes near. */
    public boolean suspicious() {
        return this == PLANT || this == METALLIC || this == UNKNOWN;
    }
}
