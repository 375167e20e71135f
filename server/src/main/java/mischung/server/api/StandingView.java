package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.caution.Caution;
import mischung.caution.CautionRule;
import mischung.caution.StandingCaution;
import mischung.route.RouteMessage;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.server.words.Catalogue;

/** A caution as it stands for this client. */
public record StandingView(
        CautionRule rule,
        Caution.Strength strength,

        @Schema(description = "what it says, in no language: whoever overrides it overrides just this")
        QuotedView said,

        String title,
        String sentence,

        @Schema(description = "what clears it") String cleared,
        boolean blocks,

        @Schema(description = "whether somebody may override it, where local rules allow")
        boolean overridable,

        @Schema(description = "who overrode it and why; empty: nobody")
        String takenOn) {

    static List<StandingView> of(List<StandingCaution> all) {
        return all.stream().map(StandingView::of).toList();
    }

    private static StandingView of(StandingCaution standing) {
        Caution caution = standing.caution();
        return new StandingView(
                caution.rule(),
                caution.strength(),
                QuotedView.of(caution.said().quoted()),
                title(caution),
                Catalogue.spoken().say(caution.said()),
                cleared(caution),
                standing.blocks(),
                caution.rule().overridable(),
                standing.takenOn()
                        .map(taken -> taken.by() + ": " + taken.reason())
                        .orElse(""));
    }

    static String title(Caution caution) {
        return Catalogue.spoken().word("caution.rule." + caution.rule().name());
    }

    static String cleared(Caution caution) {
        return Catalogue.spoken().say(caution.cleared());
    }

    /** Why a route is not offered: "Patch test: no patch test was applied. …". */
    static Said forbidding(Caution caution) {
        return RouteMessage.FORBIDDEN
                .say()
                .with("rule", new Figure.Named("caution.rule." + caution.rule().name()))
                .part("said", caution.said())
                .part("cleared", caution.cleared())
                .said();
    }
}
