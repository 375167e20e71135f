package mischung.caution;

import java.time.Instant;
import mischung.said.Quoted;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/**
 * A caution somebody took on, with name and reason. It is just what was said that was taken on: if the rule has something else to
 * say later, it stands again.
 *
 * @param said what was said when it was taken on
 * @param by 2–80 characters
 * @param reason 5–500 characters
 */
public record CautionOverride(CautionRule rule, Quoted said, String by, String reason, Instant at) {
    public CautionOverride {
        by = by.strip();
        reason = reason.strip();
        if (by.length() < 2 || by.length() > 80) {
            throw new RefusedInput(
                    "by",
                    by,
                    RefusalMessage.SIGN
                            .say()
                            .count("least", 2)
                            .count("most", 80)
                            .said());
        }
        if (reason.length() < 5 || reason.length() > 500) {
            throw new RefusedInput(
                    "reason",
                    reason,
                    RefusalMessage.REASON
                            .say()
                            .count("least", 5)
                            .count("most", 500)
                            .said());
        }
        if (!rule.overridable()) {
            throw new RefusedInput("rule", rule, RefusalMessage.NOBODY_TAKES_IT_ON);
        }
    }

    boolean answers(Caution caution) {
        return rule == caution.rule() && said.equals(caution.said().quoted());
    }
}
