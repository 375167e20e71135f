package mischung.plan;

import java.util.Set;
import mischung.said.Message;

/** How a step of a plan is called. */
public enum StepMessage implements Message {
    /** "filler". */
    NAME("action"),
    /** "filler 2", where a plan has several. */
    NUMBERED("action", "number"),
    /** "filler 1 · 8 copper-gold": with the colours its bowls aim at. */
    AIMED("step", "aims"),
    /** The same between foils. */
    AIMED_BETWEEN("step", "aims");

    private final Set<String> figures;

    StepMessage(String... figures) {
        this.figures = Set.of(figures);
    }

    @Override
    public String key() {
        return "step." + name();
    }

    @Override
    public Set<String> figures() {
        return figures;
    }
}
