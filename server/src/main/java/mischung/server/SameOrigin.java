package mischung.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import mischung.server.access.HouseDoor;
import mischung.server.api.ProblemAnswers;
import mischung.server.words.ProblemMessage;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Other sites open in the same browser must not reach the records: requests must be addressed to this machine by a name of its own
 * (so that no foreign name can be pointed at it), changes must come from our own pages, and the pages may load nothing
 * from elsewhere.
 */
@Component
@Order(SameOrigin.FIRST)
class SameOrigin extends OncePerRequestFilter {
    static final int FIRST = 1;

    private static final Set<String> THIS_MACHINE = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
    private static final int HTTP = 80;
    private static final int HTTPS = 443;
    private static final Set<String> HARMLESS = Set.of("GET", "HEAD", "OPTIONS");

    private final HouseDoor door;
    private final ProblemAnswers answers;

    // Later: filters are made before the database is open, and why it does not open is said elsewhere.
    SameOrigin(@Lazy HouseDoor door, @Lazy ProblemAnswers answers) {
        this.door = door;
        this.answers = answers;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // Ant Design writes its styles into the page, so styles may stand inline; scripts may not.
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
                        + " font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none';"
                        + " frame-ancestors 'none'; form-action 'self'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        boolean named = door.is(request.getLocalPort())
                ? door.answersTo(request.getServerName())
                : THIS_MACHINE.contains(request.getServerName());
        if (!named) {
            refuse(request, response, ProblemMessage.ONLY_THIS_MACHINE);
        } else if ((!HARMLESS.contains(request.getMethod()) || data(request)) && foreign(request)) {
            refuse(request, response, ProblemMessage.OWN_PAGES_ONLY);
        } else {
            if (data(request)) {
                response.setHeader("Cache-Control", "no-store");
            }
            chain.doFilter(request, response);
        }
    }

    /** What is asked of the API is somebody's record; the pages themselves are nobody's. */
    private static boolean data(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/api/");
    }

    private static boolean foreign(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            return true;
        }
        String origin = request.getHeader("Origin");
        if (origin == null) {
            return false;
        }
        try {
            URI from = URI.create(origin);
            int usual = "https".equals(from.getScheme()) ? HTTPS : HTTP;
            int port = from.getPort() < 0 ? usual : from.getPort();
            return !request.getServerName().equals(from.getHost()) || request.getServerPort() != port;
        } catch (IllegalArgumentException e) {
            return true;
        }
    }

    private void refuse(HttpServletRequest request, HttpServletResponse response, ProblemMessage remedy)
            throws IOException {
        answers.refuse(request, response, HttpStatus.FORBIDDEN, ProblemMessage.NOT_ALLOWED, "", remedy);
    }
}
