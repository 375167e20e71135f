package mischung.server.words;

import java.util.Set;
import mischung.said.Message;

/** What pages say beside what the core says. */
public enum PageMessage implements Message {

    // before a device is let in
    NEW_DEVICE,
    TYPE_THESE_FIGURES,
    GOES_ON_BY_ITSELF,
    TOO_MANY_WAIT,
    TRUST_THE_HOUSE,

    // mixing
    OVER_POURED("becomes", "instead"),
    DILUTED("grams", "volume", "ratio", "deposit"),
    MISSING("weight", "product"),
    NOT_ON_SHELF("weight", "product"),
    PAST_BOWLS("share", "bowls"),

    // plans
    NOW,
    WITHOUT_FILLER("tones", "level"),
    RATIO_FRESH("ratio", "times"),
    CLEANSE_MIX,
    CLEANSE_PRODUCTS,
    LIGHTENER,
    LIFT_TO("step", "level", "way"),
    LEVEL("level"),
    NONE_SHORTER,
    AT_MOST_LONGER("share"),

    // strand tests
    AS_PREDICTED,
    OTHER_THAN_PREDICTED("levels", "lighter"),
    FELT("felt", "predicted"),
    NOT_THIS_WAY,
    SO_FAR_OFF,

    // looking back
    NOT_BEGUN,
    READ_THE_BANDS,
    LOOKED_BACK("bands", "inside", "prediction", "wish", "levels"),
    NOTHING_OFFERED("verdict"),
    SAME_AGAIN,
    LITTLE_BETTER,
    OTHERWISE("better", "worked"),
    WEIGHED("grams", "product", "bowl", "back"),
    PHOTOGRAPH("words"),
    TAKEN_ON("reason"),
    NOT_READ,
    CAME_OUT("even", "wish", "levels", "apart"),

    // looking for past work
    CANVAS_HAS("level"),
    WISHED_AT("level"),
    CAME_OUT_EVENLY("even"),
    POROSITY_SOMEWHERE("very"),
    WORDS_HOLD("word"),

    // measuring
    MEASURED("level", "tone", "spread");

    private final Set<String> figures;

    PageMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "page." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
