package mischung.route;

import java.util.Set;
import mischung.said.Message;

/** What the client is told of a route. */
public enum PromiseMessage implements Message {

    // what happens
    AT_VISIT("visit", "what"),
    TRIM("length"),
    TRIM_INCHES("length"),
    CLARIFY,
    REMOVE("rounds"),
    EQUALISE,
    TREATMENT,
    WAIT("weeks"),
    LIGHTEN("way", "level"),
    COLOUR_BETWEEN,
    COLOUR_BETWEEN_OF("colours"),
    FILL,
    COLOUR("colours"),
    TONE,

    // how it looks meanwhile
    THROUGH_ORANGE,
    WARM_FOR_A_WHILE("look"),

    // what is likely
    LIKELY("where", "look", "levels"),
    AS_A_WHOLE("front", "back"),

    // where
    SCALP,
    LENGTHS,
    ENDS,
    WOVEN,
    PIECES("pieces"),

    // what is not promised
    COMES_NEAR("wish"),
    HAIR_ANSWERS,
    STRENGTH,
    BLUE_STAYS,
    VIOLET_AT_FIRST,
    DIRECT_FADES,
    DIRECT_STAYS,
    NOT_ON_A_SCREEN,

    // time and price
    TIME("time"),
    TIME_IN_ALL("time", "longest"),
    PRICE("from", "to", "currency"),

    // afterwards
    ROOTS("from", "to"),
    GLOSS("from", "to"),
    REGROWTH("from", "to"),
    FASHION("from", "to"),
    AT_HOME;

    private final Set<String> figures;

    PromiseMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "promise." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
