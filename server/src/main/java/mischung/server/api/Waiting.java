package mischung.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who waits for an answer, and whether they still do. A connection that was closed is noticed only by writing to it, and while
 * something is computed there is nothing to write; so a page names each of its questions, and says of which it no longer wants
 * the answer. Who gives no name is taken to wait to the end.
 */
@Component
class Waiting extends OncePerRequestFilter {
    static final String NAME = "Waiting-Name";

    private static final Pattern NAMES = Pattern.compile("[0-9a-f-]{36}");

    private final Map<String, AtomicBoolean> gone = new ConcurrentHashMap<>();
    private static final ThreadLocal<BooleanSupplier> HERE = ThreadLocal.withInitial(() -> () -> false);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String name = request.getHeader(NAME);
        if (name == null || !NAMES.matcher(name).matches()) {
            chain.doFilter(request, response);
            return;
        }
        AtomicBoolean one = gone.computeIfAbsent(name, fresh -> new AtomicBoolean());
        HERE.set(one::get);
        try {
            chain.doFilter(request, response);
        } finally {
            HERE.remove();
            gone.remove(name);
        }
    }

    /** Whether who asked what this thread answers has gone; to be asked from any thread. */
    BooleanSupplier gone() {
        return HERE.get();
    }

    /** Of a name nobody waits under there is nothing to do: it has been answered. */
    void goes(String name) {
        AtomicBoolean one = gone.get(name);
        if (one != null) {
            one.set(true);
        }
    }
}
