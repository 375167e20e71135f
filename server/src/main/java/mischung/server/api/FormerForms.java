package mischung.server.api;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Forms kept from before colours had a second tone and lighteners figures of their own: each colour had one tone, and all
 * lightener was plain powder; from before there were layers; and from when the edges of a layer's region were lines alone. Values
 * are known by what else only they hold.
 */
final class FormerForms {
    private static final List<String> COLOUR = List.of("level", "tone", "picked");
    private static final List<String> BAND_DETAIL = List.of("underFrom", "underTo", "layers");
    private static final List<String> SHADE = List.of("shadeClass", "tone", "misfit");
    private static final List<String> EVIDENCE = List.of("shift", "precision", "observations");
    private static final List<String> LAYING = List.of("way", "times", "shadeClass");
    private static final List<String> PIECE = List.of("place", "fromCm", "toCm", "weave");
    private static final List<String> WISH = List.of("design", "parts", "leaveOut", "keepNatural");
    private static final List<String> REGION = List.of("places", "from", "to", "which");
    private static final List<String> PAST_EVENT = List.of("service", "tone", "overlapCm");
    private static final List<String> STRAND_SEEN = List.of("level", "tone", "breakage");
    private static final List<String> PRODUCT_TRIED = List.of("kind", "shadeLevel", "ageMinutes");

    private FormerForms() {}

    /** Nothing chosen wherever a case's form has room for it. */
    static void ofCase(JsonNode form) {
        if (form instanceof ObjectNode object) {
            if (holds(object, COLOUR)
                    || holds(object, BAND_DETAIL)
                    || holds(object, PAST_EVENT)
                    || holds(object, STRAND_SEEN)) {
                list(object, "second");
            }
            if (holds(object, LAYING) || holds(object, PRODUCT_TRIED)) {
                list(object, "lightener");
            }
            if (holds(object, PIECE)) {
                list(object, "groups");
            }
            if (holds(object, WISH)) {
                list(object, "layers");
            }
            if (holds(object, REGION) && !object.has("featherCm")) {
                object.put("featherCm", 0);
            }
        }
        form.forEach(FormerForms::ofCase);
    }

    /** The same in what is kept of the program's own values: entries of a job, what a visit has taught. */
    static void ofEntry(JsonNode form) {
        if (form instanceof ObjectNode object) {
            if (holds(object, COLOUR) || holds(object, SHADE)) {
                none(object, "second");
            }
            if (holds(object, SHADE)) {
                list(object, "mixesWith");
            }
            if (holds(object, LAYING)) {
                none(object, "lightener");
            }
            if (holds(object, EVIDENCE) && !object.has("products")) {
                object.putObject("products");
            }
        }
        form.forEach(FormerForms::ofEntry);
    }

    private static void list(ObjectNode object, String field) {
        if (!object.has(field)) {
            object.putArray(field);
        }
    }

    private static void none(ObjectNode object, String field) {
        if (!object.has(field)) {
            object.putNull(field);
        }
    }

    private static boolean holds(ObjectNode object, List<String> fields) {
        return fields.stream().allMatch(object::has);
    }
}
