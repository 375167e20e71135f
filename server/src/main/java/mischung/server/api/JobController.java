package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import mischung.consultation.Scalp;
import mischung.hair.Elasticity;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.job.AcceptedPlan;
import mischung.job.BandForecast;
import mischung.job.Entry;
import mischung.job.Event;
import mischung.job.Job;
import mischung.job.Replan;
import mischung.job.Stops;
import mischung.plan.Plan;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.sequence.Sequence;
import mischung.sequence.Task;
import mischung.server.Settings;
import mischung.server.words.Catalogue;
import mischung.server.words.ProblemMessage;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The running job: what happened is told, what is to be done now is asked. */
@RestController
@RequestMapping(path = "/api/cases/{id}/job", produces = MediaType.APPLICATION_JSON_VALUE)
class JobController {
    private final Cases cases;
    private final CaseCautions cautions;
    private final Routes routes;
    private final Sequences sequences;
    private final Jobs jobs;
    private final JobLive live;
    private final LookBacks backs;
    private final Settings settings;

    JobController(
            Cases cases,
            CaseCautions cautions,
            Routes routes,
            Sequences sequences,
            Jobs jobs,
            JobLive live,
            LookBacks backs,
            Settings settings) {
        this.backs = backs;
        this.cases = cases;
        this.cautions = cautions;
        this.routes = routes;
        this.sequences = sequences;
        this.jobs = jobs;
        this.live = live;
        this.settings = settings;
    }

    /** What a press at the chair tells. */
    enum Told {
        STARTED,
        FINISHED,
        SKIPPED,
        LAID_FRESH,
        RINSED_NOW,
        PAUSED,
        RESUMED,
        ENDED
    }

    /** Whose hand. */
    record Hand(
            @Schema(description = "up to 40 characters; may be empty")
            String hand) {}

    /** A press at the chair. */
    record Press(
            String hand,
            Told told,

            @Schema(description = "key of a task or of a clock; empty where none is meant")
            String key) {}

    /** A strand that was looked at. */
    record SeenView(
            String hand,

            @Schema(description = "key of the clock that runs on it")
            String clock,

            ZonePlace zone,
            @Schema(description = "1–12 in halves") double level,

            @Schema(description = "if it was said: none or one")
            List<Tone> tone,

            @Schema(description = "beside the tone that was said: none or one")
            List<SecondToneView> second,

            @Schema(description = "by a reader, instead of the eye: none or one")
            List<CaseFile.MeasuredView> measured,

            CaseFile.Stretched stretch) {}

    /** How the scalp was found. */
    record ScalpView(String hand, Scalp scalp) {}

    /** Something worth remembering. */
    record SaidView(
            String hand,
            @Schema(description = "1–500 characters") String words) {}

    /** An entry that does not count. */
    record TakenBackView(String hand, long entry) {}

    /** What came up. */
    enum What {
        HANDS,
        GOES_BY,
        SHORT,
        LATE
    }

    /** Something that came up besides what a strand shows. */
    record ChangedView(
            String hand,
            What what,
            @Schema(description = "people from now on, 1–3") int hands,

            @Schema(description = "by when the client has to go", example = "16:30")
            String clock,

            @Schema(description = "which bowl runs short") String bowl,

            @Schema(description = "how much more of it is wanted, 1–1000 g")
            double grams) {}

    /** Whether the rest is worked as it was planned anew. */
    record WorkByIt(
            String hand,
            boolean accepted,

            @Schema(description = "number of the entry the proposal follows from, as it was shown")
            long entry,

            @Schema(description = "whether it had been thought through when it was shown")
            boolean thorough) {}

    @GetMapping
    @Operation(operationId = "job", summary = "The job as it stands now")
    JobView job(@PathVariable long id) {
        return view(cases.get(id));
    }

    private JobView view(Cases.Stored of) {
        List<Entry> entries = jobs.entries(of.id());
        Job job = Job.of(entries, jobs.now());
        Stops stops = Stops.of(job);
        Catalogue words = Catalogue.spoken();
        Function<Task, String> blocked = stops.none()
                ? task -> ""
                : task -> stops.against(jobs.worked(of, entries).plan(), task)
                        .map(words::sentence)
                        .orElse("");
        return JobView.of(
                job, entries, jobs.open(of, entries), jobs.now(), settings.hasten(), jobs.setBackMinutes(), blocked);
    }

    @PostMapping("/begin")
    @Operation(operationId = "beginJob", summary = "The client sits; the order as it is planned now is worked by")
    JobView begin(@PathVariable long id, Sent sent, @RequestBody Hand hand) {
        Cases.Stored of = cases.get(id);
        Plan plan = routes.chosen(of).plan();
        cautions.refuseBlockedWork(of.checked(), plan);
        Sequence sequence = sequences.of(of, plan);
        jobs.tell(
                id,
                hand.hand,
                new Event.Begun(
                        sequence.tasks().stream()
                                .filter(task -> task.visit() == 1)
                                .toList(),
                        sequence.batches().stream()
                                .filter(batch -> batch.visit() == 1)
                                .toList(),
                        BandForecast.of(plan, of.checked().history().washesPerWeek()),
                        Optional.of(AcceptedPlan.of(plan, routes.desk(of, cases.calibration(of))))),
                sent);
        return view(asFarAsTheJob(of));
    }

    /** How far the visit is follows the chair, so that nobody has to say it twice. */
    private Cases.Stored asFarAsTheJob(Cases.Stored of) {
        Job job = jobs.job(of.id());
        CaseFile.Status far = job.ended().isPresent() ? CaseFile.Status.DONE : CaseFile.Status.RUNNING;
        return job.begun().isEmpty() || of.file().status() == far ? of : cases.status(of, far);
    }

    @PostMapping("/presses")
    @Operation(
            operationId = "press",
            summary = "Something was begun, done, skipped, laid fresh, rinsed; hands rest or go on")
    JobView press(@PathVariable long id, Sent sent, @RequestBody Press press) {
        jobs.tell(
                id,
                press.hand,
                switch (press.told) {
                    case STARTED -> new Event.Started(press.key);
                    case FINISHED -> new Event.Finished(press.key);
                    case SKIPPED -> new Event.Skipped(press.key);
                    case LAID_FRESH -> new Event.LaidFresh(press.key);
                    case RINSED_NOW -> new Event.RinsedNow(press.key);
                    case PAUSED -> new Event.Paused();
                    case RESUMED -> new Event.Resumed();
                    case ENDED -> new Event.Ended();
                },
                sent);
        Cases.Stored of = cases.get(id);
        if (press.told == Told.ENDED) {
            of = asFarAsTheJob(of);
            backs.keep(of);
        }
        return view(of);
    }

    @PostMapping("/seen")
    @Operation(operationId = "seen", summary = "A strand was looked at; the answer holds what that means for the rest")
    JobView seen(@PathVariable long id, Sent sent, @RequestBody SeenView seen) {
        Optional<Elasticity> felt = Choices.other(seen.stretch, CaseFile.Stretched.NOT_TRIED, Elasticity.class);
        jobs.tell(
                id,
                seen.hand,
                new Event.Seen(
                        seen.clock,
                        seen.zone,
                        seen.level,
                        CaseFile.eachOf("tone", seen.tone, one -> SecondToneView.beside(one, seen.second)).stream()
                                .findFirst(),
                        CaseFile.eachOf("measured", seen.measured, CaseFile.MeasuredView::checked).stream()
                                .findFirst(),
                        felt),
                sent);
        Cases.Stored of = cases.get(id);
        jobs.learn(of);
        jobs.thinkOn(of);
        return view(of);
    }

    @PostMapping("/scalp")
    @Operation(
            operationId = "scalpSeen",
            summary =
                    "The scalp was looked at; where it is irritated the answer holds what comes off and what is left out")
    JobView scalp(@PathVariable long id, Sent sent, @RequestBody ScalpView seen) {
        jobs.tell(id, seen.hand, new Event.ScalpSeen(seen.scalp), sent);
        return job(id);
    }

    @PostMapping("/changed")
    @Operation(
            operationId = "changed",
            summary =
                    "Somebody came or left, the client has to go, a bowl runs short, the work runs late; the answer holds"
                            + " what would change")
    JobView changed(@PathVariable long id, Sent sent, @RequestBody ChangedView changed) {
        Job job = jobs.job(id);
        jobs.tell(
                id,
                changed.hand,
                switch (changed.what) {
                    case HANDS -> new Event.HandsNow(changed.hands);
                    case GOES_BY -> new Event.GoesBy(minute(job, changed.clock));
                    case SHORT -> new Event.RunsShort(changed.bowl, changed.grams);
                    case LATE -> new Event.RunsLate();
                },
                sent);
        return job(id);
    }

    /** Of the visit; a clock that is past already is one of the next day. */
    private static int minute(Job job, String clock) {
        try {
            ZonedDateTime begun = job.begun()
                    .orElseThrow(() -> new RefusedInput("clock", clock, RefusalMessage.JOB_NOT_BEGUN))
                    .atZone(ZoneId.systemDefault());
            ZonedDateTime at = begun.with(LocalTime.parse(clock));
            return (int) Duration.between(begun, at.isBefore(begun) ? at.plusDays(1) : at)
                    .toMinutes();
        } catch (DateTimeParseException wrong) {
            throw new RefusedInput("clock", clock, ProblemMessage.TIME_OF_DAY);
        }
    }

    @PostMapping("/answer")
    @Operation(operationId = "answerRecheck", summary = "Work on as it was planned anew, or leave it as it was")
    JobView answer(@PathVariable long id, Sent sent, @RequestBody WorkByIt answer) {
        Cases.Stored of = cases.get(id);
        Jobs.Proposal proposal = jobs.open(of, jobs.entries(id))
                .orElseThrow(() -> new RefusedInput("accepted", answer.accepted, ProblemMessage.NOTHING_PROPOSED));
        if (answer.entry != proposal.entry() || answer.thorough != proposal.done()) {
            throw new RefusedInput("accepted", answer.accepted, ProblemMessage.PROPOSAL_CHANGED);
        }
        Replan open = proposal.replan();
        jobs.tell(
                id,
                answer.hand,
                answer.accepted
                        ? Event.Replanned.yes(
                                open,
                                proposal.entry(),
                                proposal.done(),
                                BandForecast.of(
                                        open.ends(), of.checked().history().washesPerWeek()))
                        : Event.Replanned.no(proposal.entry()),
                sent);
        return view(of);
    }

    @PostMapping("/said")
    @Operation(operationId = "say", summary = "Something worth remembering")
    JobView say(@PathVariable long id, Sent sent, @RequestBody SaidView said) {
        jobs.tell(id, said.hand, new Event.Said(said.words), sent);
        return job(id);
    }

    @PostMapping("/taken-back")
    @Operation(
            operationId = "takeEntryBack",
            summary = "An entry does not count; it stays in the log, and so does this")
    JobView takeBack(@PathVariable long id, Sent sent, @RequestBody TakenBackView back) {
        jobs.tell(id, back.hand, new Event.TakenBack(back.entry), sent);
        Cases.Stored of = asFarAsTheJob(cases.get(id));
        jobs.learn(of);
        return view(of);
    }

    @GetMapping(path = "/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @Operation(operationId = "jobLive", summary = "A line whenever something happens in the job (server-sent events)")
    SseEmitter live(@PathVariable long id) {
        cases.get(id);
        return live.screen(id);
    }
}
