package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.hair.ReadOut;
import mischung.hair.Reading;

/** A case with its number, its version, how every band of it looks, and each zone in a sentence. */
public record CaseView(
        long id,

        @Schema(description = "to be named in the next change, so that two people do not overwrite each other")
        long version,

        long clientId,
        CaseFile content,

        @Schema(description = "for each zone, for each band")
        List<List<LookView>> looks,

        @Schema(description = "each zone read out, as \"Crown, 38 cm: …\"")
        List<String> sentences) {

    static CaseView of(Cases.Stored stored) {
        CheckedCase checked = stored.checked();
        return new CaseView(
                stored.id(),
                stored.version(),
                stored.clientId(),
                stored.file(),
                checked.head().zones().stream()
                        .map(zone -> zone.strand().bands().stream()
                                .map(band -> LookView.of(Reading.canvasOf(band)))
                                .toList())
                        .toList(),
                checked.head().zones().stream().map(ReadOut::sentence).toList());
    }
}
