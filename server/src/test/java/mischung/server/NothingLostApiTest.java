package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What two hands, two screens, a lost answer or a stranger may do to records: nothing is lost, mixed up or shown to others. */
class NothingLostApiTest extends OnDemoData {
    private static Started.Answer keyed(String path, String body, String key) {
        return app.send(app.request(path)
                .header("Content-Type", "application/json")
                .header("Idempotency-Key", key)
                .POST(BodyPublishers.ofString(body)));
    }

    private static <T> List<T> atOnce(List<Callable<T>> all) throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(all.size());
        try {
            List<T> done = new ArrayList<>();
            for (Future<T> one : hands.invokeAll(all)) {
                done.add(one.get());
            }
            return done;
        } finally {
            hands.shutdownNow();
        }
    }

    private static int newCase() {
        return app.newCase("Hedda Moorkamp").json().path("id").asInt();
    }

    private static long one(String select) throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = file.createStatement();
                ResultSet row = sql.executeQuery(select)) {
            return row.getLong(1);
        }
    }

    /** A copy of the first demonstration case that has begun. */
    private static int running() {
        Started.Answer made =
                app.post("/api/cases/file", app.get("/api/cases/1/file").text());
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        int id = made.json().path("id").asInt();
        assertThat(app.post("/api/cases/" + id + "/job/begin", "{\"hand\":\"Ada\"}")
                        .status())
                .isEqualTo(200);
        return id;
    }

    private static String press(String told, String key) {
        return "{\"hand\":\"Ada\",\"told\":\"" + told + "\",\"key\":\"" + key + "\"}";
    }

    private static JsonNode job(int id) {
        return app.get("/api/cases/" + id + "/job").json();
    }

    private static String laying(int id) {
        for (JsonNode task : job(id).path("tasks")) {
            if (task.path("kind").asString().equals("APPLY")
                    && task.path("state").asString().equals("WAITING")) {
                return task.path("key").asString();
            }
        }
        throw new AssertionError("nothing is laid in this job");
    }

    @Test
    void numbersOfWhatWasErasedAreNotGivenAgain() {
        long client = app.post("/api/clients", "{\"name\":\"Ylva Erlenbach\",\"note\":\"\"}")
                .json()
                .path("id")
                .asLong();
        int visit = newCase();
        assertThat(app.delete("/api/cases/" + visit).status()).isEqualTo(204);
        assertThat(app.delete("/api/clients/" + client).status()).isEqualTo(204);
        assertThat(app.newCase("Fenja Torfmoor").json().path("id").asLong()).isGreaterThan(visit);
        assertThat(app.post("/api/clients", "{\"name\":\"Fenja Zwei\",\"note\":\"\"}")
                        .json()
                        .path("id")
                        .asLong())
                .isGreaterThan(client);
    }

    /** Seen before: 8 and 9 of 10 that were acknowledged were gone. */
    @Test
    void extraBowlsAndAdditivesMadeAtTheSameMomentAreAllThere() throws Exception {
        int id = newCase();
        String extra = "{\"title\":\"Gloss\",\"lines\":[{\"code\":\"lightener-powder\",\"grams\":10}]}";
        atOnce(IntStream.range(0, 10)
                .mapToObj(i -> (Callable<Integer>)
                        () -> app.post("/api/cases/" + id + "/mix/extra", extra).status())
                .toList());
        Set<String> keys = new HashSet<>(
                app.get("/api/cases/" + id + "/mix").json().path("cards").findValuesAsString("key"));
        assertThat(keys).filteredOn(key -> key.startsWith("1/X")).hasSize(10);
        String additive = "{\"key\":\"1/X1/1\",\"code\":\"lightener-powder\",\"grams\":1,\"percent\":0}";
        atOnce(IntStream.range(0, 10)
                .mapToObj(i -> (Callable<Integer>) () -> app.post("/api/cases/" + id + "/mix/additives", additive)
                        .status())
                .toList());
        for (JsonNode card : app.get("/api/cases/" + id + "/mix").json().path("cards")) {
            if (card.path("key").asString().equals("1/X1/1")) {
                assertThat(card.path("lines")).hasSize(11);
            }
        }
    }

    /** Two screens on one scale, and a retry after a lost answer. */
    @Test
    void oneReadingIsBookedOnceHoweverOftenItIsSent() throws Exception {
        int id = running();
        String bowl = app.get("/api/cases/" + id + "/mix")
                .json()
                .path("cards")
                .path(0)
                .path("key")
                .asString();
        String weighing = "{\"key\":\"" + bowl + "\",\"line\":0,\"grams\":3,\"source\":\"SCALE\",\"hand\":\"\"}";
        long before = one("select count(*) from weighing");
        List<Integer> answers = atOnce(IntStream.range(0, 8)
                .mapToObj(i ->
                        (Callable<Integer>) () -> keyed("/api/cases/" + id + "/mix/weighings", weighing, "reading-7")
                                .status())
                .toList());
        assertThat(answers).as("the second is answered like the first").containsOnly(200);
        assertThat(one("select count(*) from weighing")).isEqualTo(before + 1);
        assertThat(keyed("/api/cases/" + id + "/mix/weighings", weighing, "reading-8")
                        .status())
                .isEqualTo(200);
        assertThat(one("select count(*) from weighing")).isEqualTo(before + 2);
    }

    @Test
    void theScaleNamesWhatLiesOnItAndIsTaredOnceForIt() {
        app.post("/api/scale/tare", "");
        app.post("/api/scale/stand-in", "{\"grams\":25,\"seconds\":0,\"plugged\":true}");
        JsonNode one = steady();
        JsonNode other = app.get("/api/scale").json();
        assertThat(one.path("reading").asString())
                .isNotEmpty()
                .isEqualTo(other.path("reading").asString());
        String first = one.path("reading").asString();
        assertThat(app.post("/api/scale/tare?reading=" + first, "")
                        .json()
                        .path("grams")
                        .asDouble())
                .isLessThan(1);
        app.post("/api/scale/stand-in", "{\"grams\":9,\"seconds\":0,\"plugged\":true}");
        assertThat(steady().path("reading").asString()).isNotEqualTo(first);
        assertThat(app.post("/api/scale/tare?reading=" + first, "")
                        .json()
                        .path("grams")
                        .asDouble())
                .as("the other screen's tare of the same reading takes nothing away")
                .isGreaterThan(8);
    }

    private static JsonNode steady() {
        Instant end = Instant.now().plusSeconds(20);
        while (Instant.now().isBefore(end)) {
            JsonNode shown = app.get("/api/scale").json();
            if (shown.path("steady").asBoolean() && shown.path("grams").asDouble() > 5) {
                return shown;
            }
            LockSupport.parkNanos(50_000_000);
        }
        throw new AssertionError("the scale does not come to rest");
    }

    @Test
    void aPressSentTwiceCountsOnceAndOneOnAnOlderPictureIsRefused() {
        int id = running();
        String path = "/api/cases/" + id + "/job/said";
        String said = "{\"hand\":\"Ada\",\"words\":\"warm\"}";
        assertThat(keyed(path, said, "press-1").status()).isEqualTo(200);
        assertThat(keyed(path, said, "press-1").status()).isEqualTo(200);
        assertThat(job(id).path("entries")).hasSize(2);
        Started.Answer stale = app.send(app.request("/api/cases/" + id + "/job/presses")
                .header("Content-Type", "application/json")
                .header("If-Match", "\"1\"")
                .POST(BodyPublishers.ofString(press("PAUSED", ""))));
        assertThat(stale.status()).isEqualTo(412);
        assertThat(job(id).path("stage").asString()).isEqualTo("RUNNING");
    }

    /** From any screen, by any press, at any moment. */
    @Test
    void whatIsBlockedCannotBeBegun() {
        int id = running();
        String task = laying(id);
        assertThat(app.post("/api/cases/" + id + "/job/scalp", "{\"hand\":\"Ada\",\"scalp\":\"BROKEN\"}")
                        .status())
                .isEqualTo(200);
        for (String told : List.of("STARTED", "FINISHED")) {
            Started.Answer answer = app.post("/api/cases/" + id + "/job/presses", press(told, task));
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.field("remedy")).contains("The scalp is broken");
        }
        JsonNode shown = null;
        for (JsonNode one : job(id).path("tasks")) {
            shown = one.path("key").asString().equals(task) ? one : shown;
        }
        assertThat(shown).isNotNull();
        assertThat(shown.path("blocked").asString()).contains("broken");
    }

    /** What the consultation says while the job runs counts as much as before it began. */
    @Test
    void whatIsLearnedWhileAJobRunsStopsIt() {
        int id = running();
        String task = laying(id);
        ObjectNode content = app.content(id);
        ((ObjectNode) content.path("consultation")).put("earlierReaction", "YES");
        assertThat(app.put(id, content).status()).isEqualTo(200);
        Started.Answer answer = app.post("/api/cases/" + id + "/job/presses", press("STARTED", task));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field("title")).isEqualTo("This work is blocked");
        assertThat(app.post(
                                "/api/cases/" + id + "/mix/weighings",
                                "{\"key\":\"" + firstCard(id)
                                        + "\",\"line\":0,\"grams\":3,\"source\":\"HAND\",\"hand\":\"\"}")
                        .status())
                .isEqualTo(422);
    }

    private static String firstCard(int id) {
        return app.get("/api/cases/" + id + "/mix")
                .json()
                .path("cards")
                .path(0)
                .path("key")
                .asString();
    }

    /** Where nobody said where a bowl goes it may go on the scalp: it is judged by what is in it. */
    @ParameterizedTest
    @CsvSource({"lightener-cream, 20, 200", "lightener-cream, 40, 422", "lightener-powder, 20, 422"})
    void aBowlOutsideThePlanIsJudgedByWhatIsInIt(String code, int volume, int status) {
        int id = running();
        String lines =
                "[{\"code\":\"" + code + "\",\"grams\":20},{\"code\":\"developer-" + volume + "\",\"grams\":40}]";
        Started.Answer made =
                app.post("/api/cases/" + id + "/mix/extra", "{\"title\":\"Spot\",\"lines\":" + lines + "}");
        assertThat(made.status()).as(made.text()).isEqualTo(200);
        Started.Answer weighed = app.post(
                "/api/cases/" + id + "/mix/weighings",
                "{\"key\":\"1/X1/1\",\"line\":0,\"grams\":3,\"source\":\"HAND\",\"hand\":\"\"}");
        assertThat(weighed.status()).as(weighed.text()).isEqualTo(status);
    }

    @Test
    void whatAnOverdrawTakesBackIsNoMoreThanWasThere() throws SQLException {
        int id = running();
        JsonNode line = app.get("/api/cases/" + id + "/mix")
                .json()
                .path("cards")
                .path(0)
                .path("lines")
                .path(0);
        String code = line.path("code").asString();
        double there = stock(code);
        String path = "/api/cases/" + id + "/mix/";
        assertThat(app.post(
                                path + "weighings",
                                "{\"key\":\"" + firstCard(id) + "\",\"line\":0,\"grams\":" + (there + 300)
                                        + ",\"source\":\"HAND\",\"hand\":\"\"}")
                        .status())
                .isEqualTo(200);
        assertThat(stock(code)).isZero();
        app.post(path + "taken-back", "{\"key\":\"" + firstCard(id) + "\",\"hand\":\"\"}");
        assertThat(stock(code)).isEqualTo(there);
    }

    private static double stock(String code) throws SQLException {
        return one(
                "select packs * pack_grams + coalesce((select sum(grams) from opened_pack o where o.product_id = p.id), 0)"
                        + " from product p where code = '" + code + "'");
    }

    /** Renaming the client makes the open case another version, so that neither overwrites the other. */
    @Test
    void aRenamedClientIsNotRenamedBackByAnOpenCase() {
        int id = newCase();
        JsonNode open = app.get("/api/cases/" + id).json();
        long client = open.path("clientId").asLong();
        long version = app.get("/api/clients/" + client).json().path("version").asLong();
        assertThat(app.put(
                                "/api/clients/" + client,
                                "{\"version\":" + version + ",\"name\":\"Hedda Neu\",\"note\":\"\"}")
                        .status())
                .isEqualTo(200);
        ObjectNode change =
                JSON.createObjectNode().put("version", open.path("version").asLong());
        change.set("content", open.path("content"));
        assertThat(app.put("/api/cases/" + id, change.toString()).status()).isEqualTo(409);
        assertThat(app.get("/api/clients/" + client).field("name")).isEqualTo("Hedda Neu");
    }

    /** Two have the salon's settings open; the later one is told what the earlier one set. */
    @Test
    void settingsThatSomebodyElseSetMeanwhileAreNotOverwritten() {
        ObjectNode mine = (ObjectNode) app.get("/api/house").json();
        ObjectNode theirs = mine.deepCopy();
        theirs.put("inches", true);
        assertThat(app.put("/api/house", theirs.toString()).status()).isEqualTo(200);
        mine.putArray("chairs").add("Alone by the window");
        Started.Answer late = app.put("/api/house", mine.toString());
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.field("remedy")).as("what differs").contains("inches", "chairs");
        JsonNode now = app.get("/api/house").json();
        assertThat(now.path("inches").asBoolean()).isTrue();
        assertThat(now.path("chairs").toString()).doesNotContain("Alone");
        assertThat(app.put("/api/house", ((ObjectNode) now).put("inches", false).toString())
                        .status())
                .as("whoever looked again may")
                .isEqualTo(200);
    }

    @Test
    void howFarAVisitIsDoesNotDisturbWhoHasItOpen() {
        int id = newCase();
        ObjectNode open = app.content(id);
        long version = app.get("/api/cases/" + id).json().path("version").asLong();
        assertThat(app.put("/api/cases/" + id + "/status", "{\"status\":\"WAITING\"}")
                        .status())
                .isEqualTo(200);
        ObjectNode change = JSON.createObjectNode().put("version", version);
        change.set("content", open.put("chair", "Window"));
        assertThat(app.put("/api/cases/" + id, change.toString()).status()).isEqualTo(200);
        assertThat(app.content(id).path("status").asString()).isEqualTo("WAITING");
    }

    @Test
    void aSaveSentAgainAfterALostAnswerIsNotSomebodyElses() {
        int id = newCase();
        ObjectNode change = JSON.createObjectNode()
                .put(
                        "version",
                        app.get("/api/cases/" + id).json().path("version").asLong());
        change.set("content", app.content(id).put("chair", "Basin"));
        for (int i = 0; i < 2; i++) {
            Started.Answer answer = app.send(app.request("/api/cases/" + id)
                    .header("Content-Type", "application/json")
                    .header("Idempotency-Key", "save-" + id)
                    .PUT(BodyPublishers.ofString(change.toString())));
            assertThat(answer.status()).isEqualTo(200);
        }
        String client = "{\"name\":\"Zweimal Gedrueckt\",\"note\":\"\"}";
        assertThat(keyed("/api/clients", client, "new-1").json().path("id").asLong())
                .isEqualTo(
                        keyed("/api/clients", client, "new-1").json().path("id").asLong());
    }

    /** A strand that broke on hair that is too weak is what happened; only beginning it is refused. */
    @Test
    void aStrandTestThatBrokeCanAlwaysBeWrittenDown() {
        int id = newCase();
        ObjectNode content = app.content(id);
        ObjectNode band =
                (ObjectNode) content.path("zones").path(0).path("bands").path(0).deepCopy();
        ObjectNode test = JSON.createObjectNode().put("place", "FRINGE").put("onHead", true);
        test.set("band", band);
        test.set(
                "product",
                JSON.readTree(
                        "{\"kind\":\"LIGHTENER\",\"amount\":30,\"volume\":30,\"ratio\":2,\"place\":\"SCALP\","
                                + "\"cover\":\"FOIL\",\"heat\":false,\"sectionMm\":3,\"ageMinutes\":0,\"shadeLevel\":6,"
                                + "\"shadeTone\":\"NATURAL\",\"hue\":\"RED\",\"lightener\":[],\"clear\":0,\"wetness\":\"DRY\"}"));
        test.put("startedAt", "2026-11-23T06:00:00Z").put("minutesOn", 0).put("accepted", false);
        test.set(
                "seen",
                JSON.readTree(
                        "{\"done\":false,\"level\":8,\"tone\":\"AS_LIFTED\",\"second\":[],\"breakage\":\"MUCH\",\"stretch\":\"BREAKS\"}"));
        content.putArray("strandTests").add(test);
        assertThat(app.put(id, content).status()).as("it is not begun").isEqualTo(422);
        test.put("minutesOn", 30).put("accepted", true);
        ((ObjectNode) test.path("seen")).put("done", true);
        Started.Answer written = app.put(id, content);
        assertThat(written.status()).as(written.text()).isEqualTo(200);
        JsonNode known = app.get("/api/cases/" + id + "/strand-tests").json();
        assertThat(known.path("counted").asInt()).isEqualTo(1);
        for (JsonNode factor : known.path("known")) {
            if (factor.path("factor").asString().equals("DAMAGE")) {
                assertThat(factor.path("after").asDouble())
                        .as("it is believed")
                        .isGreaterThan(factor.path("before").asDouble());
            }
        }
    }

    private static final List<String> READ = List.of(
            "/api/cases",
            "/api/clients",
            "/api/cases/1",
            "/api/cases/1/job",
            "/api/shelf",
            "/api/day/2026-11-23",
            "/api/cases/1/mix",
            "/api/cases/1/photos",
            "/api/house");

    /** What is read asks for no turn: it is answered while somebody writes, who writes on until all are answered. */
    @Test
    void readersDoNotWaitForAWriter() throws Exception {
        try (Connection writer = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = writer.createStatement()) {
            sql.execute("begin immediate");
            for (String path : READ) {
                assertThat(app.get(path).status()).as(path).isEqualTo(200);
            }
            sql.execute("rollback");
        }
    }

    /** What a tablet told while it was away stands at its own moment, but never before what was known already. */
    @Test
    void whatWasToldWhileAwayStandsAtItsMoment() throws Exception {
        int id = running();
        String job = "/api/cases/" + id + "/job";
        JsonNode before = app.get(job).json();
        String first = before.path("tasks").get(0).path("key").asString();
        Instant begun = Instant.parse(before.path("entries").get(0).path("at").asString());
        Thread.sleep(4000);
        JsonNode after = told(job, "3", "{\"hand\":\"Ada\",\"told\":\"STARTED\",\"key\":\"" + first + "\"}");
        Instant started = Instant.parse(after.path("entries").get(0).path("at").asString());
        assertThat(started).isAfterOrEqualTo(begun).isBefore(begun.plusSeconds(3));
        JsonNode end = told(job, "3600", "{\"hand\":\"Ada\",\"told\":\"FINISHED\",\"key\":\"" + first + "\"}");
        assertThat(Instant.parse(end.path("entries").get(0).path("at").asString()))
                .isEqualTo(started);
        for (String wrong : List.of("-1", "1e3", "99999999", "soon")) {
            assertThat(app.send(app.request(job + "/presses")
                                    .header("Told-Ago", wrong)
                                    .header("Content-Type", "application/json")
                                    .POST(HttpRequest.BodyPublishers.ofString(
                                            "{\"hand\":\"Ada\",\"told\":\"PAUSED\",\"key\":\"\"}")))
                            .field("field"))
                    .as(wrong)
                    .isEqualTo("Told-Ago");
        }
    }

    private static JsonNode told(String job, String ago, String body) {
        Started.Answer answer = app.send(app.request(job + "/presses")
                .header("Told-Ago", ago)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** Whoever could not begin to write is told so; nothing that is written later on the same connection is lost or told wrongly. */
    @Test
    void afterALockNobodyGaveUpEveryWriteIsKeptAndToldSo() throws Exception {
        try (Connection writer = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = writer.createStatement()) {
            sql.execute("begin immediate");
            assertThat(app.post("/api/clients", "{\"name\":\"Nie Geschrieben\",\"note\":\"\"}")
                            .status())
                    .isEqualTo(503);
            sql.execute("rollback");
        }
        for (int i = 0; i < 6; i++) {
            assertThat(app.post("/api/clients", "{\"name\":\"Doch Geschrieben\",\"note\":\"\"}")
                            .status())
                    .isEqualTo(201);
        }
        assertThat(app.get("/api/clients?words=Doch").json().path("clients")).hasSize(6);
        assertThat(app.get("/api/clients?words=Nie").json().path("clients")).isEmpty();
    }

    /** Erased while somebody reads: the words leave the log as soon as the reader has gone. */
    @Test
    void whatIsErasedUnderAReaderLeavesTheLogAfterIt() throws Exception {
        long id = app.post("/api/clients", "{\"name\":\"Quirinia Sumpfdotter\",\"note\":\"\"}")
                .json()
                .path("id")
                .asLong();
        try (Connection reader = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = reader.createStatement()) {
            sql.execute("begin");
            try (ResultSet row = sql.executeQuery("select count(*) from client")) {
                assertThat(row.getLong(1)).isPositive();
            }
            assertThat(app.delete("/api/clients/" + id).status()).isEqualTo(202);
            sql.execute("commit");
        }
        Instant end = Instant.now().plusSeconds(20);
        while (inTheLog("Quirinia") && Instant.now().isBefore(end)) {
            LockSupport.parkNanos(100_000_000);
        }
        assertThat(inTheLog("Quirinia")).isFalse();
    }

    private static boolean inTheLog(String word) throws IOException {
        Path log = data.resolve(DataFolder.FILE + "-wal");
        return Files.exists(log) && new String(Files.readAllBytes(log), StandardCharsets.ISO_8859_1).contains(word);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/cases/1/job/live", "/api/clients/1/archive", "/api/cases/1/file"})
    void otherSitesOpenNeitherLinesNorRecords(String path) throws IOException {
        assertThat(status("GET " + path + " HTTP/1.1\r\nSec-Fetch-Site: cross-site"))
                .isEqualTo("403");
        assertThat(status("GET " + path + " HTTP/1.1\r\nOrigin: http://evil.example"))
                .isEqualTo("403");
    }

    @Test
    void whatHoldsClientDataIsNotKeptByBrowsers() throws IOException {
        HttpURLConnection own = (HttpURLConnection)
                URI.create(app.address() + "/api/cases/1").toURL().openConnection();
        assertThat(own.getHeaderField("Cache-Control")).contains("no-store");
        own.disconnect();
    }

    /** Dropped without a word, a hundred of them: their places are free when somebody asks, and nothing is called an error. */
    @Test
    void linesThatWereDroppedAreFreed() throws Exception {
        ListAppender<ILoggingEvent> said = new ListAppender<>();
        said.start();
        Logger problems = (Logger) LoggerFactory.getLogger("mischung.server.api.Problems");
        problems.addAppender(said);
        for (int round = 0; round < 3; round++) {
            List<Socket> lines = new ArrayList<>();
            for (int i = 0; i < 30; i++) {
                Socket line = new Socket("localhost", URI.create(app.address()).getPort());
                line.getOutputStream()
                        .write("GET /api/cases/2/job/live HTTP/1.1\r\nHost: localhost\r\n\r\n"
                                .getBytes(StandardCharsets.US_ASCII));
                line.getOutputStream().flush();
                byte[] status = line.getInputStream().readNBytes(12);
                assertThat(new String(status, StandardCharsets.US_ASCII))
                        .as("round %d, line %d", round, i)
                        .endsWith("200");
                lines.add(line);
            }
            for (Socket line : lines) {
                line.setSoLinger(true, 0);
                line.close();
            }
        }
        problems.detachAppender(said);
        assertThat(said.list).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/clients | {\"name\":5,\"note\":\"\"} | name",
                "/api/clients | {\"name\":\"A\",\"name\":\"B\",\"note\":\"\"} | ''",
                "/api/clients | {\"name\":null,\"note\":\"\"} | name",
                "/api/clients | null | ''",
                "/api/clients/1/cases | {\"date\":\"+99999-01-01\",\"startTime\":\"09:00\",\"minutes\":240,\"chair\":\"\",\"copyOf\":0} | date",
                "/api/clients/1/cases | {\"date\":\"2026-11-23\",\"startTime\":\"09:00\",\"minutes\":2.5,\"chair\":\"\",\"copyOf\":0} | minutes",
                "/api/cases/1/mix/extra | {\"title\":\"a\",\"lines\":[null]} | lines[0]",
                "/api/cases/1/job/said | {\"hand\":\"\",\"words\":true} | words"
            })
    void requestsAreReadStrictly(String path, String body, String field) {
        Started.Answer answer = app.post(path, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.field("field")).isEqualTo(field);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/cases/0x1",
                "/api/cases/+1",
                "/api/cases/1e0",
                "/api/day/2026-02-30",
                "/api/day/+123456-01-01",
                "/api/clients?words=%FF",
                "/api/clients?words=%"
            })
    void addressesAreReadStrictly(String path) throws IOException {
        assertThat(status("GET " + path + " HTTP/1.1")).as(path).isEqualTo("400");
    }

    /** Of a request that no client library would send. */
    private static String status(String request) throws IOException {
        try (Socket line = new Socket("localhost", URI.create(app.address()).getPort())) {
            line.getOutputStream()
                    .write((request + "\r\nHost: localhost\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(line.getInputStream().readNBytes(12), StandardCharsets.US_ASCII).substring(9);
        }
    }

    @Test
    void aFileThatIsNotUtf8IsRefused() {
        byte[] latin = "kind,code,pack_g,name\ndeveloper,x,1000,Gr\u00fcn\n".getBytes(StandardCharsets.ISO_8859_1);
        assertThat(app.post("/api/shelf/imports?range=Latin", "text/csv", latin).field("remedy"))
                .contains("UTF-8");
    }
}
