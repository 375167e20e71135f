package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import mischung.RefusedInput;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.Porosity;
import mischung.hair.Strand;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.plan.School;
import mischung.plan.Wish;
import mischung.server.store.CaseStore;
import mischung.server.store.StoredCase;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Cases: list, begin, read, change, erase, and as a file. */
@RestController
@RequestMapping(path = "/api/cases", produces = MediaType.APPLICATION_JSON_VALUE)
class CaseController {
    /** Of an exported case. */
    static final String FORMAT = "mischung-case";

    static final int FORMAT_VERSION = 1;

    private static final int MOST_LISTED = 500;
    private static final List<ZonePlace> FIRST_ZONES =
            List.of(ZonePlace.FRINGE, ZonePlace.CROWN, ZonePlace.SIDES, ZonePlace.BACK, ZonePlace.NAPE);

    private final CaseStore store;

    CaseController(CaseStore store) {
        this.store = store;
    }

    /** A line of the list of cases. */
    record CaseSummary(long id, String clientName, LocalDate date, String wish, LookView wishLook, Instant changedAt) {}

    /** Who and when; the head is read afterwards. */
    record NewCase(String clientName, LocalDate date) {}

    /** A change: the whole content, and the version it was made on. */
    record CaseChange(long version, CaseFile content) {}

    /** A case as a file. */
    record ExportedCase(
            @Schema(example = FORMAT) String format,
            @Schema(example = "1") int formatVersion,
            CaseFile content) {}

    @GetMapping
    @Operation(operationId = "listCases", summary = "The newest 500 cases")
    List<CaseSummary> list() {
        return store.newest(MOST_LISTED).stream()
                .map(s -> new CaseSummary(
                        s.id(),
                        s.clientName(),
                        s.date(),
                        s.wish().words(),
                        Swatches.of(
                                BandKind.LIGHTENED, s.wish().level(), s.wish().tone()),
                        s.changedAt()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "beginCase", summary = "A new case: five zones of 30 cm natural 6, to be read")
    CaseView begin(@RequestBody NewCase asked) {
        Strand unread = new Strand(List.of(new Band(0, 30, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0)));
        Head head = new Head(
                FIRST_ZONES.stream().map(place -> new Zone(place, unread)).toList(), Density.NORMAL, Thickness.NORMAL);
        return CaseView.of(store.add(new StoredCase(
                asked.clientName, asked.date, LocalTime.of(9, 0), head, new Wish(6, Tone.NATURAL), School.LADDER)));
    }

    @GetMapping("/{id}")
    @Operation(operationId = "readCase", summary = "One case")
    CaseView read(@PathVariable long id) {
        return CaseView.of(stored(id));
    }

    @PutMapping("/{id}")
    @Operation(operationId = "changeCase", summary = "Replace a case's content; refused if it has changed meanwhile")
    CaseView change(@PathVariable long id, @RequestBody CaseChange change) {
        StoredCase content = checked(change.content);
        return store.replace(id, change.version, content).map(CaseView::of).orElseThrow(() -> {
            StoredCase.Numbered now = stored(id);
            return new Refusal(
                    HttpStatus.CONFLICT,
                    "Someone else changed this case",
                    "version",
                    Long.toString(change.version),
                    "It is at version " + now.version()
                            + " now. Open it again; what you typed is still on your screen.");
        });
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "eraseCase", summary = "Erase a case for good")
    void erase(@PathVariable long id) {
        if (!store.erase(id)) {
            throw Refusal.noSuchCase(id);
        }
    }

    @GetMapping("/{id}/file")
    @Operation(operationId = "exportCase", summary = "The case as a file")
    ResponseEntity<ExportedCase> export(@PathVariable long id) {
        StoredCase content = stored(id).content();
        String name = "case-" + id + "-" + content.date() + ".mischung.json";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new ExportedCase(FORMAT, FORMAT_VERSION, CaseFile.of(content)));
    }

    @PostMapping("/file")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "importCase", summary = "A case from a file, whole or not at all")
    CaseView importFile(@RequestBody ExportedCase file) {
        return CaseView.of(store.add(contentOf(file)));
    }

    static StoredCase contentOf(ExportedCase file) {
        if (!file.format.equals(FORMAT)) {
            throw new RefusedInput("format", file.format, "Choose a file exported by this program (" + FORMAT + ").");
        }
        if (file.formatVersion != FORMAT_VERSION) {
            throw new RefusedInput(
                    "formatVersion", file.formatVersion, "This program reads version " + FORMAT_VERSION + ".");
        }
        return checked(file.content);
    }

    private static StoredCase checked(CaseFile content) {
        try {
            return content.checked();
        } catch (RefusedInput refused) {
            throw refused.at("content");
        }
    }

    StoredCase.Numbered stored(long id) {
        return store.find(id).orElseThrow(() -> Refusal.noSuchCase(id));
    }
}
