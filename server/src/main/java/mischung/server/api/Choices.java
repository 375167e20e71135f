package mischung.server.api;

import java.util.Optional;

/** Choices of a file that have one word more than the core's: that nothing was said. */
final class Choices {
    private Choices() {}

    /** The core's word of the same name; empty for {@code nothing}. */
    static <V extends Enum<V>, T extends Enum<T>> Optional<T> other(V chosen, V nothing, Class<T> of) {
        return chosen == nothing ? Optional.empty() : Optional.of(Enum.valueOf(of, chosen.name()));
    }
}
