package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import mischung.route.Promise;

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
        return new PromiseView(
                of.clientName(),
                of.date(),
                route,
                promise.wish(),
                promise.happens(),
                promise.meanwhile(),
                promise.likely(),
                promise.notPromised(),
                promise.hours(),
                promise.price(),
                promise.visits(),
                promise.upkeep(),
                Promise.WEEKS,
                promise.fade().stream()
                        .map(f -> new FadeView(
                                f.where(), f.looks().stream().map(LookView::of).toList()))
                        .toList());
    }
}
