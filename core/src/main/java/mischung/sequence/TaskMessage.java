package mischung.sequence;

import java.util.Set;
import mischung.said.Message;

/** What there is to do, how it is done, and what goes on and comes off when. */
public enum TaskMessage implements Message {

    // what is on the hair
    EQUALISER,
    BOND_TREATMENT,
    REMOVER,
    REMOVER_ROUND("round"),
    BOWL_LIFTING("bowl", "way"),
    BOWL_BETWEEN("bowl"),
    BOWL_ON("bowl", "place"),
    /** What lies in a foil. */
    WHOLE_SECTION,

    // what is to do
    SECTION,
    DRY,
    TOWEL_ROUGH_DRY,
    TOWEL,
    TOWEL_OFF,
    CLARIFY("times"),
    CUT_OFF,
    LOOK,
    COMB_OUT,
    RINSE,
    LONG_RINSE,
    COOL_RINSE,
    RINSE_SHAMPOO,
    RINSE_CONDITION,
    RINSE_COOL_CONDITION,
    CHECK_CANVAS,
    CHECK_LIFT,
    CHECK_LIFT_AND_COLOUR,
    CHECK_FILLER,
    CHECK_COLOUR,
    MIX("bowl"),
    MIX_BATCH("bowl", "batch"),
    MIX_MORE("bowl"),
    APPLY("what"),
    APPLY_FRESH("what"),
    LIFTS("what"),
    WORKS("what"),
    LOOK_AT("bowls"),
    BREAK,

    // how
    BACK_FIRST,
    FRONT_FIRST,
    BEFORE_ALL,
    NO_CONDITIONER,
    IN_DAYLIGHT,
    LEAVE_THE_REST,
    WORKED_THROUGH("grams"),
    ON_LIFTED_HAIR("grams"),
    SATURATED("grams"),
    DARKENS_AGAIN,
    SHOWS_ORANGE,
    STRETCH_ONE_WET,
    NO_RUBBING,
    SHORT_CUT,
    SHIELD,
    WIPE_IN_EVERY_ZONE,
    WIPE_WHERE_IT_BEGAN,
    KEPT_APART,
    DIRECT_ON_SKIN,
    DOWN_TO_THE_LINE,
    OFF_THE_NATURAL,
    BARRIER_FIRST,
    FEATHER("cm"),
    UNTIL_CLEAR,
    SMALL_AND_FRESH,
    PART("part", "of"),
    SAME_FOIL,
    ONE_FOIL,
    MINUTES_IN("minutes"),
    AS_BEFORE("grams"),
    LOCAL_LAW,

    // why not otherwise
    MINUTES_BEFORE("other", "minutes"),
    OTHER_FIRST("other"),
    SECTIONS_IN_ORDER("other"),
    PERSON_BUSY("person", "other"),
    HEAD_BUSY("other"),
    ALL_BUSY,
    PAST_LATEST("minute"),
    TOO_FEW_HANDS("what", "minutes");

    private final Set<String> figures;

    TaskMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "task." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
