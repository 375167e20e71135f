package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import java.time.LocalDate;
import java.util.List;
import mischung.server.store.CaseStore;
import mischung.server.store.HouseStore;
import mischung.server.store.Visit;
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
    private final HouseStore stock;

    DayController(CaseStore cases, HouseSettings house, HouseStore stock) {
        this.cases = cases;
        this.house = house;
        this.stock = stock;
    }

    /** A day in the house. */
    record DayView(
            LocalDate date,
            List<String> chairs,
            List<CaseController.CaseSummary> appointments,
            List<CaseController.CaseSummary> patchTestsToRead,
            List<CaseController.CaseSummary> upkeepDue,
            List<HouseController.StockView> stockLow) {}

    @GetMapping("/{date}")
    @Operation(operationId = "day", summary = "Chairs and appointments of a day, and what is due")
    DayView day(@PathVariable LocalDate date) {
        return new DayView(
                date,
                house.now().chairs(),
                summaries(cases.ofDay(date)),
                summaries(cases.patchTestsToRead(date, MOST_DUE)),
                summaries(cases.upkeepDue(date.plusDays(AHEAD_DAYS), MOST_DUE)),
                HouseController.StockView.of(
                        stock.stock().stream().filter(HouseStore.Stock::low).toList()));
    }

    private static List<CaseController.CaseSummary> summaries(List<Visit.Summary> visits) {
        return visits.stream().map(CaseController.CaseSummary::of).toList();
    }
}
