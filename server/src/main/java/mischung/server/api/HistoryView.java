package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import mischung.hair.Tone;
import mischung.history.Event;
import mischung.history.Growth;
import mischung.history.History;
import mischung.history.Service;
import mischung.history.Where;

/** What is known of the head's past. */
public record HistoryView(
        @Schema(description = "as it grows, 1–10 in halves") double naturalLevel,

        @Schema(description = "cm a month, 0.3–3") double growthFrom,
        @Schema(description = "cm a month, 0.3–3") double growthTo,

        @Schema(description = "regrowth since colour last went on at the scalp, as measured; 0: not measured")
        double measuredRegrowthCm,

        @Schema(description = "0–14") double washesPerWeek,
        List<EventView> events) {

    /** One dated event. */
    public record EventView(
            LocalDate date,
            Service service,
            boolean home,
            Where where,

            @Schema(description = "of the shade, or what it was lifted to; 1–12 in halves")
            double level,

            Tone tone,
            List<SecondToneView> second,
            @Schema(description = "vol, 0–40") double volume,

            @Schema(description = "of the hair that was woven out, 0.05–1")
            double share,

            @Schema(description = "cm drawn over what was coloured before, 0–150")
            double overlapCm,

            @Schema(description = "cm taken off by a haircut, 0–100")
            double cutCm) {
        Event checked() {
            return new Event(
                    date,
                    service,
                    home,
                    where,
                    level,
                    SecondToneView.beside(tone, second),
                    volume,
                    share,
                    overlapCm,
                    cutCm);
        }
    }

    static HistoryView none(double naturalLevel) {
        History none = History.none(naturalLevel);
        return new HistoryView(
                naturalLevel, none.growth().from(), none.growth().to(), 0, none.washesPerWeek(), List.of());
    }

    /** @param today the day of the work; nothing may lie after it */
    History checked(LocalDate today) {
        List<Event> checked = CaseFile.eachOf("events", events, EventView::checked);
        History told =
                new History(naturalLevel, Growth.between(growthFrom, growthTo), washesPerWeek, checked).notAfter(today);
        return measuredRegrowthCm == 0 ? told : told.corrected(measuredRegrowthCm, today);
    }
}
