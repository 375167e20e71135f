package mischung.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The real application on a free port with a data folder of its own, spoken to over HTTP. */
final class Started implements AutoCloseable {
    /** The program's clock begins here: the demonstration's day, before the first client sits. */
    static final String WHEN = "2026-11-23T07:00:00Z";

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final ConfigurableApplicationContext context;

    Started(Path data, boolean demo) {
        this(data, demo, "simulated");
    }

    /** @param reader the port of a colour reader, or {@code simulated} */
    Started(Path data, boolean demo, String reader) {
        this(data, demo, List.of("--mischung.reader=" + reader));
    }

    /** @param more arguments of the command line */
    Started(Path data, boolean demo, List<String> more) {
        List<String> arguments = new ArrayList<>(List.of(
                "--mischung.data=" + data, "--mischung.port=0", "--mischung.demo=" + demo, "--mischung.ahead=false"));
        if (more.stream().noneMatch(one -> one.startsWith("--mischung.start"))) {
            arguments.add("--mischung.start=" + WHEN);
        }
        arguments.addAll(more);
        context = SpringApplication.run(MischungApplication.class, arguments.toArray(new String[0]));
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
        return bytes(path, "en");
    }

    /** @param language of whoever asks, by its cookie */
    byte[] bytes(String path, String language) {
        try {
            return client.send(
                            request(path)
                                    .header("Cookie", "language=" + language)
                                    .GET()
                                    .build(),
                            HttpResponse.BodyHandlers.ofByteArray())
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

    /** What is in a case, to be changed. */
    ObjectNode content(int id) {
        return (ObjectNode) get("/api/cases/" + id).json().path("content").deepCopy();
    }

    /** The case as it shall be from now on. */
    Answer put(int id, ObjectNode content) {
        ObjectNode change = JSON.createObjectNode()
                .put("version", get("/api/cases/" + id).json().path("version").asLong());
        change.set("content", content);
        return put("/api/cases/" + id, change.toString());
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
        return HttpRequest.newBuilder(URI.create(address() + path)).timeout(Duration.ofMinutes(2));
    }

    private static HttpRequest.BodyPublisher body(String json) {
        return HttpRequest.BodyPublishers.ofString(json);
    }

    @Override
    public void close() {
        context.close();
    }
}
