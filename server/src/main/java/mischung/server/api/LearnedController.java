package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import mischung.mix.Experience;
import mischung.server.store.ClientStore;
import mischung.server.store.MixStore;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Clientele;
import mischung.uncertainty.Evidence;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What past visits have taught, of a client and of the house; each can be forgotten. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class LearnedController {
    private static final long NOBODY = 0;

    private final Learning learning;
    private final ClientStore clients;
    private final MixStore mixed;

    LearnedController(Learning learning, ClientStore clients, MixStore mixed) {
        this.learning = learning;
        this.clients = clients;
        this.mixed = mixed;
    }

    /** What was learned. */
    record TaughtView(
            @Schema(description = "visits, or clients of the house, it rests on")
            int from,

            @Schema(description = "against what was thought before")
            List<StrandTestController.FactorChange> hair,

            @Schema(description = "what a bowl takes for what was reckoned")
            double grams,

            @Schema(description = "bowls that rests on") int bowls) {}

    @GetMapping("/clients/{id}/learned")
    @Operation(operationId = "learnedOfClient", summary = "What this client's looks and look backs have taught")
    TaughtView client(@PathVariable long id) {
        if (clients.find(id).isEmpty()) {
            throw ClientController.noSuchClient(id);
        }
        Calibration before = learning.house(id).newClient();
        List<Evidence> visits = learning.ofClient(id);
        Calibration after = before;
        for (Evidence one : visits) {
            after = after.with(one);
        }
        Experience grams = Experience.of(mixed.used(id, false), mixed.used(id, true));
        return new TaughtView(
                (int) visits.stream().filter(one -> one.observations() > 0).count(),
                StrandTestController.changes(before, after),
                LookView.rounded(grams.factor(), 100),
                grams.seen());
    }

    @DeleteMapping("/clients/{id}/learned")
    @Operation(
            operationId = "forgetClient",
            summary = "What this client's visits have taught of the hair counts no more")
    TaughtView forgetClient(@PathVariable long id) {
        learning.forgetClient(id);
        return client(id);
    }

    @GetMapping("/house/learned")
    @Operation(operationId = "learnedOfHouse", summary = "What the heads of this house have in common")
    TaughtView house() {
        Clientele house = learning.house(NOBODY);
        Experience grams = Experience.of(mixed.used(NOBODY, false), List.of());
        return new TaughtView(
                house.clients(),
                StrandTestController.changes(Calibration.none(), house.newClient()),
                LookView.rounded(grams.factor(), 100),
                grams.seen());
    }

    @DeleteMapping("/house/learned")
    @Operation(operationId = "forgetHouse", summary = "What other clients have taught counts no more for new ones")
    TaughtView forgetHouse() {
        learning.forgetHouse();
        return house();
    }
}
