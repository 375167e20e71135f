package mischung.said;

import java.util.Set;

/** What to do instead, where something cannot be taken. */
public enum RefusalMessage implements Message {
    FROM_TO("least", "most"),
    FROM_TO_OF("least", "most", "unit"),
    AT_MOST("most"),
    CHARACTERS("least", "most"),
    CHARACTERS_AT_MOST("most"),
    ONE_LINE("least", "most"),
    CHARACTER,
    ONE_OR_NONE,
    ONE_OF("all"),
    LEFT_OUT_OR_FILLED,
    DAY_FROM_TO("from", "to"),
    NUMBER_WITH_POINT,

    // hair
    ONE_ZONE,
    PLACE_ONCE,
    WHOLE_OR_HALVES("place"),
    LEVEL_IN_HALVES,
    ENDS_BELOW("cm"),
    READS("kind", "tones"),
    OTHER_TONE("tone"),
    OVERLAPS("cm"),
    GAP("from", "to"),
    BAND_LINE,
    BAND_LINE_FROM("character"),
    TONE_LETTERS("tones"),

    // history
    COLOUR_HAS_A_TONE,
    GROWS_SO_FAR("months", "rate"),
    AFTER_THE_WORK("day"),

    // consultation and cautions
    TEST_APPLIED_FIRST,
    AFTER_THE_TEST,
    SIGN("least", "most"),
    REASON("least", "most"),
    NOBODY_TAKES_IT_ON,
    QUOTE,

    // wish
    TONE_TO_WISH,
    NEEDS_COLOUR("field"),
    BAND_BY_NUMBER,
    ONLY_PANELS,

    // shelf and mixing
    HAIR_AND_SHADE,
    A_SHADE,
    TOO_STRONG,
    DEVELOPER_IN_IT,
    BLEND_BETWEEN("weaker", "stronger"),
    CAN_BE_MADE("grams"),
    THREE_SHADES,
    ONE_CLASS,
    ONE_CLASS_OR_WITH("shadeClass"),
    SHADE_ONCE,
    WEIGHT_FOR_EACH,
    SHADE_HAS_COLOUR,
    LIGHTENER_HAS_FIGURES,
    WHOLE_PACKS,
    TONE_WRITTEN("tones"),
    CURRENCY,

    // plan and chair
    OTHER_WORK,
    NO_SUCH_FIGURE("names"),
    NOTHING_TO_DO,
    ONE_OF_THREE,
    NO_SUCH_TASK,
    NOT_APPLIED,
    BOWL_GONE,
    NO_SUCH_BOWL,
    NO_SUCH_BAND,
    NO_SUCH_ENTRY,
    JOB_BEGUN,
    JOB_NOT_BEGUN,
    JOB_ENDED,
    BEGUN_OR_SKIPPED,
    DONE_OR_SKIPPED,
    PAST_ALREADY,
    SO_MANY_HANDS,
    HANDS_REST,
    HANDS_DO_NOT_REST,
    CLOCK_BY_HAND,
    NOT_ON_HAIR,
    STOP_BROKEN,
    STOP_IRRITATED,
    STOP_STRETCH("places"),

    // measuring
    HAIR_BESIDE_CARD,
    CARD_UNEVEN("varies", "most"),
    NO_HAIR_SO("light"),
    TOO_TINY("least"),
    OVER_EXPOSED,
    UNDER_EXPOSED,
    WHOLE_PICTURE,
    HEX,
    SAMPLES,
    SAME_WHITE,
    FIGURE_FOR_EACH;

    private final Set<String> figures;

    RefusalMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "refusal." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
