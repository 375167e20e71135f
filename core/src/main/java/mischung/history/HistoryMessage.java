package mischung.history;

import java.util.Set;
import mischung.said.Message;

/** What was done to hair before, what the dates make of it, and where reading and dates differ. */
public enum HistoryMessage implements Message {

    // what was done
    EVENT("service"),
    EVENT_COLOUR("service", "colour"),
    EVENT_LEVEL("service", "level"),
    EVENT_WHERE("event", "where"),
    EVENT_CUT("event", "cm"),
    AT_HOME("event"),
    TIMES("times", "event"),

    // what a stretch is by the dates
    STRETCH("parts"),
    LAYERS("layers"),
    LAYERS_BETWEEN("from", "to"),
    LIFTED("times"),
    LIFTED_IN_PIECES("share"),
    UNDER_DYE("levels"),
    AT("cm"),
    BETWEEN("from", "to"),

    // where reading and dates differ
    DONE_FROM_SCALP("kind", "read"),
    NOTHING_TOLD("found", "read"),
    NATURAL_TO("line", "found", "read"),
    DONE_FROM("kind", "line", "read"),
    LIFTED_BY_DATES("from", "to", "lifted", "kind"),
    LAYERS_BY_DATES("from", "to", "stretch", "marked"),
    SHOULD_LOOK("from", "to", "levels", "level"),
    COLOUR,
    SOMETHING;

    private final Set<String> figures;

    HistoryMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "history." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
