package mischung.plan;

import java.util.Set;
import mischung.said.Message;

/** What a finished plan has to say about itself. */
public enum FindingMessage implements Message {
    NOTHING_TO_DO,
    WARMTH_IN_TARGET,
    TOWEL_ONLY,
    NO_FILLER_FOR_DIRECT,
    NO_FILLER,
    OUTSIDE_RULES,
    GROWS_BETWEEN_VISITS("from", "to", "level", "lifted"),
    VANISHES("aim", "before", "after"),
    MISSED("bands", "aim", "band", "look", "difference"),
    TOO_DARK("bands"),
    LINE("band", "difference"),
    EVEN("difference"),
    WITHOUT_FILLER("band", "level", "off", "lighter", "tone", "difference"),
    WITHOUT_FILLER_HUE("band", "level", "off", "lighter", "tone", "hue", "wished"),
    WITHOUT_FILLER_CHROMA("band", "level", "off", "lighter", "tone", "chroma", "wished");

    private final Set<String> figures;

    FindingMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "finding." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
