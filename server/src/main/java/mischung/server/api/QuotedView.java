package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import mischung.said.Quoted;

/** What was said, in no language. */
public record QuotedView(
        @Schema(example = "caution.PATCH_NOT_APPLIED") String message, List<FigureView> figures) {
    /** A figure in what was said. */
    public record FigureView(
            @Schema(example = "hours") String name,
            @Schema(example = "48") String text) {}

    static QuotedView of(Quoted said) {
        return new QuotedView(
                said.key(),
                new TreeMap<>(said.figures())
                        .entrySet().stream()
                                .map(figure -> new FigureView(figure.getKey(), figure.getValue()))
                                .toList());
    }

    Quoted checked() {
        Map<String, String> all = new TreeMap<>();
        CaseFile.eachOf("figures", figures, figure -> all.put(figure.name, figure.text));
        return new Quoted(message, all);
    }
}
