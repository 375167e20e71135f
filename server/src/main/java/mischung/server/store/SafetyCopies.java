package mischung.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
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
import java.util.Date;
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
 * Copies of the whole database, made while it is worked with. Each is a database of its own that any SQLite opens, or that within an
 * encrypted file if the salon has a passphrase ({@link CopyKey}); its name holds when it was made and what the file held, so that one
 * that was cut off or exchanged is known for it.
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
    private static final Pattern NAME =
            Pattern.compile("mischung-(\\d{8}T\\d{9}Z)-([0-9a-f]{" + DIGITS + "})\\.db(\\.gpg)?");

    /** The locked half of a key, beside the copies it opens and beside the database. */
    private static final Pattern KEY = Pattern.compile("mischung-copies-([0-9a-f]{16})\\.asc");

    private static final int SHORTEST = 8;
    private static final int LONGEST = 200;

    private final Path database;
    private final CopyPlace place;
    private final Clock clock;

    /** @param folder where nobody has chosen another; another disk is better than the database's own */
    public SafetyCopies(Path database, Path folder, Clock clock) {
        this.database = database;
        this.place = new CopyPlace(database.resolveSibling("copies.properties"), folder);
        this.clock = clock;
    }

    /** One copy, by its file's name. */
    public record Copy(String name, Instant at, long bytes) {
        public boolean encrypted() {
            return name.endsWith(".gpg");
        }
    }

    public Path folder() {
        return place.folder();
    }

    /** Whether new copies are encrypted. */
    public boolean encrypts() {
        return place.key().isPresent();
    }

    /**
     * Copies are made there from now on; those that lie elsewhere stay where they are.
     *
     * @throws RefusedInput unless it is a whole path to a folder that can be written to
     */
    public synchronized void moveTo(String folder) {
        try {
            Path to = Path.of(folder);
            if (!to.isAbsolute()) {
                throw new RefusedInput("folder", folder, ProblemMessage.COPY_FOLDER);
            }
            Files.createDirectories(to);
            Files.delete(Files.createTempFile(to, "mischung", PART));
            place.change(to.normalize(), place.key());
        } catch (IOException | InvalidPathException e) {
            throw new RefusedInput("folder", folder, ProblemMessage.COPY_FOLDER);
        }
    }

    /**
     * Copies are encrypted from now on, and open with that passphrase alone; those made before stay as they are.
     *
     * @param passphrase 8–200 characters; kept nowhere. Empty: they are not encrypted any more
     */
    public synchronized void encryptWith(String passphrase) {
        if (!passphrase.isEmpty() && (passphrase.length() < SHORTEST || passphrase.length() > LONGEST)) {
            throw new RefusedInput("passphrase", "", ProblemMessage.COPY_PASSPHRASE_LENGTH);
        }
        try {
            if (passphrase.isEmpty()) {
                place.change(place.folder(), Optional.empty());
                return;
            }
            CopyKey key = CopyKey.made(passphrase, Date.from(clock.instant()));
            String file = "mischung-copies-" + key.id() + ".asc";
            Files.writeString(database.resolveSibling(file), key.words());
            place.change(place.folder(), Optional.of(file));
        } catch (IOException e) {
            throw new RefusedInput("passphrase", "", ProblemMessage.NO_COPY_MADE);
        }
    }

    /** The newest first. */
    public List<Copy> all() {
        Path folder = folder();
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
        Path folder = folder();
        Path part = folder.resolve("mischung-" + stamp + PART);
        // What is not to lie there readable is not written there first.
        Path plain = encrypts() ? database.resolveSibling("copy" + PART) : part;
        try {
            Files.createDirectories(folder);
            Files.deleteIfExists(part);
            Files.deleteIfExists(plain);
            copyInto(plain);
            soundOrRefused(plain);
            String kind = ".db";
            if (encrypts()) {
                kind = ".db.gpg";
                encrypt(plain, part);
                Files.delete(plain);
            }
            try (FileChannel written = FileChannel.open(part, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            Path whole = folder.resolve("mischung-" + stamp + "-" + digest(part) + kind);
            Files.move(part, whole, StandardCopyOption.ATOMIC_MOVE);
            tidy();
            return copy(whole).orElseThrow();
        } catch (IOException | SQLException e) {
            leaveNothing(part);
            leaveNothing(plain);
            throw new RefusedInput("copies", folder, ProblemMessage.NO_COPY_MADE);
        } catch (RefusedInput damaged) {
            leaveNothing(part);
            leaveNothing(plain);
            throw damaged;
        }
    }

    /** The key goes along: a copy is of use on a computer that has nothing but the folder. */
    private void encrypt(Path plain, Path into) throws IOException {
        String name = place.key().orElseThrow();
        Path mine = database.resolveSibling(name);
        Path beside = into.resolveSibling(name);
        if (!Files.exists(beside)) {
            Files.copy(mine, beside);
        }
        CopyKey.read(mine).encrypt(plain, into);
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
                Files.deleteIfExists(folder().resolve(copy.name));
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
     * @param passphrase of an encrypted one; else it is not looked at
     * @throws RefusedInput if there is none of that name, or it is not whole, or the passphrase is another
     */
    public synchronized void restoreNext(String name, String passphrase) {
        if (!NAME.matcher(name).matches() || !Files.isRegularFile(folder().resolve(name))) {
            throw new RefusedInput("name", name, ProblemMessage.NO_SUCH_COPY);
        }
        layReady(folder().resolve(name), database, passphrase);
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
     * A file from anywhere. The key of an encrypted one lies beside it, or beside the database.
     *
     * @throws RefusedInput if it is no whole database of this program, or the passphrase is another
     */
    public static void layReady(Path copy, Path database, String passphrase) {
        Path part = database.resolveSibling(WAITING + PART);
        try {
            unchangedOrRefused(copy);
            if (copy.getFileName().toString().endsWith(".gpg")) {
                opened(copy, database, passphrase, part);
            } else {
                Files.copy(copy, part, StandardCopyOption.REPLACE_EXISTING);
            }
            soundOrRefused(part);
            try (FileChannel written = FileChannel.open(part, StandardOpenOption.WRITE)) {
                written.force(true);
            }
            Files.move(part, database.resolveSibling(WAITING), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            delete(part);
            throw new RefusedInput("copies", copy, ProblemMessage.NO_COPY_MADE);
        } catch (RefusedInput refused) {
            delete(part);
            throw refused;
        }
    }

    private static void opened(Path copy, Path database, String passphrase, Path into) throws IOException {
        boolean anyKey = false;
        for (Path folder : List.of(copy.toAbsolutePath().getParent(), database.getParent())) {
            for (Path file : keysIn(folder)) {
                anyKey = true;
                try {
                    if (CopyKey.read(file).decrypt(copy, passphrase, into)) {
                        return;
                    }
                } catch (IOException anothersOrDamaged) {
                    LOG.info("{} is not opened by {}", copy, file, anothersOrDamaged);
                    continue;
                }
                throw new RefusedInput("passphrase", "", ProblemMessage.COPY_PASSPHRASE);
            }
        }
        throw new RefusedInput(
                "copy", copy.getFileName(), anyKey ? ProblemMessage.COPY_DAMAGED : ProblemMessage.COPY_KEY_MISSING);
    }

    private static List<Path> keysIn(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(
                            file -> KEY.matcher(file.getFileName().toString()).matches())
                    .sorted()
                    .toList();
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

    private static void unchangedOrRefused(Path copy) throws IOException {
        Matcher name = NAME.matcher(copy.getFileName().toString());
        if (!Files.isRegularFile(copy)) {
            throw new RefusedInput("copy", copy.getFileName(), ProblemMessage.COPY_DAMAGED);
        }
        if (name.matches() && !digest(copy).equals(name.group(2))) {
            throw new RefusedInput("copy", copy.getFileName(), ProblemMessage.COPY_CHANGED);
        }
    }

    private static void soundOrRefused(Path copy) {
        try {
            if (!isSound(copy)) {
                throw new RefusedInput("copy", copy.getFileName(), ProblemMessage.COPY_DAMAGED);
            }
        } catch (SQLException e) {
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
