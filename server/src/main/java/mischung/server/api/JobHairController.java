package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.util.List;
import mischung.job.Developing;
import mischung.job.Job;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the hair under every running clock should look, minute by minute. */
@RestController
@RequestMapping(path = "/api/cases/{id}/job/hair", produces = MediaType.APPLICATION_JSON_VALUE)
class JobHairController {
    private final Cases cases;
    private final Jobs jobs;
    private final Clock clock;

    JobHairController(Cases cases, Jobs jobs, Clock clock) {
        this.cases = cases;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** The hair after so many minutes of work. */
    record HairAt(int minutes, LookView look) {}

    /** The hair under one clock. */
    record DevelopingView(
            @Schema(description = "of the clock") String key,

            @Schema(description = "from when the product was put on to the end of its window")
            List<HairAt> course) {}

    @GetMapping
    @Operation(operationId = "jobHair", summary = "How the hair under every running clock should look as it develops")
    List<DevelopingView> hair(@PathVariable long id) {
        Jobs.Worked worked = jobs.worked(cases.get(id));
        Job job = worked.job();
        return Developing.of(worked.plan(), job.batches(), job, worked.known(), clock.instant()).stream()
                .map(one -> new DevelopingView(
                        one.clock().task().key(),
                        one.course().stream()
                                .map(at -> new HairAt(at.minutes(), LookView.of(at.hair())))
                                .toList()))
                .toList();
    }
}
