package mischung.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The real application on a free port with a data folder of its own, spoken to over HTTP. */
final class Started implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final ConfigurableApplicationContext context;

    Started(Path data, boolean demo) {
        this(data, demo, "simulated");
    }

    /** @param reader the port of a colour reader, or {@code simulated} */
    Started(Path data, boolean demo, String reader) {
        context = SpringApplication.run(
                MischungApplication.class,
                "--mischung.data=" + data,
                "--mischung.port=0",
                "--mischung.demo=" + demo,
                "--mischung.reader=" + reader);
    }

    record Answer(int status, String type, String text) {
        JsonNode json() {
            return JSON.readTree(text);
        }

        String field(String name) {
            return json().path(name).asString("");
        }
    }

    String address() {
        return "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
    }

    Answer get(String path) {
        return send(request(path).GET());
    }

    Answer delete(String path) {
        return send(request(path).DELETE());
    }

    Answer post(String path, String type, byte[] body) {
        return send(request(path).header("Content-Type", type).POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    byte[] bytes(String path) {
        try {
            return client.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    Answer post(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").POST(body(json)));
    }

    /** A new client with an unread head to be worked on the 23rd of November 2026. */
    Answer newCase(String client) {
        Answer made = post(
                "/api/clients",
                JSON.createObjectNode().put("name", client).put("note", "").toString());
        return made.status() != 201
                ? made
                : post(
                        "/api/clients/" + made.json().path("id").asLong() + "/cases",
                        "{\"date\":\"2026-11-23\",\"startTime\":\"09:00\",\"minutes\":240,\"chair\":\"\",\"copyOf\":0}");
    }

    /** The house's settings with some of them changed. */
    String house(String changes) {
        ObjectNode settings = (ObjectNode) get("/api/house").json();
        JsonMapper.builder()
                .build()
                .readTree(changes)
                .properties()
                .forEach(field -> settings.set(field.getKey(), field.getValue()));
        return settings.toString();
    }

    Answer put(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").PUT(body(json)));
    }

    Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(
                    response.statusCode(),
                    response.headers().firstValue("Content-Type").orElse(""),
                    response.body());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address() + path)).timeout(Duration.ofSeconds(30));
    }

    private static HttpRequest.BodyPublisher body(String json) {
        return HttpRequest.BodyPublishers.ofString(json);
    }

    @Override
    public void close() {
        context.close();
    }
}
