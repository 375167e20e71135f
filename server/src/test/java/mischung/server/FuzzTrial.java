package mischung.server;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Sends malformed requests over all operations the program describes of itself to an instance of 512 MB, and prints how it
 * answered: no 500, none slower than five seconds, memory flat. For {@code bin/fuzz}; the same for a few in a test would find
 * nothing new.
 */
final class FuzzTrial {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int PATIENCE_MS = 5_000;
    private static final String[] NASTY = {
        "null",
        "true",
        "[]",
        "{}",
        "-1",
        "1e999",
        "0.5",
        "9223372036854775808",
        "\"\"",
        "\"\\u0000\"",
        "\"0x1\"",
        "\"2026-02-30\"",
        "\"+123456789-01-01\"",
        "[null]",
        "{\"a\":1,\"a\":2}",
        "\"<script>\"",
        "\"=1+1\"",
        "NaN",
        "\"\\ud800\"",
        "\"" + "x".repeat(3000) + "\"",
        "1.5",
        "\"25:99\"",
        "[[[]]]",
        "-0",
        "1e-400",
        "\"NATURAL\""
    };
    private static final String[] IN_ADDRESS = {
        "0",
        "-1",
        "0x1",
        "1e3",
        "99999999999999999999",
        "abc",
        "%00",
        "%FF",
        "%zz",
        "..",
        "2026-02-30",
        "null",
        "1;a=b",
        "+1"
    };

    private final Random lot;
    private final int port;
    private final Map<Integer, Integer> statuses = new TreeMap<>();
    private final List<String> faults = new ArrayList<>();
    private long slowest;

    private FuzzTrial(int port, long seed) {
        this.port = port;
        this.lot = new Random(seed);
    }

    /** One operation as it is described. */
    private record Operation(String method, String path, JsonNode body, String type) {}

    public static void main(String[] arguments) throws Exception {
        int count = Integer.parseInt(arguments[0]);
        try (WholeProgram program = WholeProgram.started(Files.createTempDirectory("mischung-fuzz"), "-Xmx512m")) {
            FuzzTrial trial = new FuzzTrial(program.port(), arguments.length > 1 ? Long.parseLong(arguments[1]) : 14);
            List<Operation> all = operations(program);
            trial.run(all, count / 10);
            long before = program.megabytes();
            trial.run(all, count - count / 10);
            long after = program.megabytes();
            System.out.printf(
                    "%d requests over %d operations; answers %s; slowest %d ms; memory %d MB after a tenth, %d MB after all%n",
                    count, all.size(), trial.statuses, trial.slowest, before, after);
            trial.faults.stream().distinct().limit(40).forEach(System.out::println);
            System.exit(trial.faults.isEmpty() && program.process().isAlive() ? 0 : 1);
        }
    }

    private static List<Operation> operations(WholeProgram program) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(program.at("/api/openapi")).build();
        return operations(JSON.readTree(HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.ofString())
                .body()));
    }

    private static List<Operation> operations(JsonNode api) {
        List<Operation> all = new ArrayList<>();
        api.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(method -> {
                    JsonNode content = method.getValue().path("requestBody").path("content");
                    String type = content.propertyNames().stream().findFirst().orElse("");
                    JsonNode body = sample(api, content.path(type).path("schema"), 0);
                    all.add(new Operation(
                            method.getKey().toUpperCase(java.util.Locale.ROOT), path.getKey(), body, type));
                }));
        return all;
    }

    /** What would be well-formed, to be spoilt at one place. */
    private static JsonNode sample(JsonNode api, JsonNode schema, int depth) {
        if (depth > 8 || schema.isMissingNode()) {
            return JSON.nullNode();
        }
        if (schema.has("$ref")) {
            String name = schema.path("$ref").asString().replaceFirst(".*/", "");
            return sample(api, api.path("components").path("schemas").path(name), depth + 1);
        }
        if (schema.has("enum")) {
            return schema.path("enum").path(0);
        }
        return switch (schema.path("type").asString("object")) {
            case "string" ->
                JSON.getNodeFactory()
                        .stringNode(
                                switch (schema.path("format").asString("")) {
                                    case "date" -> "2026-11-23";
                                    case "date-time" -> "2026-11-23T09:00:00Z";
                                    default -> "09:00";
                                });
            case "integer", "number" -> JSON.getNodeFactory().numberNode(1);
            case "boolean" -> JSON.getNodeFactory().booleanNode(true);
            case "array" -> {
                ArrayNode one = JSON.createArrayNode();
                one.add(sample(api, schema.path("items"), depth + 1));
                yield one;
            }
            default -> {
                ObjectNode object = JSON.createObjectNode();
                schema.path("properties")
                        .properties()
                        .forEach(field -> object.set(field.getKey(), sample(api, field.getValue(), depth + 1)));
                yield object;
            }
        };
    }

    private void run(List<Operation> all, int count) {
        for (int i = 0; i < count; i++) {
            one(all.get(lot.nextInt(all.size())));
        }
    }

    private void one(Operation of) {
        String path = of.path;
        while (path.contains("{")) {
            String value = lot.nextInt(3) > 0 ? Integer.toString(1 + lot.nextInt(5)) : pick(IN_ADDRESS);
            path = path.replaceFirst("\\{[^}]*}", java.util.regex.Matcher.quoteReplacement(value));
        }
        if (lot.nextInt(4) == 0) {
            path += "?words=" + pick(IN_ADDRESS) + "&date=" + pick(IN_ADDRESS) + "&days=" + pick(IN_ADDRESS) + "&route="
                    + pick(IN_ADDRESS) + "&level=" + pick(IN_ADDRESS) + "&kind=" + pick(IN_ADDRESS) + "&q="
                    + pick(IN_ADDRESS);
        }
        String body = of.type.isEmpty() ? "" : spoilt(of.body);
        byte[] sent = body.getBytes(StandardCharsets.UTF_8);
        if (lot.nextInt(20) == 0) {
            lot.nextBytes(sent);
        }
        String type = lot.nextInt(30) == 0 ? "text/plain" : of.type.isEmpty() ? "application/json" : of.type;
        String head =
                of.method + " " + path + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Type: " + type
                        + "\r\nContent-Length: " + sent.length + "\r\n"
                        + (lot.nextInt(10) == 0 ? "If-Match: " + pick(IN_ADDRESS) + "\r\n" : "")
                        + (lot.nextInt(10) == 0 ? "Idempotency-Key: " + pick(IN_ADDRESS) + "\r\n" : "") + "\r\n";
        long from = System.nanoTime();
        int status = send(head.getBytes(StandardCharsets.UTF_8), sent);
        long took = (System.nanoTime() - from) / 1_000_000;
        slowest = Math.max(slowest, took);
        statuses.merge(status, 1, Integer::sum);
        if (status == 500 || status == 0 || took > PATIENCE_MS) {
            faults.add(status + " after " + took + " ms: " + of.method + " " + path + " "
                    + body.substring(0, Math.min(300, body.length())));
        }
    }

    private int send(byte[] head, byte[] body) {
        try (Socket line = new Socket("localhost", port)) {
            line.setSoTimeout(2 * PATIENCE_MS);
            line.getOutputStream().write(head);
            line.getOutputStream().write(body);
            line.getOutputStream().flush();
            InputStream in = line.getInputStream();
            String status = new String(in.readNBytes(12), StandardCharsets.US_ASCII);
            return status.length() == 12 ? Integer.parseInt(status.substring(9)) : -1;
        } catch (SocketTimeoutException hung) {
            return 0;
        } catch (IOException cut) {
            return -1;
        }
    }

    private String pick(String[] all) {
        return all[lot.nextInt(all.length)];
    }

    private String spoilt(JsonNode body) {
        if (lot.nextInt(12) == 0) {
            return pick(NASTY);
        }
        String text = body.toString();
        int times = 1 + lot.nextInt(2);
        for (int i = 0; i < times; i++) {
            int at = lot.nextInt(text.length() + 1);
            int value = text.indexOf(':', at);
            if (value < 0 || lot.nextInt(8) == 0) {
                text = text.substring(0, at)
                        + (lot.nextBoolean() ? "" : text.substring(Math.min(text.length(), at + 1)));
            } else {
                int end = value + 1;
                while (end < text.length() && ",}]".indexOf(text.charAt(end)) < 0) {
                    end++;
                }
                text = text.substring(0, value + 1) + pick(NASTY) + text.substring(end);
            }
        }
        return text;
    }
}
