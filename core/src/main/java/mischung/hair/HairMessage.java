package mischung.hair;

import java.util.Set;
import mischung.said.Message;

/** How the colour of hair is called where one word does not do. */
public enum HairMessage implements Message {
    /** "beige with a touch of gold". */
    TOUCH("main", "second"),
    /** "beige with some gold". */
    SOME("main", "second"),
    /** "beige-gold". */
    HALF("main", "second"),
    /** What hair may be that reads so: "lightened", "colour over natural hair of level 5–6". */
    READ_AS("kind"),
    READ_AS_OF("kind", "levels"),
    /** "6½ gold". */
    COLOUR("level", "tone"),
    /** The same, where it was picked on a screen or in a photograph: "about 6½ gold (picked)". */
    PICKED("level", "tone");

    private final Set<String> figures;

    HairMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "hair." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
