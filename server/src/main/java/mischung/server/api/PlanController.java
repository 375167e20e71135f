package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import mischung.caution.Caution;
import mischung.caution.Standing;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.product.ProductRange;
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
    private final House house;

    PlanController(Cases cases, House house) {
        this.cases = cases;
        this.house = house;
    }

    @GetMapping
    @Operation(
            operationId = "planCase",
            summary = "The plan for a case by its own school, with what blocks it and where")
    PlanView plan(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        CheckedCase checked = stored.checked();
        Plan plan = Planner.plan(
                checked.head(), checked.wish(), checked.school(), ProductRange.demo(), cases.calibration(stored));
        return PlanView.of(
                plan,
                checked.startTime(),
                standing(checked, checked.cautions().before(plan)),
                plan.steps().stream()
                        .map(step -> standing(checked, checked.cautions().before(plan, step)))
                        .toList());
    }

    private List<StandingView> standing(CheckedCase checked, List<Caution> cautions) {
        return StandingView.of(
                Standing.of(cautions, checked.takenOn(), house.settings().overridesAllowed()));
    }
}
