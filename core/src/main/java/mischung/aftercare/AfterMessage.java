package mischung.aftercare;

import java.util.Set;
import mischung.said.Message;

/** When to come again, and what to do at home. */
public enum AfterMessage implements Message {
    ROOTS,
    ROOTS_BAND("day", "weeks", "cm"),
    ROOTS_LATE("cm"),
    REGROWTH,
    FASHION,
    GLOSS,
    WASH_SELDOM,
    MAY_DARKEN,
    WARMTH_LEAVES,
    VIOLET_SHAMPOO,
    STRENGTHEN,
    CHLORINE,
    TENDER,
    NOTHING_SPECIAL,
    IF_IT_BURNS;

    private final Set<String> figures;

    AfterMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "after." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
