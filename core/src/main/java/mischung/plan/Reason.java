package mischung.plan;

/**
 * Why something stands in the plan.
 *
 * @param kind whether it says why, what else was weighed, or what reading would change it
 * @param sentence what the rule means here, with the figures of this head
 */
public record Reason(Kind kind, Rule rule, String sentence) {
    /** What a reason speaks of. */
    public enum Kind {
        WHY("why"),
        WEIGHED("weighed"),
        WOULD_CHANGE("would change it");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Reason(Rule rule, String sentence) {
        this(Kind.WHY, rule, sentence);
    }

    static Reason weighed(Rule rule, String sentence) {
        return new Reason(Kind.WEIGHED, rule, sentence);
    }

    static Reason wouldChange(Rule rule, String sentence) {
        return new Reason(Kind.WOULD_CHANGE, rule, sentence);
    }
}
