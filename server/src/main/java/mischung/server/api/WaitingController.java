package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Answers that are no longer waited for. */
@RestController
class WaitingController {
    private final Waiting waiting;

    WaitingController(Waiting waiting) {
        this.waiting = waiting;
    }

    @DeleteMapping("/api/waiting/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(
            operationId = "waitNoLonger",
            summary = "The question that was asked under this name (header Waiting-Name) needs no answer any more")
    void goes(@PathVariable String name) {
        waiting.goes(name);
    }
}
