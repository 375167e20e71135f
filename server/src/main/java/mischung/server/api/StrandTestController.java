package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Canvas;
import mischung.hair.Elasticity;
import mischung.process.Course;
import mischung.said.Said;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Draws;
import mischung.uncertainty.Factor;
import mischung.uncertainty.Forecast;
import mischung.uncertainty.Learned;
import mischung.uncertainty.Start;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Strand tests side by side with what the model had predicted, and what each would teach. */
@RestController
@RequestMapping(path = "/api/cases/{id}/strand-tests", produces = MediaType.APPLICATION_JSON_VALUE)
class StrandTestController {
    private static final int DRAWS = 120;
    private static final long SEED = 4;

    private final Cases cases;
    private final CaseCautions cautions;

    StrandTestController(Cases cases, CaseCautions cautions) {
        this.cases = cases;
        this.cautions = cautions;
    }

    /** One factor, before and after. */
    record FactorChange(
            Factor factor, String words, double before, double beforeSpread, double after, double afterSpread) {}

    /** One panel beside its prediction. */
    record PanelView(
            String words,
            LookView before,
            LookView predicted,
            @Schema(example = "7–8½") String range,
            String stretchAfter,

            @Schema(description = "as it was seen; only if it was read")
            LookView seen,

            @Schema(description = "what the comparison says, empty until it was read")
            String verdict,

            @Schema(
                    description =
                            "so far outside that something else is likelier wrong; counts only if accepted all the same")
            boolean flagged,

            @Schema(description = "what accepting it changes, or changed")
            List<FactorChange> changes,

            @Schema(description = "the same panel predicted again with it")
            String rangeAfter,

            List<StandingView> cautions) {}

    /** All panels of a case, and what is known of the client with those accepted. */
    record StrandTestsView(
            List<PanelView> panels,

            @Schema(description = "accepted tests that count, of earlier visits too")
            int counted,

            @Schema(description = "against a client of whom nothing is tested")
            List<FactorChange> known,

            @Schema(description = "what each lightener that was tried does on this client")
            List<ProductKnown> products) {}

    /** A lightener on this client, against what its figures promise on an average head. */
    record ProductKnown(String code, String name, double times, double spread, int tests) {
        static List<ProductKnown> of(Calibration known) {
            return known.tried().entrySet().stream()
                    .map(one -> new ProductKnown(
                            one.getKey(),
                            one.getValue().name(),
                            LookView.rounded(known.lift(one.getKey()), 100),
                            LookView.rounded(Math.sqrt(one.getValue().variance()), 100),
                            one.getValue().tests()))
                    .sorted(Comparator.comparing(ProductKnown::name).thenComparing(ProductKnown::code))
                    .toList();
        }
    }

    @GetMapping
    @Operation(operationId = "strandTests", summary = "Strand tests, predicted and seen, and what they teach")
    StrandTestsView tests(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        CheckedCase checked = stored.checked();
        Calibration known = cases.earlier(stored);
        List<PanelView> panels = new ArrayList<>();
        for (StrandTestView test : checked.strandTests()) {
            Learned learned = test.seen().done()
                    ? known.learn(test.asSeen(
                            checked.head().thickness(), checked.head().grown()))
                    : null;
            panels.add(panel(checked, test, known, learned));
            if (learned != null && test.accepted()) {
                known = learned.takenIn();
            }
        }
        return new StrandTestsView(
                panels, known.observations(), changes(Calibration.none(), known), ProductKnown.of(known));
    }

    private PanelView panel(CheckedCase checked, StrandTestView test, Calibration known, @Nullable Learned learned) {
        Band band = test.band().checked();
        Start start = test.start(checked.head().thickness(), checked.head().grown());
        Course course = test.course();
        Forecast forecast = forecast(start, course, known);
        Canvas end = forecast.expected();
        LookView predicted = LookView.of(end);
        BandKind seenAs = test.product().kind().lifts() ? BandKind.LIGHTENED : band.kind();
        return new PanelView(
                Catalogue.spoken().say(test.change().said()),
                LookView.of(start.best()),
                predicted,
                forecast.levels().words(),
                Catalogue.spoken().word(end.fibre().elasticity()),
                learned == null
                        ? predicted
                        : Swatches.of(
                                test.seen().tones().any(tone -> !seenAs.tones().contains(tone))
                                        ? BandKind.LIGHTENED
                                        : seenAs,
                                test.seen().level(),
                                test.seen().tones()),
                learned == null ? "" : verdict(learned, test, end),
                learned != null && learned.flagged(),
                learned == null ? List.of() : changes(known, learned.takenIn()),
                learned == null
                        ? forecast.levels().words()
                        : forecast(start, course, learned.takenIn()).levels().words(),
                StandingView.of(cautions.before(checked, test, end)));
    }

    private static Forecast forecast(Start start, Course course, Calibration known) {
        return Forecast.of(start, course, known.factors(), Draws.of(known, DRAWS, SEED));
    }

    private static String verdict(Learned learned, StrandTestView test, Canvas end) {
        double off = learned.seenLevel() - learned.expectedLevel();
        List<Said> verdict = new ArrayList<>();
        verdict.add(
                Math.abs(off) < 0.25
                        ? PageMessage.AS_PREDICTED.alone()
                        : PageMessage.OTHER_THAN_PREDICTED
                                .say()
                                .count("levels", Math.abs(off))
                                .in("lighter", off > 0)
                                .said());
        Elasticity predicted = end.fibre().elasticity();
        Elasticity felt = test.felt().orElse(predicted);
        if (felt != predicted) {
            verdict.add(PageMessage.FELT
                    .say()
                    .thing("felt", felt)
                    .thing("predicted", predicted)
                    .said());
        }
        if (!felt.mayGoOn()) {
            verdict.add(PageMessage.NOT_THIS_WAY.alone());
        }
        if (learned.flagged()) {
            verdict.add(PageMessage.SO_FAR_OFF.alone());
        }
        return Catalogue.spoken().sentences(verdict);
    }

    static List<FactorChange> changes(Calibration before, Calibration after) {
        return Arrays.stream(Factor.values())
                .map(f -> new FactorChange(
                        f,
                        Catalogue.spoken().word(f),
                        LookView.rounded(before.median(f), 100),
                        LookView.rounded(before.spread(f), 100),
                        LookView.rounded(after.median(f), 100),
                        LookView.rounded(after.spread(f), 100)))
                .toList();
    }
}
