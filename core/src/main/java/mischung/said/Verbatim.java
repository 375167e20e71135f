package mischung.said;

import java.util.Set;

/** What was said before it was kept as a message with its figures, in the words of then. */
public enum Verbatim implements Message {
    TEXT("text");

    private final Set<String> figures;

    Verbatim(String... figures) {
        this.figures = Set.of(figures);
    }

    public static Said of(String text) {
        return TEXT.say().typed("text", text).said();
    }

    @Override
    public String key() {
        return "verbatim." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
