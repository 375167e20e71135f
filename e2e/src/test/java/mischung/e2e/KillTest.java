package mischung.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** Kills the program at moments drawn by lot while changes stream in: what was acknowledged is there afterwards. */
class KillTest {
    private static final int KILLS = 5;
    private static final Pattern VERSION = Pattern.compile("\"version\":(\\d+)");

    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    // Every kill costs a start, and on a slow machine one takes a quarter of a minute.
    @Timeout(600)
    @Test
    void noAcknowledgedChangeIsLost(@TempDir Path data) throws Exception {
        Random lot = new Random(20261123);
        try (Running application = Running.on(data, true)) {
            String file = send(application, "GET", "/file", "").body();
            String content = file.substring(file.indexOf("\"content\":") + "\"content\":".length(), file.length() - 1);
            AtomicLong acknowledged = new AtomicLong();
            for (int kill = 0; kill < KILLS; kill++) {
                long before = acknowledged.get();
                CompletableFuture<Void> hand =
                        CompletableFuture.runAsync(() -> typeUntilItDies(application, content, acknowledged));
                while (acknowledged.get() == before && !hand.isDone()) {
                    LockSupport.parkNanos(1_000_000);
                }
                CompletableFuture<Void> pulled = new CompletableFuture<Void>()
                        .completeOnTimeout(null, 100 + lot.nextInt(500), TimeUnit.MILLISECONDS);
                pulled.join();
                application.kill();
                hand.join();
                application.restart();
                assertThat(acknowledged.get())
                        .as("changes went through before kill %d", kill)
                        .isGreaterThan(before);
                long after = named(send(application, "GET", "", "").body());
                // At most the one change that was under way may have been stored without its answer.
                assertThat(after).isBetween(acknowledged.get(), acknowledged.get() + 1);
                acknowledged.set(after);
            }
        }
    }

    private static long named(String body) {
        Matcher name = Pattern.compile("\"Mira (\\d+)\"").matcher(body);
        assertThat(name.find()).isTrue();
        return Long.parseLong(name.group(1));
    }

    private void typeUntilItDies(Running application, String content, AtomicLong acknowledged) {
        try {
            while (true) {
                long number = acknowledged.get() + 1;
                String named = content.replaceFirst("\"Mira [^\"]*\"", "\"Mira " + number + "\"");
                HttpResponse<String> answer = send(
                        application, "PUT", "", "{\"version\":" + version(application) + ",\"content\":" + named + "}");
                if (answer.statusCode() == 200) {
                    acknowledged.set(number);
                }
            }
        } catch (IOException dead) {
            // The plug was pulled; what counts is what was acknowledged before.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private long version(Running application) throws IOException, InterruptedException {
        return versionIn(send(application, "GET", "", "").body());
    }

    private static long versionIn(String body) {
        Matcher matcher = VERSION.matcher(body);
        assertThat(matcher.find()).as(body).isTrue();
        return Long.parseLong(matcher.group(1));
    }

    private HttpResponse<String> send(Running application, String method, String path, String body)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(application.address() + "/api/cases/1" + path))
                        .timeout(Duration.ofSeconds(10))
                        .header("Content-Type", "application/json")
                        .method(
                                method,
                                body.isEmpty()
                                        ? HttpRequest.BodyPublishers.noBody()
                                        : HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }
}
