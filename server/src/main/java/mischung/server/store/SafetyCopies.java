package mischung.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mischung.said.RefusedInput;
import mischung.server.words.ProblemMessage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Copies of the whole database, made while it is worked with. Each is a database of its own that any SQLite opens; its name holds when
 * it was made and what it held, so that one that was cut off or exchanged is known for it.
 */
public final class SafetyCopies {
    private static final Logger LOG = LoggerFactory.getLogger(SafetyCopies.class);

    /** The newest of each of so many days is kept, and of so many months. */
    static final int DAYS = 14;

    static final int MONTHS = 12;

    /** What waits here takes the database's place when the program starts next. */
    private static final String WAITING = "restore.db";

    private static final String PART = ".part";
    private static final int DIGITS = 16;
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmssSSS'Z'").withZone(ZoneOffset.UTC);
    private static final Pattern NAME = Pattern.compile("mischung-(\\d{8}T\\d{9}Z)-([0-9a-f]{" + DIGITS + "})\\.db");

    private final Path database;
    private final Path folder;
    private final Clock clock;

    /** @param folder another disk is better than the database's own */
    public SafetyCopies(Path database, Path folder, Clock clock) {
        this.database = database;
        this.folder = folder;
        this.clock = clock;
    }

    /** One copy, by its file's name. */
    public record Copy(String name, Instant at, long bytes) {}

    public Path folder() {
        return folder;
    }

    /** The newest first. */
    public List<Copy> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.flatMap(file -> copy(file).stream())
                    .sorted(Comparator.comparing(Copy::at).reversed())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Optional<Copy> copy(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        try {
            return name.matches()
                    ? Optional.of(new Copy(name.group(), STAMP.parse(name.group(1), Instant::from), Files.size(file)))
                    : Optional.empty();
        } catch (IOException gone) {
            return Optional.empty();
        }
    }

    /**
     * One copy more; those that the rule does not keep any longer go.
     *
     * @throws RefusedInput if it cannot be made, with nothing left half done
     */
    public synchronized Copy make() {
        String stamp = STAMP.format(clock.instant());
        Path part = folder.resolve("mischung-" + stamp + PART);
        try {
            Files.createDirectories(folder);
            Files.deleteIfExists(part);
            copyInto(part);
            soundOrRefused(part);
            try (FileChannel written = FileChannel.open(part, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            Path whole = folder.resolve("mischung-" + stamp + "-" + digest(part) + ".db");
            Files.move(part, whole, StandardCopyOption.ATOMIC_MOVE);
            tidy();
            return copy(whole).orElseThrow();
        } catch (IOException | SQLException e) {
            leaveNothing(part);
            throw new RefusedInput("copies", folder, ProblemMessage.NO_COPY_MADE);
        } catch (RefusedInput damaged) {
            leaveNothing(part);
            throw damaged;
        }
    }

    /** A consistent state, whatever is written meanwhile (sqlite.org, VACUUM INTO). */
    private void copyInto(Path file) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database + "?busy_timeout=5000");
                Statement sql = connection.createStatement()) {
            sql.execute("vacuum into '" + file.toString().replace("'", "''") + "'");
        }
    }

    private void tidy() throws IOException {
        List<Copy> all = all();
        Set<Copy> keep = kept(all, ZoneId.systemDefault());
        for (Copy copy : all) {
            if (!keep.contains(copy)) {
                Files.deleteIfExists(folder.resolve(copy.name));
            }
        }
    }

    /** @param all the newest first */
    static Set<Copy> kept(List<Copy> all, ZoneId zone) {
        Set<LocalDate> days = new HashSet<>();
        Set<YearMonth> months = new HashSet<>();
        Set<Copy> keep = new HashSet<>();
        for (Copy copy : all) {
            LocalDate day = copy.at.atZone(zone).toLocalDate();
            boolean ofDay = days.size() < DAYS && days.add(day);
            boolean ofMonth = months.size() < MONTHS && months.add(YearMonth.from(day));
            if (ofDay || ofMonth) {
                keep.add(copy);
            }
        }
        return keep;
    }

    /**
     * Lays a copy ready: when the program starts next it takes the database's place, and today's is kept beside it.
     *
     * @throws RefusedInput if there is none of that name, or it is not whole
     */
    public synchronized void restoreNext(String name) {
        if (!NAME.matcher(name).matches() || !Files.isRegularFile(folder.resolve(name))) {
            throw new RefusedInput("name", name, ProblemMessage.NO_SUCH_COPY);
        }
        layReady(folder.resolve(name), database);
    }

    /** Whether one waits. */
    public boolean waits() {
        return Files.exists(database.resolveSibling(WAITING));
    }

    /** It is not to be restored after all. */
    public synchronized void restoreNot() {
        delete(database.resolveSibling(WAITING));
    }

    /**
     * A file from anywhere.
     *
     * @throws RefusedInput if it is no whole database of this program
     */
    public static void layReady(Path copy, Path database) {
        soundOrRefused(copy);
        Path part = database.resolveSibling(WAITING + PART);
        try {
            Files.copy(copy, part, StandardCopyOption.REPLACE_EXISTING);
            try (FileChannel written = FileChannel.open(part, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            Files.move(part, database.resolveSibling(WAITING), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            delete(part);
            throw new RefusedInput("copies", copy, ProblemMessage.NO_COPY_MADE);
        }
    }

    /**
     * Before the database is opened: what waits takes its place. Broken off in the middle it is done at the next start, since the
     * old goes first.
     *
     * @return where the old one lies now; empty where nothing waited or there was none
     */
    public static Optional<Path> takeIn(Path database, Instant now) throws IOException {
        Path waiting = database.resolveSibling(WAITING);
        if (!Files.exists(waiting)) {
            return Optional.empty();
        }
        Optional<Path> before = Optional.empty();
        if (Files.exists(database)) {
            Path kept = database.resolveSibling("before-restore-" + STAMP.format(now) + ".db");
            // Its log of writes belongs to it.
            for (String log : List.of("-wal", "-shm")) {
                Path beside = database.resolveSibling(database.getFileName() + log);
                if (Files.exists(beside)) {
                    Files.move(beside, kept.resolveSibling(kept.getFileName() + log));
                }
            }
            Files.move(database, kept, StandardCopyOption.ATOMIC_MOVE);
            before = Optional.of(kept);
        }
        Files.move(waiting, database, StandardCopyOption.ATOMIC_MOVE);
        return before;
    }

    private static void soundOrRefused(Path copy) {
        Matcher name = NAME.matcher(copy.getFileName().toString());
        try {
            if (name.matches() && !digest(copy).equals(name.group(2))) {
                throw new RefusedInput("copy", copy.getFileName(), ProblemMessage.COPY_CHANGED);
            }
            if (!isSound(copy)) {
                throw new RefusedInput("copy", copy.getFileName(), ProblemMessage.COPY_DAMAGED);
            }
        } catch (IOException | SQLException e) {
            throw new RefusedInput("copy", copy.getFileName(), ProblemMessage.COPY_DAMAGED);
        }
    }

    private static boolean isSound(Path copy) throws SQLException {
        if (!Files.isRegularFile(copy)) {
            return false;
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy + "?open_mode=1");
                Statement sql = connection.createStatement()) {
            return "ok".equals(first(sql, "pragma integrity_check"))
                    && "3"
                            .equals(first(
                                    sql,
                                    "select count(*) from sqlite_master where type = 'table' and name in"
                                            + " ('client', 'visit', 'flyway_schema_history')"));
        }
    }

    private static String first(Statement sql, String query) throws SQLException {
        try (ResultSet rows = sql.executeQuery(query)) {
            return rows.next() ? String.valueOf(rows.getString(1)) : "";
        }
    }

    private static String digest(Path file) throws IOException {
        try {
            MessageDigest sha = MessageDigest.getInstance("SHA-256");
            try (InputStream in = new DigestInputStream(Files.newInputStream(file), sha)) {
                in.transferTo(OutputStream.nullOutputStream());
            }
            return HexFormat.of().formatHex(sha.digest()).substring(0, DIGITS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What could not be written whole; where not even that can be deleted it is no copy by its name. */
    private static void leaveNothing(Path part) {
        try {
            Files.deleteIfExists(part);
        } catch (IOException e) {
            LOG.warn("{} could not be deleted", part, e);
        }
    }
}
