package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import mischung.consultation.PatchTest;
import mischung.hair.BandDetail;
import mischung.hair.Tone;
import mischung.said.RefusedInput;
import mischung.school.Method;
import mischung.server.words.ProblemMessage;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The form of a case's document, and how older forms become the newest. */
@Component
class CaseFormat {
    /**
     * 1: head, wish and school. 2: also consultation, history, strand tests, what was taken on, chair and status. 3: wishes
     * with design, parts and limits, all schools, the chosen and the own route. 4: also tasks moved by hand. 5: a patch test
     * with its hours. 6: a second tone beside the first, lighteners by name. 7: layers over the design, and which of a zone's hairs
     * a laying goes on. 8: how far a layer's lines run into the hair beside. 9: a second tone
     * also in what was done before and in what a strand test showed. 10: what was taken on is quoted in no language. 11: which zones
     * nobody has read yet.
     */
    static final int VERSION = 11;

    /** Of an exported case. */
    static final String NAME = "mischung-case";

    /** A case as a file. */
    record ExportedCase(
            @Schema(example = NAME) String format,
            @Schema(example = "11") int formatVersion,
            CaseFile content) {
        static ExportedCase of(CaseFile content) {
            return new ExportedCase(NAME, VERSION, content);
        }
    }

    /** A file as it comes in: of this version or an older one. */
    record ImportedCase(
            @Schema(example = NAME) String format,
            @Schema(example = "11") int formatVersion,

            @Schema(implementation = CaseFile.class) JsonNode content) {}

    private final JsonMapper json;

    CaseFormat(JsonMapper json) {
        this.json = json;
    }

    String written(CaseFile content) {
        return json.writeValueAsString(content);
    }

    /** @throws RefusedInput if this program does not know the version */
    CaseFile read(String content, int version) {
        return version == VERSION ? json.readValue(content, CaseFile.class) : read(json.readTree(content), version);
    }

    private CaseFile read(JsonNode content, int version) {
        if (version < 1 || version > VERSION) {
            throw new RefusedInput("formatVersion", version, RefusedInput.fromTo(1, VERSION));
        }
        if (version == VERSION || !(content instanceof ObjectNode old)) {
            return json.treeToValue(content, CaseFile.class);
        }
        ObjectNode newest = old.deepCopy();
        if (version == 1) {
            fromFirst(newest);
        }
        if (version <= 2) {
            fromSecond(newest);
        }
        if (version <= 3) {
            newest.putArray("moved");
        }
        if (version <= 4) {
            fromFourth(newest);
        }
        FormerForms.ofCase(newest);
        FormerCautions.quoted(newest.path("takenOn"));
        return fromTenth(newest);
    }

    /** @throws RefusedInput if it is no case of a known version; what is in it is still to be checked */
    CaseFile read(ImportedCase file) {
        if (!file.format.equals(NAME)) {
            throw new RefusedInput(
                    "format",
                    file.format,
                    ProblemMessage.EXPORTED_FILE.say().typed("name", NAME).said());
        }
        try {
            return read(file.content, file.formatVersion);
        } catch (JacksonException wrong) {
            throw wrong.prependPath(file, "content");
        }
    }

    private void fromFirst(ObjectNode content) {
        double natural = 6;
        for (JsonNode zone : content.path("zones")) {
            for (JsonNode band : zone.path("bands")) {
                if (band instanceof ObjectNode object && !object.has("detail")) {
                    object.set("detail", json.valueToTree(CaseFile.DetailView.of(BandDetail.NONE)));
                }
            }
            JsonNode root = zone.path("bands").path(0);
            if (root.path("kind").asString("").equals("NATURAL")) {
                natural = Math.max(1, Math.min(10, root.path("level").asDouble(natural)));
            }
        }
        content.put("minutes", 240).put("chair", "").put("status", CaseFile.Status.BOOKED.name());
        content.set("consultation", json.valueToTree(ConsultationView.unasked()));
        content.set("history", json.valueToTree(HistoryView.none(Math.rint(natural * 2) / 2)));
        content.putArray("strandTests");
        content.putArray("takenOn");
    }

    /** Only days were kept: it was laid some time on its day, and was said to be clear by the hour of the visit. */
    private static void fromFourth(ObjectNode content) {
        if (!(content.path("consultation") instanceof ObjectNode told) || told.has("patchRead")) {
            return;
        }
        String placed = told.path("patchPlaced").asString("");
        boolean day = placed.length() == 10;
        if (day) {
            told.put("patchPlaced", placed + "T23:59");
        }
        boolean read = day
                && !told.path("patchResult").asString("").equals(PatchTest.Result.NOT_READ.name())
                && content.path("date").asString("").compareTo(placed) > 0;
        String hour = content.path("startTime").asString("");
        told.put(
                "patchRead",
                read ? content.path("date").asString("") + "T" + hour.substring(0, Math.min(5, hour.length())) : "");
    }

    /** It was not kept whether a zone was read; only a head just as every new one begins is taken for unread. */
    private CaseFile fromTenth(ObjectNode content) {
        for (JsonNode zone : content.path("zones")) {
            if (zone instanceof ObjectNode one && !one.has("read")) {
                one.put("read", false);
            }
        }
        CaseFile file = json.treeToValue(content, CaseFile.class);
        return file.zones().equals(CaseController.unreadZones()) ? file : file.readThroughout();
    }

    private void fromSecond(ObjectNode content) {
        JsonNode wish = content.path("wish");
        if (wish instanceof ObjectNode object && !object.has("design")) {
            Tone tone = json.treeToValue(object.path("tone"), Tone.class);
            WishView whole = WishView.even(object.path("level").asDouble(), tone);
            content.set("wish", json.valueToTree(whole));
        }
        ObjectNode method = json.valueToTree(MethodView.of(Method.USUAL));
        method.set("filler", content.path("school"));
        content.remove("school");
        content.set("method", method);
        content.putArray("notWanted");
        content.put("route", "");
        content.putArray("ownRoute");
    }
}
