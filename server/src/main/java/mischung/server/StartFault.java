package mischung.server;

import java.sql.SQLException;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import mischung.said.RefusedInput;
import mischung.server.words.Catalogue;
import mischung.server.words.Language;
import mischung.server.words.ProblemMessage;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.exception.FlywayValidateException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.bind.BindException;
import org.springframework.boot.web.server.PortInUseException;

/** Why the program cannot start, in two lines: what is wrong, and what to do. */
final class StartFault {
    private static final Set<String> KNOWN = Set.of(
            "data",
            "copies",
            "restore",
            "house-port",
            "housePort",
            "certificate",
            "certificate-key",
            "certificateKey",
            "without-names",
            "withoutNames",
            "port",
            "demo",
            "demo-today",
            "demoToday",
            "most-megabytes",
            "mostMegabytes",
            "start",
            "reader",
            "scale",
            "ahead",
            "hasten",
            "hasten-from",
            "hastenFrom");
    private static final String ANOTHER_FOLDER = "Name another folder with --mischung.data=DIR, or free this one.";
    private static final String FROM_A_COPY =
            "Put the last copy of it in its place, or name another folder with --mischung.data=DIR.";

    /** SQLite's primary result codes (sqlite.org, Result and Error Codes). */
    private static final int BUSY = 5;

    private static final int LOCKED = 6;
    private static final int READ_ONLY = 8;
    private static final int CORRUPT = 11;
    private static final int FULL = 13;
    private static final int CANNOT_OPEN = 14;
    private static final int NO_DATABASE = 26;

    private StartFault() {}

    /** An option that is written wrongly would otherwise be passed over in silence. */
    static void refuseUnknown(String[] arguments) {
        for (String argument : arguments) {
            String name = argument.replaceFirst("=.*", "");
            boolean own = name.startsWith("--mischung.");
            if (!argument.startsWith("--") || (own && !KNOWN.contains(name.substring("--mischung.".length())))) {
                throw new RefusedInput(
                        name,
                        argument,
                        ProblemMessage.OPTIONS
                                .say()
                                .typed(
                                        "known",
                                        String.join(
                                                ", ",
                                                new TreeSet<>(KNOWN)
                                                        .stream()
                                                                .filter(one -> one.equals(
                                                                        one.toLowerCase(java.util.Locale.ROOT)))
                                                                .map(one -> "--mischung." + one)
                                                                .toList()))
                                .said());
            }
        }
    }

    /** Spring's own tools end a start in the middle. */
    static boolean endsOnPurpose(Throwable fault) {
        return fault.getClass().getSimpleName().contains("AbandonedRun");
    }

    /** Two lines. */
    static String words(Throwable fault) {
        return find(fault, DataFolder.Unusable.class)
                .map(unusable -> lines(Objects.toString(unusable.getMessage()), ANOTHER_FOLDER))
                .or(() -> find(fault, FlywayValidateException.class)
                        .map(newer -> lines(
                                "The database was written by a newer version of Mischung, or was changed by hand.",
                                "Start the newer version, or name another folder with --mischung.data=DIR.")))
                .or(() -> find(fault, SQLException.class).flatMap(StartFault::database))
                .or(() -> find(fault, FlywayException.class).map(StartFault::migration))
                .or(
                        () -> find(fault, PortInUseException.class)
                                .map(
                                        taken -> lines(
                                                "Port " + taken.getPort() + " of this machine is taken.",
                                                "Perhaps Mischung runs already; otherwise name another one with --mischung.port=NUMBER.")))
                .or(() -> find(fault, RefusedInput.class)
                        .map(refused -> lines(
                                "The option " + refused.field() + " cannot be " + refused.value() + ".",
                                Catalogue.of(Language.EN).say(refused.remedy()))))
                .or(() -> find(fault, BindException.class)
                        .map(wrong -> lines(
                                "An option cannot be so (" + wrong.getName() + "): " + oneLine(deepest(fault)) + ".",
                                "Look at the README for what it may be.")))
                .or(() -> find(fault, DateTimeParseException.class)
                        .map(wrong -> lines(
                                "“" + wrong.getParsedString() + "” is no moment.",
                                "Give one such as 2026-11-25T09:00:00Z.")))
                .or(() -> find(fault, NumberFormatException.class)
                        .map(wrong -> lines(
                                "An option that should be a number is none: " + wrong.getMessage() + ".",
                                "Look at the README for what it may be.")))
                .orElseGet(() ->
                        lines("The program cannot start: " + oneLine(deepest(fault)), "Report it with this line."));
    }

    private static Optional<String> database(SQLException fault) {
        return switch (fault.getErrorCode() & 0xff) {
            case BUSY, LOCKED ->
                Optional.of(lines(
                        "The database is held by another program.",
                        "End that one, or name another folder with --mischung.data=DIR."));
            case READ_ONLY, CANNOT_OPEN ->
                Optional.of(lines("The database cannot be opened for writing.", ANOTHER_FOLDER));
            case FULL ->
                Optional.of(lines("The disk with the data folder is full.", "Make room on it, and start again."));
            case CORRUPT, NO_DATABASE ->
                Optional.of(lines("The file mischung.db is damaged, or is no database.", FROM_A_COPY));
            default -> Optional.empty();
        };
    }

    private static String migration(FlywayException fault) {
        boolean foreign = Objects.toString(fault.getMessage()).contains("no schema history table");
        return foreign
                ? lines("The file mischung.db is the database of another program.", ANOTHER_FOLDER)
                : lines("The database could not be brought to this version: " + oneLine(fault), FROM_A_COPY);
    }

    private static Throwable deepest(Throwable fault) {
        Throwable here = fault;
        while (here.getCause() != null && here.getCause() != here) {
            here = here.getCause();
        }
        return here;
    }

    private static String oneLine(Throwable fault) {
        return Arrays.stream(
                        Objects.toString(fault.getMessage(), fault.getClass().getSimpleName())
                                .split("\\R", -1))
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .findFirst()
                .orElse("");
    }

    private static String lines(String what, String remedy) {
        return what + System.lineSeparator() + remedy;
    }

    private static <T extends Throwable> Optional<T> find(@Nullable Throwable fault, Class<T> wanted) {
        for (Throwable here = fault; here != null; here = here.getCause()) {
            if (wanted.isInstance(here)) {
                return Optional.of(wanted.cast(here));
            }
        }
        return Optional.empty();
    }
}
