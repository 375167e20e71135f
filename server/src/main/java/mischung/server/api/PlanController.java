package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import mischung.plan.Plan;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans. Never stored: the same case gives the same plan. */
@RestController
@RequestMapping(path = "/api/cases/{id}/plan", produces = MediaType.APPLICATION_JSON_VALUE)
class PlanController {
    private final Cases cases;
    private final CaseCautions cautions;

    PlanController(Cases cases, CaseCautions cautions) {
        this.cases = cases;
        this.cautions = cautions;
    }

    @GetMapping
    @Operation(
            operationId = "planCase",
            summary = "The plan for a case by its own school, with what blocks it and where")
    PlanView plan(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        CheckedCase checked = stored.checked();
        Plan plan = checked.plan(cases.calibration(stored));
        return PlanView.of(
                plan,
                checked.startTime(),
                StandingView.of(cautions.before(checked, plan)),
                plan.steps().stream()
                        .map(step -> StandingView.of(cautions.before(checked, plan, step)))
                        .toList());
    }
}
