package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A job that has begun is worked by the plan it began by, whatever becomes of the shelf meanwhile. */
class JobBasisApiTest extends OnDemoData {
    /** What every bowl is mixed from: "1/A/1: code, code". */
    private static List<String> bowls(int id) {
        List<String> all = new ArrayList<>();
        for (JsonNode card : app.get("/api/cases/" + id + "/mix").json().path("cards")) {
            all.add(card.path("key").asString() + ": "
                    + String.join(", ", card.path("lines").findValuesAsString("code")));
        }
        return all;
    }

    @Test
    void itsBowlsStayThroughAnEmptyShelfAndARestart() {
        int begun = copyOfTheFirst();
        int waiting = copyOfTheFirst();
        assertThat(app.post("/api/cases/" + begun + "/job/begin", "{\"hand\":\"Ada\"}")
                        .status())
                .isEqualTo(200);
        List<String> before = bowls(begun);
        assertThat(before).isNotEmpty().isEqualTo(bowls(waiting));
        String poured = before.toString();
        for (JsonNode product : app.get("/api/shelf").json().path("products")) {
            if (!product.path("shade").isEmpty()
                    && poured.contains(product.path("code").asString())) {
                nothingIsLeftOf(product);
            }
        }

        app.close();
        app = new Started(data, true);

        assertThat(bowls(begun)).isEqualTo(before);
        assertThat(bowls(waiting)).isNotEqualTo(before);
        JsonNode job = app.get("/api/cases/" + begun + "/job").json();
        assertThat(job.path("stage").asString()).isEqualTo("RUNNING");
    }
}
