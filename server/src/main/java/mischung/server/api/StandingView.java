package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.caution.Caution;
import mischung.caution.CautionRule;
import mischung.caution.Standing;

/** A caution as it stands for this client. */
public record StandingView(
        CautionRule rule,
        Caution.Strength strength,
        String title,
        String sentence,
        String lifts,
        boolean blocks,

        @Schema(description = "whether somebody may take it on, where local rules allow")
        boolean overridable,

        @Schema(description = "who took it on and why; empty: nobody")
        String takenOn) {

    static List<StandingView> of(List<Standing> all) {
        return all.stream()
                .map(s -> new StandingView(
                        s.caution().rule(),
                        s.caution().strength(),
                        s.caution().title(),
                        s.caution().sentence(),
                        s.caution().lifts(),
                        s.blocks(),
                        s.caution().rule().overridable(),
                        s.takenOn().map(t -> t.by() + ": " + t.reason()).orElse("")))
                .toList();
    }
}
