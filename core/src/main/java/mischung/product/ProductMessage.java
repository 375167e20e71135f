package mischung.product;

import java.util.Set;
import mischung.said.Message;

/** How what stands on the shelf is called, and what is mixed of it. */
public enum ProductMessage implements Message {
    /** "copper 8". */
    SHADE("tone", "level"),
    /** "copper-gold 8". */
    SHADE_OF_TWO("tone", "second", "level"),
    CLEAR,
    /** "2 parts natural 6". */
    PARTS("parts", "shade"),
    LIGHTENER("name"),
    /** "lightening powder with cooling drops". */
    LIGHTENER_WITH("name", "additive");

    private final Set<String> figures;

    ProductMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "product." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
