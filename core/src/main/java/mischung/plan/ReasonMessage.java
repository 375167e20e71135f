package mischung.plan;

import java.util.Set;
import mischung.said.Message;

/** Why something stands in a plan, what else was weighed, and what reading would change it. */
public enum ReasonMessage implements Message {
    // of colour
    BLUE_MAY_STAY,
    NATURAL_FIRST,
    ON_WET_HAIR("wetness"),
    ONE_MORE_BOWL("after", "before"),
    RESERVE("reserve"),
    MISREAD("darker", "lighter"),
    FILLER_MIDPOINT("from", "to", "level", "tone"),
    FILLER_LADDER("from", "to", "level"),
    FILLER_ONE_LIGHTER("to"),
    FILLER_AT_TARGET,
    FILLER_IN_TARGET,
    OTHER_MIDPOINT,
    OTHER_LADDER,
    NOTHING_LIFTED("volume"),
    ONLY_LIGHTENED,
    TELL_ORANGE,
    NO_FILLER_BELOW("to"),
    CANCELS("canvas", "wish"),
    CANCELS_BY_LEVEL,
    TONERS_TAKE_FAST,
    MELT,
    ROOT_TAP,
    SHEER_LAYER,
    PRE_TONE,
    FROM_TO("from", "wish"),
    DEMI_HOLDS,
    PERMANENT_HOLDS,
    COVERAGE("volume"),
    DIRECT("minutes"),
    GLOSS_SHEER,
    CLASS_BY_HAND("class"),
    OPENS("volume"),
    DEPOSIT_ONLY("volume"),
    POROUS_GRABS("mix", "wish"),
    DRINKS_FAST("minutes", "full"),
    MIXED_BY_HAND("misfit", "aim"),
    BEST_OF("aim", "tried", "misfit", "oddness"),
    NEXT_BEST("mix", "misfit", "oddness"),
    NOT_THINNED("mix", "misfit"),
    OUTSIDE_RULES,
    OUT_COSTS_NOTHING,
    WITH_WHAT_IS_OUT("missed", "mix", "whole", "found"),

    // of other steps
    HALF_NOW("weeks"),
    TRIM,
    TREATMENT("left"),
    STRETCHES_WITHOUT_RETURN,
    DAMP_DILUTES,
    TONER_TOO_DARK("level"),
    CLARIFY_FIRST,
    DIRECT_WASHES_OUT,
    VERY_POROUS_EVENED,
    POROUS_EVENED,
    DRINKS_NO_FASTER,
    REMOVE_DARKER("level", "rounds"),
    REMOVE_TONE("level", "rounds"),
    LIGHTENER_STRAIGHT,
    REMOVER_IN_VAIN,
    LIFT("level", "wish", "minutes", "rounds"),
    LIFT_FOR_NOTHING("level", "minutes", "rounds"),
    CLEANSE,
    WAY_BAND,
    WAY_ROOT,
    WAY_OFF_SCALP,
    WAY_SPOT,
    WAY_WOVEN,
    WAY_WASH,
    WAY_REFRESH,
    VOLUME_BY_STRENGTH("volume", "left"),
    LIGHTENER("name", "speed", "harshness", "scalp", "volume", "levels"),
    LIGHTENER_WITH("name", "speed", "harshness", "scalp", "volume", "levels", "additive"),
    REFRESHED,
    SLOWEST_STRETCH,
    STRONGER_AND_SHORTER("volume"),
    FIRST_SECTION,
    STRAND_STAYS_STRETCHED,
    LIFTED_FURTHER,
    BETWEEN_FOILS,

    // of bands
    DIRECT_STILL_IN("now", "level", "tone"),
    THERE_ALREADY("match"),
    DIRECT_SHEEN("wish", "needed", "level"),
    DIRECT_DULLER("wish", "needed", "now"),
    DIRECT_MIXES("wish", "needed", "now"),
    NEVER_LIFTED_TAKES_LITTLE,
    KEEPS_ITS_PIGMENT("level"),
    GREY_COVERED("grey"),
    GREY_COVERED_WARM("grey"),
    COLOUR_CANNOT_LIGHTEN("levels", "wish"),
    WHITE_LIGHTENS_NOT_SO_FAR("levels", "wish"),
    COLOUR_LIFTS_NO_COLOUR("levels", "wish"),
    WOULD_NEED_LIFTING("levels", "wish"),
    HALF_A_LEVEL_DARKER("wish"),
    SHOWS_ALREADY("look", "difference"),
    DARKER_HOLDS("levels"),
    TONE_ONLY,
    GREY_BLENDS("look", "difference"),
    GREY_TONED("look", "difference"),
    NEVER_LIGHTENED,
    FILL_FIRST("from", "to", "levels"),
    LOST_WARMTH("levels"),
    TARGET_ENOUGH("from", "to", "levels"),
    EQUALISER_FIRST("porosity"),
    TARGET_ALONE("tone", "level", "reached", "shown", "chroma", "wished"),
    STRAND_FAILED_TODAY,
    STAYS("why"),
    FAILED_AND_CUT,
    STRAND_TOO_WEAK("stretch"),
    LEFT_AS_LIFTED("level"),
    COLOUR_LIFTS_SO_FAR("level", "wish"),
    REMOVER_BEFORE_LIFT("level"),
    REMOVER_NOTHING_CANCELS("level"),
    CANVAS_REACHES("wish", "goal", "level"),
    STOPS_FOR_STRENGTH("level", "left"),
    WEAK_ONLY_TONED("left"),
    STOPS_NO_LIGHTENER("level"),
    OWN_SHOWS("step", "look"),
    OWN_UNTOUCHED;

    private final Set<String> figures;

    ReasonMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "reason." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
