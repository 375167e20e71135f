package mischung.caution;

import java.time.Instant;
import mischung.RefusedInput;
import mischung.said.Quoted;

/**
 * A caution somebody took on, with name and reason. It is just what was said that was taken on: if the rule has something else to
 * say later, it stands again.
 *
 * @param said what was said when it was taken on
 * @param by 2–80 characters
 * @param reason 5–500 characters
 */
public record TakenOn(CautionRule rule, Quoted said, String by, String reason, Instant at) {
    public TakenOn {
        by = by.strip();
        reason = reason.strip();
        if (by.length() < 2 || by.length() > 80) {
            throw new RefusedInput("by", by, "Sign with your name, 2 to 80 characters.");
        }
        if (reason.length() < 5 || reason.length() > 500) {
            throw new RefusedInput("reason", reason, "Give the reason in 5 to 500 characters.");
        }
        if (!rule.overridable()) {
            throw new RefusedInput("rule", rule, "This one cannot be taken on by anyone; settle it.");
        }
    }

    boolean answers(Caution caution) {
        return rule == caution.rule() && said.equals(caution.said().quoted());
    }
}
