package mischung.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The packed application, unpacked once for all tests and with an archive of its classes: it starts in a third of the time. */
final class Unpacked {
    private static final Path HOME = unpacked();

    private Unpacked() {}

    /** @return the command that starts it, without the application's own arguments */
    static List<String> command() {
        List<String> command =
                java("-XX:SharedArchiveFile=" + HOME.resolve("classes.jsa"), "-Xshare:auto", "-Xlog:disable");
        command.addAll(List.of("-jar", jar().toString()));
        return command;
    }

    private static Path jar() {
        return HOME.resolve("mischung.jar");
    }

    private static Path unpacked() {
        Path packed = Path.of(System.getProperty("mischung.jar"));
        try {
            Path home = Files.createTempDirectory(Files.createDirectories(Path.of("target")), "run");
            run(java(
                    "-Djarmode=tools",
                    "-jar",
                    packed.toString(),
                    "extract",
                    "--force",
                    "--destination",
                    home.toString()));
            run(java(
                    "-XX:ArchiveClassesAtExit=" + home.resolve("classes.jsa"),
                    "-Dspring.context.exit=onRefresh",
                    "-jar",
                    home.resolve("mischung.jar").toString(),
                    "--mischung.data=" + home.resolve("warm-up")));
            return home;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
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
