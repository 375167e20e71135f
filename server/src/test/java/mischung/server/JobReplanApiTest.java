package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A re-plan that was said yes to is kept whole. */
class JobReplanApiTest extends OnDemoData {
    /** What was said yes to is worked by to the gram, whatever the shelf and the house's figures are by then. */
    @Test
    void anAcceptedReplanComesBackToTheGram() {
        int id = copyOfTheFirst();
        String path = "/api/cases/" + id + "/job";
        JsonNode job = app.post(path + "/begin", "{\"hand\":\"Ada\"}").json();
        while (job.path("clocks").isEmpty()) {
            for (JsonNode task : job.path("tasks")) {
                if (task.path("state").asString().equals("WAITING")) {
                    job = app.post(
                                    path + "/presses",
                                    "{\"hand\":\"Ada\",\"told\":\"FINISHED\",\"key\":\""
                                            + task.path("key").asString() + "\"}")
                            .json();
                    break;
                }
            }
        }
        JsonNode clock = job.path("clocks").path(0);
        ObjectNode seen = JSON.createObjectNode()
                .put("hand", "Ada")
                .put("clock", clock.path("key").asString())
                .put("zone", clock.path("place").asString())
                .put("level", 8)
                .put("stretch", "BREAKS");
        seen.putArray("tone");
        seen.putArray("second");
        seen.putArray("measured");
        job = app.post(path + "/seen", seen.toString()).json();
        JsonNode asked = job.path("recheck").path(0);
        assertThat(asked.path("stop").asBoolean()).isTrue();
        Started.Answer yes = app.post(
                path + "/answer",
                "{\"hand\":\"Ada\",\"accepted\":true,\"entry\":"
                        + asked.path("entry").asLong() + ",\"thorough\":true}");
        assertThat(yes.status()).as(yes.text()).isEqualTo(200);
        String before = grams(id);
        for (JsonNode product : app.get("/api/shelf").json().path("products")) {
            if (!product.path("shade").isEmpty()) {
                nothingIsLeftOf(product);
            }
        }

        app.close();
        app = new Started(data, true);

        assertThat(grams(id)).isEqualTo(before);
        assertThat(app.get(path).json().path("tasks")).isEqualTo(yes.json().path("tasks"));
    }

    /** Of every bowl: its title and what is weighed, in grams. */
    private static String grams(int id) {
        StringBuilder all = new StringBuilder();
        Started.Answer mix = app.get("/api/cases/" + id + "/mix");
        assertThat(mix.status()).as(mix.text()).isEqualTo(200);
        for (JsonNode card : mix.json().path("cards")) {
            all.append(card.path("key").asString())
                    .append(' ')
                    .append(card.path("title").asString());
            for (JsonNode line : card.path("lines")) {
                all.append(' ')
                        .append(line.path("name").asString())
                        .append(' ')
                        .append(line.path("plannedGrams").asDouble());
            }
            all.append('\n');
        }
        assertThat(all).isNotEmpty();
        return all.toString();
    }
}
