package mischung.product;

import mischung.hair.DyeKind;

/** What kind of colour a shade is, and with it how it is mixed and how long it works (rules R60, R63). */
public enum ShadeClass {
    PERMANENT("permanent"),
    DEMI("demi"),
    /** Permanent colour for grey hair: holds its full colour itself. */
    COVERAGE("coverage"),
    /** A sheer deposit-only layer. */
    GLOSS("gloss"),
    /** Tint of the lightest series: made to lift natural hair, leaves little. */
    LIGHTEST("lightest"),
    /** Colour that needs no developer. */
    DIRECT("direct");

    private final String words;
    private final double developerPerColour;
    private final double fullMinutes;
    private final double strength;

    ShadeClass(String words) {
        this.words = words;
        this.developerPerColour = ProductConstants.of(words + " ratio");
        this.fullMinutes = ProductConstants.of(words + " minutes");
        this.strength = ProductConstants.of(words + " strength");
    }

    public String words() {
        return words;
    }

    /** Whether it lifts natural hair when mixed with more than 10 vol (R9, R20). */
    public boolean lifts() {
        return this == PERMANENT || this == COVERAGE || this == LIGHTEST;
    }

    public DyeKind kind() {
        return this == DIRECT ? DyeKind.DIRECT : DyeKind.OXIDATIVE;
    }

    /** Usual weight of developer to one weight of colour. */
    public double developerPerColour() {
        return developerPerColour;
    }

    /** Minutes to the full deposit. */
    public double fullMinutes() {
        return fullMinutes;
    }

    /** Share of the shade's dye that enters normal hair at the usual ratio and full time. */
    public double strength() {
        return strength;
    }
}
