package mischung.server.store;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.Properties;

/**
 * Where safety copies go and what encrypts them. It is kept beside the database and not in it: what is restored changes nothing of it.
 */
final class CopyPlace {
    private static final String FOLDER = "folder";
    private static final String KEY = "key";

    private final Path file;
    private final Path usual;

    /** @param usual the folder where nobody has chosen another */
    CopyPlace(Path file, Path usual) {
        this.file = file;
        this.usual = usual;
    }

    Path folder() {
        return Optional.ofNullable(read().getProperty(FOLDER)).map(Path::of).orElse(usual);
    }

    /** The file of the key, beside the database. */
    Optional<String> key() {
        return Optional.ofNullable(read().getProperty(KEY));
    }

    void change(Path folder, Optional<String> key) throws IOException {
        Properties all = new Properties();
        if (!folder.equals(usual)) {
            all.setProperty(FOLDER, folder.toString());
        }
        key.ifPresent(name -> all.setProperty(KEY, name));
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try (Writer out = Files.newBufferedWriter(part)) {
            all.store(out, null);
        }
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private Properties read() {
        Properties all = new Properties();
        if (Files.exists(file)) {
            try (Reader in = Files.newBufferedReader(file)) {
                all.load(in);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return all;
    }
}
