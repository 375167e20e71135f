package mischung.mix;

import java.util.Set;
import mischung.said.Message;

/** What bowls are called and what is in them where the shelf has no product of that name. */
public enum MixMessage implements Message {
    /** "filler 1 · 8 copper-gold". */
    BOWL_FOR("step", "aim"),
    /** "lightening powder, on the lengths". */
    BOWL_OF("what", "way"),
    RATIO("ratio"),
    AS_IT_IS,
    LIGHTEST_TINT,
    DEVELOPER("volume"),
    WATER_OR_CREAM,
    COLOUR_SHAMPOO;

    private final Set<String> figures;

    MixMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "mix." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
