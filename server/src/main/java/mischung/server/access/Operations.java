package mischung.server.access;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The table of all operations. What does not stand in it is not answered. */
@Component
public class Operations {
    private static final String FILE = "/mischung/access/operations.txt";
    private static final int PARTS = 5;

    private final Map<String, Operation> all;

    public Operations() {
        try (InputStream file = Objects.requireNonNull(Operations.class.getResourceAsStream(FILE), FILE)) {
            this.all = new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(Operations::read)
                    .collect(Collectors.toUnmodifiableMap(Operation::name, Function.identity()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Operation read(String line) {
        String[] parts = line.trim().split(" +", PARTS);
        return new Operation(
                parts[0],
                parts[1],
                Role.valueOf(parts[2]),
                Operation.From.valueOf(parts[3]),
                parts[4].equals("-") ? Operation.Trail.NOTHING : Operation.Trail.valueOf(parts[4]));
    }

    /** @param method HEAD is answered like GET */
    public Optional<Operation> of(String method, String pattern) {
        return Optional.ofNullable(all.get((method.equals("HEAD") ? "GET" : method) + " " + pattern));
    }

    public Collection<Operation> all() {
        return all.values();
    }
}
