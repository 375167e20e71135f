package mischung.server.store;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;

/**
 * A case as it is kept: the document, and beside it what lists and searches look at.
 *
 * @param chair where; empty if not said
 * @param status in the words of the document
 * @param patchToRead from which day on a patch test waits to be read
 * @param upkeepDue when the client should come again
 * @param content the document as JSON, in the form of {@code contentVersion}
 */
public record Visit(
        String clientName,
        LocalDate day,
        LocalTime startTime,
        int minutes,
        String chair,
        String status,
        double wishLevel,
        String wishTone,
        Optional<LocalDate> patchToRead,
        Optional<LocalDate> upkeepDue,
        int contentVersion,
        String content) {

    /** With its number and the version that the next change must name. */
    public record Numbered(long id, long version, long clientId, Visit visit) {}

    /** What a list shows. */
    public record Summary(
            long id,
            long clientId,
            String clientName,
            LocalDate day,
            LocalTime startTime,
            int minutes,
            String chair,
            String status,
            double wishLevel,
            String wishTone,
            Instant changedAt) {}
}
