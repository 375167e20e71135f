package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import mischung.server.store.CaseStore;
import mischung.server.store.PastStore;
import mischung.server.store.Visit;
import mischung.server.words.Catalogue;
import mischung.shelf.Item;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who sits where on a day, what is running, what is due. */
@RestController
@RequestMapping(path = "/api/day", produces = MediaType.APPLICATION_JSON_VALUE)
class DayController {
    private static final int MOST_DUE = 30;

    /** Upkeep is spoken of a week ahead. */
    private static final int AHEAD_DAYS = 7;

    private final CaseStore cases;
    private final HouseSettings house;
    private final Shelves shelves;
    private final PastStore past;

    DayController(CaseStore cases, HouseSettings house, Shelves shelves, PastStore past) {
        this.past = past;
        this.cases = cases;
        this.house = house;
        this.shelves = shelves;
    }

    /** A day in the house. */
    record DayView(
            LocalDate date,
            List<String> chairs,
            List<CaseController.CaseSummary> appointments,
            List<CaseController.CaseSummary> patchTestsToRead,
            List<CaseController.CaseSummary> upkeepDue,
            List<ReminderView> reminders,
            List<LowView> stockLow) {}

    /** Somebody whose hair asks for a visit. */
    record ReminderView(
            long visitId,
            long clientId,
            String clientName,
            String words,
            LocalDate from,
            LocalDate to,

            @Schema(description = "booked, but only then: none or one")
            List<LocalDate> booked,

            @Schema(description = "said when that is too late, or today is; empty otherwise")
            String warning) {}

    /** A product it is time to buy. */
    record LowView(String name, double grams, double lowGrams) {}

    @GetMapping("/{date}")
    @Operation(operationId = "day", summary = "Chairs and appointments of a day, and what is due")
    DayView day(@PathVariable LocalDate date) {
        return new DayView(
                date,
                house.now().chairs(),
                summaries(cases.ofDay(date)),
                summaries(cases.patchTestsToRead(date, MOST_DUE)),
                summaries(cases.upkeepDue(date.plusDays(AHEAD_DAYS), MOST_DUE)),
                past.reminders(date.plusDays(AHEAD_DAYS), MOST_DUE).stream()
                        .map(one -> reminder(one, date))
                        .toList(),
                shelves.inUse().items().stream()
                        .filter(Item::low)
                        .map(item -> new LowView(
                                item.product().name(),
                                LookView.rounded(item.grams(), 10),
                                item.stock().lowGrams()))
                        .toList());
    }

    private static ReminderView reminder(PastStore.Reminder of, LocalDate today) {
        boolean late = of.due().late(of.booked().orElse(today));
        return new ReminderView(
                of.visit(),
                of.client(),
                of.name(),
                Catalogue.spoken().word(of.due().kind()),
                of.due().from(),
                of.due().to(),
                of.booked().stream().toList(),
                late ? of.due().warning().map(Catalogue.spoken()::sentence).orElse("") : "");
    }

    private static List<CaseController.CaseSummary> summaries(List<Visit.Summary> visits) {
        return visits.stream().map(CaseController.CaseSummary::of).toList();
    }
}
