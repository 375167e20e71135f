package mischung.caution;

/**
 * Something that can hurt someone, as it stands for this client and this piece of work.
 *
 * @param sentence the reason, in one or two sentences
 * @param lifts what settles it
 * @param open whether it is a question nobody asked or a test nobody read, so that it may be gone once that is done
 */
public record Caution(CautionRule rule, Strength strength, String sentence, String lifts, boolean open) {
    /** How strongly it speaks. */
    public enum Strength {
        REMIND("mind"),
        WARN("warning"),
        /** The work it stands at must not be begun. */
        BLOCK("blocked");

        private final String words;

        Strength(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public String title() {
        return rule.words();
    }

    static Caution block(CautionRule rule, String sentence, String lifts) {
        return new Caution(rule, Strength.BLOCK, sentence, lifts, false);
    }

    /** Blocks until somebody asks, looks or reads a test; then it may be gone. */
    static Caution open(CautionRule rule, String sentence, String lifts) {
        return new Caution(rule, Strength.BLOCK, sentence, lifts, true);
    }

    static Caution warn(CautionRule rule, String sentence, String lifts) {
        return new Caution(rule, Strength.WARN, sentence, lifts, false);
    }

    static Caution remind(CautionRule rule, String sentence, String lifts) {
        return new Caution(rule, Strength.REMIND, sentence, lifts, false);
    }
}
