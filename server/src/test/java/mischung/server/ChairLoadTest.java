package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Twenty jobs at once, each with a screen that listens: every press is heard. How fast, {@code bin/load} prints. */
class ChairLoadTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MANY = 20;
    private static final int SOME = 4;

    /** Jobs that run, and what their screens have heard. */
    private record Salon(List<Screen> screens, List<Integer> jobs, AtomicInteger heard, HttpClient lines) {
        /** @param data the program's folder, where each job is at a tablet of its own; empty: all at the main machine */
        static Salon opened(Started app, String file, int count, Optional<Path> data) {
            List<Screen> screens = new ArrayList<>();
            Screen main = Screen.main(app);
            List<Integer> jobs = new ArrayList<>();
            AtomicInteger heard = new AtomicInteger();
            HttpClient lines =
                    HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
            for (int i = 0; i < count; i++) {
                Started.Answer brought = app.post("/api/cases/file", file);
                assertThat(brought.status()).as(brought.text()).isEqualTo(201);
                int id = brought.json().path("id").asInt();
                Started.Answer begun = app.post("/api/cases/" + id + "/job/begin", "{\"hand\":\"Ada\"}");
                assertThat(begun.status()).as(begun.text()).isEqualTo(200);
                jobs.add(id);
                int number = i;
                screens.add(data.map(folder -> Screen.paired(main, folder, "Tablet " + number))
                        .orElse(main));
                HttpResponse<Stream<String>> line = lines.sendAsync(
                                HttpRequest.newBuilder(URI.create(app.address() + "/api/cases/" + id + "/job/live"))
                                        .build(),
                                HttpResponse.BodyHandlers.ofLines())
                        .join();
                assertThat(line.statusCode()).isEqualTo(200);
                Thread screen = new Thread(() -> listen(line.body(), heard), "screen " + id);
                screen.setDaemon(true);
                screen.start();
            }
            return new Salon(screens, jobs, heard, lines);
        }

        private static void listen(Stream<String> told, AtomicInteger heard) {
            try {
                told.filter(line -> line.startsWith("data:") && line.contains("changed"))
                        .forEach(line -> heard.incrementAndGet());
            } catch (UncheckedIOException closed) {
                // The salon has closed.
            }
        }

        /** One press. @return milliseconds until it is answered */
        double press(int number) {
            int id = jobs.get(number % jobs.size());
            boolean rests = number / jobs.size() % 2 == 1;
            String body = JSON.createObjectNode()
                    .put("hand", "Ada")
                    .put("told", rests ? "RESUMED" : "PAUSED")
                    .put("key", "")
                    .toString();
            long begun = System.nanoTime();
            Started.Answer answer =
                    screens.get(number % jobs.size()).send("POST", "/api/cases/" + id + "/job/presses", body);
            double took = (System.nanoTime() - begun) / 1e6;
            assertThat(answer.status()).as(answer.text()).isEqualTo(200);
            return took;
        }

        void awaitHeard(int presses) {
            Instant end = Instant.now().plus(Duration.ofSeconds(20));
            while (heard.get() < presses && Instant.now().isBefore(end)) {
                LockSupport.parkNanos(5_000_000);
            }
            assertThat(heard.get()).isEqualTo(presses);
        }
    }

    private static String demoFile(Path folder) {
        try (Started demo = new Started(folder, true)) {
            JsonNode file = demo.get("/api/cases/1/file").json();
            return file.toString();
        }
    }

    @Test
    void everyPressIsHeardOnItsScreen(@TempDir Path demo, @TempDir Path folder) {
        String file = demoFile(demo);
        try (Started app = new Started(folder, false)) {
            Salon salon = Salon.opened(app, file, SOME, Optional.empty());
            for (int i = 0; i < 4 * SOME; i++) {
                salon.press(i);
            }
            salon.awaitHeard(4 * SOME);
            assertThat(app.get("/api/cases/" + salon.jobs().get(3) + "/job")
                            .json()
                            .path("entries"))
                    .hasSize(5);
        }
    }

    /** Prints how long a press takes, median and worst of 400, at 20 paired tablets (TLS), each with a job that runs, and 50,000 clients. */
    public static void main(String[] arguments) throws IOException, SQLException {
        Path demo = Files.createTempDirectory("mischung-demo");
        Path folder = Files.createTempDirectory("mischung-load");
        String file = demoFile(demo);
        try (Started app = ManyClientsTest.filled(folder)) {
            Salon salon = Salon.opened(app, file, MANY, Optional.of(folder));
            int warm = 5 * MANY;
            for (int i = 0; i < warm + MANY; i++) {
                salon.press(i);
            }
            double[] ms = new double[400];
            for (int i = 0; i < ms.length; i++) {
                ms[i] = salon.press(i);
            }
            salon.awaitHeard(warm + MANY + ms.length);
            Arrays.sort(ms);
            System.out.printf(
                    Locale.ROOT,
                    "a press at the chair, 20 tablets            median %6.1f ms, worst %6.1f ms%n",
                    ms[ms.length / 2],
                    ms[ms.length - 1]);
        }
    }
}
