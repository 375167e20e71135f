package mischung.server;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** The program on the demonstration data in a process of its own, so that it can be measured and killed. */
record WholeProgram(Process process, int port) implements AutoCloseable {
    private static final long PATIENCE = TimeUnit.SECONDS.toNanos(60);

    /** Returns as soon as it answers. */
    static WholeProgram started(Path data, String... options) throws IOException, InterruptedException {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(List.of(options));
        command.addAll(List.of(
                "-cp",
                System.getProperty("java.class.path"),
                MischungApplication.class.getName(),
                "--mischung.data=" + data,
                "--mischung.port=" + port,
                "--mischung.start=" + Started.WHEN,
                "--mischung.ahead=false",
                "--mischung.demo=true"));
        Path log = data.resolve("log.txt");
        WholeProgram program = new WholeProgram(
                new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(log.toFile())
                        .start(),
                port);
        long until = System.nanoTime() + PATIENCE;
        while (!program.answers()) {
            if (!program.process.isAlive() || System.nanoTime() > until) {
                program.close();
                throw new IllegalStateException("It did not start: " + Files.readString(log));
            }
            LockSupport.parkNanos(50_000_000);
        }
        return program;
    }

    URI at(String path) {
        return URI.create("http://localhost:" + port + path);
    }

    private boolean answers() throws InterruptedException {
        try {
            HttpRequest request = HttpRequest.newBuilder(at("/api/house"))
                    .timeout(Duration.ofMinutes(1))
                    .build();
            HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.discarding());
            return true;
        } catch (IOException notYet) {
            return false;
        }
    }

    long megabytes() throws IOException {
        return status("VmRSS") / 1024;
    }

    /** @param name a line of the kernel's own account of the process, such as {@code Threads} */
    long status(String name) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
                .filter(line -> line.startsWith(name))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                .findFirst()
                .orElse(0);
    }

    /** SIGKILL. */
    void kill() {
        process.destroyForcibly();
    }

    @Override
    public void close() {
        kill();
    }
}
