package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ZonePlace;
import mischung.said.RefusedInput;
import mischung.server.store.CaseStore;
import mischung.server.store.Shredder;
import mischung.server.store.Visit;
import mischung.server.words.Catalogue;
import mischung.server.words.ProblemMessage;
import mischung.wish.Aim;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Cases: list, begin, read, change, erase, and as a file. */
@RestController
@RequestMapping(path = "/api/cases", produces = MediaType.APPLICATION_JSON_VALUE)
class CaseController {
    private static final int MOST_LISTED = 500;
    private static final List<ZonePlace> FIRST_ZONES =
            List.of(ZonePlace.FRINGE, ZonePlace.CROWN, ZonePlace.SIDES, ZonePlace.BACK, ZonePlace.NAPE);

    private final CaseStore store;
    private final Cases cases;
    private final CaseFormat format;
    private final CaseCautions cautions;
    private final Shredder shredder;
    private final Routes routes;
    private final Shelves shelves;
    private final Clock clock;

    CaseController(
            CaseStore store,
            Cases cases,
            CaseFormat format,
            CaseCautions cautions,
            Shredder shredder,
            Routes routes,
            Shelves shelves,
            Clock clock) {
        this.clock = clock;
        this.routes = routes;
        this.shelves = shelves;
        this.store = store;
        this.cases = cases;
        this.format = format;
        this.cautions = cautions;
        this.shredder = shredder;
    }

    /** A line of a list of cases. */
    record CaseSummary(
            long id,
            long clientId,
            String clientName,
            LocalDate date,

            @Schema(type = "string", example = "09:00") LocalTime startTime,

            int minutes,
            String chair,
            CaseFile.Status status,
            String wish,
            LookView wishLook,
            Instant changedAt) {
        static CaseSummary of(Visit.Summary s) {
            Aim wish = new Aim(s.wishLevel(), ToneMix.named(s.wishTone()));
            return new CaseSummary(
                    s.id(),
                    s.clientId(),
                    s.clientName(),
                    s.day(),
                    s.startTime(),
                    s.minutes(),
                    s.chair(),
                    CaseFile.Status.valueOf(s.status()),
                    Catalogue.spoken().colour(wish),
                    Swatches.of(wish),
                    s.changedAt());
        }
    }

    /** A change: the whole content, and the version it was made on. */
    record CaseChange(long version, CaseFile content) {}

    @GetMapping
    @Operation(operationId = "listCases", summary = "The newest 500 cases")
    List<CaseSummary> list() {
        return store.newest(MOST_LISTED).stream().map(CaseSummary::of).toList();
    }

    /** A head of which nothing is known yet. */
    static CaseFile unread(
            String clientName, LocalDate date, LocalTime start, int minutes, String chair, MethodView method) {
        return new CaseFile(
                clientName,
                date,
                start,
                minutes,
                chair,
                CaseFile.Status.BOOKED,
                Density.NORMAL,
                Thickness.NORMAL,
                WishView.even(6, Tone.NATURAL),
                method,
                List.of(),
                "",
                List.of(),
                List.of(),
                ConsultationView.unasked(),
                HistoryView.none(6),
                unreadZones(),
                List.of(),
                List.of());
    }

    static List<CaseFile.ZoneView> unreadZones() {
        CaseFile.BandView band =
                CaseFile.BandView.of(new Band(0, 30, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0));
        return FIRST_ZONES.stream()
                .map(place -> new CaseFile.ZoneView(place, List.of(band), false))
                .toList();
    }

    @GetMapping("/{id}")
    @Operation(operationId = "readCase", summary = "One case")
    CaseView read(@PathVariable long id) {
        return CaseView.of(cases.get(id));
    }

    @PutMapping("/{id}")
    @Operation(operationId = "changeCase", summary = "Replace a case's content; refused if it has changed meanwhile")
    CaseView change(@PathVariable long id, Sent sent, @RequestBody CaseChange change) {
        Cases.Stored before = cases.get(id);
        CaseFile content = change.content.stamped(before.file(), clock.instant(), sent.person());
        CheckedCase checked = checked(content, before.file());
        cautions.refuseBlockedTests(checked, before.file().strandTests());
        return cases.replace(id, change.version, content, checked, sent.key())
                .map(CaseView::of)
                .orElseThrow(() -> {
                    cases.get(id);
                    return new Refusal(
                            HttpStatus.CONFLICT,
                            ProblemMessage.CASE_CHANGED,
                            "version",
                            change.version,
                            ProblemMessage.LOOK_WHAT_DIFFERS);
                });
    }

    /** How far a visit is. */
    record StatusChange(CaseFile.Status status) {}

    @PutMapping("/{id}/status")
    @Operation(
            operationId = "changeStatus",
            summary = "How far a visit is; a case that is open elsewhere stays at its version")
    CaseView status(@PathVariable long id, @RequestBody StatusChange change) {
        Cases.Stored before = cases.get(id);
        if (change.status.begun() && !before.file().status().begun()) {
            cautions.refuseBlockedWork(before.checked(), routes.chosen(before).plan());
        }
        return CaseView.of(cases.status(before, change.status));
    }

    @DeleteMapping("/{id}")
    @Operation(operationId = "eraseCase", summary = "Erase a case and its photographs for good")
    ResponseEntity<Void> erase(@PathVariable long id) {
        if (!store.erase(id)) {
            throw Refusal.noSuchCase(id);
        }
        return Erased.answer(shredder);
    }

    @GetMapping("/{id}/file")
    @Operation(operationId = "exportCase", summary = "The case as a file")
    ResponseEntity<CaseFormat.ExportedCase> export(@PathVariable long id) {
        CaseFile content = cases.get(id).file();
        String name = "case-" + id + "-" + content.date() + ".mischung.json";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(CaseFormat.ExportedCase.of(content));
    }

    @PostMapping("/file")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "importCase", summary = "A case from a file, whole or not at all")
    CaseView importFile(
            @RequestBody CaseFormat.ImportedCase file,
            @Parameter(description = "the client it belongs to; 0: a new one") @RequestParam(defaultValue = "0")
                    long clientId) {
        CaseFile content = format.read(file);
        try {
            return CaseView.of(clientId == 0 ? cases.addWithClient(content) : cases.add(clientId, content, ""));
        } catch (RefusedInput refused) {
            throw refused.at("content");
        }
    }

    /** A shade that has gone from the shelf since it was chosen is no reason to refuse another change. */
    private CheckedCase checked(CaseFile content, CaseFile before) {
        Set<String> known = before.ownRoute().stream()
                .flatMap(round -> round.layings().stream())
                .flatMap(laying -> laying.mix().stream())
                .map(RoundView.PartOfMix::shade)
                .collect(Collectors.toSet());
        try {
            return content.checked(code -> known.contains(code)
                    ? shelves.named(code)
                    : shelves.orRefused().named(code));
        } catch (RefusedInput refused) {
            throw refused.at("content");
        }
    }
}
