package mischung.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.SpringApplication;

/** Writes the API's description to a file, and the schema of case files to another if one is named: starts the application on a free port with a throw-away folder and asks it. */
public final class DescribeApi {
    private DescribeApi() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        Path file = Path.of(arguments[0]);
        Path data = Files.createTempDirectory("mischung-api");
        try (var context =
                SpringApplication.run(MischungApplication.class, "--mischung.port=0", "--mischung.data=" + data)) {
            String port = context.getEnvironment().getProperty("local.server.port");
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/openapi"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException("The API was not described: " + answer.body());
            }
            Files.createDirectories(file.toAbsolutePath().getParent());
            Files.writeString(file, answer.body());
            if (arguments.length > 1) {
                Files.writeString(Path.of(arguments[1]), CaseSchema.of(answer.body()));
            }
        }
    }
}
