package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import mischung.server.Settings;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The one clock there is: screens show it and go by it, whatever their own say. */
@RestController
@RequestMapping(path = "/api/clock", produces = MediaType.APPLICATION_JSON_VALUE)
class ClockController {
    private final Clock clock;
    private final Settings settings;

    ClockController(Clock clock, Settings settings) {
        this.clock = clock;
        this.settings = settings;
    }

    /** The program's time. */
    record ClockNow(
            Instant now,

            @Schema(description = "how much faster than real it runs, 1 at work")
            double hasten,

            @Schema(description = "the salon's time zone", example = "Europe/Berlin")
            String zone) {}

    @GetMapping
    @Operation(operationId = "clock", summary = "The program's time and the salon's time zone")
    ClockNow now() {
        return new ClockNow(
                clock.instant(), settings.hasten(), ZoneId.systemDefault().getId());
    }
}
