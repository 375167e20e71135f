package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import mischung.caution.StandingCaution;
import mischung.job.Event;
import mischung.job.Job;
import mischung.plan.Plan;
import mischung.server.store.MixStore;
import mischung.way.Next;
import mischung.way.Step;
import mischung.way.Way;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far a visit has come and what is next: one answer for all screens of it. */
@RestController
@RequestMapping(path = "/api/cases/{id}/way", produces = MediaType.APPLICATION_JSON_VALUE)
class WayController {
    private final Cases cases;
    private final Routes routes;
    private final CaseCautions cautions;
    private final Jobs jobs;
    private final MixStore mixed;
    private final Clock clock;

    WayController(Cases cases, Routes routes, CaseCautions cautions, Jobs jobs, MixStore mixed, Clock clock) {
        this.cases = cases;
        this.routes = routes;
        this.cautions = cautions;
        this.jobs = jobs;
        this.mixed = mixed;
        this.clock = clock;
    }

    /** A step and how it stands. */
    record StepView(Step step, Step.State state) {}

    /** The way of one visit. */
    record WayView(
            @Schema(description = "in the order of the work")
            List<StepView> steps,

            Next.Doing next,
            @Schema(description = "where that is done") Step at,

            @Schema(description = "of what is to be done, where it can be counted; otherwise 0")
            int count,

            @Schema(description = "day of the visit") LocalDate day) {
        static WayView of(Way way, LocalDate day) {
            return new WayView(
                    way.steps().entrySet().stream()
                            .map(one -> new StepView(one.getKey(), one.getValue()))
                            .toList(),
                    way.next().doing(),
                    way.next().step(),
                    way.next().count(),
                    day);
        }
    }

    @GetMapping
    @Operation(operationId = "way", summary = "How every step of a visit stands, and the one thing to do next")
    WayView way(@PathVariable long id) {
        Cases.Stored of = cases.get(id);
        Way.Facts facts = facts(of);
        return WayView.of(
                Way.of(
                        facts.ready()
                                ? facts.withBlocks(blocks(of, routes.chosen(of).plan()))
                                : facts),
                of.file().date());
    }

    private Way.Facts facts(Cases.Stored of) {
        CheckedCase checked = of.checked();
        Job job = jobs.job(of.id());
        Way.Work work = job.ended().isPresent()
                ? Way.Work.ENDED
                : job.begun().isPresent() ? Way.Work.RUNNING : Way.Work.NOT_BEGUN;
        return new Way.Facts(
                checked.consultation().questionsOpen(),
                !checked.history().events().isEmpty(),
                of.file().unread(),
                (int) checked.strandTests().stream()
                        .filter(StrandTestView::running)
                        .count(),
                (int) checked.strandTests().stream()
                        .filter(test -> test.seen().done())
                        .count(),
                !of.file().wish().layers().isEmpty(),
                !checked.route().isEmpty(),
                0,
                checked.date().isAfter(LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault())),
                !mixed.bowls(of.id()).isEmpty(),
                work,
                job.counting().stream().anyMatch(entry -> entry.event() instanceof Event.Found),
                job.counting().stream().anyMatch(entry -> entry.event() instanceof Event.Judged));
    }

    /** Each counted once, however many steps it stands before. */
    private int blocks(Cases.Stored of, Plan plan) {
        return (int) plan.steps().stream()
                .flatMap(step -> cautions.before(of.checked(), plan, step).stream())
                .filter(StandingCaution::blocks)
                .map(one -> one.caution().message())
                .distinct()
                .count();
    }
}
