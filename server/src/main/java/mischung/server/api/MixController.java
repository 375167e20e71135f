package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import mischung.hair.BandRef;
import mischung.mix.BowlContent;
import mischung.mix.Card;
import mischung.mix.Cards;
import mischung.mix.ColourShampoo;
import mischung.mix.Dilution;
import mischung.mix.Experience;
import mischung.mix.Line;
import mischung.mix.MixMessage;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.server.words.ProblemMessage;
import mischung.shelf.Item;
import mischung.shelf.Kind;
import mischung.shelf.Shelf;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bowls of a visit: what is weighed, what is in them, what was left. */
@RestController
@RequestMapping(path = "/api/cases/{id}/mix", produces = MediaType.APPLICATION_JSON_VALUE)
class MixController {
    private final Cases cases;
    private final CaseCautions cautions;
    private final Routes routes;
    private final Sequences sequences;
    private final Shelves shelves;
    private final HouseSettings house;
    private final Bowls bowls;
    private final Jobs jobs;

    MixController(
            Cases cases,
            CaseCautions cautions,
            Routes routes,
            Sequences sequences,
            Shelves shelves,
            HouseSettings house,
            Bowls bowls,
            Jobs jobs) {
        this.jobs = jobs;
        this.cases = cases;
        this.cautions = cautions;
        this.routes = routes;
        this.sequences = sequences;
        this.shelves = shelves;
        this.house = house;
        this.bowls = bowls;
    }

    /** How a weight was told. */
    enum Source {
        SCALE,
        HAND
    }

    /** A weight in a bowl. */
    record WeighingView(
            @Schema(example = "1/A/1") String key,

            @Schema(description = "index of the card's line")
            int line,

            @Schema(description = "0.1–5000") double grams,
            Source source,

            @Schema(description = "whose, up to 40 characters; may be empty")
            String hand) {}

    /** Which bowl. */
    record BowlKey(String key, String hand) {}

    /** A bowl that is full, or not any more. */
    record DoneView(
            String key,
            boolean done,

            @Schema(description = "what was left of it, none or one; the next estimate learns from it")
            List<Double> leftGrams) {}

    /** Something to be added, by weight or as a share of the bowl; one of the two is 0. */
    record AdditiveView(String key, String code, double grams, double percent) {}

    /** One line of a bowl that no plan asks for. */
    record ExtraLine(String code, double grams) {}

    /** A bowl that no plan asks for. */
    record ExtraView(
            @Schema(description = "1–80 characters") String title,
            @Schema(description = "1–12 of them") List<ExtraLine> lines) {}

    /** Colour shampoo at the basin (R54). */
    record ColourShampooView(String shade, double grams, String developer, String shampoo) {}

    @GetMapping
    @Operation(operationId = "mix", summary = "Every bowl in the order it is needed, with what is in it")
    MixView mix(@PathVariable long id) {
        return view(cases.get(id));
    }

    private List<Card> planned(Cases.Stored of, Experience learned) {
        Jobs.Worked worked = jobs.worked(of);
        boolean begun = worked.job().begun().isPresent();
        Plan plan = worked.plan();
        return Cards.of(
                plan,
                begun ? Jobs.sequence(worked.job()) : sequences.of(of, plan),
                shelves.inUse(),
                begun ? worked.useFactor() : learned.factor());
    }

    private MixView view(Cases.Stored of) {
        Experience learned = routes.learned(of);
        return MixView.of(new MixView.Sources(
                planned(of, learned),
                bowls.of(of.id()),
                shelves.inUse(),
                learned,
                house.now().inches(),
                of.checked().startTime()));
    }

    /** As begun, or as planned. */
    private Card card(Cases.Stored of, String key) {
        Bowls.Begun begun = bowls.of(of.id()).get(key);
        if (begun != null) {
            return begun.card();
        }
        return planned(of, routes.learned(of)).stream()
                .filter(card -> card.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new RefusedInput("key", key, ProblemMessage.BOWL_NOT_ASKED_FOR));
    }

    @PostMapping("/weighings")
    @Operation(operationId = "weigh", summary = "A weight in a bowl; the stock moves by it")
    MixView weigh(@PathVariable long id, Sent sent, @RequestBody WeighingView weighing) {
        Cases.Stored of = cases.get(id);
        Plan plan = jobs.worked(of).plan();
        Card card = card(of, weighing.key);
        cautions.refuseBlockedWork(of.checked(), plan);
        cautions.refuseBlockedBowl(
                of.checked(), BowlContent.of(card.lines(), shelves.inUse()), touchesScalp(plan, card));
        bowls.weigh(
                id, card, weighing.line, weighing.grams, weighing.source.name(), sent.by(weighing.hand), sent.key());
        return view(of);
    }

    /** As planned; where no plan asks for it nobody has said where it goes, so it does. */
    private static boolean touchesScalp(Plan plan, Card card) {
        List<PlanStep> steps = plan.steps();
        List<BandRef> bands = new ArrayList<>();
        if (card.step() >= 0 && card.step() < steps.size()) {
            PlanStep step = steps.get(card.step());
            step.bowls().stream()
                    .filter(bowl -> bowl.name().equals(card.bowl()))
                    .forEach(bowl -> bands.addAll(bowl.bands()));
            step.lifts().stream()
                    .filter(bowl -> bowl.name().equals(card.bowl()))
                    .forEach(bowl -> bands.addAll(bowl.bands()));
        }
        return bands.isEmpty()
                || bands.stream().anyMatch(at -> plan.head().at(at).touchesScalp());
    }

    @PostMapping("/taken-back")
    @Operation(operationId = "takeBack", summary = "The last weight of a bowl was a slip; the stock gets it back")
    MixView takeBack(@PathVariable long id, Sent sent, @RequestBody BowlKey bowl) {
        Cases.Stored of = cases.get(id);
        bowls.takeBack(id, bowl.key, sent.by(bowl.hand), sent.key());
        return view(of);
    }

    @PostMapping("/done")
    @Operation(operationId = "bowlDone", summary = "A bowl is full, with what was left of it in the end")
    MixView done(@PathVariable long id, @RequestBody DoneView done) {
        Cases.Stored of = cases.get(id);
        List<Double> left = CaseFile.eachOf("leftGrams", done.leftGrams, grams -> grams);
        bowls.finish(id, done.key, done.done, left.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(left.get(0)));
        return view(of);
    }

    @PostMapping("/additives")
    @Operation(operationId = "addToBowl", summary = "Something more into a bowl, with what it does to the dilution")
    MixView add(@PathVariable long id, Sent sent, @RequestBody AdditiveView additive) {
        Cases.Stored of = cases.get(id);
        Card card = card(of, additive.key);
        Item item = item(additive.code, "code");
        double grams = additive.percent > 0 ? Dilution.ofPercent(card.grams(), additive.percent) : additive.grams;
        RefusedInput.within("grams", grams, 0.1, 2000, Unit.G);
        bowls.add(id, card, Line.of(item, Math.rint(grams * 10) / 10), sent.key());
        return view(of);
    }

    @PostMapping("/extra")
    @Operation(operationId = "extraBowl", summary = "A bowl that no plan asks for")
    MixView extra(@PathVariable long id, Sent sent, @RequestBody ExtraView extra) {
        Cases.Stored of = cases.get(id);
        if (extra.title.isBlank()
                || extra.title.length() > 80
                || extra.title.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedInput(
                    "title",
                    extra.title,
                    RefusalMessage.ONE_LINE
                            .say()
                            .count("least", 1)
                            .count("most", 80)
                            .said());
        }
        if (extra.lines.isEmpty() || extra.lines.size() > 12) {
            throw new RefusedInput("lines", extra.lines.size(), RefusedInput.fromTo(1, 12));
        }
        List<Line> lines = new ArrayList<>(
                CaseFile.eachOf("lines", extra.lines, one -> Line.of(item(one.code, "code"), one.grams)));
        bowls.extra(
                id,
                new Figure.Typed(extra.title.strip()),
                lines,
                BowlContent.of(lines, shelves.inUse()).volume(),
                sent.key());
        return view(of);
    }

    @PostMapping("/colour-shampoo")
    @Operation(operationId = "colourShampoo", summary = "A colour shampoo by the common proportions (R54)")
    MixView colourShampoo(@PathVariable long id, Sent sent, @RequestBody ColourShampooView asked) {
        Cases.Stored of = cases.get(id);
        List<Line> lines = ColourShampoo.of(
                item(asked.shade, "shade"),
                asked.grams,
                of("developer", asked.developer, Kind.DEVELOPER),
                of("shampoo", asked.shampoo, Kind.SHAMPOO));
        bowls.extra(
                id,
                MixMessage.COLOUR_SHAMPOO.figure(),
                lines,
                BowlContent.of(lines, shelves.inUse()).volume(),
                sent.key());
        return view(of);
    }

    private Item of(String field, String code, Kind kind) {
        Item item = item(code, field);
        if (item.product().kind() != kind) {
            throw new RefusedInput(
                    field, code, ProblemMessage.CHOOSE.say().thing("kind", kind).said());
        }
        return item;
    }

    private Item item(String code, String field) {
        Shelf shelf = shelves.inUse();
        return shelf.item(code).orElseThrow(() -> new RefusedInput(field, code, ProblemMessage.ON_THE_SHELF));
    }
}
