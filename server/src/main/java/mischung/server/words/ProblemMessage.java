package mischung.server.words;

import java.util.Set;
import mischung.said.Message;

/** What went wrong with a request, and what to do. */
public enum ProblemMessage implements Message {

    // titles
    CANNOT_BE,
    BLOCKED_WORK,
    BLOCKED_TEST,
    CASE_CHANGED,
    CLIENT_CHANGED,
    SETTINGS_CHANGED,
    PRODUCT_CHANGED,
    NO_CLIENT,
    NO_CASE,
    NO_PHOTO,
    NO_RANGE,
    NO_PRODUCT,
    TOO_MANY_SCREENS,
    HAPPENED_MEANWHILE,
    NOT_JSON,
    NOTHING_SENT,
    NOTHING_THERE,
    BUSY,
    GONE,
    NOT_SAVED,
    PROGRAM_FAULT,
    FILE_TOO_LARGE,
    NO_READING,
    NO_WEIGHT,
    NOT_SET_UP("device"),

    // what to do
    SETTLE_FIRST("what"),
    LOOK_WHAT_DIFFERS,
    CLIENT_BY_NOW("name", "noted", "note"),
    SETTINGS_SAME,
    SETTINGS_DIFFER("what"),
    SETTING("which"),
    COUNT_AGAIN,
    SEARCH_AGAIN,
    BACK_TO_THE_LIST,
    ERASED,
    OFF_THE_SHELF,
    CLOSE_SCREENS,
    PRESS_AGAIN,
    BREAKS_OFF("line", "column"),
    SEND_JSON,
    OTHER_KIND,
    NO_SUCH_FIELD("known"),
    GIVE_NUMBER,
    GIVE_DAY,
    GIVE_TIME,
    GIVE_OTHER,
    WITHOUT_QUOTES,
    MISSING_FIELD,
    NOT_EMPTY,
    CHECK_ADDRESS,
    CHECK_SENT,
    IN_A_MOMENT,
    ERASED_MEANWHILE,
    MAKE_ROOM,
    REPORT_IT,
    CASE_MEGABYTES("most"),
    PHOTO_MEGABYTES("most"),
    PHOTO_MEGAPIXELS("most"),
    PHOTO_TOO_SMALL,
    PHOTO_SCANS,
    PHOTO_TOO_LONG,
    PHOTO_BROKEN,
    PHOTO_OTHERS,
    ENOUGH_PHOTOS("most"),
    NOTHING_TO_TAKE_BACK,
    BOWL_NOT_BEGUN,
    BOWL_NOT_ASKED_FOR,
    CHOOSE("kind"),
    ON_THE_SHELF,
    EXPORTED_FILE("name"),
    DAY_AND_HOUR,
    INSTANT,
    TIME_OF_DAY,
    SAVE_AS_UTF8,
    NO_CSV,
    COLUMNS("all"),
    NO_SUCH_COLUMNS("all"),
    STANDS_ALREADY("line"),
    CODE_ELSEWHERE,
    READING_BROKE_OFF,
    CELLS,
    FILE_FORGOTTEN,
    ONLY_WHOLE_FILES,
    CHAIRS("most"),
    NOTHING_PROPOSED,
    PROPOSAL_CHANGED,
    AS_GROWN_NOT_LIFTED,
    NO_SHADE_IN_IT,
    ONLY_HANDS,
    SEEN_FIRST,
    LAST_ENTRY,
    REAL_SCALE,
    DEVICE_OPTION("device"),
    DEVICE_BY_HAND("device"),
    DEVICE_SILENT("device"),
    DEVICE_ABSENT("device", "port"),
    DEVICE_UNPLUGGED("device"),
    DEVICE_REFUSED("device", "words"),
    DEVICE_GARBLED("device", "words"),
    NO_COPY_MADE,
    NO_SUCH_COPY,
    COPY_CHANGED,
    COPY_DAMAGED,
    CLIENT_NAME,
    KEY_OF_A_PRESS,
    OPTIONS("known");

    private final Set<String> figures;

    ProblemMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "problem." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
