package mischung.validation;

import java.util.Set;
import mischung.said.Message;

/** What is expected of the model. */
public enum CheckMessage implements Message {
    // AmountChecks
    LIGHTENER_RATIO,
    FULL_HEAD,
    RESERVE,
    FILLER_TIME,
    DEMI_STOPS,
    BABYLIGHTS,
    REMOVER_TIME,
    CLASS_RATIO("shadeClass"),
    CLASS_TIME("shadeClass"),
    EQUAL_WEIGHTS("stronger", "weaker"),

    // DepositChecks
    FIVE_AND_SEVEN,
    VIOLET_NINE,
    WITH_CLEAR,
    LIGHTER_INTO_DARKER,
    FILLED,
    UNFILLED,
    FILL_MIXED_IN,
    WARMEST,
    ORANGE_FILLER,
    ROOT_NOT_FILLED,
    DEMI_HARM,
    PERMANENT_HARM,
    OVERLAPS_DARK,
    OVERLAPS_FLAT,
    FADED_FOR_GLOSS,
    TEN_VOL,
    ACID_DEMI,
    FULLER,
    GRABS,
    GRABS_COOL,
    HALF_LIGHTER,
    PULLED_THROUGH,
    REFUSES_WARM,
    TAKES_COOL,
    EQUALISED,
    LAYERS_FULL,
    TONERS_FAST,
    WET_DILUTES,
    CLARIFYING,
    VIOLET_TINGE,
    TINGE_GONE,
    COLOUR_SHAMPOO_CALMS,
    COLOUR_SHAMPOO_DARKENS,
    COVERAGE,
    COVERAGE_WARM,
    COVERAGE_ASH,

    // HairChecks
    BLACK,
    WHITE,
    LIGHTENED_AS_LIFTED("level"),
    SHOWS("level"),
    BLUE_BEFORE_RED,
    YELLOW_LAST,
    BLUE_ORANGE,
    VIOLET_YELLOW,
    RED_TO_BEGIN,
    GREEN_RED,
    BLUE_TURNS_GREEN,
    RED_BRINGS_BACK,
    NATURAL_UNFILLED,
    ASH_UNFILLED,
    VIOLET_9_5,
    BLUE_VIOLET_7_5,
    BLUE_5_5,
    WOVEN_READS,
    COPPER_FILLER,
    COPPER_STRONG,
    WET_DARKER,
    WARM_LIGHT,

    // LiftChecks
    COLOUR_LIFTS,
    WARMER_THAN_GROWN,
    TWO_AND_BACK,
    COOLER_THAN_ONE,
    LIGHTEST_SERIES,
    REMOVER_TAKES,
    REMOVER_OF_FIVE,
    REMOVER_ORANGE,
    REMOVER_LIGHTER,
    REMOVER_NATURAL,
    REMOVER_DIRECT,
    CLEANSE_LIFTS,
    TWENTY_VOL,
    TEN_VOL_LIGHT,
    THIRTY_COARSE,
    LOW_AND_SLOW,
    COLOURED_SLOW,
    LIGHTENED_FAST,
    LIGHTENED_FRAGILE,
    BAND_MEETS,
    SLOWEST,
    SCALP_FASTER,
    SCALP_LIFT,
    FINE_SECTIONS,
    WORKS_WELL,
    SPENT,
    DRIED_OUT,
    FRESH_AFTER,
    STOOD_AN_HOUR,
    SAME_VOLUME,
    RAMPED,
    ROOT_WITHOUT_NEED,
    OVER_THE_LINE,
    STANDS_OUT,
    BEHIND_FILM,
    SHORT_OF_LINE,
    DIRECT_STAYS,
    LEFTOVER_COPPER,
    UNDER_BLUE,
    PRE_TONED,

    // LightChecks
    CIEDE_PAIRS,
    OBSERVER,
    SRGB_RED,
    ROUGHNESS,
    TWENTY_VOL_HOLDS,
    WHITE_POINT("light"),

    // StrengthChecks
    SPRINGS_BACK,
    STAYS_STRETCHED,
    BOND_CEILING,
    BOND_TIME,
    FIRST_SECTION,
    AS_PREDICTED,
    LIGHTER_THAN_PREDICTED,
    FLAGGED,
    RANGES("claim", "heads");

    private final Set<String> figures;

    CheckMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "check." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
