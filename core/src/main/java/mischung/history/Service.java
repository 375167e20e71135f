package mischung.history;

/** What was done, in the salon or at home. */
public enum Service {
    PERMANENT("permanent colour", Family.OXIDATIVE),
    DEMI("demi colour", Family.OXIDATIVE),
    GLOSS("gloss", Family.OXIDATIVE),
    DIRECT("direct dye", Family.DIRECT),
    LIGHTENER("lightener", Family.LIGHTENER),
    REMOVER("reducing remover", Family.OTHER),
    PLANT("plant colour (henna)", Family.DEPOSIT_OF_RISK),
    METALLIC("metallic colour", Family.DEPOSIT_OF_RISK),
    HAIRCUT("haircut", Family.CUT),
    SWIMMING("swimming", Family.WEAR),
    SUN("sun", Family.WEAR),
    HEAT("heat", Family.WEAR);

    /** What sort of thing it is. */
    public enum Family {
        OXIDATIVE,
        DIRECT,
        LIGHTENER,
        /** Colour that may react with peroxide. */
        DEPOSIT_OF_RISK,
        OTHER,
        CUT,
        WEAR
    }

    private final String words;
    private final Family family;

    Service(String words, Family family) {
        this.words = words;
        this.family = family;
    }

    public String words() {
        return words;
    }

    public Family family() {
        return family;
    }

    /** Whether it lays colour that has a level and a tone. */
    public boolean colours() {
        return family == Family.OXIDATIVE || family == Family.DIRECT || family == Family.DEPOSIT_OF_RISK;
    }

    /** Whether it leaves a line where it begins. */
    public boolean marks() {
        return colours() || family == Family.LIGHTENER || this == REMOVER;
    }
}
