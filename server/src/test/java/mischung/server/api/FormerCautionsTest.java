package mischung.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What was taken on by its sentence is known by what it said. */
class FormerCautionsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "No patch test was laid. By the product's instructions, commonly 48 hours before oxidative colour."
                        + "| caution.PATCH_NOT_APPLIED | hours=48",
                "The patch test of 2026-11-21 was not read yet. | caution.PATCH_NOT_READ | day=2026-11-21 hours=48",
                "The patch test of 2026-09-01 is more than 6 weeks old; skin changes its mind."
                        + "| caution.PATCH_TOO_OLD | day=2026-09-01 weeks=6",
                "By this the hair feels gummy or breaks. Stop before: rinse, treat, and change the plan."
                        + "| caution.STRENGTH_AFTER | stretch=elasticity.BREAKS",
                "The client reacted to colour before (nickel). Skin that has reacted once answers sooner to lightener too:"
                        + " no lightener. | caution.REACTED_LIGHTENER_TO | allergies=nickel",
                "The client has asthma, and persulfates can trigger it. | caution.ASTHMA | ''"
            })
    void aSentenceIsReadBackIntoItsMessage(String sentence, String message, String figures) {
        ObjectNode said = quoted(sentence.strip());
        assertThat(said.path("message").asString("")).isEqualTo(message.strip());
        Map<String, String> found = new HashMap<>();
        said.path("figures")
                .forEach(figure -> found.put(
                        figure.path("name").asString(""), figure.path("text").asString("")));
        Map<String, String> wanted = new HashMap<>();
        for (String one : figures.strip().split(" ", -1)) {
            if (!one.isEmpty()) {
                wanted.put(one.split("=", -1)[0], one.split("=", -1)[1]);
            }
        }
        assertThat(found).isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource({"'Whatever else somebody wrote'", "''", "'The patch test of  was not read yet'"})
    void whatNobodyEverSaidIsKeptAndAnswersToNothing(String sentence) {
        ObjectNode said = quoted(sentence);
        assertThat(said.path("message").asString("")).isEqualTo(FormerCautions.UNKNOWN);
        assertThat(said.path("figures").path(0).path("text").asString("?")).isEqualTo(sentence);
    }

    private static ObjectNode quoted(String sentence) {
        ArrayNode taken = JSON.createArrayNode();
        taken.addObject().put("rule", "PATCH_TEST").put("sentence", sentence);
        FormerCautions.quoted(taken);
        assertThat(taken.path(0).has("sentence")).isFalse();
        return (ObjectNode) taken.path(0).path("said");
    }
}
