package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import mischung.server.Settings;
import mischung.server.store.SafetyCopies;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Safety copies: which there are, one more, and one back. */
@RestController
@RequestMapping(path = "/api/copies", produces = MediaType.APPLICATION_JSON_VALUE)
class CopiesController {
    private static final Duration OLD = Duration.ofDays(3);

    private final SafetyCopies copies;
    private final boolean demo;

    CopiesController(SafetyCopies copies, Settings settings) {
        this.copies = copies;
        this.demo = settings.demo();
    }

    /** One copy. */
    record CopyView(
            String name,
            Instant at,
            @Schema(description = "whole days") long days,
            long bytes,

            @Schema(description = "opens with a passphrase alone")
            boolean encrypted) {}

    /** Where they go from now on. */
    record CopyFolder(
            @Schema(description = "whole path on the main machine")
            String folder) {}

    /** What opens an encrypted copy. It is kept nowhere. */
    record Passphrase(
            @Schema(description = "8–200 characters; empty: none")
            String passphrase) {}

    /** All of them. */
    record CopiesView(
            String folder,

            @Schema(description = "the newest first; each was opened and checked when it was made")
            List<CopyView> copies,

            @Schema(description = "the last one is older than three days, or there is none; never in the demonstration")
            boolean old,

            @Schema(description = "new ones are encrypted") boolean encrypts,

            @Schema(description = "one takes the database's place when the program starts next")
            boolean waits) {}

    @GetMapping
    @Operation(operationId = "copies", summary = "The safety copies there are")
    CopiesView copies() {
        // A copy's age is the computer's, whatever a day that is tried out shows.
        Instant now = Clock.systemUTC().instant();
        List<SafetyCopies.Copy> all = copies.all();
        return new CopiesView(
                copies.folder().toString(),
                all.stream()
                        .map(copy -> new CopyView(
                                copy.name(),
                                copy.at(),
                                Math.max(0, Duration.between(copy.at(), now).toDays()),
                                copy.bytes(),
                                copy.encrypted()))
                        .toList(),
                !demo && (all.isEmpty() || all.get(0).at().isBefore(now.minus(OLD))),
                copies.encrypts(),
                copies.waits());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(operationId = "makeCopy", summary = "One more now, while work goes on")
    CopiesView make() {
        copies.make();
        return copies();
    }

    @PostMapping("/{name}/restore")
    @ResponseStatus(HttpStatus.ACCEPTED)
    @Operation(
            operationId = "restoreCopy",
            summary = "Check a copy and lay it ready: it takes the database's place when the program starts next")
    CopiesView restore(@PathVariable String name, @RequestBody Passphrase opened) {
        copies.restoreNext(name, opened.passphrase);
        return copies();
    }

    @PutMapping("/folder")
    @Operation(operationId = "moveCopies", summary = "Another folder for copies; those made before stay where they are")
    CopiesView moveTo(@RequestBody CopyFolder to) {
        copies.moveTo(to.folder);
        return copies();
    }

    @PutMapping("/passphrase")
    @Operation(
            operationId = "encryptCopies",
            summary =
                    "Copies made from now on open with this passphrase alone; with an empty one they are not encrypted")
    CopiesView encrypt(@RequestBody Passphrase with) {
        copies.encryptWith(with.passphrase);
        return copies();
    }

    @DeleteMapping("/waiting")
    @Operation(operationId = "restoreNot", summary = "Nothing is to be restored after all")
    CopiesView restoreNot() {
        copies.restoreNot();
        return copies();
    }
}
