package mischung.server.api;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.mix.Card;
import mischung.plan.Laying;
import mischung.said.Figure;
import mischung.said.Message;
import mischung.server.store.JobStore;
import mischung.server.words.Messages;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** The form in which a job's entries and bowls are kept, and how entries of earlier programs become the newest. */
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

    /** Likewise of the kinds of figure. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Figure.Count.class, name = "COUNT"),
        @JsonSubTypes.Type(value = Figure.Level.class, name = "LEVEL"),
        @JsonSubTypes.Type(value = Figure.Levels.class, name = "LEVELS"),
        @JsonSubTypes.Type(value = Figure.Share.class, name = "SHARE"),
        @JsonSubTypes.Type(value = Figure.Time.class, name = "TIME"),
        @JsonSubTypes.Type(value = Figure.Day.class, name = "DAY"),
        @JsonSubTypes.Type(value = Figure.Typed.class, name = "TYPED"),
        @JsonSubTypes.Type(value = Figure.Named.class, name = "NAMED"),
        @JsonSubTypes.Type(value = Figure.Part.class, name = "PART"),
        @JsonSubTypes.Type(value = Figure.All.class, name = "ALL"),
        @JsonSubTypes.Type(value = Figure.Case.class, name = "CASE")
    })
    private interface FigureOfAKind {}

    /** A message is kept by its key. */
    private static final class MessageWritten extends ValueSerializer<Message> {
        @Override
        public void serialize(Message message, JsonGenerator to, SerializationContext context) {
            to.writeString(message.key());
        }
    }

    private static final class MessageRead extends ValueDeserializer<Message> {
        @Override
        public Message deserialize(JsonParser from, DeserializationContext context) {
            return Messages.of(from.getString());
        }
    }

    private final JsonMapper json;

    JobFormat(JsonMapper json) {
        // What a value says of itself, such as a shade that it is clear, is not kept: it follows from what is.
        this.json = json.rebuild()
                .changeDefaultVisibility(all -> all.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .addMixIn(Laying.class, LayingOfAKind.class)
                .addMixIn(Figure.class, FigureOfAKind.class)
                .addModule(new SimpleModule()
                        .addSerializer(Message.class, new MessageWritten())
                        .addDeserializer(Message.class, new MessageRead()))
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

    String written(Card card) {
        return json.writeValueAsString(card);
    }

    /** A bowl as it was begun; until a program that speaks several languages, its words were kept as they were said. */
    Card card(String body) {
        ObjectNode card = (ObjectNode) json.readTree(body);
        typed(card, "title");
        typed(card, "ratio");
        card.withArray("lines").forEach(line -> typed((ObjectNode) line, "name"));
        return json.treeToValue(card, Card.class);
    }

    private void typed(ObjectNode of, String field) {
        JsonNode words = of.get(field);
        if (words != null && words.isString()) {
            of.set(field, json.valueToTree(new Figure.Typed(words.asString())));
        }
    }
}
