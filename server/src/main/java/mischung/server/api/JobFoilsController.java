package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import mischung.plan.Plan;
import mischung.sequence.SectionPlan;
import mischung.sequence.Task;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The foils of a running job, as its work sheet numbers them. */
@RestController
@RequestMapping(path = "/api/cases/{id}/job/foils", produces = MediaType.APPLICATION_JSON_VALUE)
class JobFoilsController {
    private final Cases cases;
    private final Jobs jobs;
    private final HouseSettings house;

    JobFoilsController(Cases cases, Jobs jobs, HouseSettings house) {
        this.cases = cases;
        this.jobs = jobs;
        this.house = house;
    }

    /** What a task lays. */
    record TaskFoils(
            @Schema(description = "of the task") String key,

            @Schema(description = "in the order in which they are laid")
            List<Integer> foils) {}

    record JobFoils(List<PlacementView.FoilView> foils, List<TaskFoils> tasks) {}

    @GetMapping
    @Operation(operationId = "jobFoils", summary = "Every foil of the job, and which of them each task lays")
    JobFoils foils(@PathVariable long id) {
        Jobs.Worked worked = jobs.worked(cases.get(id));
        Plan plan = worked.plan();
        SectionPlan sections = SectionPlan.of(plan, house.durations());
        List<Task> tasks =
                worked.job().standing().stream().map(one -> one.task()).toList();
        return new JobFoils(
                PlacementView.foils(plan.head(), sections, Optional.of(plan)),
                sections.laidBy(tasks).entrySet().stream()
                        .map(laid -> new TaskFoils(laid.getKey().text(), laid.getValue()))
                        .toList());
    }
}
