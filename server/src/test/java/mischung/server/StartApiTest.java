package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Where it cannot start it says why in two plain lines, and ends with 1. */
class StartApiTest {
    @TempDir
    Path folder;

    private List<String> refusal(String... options) throws Exception {
        Path log = folder.resolveSibling(folder.getFileName() + "-log.txt");
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                MischungApplication.class.getName()));
        command.addAll(List.of(options));
        Process program = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        assertThat(program.waitFor(60, TimeUnit.SECONDS))
                .as("it ends by itself")
                .isTrue();
        assertThat(program.exitValue()).isEqualTo(1);
        List<String> said = Files.readAllLines(log).stream()
                .filter(line -> !line.contains(" INFO "))
                .toList();
        assertThat(said).as(Files.readString(log)).hasSize(2).noneMatch(line -> line.contains("\tat "));
        return said;
    }

    private String data() {
        return "--mischung.data=" + folder;
    }

    @Test
    void whatIsNoDatabaseOrWasCutOffIsNotOpened() throws Exception {
        Files.writeString(folder.resolve(DataFolder.FILE), "this is a shopping list".repeat(50));
        assertThat(refusal(data(), "--mischung.port=0").get(0)).contains("is no database");
        Files.delete(folder.resolve(DataFolder.FILE));
        new Started(folder, true).close();
        try (RandomAccessFile file =
                new RandomAccessFile(folder.resolve(DataFolder.FILE).toFile(), "rw")) {
            file.setLength(file.length() / 2);
        }
        Files.deleteIfExists(folder.resolve(DataFolder.FILE + "-wal"));
        assertThat(refusal(data(), "--mischung.port=0").get(0)).contains("was cut off");
    }

    @Test
    void anotherProgramsDatabaseIsLeftAlone() throws Exception {
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve(DataFolder.FILE));
                Statement sql = other.createStatement()) {
            sql.execute("create table recipes (id integer primary key)");
        }
        assertThat(refusal(data(), "--mischung.port=0").get(0)).contains("another program");
    }

    @Test
    void aSecondProgramOnTheSameFolderDoesNotStart() throws Exception {
        try (Started first = new Started(folder, false)) {
            assertThat(first.get("/api/house").status()).isEqualTo(200);
            Started.Answer scale = first.get("/api/scale");
            assertThat(scale.status()).as("none until one is set up").isEqualTo(502);
            assertThat(scale.field("value")).isEqualTo("absent");
            assertThat(refusal(data(), "--mischung.port=0").get(0)).contains("another Mischung works in it");
            String port = first.address().replaceAll(".*:", "");
            Path other = Files.createDirectory(folder.resolve("other"));
            assertThat(refusal("--mischung.data=" + other, "--mischung.port=" + port)
                            .get(0))
                    .contains("Port " + port);
        }
    }

    @Test
    void aFolderThatCannotBeAndABadOptionAreNamed() throws Exception {
        Path file = Files.writeString(folder.resolve("file"), "x");
        assertThat(refusal("--mischung.data=" + file.resolve("in-it"), "--mischung.port=0")
                        .get(0))
                .contains("cannot be used");
        assertThat(refusal(data(), "--mischung.prot=8080").get(0)).contains("--mischung.prot");
        assertThat(refusal(data(), "--mischung.port=eighty").get(0)).contains("eighty");
        assertThat(refusal(data(), "--mischung.port=0", "--mischung.hasten=9999")
                        .get(0))
                .contains("hasten");
    }

    /** The disk runs full while it works: nothing is half stored, and it is said. */
    @Test
    void aFullDiskIsSaidAndNothingIsHalfStored() throws IOException {
        new Started(folder, true).close();
        long megabytes = 1 + Files.size(folder.resolve(DataFolder.FILE)) / 1024 / 1024;
        try (Started full = new Started(folder, false, List.of("--mischung.most-megabytes=" + megabytes))) {
            int before = full.get("/api/cases").json().size();
            Started.Answer answer =
                    full.post("/api/cases/file", full.get("/api/cases/1/file").text());
            for (int i = 0; i < 400 && answer.status() == 201; i++) {
                before++;
                answer = full.post(
                        "/api/cases/file", full.get("/api/cases/1/file").text());
            }
            assertThat(answer.status()).as(answer.text()).isEqualTo(507);
            assertThat(answer.field("remedy")).contains("full");
            assertThat(full.get("/api/cases").json().size()).isEqualTo(before);
            assertThat(full.get("/api/clients").json().path("all").asInt()).isEqualTo(before);
        }
        assertThat(Files.readString(folder.resolve(DataFolder.LOCK), StandardCharsets.UTF_8))
                .isEmpty();
    }
}
