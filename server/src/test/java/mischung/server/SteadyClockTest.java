package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

/** A product on the hair works on, whatever somebody does to the computer's clock. */
class SteadyClockTest {
    private static final Instant NINE = Instant.parse("2026-11-23T09:00:00Z");

    private Instant shown = NINE;
    private long counted;

    /** The computer's clock, as somebody may set it. */
    private final Clock computer = new Clock() {
        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return shown;
        }
    };

    private SteadyClock clock = new SteadyClock(computer, () -> counted, 1);

    private void pass(Duration time) {
        shown = shown.plus(time);
        counted += time.toNanos();
    }

    @Test
    void setBackByAnHourItGoesOnAndSaysByHowMuch() {
        pass(Duration.ofMinutes(10));
        assertThat(clock.instant()).isEqualTo(NINE.plusSeconds(600));
        shown = shown.minus(Duration.ofHours(1));
        assertThat(clock.instant()).isEqualTo(NINE.plusSeconds(600));
        pass(Duration.ofMinutes(5));
        assertThat(clock.instant())
                .as("a clock that runs does not wait for an hour")
                .isEqualTo(NINE.plusSeconds(900));
        assertThat(clock.setBack()).isEqualTo(Duration.ofHours(1));
    }

    @Test
    void setForwardOrWokenFromSleepItFollows() {
        shown = shown.plus(Duration.ofMinutes(40));
        assertThat(clock.instant()).isEqualTo(NINE.plusSeconds(2400));
        assertThat(clock.setBack()).isZero();
    }

    @Test
    void afterARestartItGoesOnFromTheLastMomentThatWasNoted() {
        clock = new SteadyClock(computer, () -> counted, 1);
        clock.notBefore(NINE.plusSeconds(3600));
        pass(Duration.ofMinutes(1));
        assertThat(clock.instant()).isEqualTo(NINE.plusSeconds(3660));
        assertThat(clock.setBack()).isEqualTo(Duration.ofHours(1));
        clock.notBefore(NINE);
        assertThat(clock.instant()).as("what is past already changes nothing").isEqualTo(NINE.plusSeconds(3660));
    }

    @Test
    void itNeverGoesBackwardsHoweverTheClockIsSet() {
        java.util.Random lot = new java.util.Random(14);
        Instant before = clock.instant();
        for (int i = 0; i < 2000; i++) {
            counted += lot.nextInt(1_000_000_000);
            shown = NINE.plusSeconds(lot.nextInt(20_000) - 10_000);
            Instant now = clock.instant();
            assertThat(now).isAfterOrEqualTo(before);
            before = now;
        }
    }
}
