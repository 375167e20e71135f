package mischung.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Which copies are kept. */
class SafetyCopiesTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

    private static SafetyCopies.Copy at(Instant instant) {
        return new SafetyCopies.Copy(instant.toString(), instant, 1);
    }

    /** A copy at three every night for two years, and one at noon of today. */
    @Test
    void twoWeeksOfDaysAndAYearOfMonthsAreKept() {
        Instant noon = LocalDate.of(2026, 12, 1).atTime(12, 0).atZone(ZONE).toInstant();
        List<SafetyCopies.Copy> all = new ArrayList<>(List.of(at(noon)));
        for (int day = 0; day < 730; day++) {
            all.add(at(LocalDate.of(2026, 12, 1)
                    .minusDays(day)
                    .atTime(3, 0)
                    .atZone(ZONE)
                    .toInstant()));
        }
        Set<SafetyCopies.Copy> kept = SafetyCopies.kept(all, ZONE);
        assertThat(kept).contains(all.get(0)).as("of one day the newest").doesNotContain(all.get(1));
        assertThat(kept).hasSize(14 + 10);
        List<LocalDate> days = kept.stream()
                .map(copy -> copy.at().atZone(ZONE).toLocalDate())
                .sorted()
                .toList();
        assertThat(days).startsWith(LocalDate.of(2026, 1, 31)).endsWith(LocalDate.of(2026, 12, 1));
        assertThat(days)
                .filteredOn(day -> day.isAfter(LocalDate.of(2026, 11, 17)))
                .hasSize(14);
    }

    @Test
    void fewCopiesAreAllKeptButThoseOfOneDay() {
        Instant now = Instant.parse("2026-12-01T11:00:00Z");
        List<SafetyCopies.Copy> all =
                List.of(at(now), at(now.minus(1, ChronoUnit.HOURS)), at(now.minus(40, ChronoUnit.DAYS)));
        assertThat(SafetyCopies.kept(all, ZONE)).containsExactlyInAnyOrder(all.get(0), all.get(2));
    }
}
