package mischung.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mischung.hair.BandRef;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ZonePlace;
import mischung.job.AcceptedPlan;
import mischung.job.Event;
import mischung.plan.Action;
import mischung.plan.Laying;
import mischung.plan.LiftWay;
import mischung.plan.Round;
import mischung.plan.Strategy;
import mischung.process.Wetness;
import mischung.product.Lightener;
import mischung.product.ShadeClass;
import mischung.said.Verbatim;
import mischung.school.Method;
import mischung.sequence.StageId;
import mischung.sequence.Task;
import mischung.sequence.TaskId;
import mischung.sequence.TaskMessage;
import mischung.server.store.JobStore;
import mischung.server.words.Catalogue;
import mischung.server.words.Language;
import mischung.uncertainty.Evidence;
import mischung.wish.Aim;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What a job keeps, and that it can be read whatever the program has become since. */
class JobFormTest {
    private static final Path KEPT = Path.of("src/test/resources/job-form-4.txt");
    private static final List<BandRef> HERE = List.of(new BandRef(0, 1));

    private final JsonMapper json = JsonMapper.builder().build();
    private final JobFormat format = new JobFormat(json);

    /**
     * The form as it is written down, value by value. Whoever changes one of these has changed what lies in people's databases: it
     * becomes a form of its own, with a way to it from the one before in {@link JobForms}, and its own text here.
     */
    @Test
    void theFormOfEntriesIsTheOneWrittenDown() throws IOException {
        assertThat(JobForms.NEWEST).isEqualTo(4);
        String now = written();
        assertThat(now).as("%s", KEPT).isEqualTo(Files.readString(KEPT, StandardCharsets.UTF_8));
    }

    private static String written() {
        Map<String, String> all = new TreeMap<>();
        for (Class<?> kind : Event.class.getPermittedSubclasses()) {
            add(kind, all);
        }
        return all.entrySet().stream()
                .map(e -> e.getKey() + ": " + e.getValue() + "\n")
                .collect(Collectors.joining());
    }

    private static void add(Class<?> type, Map<String, String> all) {
        String name = name(type);
        if (!type.getName().startsWith("mischung.") || all.containsKey(name)) {
            return;
        }
        if (type.isEnum()) {
            all.put(
                    name,
                    Arrays.stream(type.getEnumConstants())
                            .map(one -> ((Enum<?>) one).name())
                            .collect(Collectors.joining(" | ")));
        } else if (type.isSealed()) {
            all.put(
                    name,
                    Arrays.stream(type.getPermittedSubclasses())
                            .map(JobFormTest::name)
                            .collect(Collectors.joining(" | ")));
            Arrays.stream(type.getPermittedSubclasses()).forEach(one -> add(one, all));
        } else if (type.isRecord()) {
            List<String> parts = new ArrayList<>();
            all.put(name, "");
            for (RecordComponent part : type.getRecordComponents()) {
                parts.add(part.getName() + " " + words(part.getGenericType(), all));
            }
            all.put(name, String.join(", ", parts));
        } else {
            all.put(name, "not a value");
        }
    }

    private static String words(Type type, Map<String, String> all) {
        if (type instanceof ParameterizedType of) {
            return ((Class<?>) of.getRawType()).getSimpleName()
                    + Arrays.stream(of.getActualTypeArguments())
                            .map(part -> words(part, all))
                            .collect(Collectors.joining(", ", "<", ">"));
        }
        Class<?> plain = (Class<?>) type;
        add(plain, all);
        return name(plain);
    }

    private static String name(Class<?> type) {
        return type.isPrimitive()
                ? type.getName()
                : type.getName().substring(type.getPackageName().length() + 1).replace('$', '.');
    }

    private static Event.Begun begun() {
        TaskId laid = new TaskId(new StageId(1, 1, 3), "APPLY bowl A CROWN 1.1", 2);
        Aim aim = new Aim(8.5, Tone.BEIGE);
        return new Event.Begun(
                List.of(
                        task(laid, Task.Kind.APPLY, List.of()),
                        task(new TaskId(laid.stage(), "WORK A", 2), Task.Kind.WORK, List.of(laid))),
                List.of(),
                List.of(),
                Optional.of(new AcceptedPlan(
                        Strategy.of("usual", Method.USUAL),
                        List.of(new Round(
                                Action.LIGHTEN,
                                List.of(
                                        Laying.treat(Action.EQUALISE, HERE, 5, 1),
                                        Laying.lift(Action.LIGHTEN, HERE, LiftWay.WOVEN, 20, 30, 2, 2)
                                                .by(Lightener.PLAIN),
                                        Laying.colour(Action.TARGET, HERE, aim, ShadeClass.DEMI, 10, 20)
                                                .onHair(Wetness.DAMP),
                                        new Laying.Wait(5)))),
                        Evidence.NONE,
                        HERE,
                        java.util.OptionalDouble.of(1.1),
                        0,
                        List.of(),
                        List.of())));
    }

    private static Task task(TaskId id, Task.Kind kind, List<TaskId> laidBy) {
        return new Task(
                id,
                kind,
                2,
                TaskMessage.APPLY
                        .say()
                        .part(
                                "what",
                                TaskMessage.BOWL_LIFTING
                                        .say()
                                        .typed("bowl", "A")
                                        .thing("way", LiftWay.ROOT)
                                        .said())
                        .said(),
                List.of(TaskMessage.PART.say().count("part", 1).count("of", 2).said()),
                10,
                5,
                kind == Task.Kind.WORK ? 0 : 1,
                List.of("A"),
                List.of(ZonePlace.CROWN),
                laidBy,
                Optional.of(new Task.Window(30, 60)));
    }

    /** Every kind of laying comes back as the kind it was. */
    @Test
    void whatIsWrittenIsReadBack() {
        Event.Begun event = begun();
        assertThat(read("Begun", format.written(event))).isEqualTo(event);
        assertThat(format.written(new Event.Started("1/3 x"))).contains("\"form\":4");
        assertThat(read("Started", format.written(new Event.Started("1/3 x")))).isEqualTo(new Event.Started("1/3 x"));
    }

    private Event read(String kind, String body) {
        return format.entry(new JobStore.Line(1, Instant.EPOCH, "", kind, body)).event();
    }

    /** Form 1: a task named by its text alone; presses go on meaning it. */
    @Test
    void namesOfTheFirstFormAreReadOnce() {
        Event.Begun event = (Event.Begun) read("Begun", """
                {"tasks": [
                  {"key": "r2.1/4 APPLY bowl B NAPE 1.2 2", "kind": "APPLY", "visit": 1, "step": 3, "title": "", "detail": "",
                   "startMinute": 10, "minutes": 5, "person": 1, "bowls": ["B"], "zones": ["NAPE"], "window": null},
                  {"key": "r2.1/4 APPLY bowl B NAPE 1.2 2 B 2 WORK", "kind": "WORK", "visit": 1, "step": 3, "title": "",
                   "detail": "", "startMinute": 15, "minutes": 30, "person": 0, "bowls": ["B"], "zones": ["NAPE"],
                   "window": {"earliest": 40, "latest": 60}},
                  {"key": "more B3", "kind": "MIX", "visit": 1, "step": 3, "title": "", "detail": "", "startMinute": 12,
                   "minutes": 3, "person": 1, "bowls": ["B"], "zones": ["NAPE"], "window": null}],
                 "batches": [], "foretold": []}""");
        Task laid = event.tasks().get(0);
        Task clock = event.tasks().get(1);
        assertThat(laid.id()).isEqualTo(new TaskId(new StageId(2, 1, 4), "APPLY bowl B NAPE 1.2", 2));
        assertThat(clock.id().pass()).isEqualTo(2);
        assertThat(clock.putOnBy(laid)).isTrue();
        assertThat(clock.beside(laid)).isTrue();
        assertThat(clock.beside(event.tasks().get(2))).isFalse();
        List<String> then =
                List.of("r2.1/4 APPLY bowl B NAPE 1.2 2", "r2.1/4 APPLY bowl B NAPE 1.2 2 B 2 WORK", "more B3");
        for (int i = 0; i < then.size(); i++) {
            assertThat(read("Started", "{\"task\": \"" + then.get(i) + "\"}"))
                    .isEqualTo(new Event.Started(event.tasks().get(i).key()));
        }
    }

    /** Whatever kind of laying form 1 held, with the fields of all of them. */
    @Test
    void layingsOfTheFirstFormBecomeWhatTheyAre() {
        Event.Begun newest = begun();
        ObjectNode body = (ObjectNode) json.readTree(format.written(newest));
        body.remove(JobForms.FORM);
        ((ObjectNode) body.path("basis").path("strategy")).put("words", "by your schools");
        body.path("tasks")
                .forEach(task -> ((ObjectNode) task)
                        .put("title", "")
                        .put("detail", "")
                        .put("key", "1/0 X")
                        .remove(List.of("id", "laidBy")));
        body.path("basis").path("rounds").path(0).path("layings").forEach(laying -> {
            ObjectNode one = (ObjectNode) laying;
            if (one.path("kind").asString().equals("WAIT")) {
                one.put("action", "WAIT");
                one.putArray("bands");
            }
            one.remove("kind");
            for (String field :
                    List.of("way", "volume", "minutes", "ratio", "times", "lightener", "aim", "shadeClass")) {
                if (!one.has(field)) {
                    one.putNull(field);
                }
            }
            for (String field : List.of("wetness", "mix", "weeks")) {
                if (!one.has(field)) {
                    one.putNull(field);
                }
            }
        });
        Event.Begun old = (Event.Begun) read("Begun", json.writeValueAsString(body));
        AcceptedPlan basis = old.basis().orElseThrow();
        assertThat(basis.rounds()).isEqualTo(newest.basis().orElseThrow().rounds());
        assertThat(basis.strategy().key()).isEqualTo("by-your-schools");
    }

    /** Until form 3 what was told was kept in the words of its day: they are read as they were. */
    @Test
    void whatWasToldInWordsStaysThoseWords() {
        Event.Replanned again = (Event.Replanned) read("Replanned", """
                {"form": 3, "accepted": true, "thorough": false, "batches": [], "answers": 4, "basis": null,
                 "why": ["The client can go after 3 h.", "Left out: Gloss."],
                 "tasks": [{"id": {"stage": {"plan": 0, "visit": 1, "number": 2}, "name": "RINSE", "pass": 0},
                   "kind": "RINSE", "step": 1, "title": "Cool rinse", "detail": "Until the water runs clear.",
                   "startMinute": 50, "minutes": 8, "person": 1, "bowls": [], "zones": ["NAPE"], "laidBy": [],
                   "window": null}],
                 "foretold": [{"zone": "NAPE", "band": 0, "fromCm": 0, "toCm": 5, "from": 5, "to": 6, "kept": false,
                   "strength": 0.9, "before": {"level": 6, "words": "6 gold", "l": 30, "a": 5, "b": 9},
                   "wished": {"level": 5, "words": "5 natural", "l": 25, "a": 4, "b": 6},
                   "end": {"level": 5, "words": "5 natural", "l": 25, "a": 4, "b": 6}, "faded": []}]}""");
        assertThat(again.why())
                .containsExactly(Verbatim.of("The client can go after 3 h."), Verbatim.of("Left out: Gloss."));
        Task rinse = again.tasks().get(0);
        assertThat(rinse.title()).isEqualTo(Verbatim.of("Cool rinse"));
        assertThat(rinse.detail()).containsExactly(Verbatim.of("Until the water runs clear."));
        assertThat(Catalogue.of(Language.DE).sentence(rinse.title())).isEqualTo("Cool rinse");
        assertThat(again.foretold().get(0).end().level()).isEqualTo(5);
        assertThat(read("Replanned", format.written(again))).isEqualTo(again);
    }

    /** Until form 2 what was seen, and what came out, had one tone or none. */
    @Test
    void whatWasSeenInOneToneIsReadAsThat() {
        String look =
                "\"clock\": \"1/3 WORK A\", \"zone\": \"CROWN\", \"level\": 8, \"measured\": null, \"felt\": null";
        Event.Seen gold = (Event.Seen) read("Seen", "{\"form\": 2, \"tone\": \"GOLD\", " + look + "}");
        assertThat(gold.tones()).contains(ToneMix.of(Tone.GOLD));
        Event.Seen unsaid = (Event.Seen) read("Seen", "{\"tone\": null, " + look + "}");
        assertThat(unsaid.tones()).isEmpty();
        ToneMix both = new ToneMix(Tone.BEIGE, Optional.of(new SecondTone(Tone.GOLD, 0.3)));
        Event.Found found = new Event.Found(ZonePlace.NAPE, 1, 8, both, Optional.empty(), Optional.empty());
        String written = format.written(found);
        assertThat(read("Found", written)).isEqualTo(found);
        ObjectNode before = (ObjectNode) json.readTree(written);
        before.remove("tones");
        before.put("tone", "BEIGE").put("form", 2);
        assertThat(((Event.Found) read("Found", json.writeValueAsString(before))).tones())
                .isEqualTo(ToneMix.of(Tone.BEIGE));
    }

    @Test
    void whatANewerProgramWroteIsNotGuessedAt() {
        assertThatThrownBy(() -> read("Started", "{\"form\": 5, \"task\": \"1/0 X\"}"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("newer program");
    }
}
