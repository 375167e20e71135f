package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import mischung.route.Promise;
import mischung.server.words.Catalogue;

/** What the client is told of one route, in plain words. */
public record PromiseView(
        String clientName,
        LocalDate date,
        String route,
        String wish,
        List<String> happens,

        @Schema(description = "how it looks in between; empty if never odd")
        String meanwhile,

        List<String> likely,
        List<String> notPromised,
        String hours,
        String price,
        int visits,
        List<String> upkeep,

        @Schema(description = "weeks of the forecast") List<Integer> weeks,

        List<FadeView> fade) {
    /** One colour today and at each of the weeks. */
    public record FadeView(String where, List<LookView> looks) {}

    static PromiseView of(CheckedCase of, String route, Promise promise) {
        Catalogue spoken = Catalogue.spoken();
        return new PromiseView(
                of.clientName(),
                of.date(),
                route,
                spoken.say(promise.wish()),
                promise.happens().stream().map(spoken::sentence).toList(),
                promise.meanwhile().map(spoken::sentence).orElse(""),
                promise.likely().stream().map(spoken::sentence).toList(),
                promise.notPromised().stream().map(spoken::sentence).toList(),
                spoken.say(promise.hours()),
                spoken.say(promise.price()),
                promise.visits(),
                promise.upkeep().stream().map(spoken::sentence).toList(),
                Promise.WEEKS,
                promise.fade().stream()
                        .map(f -> new FadeView(
                                spoken.sentence(f.where()),
                                f.looks().stream().map(LookView::of).toList()))
                        .toList());
    }
}
