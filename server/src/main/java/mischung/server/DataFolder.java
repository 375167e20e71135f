package mischung.server;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.Objects;
import javax.sql.DataSource;
import mischung.said.RefusedInput;
import mischung.server.store.LeftHanging;
import mischung.server.store.SafetyCopies;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.flyway.autoconfigure.FlywayDataSource;
import org.springframework.boot.jdbc.DataSourceBuilder;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;

/** The folder with the database: made if missing, refused in plain words if it cannot be used. */
@Configuration
class DataFolder {
    private static final Logger LOG = LoggerFactory.getLogger(DataFolder.class);

    /**
     * WAL lets readers go on while one writes; full synchronisation makes an acknowledged write survive a power cut; what is
     * deleted is overwritten.
     */
    private static final String PARAMETERS =
            "?journal_mode=WAL&foreign_keys=on&synchronous=FULL&busy_timeout=5000&secure_delete=true";

    /** Waits for its turn at the start instead of failing in the middle. */
    private static final String WRITING = PARAMETERS + "&transaction_mode=IMMEDIATE";

    /** Asks for no turn at all; the driver refuses whatever would write. */
    private static final String READING = PARAMETERS + "&jdbc.explicit_readonly=true";

    /** Of 4096 bytes each (sqlite.org, PRAGMA page_size). */
    private static final int PAGES_A_MEGABYTE = 256;

    private static final int READERS = 4;
    private static final int WRITERS = 4;

    static final String FILE = "mischung.db";

    /** Held while the program runs, so that two never work in one folder. */
    static final String LOCK = "mischung.lock";

    @Bean
    Held held(Settings settings) {
        Path folder = settings.data().toAbsolutePath();
        try {
            Files.createDirectories(folder);
            FileChannel channel =
                    FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (locked(channel)) {
                return new Held(channel);
            }
            channel.close();
        } catch (IOException e) {
            throw new Unusable(folder, "nothing can be written into it", e);
        }
        throw new Unusable(folder, "another Mischung works in it", null);
    }

    private static boolean locked(FileChannel channel) throws IOException {
        try {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** The folder is this program's until it ends. */
    record Held(FileChannel lock) implements AutoCloseable {
        @Override
        public void close() throws IOException {
            lock.close();
        }
    }

    /** What may write; the only one that changes the form of the database. */
    @Bean
    @FlywayDataSource
    HikariDataSource writing(Settings settings, Held held) {
        if (!held.lock().isOpen()) {
            throw new IllegalStateException("The data folder is not held any more");
        }
        Path folder = settings.data().toAbsolutePath();
        Path file = folder.resolve(FILE);
        restored(settings, folder, file);
        refuseForeign(folder, file);
        String limit =
                settings.mostMegabytes() == 0 ? "" : "&max_page_count=" + settings.mostMegabytes() * PAGES_A_MEGABYTE;
        return pool(file, WRITING + limit, WRITERS);
    }

    @Bean
    HikariDataSource reading(Settings settings) {
        HikariDataSource pool = pool(settings.data().toAbsolutePath().resolve(FILE), READING, READERS);
        pool.setReadOnly(true);
        return pool;
    }

    /** A transaction that only reads goes to the readers, so that it takes no lock of the writers. */
    @Bean
    @Primary
    DataSource dataSource(
            @Qualifier("writing") HikariDataSource writing, @Qualifier("reading") HikariDataSource reading) {
        LazyConnectionDataSourceProxy either = new LazyConnectionDataSourceProxy(writing);
        either.setReadOnlyDataSource(reading);
        return either;
    }

    @Bean
    SafetyCopies copies(Settings settings, @Qualifier("writing") HikariDataSource writing) {
        if (writing.isClosed()) {
            throw new IllegalStateException("There is no database to copy");
        }
        return new SafetyCopies(settings.data().toAbsolutePath().resolve(FILE), settings.copiesIn(), Clock.systemUTC());
    }

    /** A copy that was asked for, or was laid ready before, takes the database's place; the old one is kept beside it. */
    private static void restored(Settings settings, Path folder, Path file) {
        try {
            if (!settings.restore().isEmpty()) {
                // Not an option: options can be read by everybody on the machine.
                SafetyCopies.layReady(
                        Path.of(settings.restore()).toAbsolutePath(),
                        file,
                        Objects.requireNonNullElse(System.getenv("MISCHUNG_PASSPHRASE"), ""));
            }
            SafetyCopies.takeIn(file, Clock.systemUTC().instant())
                    .ifPresent(before -> LOG.info("A safety copy was restored; what was there before is {}", before));
        } catch (RefusedInput refused) {
            throw new RefusedInput("--mischung.restore", settings.restore(), refused.remedy());
        } catch (IOException e) {
            throw new Unusable(folder, "a safety copy cannot be put into it", e);
        }
    }

    private static HikariDataSource pool(Path file, String parameters, int most) {
        HikariDataSource pool = DataSourceBuilder.create()
                .type(HikariDataSource.class)
                .url("jdbc:sqlite:" + file + parameters)
                .build();
        pool.setMaximumPoolSize(most);
        pool.setExceptionOverrideClassName(LeftHanging.class.getName());
        return pool;
    }

    /** What is no SQLite database, or was cut off, is not opened: writing into it would make it worse. */
    private static void refuseForeign(Path folder, Path file) {
        if (!Files.exists(file)) {
            return;
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            long size = channel.size();
            if (size == 0) {
                return;
            }
            // The header by sqlite.org, Database File Format, 1.3.
            ByteBuffer header = ByteBuffer.allocate(100);
            int read = 0;
            while (header.hasRemaining() && read >= 0) {
                read = channel.read(header);
            }
            String magic = new String(header.array(), 0, 16, StandardCharsets.US_ASCII);
            if (size < 100 || !magic.equals("SQLite format 3\0")) {
                throw new Unusable(folder, FILE + " in it is no database", null);
            }
            int page = header.getShort(16) & 0xffff;
            long pages = header.getInt(28) & 0xffffffffL;
            boolean counted = header.getInt(24) == header.getInt(92);
            if (counted && size < pages * (page == 1 ? 65_536 : page)) {
                throw new Unusable(folder, FILE + " in it was cut off", null);
            }
        } catch (IOException e) {
            throw new Unusable(folder, FILE + " in it cannot be read", e);
        }
    }

    /** The data folder cannot be used. */
    static final class Unusable extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unusable(Path folder, String why, @Nullable Throwable cause) {
            super("The data folder " + folder + " cannot be used: " + why + ".", cause);
        }
    }
}
