package mischung.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import mischung.server.MischungApplication;
import mischung.server.store.CaseStore;
import mischung.server.store.Visit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The plans of the day are there before anybody opens the first of them. */
class ThinkingAheadTest {
    @TempDir
    Path data;

    private ConfigurableApplicationContext started(boolean ahead) {
        return SpringApplication.run(
                MischungApplication.class,
                "--mischung.data=" + data,
                "--mischung.port=0",
                "--mischung.demo=true",
                "--mischung.start=2026-11-23T07:00:00Z",
                "--mischung.ahead=" + ahead);
    }

    private static List<Boolean> known(ConfigurableApplicationContext app, LocalDate day) {
        Cases cases = app.getBean(Cases.class);
        Routes routes = app.getBean(Routes.class);
        return app.getBean(CaseStore.class).ofDay(day).stream()
                .map(Visit.Summary::id)
                .map(id -> routes.remembers(cases.get(id)))
                .toList();
    }

    @Test
    @Timeout(60)
    void todaysVisitsAreThoughtThroughAndNoOthers() throws InterruptedException {
        LocalDate today = LocalDate.of(2026, 11, 23);
        try (ConfigurableApplicationContext app = started(true)) {
            app.getBean(ThinkingAhead.class).await();
            assertThat(known(app, today)).isNotEmpty().containsOnly(true);
            assertThat(known(app, today.plusDays(4))).isNotEmpty().doesNotContain(true);
        }
        try (ConfigurableApplicationContext app = started(false)) {
            app.getBean(ThinkingAhead.class).await();
            assertThat(known(app, today)).isNotEmpty().doesNotContain(true);
        }
    }
}
