package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.hair.Reading;
import mischung.server.store.StoredCase;

/** A case with its number, its version, and how every band of it looks. */
public record CaseView(
        long id,

        @Schema(description = "to be named in the next change, so that two people do not overwrite each other")
        long version,

        CaseFile content,

        @Schema(description = "for each zone, for each band")
        List<List<LookView>> looks) {

    static CaseView of(StoredCase.Numbered stored) {
        return new CaseView(
                stored.id(),
                stored.version(),
                CaseFile.of(stored.content()),
                stored.content().head().zones().stream()
                        .map(zone -> zone.strand().bands().stream()
                                .map(band -> LookView.of(Reading.canvasOf(band).look()))
                                .toList())
                        .toList());
    }
}
