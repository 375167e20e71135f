package mischung.caution;

/** Every caution there is. The names are kept with overrides, so they stay as they are. */
public enum CautionRule {
    EARLIER_REACTION("Earlier reaction", false),
    EARLIER_REACTION_LIGHTENER("Earlier reaction, and lightener", true),
    BLACK_TATTOO("Black henna tattoo", false),
    PATCH_TEST("Patch test", true),
    SCALP("Scalp", false),
    HOME_COLOUR("What lies on the hair", false),
    STRENGTH_FELT("Wet stretch failed", false),
    STRENGTH_AFTER("Strength", true),
    STRONG_AT_SCALP("Strong developer at the scalp", true),
    CLEANSE_AT_SCALP("Cleanse mix at the scalp", true),
    MAKERS_LIMIT("Maker's limit", true),
    UNDER_AGE("Under age", true),
    PREGNANCY("Pregnancy", true),
    MEDICATION("Medication", true),
    ASTHMA("Asthma", true),
    PERSULFATES("Lightener", true),
    FOIL_AND_WARMTH("Foil and warmth", true),
    VERY_POROUS("Very porous hair", true),
    TWENTY_AT_SCALP("20 vol at the scalp", true),
    PROTECTION("Hands, eyes, air", true),
    PREDICTION("A prediction", true),
    LOCAL_LAW("Local law", true);

    private final String words;
    private final boolean overridable;

    CautionRule(String words, boolean overridable) {
        this.words = words;
        this.overridable = overridable;
    }

    public String words() {
        return words;
    }

    /** Whether a licensed hand may take it on, where local rules allow. */
    public boolean overridable() {
        return overridable;
    }
}
