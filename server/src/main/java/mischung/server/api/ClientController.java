package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.stream.Stream;
import mischung.server.store.CaseStore;
import mischung.server.store.ClientStore;
import mischung.server.store.Shredder;
import mischung.server.words.Catalogue;
import mischung.server.words.ProblemMessage;
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

/** Clients: found, opened with their cases, booked again, taken along as an archive, erased for good. */
@RestController
@RequestMapping(path = "/api/clients", produces = MediaType.APPLICATION_JSON_VALUE)
class ClientController {
    private static final int MOST_FOUND = 50;
    private static final int MOST_SHOWN = 200;

    private final ClientStore clients;
    private final CaseStore caseStore;
    private final Cases cases;
    private final Archive archive;
    private final Shredder shredder;
    private final HouseSettings house;
    private final Clock clock;

    ClientController(
            ClientStore clients,
            CaseStore caseStore,
            Cases cases,
            Archive archive,
            Shredder shredder,
            HouseSettings house,
            Clock clock) {
        this.clock = clock;
        this.house = house;
        this.clients = clients;
        this.caseStore = caseStore;
        this.cases = cases;
        this.archive = archive;
        this.shredder = shredder;
    }

    /** A client in a list. */
    record FoundClient(
            long id,
            String name,
            String note,
            int visits,

            @Schema(description = "day of the last visit; empty: none")
            String lastDay) {
        static FoundClient of(ClientStore.Found found) {
            return new FoundClient(
                    found.id(),
                    found.name(),
                    found.note(),
                    found.visits(),
                    found.lastDay().map(LocalDate::toString).orElse(""));
        }
    }

    /** What a search found. */
    record FoundClients(
            @Schema(description = "at most 50") List<FoundClient> clients,

            @Schema(description = "how many clients there are in all")
            long all) {}

    /** A client as written. */
    record ClientFacts(String name, String note) {}

    /** A change of a client, and the version it was made on. */
    record ClientChange(long version, String name, String note) {}

    /** A client with all cases, newest first. */
    record ClientView(
            long id,
            long version,
            String name,
            String note,

            @Schema(description = "the day they agreed that photographs are kept; empty: they have not")
            String photoConsent,

            List<CaseController.CaseSummary> cases) {}

    /** Whether photographs may be kept. */
    record PhotoConsent(boolean given) {}

    /** Who has not been here for long. */
    record UnseenClients(
            @Schema(description = "for so many years; 0: nobody is proposed")
            int years,

            @Schema(description = "at most 50, the longest ago first")
            List<FoundClient> clients) {}

    /** A line of a file of clients. */
    record ImportedLine(
            @Schema(description = "its number in the file") long line,
            String name,
            String note,
            ClientImports.Outcome outcome,

            @Schema(description = "what to do about a wrong one; else empty")
            String remedy) {
        static ImportedLine of(ClientImports.Line line) {
            return new ImportedLine(
                    line.line(),
                    line.name(),
                    line.note(),
                    line.outcome(),
                    line.remedy().map(Catalogue.spoken()::say).orElse(""));
        }
    }

    /** A file of clients. */
    record ImportedClients(
            @Schema(description = "how many are new here") int fresh,

            @Schema(description = "how many are known here already, or stand there twice")
            int known,

            @Schema(description = "how many cannot be; with one of them nobody is taken over")
            int wrong,

            @Schema(description = "whether the new ones were taken over")
            boolean taken,

            @Schema(description = "at most 200, the wrong ones first")
            List<ImportedLine> lines) {}

    /** A visit to be booked. */
    record NewVisit(
            LocalDate date,

            @Schema(type = "string", example = "09:00") LocalTime startTime,

            int minutes,
            String chair,

            @Schema(description = "number of an earlier case of this client to begin from; 0: none")
            long copyOf) {}

    @GetMapping
    @Operation(operationId = "searchClients", summary = "Clients by the beginnings of words in name or note")
    FoundClients search(@RequestParam(defaultValue = "") String words) {
        return new FoundClients(
                clients.search(words, MOST_FOUND).stream().map(FoundClient::of).toList(), clients.count());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "addClient", summary = "A new client")
    ClientView add(Sent sent, @RequestBody ClientFacts facts) {
        return read(clients.add(facts.name, facts.note, sent.key()));
    }

    @GetMapping("/{id}")
    @Operation(operationId = "readClient", summary = "A client with all cases")
    ClientView read(@PathVariable long id) {
        ClientStore.Client known = known(id);
        return new ClientView(
                known.id(),
                known.version(),
                known.name(),
                known.note(),
                known.photoConsent(),
                caseStore.ofClient(id).stream()
                        .map(CaseController.CaseSummary::of)
                        .toList());
    }

    @PutMapping("/{id}")
    @Operation(operationId = "changeClient", summary = "Another name or note; refused if it has changed meanwhile")
    ClientView change(@PathVariable long id, @RequestBody ClientChange change) {
        if (!clients.change(id, change.version, change.name, change.note)) {
            ClientStore.Client now = known(id);
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    ProblemMessage.CLIENT_CHANGED,
                    "version",
                    Long.toString(change.version),
                    ProblemMessage.CLIENT_BY_NOW
                            .say()
                            .typed("name", now.name())
                            .typed("note", now.note())
                            .in("noted", !now.note().isEmpty())
                            .said());
        }
        return read(id);
    }

    @PutMapping("/{id}/photo-consent")
    @Operation(
            operationId = "photoConsent",
            summary = "Whether the client agrees that photographs are kept, from today on")
    ClientView photoConsent(@PathVariable long id, @RequestBody PhotoConsent consent) {
        known(id);
        clients.photoConsent(id, consent.given ? LocalDate.now(clock).toString() : "");
        return read(id);
    }

    @GetMapping("/unseen")
    @Operation(
            operationId = "unseenClients",
            summary = "Who has not been here for as many years as the house keeps clients")
    UnseenClients unseen() {
        int years = house.now().keepYears();
        return new UnseenClients(
                years,
                years == 0
                        ? List.of()
                        : clients.unseenSince(LocalDate.now(clock).minusYears(years), MOST_FOUND).stream()
                                .map(FoundClient::of)
                                .toList());
    }

    @PostMapping(path = "/imports", consumes = "text/csv")
    @Operation(
            operationId = "importClients",
            summary = "Clients from a file with the columns name and note: looked at, or taken over, all or nobody")
    ImportedClients imported(@RequestParam(defaultValue = "false") boolean take, @RequestBody byte[] file) {
        List<ClientImports.Line> lines = ClientImports.read(file, clients);
        List<ClientImports.Line> fresh = with(lines, ClientImports.Outcome.NEW);
        List<ClientImports.Line> wrong = with(lines, ClientImports.Outcome.WRONG);
        boolean taken = take && wrong.isEmpty();
        if (taken) {
            clients.addAll(fresh.stream()
                    .map(one -> new ClientStore.Facts(one.name(), one.note()))
                    .toList());
        }
        List<ClientImports.Line> known = with(lines, ClientImports.Outcome.KNOWN);
        return new ImportedClients(
                fresh.size(),
                known.size(),
                wrong.size(),
                taken,
                Stream.of(wrong, known, fresh)
                        .flatMap(List::stream)
                        .limit(MOST_SHOWN)
                        .map(ImportedLine::of)
                        .toList());
    }

    private static List<ClientImports.Line> with(List<ClientImports.Line> lines, ClientImports.Outcome outcome) {
        return lines.stream().filter(one -> one.outcome() == outcome).toList();
    }

    @PostMapping("/{id}/cases")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "bookVisit", summary = "A new case of this client, afresh or begun from an earlier one")
    CaseView book(@PathVariable long id, Sent sent, @RequestBody NewVisit visit) {
        ClientStore.Client known = known(id);
        CaseFile unread = CaseController.unread(
                known.name(),
                visit.date,
                visit.startTime,
                visit.minutes,
                visit.chair,
                house.now().method());
        if (visit.copyOf == 0) {
            return CaseView.of(cases.add(id, unread, sent.key()));
        }
        Cases.Stored earlier = cases.get(visit.copyOf);
        if (earlier.clientId() != id) {
            throw Refusal.noSuchCase(visit.copyOf);
        }
        return CaseView.of(cases.add(id, begunFrom(earlier.file(), unread), sent.key()));
    }

    /** The head, its history and what seldom changes are taken over; what is of the day is asked anew. */
    private static CaseFile begunFrom(CaseFile earlier, CaseFile unread) {
        return new CaseFile(
                unread.clientName(),
                unread.date(),
                unread.startTime(),
                unread.minutes(),
                unread.chair(),
                CaseFile.Status.BOOKED,
                earlier.density(),
                earlier.thickness(),
                earlier.wish(),
                earlier.method(),
                List.of(),
                "",
                List.of(),
                List.of(),
                earlier.consultation().again(),
                earlier.history(),
                earlier.zones(),
                List.of(),
                List.of());
    }

    @GetMapping("/{id}/archive")
    @Operation(
            operationId = "exportClient",
            summary = "All that is kept of a client: JSON, CSV and photographs in one ZIP archive")
    ResponseEntity<byte[]> export(@PathVariable long id) {
        ClientStore.Client known = known(id);
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("client-" + id + ".zip")
                                .build()
                                .toString())
                .body(archive.of(known));
    }

    @DeleteMapping("/{id}")
    @Operation(operationId = "eraseClient", summary = "Erase a client with all cases and photographs for good")
    ResponseEntity<Void> erase(@PathVariable long id) {
        if (!clients.erase(id)) {
            throw noSuchClient(id);
        }
        return Erased.answer(shredder);
    }

    private ClientStore.Client known(long id) {
        return clients.find(id).orElseThrow(() -> noSuchClient(id));
    }

    static Refusal noSuchClient(long id) {
        return new Refusal(HttpStatus.NOT_FOUND, ProblemMessage.NO_CLIENT, "id", id, ProblemMessage.SEARCH_AGAIN);
    }
}
