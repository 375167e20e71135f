package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import mischung.caution.CautionRule;
import mischung.caution.TakenOn;

/** A caution somebody took on. */
public record TakenOnView(
        CautionRule rule,

        @Schema(description = "what was said when it was taken on")
        String sentence,

        @Schema(description = "name, 2–80 characters") String by,
        @Schema(description = "5–500 characters") String reason,
        Instant at) {
    TakenOn checked() {
        return new TakenOn(rule, sentence, by, reason, at);
    }
}
