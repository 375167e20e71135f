package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.sequence.Task;
import mischung.server.store.MixStore;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is set for the whole house, and what it has learned. */
@RestController
@RequestMapping(path = "/api/house", produces = MediaType.APPLICATION_JSON_VALUE)
class HouseController {
    private final HouseSettings settings;
    private final MixStore past;

    HouseController(HouseSettings settings, MixStore past) {
        this.settings = settings;
        this.past = past;
    }

    @GetMapping
    @Operation(operationId = "house", summary = "The house's settings")
    HouseSettings.Settings settings() {
        return settings.now();
    }

    @PutMapping
    @Operation(operationId = "setHouse", summary = "Change the house's settings")
    HouseSettings.Settings set(@RequestBody HouseSettings.Settings asked) {
        return settings.set(asked);
    }

    /** By how much a kind of task takes longer than it was reckoned. */
    record LearnedView(
            Task.Kind kind,
            @Schema(description = "1: as reckoned") double factor,
            int seen) {}

    @GetMapping("/learned-durations")
    @Operation(operationId = "learnedDurations", summary = "What past work has taught of how long things take here")
    List<LearnedView> learned() {
        return settings.learned().entrySet().stream()
                .map(one -> new LearnedView(
                        one.getKey(),
                        LookView.rounded(one.getValue().factor(), 100),
                        one.getValue().seen()))
                .toList();
    }

    @DeleteMapping("/learned-durations")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "forgetDurations", summary = "Begin to learn anew how long things take")
    void forget() {
        past.forgetDurations();
    }
}
