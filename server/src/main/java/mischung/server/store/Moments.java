package mischung.server.store;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Instants as they are kept: always to the microsecond, so that text in order is time in order. */
final class Moments {
    private static final DateTimeFormatter KEPT = DateTimeFormatter.ofPattern(
                    "uuuu-MM-dd'T'HH:mm:ss.SSSSSS'Z'", Locale.ROOT)
            .withZone(ZoneOffset.UTC);

    private Moments() {}

    static String text(Instant at) {
        return KEPT.format(at);
    }
}
