package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;

/** What is wrong, where, and what to do (RFC 9457, application/problem+json). */
public record Problem(
        String type,
        @Schema(example = "This cannot be") String title,
        int status,
        String detail,

        @Schema(description = "path of the field, empty if it is not about one", example = "zones[0].bands[1].level")
        String field,

        @Schema(description = "the refused value, shortened")
        String value,

        @Schema(description = "what to do") String remedy) {
    static Problem of(int status, String title, String field, String value, String remedy) {
        String detail = (field.isEmpty() ? "" : field + ": ") + (value.isEmpty() ? "" : "“" + value + "” – ") + remedy;
        return new Problem("about:blank", title, status, detail, field, value, remedy);
    }
}
