package mischung.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import mischung.server.access.Devices;
import mischung.server.access.HouseDoor;
import mischung.server.store.AccessStore;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;
import mischung.server.words.ProblemMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.HtmlUtils;

/**
 * What comes in by the house's door is let in only from a paired device. Every other gets one plain page with six figures, which
 * are typed on the main machine, and the salon's certificate; and nothing else.
 */
@Component
@Order(Admission.AFTER_THE_ORIGIN)
class Admission extends OncePerRequestFilter {
    static final int AFTER_THE_ORIGIN = 2;

    /** The number of the device a request came from; 0: the main machine. */
    static final String DEVICE = "mischung.device";

    static final String PAIRING = "Pairing";
    static final String CERTIFICATE = "/house.crt";

    // "__Host-": the browser itself sees to it that it is secure and of this host alone (RFC 6265bis, 4.1.3.2).
    static final String TOKEN = "__Host-device";
    private static final String WAITS = "__Host-waits";

    /** No browser keeps one longer (RFC 6265bis, 5.5); it is given anew whenever a page is opened. */
    private static final Duration KEPT = Duration.ofDays(400);

    private final HouseDoor door;
    private final Devices devices;
    private final ProblemAnswers answers;

    // Later: filters are made before the database is open, and why it does not open is said elsewhere.
    Admission(@Lazy HouseDoor door, @Lazy Devices devices, @Lazy ProblemAnswers answers) {
        this.door = door;
        this.devices = devices;
        this.answers = answers;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!door.is(request.getLocalPort())) {
            request.setAttribute(DEVICE, 0L);
            chain.doFilter(request, response);
            return;
        }
        String token = cookie(request, TOKEN);
        Optional<AccessStore.Device> device = devices.of(token);
        if (device.isPresent() && token != null) {
            request.setAttribute(DEVICE, device.get().id());
            if (opensAPage(request)) {
                give(response, TOKEN, token, KEPT);
            }
            chain.doFilter(request, response);
        } else if (request.getRequestURI().equals(CERTIFICATE) && door.root().length > 0) {
            response.setContentType("application/x-x509-ca-cert");
            response.getOutputStream().write(door.root());
        } else if (opensAPage(request)) {
            wait(request, response);
        } else {
            // So that a page that is open on a device which was removed knows to be loaded again.
            response.setHeader(PAIRING, "needed");
            answers.refuse(
                    request, response, HttpStatus.FORBIDDEN, ProblemMessage.NOT_PAIRED, "", ProblemMessage.PAIR_FIRST);
        }
    }

    private static boolean opensAPage(HttpServletRequest request) {
        String wanted = request.getHeader(HttpHeaders.ACCEPT);
        return request.getMethod().equals("GET")
                && !request.getRequestURI().startsWith("/api/")
                && wanted != null
                && wanted.contains(MediaType.TEXT_HTML_VALUE);
    }

    private void wait(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String waits = cookie(request, WAITS);
        Optional<String> token = devices.token(waits);
        if (token.isPresent()) {
            give(response, TOKEN, token.get(), KEPT);
            give(response, WAITS, "", Duration.ZERO);
            response.setStatus(HttpServletResponse.SC_SEE_OTHER);
            response.setHeader(HttpHeaders.LOCATION, "/");
            return;
        }
        Optional<String> code = devices.code(waits);
        if (code.isEmpty()) {
            Optional<String> asks = devices.ask(request.getRemoteAddr());
            if (asks.isPresent()) {
                give(response, WAITS, asks.get(), Duration.ofMinutes(10));
                code = devices.code(asks.get());
            }
        }
        page(answers.words(request), response, code);
    }

    /** Without a script: it asks again by itself every three seconds. */
    private void page(Catalogue words, HttpServletResponse response, Optional<String> code) throws IOException {
        response.setContentType(MediaType.TEXT_HTML_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        String told = code.map(figures -> "<p>" + said(words, PageMessage.TYPE_THESE_FIGURES) + "</p><p class=\"code\">"
                        + figures.substring(0, 3) + " " + figures.substring(3) + "</p><p>"
                        + said(words, PageMessage.GOES_ON_BY_ITSELF) + "</p>")
                .orElseGet(() -> "<p>" + said(words, PageMessage.TOO_MANY_WAIT) + "</p>");
        String certificate = door.root().length == 0
                ? ""
                : "<p><a href=\"" + CERTIFICATE + "\" download=\"mischung.crt\">"
                        + said(words, PageMessage.TRUST_THE_HOUSE) + "</a></p>";
        String page = """
                <!doctype html>
                <html lang="%s">
                <head>
                <meta charset="utf-8">
                <meta name="viewport" content="width=device-width, initial-scale=1">
                %s
                <title>%s · Mischung</title>
                <style>
                body { margin: 0; min-height: 100vh; display: grid; place-content: center; text-align: center;
                  font: 20px/1.4 sans-serif; background: #f4f5f6; color: #16191b; padding: 0 20px; }
                .code { font-size: 84px; font-weight: 700; letter-spacing: 4px; margin: 8px 0; }
                a { color: #0b5670; line-height: 44px; }
                </style>
                </head>
                <body><main><h1>%s</h1>%s%s</main></body>
                </html>
                """.formatted(
                        words.language(),
                        code.isPresent() ? "<meta http-equiv=\"refresh\" content=\"3\">" : "",
                        said(words, PageMessage.NEW_DEVICE),
                        said(words, PageMessage.NEW_DEVICE),
                        told,
                        certificate);
        response.getOutputStream().write(page.getBytes(StandardCharsets.UTF_8));
    }

    private static String said(Catalogue words, PageMessage message) {
        return HtmlUtils.htmlEscape(words.say(message));
    }

    private static void give(HttpServletResponse response, String name, String value, Duration kept) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(name, value)
                        .path("/")
                        .secure(true)
                        .httpOnly(true)
                        .sameSite("Strict")
                        .maxAge(kept)
                        .build()
                        .toString());
    }

    static @Nullable String cookie(HttpServletRequest request, String name) {
        Cookie[] all = request.getCookies();
        return all == null
                ? null
                : Arrays.stream(all)
                        .filter(one -> one.getName().equals(name))
                        .map(Cookie::getValue)
                        .findFirst()
                        .orElse(null);
    }
}
