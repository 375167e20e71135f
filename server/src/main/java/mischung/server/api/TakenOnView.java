package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mischung.caution.CautionOverride;
import mischung.caution.CautionRule;

/** A caution somebody took on. */
public record TakenOnView(
        CautionRule rule,

        @Schema(description = "what was said when it was taken on")
        QuotedView said,

        @Schema(description = "name, 2–80 characters") String by,
        @Schema(description = "5–500 characters") String reason,
        Instant at) {
    /** Signed now, by the program's clock and by who sits there, unless it stands among those signed before. */
    TakenOnView signed(List<TakenOnView> before, Instant now, Optional<String> person) {
        return before.contains(this) ? this : new TakenOnView(rule, said, person.orElse(by), reason, now);
    }

    CautionOverride checked() {
        return new CautionOverride(rule, CaseFile.at("said", said::checked), by, reason, at);
    }
}
