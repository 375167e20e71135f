package mischung.route;

import java.util.Set;
import mischung.said.Message;

/** What can be promised, and why a route is not offered. */
public enum RouteMessage implements Message {

    // why it is not offered
    VISITS_ENOUGH("visits"),
    SAME_WORK("route"),
    MORE_VISITS("visits", "most"),
    NOBODY_SITS_SO_LONG("time", "most"),
    LONGER_THAN_THE_CLIENT_HAS("time", "hours"),
    COSTS_MORE("price", "currency", "most"),
    ENDS_FURTHER_OFF("distance", "best", "furthest"),
    OVERDRAWN("step", "left", "band", "elasticity"),
    /** A caution forbids it, with what would lift it. */
    FORBIDDEN("rule", "said", "cleared"),
    TOGETHER("parts"),

    // what can be promised
    NOTHING_TO_DO,
    REACHED("wish", "time", "match"),
    REACHED_BY("wish", "time", "match", "route"),
    NOT_TODAY("wish", "visits"),
    NOT_TODAY_NEAREST("wish", "nearest", "visits"),
    NOT_AS_ALLOWED("wish", "visits", "nearest"),
    NO_WAY("wish"),
    COULD_BE_REACHED("visits", "time"),
    CUT_SHORT("ways"),
    FURTHEST("band", "look", "aim"),
    NOTHING_WISHED,

    // how a head reads as a whole
    WHOLE("look", "side"),
    WHOLE_OF("look", "side", "parts"),
    SHARE_AT("share", "level");

    private final Set<String> figures;

    RouteMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "route." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
