package mischung.job;

import java.util.Set;
import mischung.said.Message;

/** What a look or a press changes in a running job, and what may not be done in it. */
public enum JobMessage implements Message {

    // what happened
    DOES_NOT_RETURN,
    SEEN("predicted", "seen", "flagged"),
    COLOUR_SEEN("predicted", "expected", "seen", "tone", "apart", "flagged"),
    SCALP("scalp"),
    HANDS_NOW("hands"),
    BEHIND("minutes"),
    ON_TIME,
    RUNS_SHORT("bowl"),
    GOES_AFTER("time"),

    // what changes
    WILL_NOT_REACH("zone", "level"),
    NEEDS_OTHER_MINUTES("zone", "minutes", "more", "from", "to"),
    RINSE_AT_ONCE,
    ENDS("match"),
    NOTHING_ON_SCALP,
    RINSE_COOL_AND_LONG("zones"),
    NOTHING_MORE_TODAY,
    NOTHING_ON_SCALP_TODAY,
    MIX_MORE("grams", "bowl"),
    CAN_GO_OTHERWISE("minutes", "later", "time"),
    CAN_GO("time"),
    PAST_THE_HOUR("minutes"),
    PAST_LATEST("zones", "minutes", "by"),
    ADDED("step", "zones"),
    ADDED_LIFTING("step", "how", "zones"),
    LIFTING("lightener", "way", "volume", "minutes"),
    LIGHTENER,
    LEFT_OUT("step"),
    LEFT_OUT_TODAY("step"),
    BOWL_LIFTS("bowl", "now", "was"),
    ONE_MORE_LIFTING("way", "now"),
    LIFT("volume", "minutes", "times"),
    ONE_MORE_BOWL("step", "mix"),
    BOWL_OTHERWISE("bowl", "now", "was"),
    BOWL_MINUTES("bowl", "now", "was"),
    ALL_CAN_BE_DONE("time"),
    CANNOT_BE_DONE("time"),
    MORE_HANDS,
    VISIT_ENDS("time", "match", "instead");

    private final Set<String> figures;

    JobMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "job." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
