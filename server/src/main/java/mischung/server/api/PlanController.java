package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import mischung.plan.Planner;
import mischung.product.ProductRange;
import mischung.server.store.CaseStore;
import mischung.server.store.StoredCase;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans. Never stored: the same case gives the same plan. */
@RestController
@RequestMapping(path = "/api/cases/{id}/plan", produces = MediaType.APPLICATION_JSON_VALUE)
class PlanController {
    private final CaseStore store;

    PlanController(CaseStore store) {
        this.store = store;
    }

    @GetMapping
    @Operation(operationId = "planCase", summary = "The plan for a case by its own school")
    PlanView plan(@PathVariable long id) {
        StoredCase content =
                store.find(id).orElseThrow(() -> Refusal.noSuchCase(id)).content();
        return PlanView.of(
                Planner.plan(content.head(), content.wish(), content.school(), ProductRange.demo()),
                content.startTime());
    }
}
