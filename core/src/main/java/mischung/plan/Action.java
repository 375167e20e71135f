package mischung.plan;

/** What can be done to hair. */
public enum Action {
    TRIM("trim"),
    CLARIFY("clarify"),
    EQUALISE("equaliser"),
    REMOVE("remover"),
    CLEANSE("cleanse mix"),
    PRE_TONE("pre-tone"),
    LIGHTEN("lighten"),
    TREATMENT("bond treatment"),
    FILL("filler"),
    NEUTRALISE("neutralise"),
    TARGET("target"),
    MELT("melt"),
    ROOT_TAP("root tap"),
    TONER("toner"),
    GLOSS("gloss"),
    DRY("dry"),
    WAIT("wait for the next visit");

    private final String words;

    Action(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether colour is mixed for it by a formula. */
    public boolean deposits() {
        return switch (this) {
            case PRE_TONE, FILL, NEUTRALISE, TARGET, MELT, ROOT_TAP, TONER, GLOSS -> true;
            case TRIM, CLARIFY, EQUALISE, REMOVE, CLEANSE, LIGHTEN, TREATMENT, DRY, WAIT -> false;
        };
    }

    /** Whether something is put on the hair for it, care too. */
    public boolean laysProduct() {
        return this != TRIM && this != DRY && this != WAIT;
    }

    /** Whether it is mixed with developer to take pigment out. */
    public boolean lifts() {
        return this == LIGHTEN || this == CLEANSE;
    }

    /** Whether the colour it leaves is meant to stay, so that it is measured against the wish. */
    public boolean finishes() {
        return deposits() && this != PRE_TONE && this != FILL;
    }
}
