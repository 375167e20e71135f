package mischung.caution;

/** Every caution there is. The names are kept with overrides, so they stay as they are. */
public enum CautionRule {
    EARLIER_REACTION(false),
    EARLIER_REACTION_LIGHTENER(true),
    BLACK_TATTOO(false),
    PATCH_TEST(true),
    SCALP(false),
    HOME_COLOUR(false),
    STRENGTH_FELT(false),
    STRENGTH_AFTER(true),
    STRONG_AT_SCALP(true),
    CLEANSE_AT_SCALP(true),
    MAKERS_LIMIT(true),
    UNDER_AGE(true),
    PREGNANCY(true),
    MEDICATION(true),
    ASTHMA(true),
    PERSULFATES(true),
    FOIL_AND_WARMTH(true),
    VERY_POROUS(true),
    TWENTY_AT_SCALP(true),
    PROTECTION(true),
    PREDICTION(true),
    LOCAL_LAW(true);

    private final boolean overridable;

    CautionRule(boolean overridable) {
        this.overridable = overridable;
    }

    /** Whether a licensed hand may take it on, where local rules allow. */
    public boolean overridable() {
        return overridable;
    }
}
