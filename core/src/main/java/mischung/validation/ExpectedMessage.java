package mischung.validation;

import java.util.Set;
import mischung.said.Message;

/** Between which bounds a figure of the model must lie. */
public enum ExpectedMessage implements Message {
    JUST("value", "unit"),
    BETWEEN("from", "to", "unit"),
    AT_LEAST("from", "unit"),
    AT_MOST("to", "unit");

    private final Set<String> figures;

    ExpectedMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "expected." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
