package mischung.plan;

import java.util.Set;
import mischung.said.Message;

/** What sets a way of doing the work apart. */
public enum StrategyMessage implements Message {
    BY_YOUR_SCHOOLS,
    OWN,
    FILLER("school"),
    AFTER_FILLER("rinse"),
    BY_CHOICE("choice"),
    PRE_TONE,
    WITHOUT_LIGHTENER,
    ON_LENGTHS("hold"),
    IN_VISITS("visits");

    private final Set<String> figures;

    StrategyMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "strategy." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
