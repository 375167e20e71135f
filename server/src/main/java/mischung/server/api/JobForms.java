package mischung.server.api;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mischung.plan.Action;
import mischung.said.Verbatim;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The forms in which entries of a job were kept, oldest first, and how each becomes the next. An entry carries the number of its
 * form; those of form 1 carry none. A form is never changed: what the program keeps otherwise has a form of its own, and a way to
 * it from the one before.
 */
final class JobForms {
    /** Under which an entry keeps it. */
    static final String FORM = "form";

    private static final List<UnaryOperator<ObjectNode>> NEXT =
            List.of(JobForms::second, JobForms::third, JobForms::fourth);

    static final int NEWEST = NEXT.size() + 1;

    private static final String KIND = "kind";
    private static final Pattern STAGED = Pattern.compile("(?:r(\\d+)\\.)?(\\d+)/(\\d+) (.*)");
    private static final Pattern CLOCK = Pattern.compile("(.*) (\\d) WORK");
    private static final Pattern LAID = Pattern.compile("(APPLY .*) (\\d)");
    private static final Set<String> LAYING = Set.of("action", "bands", "way", "times", "shadeClass");

    /** Of what was put between by hand. */
    private static final int NO_STAGE = -1;

    private JobForms() {}

    /**
     * In the newest form, without its number.
     *
     * @throws IllegalStateException if a newer program has written it
     */
    static ObjectNode newest(ObjectNode entry) {
        int form = entry.path(FORM).asInt(1);
        if (form > NEWEST) {
            throw new IllegalStateException("An entry of a newer program: form " + form);
        }
        ObjectNode now = entry;
        for (UnaryOperator<ObjectNode> next : NEXT.subList(form - 1, NEXT.size())) {
            now = next.apply(now);
        }
        now.remove(FORM);
        return now;
    }

    /** Tasks were named by a text alone, a laying was one value with the fields of all kinds, cleansing no school. */
    private static ObjectNode second(ObjectNode entry) {
        whatWasNotKept(entry);
        for (JsonNode tasks : entry.findValues("tasks")) {
            tasks.forEach(task -> laidBy(task, tasks));
            tasks.forEach(task -> {
                if (task instanceof ObjectNode one && one.has("key")) {
                    one.set("id", id(one.path("key").asString(""), one));
                    one.remove(List.of("key", "visit"));
                }
            });
        }
        for (String names : List.of("task", "clock")) {
            if (entry.path(names).isString()) {
                entry.put(names, text(id(entry.path(names).asString(), entry)));
            }
        }
        if (entry.path("basis").path("strategy") instanceof ObjectNode strategy
                && strategy.path("method") instanceof ObjectNode method) {
            if (strategy.path("cleanse").asBoolean(false)) {
                method.put("takeOut", "CLEANSE_MIX");
            }
            strategy.remove("cleanse");
        }
        for (JsonNode rounds : entry.findValues("rounds")) {
            rounds.forEach(round -> round.path("layings").forEach(laying -> {
                if (laying instanceof ObjectNode one && LAYING.stream().allMatch(one::has)) {
                    ofItsKind(one);
                }
            }));
        }
        return entry;
    }

    /** What was seen, and how a band came out, had one tone. */
    private static ObjectNode third(ObjectNode entry) {
        boolean seen = entry.has("clock") && entry.has("level");
        boolean found = entry.has("band") && entry.has("level");
        if (seen || found) {
            JsonNode tone = entry.remove("tone");
            if (tone == null || tone.isNull()) {
                entry.putNull("tones");
            } else {
                entry.putObject("tones").put("main", tone.asString()).putNull("second");
            }
        }
        return entry;
    }

    /** What is told was kept in the words of its day, and now is by message and figures; those words are kept as they were. */
    private static ObjectNode fourth(ObjectNode entry) {
        for (JsonNode tasks : entry.findValues("tasks")) {
            tasks.forEach(task -> {
                if (task instanceof ObjectNode one) {
                    one.set("title", verbatim(one, one.path("title").asString("")));
                    String detail = one.path("detail").asString("");
                    ArrayNode details = one.putArray("detail");
                    if (!detail.isEmpty()) {
                        details.add(verbatim(one, detail));
                    }
                }
            });
        }
        if (entry.path("why") instanceof ArrayNode why) {
            ArrayNode told = entry.putArray("why");
            why.forEach(line -> told.add(verbatim(entry, line.asString(""))));
        }
        if (entry.path("basis").path("strategy") instanceof ObjectNode strategy) {
            String words = strategy.path("words").asString("");
            strategy.remove("words");
            strategy.put("key", words.replace(' ', '-')).set("said", verbatim(strategy, words));
        }
        for (JsonNode foretold : entry.findValues("foretold")) {
            foretold.forEach(band -> {
                for (String shown : List.of("before", "wished", "end")) {
                    withoutWords(band.path(shown));
                }
                band.path("faded").forEach(JobForms::withoutWords);
            });
        }
        return entry;
    }

    private static void withoutWords(JsonNode shown) {
        if (shown instanceof ObjectNode one) {
            one.remove("words");
        }
    }

    private static ObjectNode verbatim(ObjectNode beside, String words) {
        ObjectNode said = beside.objectNode();
        said.put("message", Verbatim.TEXT.key())
                .putObject("figures")
                .putObject("text")
                .put("is", "TYPED")
                .put("text", words);
        return said;
    }

    /** A clock of form 1 ran from what was laid of its bowls on its zones before it began. */
    private static void laidBy(JsonNode task, JsonNode all) {
        if (!(task instanceof ObjectNode clock) || !clock.has("key")) {
            return;
        }
        ArrayNode layings = clock.putArray("laidBy");
        if (!clock.path("kind").asString().equals("WORK")) {
            return;
        }
        Set<JsonNode> bowls = new HashSet<>();
        clock.path("bowls").forEach(bowls::add);
        for (JsonNode laying : all) {
            Set<JsonNode> laid = new HashSet<>();
            laying.path("bowls").forEach(laid::add);
            boolean its = laying.path("kind").asString().equals("APPLY")
                    && laying.path("step").equals(clock.path("step"))
                    && laying.path("zones").equals(clock.path("zones"))
                    && (bowls.isEmpty() ? laid.isEmpty() : laid.containsAll(bowls))
                    && laying.path("startMinute").asInt()
                                    + laying.path("minutes").asInt()
                            <= clock.path("startMinute").asInt();
            if (its) {
                layings.add(id(laying.path("key").asString(), clock));
            }
        }
    }

    /** Within form 1, before it had a number, fields were added one by one. */
    private static void whatWasNotKept(ObjectNode entry) {
        boolean begun = entry.has("foretold");
        if (begun && !entry.has("basis")) {
            entry.putNull("basis");
        }
        if (entry.has("accepted") && !entry.has("answers")) {
            entry.put("answers", 0);
        }
        if (entry.get("basis") instanceof ObjectNode basis && !basis.has("done")) {
            basis.putNull("useFactor");
            basis.put("done", 0);
            basis.putArray("seen");
            basis.putArray("weak");
        }
        FormerForms.ofEntry(entry);
        for (JsonNode dyes : entry.findValues("dyes")) {
            if (dyes instanceof ObjectNode amounts && !amounts.has("violet")) {
                amounts.put("violet", 0);
            }
        }
    }

    private static void ofItsKind(ObjectNode laying) {
        Action action = Action.valueOf(laying.path("action").asString());
        if (action == Action.WAIT) {
            laying.retain(List.of("weeks")).put(KIND, "WAIT");
        } else if (action.deposits()) {
            laying.retain(List.of(
                            "action", "bands", "aim", "shadeClass", "volume", "ratio", "minutes", "wetness", "mix"))
                    .put(KIND, "DEPOSIT");
        } else if (action.lifts()) {
            laying.retain(List.of("action", "bands", "way", "lightener", "volume", "ratio", "minutes", "times"))
                    .put(KIND, "LIFT");
        } else {
            laying.retain(List.of("action", "bands", "minutes", "times")).put(KIND, "TREAT");
        }
    }

    /** Form 1 named a task by plan, visit, stage, what it was and its laying, one after another. */
    private static ObjectNode id(String key, ObjectNode beside) {
        Matcher staged = STAGED.matcher(key);
        boolean named = staged.matches();
        String name = named ? staged.group(4) : key;
        int pass = 0;
        Matcher clock = CLOCK.matcher(name);
        Matcher laid = LAID.matcher(name);
        if (clock.matches()) {
            name = "WORK " + clock.group(1);
            pass = Integer.parseInt(clock.group(2));
        } else if (laid.matches()) {
            name = laid.group(1);
            pass = Integer.parseInt(laid.group(2));
        }
        ObjectNode id = beside.objectNode();
        id.putObject("stage")
                .put("plan", named && staged.group(1) != null ? Integer.parseInt(staged.group(1)) : 0)
                .put("visit", named ? Integer.parseInt(staged.group(2)) : 1)
                .put("number", named ? Integer.parseInt(staged.group(3)) : NO_STAGE);
        return id.put("name", name).put("pass", pass);
    }

    /** As presses and looks name it from form 2 on. */
    private static String text(ObjectNode id) {
        JsonNode stage = id.path("stage");
        int plan = stage.path("plan").asInt();
        int pass = id.path("pass").asInt();
        return (plan > 0 ? "r" + plan + "." : "") + stage.path("visit").asInt() + "/"
                + stage.path("number").asInt() + " " + id.path("name").asString()
                + (pass > 0 ? " " + pass : "");
    }
}
