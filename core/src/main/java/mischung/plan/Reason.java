package mischung.plan;

import mischung.said.Said;

/**
 * Why something stands in the plan.
 *
 * @param kind whether it says why, what else was weighed, or what reading would change it
 * @param said what the rule means here, with the figures of this head
 */
public record Reason(Kind kind, Rule rule, Said said) {
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

    public Reason(Rule rule, Said said) {
        this(Kind.WHY, rule, said);
    }

    Reason(Rule rule, ReasonMessage alone) {
        this(rule, alone.alone());
    }

    static Reason weighed(Rule rule, Said said) {
        return new Reason(Kind.WEIGHED, rule, said);
    }

    static Reason wouldChange(Rule rule, Said said) {
        return new Reason(Kind.WOULD_CHANGE, rule, said);
    }
}
