package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.route.Later;

/** How the head looks some weeks after the last visit. */
public record LaterView(
        int weeks,
        @Schema(description = "new hair at the scalp") double grownCm,

        @Schema(description = "one for each zone, in the head's order")
        List<LaterStrand> zones) {
    /** One zone's hair by then. */
    public record LaterStrand(
            @Schema(description = "how new hair looks; empty where nobody has read how it grows")
            List<LookView> grown,

            @Schema(description = "one for each band as the head is worked")
            List<LookView> bands) {}

    static LaterView of(Later later) {
        return new LaterView(
                later.weeks(),
                LookView.rounded(later.grownCm(), 10),
                later.zones().stream()
                        .map(zone -> new LaterStrand(
                                zone.grown().stream().map(LookView::of).toList(),
                                zone.bands().stream().map(LookView::of).toList()))
                        .toList());
    }
}
