package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class CaseApiTest extends OnDemoData {
    /** The first case without its past, so that what is replaced stands in the head. */
    private static String exported() {
        ObjectNode file = (ObjectNode) app.get("/api/cases/1/file").json();
        ObjectNode content = (ObjectNode) file.path("content");
        content.putArray("strandTests");
        ((ObjectNode) content.path("history")).putArray("events");
        ((ObjectNode) content.path("history")).put("measuredRegrowthCm", 0);
        return file.toString();
    }

    private static long count() {
        return app.get("/api/cases").json().size();
    }

    @Test
    void aNewCaseIsReadChangedAndErased() {
        Started.Answer made = app.newCase(" Nele Ott ");
        assertThat(made.status()).isEqualTo(201);
        long id = made.json().path("id").asLong();
        JsonNode content = made.json().path("content");
        assertThat(content.path("clientName").asString("")).isEqualTo("Nele Ott");
        assertThat(content.path("zones")).hasSize(5);
        assertThat(made.json().path("looks").path(0).path(0).path("levelWords").asString(""))
                .isEqualTo("6");

        String change = "{\"version\":" + made.json().path("version").asLong() + ",\"content\":"
                + content.toString().replace("\"Nele Ott\"", "\"Nele O.\"") + "}";
        Started.Answer changed = app.put("/api/cases/" + id, change);
        assertThat(changed.status()).isEqualTo(200);
        assertThat(changed.json().path("version").asLong())
                .as("drawn by lot, so that none is met by chance")
                .isNotEqualTo(made.json().path("version").asLong() + 1);
        assertThat(app.get("/api/cases/" + id).json()).isEqualTo(changed.json());

        Started.Answer late = app.put("/api/cases/" + id, change);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.field("remedy")).contains("still on your screen");

        assertThat(app.delete("/api/cases/" + id).status()).isEqualTo(204);
        assertThat(app.get("/api/cases/" + id).status()).isEqualTo(404);
        assertThat(app.delete("/api/cases/" + id).status()).isEqualTo(404);
    }

    @Test
    void anExportedCaseComesBackTheSameAndPlansTheSame() {
        String file = app.get("/api/cases/1/file").text();
        Started.Answer back = app.post("/api/cases/file", file);
        assertThat(back.status()).isEqualTo(201);
        long id = back.json().path("id").asLong();
        assertThat(app.get("/api/cases/" + id + "/file").json())
                .isEqualTo(app.get("/api/cases/1/file").json());
        assertThat(app.get("/api/cases/" + id + "/plan").text())
                .isEqualTo(app.get("/api/cases/1/plan").text());
        app.delete("/api/cases/" + id);
    }

    /** As when an erasure is taken back: to the same client, not to a second one of that name. */
    @Test
    void aFileCanBeBroughtBackToItsOwnClient() {
        long client = app.get("/api/cases/2").json().path("clientId").asLong();
        String file = app.get("/api/cases/2/file").text();
        JsonNode back = app.post("/api/cases/file?clientId=" + client, file).json();
        assertThat(back.path("clientId").asLong()).isEqualTo(client);
        assertThat(app.get("/api/clients/" + client).json().path("cases")).hasSize(2);
        assertThat(app.post("/api/cases/file?clientId=999999", file).status()).isEqualTo(409);
        app.delete("/api/cases/" + back.path("id").asLong());
    }

    @Test
    void thePlanHoldsWhatTheHandsNeed() {
        JsonNode plan = app.get("/api/cases/1/plan").json();
        assertThat(plan.path("columns")).hasSize(3);
        assertThat(plan.path("fills").asBoolean()).isTrue();
        for (JsonNode bowl : plan.path("bowls")) {
            int colour = 0;
            for (JsonNode part : bowl.path("parts")) {
                colour += part.path("grams").asInt();
            }
            assertThat(colour + bowl.path("developerGrams").asInt())
                    .isEqualTo(bowl.path("totalGrams").asInt());
            assertThat(bowl.path("reasons")).isNotEmpty();
            assertThat(bowl.path("zones")).isNotEmpty();
        }
        assertThat(plan.path("tasks").path(0).path("clock").asString("")).isEqualTo("09:00");
        assertThat(plan.path("cautions")).isNotEmpty();
    }

    /** Field by field: what is wrong, where, and nothing stored. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"level\":9.5 | \"level\":14 | content.zones[0].bands[1].level | 14 | from 1 to 12",
                "\"level\":9.5 | \"level\":9.3 | content.zones[0].bands[1].level | 9.3 | half steps",
                "\"level\":9.5 | \"level\":\"9.5\" | content.zones[0].bands[1].level | '' | without quotation",
                "\"level\":9.5 | \"level\":null | content.zones[0].bands[1].level | '' | ''",
                "\"fromCm\":0.0 | \"fromCm\":-3 | content.zones[0].bands[0].fromCm | -3 | 0 to 150",
                "\"fromCm\":5.0 | \"fromCm\":4 | content.zones[0].bands[1].fromCm | 4.0 | overlaps",
                "\"fromCm\":5.0 | \"fromCm\":6 | content.zones[0].bands[1].fromCm | 6.0 | Nothing is read",
                "\"toCm\":24.0 | \"toCm\":1e300 | content.zones[0].bands[2].toCm | 1.0E300 | 0 to 150",
                "\"greyShare\":0.0 | \"greyShare\":5 | content.zones[0].bands[0].greyShare | 5 | 0 to 1",
                "\"AS_LIFTED\" | \"BLURPLE\" | content.zones[0].bands[1].tone | BLURPLE | AS_LIFTED",
                "\"porosity\" | \"colour\":1,\"porosity\" | content.zones[0].bands[0].colour | colour | no such field",
                "\"porosity\" | \"porositee\" | content.zones[0].bands[0].porosity | '' | missing",
                "\"FRINGE\" | \"CROWN\" | content.zones[1].place | CROWN | only once",
                "\"Mira Tannhof\" | \"  \" | content.clientName | '' | Give the client a name",
                "\"Mira Tannhof\" | \"Mira\\\\ud83d\" | content.clientName | Mira | on one line",
                "\"2026-11-23\" | \"tomorrow\" | content.date | tomorrow | 2026-11-23",
                "\"09:00:00\" | \"25:00\" | content.startTime | 25:00 | 09:00",
                "\"formatVersion\":11 | \"formatVersion\":12 | formatVersion | 12 | from 1 to 11",
                "\"mischung-case\" | \"other\" | format | other | exported by this program"
            })
    void wrongFilesAreRefusedWholeByField(String good, String bad, String field, String value, String remedy) {
        long before = count();
        String file = exported();
        assertThat(file).contains(good);
        Started.Answer answer = app.post("/api/cases/file", file.replaceFirst(Pattern.quote(good), bad));
        assertThat(answer.status()).as(answer.text()).isIn(400, 422);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.field("field")).isEqualTo(field);
        assertThat(answer.field("value")).contains(value);
        assertThat(answer.field("remedy")).contains(remedy);
        assertThat(count()).isEqualTo(before);
    }

    @Test
    void whatIsNoCaseAtAllIsRefused() {
        String file = exported();
        assertThat(app.post("/api/cases/file", file.substring(0, 200)).status()).isEqualTo(400);
        assertThat(app.post("/api/cases/file", "").field("title")).isEqualTo("Nothing was sent");
        assertThat(app.post("/api/cases/file", "[]").status()).isEqualTo(400);
        assertThat(app.post("/api/cases/file", "null").status()).isBetween(400, 422);
        assertThat(app.post("/api/cases/file", file.replace("\"level\":9.5", "\"level\":NaN"))
                        .status())
                .isEqualTo(400);
        assertThat(app.post("/api/cases/file", "[".repeat(100_000)).status()).isBetween(400, 422);
        Started.Answer huge = app.post("/api/cases/file", " ".repeat(50 * 1024 * 1024));
        assertThat(huge.status()).isEqualTo(413);
        assertThat(huge.field("remedy")).contains("2 MB");
        assertThat(app.get("/api/cases/abc").field("value")).isEqualTo("abc");
        assertThat(app.get("/api/nowhere").status()).isEqualTo(404);
    }

    @Test
    void otherSitesCannotReachTheRecords() {
        String body = "{\"name\":\"X\",\"note\":\"\"}";
        var foreign = app.request("/api/clients")
                .header("Content-Type", "application/json")
                .header("Origin", "http://elsewhere.example")
                .POST(HttpRequest.BodyPublishers.ofString(body));
        assertThat(app.send(foreign).status()).isEqualTo(403);
        var form = app.request("/api/clients")
                .header("Content-Type", "text/plain")
                .POST(HttpRequest.BodyPublishers.ofString(body));
        assertThat(app.send(form).status()).isEqualTo(415);
        var crossSite = app.request("/api/cases/1")
                .header("Sec-Fetch-Site", "cross-site")
                .DELETE();
        assertThat(app.send(crossSite).status()).isEqualTo(403);
        assertThat(app.get("/api/cases/1").status()).isEqualTo(200);
    }

    /** Twenty hands on one case: every version is taken once, none is lost, none half-written. */
    @Test
    void manyChangesAtOnceAreTakenInTurn() throws Exception {
        JsonNode made = app.newCase("Viele").json();
        String path = "/api/cases/" + made.path("id").asLong();
        String content = made.path("content").toString();
        ExecutorService hands = Executors.newFixedThreadPool(20);
        try {
            Callable<Integer> change = () -> app.put(
                            path, "{\"version\":" + made.path("version").asLong() + ",\"content\":" + content + "}")
                    .status();
            List<Future<Integer>> answers = hands.invokeAll(Collections.nCopies(20, change));
            int taken = 0;
            for (Future<Integer> answer : answers) {
                assertThat(answer.get()).isIn(200, 409);
                taken += answer.get() == 200 ? 1 : 0;
            }
            assertThat(taken).isEqualTo(1);
        } finally {
            hands.shutdownNow();
            app.delete(path);
        }
    }

    @Test
    void theDatabaseIsOneFileInWalModeWithForeignKeys() throws SQLException {
        Path file = data.resolve("mischung.db");
        assertThat(file).isRegularFile();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file + "?foreign_keys=on");
                var rows = connection.createStatement().executeQuery("pragma journal_mode")) {
            assertThat(rows.getString(1)).isEqualTo("wal");
            assertThatThrownBy(() -> connection
                            .createStatement()
                            .executeUpdate("insert into photo values (1, 999, '', 1, 1, '', x'00', x'00')"))
                    .hasMessageContaining("FOREIGN KEY");
        }
    }

    @Test
    void aFolderThatCannotBeUsedIsSaidPlainly(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("taken"), "a file");
        assertThatThrownBy(() -> new Started(file, false)).hasStackTraceContaining("cannot be used");
    }

    @Test
    void aDatabaseOfANewerVersionIsNotOpened(@TempDir Path folder) throws Exception {
        new Started(folder, false).close();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("mischung.db"))) {
            connection
                    .createStatement()
                    .executeUpdate(
                            "insert into flyway_schema_history (installed_rank, version, description, type, script,"
                                    + " checksum, installed_by, execution_time, success)"
                                    + " values (99, '99', 'later', 'SQL', 'V99__later.sql', 1, 'later', 1, 1)");
        }
        assertThatThrownBy(() -> new Started(folder, false)).hasStackTraceContaining("99");
    }

    @Test
    void theApiDescribesItselfAndItsErrors() {
        JsonNode api = app.get("/api/openapi").json();
        assertThat(api.path("components")
                        .path("schemas")
                        .path("Problem")
                        .path("properties")
                        .propertyNames())
                .contains("field", "value", "remedy");
        JsonNode band = api.path("components").path("schemas").path("BandView");
        assertThat(band.path("required")).hasSize(band.path("properties").size());
        assertThat(api.path("paths")
                        .path("/api/cases/{id}")
                        .path("put")
                        .path("responses")
                        .path("default")
                        .path("content")
                        .propertyNames())
                .contains("application/problem+json");
    }

    /** Files from before colours had a second tone and lighteners a name open with the same meaning, and give the same plan. */
    @Test
    void aFileOfTheVersionBeforeMeansTheSame() {
        for (JsonNode one : app.get("/api/cases").json()) {
            String path = "/api/cases/" + one.path("id").asLong();
            JsonNode now = app.get(path + "/file").json();
            ObjectNode before = (ObjectNode) now.deepCopy();
            before.put("formatVersion", 5);
            without(before, Set.of("second", "lightener"));
            Started.Answer added = app.post("/api/cases/file", before.toString());
            assertThat(added.status()).as(added.text()).isEqualTo(201);
            String copy = "/api/cases/" + added.json().path("id").asLong();
            assertThat(app.get(copy + "/file").json()).isEqualTo(now);
            assertThat(app.delete(copy).status()).isEqualTo(204);
        }
    }

    private static void without(JsonNode node, Set<String> fields) {
        if (node instanceof ObjectNode object) {
            object.properties()
                    .removeIf(field ->
                            fields.contains(field.getKey()) && field.getValue().isArray());
        }
        node.forEach(child -> without(child, fields));
    }

    /** A wish and a reading of two tones, from the case to the plan and the list of cases. */
    @Test
    void twoTonesAreWishedReadAndSpokenOf() {
        JsonNode file = app.get("/api/cases/1/file").json();
        ObjectNode content = (ObjectNode) file.path("content");
        ObjectNode wish = (ObjectNode) content.path("wish");
        wish.put("level", 8).put("tone", "BEIGE");
        wish.putArray("second").addObject().put("tone", "COPPER").put("share", 0.3);
        Started.Answer added = app.post("/api/cases/file", file.toString());
        String path = "/api/cases/" + added.json().path("id").asLong();
        assertThat(app.get(path + "/plan").text()).contains("8 beige with some copper");
        assertThat(app.get("/api/cases").text()).contains("8 beige with some copper");
        wish.putArray("second").addObject().put("tone", "BEIGE").put("share", 0.3);
        assertThat(app.post("/api/cases/file", file.toString()).field("field")).endsWith("wish.second");
        wish.putArray("second").addObject().put("tone", "GOLD").put("share", 0.7);
        assertThat(app.post("/api/cases/file", file.toString()).field("field")).endsWith("wish.second[0].share");
        assertThat(app.delete(path).status()).isEqualTo(204);
    }
}
