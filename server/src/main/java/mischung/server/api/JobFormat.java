package mischung.server.api;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.plan.Laying;
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

    /** Which of the kinds of laying it is; their names are kept, not their classes'. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Laying.Deposit.class, name = "DEPOSIT"),
        @JsonSubTypes.Type(value = Laying.Lift.class, name = "LIFT"),
        @JsonSubTypes.Type(value = Laying.Treat.class, name = "TREAT"),
        @JsonSubTypes.Type(value = Laying.Wait.class, name = "WAIT")
    })
    private interface LayingOfAKind {}

    private final JsonMapper json;

    JobFormat(JsonMapper json) {
        // What a value says of itself, such as a shade that it is clear, is not kept: it follows from what is.
        this.json = json.rebuild()
                .changeDefaultVisibility(all -> all.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .addMixIn(Laying.class, LayingOfAKind.class)
                .build();
    }

    String written(Event event) {
        ObjectNode entry = json.valueToTree(event);
        return json.writeValueAsString(entry.put(JobForms.FORM, JobForms.NEWEST));
    }

    Entry entry(JobStore.Line line) {
        Class<? extends Event> kind = KINDS.get(line.kind());
        if (kind == null) {
            throw new IllegalStateException("An entry of a newer program: " + line.kind());
        }
        return new Entry(line.number(), line.at(), line.hand(), event(line.body(), kind));
    }

    private Event event(String body, Class<? extends Event> kind) {
        JsonNode tree = json.readTree(body);
        return json.treeToValue(tree instanceof ObjectNode entry ? JobForms.newest(entry) : tree, kind);
    }
}
