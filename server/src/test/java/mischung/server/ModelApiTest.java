package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class ModelApiTest {
    private static final String RUN = """
            {"start": {"past": "AS_GROWN", "level": 5, "tone": "NATURAL", "underFrom": 1, "underTo": 12, "layers": 0,
                       "thickness": "NORMAL", "porosity": 1, "greyShare": 0},
             "product": {"kind": "LIGHTENER", "amount": 45, "volume": 20, "ratio": 2, "place": "MIDS", "cover": "FOIL",
                         "heat": false, "sectionMm": 3, "ageMinutes": 0, "shadeLevel": 7, "shadeTone": "NATURAL",
                         "hue": "BLUE", "lightener": [], "clear": 0, "wetness": "DRY"},
             "strandTest": {"done": false, "level": 8}}
            """;

    @TempDir
    static Path data;

    private static Started app;

    @BeforeAll
    static void start() {
        app = new Started(data, false);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static JsonNode run(String json) {
        Started.Answer answer = app.post("/api/model/run", json);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void aBandIsFollowedThroughItsTimeWithRangesAndTheSameEveryTime() {
        JsonNode view = run(RUN);
        JsonNode frames = view.path("frames");
        assertThat(frames).hasSize(9);
        assertThat(frames.path(0).path("look").path("level").asDouble()).isCloseTo(5, within(0.01));
        for (int i = 1; i < 9; i++) {
            JsonNode frame = frames.path(i);
            double level = frame.path("look").path("level").asDouble();
            assertThat(level)
                    .isGreaterThan(frames.path(i - 1).path("look").path("level").asDouble());
            assertThat(frame.path("levelFrom").asDouble()).isLessThan(level);
            assertThat(frame.path("levelTo").asDouble()).isGreaterThan(level);
            assertThat(frame.path("integrity").asDouble())
                    .isLessThan(frames.path(i - 1).path("integrity").asDouble());
        }
        assertThat(frames.path(8).path("at").asDouble()).isEqualTo(45);
        assertThat(run(RUN)).as("seeded").isEqualTo(view);
        assertThat(view.path("end").path("lights").findValuesAsString("colour"))
                .as("five lights, five colours")
                .hasSize(5)
                .doesNotHaveDuplicates();
        assertThat(view.path("cautions").findValuesAsString("title")).contains("Lightener", "Scalp");
        assertThat(view.path("slips")).hasSize(4);
        assertThat(view.path("slips").path(0).path("seen").asBoolean()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"CLEANSE_MIX", "LIGHTEST_TINT", "PERMANENT", "COVERAGE", "DEMI", "GLOSS", "DIRECT", "REMOVER", "WASHES"
    })
    void everyProductOnEveryHistory(String product) {
        for (String past :
                new String[] {"UNKNOWN", "LIFTED", "COLOURED", "COLOURED_OVER_LIFTED", "DIRECT_OVER_LIFTED"}) {
            JsonNode view = run(RUN.replace("LIGHTENER", product)
                    .replace("AS_GROWN", past)
                    .replace("\"amount\": 45", "\"amount\": 30"));
            assertThat(view.path("read").path("words").asString("")).isNotBlank();
            assertThat(view.path("end").path("tones")).isNotEmpty();
        }
    }

    @Test
    void aStrandTestNarrowsAndAnAbsurdOneIsFlagged() {
        JsonNode plain = run(RUN).path("frames").path(8);
        String seen = RUN.replace("\"done\": false, \"level\": 8", "\"done\": true, \"level\": 8.5");
        JsonNode tested = run(seen);
        assertThat(tested.path("learned").path("flagged").asBoolean()).isFalse();
        assertThat(width(tested.path("frames").path(8))).isLessThan(width(plain));
        JsonNode absurd = run(seen.replace("\"level\": 8.5", "\"level\": 4"));
        assertThat(absurd.path("learned").path("flagged").asBoolean()).isTrue();
        assertThat(width(absurd.path("frames").path(8))).isEqualTo(width(plain));
    }

    private static double width(JsonNode frame) {
        return frame.path("levelTo").asDouble() - frame.path("levelFrom").asDouble();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"level\": 5 | \"level\": 5.3 | level",
                "\"level\": 5 | \"level\": -2 | level",
                "\"amount\": 45 | \"amount\": 1e9 | minutes",
                "\"volume\": 20 | \"volume\": 60 | volume",
                "\"porosity\": 1 | \"porosity\": 9 | porosity",
                "\"greyShare\": 0 | \"greyShare\": 3 | greyShare",
                "\"underTo\": 12 | \"underTo\": 0.5 | underTo",
                "\"sectionMm\": 3 | \"sectionMm\": 0 | sectionMm",
                "\"tone\": \"NATURAL\" | \"tone\": \"AS_LIFTED\" | tone",
                "\"volume\": 20 | \"volume\": \"NaN\" | volume",
                "\"kind\": \"LIGHTENER\" | \"kind\": \"SOAP\" | product.kind"
            })
    void wrongInputIsRefusedByField(String right, String wrong, String field) {
        Started.Answer answer = app.post("/api/model/run", RUN.replace(right, wrong));
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.type()).contains("application/problem+json");
        assertThat(answer.field("field")).endsWith(field);
        assertThat(answer.field("remedy")).isNotBlank();
    }

    @Test
    void everyCheckIsTold() {
        JsonNode checks = app.get("/api/model/checks").json();
        assertThat(checks.path("checks").size()).isGreaterThan(130);
        for (JsonNode check : checks.path("checks")) {
            assertThat(check.path("passes").asBoolean()).as(check.toString()).isTrue();
            assertThat(check.path("basis").asString("")).isNotBlank();
        }
        for (JsonNode constant : checks.path("constants")) {
            assertThat(constant.path("source").asString(""))
                    .as(constant.toString())
                    .isNotBlank();
        }
    }
}
