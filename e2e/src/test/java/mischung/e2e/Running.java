package mischung.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** The packed application as a process of its own, on a free port, with a data folder of its own. */
final class Running implements AutoCloseable {
    private static final Duration LONGEST_START = Duration.ofSeconds(90);

    private final Path data;
    private final boolean demo;
    private final int port;
    private Process process;

    private final String reader;
    private final List<String> more;

    private Running(Path data, boolean demo, int port, String reader) {
        // The demonstration's own day, before the first client sits, whenever this is run.
        this(data, demo, port, reader, List.of("--mischung.start=2026-11-23T07:00:00Z"));
    }

    private Running(Path data, boolean demo, int port, String reader, List<String> more) {
        this.more = List.copyOf(more);
        this.data = data;
        this.reader = reader;
        this.demo = demo;
        this.port = port;
        this.process = started();
    }

    static Running on(Path data, boolean demo) {
        return new Running(data, demo, freePort(), "simulated");
    }

    /** With a colour reader at a port of this machine. */
    static Running withReader(Path data, int reader) {
        return new Running(data, true, freePort(), Integer.toString(reader));
    }

    /** On the demonstration data, with a clock that runs faster from a moment on, whenever it is started again. */
    static Running hastened(Path data, double times, Instant from) {
        return new Running(
                data,
                true,
                freePort(),
                "simulated",
                List.of("--mischung.hasten=" + times, "--mischung.hasten-from=" + from, "--mischung.demo-today=true"));
    }

    private static int freePort() {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    String address() {
        return "http://localhost:" + port;
    }

    void killAndRestart() {
        kill();
        restart();
    }

    /** Starts again on the same data and the same port. */
    void restart() {
        process = started();
    }

    /** As if the plug were pulled. */
    void kill() {
        try {
            process.destroyForcibly();
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                throw new IllegalStateException("The application could not be killed");
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private Process started() {
        List<String> command = new ArrayList<>(Unpacked.command());
        command.addAll(List.of(
                "--mischung.data=" + data,
                "--mischung.port=" + port,
                "--mischung.demo=" + demo,
                "--mischung.ahead=false",
                "--mischung.house-port=0",
                "--mischung.reader=" + reader,
                "--mischung.scale=simulated"));
        command.addAll(more);
        try {
            Process begun = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(data.resolve("application.log").toFile())
                    .start();
            awaitAnswer(begun);
            return begun;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void awaitAnswer(Process begun) {
        HttpClient client =
                HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
        HttpRequest ask = HttpRequest.newBuilder(URI.create(address() + "/api/cases"))
                .timeout(Duration.ofSeconds(5))
                .build();
        Instant end = Instant.now().plus(LONGEST_START);
        while (Instant.now().isBefore(end) && begun.isAlive()) {
            try {
                if (client.send(ask, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                LockSupport.parkNanos(Duration.ofMillis(100).toNanos());
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }
        throw new IllegalStateException("The application did not start; see " + data.resolve("application.log"));
    }

    @Override
    public void close() {
        kill();
    }
}
