package mischung.hair;

import java.util.Locale;

/** The hue direction a colourist names. */
public enum Tone {
    /** Lightened hair as it comes out of the lightener, showing its contributing pigment. For readings only. */
    AS_LIFTED("as lifted", Family.PLAIN),
    NATURAL("natural", Family.PLAIN),
    ASH("ash", Family.MUTED),
    BEIGE("beige", Family.MUTED),
    GOLD("gold", Family.WARM),
    COPPER("copper", Family.WARM),
    RED("red", Family.WARM),
    MAHOGANY("mahogany", Family.WARM),
    VIOLET("violet", Family.MUTED),
    MATTE("matte", Family.MUTED),
    PEARL("pearl", Family.MUTED),
    SILVER("silver", Family.MUTED),
    /** Chocolate: a natural with some warmth of copper and red. */
    BROWN("brown", Family.MUTED),
    /** A muted brown, between natural and pearl. */
    MOCHA("mocha", Family.MUTED),
    /** Between beige and gold. */
    SAND("sand", Family.MUTED),
    YELLOW("yellow", Family.FASHION),
    ORANGE("orange", Family.FASHION),
    PINK("pink", Family.FASHION),
    LILAC("lilac", Family.FASHION),
    BLUE("blue", Family.FASHION),
    TEAL("teal", Family.FASHION),
    MINT("mint", Family.FASHION),
    GREEN("green", Family.FASHION);

    private enum Family {
        PLAIN,
        WARM,
        MUTED,
        FASHION
    }

    private final String words;
    private final Family family;

    Tone(String words, Family family) {
        this.words = words;
        this.family = family;
    }

    public String words() {
        return words;
    }

    /** Whether it can be wished for; hair is not wished to look as it came out of the lightener. */
    public boolean wishable() {
        return this != AS_LIFTED;
    }

    /** Of the blue and green side of what is laid on brown. */
    public boolean ashen() {
        return this == ASH || this == MATTE;
    }

    /** Of the yellow, orange and red side: what lifted hair carries by itself, and fillers bring back. */
    public boolean warm() {
        return family == Family.WARM;
    }

    /** Browns, that cover: no part of a toner unless they are what is wished. */
    public boolean brown() {
        return this == NATURAL || this == BROWN || this == MOCHA;
    }

    /** What toners are made in, direct ones too. */
    public boolean toning() {
        return this == VIOLET || this == MATTE || this == PEARL || this == SILVER;
    }

    /** Colours no hair grows in: only direct dye makes them. */
    public boolean fashion() {
        return family == Family.FASHION;
    }

    /** The name in data files: lower case. */
    public static Tone named(String name) {
        return valueOf(name.toUpperCase(Locale.ROOT));
    }
}
