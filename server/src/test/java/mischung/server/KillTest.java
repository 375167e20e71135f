package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The whole program, spoken to over HTTP, is killed (SIGKILL) at moments drawn by lot while a case is changed, bowls are weighed
 * and presses are made: everything it had acknowledged is there, and what was sent again after the kill is there once.
 * {@code bin/kills} does so 200 times.
 */
class KillTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int KILLS = 2;

    private final Path data;
    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final Random lot = new Random(20_261_128);
    private WholeProgram running;
    /** Read by the killer too. */
    private final AtomicInteger told = new AtomicInteger();

    private int lost;
    private int twice;

    /** JUnit makes one for its own test. */
    KillTest(@TempDir Path data) {
        this.data = data;
    }

    @Test
    void nothingAcknowledgedIsLostAndNothingSentAgainIsThereTwice() throws Exception {
        kill(KILLS);
        assertThat(lost).isZero();
        assertThat(twice).isZero();
        assertThat(told.get()).isGreaterThanOrEqualTo(3 * KILLS);
    }

    public static void main(String[] arguments) throws Exception {
        KillTest trial = new KillTest(Files.createTempDirectory("mischung-kills"));
        int kills = Integer.parseInt(arguments[0]);
        trial.kill(kills);
        System.out.printf(
                "%d kills, %d changes, weighings and presses acknowledged before them, %d lost, %d there twice%n",
                kills, trial.told.get(), trial.lost, trial.twice);
    }

    private void kill(int kills) throws Exception {
        running = started();
        begin();
        for (int kill = 0; kill < kills; kill++) {
            WholeProgram program = running;
            tell();
            // However slow the machine is, something is told between two kills.
            int before = told.get();
            long until = System.nanoTime() + lot.nextInt(1_500_000_000);
            Thread killer = new Thread(() -> {
                while (System.nanoTime() < until || told.get() == before) {
                    LockSupport.parkNanos(100_000);
                }
                program.kill();
            });
            killer.start();
            boolean alive = true;
            while (alive) {
                alive = tell(told.get() + 1);
                told.addAndGet(alive ? 1 : 0);
            }
            killer.join();
            program.process().waitFor();
            whole();
            running = started();
            // What was sent last got no answer: sent again, it counts once.
            tell();
            counted();
        }
        running.kill();
        running.process().waitFor();
    }

    private void tell() {
        assertThat(tell(told.get() + 1)).isTrue();
        told.incrementAndGet();
    }

    private WholeProgram started() throws IOException, InterruptedException {
        return WholeProgram.started(data, "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC");
    }

    private void begin() {
        assertThat(answer("POST", "/api/cases/1/job/begin", "{\"hand\":\"Ada\"}", ""))
                .contains("RUNNING");
    }

    /** The next change, weighing or press. @return whether it was answered */
    private boolean tell(int number) {
        String words = "entry " + number;
        String key = "told-" + number;
        return switch (number % 3) {
            case 0 -> change(words);
            case 1 ->
                !answer("POST", "/api/cases/1/job/said", "{\"hand\":\"Ada\",\"words\":\"" + words + "\"}", key)
                        .isEmpty();
            default ->
                !answer(
                                "POST",
                                "/api/cases/1/mix/weighings",
                                "{\"key\":\"" + bowl()
                                        + "\",\"line\":0,\"grams\":0.5,\"source\":\"HAND\",\"hand\":\"Ada\"}",
                                key)
                        .isEmpty();
        };
    }

    private String bowl() {
        String mix = answer("GET", "/api/cases/1/mix", "", "");
        return mix.isEmpty()
                ? ""
                : JSON.readTree(mix).path("cards").path(0).path("key").asString("");
    }

    private boolean change(String words) {
        String read = answer("GET", "/api/cases/2", "", "");
        if (read.isEmpty()) {
            return false;
        }
        JsonNode kept = JSON.readTree(read);
        ObjectNode content = (ObjectNode) kept.path("content").deepCopy();
        ((ObjectNode) content.path("consultation")).put("wish", words);
        ObjectNode change =
                JSON.createObjectNode().put("version", kept.path("version").asLong());
        change.set("content", content);
        return !answer("PUT", "/api/cases/2", change.toString(), "").isEmpty();
    }

    /** @return nothing where no answer came */
    private String answer(String method, String path, String body, String key) {
        HttpRequest.Builder request = HttpRequest.newBuilder(running.at(path))
                .timeout(Duration.ofMinutes(1))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        if (!key.isEmpty()) {
            request.header("Idempotency-Key", key);
        }
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            assertThat(response.statusCode())
                    .as("%s %s: %s", method, path, response.body())
                    .isBetween(200, 201);
            return response.body();
        } catch (IOException gone) {
            return "";
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private void whole() throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = file.createStatement();
                ResultSet whole = sql.executeQuery("pragma quick_check")) {
            assertThat(whole.getString(1)).isEqualTo("ok");
        }
    }

    private void counted() throws SQLException {
        int said = 0;
        int weighed = 0;
        int changed = 0;
        for (int number = 1; number <= told.get(); number++) {
            said += number % 3 == 1 ? 1 : 0;
            weighed += number % 3 == 2 ? 1 : 0;
            changed = number % 3 == 0 ? number : changed;
        }
        difference(said, count("select count(*) from job_entry where kind = 'Said'"));
        difference(weighed, count("select count(*) from weighing"));
        difference(
                changed,
                changed == 0
                        ? 0
                        : count("select cast(substr(json_extract(content, '$.consultation.wish'), 7) as integer)"
                                + " from visit where id = 2"));
    }

    private void difference(int expected, int there) {
        lost += Math.max(0, expected - there);
        twice += Math.max(0, there - expected);
    }

    private int count(String select) throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = file.createStatement();
                ResultSet row = sql.executeQuery(select)) {
            return row.getInt(1);
        }
    }
}
