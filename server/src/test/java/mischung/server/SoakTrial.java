package mischung.server;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Random;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;

/**
 * Twenty screens at a time look at a running job, and are opened and dropped by the thousand, some without a word; prints
 * memory, threads and open files of the program at the beginning and the end. For {@code bin/soak}.
 */
final class SoakTrial {
    private static final int SCREENS = 20;

    private SoakTrial() {}

    private record Level(long megabytes, long threads, long files) {
        static Level of(WholeProgram program) throws IOException {
            try (Stream<Path> open =
                    Files.list(Path.of("/proc/" + program.process().pid() + "/fd"))) {
                return new Level(program.megabytes(), program.status("Threads"), open.count());
            }
        }
    }

    public static void main(String[] arguments) throws Exception {
        long seconds = Long.parseLong(arguments[0]);
        try (WholeProgram program = WholeProgram.started(Files.createTempDirectory("mischung-soak"), "-Xmx512m")) {
            int port = program.port();
            say(port, "POST", "/api/cases/1/job/begin", "{\"hand\":\"Ada\"}");
            int opened = soak(port, Duration.ofSeconds(seconds / 5));
            Level before = Level.of(program);
            opened += soak(port, Duration.ofSeconds(seconds - seconds / 5));
            LockSupport.parkNanos(Duration.ofSeconds(10).toNanos());
            Level after = Level.of(program);
            System.out.printf(
                    "%d screens opened and dropped; memory %d MB then %d MB, threads %d then %d, open files %d then %d%n",
                    opened,
                    before.megabytes,
                    after.megabytes,
                    before.threads,
                    after.threads,
                    before.files,
                    after.files);
            boolean level = after.threads <= before.threads + 20
                    && after.files <= before.files + SCREENS
                    && after.megabytes <= 1.25 * before.megabytes;
            System.exit(level ? 0 : 1);
        }
    }

    private static int soak(int port, Duration time) throws IOException, InterruptedException {
        Random lot = new Random(14);
        Deque<Socket> screens = new ArrayDeque<>();
        int opened = 0;
        long until = System.nanoTime() + time.toNanos();
        while (System.nanoTime() < until) {
            Socket screen = new Socket("localhost", port);
            screen.setSoTimeout(5000);
            screen.getOutputStream()
                    .write("GET /api/cases/1/job/live HTTP/1.1\r\nHost: localhost\r\n\r\n"
                            .getBytes(StandardCharsets.US_ASCII));
            screen.getInputStream().readNBytes(12);
            screens.add(screen);
            opened++;
            if (screens.size() > SCREENS) {
                Socket gone = screens.remove();
                if (lot.nextBoolean()) {
                    gone.setSoLinger(true, 0);
                }
                gone.close();
            }
            if (opened % 10 == 0) {
                say(port, "GET", "/api/cases/1/job", "");
            }
            if (opened % 50 == 0) {
                say(port, "POST", "/api/cases/1/job/said", "{\"hand\":\"\",\"words\":\"soaking\"}");
            }
            LockSupport.parkNanos(20_000_000);
        }
        for (Socket screen : screens) {
            screen.close();
        }
        return opened;
    }

    private static final HttpClient CLIENT =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    private static void say(int port, String method, String path, String body)
            throws IOException, InterruptedException {
        CLIENT.send(
                HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                        .timeout(Duration.ofSeconds(10))
                        .header("Content-Type", "application/json")
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
    }
}
