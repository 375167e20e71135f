package mischung.server.words;

import java.util.Set;
import mischung.said.Message;

/** What stands on printed sheets beside what plans and looks back say. */
public enum SheetMessage implements Message {
    YOUR_HAIR,
    WHAT_WAS_DONE,
    AT_HOME,
    RECORD,
    STEPS_AND_BOWLS,
    AT_VISIT("step", "visit"),
    BOWL("bowl", "title", "planned", "poured"),
    BOWL_LEFT("bowl", "title", "planned", "poured", "left"),
    TIME_AND_PRICE,
    HANDS_AND_PRICE("plannedMinutes", "realMinutes", "planned", "real", "currency"),
    TAKEN_ALONG,
    WORKED("words"),
    TO_CHANGE("words"),
    EVERYTHING,
    BEFORE_PREDICTED_REAL,
    BAND("zone", "from", "to", "looks"),
    COME_AGAIN,
    DUE("kind", "from", "to", "why"),
    WORK_SHEET("wish"),
    ROUTE("route", "time", "clock"),
    FOILS,
    HAIR,
    BETWEEN_FOILS,
    BOWLS,
    ORDER,
    STRETCH("from", "to", "aim"),
    STRETCH_BOWLS("stretch", "bowls"),
    THEN("one", "other"),
    STRETCH_FEATHERED("stretch", "cm"),
    FOIL("numbers", "foils"),
    YOUR_COLOUR("wish"),
    WHAT_WILL_HAPPEN,
    LIKELY,
    NOT_PROMISED,
    HOURS("hours", "visits", "price"),
    AFTERWARDS,
    HOW_IT_FADES("weeks"),
    NOW_AND_AFTERWARDS;

    private final Set<String> figures;

    SheetMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "sheet." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
