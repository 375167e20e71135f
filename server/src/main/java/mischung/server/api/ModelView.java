package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import mischung.caution.Cautions;
import mischung.caution.StandingCaution;
import mischung.hair.Canvas;
import mischung.hair.Look;
import mischung.hair.Pigment;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.ReadIn;
import mischung.light.Illuminant;
import mischung.process.Barrier;
import mischung.process.Change;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.Slip;
import mischung.server.words.Catalogue;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Draw;
import mischung.uncertainty.Draws;
import mischung.uncertainty.Factor;
import mischung.uncertainty.Forecast;
import mischung.uncertainty.Learned;
import mischung.uncertainty.Start;
import mischung.uncertainty.StrandTest;
import org.jspecify.annotations.Nullable;

/** What became of the band, from the beginning to the end of what was done. */
record ModelView(
        ReadView read,
        List<Frame> frames,
        EndView end,
        List<Amount> amounts,
        LearnedView learned,
        List<SlipView> slips,
        List<StandingView> cautions) {
    private static final int FRAMES = 9;
    private static final int DRAWS = 200;
    private static final long SEED = 1;

    /** Half a centimetre over the line, on natural hair of this level. */
    private static final double SLIP_CM = 0.5;

    private static final double KEPT_LEVEL = 4;

    /** How the start was understood. */
    record ReadView(
            @Schema(description = "everything that looks alike, in words")
            String words,

            @Schema(description = "CIEDE2000 that remains") double misfit,
            double underFrom,
            double underTo) {}

    /** The band at one moment. */
    record Frame(
            @Schema(description = "minutes, or washes, from the beginning")
            double at,

            LookView look,

            @Schema(description = "eight times in ten the level lies between")
            double levelFrom,

            double levelTo,
            String rangeWords,
            @Schema(description = "strength left, 0–1") double integrity,
            String elasticity) {}

    /** The result, and how sure it is. */
    record EndView(
            LookView wet,
            List<LightView> lights,
            List<ToneOften> tones,
            EllipseView ellipse,
            double integrityFrom,
            double integrityTo,
            boolean mayGoOn) {}

    /** The result in one of the five lights, as sRGB. */
    record LightView(Illuminant light, String words, String colour) {}

    /** How often a tone comes out, 0–1. */
    record ToneOften(String tone, double share) {}

    /** Eight times in ten a* and b* lie inside; half axes, and degrees of the longer against a*. */
    record EllipseView(double a, double b, double major, double minor, double degrees) {}

    /** One pigment of the coloured fibres, in the model's own unit. */
    record Amount(String pigment, double before, double after) {}

    /** What the strand test taught. */
    record LearnedView(
            boolean done,
            boolean flagged,
            double expectedLevel,

            @Schema(description = "seen against expected, in standard deviations")
            double deviation,

            List<FactorView> factors) {}

    /** A factor of this head: how often the average, between which bounds two times in three. */
    record FactorView(String factor, double median, double from, double to) {}

    /** Natural hair beside the band, if the hand slips by half a centimetre. */
    record SlipView(String barrier, LookView kept, LookView strip, double difference, boolean seen) {}

    static ModelView of(ModelRun run) {
        ReadIn read = run.start().read();
        Start start = run.start().start(read);
        double amount = run.product().amount();
        Course whole = Course.of(run.product().change(amount));
        Learned learned = run.strandTest().done()
                ? Calibration.none()
                        .learn(StrandTest.byEye(start, whole, run.strandTest().level()))
                : null;
        Calibration known = learned == null ? Calibration.none() : learned.after();
        List<Draw> draws = Draws.of(known, DRAWS, SEED);
        List<Frame> frames = new ArrayList<>();
        Forecast last = null;
        for (int i = 0; i < FRAMES; i++) {
            double at = amount * i / (FRAMES - 1);
            last = Forecast.of(start, Course.of(run.product().change(at)), known.factors(), draws);
            frames.add(frame(at, last));
        }
        Canvas end = last.expected();
        return new ModelView(
                new ReadView(
                        read.ways().stream().map(Catalogue.spoken()::say).collect(Collectors.joining(" / ")),
                        LookView.rounded(read.misfit(), 100),
                        read.underFrom(),
                        read.underTo()),
                frames,
                end(last),
                Arrays.stream(Pigment.values())
                        .map(p -> new Amount(
                                Catalogue.spoken().word(p),
                                LookView.rounded(start.best().coloured().amount(p), 10_000),
                                LookView.rounded(end.coloured().amount(p), 10_000)))
                        .toList(),
                learnedView(learned, known),
                slips(run.product().change(amount), start.best(), known.factors()),
                StandingView.of(
                        StandingCaution.of(Cautions.of(run.product().change(amount), end.fibre()), List.of(), false)));
    }

    private static Frame frame(double at, Forecast forecast) {
        Canvas canvas = forecast.expected();
        var range = forecast.levels();
        return new Frame(
                LookView.rounded(at, 10),
                LookView.of(canvas),
                LookView.rounded(range.from(), 100),
                LookView.rounded(range.to(), 100),
                range.words(),
                LookView.rounded(canvas.fibre().integrity(), 1000),
                Catalogue.spoken().word(canvas.fibre().elasticity()));
    }

    private static EndView end(Forecast forecast) {
        var ellipse = forecast.ellipse(Forecast.USUAL_CLAIM);
        Look look = forecast.expected().look();
        var integrity = forecast.integrity(Forecast.USUAL_CLAIM);
        return new EndView(
                LookView.of(Look.of(forecast.expected().wetReflectance())),
                Arrays.stream(Illuminant.values())
                        .map(light -> new LightView(
                                light,
                                Catalogue.spoken().word(light),
                                look.under(light).hex()))
                        .toList(),
                forecast.tones().stream()
                        .map(t -> new ToneOften(t.tone(), LookView.rounded(t.share(), 100)))
                        .limit(4)
                        .toList(),
                new EllipseView(
                        LookView.rounded(ellipse.a(), 10),
                        LookView.rounded(ellipse.b(), 10),
                        LookView.rounded(ellipse.major(), 10),
                        LookView.rounded(ellipse.minor(), 10),
                        LookView.rounded(ellipse.degrees(), 1)),
                LookView.rounded(integrity.from(), 1000),
                LookView.rounded(integrity.to(), 1000),
                forecast.expected().fibre().elasticity().mayGoOn());
    }

    private static LearnedView learnedView(@Nullable Learned learned, Calibration known) {
        List<FactorView> factors = Arrays.stream(Factor.values())
                .map(f -> new FactorView(
                        Catalogue.spoken().word(f),
                        LookView.rounded(known.median(f), 100),
                        LookView.rounded(known.median(f) * Math.exp(-known.spread(f)), 100),
                        LookView.rounded(known.median(f) * Math.exp(known.spread(f)), 100)))
                .toList();
        return learned == null
                ? new LearnedView(false, false, 0, 0, factors)
                : new LearnedView(
                        true,
                        learned.flagged(),
                        LookView.rounded(learned.expectedLevel(), 100),
                        LookView.rounded(learned.deviation(), 10),
                        factors);
    }

    private static List<SlipView> slips(Change change, Canvas worked, Factors factors) {
        Canvas kept = Canvas.of(PigmentLine.NATURAL.at(KEPT_LEVEL), Porosity.NORMAL);
        return Arrays.stream(Barrier.values())
                .map(barrier -> slip(barrier, Slip.of(kept, worked, change, SLIP_CM, barrier, factors)))
                .toList();
    }

    private static SlipView slip(Barrier barrier, Slip slip) {
        return new SlipView(
                Catalogue.spoken().word(barrier),
                LookView.of(slip.kept().look()),
                LookView.of(slip.strip().look()),
                LookView.rounded(slip.againstKept(), 10),
                slip.againstKept() > Slip.SEEN_AS_LINE);
    }
}
