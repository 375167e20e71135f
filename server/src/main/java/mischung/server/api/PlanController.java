package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import mischung.mix.Cards;
import mischung.plan.Plan;
import mischung.route.Route;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.sequence.SectionPlan;
import mischung.sequence.Sequence;
import mischung.sequence.Task;
import mischung.server.store.MixStore;
import mischung.server.words.ProblemMessage;
import mischung.wish.Wish;
import mischung.wish.WorkedHead;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One route in full: bowls, order, reasons. Never stored: the same case gives the same plan. */
@RestController
@RequestMapping(path = "/api/cases/{id}/plan", produces = MediaType.APPLICATION_JSON_VALUE)
class PlanController {
    private static final int LONGEST = 600;

    private final Cases cases;
    private final CaseCautions cautions;
    private final Routes routes;
    private final Sequences sequences;
    private final MixStore past;
    private final HouseSettings house;
    private final Shelves shelves;

    PlanController(
            Cases cases,
            CaseCautions cautions,
            Routes routes,
            Sequences sequences,
            MixStore past,
            HouseSettings house,
            Shelves shelves) {
        this.shelves = shelves;
        this.cases = cases;
        this.cautions = cautions;
        this.routes = routes;
        this.sequences = sequences;
        this.past = past;
        this.house = house;
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
                sequences.of(stored, plan),
                checked.startTime(),
                StandingView.of(cautions.before(checked, plan)),
                plan.steps().stream()
                        .map(step -> StandingView.of(cautions.before(checked, plan, step)))
                        .toList());
    }

    @GetMapping("/placement")
    @Operation(
            operationId = "placement",
            summary = "Where colours go: foils by zone, and how the head reads as a whole")
    PlacementView placement(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        Plan plan = routes.chosen(stored).plan();
        return PlacementView.of(plan, SectionPlan.of(plan, house.durations()));
    }

    @PostMapping("/foils")
    @Operation(
            operationId = "wishedFoils",
            summary = "Foils of a wish that is being made, at once and kept nowhere; bowls come with the placement")
    PlacementView foils(@PathVariable long id, @RequestBody WishView wish) {
        CheckedCase of = cases.get(id).checked();
        Wish wished = wish.checked(of.consultation());
        WorkedHead head = WorkedHead.of(of.head(), wished);
        return PlacementView.of(head, wished, SectionPlan.of(head, of.method().start(), house.durations()));
    }

    @GetMapping(path = "/work-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    @Operation(
            operationId = "workSheet",
            summary = "The sheet beside the chair: foils on the head, bowls, order of work")
    ResponseEntity<byte[]> workSheet(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        Plan plan = routes.chosen(stored).plan();
        CheckedCase checked = stored.checked();
        byte[] sheet = WorkSheetPdf.of(
                checked.clientName(),
                checked.date().toString(),
                plan,
                SectionPlan.of(plan, house.durations()),
                plan(id, ""));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("work-sheet-" + id + "-" + checked.date() + ".pdf")
                                .build()
                                .toString())
                .body(sheet);
    }

    @GetMapping("/sequence")
    @Operation(operationId = "sequence", summary = "The chosen route on the clock, task by task")
    SequenceView sequence(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        Plan plan = routes.chosen(stored).plan();
        Sequence sequence = sequences.of(stored, plan);
        return SequenceView.of(
                plan,
                sequence,
                Cards.of(plan, sequence, shelves.inUse(), 1),
                stored.checked().startTime(),
                past.tookIn(id));
    }

    @PostMapping("/sequence/search")
    @Operation(operationId = "searchOrder", summary = "Look on for a shorter order, beside everything else")
    Sequences.Progress search(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        return sequences.search(stored, routes.chosen(stored).plan());
    }

    @GetMapping("/sequence/search")
    @Operation(operationId = "searchProgress", summary = "How far the search for a shorter order is")
    Sequences.Progress progress(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        return sequences.progress(stored, routes.chosen(stored).plan());
    }

    @DeleteMapping("/sequence/search")
    @Operation(operationId = "cancelSearch", summary = "Look no further; what was found stays")
    Sequences.Progress cancel(@PathVariable long id) {
        Cases.Stored stored = cases.get(id);
        return sequences.cancel(stored, routes.chosen(stored).plan());
    }

    /** How long a task really took. */
    record TookView(
            String key, @Schema(description = "1–600") int minutes) {}

    @PostMapping("/sequence/took")
    @Operation(
            operationId = "tookMinutes",
            summary = "How long a task really took; later plans of the house learn from it")
    SequenceView took(@PathVariable long id, @RequestBody TookView took) {
        Cases.Stored stored = cases.get(id);
        Plan plan = routes.chosen(stored).plan();
        Task task = sequences.of(stored, plan).tasks().stream()
                .filter(one -> one.key().equals(took.key))
                .findFirst()
                .orElseThrow(() -> new RefusedInput("key", took.key, RefusalMessage.NO_SUCH_TASK));
        if (task.person() == 0 || task.kind() == Task.Kind.BREAK) {
            throw new RefusedInput("key", took.key, ProblemMessage.ONLY_HANDS);
        }
        RefusedInput.within("minutes", took.minutes, 1, LONGEST, Unit.MIN);
        double factor = house.durations().factors().getOrDefault(task.kind(), 1.0);
        past.took(id, task.key(), task.kind(), task.minutes() / factor, took.minutes);
        return sequence(id);
    }
}
