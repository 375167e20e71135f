package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.RefusedInput;
import mischung.server.store.HouseStore;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What is set for the whole house. */
@Component
class HouseSettings {
    private static final Settings FIRST = new Settings(List.of("Window", "Middle", "Basin"), true);
    private static final int MOST_CHAIRS = 30;
    private static final int LONGEST_CHAIR = 40;

    private final HouseStore store;
    private final JsonMapper json;

    HouseSettings(HouseStore store, JsonMapper json) {
        this.store = store;
        this.json = json;
    }

    /** The house's settings. */
    record Settings(
            @Schema(description = "names of the chairs, 1–30")
            List<String> chairs,

            @Schema(description = "whether local rules let a licensed hand take a caution on, with name and reason")
            boolean overridesAllowed) {}

    Settings now() {
        return store.settings()
                .map(text -> json.readValue(text, Settings.class))
                .orElse(FIRST);
    }

    Settings set(Settings settings) {
        List<String> chairs = CaseFile.eachOf("chairs", settings.chairs, HouseSettings::chair);
        if (chairs.isEmpty()
                || chairs.size() > MOST_CHAIRS
                || chairs.stream().distinct().count() < chairs.size()) {
            throw new RefusedInput(
                    "chairs", chairs.size() + " chairs", "Give 1 to " + MOST_CHAIRS + " chairs of different names.");
        }
        Settings kept = new Settings(chairs, settings.overridesAllowed);
        store.set(json.writeValueAsString(kept));
        return kept;
    }

    private static String chair(String name) {
        if (name.isBlank() || name.length() > LONGEST_CHAIR) {
            throw new RefusedInput("", name, "Name the chair in 1 to " + LONGEST_CHAIR + " characters.");
        }
        return name.strip();
    }
}
