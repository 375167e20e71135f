package mischung.hair;

import java.util.Locale;

/** The hue direction a colourist names. */
public enum Tone {
    /** Lightened hair as it comes out of the lightener, showing its contributing pigment. For readings only. */
    AS_LIFTED("as lifted"),
    NATURAL("natural"),
    ASH("ash"),
    BEIGE("beige"),
    GOLD("gold"),
    COPPER("copper"),
    RED("red"),
    MAHOGANY("mahogany"),
    VIOLET("violet"),
    MATTE("matte");

    private final String words;

    Tone(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The name in data files: lower case. */
    public static Tone named(String name) {
        return valueOf(name.toUpperCase(Locale.ROOT));
    }
}
