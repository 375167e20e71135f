package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What the program answers to a device that speaks German holds no English sentence. */
class GermanApiTest extends OnDemoData {
    /** Words no English sentence does without and no German one has. */
    private static final Pattern ENGLISH = Pattern.compile(
            "\\b(the|and|of|with|is|are|for|not|from|to|be|it|this|that|where|which|bowl|level|cm from|lighter|darker|instead)\\b",
            Pattern.CASE_INSENSITIVE);

    /** What somebody typed, and names machines know things by. */
    private static final Set<String> NAMES =
            Set.of("key", "clientName", "name", "note", "code", "route", "chosen", "hand");

    private static JsonNode german(String path) {
        Started.Answer answer =
                app.send(app.request(path).header("Cookie", "language=de").GET());
        assertThat(answer.status()).as("%s: %s", path, answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static void words(String field, JsonNode of, List<String> all) {
        if (of.isString() && !NAMES.contains(field)) {
            all.add(of.asString());
        } else if (of.isObject()) {
            for (Map.Entry<String, JsonNode> one : of.properties()) {
                words(one.getKey(), one.getValue(), all);
            }
        } else {
            of.forEach(one -> words(field, one, all));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/cases/1/routes",
                "/api/cases/1/later",
                "/api/cases/2/routes",
                "/api/cases/3/routes",
                "/api/cases/4/routes",
                "/api/cases/5/routes",
                "/api/cases/1/plan",
                "/api/cases/5/plan",
                "/api/cases/1/plan/placement",
                "/api/cases/1/plan/sequence",
                "/api/cases/5/plan/sequence",
                "/api/cases/2/promise",
                "/api/cases/1/strand-history",
                "/api/cases/4/strand-history",
                "/api/cases/1/strand-tests",
                "/api/cases/5/job",
                "/api/cases/5/look-back",
                "/api/cases/5/after",
                "/api/cases/2/way",
                "/api/cases/3/mix",
                "/api/vocabulary",
                "/api/ladder",
                "/api/tones?kind=LIGHTENED&level=8",
                "/api/day/2026-11-23",
                "/api/past?q=7",
                "/api/shelf"
            })
    void noEnglishIsLeft(String path) {
        List<String> all = new ArrayList<>();
        words("", german(path), all);
        assertThat(all).isNotEmpty();
        assertThat(all).noneMatch(words -> ENGLISH.matcher(words).find());
    }
}
