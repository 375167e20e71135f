package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import mischung.mix.Experience;
import mischung.route.Rates;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;
import mischung.school.Method;
import mischung.sequence.Durations;
import mischung.sequence.Task;
import mischung.server.store.HouseStore;
import mischung.server.store.MixStore;
import mischung.server.words.Language;
import mischung.server.words.ProblemMessage;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What is set for the whole house. */
@Component
class HouseSettings {
    private static final Settings FIRST = new Settings(
            0,
            List.of("Window", "Middle", "Basin"),
            true,
            MethodView.of(Method.USUAL),
            RatesView.of(Rates.USUAL),
            false,
            List.of(),
            Language.EN,
            0);
    private static final int MOST_CHAIRS = 30;
    private static final int LONGEST_CHAIR = 40;
    private static final int LONGEST_KEPT = 50;

    private final HouseStore store;
    private final MixStore past;
    private final JsonMapper json;

    HouseSettings(HouseStore store, MixStore past, JsonMapper json) {
        this.store = store;
        this.past = past;
        this.json = json;
    }

    /** The house's settings. */
    record Settings(
            @Schema(description = "it was made on; 0: nothing was set yet")
            long version,

            @Schema(description = "names of the chairs, 1–30")
            List<String> chairs,

            @Schema(description = "whether local rules let a licensed hand take a caution on, with name and reason")
            boolean overridesAllowed,

            @Schema(description = "the schools a new case begins with")
            MethodView method,

            RatesView rates,

            @Schema(description = "lengths in inches and weights in ounces on the client's pages")
            boolean inches,

            @Schema(description = "how long things take in this house, where it differs from what ships")
            List<DurationView> durations,

            @Schema(description = "what screens and sheets speak where nobody chose another language for a device")
            Language language,

            @Schema(
                    description =
                            "after how many years without a visit a client is proposed to be erased, 0–50; 0: never")
            int keepYears) {
        /** Without figures that the order asked for once and asks for no longer. */
        Settings known() {
            return new Settings(
                    version,
                    chairs,
                    overridesAllowed,
                    method,
                    rates,
                    inches,
                    durations.stream()
                            .filter(one -> Durations.names().contains(one.name))
                            .toList(),
                    language,
                    keepYears);
        }
    }

    /** A figure of the house, in the unit the vocabulary gives. */
    record DurationView(
            @Schema(example = "seconds a foil") String name,
            @Schema(description = "0.1–600") double value) {}

    /** How long things take in this house, as it was set and as the past has taught. */
    Durations durations() {
        Map<Task.Kind, Double> factors = new EnumMap<>(Task.Kind.class);
        learned().forEach((kind, learned) -> factors.put(kind, learned.factor()));
        return new Durations(figures(now().durations), factors);
    }

    /** By how much every kind of task takes longer than it was reckoned. */
    Map<Task.Kind, Experience> learned() {
        Map<Task.Kind, Experience> all = new EnumMap<>(Task.Kind.class);
        past.took().forEach((kind, seen) -> all.put(kind, Experience.of(seen, List.of())));
        return all;
    }

    private static Map<String, Double> figures(List<DurationView> durations) {
        Map<String, Double> figures = new TreeMap<>();
        CaseFile.eachOf("durations", durations, one -> one).forEach(one -> figures.put(one.name, one.value));
        return new Durations(figures, Map.of()).figures();
    }

    /** What the house charges. */
    record RatesView(
            @Schema(description = "for one pair of hands, 0–10 000")
            double anHour,

            @Schema(description = "for a gram of mixed colour, 0–1000")
            double colourGram,

            @Schema(description = "for a gram of mixed lightener, 0–1000")
            double lightenerGram,

            @Schema(description = "for a gram of remover, equaliser or bond, 0–1000")
            double treatmentGram,

            @Schema(example = "EUR") String currency) {
        static RatesView of(Rates rates) {
            return new RatesView(
                    rates.anHour(), rates.colourGram(), rates.lightenerGram(), rates.treatmentGram(), rates.currency());
        }

        Rates checked() {
            return new Rates(anHour, colourGram, lightenerGram, treatmentGram, currency);
        }
    }

    Settings now() {
        return store.settings()
                .map(kept -> {
                    // What was set before a setting came to be keeps its first value.
                    ObjectNode all = json.valueToTree(FIRST);
                    json.readTree(kept.content())
                            .properties()
                            .forEach(field -> all.set(field.getKey(), field.getValue()));
                    all.put("version", kept.version());
                    return json.treeToValue(all, Settings.class).known();
                })
                .orElse(FIRST);
    }

    Settings set(Settings settings) {
        List<String> chairs = CaseFile.eachOf("chairs", settings.chairs, HouseSettings::chair);
        if (chairs.isEmpty()
                || chairs.size() > MOST_CHAIRS
                || chairs.stream().distinct().count() < chairs.size()) {
            throw new RefusedInput(
                    "chairs",
                    chairs.size(),
                    ProblemMessage.CHAIRS.say().count("most", MOST_CHAIRS).said());
        }
        RatesView rates = RatesView.of(CaseFile.at("rates", settings.rates::checked));
        figures(settings.durations);
        Settings kept = new Settings(
                settings.version,
                chairs,
                settings.overridesAllowed,
                settings.method,
                rates,
                settings.inches,
                settings.durations,
                settings.language,
                kept(settings.keepYears));
        if (store.set(settings.version, json.writeValueAsString(kept)).isEmpty()) {
            throw conflict(kept);
        }
        return now();
    }

    private static int kept(int years) {
        RefusedInput.within("keepYears", years, 0, LONGEST_KEPT, Unit.NONE);
        return years;
    }

    /** Says what is set otherwise by now. */
    private Refusal conflict(Settings asked) {
        ObjectNode mine = json.valueToTree(asked);
        ObjectNode theirs = json.valueToTree(now());
        List<Said> differs = theirs.properties().stream()
                .filter(field ->
                        !field.getKey().equals("version") && !field.getValue().equals(mine.get(field.getKey())))
                .map(field ->
                        ProblemMessage.SETTING.say().in("which", field.getKey()).said())
                .toList();
        return new Refusal(
                HttpStatus.CONFLICT,
                ProblemMessage.SETTINGS_CHANGED,
                "version",
                Long.toString(asked.version),
                differs.isEmpty()
                        ? ProblemMessage.SETTINGS_SAME.alone()
                        : ProblemMessage.SETTINGS_DIFFER
                                .say()
                                .all("what", Figure.Joint.COMMA, differs)
                                .said());
    }

    private static String chair(String name) {
        if (name.isBlank() || name.length() > LONGEST_CHAIR) {
            throw new RefusedInput(
                    "",
                    name,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 1)
                            .count("most", LONGEST_CHAIR)
                            .said());
        }
        return name.strip();
    }
}
