package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Which language the program answers in: the house's, or the device's own by its cookie. */
class LanguageApiTest extends OnDemoData {
    @AfterEach
    void speakEnglishAgain() {
        house("EN");
    }

    private static void house(String language) {
        ObjectNode settings = (ObjectNode) app.get("/api/house").json();
        Started.Answer answer =
                app.put("/api/house", settings.put("language", language).toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    private static String wordForTheNape(String header, String value) {
        Started.Answer answer =
                app.send(app.request("/api/vocabulary").header(header, value).GET());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        for (JsonNode place : answer.json().path("places")) {
            if (place.path("value").asString().equals("NAPE")) {
                return place.path("words").asString();
            }
        }
        throw new AssertionError("no nape");
    }

    @Test
    void theHouseSaysWhatIsSpoken() {
        assertThat(app.get("/api/language").json().path("house").asString()).isEqualTo("EN");
        house("DE");
        assertThat(app.get("/api/language").json().path("house").asString()).isEqualTo("DE");
        assertThat(wordForTheNape("Accept", "*/*")).isEqualTo("Nacken");
    }

    /** What the browser would like counts nothing, and a cookie nobody understands is as good as none. */
    @ParameterizedTest
    @CsvSource({
        "Accept-Language, de-DE, nape",
        "Cookie, language=de, Nacken",
        "Cookie, language=en, nape",
        "Cookie, language=tlh, nape",
        "Cookie, language=!!!, nape",
        "Cookie, language=, nape"
    })
    void aDeviceSpeaksItsOwnByItsCookie(String header, String value, String word) {
        assertThat(wordForTheNape(header, value)).isEqualTo(word);
    }

    @Test
    void warningsAreSaidInItAndAreTheSameWarnings() {
        String path = "/api/cases/1/plan";
        JsonNode english = app.get(path).json();
        JsonNode german = app.send(
                        app.request(path).header("Cookie", "language=de").GET())
                .json();
        assertThat(german.toString()).contains("Vorrang haben").isNotEqualTo(english.toString());
        assertThat(german.findValuesAsString("rule")).isNotEmpty().isEqualTo(english.findValuesAsString("rule"));
        assertThat(app.get(path).json()).as("asked again").isEqualTo(english);
    }
}
