package mischung.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * The packed application, unpacked once for all tests and with an archive of its classes: it starts in a third of the time. Whichever
 * of the tests' programs comes first makes it; the others wait.
 */
final class Unpacked {
    private static final String ARCHIVE = "classes.jsa";
    private static final Path HOME = unpacked();

    private Unpacked() {}

    /** @return the command that starts it, without the application's own arguments */
    static List<String> command() {
        List<String> command = java("-XX:SharedArchiveFile=" + HOME.resolve(ARCHIVE), "-Xshare:auto", "-Xlog:disable");
        command.addAll(List.of("-jar", jar().toString()));
        return command;
    }

    private static Path jar() {
        return HOME.resolve("mischung.jar");
    }

    private static Path unpacked() {
        Path packed = Path.of(System.getProperty("mischung.jar"));
        try {
            Path target = Files.createDirectories(Path.of("target"));
            // By what is in it: a build that can be repeated gives its file the same time each time.
            Path home = target.resolve("run-" + digest(packed));
            try (FileChannel lock = FileChannel.open(
                            target.resolve("run.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                    FileLock held = lock.lock()) {
                assertThat(held.isValid()).isTrue();
                if (!Files.exists(home.resolve(ARCHIVE))) {
                    unpack(packed, home);
                }
            }
            return home;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String digest(Path file) throws IOException {
        try (DigestInputStream in =
                new DigestInputStream(Files.newInputStream(file), MessageDigest.getInstance("SHA-256"))) {
            in.transferTo(OutputStream.nullOutputStream());
            return HexFormat.of().formatHex(in.getMessageDigest().digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    private static void unpack(Path packed, Path home) throws IOException {
        run(java("-Djarmode=tools", "-jar", packed.toString(), "extract", "--force", "--destination", home.toString()));
        run(java(
                "-XX:ArchiveClassesAtExit=" + home.resolve(ARCHIVE),
                "-Dspring.context.exit=onRefresh",
                "-jar",
                home.resolve("mischung.jar").toString(),
                "--mischung.data=" + home.resolve("warm-up")));
    }

    private static List<String> java(String... arguments) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC"));
        command.addAll(Arrays.asList(arguments));
        return command;
    }

    private static void run(List<String> command) throws IOException {
        Process process = new ProcessBuilder(command)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            if (!process.waitFor(120, TimeUnit.SECONDS)) {
                throw new IllegalStateException("Took too long: " + command);
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
