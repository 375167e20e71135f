package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import mischung.plan.Plan;
import mischung.route.Route;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One route in full: bowls, order, reasons. Never stored: the same case gives the same plan. */
@RestController
@RequestMapping(path = "/api/cases/{id}/plan", produces = MediaType.APPLICATION_JSON_VALUE)
class PlanController {
    private final Cases cases;
    private final CaseCautions cautions;
    private final Routes routes;

    PlanController(Cases cases, CaseCautions cautions, Routes routes) {
        this.cases = cases;
        this.cautions = cautions;
        this.routes = routes;
    }

    @GetMapping
    @Operation(operationId = "planCase", summary = "A route in full, with what blocks it and where")
    PlanView plan(
            @PathVariable long id,
            @Parameter(description = "its key; empty: the chosen one") @RequestParam(defaultValue = "") String route) {
        Cases.Stored stored = cases.get(id);
        CheckedCase checked = stored.checked();
        Route asked = routes.route(stored, route);
        Plan plan = asked.plan();
        return PlanView.of(
                asked.key(),
                plan,
                checked.startTime(),
                StandingView.of(cautions.before(checked, plan)),
                plan.steps().stream()
                        .map(step -> StandingView.of(cautions.before(checked, plan, step)))
                        .toList());
    }
}
