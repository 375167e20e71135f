package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import mischung.hair.LevelScale;
import mischung.hair.ZonePlace;
import mischung.job.BandForecast;
import mischung.light.Srgb;
import mischung.said.Said;
import mischung.server.words.Catalogue;

/** A job against what had been said of it. */
public record LookBackView(
        String clientName,
        LocalDate date,

        @Schema(description = "whether the job has begun: there is nothing to look back on before")
        boolean begun,

        boolean ended,

        @Schema(description = "what it came to, in a sentence or two")
        String says,

        List<BandBack> bands,
        List<UsedView> used,
        List<TimeView> times,
        PriceView price,

        @Schema(description = "what is taken to the next job: none or one")
        List<JudgedView> judged,

        @Schema(description = "what this visit has taught of the client's hair")
        List<StrandTestController.FactorChange> learned,

        @Schema(description = "everything that happened, oldest first")
        List<LogLine> log) {

    /** A colour in words, figures and for the screen. */
    public record ShownView(double level, String words, String hex) {
        static ShownView of(BandForecast.Shown shown) {
            return of(shown, shown.said());
        }

        static ShownView of(BandForecast.Shown shown, Said said) {
            return new ShownView(
                    LookView.rounded(shown.level(), 100),
                    Catalogue.spoken().say(said),
                    Srgb.of(shown.lab().toXyz()).hex());
        }
    }

    /** One band as read before the work. */
    public record BandBack(
            ZonePlace zone,
            String zoneWords,

            @Schema(description = "its place in the strand as read, from 0")
            int band,

            double fromCm,
            double toCm,
            boolean kept,
            ShownView before,
            ShownView wished,

            @Schema(description = "by the plan the job began with")
            ShownView predictedAtFirst,

            @Schema(description = "by the plan as it was worked in the end")
            ShownView predicted,

            @Schema(example = "7–8") String range,

            @Schema(description = "as it came out: none or one")
            List<RealView> real) {}

    /** As it came out. */
    public record RealView(
            ShownView shown,

            @Schema(description = "CIEDE2000") double fromPrediction,

            @Schema(description = "CIEDE2000") double fromWish,

            @Schema(description = "lighter than predicted, in levels; below 0: darker")
            double levels,

            @Schema(description = "whether it lies in the range that was given")
            boolean inside,

            @Schema(description = "what a wet strand did; empty: not tried")
            String felt) {}

    /** A bowl, planned and poured. */
    public record UsedView(
            String bowl,
            String title,
            double plannedGrams,
            double pouredGrams,

            @Schema(description = "none or one") List<Double> leftGrams) {}

    /** One kind of work, planned and real. */
    public record TimeView(String words, int plannedMinutes, int realMinutes) {}

    /** Hours of hands and products, by the house's rates. */
    public record PriceView(double planned, double real, String currency, int plannedMinutes, int realMinutes) {}

    /** Two things that worked and one to change. */
    public record JudgedView(String worked, String alsoWorked, String change) {}

    /** A line of the whole log. */
    public record LogLine(Instant at, String clock, String hand, String words) {}

    static String range(BandForecast one) {
        String from = LevelScale.words(one.from());
        String to = LevelScale.words(one.to());
        return from.equals(to) ? from : from + "–" + to;
    }
}
