package mischung.process;

import java.util.Set;
import mischung.said.Message;

/** What is done to hair. */
public enum ChangeMessage implements Message {
    /** "lightener, 20 vol, foil". */
    LIGHTENING("what", "volume", "cover"),
    COLOUR("shadeClass"),
    REMOVER,
    WASHES,
    CLARIFYING_WASHES,
    BOND,
    PROTEIN,
    EQUALISER;

    private final Set<String> figures;

    ChangeMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "change." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
