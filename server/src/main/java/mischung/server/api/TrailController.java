package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import mischung.server.access.Operation.Trail;
import mischung.server.access.TrailKeeper;
import mischung.server.store.TrailStore;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who saw, changed, took along or erased what, and when. */
@RestController
class TrailController {
    private static final int A_PAGE = 50;

    private final TrailKeeper trail;

    TrailController(TrailKeeper trail) {
        this.trail = trail;
    }

    /** One line. */
    record TrailLine(
            long id,
            Instant at,

            @Schema(description = "who sat there; empty: nobody said so")
            String person,

            @Schema(description = "at which device; empty: the main machine")
            String device,

            Trail kind,

            @Schema(description = "the operation of the API")
            String operation,

            @Schema(description = "its number; 0: about no client")
            long clientId,

            @Schema(description = "empty once the client was erased")
            String client,

            @Schema(description = "its number; 0: about no visit")
            long visitId) {
        static TrailLine of(TrailStore.Line line) {
            return new TrailLine(
                    line.id(),
                    Instant.parse(line.at()),
                    line.person(),
                    line.device(),
                    Trail.valueOf(line.kind()),
                    line.operation(),
                    orNone(line.clientId()),
                    line.client(),
                    orNone(line.visitId()));
        }

        private static long orNone(@Nullable Long number) {
            return Objects.requireNonNullElse(number, 0L);
        }
    }

    /** Some lines of it, the newest first. */
    record TrailView(
            List<TrailLine> lines,

            @Schema(description = "whether there are older ones")
            boolean more) {}

    @GetMapping(path = "/api/trail", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(operationId = "trail", summary = "Who saw, changed, took along or erased what, the newest first")
    TrailView trail(
            @Parameter(description = "of a person, a device, a client or an operation") @RequestParam(defaultValue = "")
                    String words,
            @Parameter(description = "empty: all") @RequestParam(required = false) @Nullable Trail kind,
            @Parameter(description = "only lines before this number; 0: the newest") @RequestParam(defaultValue = "0")
                    long before) {
        List<TrailStore.Line> found = trail.lines(words.strip(), named(kind), before, A_PAGE + 1);
        return new TrailView(found.stream().limit(A_PAGE).map(TrailLine::of).toList(), found.size() > A_PAGE);
    }

    private static String named(@Nullable Trail kind) {
        return kind == null ? "" : kind.name();
    }

    @GetMapping(path = "/api/trail.csv", produces = "text/csv")
    @Operation(operationId = "trailCsv", summary = "The same as a table")
    ResponseEntity<byte[]> csv(
            @RequestParam(defaultValue = "") String words, @RequestParam(required = false) @Nullable Trail kind) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("trail.csv")
                                .build()
                                .toString())
                .body(table(trail.lines(words.strip(), named(kind), 0, Integer.MAX_VALUE))
                        .getBytes(StandardCharsets.UTF_8));
    }

    static String table(List<TrailStore.Line> lines) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("at", "person", "device", "kind", "operation", "client", "visit")
                .get();
        try (CSVPrinter csv = new CSVPrinter(text, format)) {
            for (TrailStore.Line one : lines) {
                Csv.print(
                        csv,
                        one.at(),
                        one.person(),
                        one.device(),
                        one.kind(),
                        one.operation(),
                        one.clientId(),
                        one.visitId());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
