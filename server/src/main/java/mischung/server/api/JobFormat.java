package mischung.server.api;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.server.store.JobStore;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The form in which a job's entries are kept, and how entries of earlier programs become the newest. */
@Component
class JobFormat {
    /** The kinds of events by the names they are kept under; a name once used is never given another meaning. */
    private static final Map<String, Class<? extends Event>> KINDS = Arrays.stream(new Class<?>[] {
                Event.Begun.class,
                Event.Started.class,
                Event.Finished.class,
                Event.Skipped.class,
                Event.LaidFresh.class,
                Event.RinsedNow.class,
                Event.Paused.class,
                Event.Resumed.class,
                Event.Seen.class,
                Event.Replanned.class,
                Event.HandsNow.class,
                Event.GoesBy.class,
                Event.RunsShort.class,
                Event.RunsLate.class,
                Event.ScalpSeen.class,
                Event.Found.class,
                Event.Judged.class,
                Event.Said.class,
                Event.TakenBack.class,
                Event.Ended.class
            })
            .collect(Collectors.toMap(Class::getSimpleName, kind -> kind.asSubclass(Event.class)));

    private final JsonMapper json;

    JobFormat(JsonMapper json) {
        // What a value says of itself, such as a shade that it is clear, is not kept: it follows from what is.
        this.json = json.rebuild()
                .changeDefaultVisibility(all -> all.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .build();
    }

    String written(Event event) {
        return json.writeValueAsString(event);
    }

    Entry entry(JobStore.Line line) {
        Class<? extends Event> kind = KINDS.get(line.kind());
        if (kind == null) {
            throw new IllegalStateException("An entry of a newer program: " + line.kind());
        }
        return new Entry(line.number(), line.at(), line.hand(), event(line.body(), kind));
    }

    private Event event(String body, Class<? extends Event> kind) {
        if (kind != Event.Begun.class && kind != Event.Replanned.class) {
            return json.readValue(body, kind);
        }
        JsonNode tree = json.readTree(body);
        if (tree instanceof ObjectNode entry) {
            if (!entry.has("basis")) {
                entry.putNull("basis");
            }
            if (kind == Event.Replanned.class && !entry.has("answers")) {
                entry.put("answers", 0);
            }
            // Before the learned factor and what had been seen were kept with it.
            if (entry.get("basis") instanceof ObjectNode basis && !basis.has("done")) {
                basis.putNull("useFactor");
                basis.put("done", 0);
                basis.putArray("seen");
                basis.putArray("weak");
            }
            FormerForms.ofEntry(entry);
            // Before there was a violet dye.
            for (JsonNode dyes : entry.findValues("dyes")) {
                if (dyes instanceof ObjectNode amounts && !amounts.has("violet")) {
                    amounts.put("violet", 0);
                }
            }
        }
        return json.treeToValue(tree, kind);
    }
}
