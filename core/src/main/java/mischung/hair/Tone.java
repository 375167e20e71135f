package mischung.hair;

import java.util.Locale;

/** The hue direction a colourist names. */
public enum Tone {
    /** Lightened hair as it comes out of the lightener, showing its contributing pigment. For readings only. */
    AS_LIFTED("as lifted", false),
    NATURAL("natural", true),
    ASH("ash", true),
    BEIGE("beige", true),
    GOLD("gold", true),
    COPPER("copper", true),
    RED("red", true),
    MAHOGANY("mahogany", true),
    VIOLET("violet", true),
    MATTE("matte", true),
    /** A rest of fashion dye. For readings only. */
    PINK("pink", false),
    /** A rest of fashion dye. For readings only. */
    BLUE("blue", false);

    private final String words;
    private final boolean wishable;

    Tone(String words, boolean wishable) {
        this.words = words;
        this.wishable = wishable;
    }

    public String words() {
        return words;
    }

    /** Whether shades are made in it, so that it can be wished for. */
    public boolean wishable() {
        return wishable;
    }

    /** The name in data files: lower case. */
    public static Tone named(String name) {
        return valueOf(name.toUpperCase(Locale.ROOT));
    }
}
