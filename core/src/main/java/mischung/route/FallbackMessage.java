package mischung.route;

import java.util.Set;
import mischung.said.Message;

/** What a check may show otherwise than predicted, what is done then, and where that leads. */
public enum FallbackMessage implements Message {
    LIFTS_SLOWLY("bowl", "band", "seen", "minutes", "hoped"),
    APPLY_FRESH("volume", "minutes"),
    MEET_IN_THE_MIDDLE,
    MEET_IN_THE_MIDDLE_AT("colour"),
    STRAND_DOES_NOT_RETURN,
    RINSE_AND_TREAT("minutes"),
    RINSE_AND_TREAT_AT("minutes", "colour"),
    AT_HALF_TIME("look", "left"),
    COMES_TO("look", "left"),
    FILLER_PATCHY("band", "level", "minutes"),
    FILL_AGAIN("bowl"),
    AS_PLANNED("look"),
    STILL_LIGHTER("band", "level"),
    LEAVE_LONGER,
    TOO_DARK("level"),
    CLARIFY_AT_ONCE,
    ONE_WASH_TAKES("from", "to");

    private final Set<String> figures;

    FallbackMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "fallback." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
