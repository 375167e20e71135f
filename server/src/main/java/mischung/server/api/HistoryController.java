package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.history.Border;
import mischung.history.Contradiction;
import mischung.history.Growth;
import mischung.history.StrandHistory;
import mischung.history.Stretch;
import mischung.server.words.Catalogue;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The history of a case laid on its strands. Never stored; a reading takes over only what the colourist accepts. */
@RestController
@RequestMapping(path = "/api/cases/{id}/strand-history", produces = MediaType.APPLICATION_JSON_VALUE)
class HistoryController {
    private final Cases cases;

    HistoryController(Cases cases) {
        this.cases = cases;
    }

    /** A line on the strand by the dates. */
    record BorderView(double cm, double fromCm, double toCm, String words) {
        static BorderView of(Border border) {
            return new BorderView(
                    LookView.rounded(border.cm(), 10),
                    LookView.rounded(border.fromCm(), 10),
                    LookView.rounded(border.toCm(), 10),
                    Catalogue.spoken().say(border.said()));
        }
    }

    /** A stretch with one past. */
    record StretchView(
            BorderView from,
            BorderView to,
            String words,
            List<String> events,
            double layersFrom,
            double layersTo,
            LookView look,

            @Schema(description = "darkest and lightest level it is likely to look")
            double levelFrom,

            double levelTo,
            CaseFile.BandView proposed) {
        static StretchView of(Stretch stretch) {
            return new StretchView(
                    BorderView.of(stretch.from()),
                    BorderView.of(stretch.to()),
                    Catalogue.spoken().say(stretch.said()),
                    stretch.told().stream().map(Catalogue.spoken()::say).toList(),
                    stretch.layersFrom(),
                    stretch.layersTo(),
                    LookView.of(stretch.look()),
                    LookView.rounded(stretch.levelFrom(), 10),
                    LookView.rounded(stretch.levelTo(), 10),
                    CaseFile.BandView.of(stretch.proposed()));
        }
    }

    /** Where dates and eyes differ. */
    record ContradictionView(double cm, String sentence) {}

    /** One zone's strand by the dates. */
    record StrandView(ZonePlace place, List<StretchView> stretches, List<ContradictionView> contradictions) {}

    /** The whole head by the dates. */
    record StrandHistoryView(
            double growthFrom,
            double growthUsual,
            double growthTo,

            @Schema(
                    description =
                            "what last went on at the scalp, from which a regrowth can be measured; empty: nothing")
            String lastAtScalp,

            List<StrandView> strands) {}

    @GetMapping
    @Operation(
            operationId = "strandHistory",
            summary = "The dated events laid on every strand in cm, with their uncertainty")
    StrandHistoryView history(@PathVariable long id) {
        CheckedCase checked = cases.get(id).checked();
        Growth growth = checked.history().growth();
        return new StrandHistoryView(
                LookView.rounded(growth.from(), 100),
                LookView.rounded(growth.usual(), 100),
                LookView.rounded(growth.to(), 100),
                checked.history()
                        .lastAtScalp()
                        .map(e -> Catalogue.spoken().day(e.date()) + ", "
                                + Catalogue.spoken().say(e.said()))
                        .orElse(""),
                checked.head().zones().stream()
                        .map(zone -> strand(checked, zone))
                        .toList());
    }

    private static StrandView strand(CheckedCase checked, Zone zone) {
        List<Stretch> stretches = StrandHistory.of(
                        checked.history(), zone.strand().lengthCm(), checked.date())
                .stretches();
        return new StrandView(
                zone.place(),
                stretches.stream().map(StretchView::of).toList(),
                Contradiction.between(zone.strand(), stretches).stream()
                        .map(c ->
                                new ContradictionView(c.cm(), Catalogue.spoken().sentence(c.said())))
                        .toList());
    }
}
