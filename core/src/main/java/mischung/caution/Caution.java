package mischung.caution;

import java.util.HashMap;
import java.util.Map;
import mischung.said.Figure;
import mischung.said.Said;

/**
 * Something that can hurt someone, as it stands for this client and this piece of work.
 *
 * @param message the reason
 * @param figures of the message, by name
 * @param open whether it is a question nobody asked or a test nobody read, so that it may be gone once that is done
 */
public record Caution(
        CautionRule rule, Strength strength, CautionMessage message, Map<String, Figure> figures, boolean open) {
    /** How strongly it speaks. */
    public enum Strength {
        REMIND,
        WARN,
        /** The work it stands at must not be begun. */
        BLOCK
    }

    public Caution {
        figures = Map.copyOf(figures);
    }

    /** What it says. */
    public Said said() {
        return new Said(message, figures);
    }

    /** What settles it. */
    public Said cleared() {
        return new Said(message.cleared(), figures);
    }

    Caution reminding() {
        return new Caution(rule, Strength.REMIND, message, figures, open);
    }

    static Caution block(CautionRule rule, CautionMessage message) {
        return new Caution(rule, Strength.BLOCK, message, Map.of(), false);
    }

    /** Blocks until somebody asks, looks or reads a test; then it may be gone. */
    static Caution open(CautionRule rule, CautionMessage message) {
        return new Caution(rule, Strength.BLOCK, message, Map.of(), true);
    }

    static Caution warn(CautionRule rule, CautionMessage message) {
        return new Caution(rule, Strength.WARN, message, Map.of(), false);
    }

    static Caution remind(CautionRule rule, CautionMessage message) {
        return new Caution(rule, Strength.REMIND, message, Map.of(), false);
    }

    /** With a figure of its message. */
    Caution with(String name, Figure figure) {
        Map<String, Figure> more = new HashMap<>(figures);
        more.put(name, figure);
        return new Caution(rule, strength, message, more, open);
    }
}
