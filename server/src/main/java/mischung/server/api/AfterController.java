package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import mischung.aftercare.HomeCare;
import mischung.aftercare.Upkeep;
import mischung.server.words.Catalogue;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What follows a job: when to come again, what to do at home, and everything of it to take along. */
@RestController
@RequestMapping("/api/cases/{id}/after")
class AfterController {
    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=utf-8");
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=utf-8");

    private final Cases cases;
    private final Jobs jobs;
    private final LookBacks backs;
    private final VisitFiles files;

    AfterController(Cases cases, Jobs jobs, LookBacks backs, VisitFiles files) {
        this.cases = cases;
        this.jobs = jobs;
        this.backs = backs;
        this.files = files;
    }

    /** Something to come for. */
    record DueView(
            Upkeep.Kind kind,
            String words,
            LocalDate from,
            LocalDate to,
            String why,

            @Schema(description = "what happens if it waits longer; empty where nothing does")
            String warning) {
        static DueView of(Upkeep.Due due) {
            return new DueView(
                    due.kind(),
                    Catalogue.spoken().word(due.kind()),
                    due.from(),
                    due.to(),
                    Catalogue.spoken().sentence(due.why()),
                    due.warning().map(Catalogue.spoken()::sentence).orElse(""));
        }
    }

    /** What follows. */
    record AfterView(
            List<DueView> upkeep,

            @Schema(description = "what is done at home, one sentence each")
            List<String> homeCare) {}

    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(operationId = "after", summary = "When to come again, and what to do at home")
    AfterView after(@PathVariable long id) {
        Cases.Stored of = cases.get(id);
        return new AfterView(
                upkeep(of).stream().map(DueView::of).toList(),
                HomeCare.of(jobs.worked(of).plan()).stream()
                        .map(Catalogue.spoken()::sentence)
                        .toList());
    }

    private List<Upkeep.Due> upkeep(Cases.Stored of) {
        return Upkeep.of(
                jobs.worked(of).plan(), of.file().date(), of.checked().history().growth());
    }

    private static <T> ResponseEntity<T> file(String name, MediaType type, T body) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }

    @GetMapping("/upkeep.ics")
    @Operation(operationId = "upkeepCalendar", summary = "When to come again, as an iCalendar file (RFC 5545)")
    ResponseEntity<String> calendar(@PathVariable long id) {
        Cases.Stored of = cases.get(id);
        return file("upkeep-" + id + ".ics", CALENDAR, files.calendar(of, upkeep(of)));
    }

    @GetMapping("/card.pdf")
    @Operation(
            operationId = "clientCard",
            summary = "The client's card: what was done, what to do at home, when to come again")
    ResponseEntity<byte[]> card(@PathVariable long id) {
        Cases.Stored of = cases.get(id);
        return file(
                "card-" + id + ".pdf",
                MediaType.APPLICATION_PDF,
                files.card(backs.view(of), after(id), jobs.worked(of)));
    }

    @GetMapping("/record.pdf")
    @Operation(operationId = "fullRecord", summary = "Everything of the visit: plan, bowls, checks, log, look back")
    ResponseEntity<byte[]> record(@PathVariable long id) {
        Cases.Stored of = cases.get(id);
        return file(
                "record-" + id + ".pdf",
                MediaType.APPLICATION_PDF,
                files.record(backs.view(of), after(id), jobs.worked(of)));
    }

    @GetMapping("/formulas.csv")
    @Operation(operationId = "formulasCsv", summary = "Every bowl, line by line, planned and poured")
    ResponseEntity<String> formulas(@PathVariable long id) {
        return file("formulas-" + id + ".csv", CSV, files.formulas(cases.get(id)));
    }

    @GetMapping("/timings.csv")
    @Operation(operationId = "timingsCsv", summary = "Every task, planned and real")
    ResponseEntity<String> timings(@PathVariable long id) {
        Cases.Stored of = cases.get(id);
        return file("timings-" + id + ".csv", CSV, files.timings(jobs.worked(of).job()));
    }
}
