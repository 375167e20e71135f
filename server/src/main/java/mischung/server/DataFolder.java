package mischung.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.flywaydb.core.api.exception.FlywayValidateException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.jdbc.DataSourceBuilder;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The folder with the database: made if missing, refused in plain words if it cannot be used. */
@Configuration
class DataFolder {
    /**
     * WAL lets readers go on while one writes; full synchronisation makes an acknowledged write survive a power cut;
     * immediate transactions wait for their turn at the start instead of failing in the middle; what is deleted is overwritten.
     */
    private static final String PARAMETERS =
            "?journal_mode=WAL&foreign_keys=on&synchronous=FULL&busy_timeout=5000&transaction_mode=IMMEDIATE"
                    + "&secure_delete=true";

    static final String FILE = "mischung.db";

    @Bean
    DataSource dataSource(Settings settings) {
        Path folder = settings.data().toAbsolutePath();
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new Unusable(folder, "it cannot be created", e);
        }
        if (!Files.isWritable(folder)) {
            throw new Unusable(folder, "nothing can be written into it", null);
        }
        return DataSourceBuilder.create()
                .url("jdbc:sqlite:" + folder.resolve(FILE) + PARAMETERS)
                .build();
    }

    /** The data folder cannot be used. */
    static final class Unusable extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unusable(Path folder, String why, @Nullable Throwable cause) {
            super("The data folder " + folder + " cannot be used: " + why, cause);
        }
    }

    /** Says so at the start, without a stack trace. */
    static final class Analyzer extends AbstractFailureAnalyzer<Unusable> {
        @Override
        protected FailureAnalysis analyze(Throwable root, Unusable cause) {
            return new FailureAnalysis(
                    cause.getMessage(), "Name another folder with --mischung.data=DIR, or free this one.", cause);
        }
    }

    /** A database written by a newer version of the program, or damaged. */
    static final class MigrationAnalyzer extends AbstractFailureAnalyzer<FlywayValidateException> {
        @Override
        protected FailureAnalysis analyze(Throwable root, FlywayValidateException cause) {
            return new FailureAnalysis(
                    "The database was written by a newer version of Mischung, or was changed by hand:\n"
                            + cause.getMessage()
                                    .lines()
                                    .filter(line -> line.startsWith("Detected"))
                                    .collect(Collectors.joining("\n")),
                    "Start the newer version, or name another folder with --mischung.data=DIR.",
                    cause);
        }
    }
}
