package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.Elasticity;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.hair.ZonePlace;
import mischung.job.BandForecast;
import mischung.job.Differences;
import mischung.job.Event;
import mischung.job.LookBack;
import mischung.job.Replan;
import mischung.light.Ciede2000;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.route.Decision;
import mischung.route.Route;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;
import mischung.uncertainty.Calibration;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A job looked back on: how the bands came out, what is taken along, what would have been better. */
@RestController
@RequestMapping(path = "/api/cases/{id}/look-back", produces = MediaType.APPLICATION_JSON_VALUE)
class LookBackController {
    private final Cases cases;
    private final Routes routes;
    private final Jobs jobs;
    private final LookBacks backs;

    LookBackController(Cases cases, Routes routes, Jobs jobs, LookBacks backs) {
        this.cases = cases;
        this.routes = routes;
        this.jobs = jobs;
        this.backs = backs;
    }

    /** A band as it came out, read dry. */
    record FoundView(
            String hand,
            ZonePlace zone,

            @Schema(description = "its place in the strand as read before the work, from 0")
            int band,

            @Schema(description = "1–12 in halves") double level,
            Tone tone,
            List<SecondToneView> second,

            @Schema(description = "a measurement instead of the eye: none or one")
            List<CaseFile.MeasuredView> measured,

            CaseFile.Stretched stretch) {}

    /** Two things that worked and one to change; each up to 300 characters, at least one of them said. */
    record JudgedWords(String hand, String worked, String alsoWorked, String change) {}

    /** The same job thought through again with what is known by now. */
    record BetterView(
            @Schema(description = "what it comes to") String says,

            @Schema(
                    description =
                            "CIEDE2000 from the wish that the work as it was done is expected to leave, known what is known")
            double asWorked,

            @Schema(description = "the same of what would be planned now")
            double now,

            String route,

            @Schema(description = "what would be done otherwise, one line each")
            List<String> otherwise) {}

    @GetMapping
    @Operation(operationId = "lookBack", summary = "Before, predicted and real; planned and used; what it taught")
    LookBackView lookBack(@PathVariable long id) {
        return backs.view(cases.get(id));
    }

    @PostMapping("/found")
    @Operation(operationId = "found", summary = "A band as it came out; the next visit's prediction learns from it")
    LookBackView found(@PathVariable long id, Sent sent, @RequestBody FoundView found) {
        jobs.tell(
                id,
                found.hand,
                new Event.Found(
                        found.zone,
                        found.band,
                        found.level,
                        SecondToneView.beside(found.tone, found.second),
                        CaseFile.eachOf("measured", found.measured, CaseFile.MeasuredView::checked).stream()
                                .findFirst(),
                        Choices.other(found.stretch, CaseFile.Stretched.NOT_TRIED, Elasticity.class)),
                sent);
        return kept(id);
    }

    @PostMapping("/judged")
    @Operation(operationId = "judge", summary = "Two things that worked and one to change; said again, the last counts")
    LookBackView judge(@PathVariable long id, Sent sent, @RequestBody JudgedWords words) {
        jobs.tell(
                id,
                words.hand,
                new Event.Judged(words.worked.strip(), words.alsoWorked.strip(), words.change.strip()),
                sent);
        return kept(id);
    }

    private LookBackView kept(long id) {
        Cases.Stored of = cases.get(id);
        jobs.learn(of);
        backs.keep(of);
        return backs.view(of);
    }

    @GetMapping("/better")
    @Operation(operationId = "better", summary = "What would have been better: planned again with what is known by now")
    BetterView better(@PathVariable long id) {
        Cases.Stored of = cases.get(id);
        Jobs.Worked worked = jobs.worked(of);
        if (worked.job().begun().isEmpty()) {
            throw new RefusedInput("id", id, RefusalMessage.JOB_NOT_BEGUN);
        }
        Calibration known = LookBack.learned(worked.plan(), worked.job(), worked.known());
        Plan done =
                Planner.byHand(routes.desk(of, known), worked.plan().strategy().method(), Replan.mixed(worked.plan()));
        Decision decision = routes.again(of, known);
        Optional<Route> best = decision.routes().stream()
                .filter(route -> !route.key().equals("own"))
                .findFirst();
        if (best.isEmpty()) {
            return new BetterView(
                    Catalogue.spoken()
                            .sentence(PageMessage.NOTHING_OFFERED
                                    .say()
                                    .all("verdict", Figure.Joint.SENTENCES, decision.verdict())
                                    .said()),
                    LookView.rounded(done.distance(done::endOfToday), 10),
                    LookView.rounded(done.distance(done::endOfToday), 10),
                    "",
                    List.of());
        }
        Plan now = best.get().plan();
        double asWorked = done.distance(done::endOfToday);
        double better = now.distance(now::endOfToday);
        List<String> otherwise = Differences.between(worked.plan(), now, 0).stream()
                .map(Catalogue.spoken()::sentence)
                .toList();
        Said says = otherwise.isEmpty()
                ? PageMessage.SAME_AGAIN.alone()
                : asWorked - better < WORTH_SAYING
                        ? PageMessage.LITTLE_BETTER.alone()
                        : PageMessage.OTHERWISE
                                .say()
                                .count("better", better)
                                .count("worked", asWorked)
                                .said();
        return new BetterView(
                Catalogue.spoken().sentence(says),
                LookView.rounded(asWorked, 10),
                LookView.rounded(better, 10),
                Catalogue.spoken().say(best.get().said()),
                otherwise);
    }

    private static final double WORTH_SAYING = 0.5;

    /** How a band that was worked on looks at the next visit against what had been forecast. */
    record FadedView(
            String zoneWords,
            double fromCm,
            double toCm,
            LookBackView.ShownView forecast,
            LookBackView.ShownView read,

            @Schema(description = "CIEDE2000") double difference,

            @Schema(description = "lighter than forecast, in levels")
            double levels) {}

    /** The last visit's fading against what is read now. */
    record FadingView(
            @Schema(description = "weeks between the two visits; 0: there was none before")
            double weeks,

            List<FadedView> bands) {}

    @GetMapping("/faded")
    @Operation(
            operationId = "faded",
            summary = "What the last visit's fade forecast says of today, beside what is read")
    FadingView faded(@PathVariable long id) {
        Cases.Stored of = cases.get(id);
        List<Cases.Stored> before = cases.ofClient(of.clientId()).stream()
                .filter(other -> other.file().date().isBefore(of.file().date()))
                .filter(other -> jobs.job(other.id()).begun().isPresent())
                .toList();
        if (before.isEmpty()) {
            return new FadingView(0, List.of());
        }
        Cases.Stored last = before.get(before.size() - 1);
        double days = ChronoUnit.DAYS.between(last.file().date(), of.file().date());
        double grown = of.checked().history().growth().usual() * days / (365.25 / 12);
        List<FadedView> all = new ArrayList<>();
        for (BandForecast one : jobs.job(last.id()).foretold()) {
            double middle = (one.fromCm() + one.toCm()) / 2 + grown;
            of.checked().head().zones().stream()
                    .filter(zone -> zone.place() == one.zone())
                    .flatMap(zone -> zone.strand().bands().stream())
                    .filter(band -> band.fromCm() <= middle && middle < band.toCm())
                    .findFirst()
                    .ifPresent(band -> {
                        BandForecast.Shown forecast = one.fadedAfter(days / 7);
                        BandForecast.Shown read = BandForecast.Shown.of(
                                Reading.canvasOf(band, of.checked().head().thickness())
                                        .lab());
                        all.add(new FadedView(
                                Catalogue.spoken().word(one.zone()),
                                band.fromCm(),
                                band.toCm(),
                                LookBackView.ShownView.of(forecast),
                                LookBackView.ShownView.of(read),
                                LookView.rounded(Ciede2000.between(forecast.lab(), read.lab()), 10),
                                LookView.rounded(read.level() - forecast.level(), 10)));
                    });
        }
        return new FadingView(LookView.rounded(days / 7, 10), all);
    }
}
