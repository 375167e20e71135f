package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import mischung.said.RefusedInput;
import mischung.server.store.SafetyCopies;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Copies made while work goes on, and the way back from one. */
class CopiesApiTest {
    private static final int COPIES = 50;

    @TempDir
    Path folder;

    private Path data() {
        return folder.resolve("data");
    }

    private Path disk() {
        return folder.resolve("other disk's copies");
    }

    private Started started(String... more) {
        List<String> options = new ArrayList<>(List.of("--mischung.copies=" + disk()));
        options.addAll(List.of(more));
        return new Started(data(), true, options);
    }

    private static String name(Started.Answer answer) {
        assertThat(answer.status()).as(answer.text()).isBetween(200, 202);
        return answer.json().path("copies").path(0).path("name").asString("");
    }

    private static Started.Answer restore(Started app, String name, String passphrase) {
        return app.post(
                "/api/copies/" + name.replace(" ", "%20") + "/restore", "{\"passphrase\":\"" + passphrase + "\"}");
    }

    private static Started.Answer restore(Started app, String name) {
        return restore(app, name, "");
    }

    private static long clients(Started app) {
        return app.get("/api/clients?words=Drill").json().path("clients").size();
    }

    private static void client(Started app, String name) {
        assertThat(app.post("/api/clients", "{\"name\":\"" + name + "\",\"note\":\"\"}")
                        .status())
                .isEqualTo(201);
    }

    /** Each holds at least what was acknowledged before it was asked for, and opens by itself. */
    @Test
    void copiesMadeWhileWritingAreWholeAndComplete() throws SQLException {
        try (Started app = started()) {
            AtomicBoolean on = new AtomicBoolean(true);
            CompletableFuture<Integer> writer = CompletableFuture.supplyAsync(() -> {
                int written = 0;
                while (on.get()) {
                    client(app, "Drill writer " + written++);
                }
                return written;
            });
            for (int i = 0; i < COPIES; i++) {
                client(app, "Drill before copy " + i);
                String name = name(app.post("/api/copies", ""));
                Path copy = disk().resolve(name);
                try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + copy + "?open_mode=1");
                        Statement sql = opened.createStatement()) {
                    assertThat(one(sql, "pragma integrity_check")).isEqualTo("ok");
                    assertThat(one(sql, "select count(*) from client where name = 'Drill before copy " + i + "'"))
                            .isEqualTo("1");
                    assertThat(one(sql, "pragma foreign_key_check")).isEmpty();
                }
            }
            on.set(false);
            assertThat(writer.join()).isPositive();
            assertThat(app.get("/api/copies").json().path("copies"))
                    .as("of one day the newest is kept")
                    .hasSize(1);
            assertThat(parts()).isEmpty();
        }
    }

    private static String one(Statement sql, String query) throws SQLException {
        try (ResultSet rows = sql.executeQuery(query)) {
            return rows.next() ? rows.getString(1) : "";
        }
    }

    private List<Path> parts() {
        try (Stream<Path> files = Files.list(disk())) {
            return files.filter(file -> !file.toString().endsWith(".db")).toList();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The drill: the folder is lost, the copy is all there is, and work goes on from it. */
    @Test
    void theFolderIsLostAndWorkGoesOnFromTheCopy() throws IOException {
        String name;
        try (Started app = started()) {
            client(app, "Drill kept");
            name = name(app.post("/api/copies", ""));
        }
        try (Stream<Path> all = Files.walk(data())) {
            for (Path file : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
        try (Started app = started("--mischung.restore=" + disk().resolve(name))) {
            assertThat(clients(app)).isEqualTo(1);
            client(app, "Drill afterwards");
            assertThat(app.get("/api/cases/1/routes").status()).isEqualTo(200);
        }
        try (Started app = started()) {
            assertThat(clients(app)).as("it stays").isEqualTo(2);
        }
    }

    @Test
    void oneIsLaidReadyAndTakesThePlaceAtTheNextStartWithTodaysKeptBeside() throws IOException {
        String name;
        try (Started app = started()) {
            client(app, "Drill first");
            name = name(app.post("/api/copies", ""));
            client(app, "Drill second");
            assertThat(restore(app, name).json().path("waits").asBoolean()).isTrue();
            assertThat(clients(app)).as("nothing changes yet").isEqualTo(2);
            assertThat(app.delete("/api/copies/waiting").json().path("waits").asBoolean())
                    .isFalse();
            restore(app, name);
        }
        try (Started app = started()) {
            assertThat(clients(app)).isEqualTo(1);
            assertThat(app.get("/api/copies").json().path("waits").asBoolean()).isFalse();
        }
        try (Stream<Path> files = Files.list(data())) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .anyMatch(file -> file.matches("before-restore-\\d{8}T\\d{9}Z\\.db"));
        }
    }

    @Test
    void whatWasCutOffOrExchangedOrIsNoneIsRefusedInWords() throws IOException {
        try (Started app = started()) {
            String name = name(app.post("/api/copies", ""));
            byte[] whole = Files.readAllBytes(disk().resolve(name));
            try (RandomAccessFile file =
                    new RandomAccessFile(disk().resolve(name).toFile(), "rw")) {
                file.setLength(whole.length / 2);
            }
            Started.Answer cut = restore(app, name);
            assertThat(cut.status()).isEqualTo(422);
            assertThat(cut.field("remedy")).contains("not what it was when it was made");
            String foreign = "mischung-20260101T030000000Z-0123456789abcdef.db";
            Files.write(disk().resolve(foreign), whole);
            assertThat(restore(app, foreign).field("remedy")).contains("cut off, or exchanged");
            Started.Answer none = restore(app, "mischung-20250101T030000000Z-0123456789abcdef.db");
            assertThat(none.field("remedy")).contains("no copy of that name");
            Started.Answer outside = app.send(app.request("/api/copies/..%2Fdata%2Fmischung.db/restore")
                    .POST(HttpRequest.BodyPublishers.noBody()));
            assertThat(outside.status()).isBetween(400, 422);
            assertThat(app.get("/api/copies").json().path("waits").asBoolean()).isFalse();
        }
        Path list = folder.resolve("shopping.txt");
        Files.writeString(list, "milk");
        assertThatThrownBy(() -> started("--mischung.restore=" + list).close())
                .hasRootCauseInstanceOf(RefusedInput.class)
                .rootCause()
                .hasMessageContaining("COPY_DAMAGED");
        try (Started app = started()) {
            assertThat(app.get("/api/cases/1").status())
                    .as("nothing happened to it")
                    .isEqualTo(200);
        }
    }

    @Test
    void whereNothingCanBeWrittenNothingIsLeftHalfDone() throws IOException {
        Files.writeString(folder.resolve("file"), "no folder");
        try (Started app = new Started(data(), true, List.of("--mischung.copies=" + folder.resolve("file/copies")))) {
            Started.Answer refused = app.post("/api/copies", "");
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.field("remedy")).contains("--mischung.copies=DIR");
            JsonNode now = app.get("/api/copies").json();
            assertThat(now.path("copies")).isEmpty();
            assertThat(now.path("old").asBoolean())
                    .as("the demonstration does not ask for any")
                    .isFalse();
        }
    }

    @Test
    void aSalonWithoutACopyIsTold() {
        try (Started app = new Started(data(), false, List.of("--mischung.copies=" + disk()))) {
            assertThat(app.get("/api/copies").json().path("old").asBoolean()).isTrue();
            assertThat(app.post("/api/copies", "").json().path("old").asBoolean())
                    .isFalse();
        }
    }

    @Test
    void everyNightOneIsDueAndAfterANightSwitchedOffAsWell() {
        ZoneId zone = ZoneId.of("Europe/Berlin");
        Instant three = Instant.parse("2026-12-01T02:00:00Z");
        assertThat(NightlyCopies.isDue(Optional.empty(), three, zone)).isTrue();
        assertThat(NightlyCopies.isDue(Optional.of(three.minusSeconds(3600)), three.minusSeconds(60), zone))
                .isFalse();
        assertThat(NightlyCopies.isDue(Optional.of(three.minusSeconds(3600)), three.plusSeconds(60), zone))
                .isTrue();
        assertThat(NightlyCopies.isDue(Optional.of(three.plusSeconds(60)), three.plusSeconds(40_000), zone))
                .isFalse();
        assertThat(NightlyCopies.isDue(Optional.of(three.minusSeconds(90_000)), three.plusSeconds(40_000), zone))
                .isTrue();
    }

    private static final String PASSPHRASE = "Hafer, Mohn & Lein 48";

    private static Started.Answer encrypted(Started app, String passphrase) {
        return app.put("/api/copies/passphrase", "{\"passphrase\":\"" + passphrase + "\"}");
    }

    /** The passphrase is kept nowhere; with it and the folder alone a new computer goes on. */
    @Test
    void anEncryptedCopyOpensWithThePassphraseAlone() throws Exception {
        String name;
        try (Started app = started()) {
            client(app, "Drill secret");
            assertThat(encrypted(app, "short").field("remedy")).contains("8 to 200");
            assertThat(encrypted(app, PASSPHRASE).json().path("encrypts").asBoolean())
                    .isTrue();
            name = name(app.post("/api/copies", ""));
            assertThat(name).endsWith(".db.gpg");
            assertThat(restore(app, name, "another one").field("remedy")).contains("passphrase is another");
            assertThat(app.get("/api/copies").json().path("waits").asBoolean()).isFalse();
            assertThat(restore(app, name, PASSPHRASE).json().path("waits").asBoolean())
                    .isTrue();
            assertThat(app.get("/api/trail?words=&before=0").text()).doesNotContain("Hafer");
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                String text = Files.readString(file, StandardCharsets.ISO_8859_1);
                assertThat(text).as(file.toString()).doesNotContain(PASSPHRASE, "Hafer");
                if (file.startsWith(disk())) {
                    assertThat(text).as("readable: " + file).doesNotContain("Drill secret", "SQLite format");
                }
            }
        }
        byte[] whole = Files.readAllBytes(disk().resolve(name));
        whole[whole.length / 2] ^= 1;
        // Under a name that says nothing of what it held the format itself tells.
        Path changed = Files.write(disk().resolve("changed.db.gpg"), whole);
        Path cut = Files.write(disk().resolve("cut.db.gpg"), Arrays.copyOf(whole, whole.length / 2));
        Path other = Files.createDirectories(folder.resolve("other computer")).resolve("mischung.db");
        for (Path bad : List.of(changed, cut)) {
            assertThatThrownBy(() -> SafetyCopies.layReady(bad, other, PASSPHRASE))
                    .isInstanceOf(RefusedInput.class);
        }
        assertThat(other.getParent()).isEmptyDirectory();
        SafetyCopies.layReady(disk().resolve(name), other, PASSPHRASE);
        assertThat(SafetyCopies.takeIn(other, Instant.EPOCH)).isEmpty();
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + other);
                Statement sql = opened.createStatement()) {
            assertThat(one(sql, "select count(*) from client where name = 'Drill secret'"))
                    .isEqualTo("1");
        }
    }

    /** Another program that knows OpenPGP (RFC 4880) opens it; where there is none here, nothing is tried. */
    @Test
    void anotherProgramOpensAnEncryptedCopy() throws Exception {
        assumeThat(Path.of("/usr/bin/gpg")).exists();
        String name;
        try (Started app = started()) {
            encrypted(app, PASSPHRASE);
            name = name(app.post("/api/copies", ""));
        }
        Path home = Files.createDirectories(
                folder.resolve("g"),
                PosixFilePermissions.asFileAttribute(Set.of(
                        PosixFilePermission.OWNER_READ,
                        PosixFilePermission.OWNER_WRITE,
                        PosixFilePermission.OWNER_EXECUTE)));
        Path key;
        try (Stream<Path> files = Files.list(disk())) {
            key = files.filter(file -> file.toString().endsWith(".asc"))
                    .findFirst()
                    .orElseThrow();
        }
        gpg(home, "--import", key.toString());
        Path plain = folder.resolve("plain.db");
        gpg(
                home,
                "--output",
                plain.toString(),
                "--decrypt",
                disk().resolve(name).toString());
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + plain);
                Statement sql = opened.createStatement()) {
            assertThat(one(sql, "pragma integrity_check")).isEqualTo("ok");
        }
    }

    private static void gpg(Path home, String... arguments) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                "/usr/bin/gpg",
                "--homedir",
                home.toString(),
                "--batch",
                "--pinentry-mode",
                "loopback",
                "--passphrase",
                PASSPHRASE));
        command.addAll(List.of(arguments));
        Process run = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(home.resolve("log.txt").toFile())
                .start();
        assertThat(run.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(run.exitValue())
                .as(Files.readString(home.resolve("log.txt")))
                .isZero();
    }

    @Test
    void anotherFolderIsChosenAndStays() throws IOException {
        Path elsewhere = folder.resolve("a share");
        try (Started app = started()) {
            assertThat(app.put("/api/copies/folder", "{\"folder\":\"not/whole\"}")
                            .field("remedy"))
                    .contains("whole path");
            Path file = Files.writeString(folder.resolve("file"), "x");
            assertThat(app.put("/api/copies/folder", "{\"folder\":\"" + file.resolve("in") + "\"}")
                            .status())
                    .isEqualTo(422);
            assertThat(app.put("/api/copies/folder", "{\"folder\":\"" + elsewhere + "\"}")
                            .json()
                            .path("folder")
                            .asString())
                    .isEqualTo(elsewhere.toString());
        }
        try (Started app = started()) {
            assertThat(elsewhere.resolve(name(app.post("/api/copies", "")))).exists();
        }
    }
}
