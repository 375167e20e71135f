package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import mischung.hair.BandRef;
import mischung.mix.MixMessage;
import mischung.plan.Action;
import mischung.plan.BandAnswer;
import mischung.plan.Bowl;
import mischung.plan.BowlPlace;
import mischung.plan.Decision;
import mischung.plan.LiftBowl;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Reason;
import mischung.plan.Treatment;
import mischung.product.Lightener;
import mischung.product.Mix;
import mischung.product.ShadeClass;
import mischung.said.Saying;
import mischung.sequence.Sequence;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;
import mischung.wish.WorkedHead;

/** A plan as it is shown: the score of strands, the bowls, the order, the reasons. */
public record PlanView(
        @Schema(description = "key of the route this is") String route,

        String words,
        String wish,
        LookView wishLook,

        @Schema(description = "the head as it is worked: bands cut where the wish has a line")
        List<DecisionView.WorkedZone> zones,

        @Schema(description = "the head now and after each step, left to right")
        List<Column> columns,

        @Schema(description = "what the wish's own shade would show without any filler")
        Column alone,

        boolean fills,

        @Schema(description = "for each zone, for each band")
        List<List<AnswerView>> answers,

        List<BowlView> bowls,
        List<TreatmentView> treatments,
        List<TaskView> tasks,
        int totalMinutes,
        String totalWords,
        String endClock,
        int colourGrams,
        int developerGrams,
        List<FindingView> findings,

        @Schema(description = "what holds for the whole plan")
        List<StandingView> cautions,

        @Schema(description = "for each step, in the order of the columns after the first")
        List<List<StandingView>> stepCautions,

        @Schema(description = "whether a step is blocked, so that the work must not begin")
        boolean blocked) {

    /** All strands at one moment. */
    public record Column(String title, Action kind, int visit, List<List<OutcomeView>> outcomes) {}

    /** One band at one moment. */
    public record OutcomeView(
            LookView look,
            @Schema(example = "5½–6½") String range,
            @Schema(description = "CIEDE2000 to the wish") double difference,
            boolean touched,
            @Schema(description = "cut off") boolean cut,
            @Schema(description = "strength left, 0–1") double integrity) {}

    /** What is done with a band. */
    public record AnswerView(Decision decision, String words, double drop, List<ReasonView> reasons) {}

    /** Why. */
    public record ReasonView(Reason.Kind kind, String rule, String ruleWords, String sentence) {}

    /** One bowl, as it is mixed. */
    public record BowlView(
            String name,
            int step,
            String title,
            BowlPlace place,
            String placeWords,
            ShadeClass shadeClass,
            String classWords,
            String mixWords,
            List<PartView> parts,

            @Schema(description = "index of its laying in its round")
            int laying,

            String developer,
            int developerGrams,
            String ratio,
            double minutes,
            String aim,
            double misfit,
            int totalGrams,
            double needGrams,
            List<String> zones,
            List<ReasonView> reasons) {}

    /** A shade in a bowl. */
    public record PartView(
            String shade,

            @Schema(example = "demi-gold-8", description = "empty where it is no shade")
            String code,

            @Schema(description = "whether it only thins, or is no shade at all")
            boolean clear,

            int parts,
            int grams) {}

    /** What is done without colour and without lightener. */
    public record TreatmentView(
            int step,
            Action action,
            String words,
            int times,
            int grams,
            double minutes,
            List<String> zones,
            List<ReasonView> reasons) {}

    /** A sentence on the whole. */
    public record FindingView(Plan.Weight weight, String sentence) {}

    static PlanView of(
            String route,
            Plan plan,
            Sequence sequence,
            LocalTime start,
            List<StandingView> cautions,
            List<List<StandingView>> stepCautions) {
        List<Column> columns = new ArrayList<>();
        columns.add(
                new Column(Catalogue.spoken().sentence(PageMessage.NOW.alone()), Action.DRY, 1, outcomes(plan.now())));
        List<BowlView> bowls = new ArrayList<>();
        List<TreatmentView> treatments = new ArrayList<>();
        for (int i = 0; i < plan.steps().size(); i++) {
            PlanStep step = plan.steps().get(i);
            columns.add(new Column(
                    Catalogue.spoken().sentence(step.titled()), step.kind(), step.visit(), outcomes(step.outcomes())));
            for (LiftBowl bowl : step.lifts()) {
                bowls.add(lift(plan.head(), i + 1, step, bowl));
            }
            for (Bowl bowl : step.bowls()) {
                bowls.add(bowl(plan.head(), i + 1, step, bowl));
            }
            for (Treatment t : step.treatments()) {
                treatments.add(new TreatmentView(
                        i + 1,
                        t.action(),
                        Catalogue.spoken().word(t.action()),
                        t.laying().times(),
                        t.grams(),
                        t.minutes(),
                        zones(plan.head(), t.bands()),
                        reasons(t.reasons())));
            }
        }
        return new PlanView(
                route,
                Catalogue.spoken().say(plan.strategy().said()),
                Catalogue.spoken().say(plan.wish().said()),
                Swatches.of(plan.wish().main()),
                DecisionView.zones(plan.head()),
                columns,
                new Column(
                        Catalogue.spoken()
                                .sentence(PageMessage.WITHOUT_FILLER
                                        .say()
                                        .with(
                                                "tones",
                                                plan.wish().main().tones().figure())
                                        .level("level", plan.wish().level())
                                        .said()),
                        Action.TARGET,
                        1,
                        outcomes(plan.alone())),
                plan.fills(),
                eachOf(plan.answers(), PlanView::answer),
                bowls,
                treatments,
                sequence.tasks().stream()
                        .map(task -> TaskView.of(task, start, Optional.empty()))
                        .toList(),
                sequence.totalMinutes(),
                duration(sequence.totalMinutes()),
                TaskView.CLOCK.format(start.plusMinutes(sequence.totalMinutes())),
                bowls.stream()
                        .mapToInt(
                                b -> b.parts.stream().mapToInt(PartView::grams).sum())
                        .sum(),
                bowls.stream().mapToInt(BowlView::developerGrams).sum(),
                plan.findings().stream()
                        .map(f -> new FindingView(f.weight(), Catalogue.spoken().sentence(f.said())))
                        .toList(),
                cautions,
                stepCautions,
                stepCautions.stream().flatMap(List::stream).anyMatch(StandingView::blocks));
    }

    private static <A, B> List<List<B>> eachOf(List<List<A>> zones, Function<A, B> shown) {
        return zones.stream().map(strand -> strand.stream().map(shown).toList()).toList();
    }

    static List<List<OutcomeView>> outcomes(List<List<Outcome>> outcomes) {
        return eachOf(
                outcomes,
                o -> new OutcomeView(
                        LookView.of(o.hair().canvas()),
                        o.range().words(),
                        LookView.rounded(o.difference(), 10),
                        o.touched(),
                        o.cut(),
                        LookView.rounded(o.integrity(), 100)));
    }

    private static AnswerView answer(BandAnswer answer) {
        return new AnswerView(
                answer.decision(),
                Catalogue.spoken().word(answer.decision()),
                answer.drop(),
                reasons(answer.reasons()));
    }

    private static List<ReasonView> reasons(List<Reason> reasons) {
        return reasons.stream()
                .map(r -> new ReasonView(
                        r.kind(),
                        r.rule().number(),
                        Catalogue.spoken().word(r.rule()),
                        Catalogue.spoken().sentence(r.said())))
                .toList();
    }

    private static BowlView bowl(WorkedHead head, int number, PlanStep step, Bowl bowl) {
        Mix mix = bowl.formula().mix();
        List<PartView> parts = new ArrayList<>();
        for (int i = 0; i < mix.parts().size(); i++) {
            Mix.Part part = mix.parts().get(i);
            parts.add(new PartView(
                    Catalogue.spoken().say(part.shade().said()),
                    part.shade().code(),
                    part.shade().isClear(),
                    part.parts(),
                    bowl.grams().shadeGrams().get(i)));
        }
        return new BowlView(
                bowl.name(),
                number,
                Catalogue.spoken()
                        .sentence(MixMessage.BOWL_FOR
                                .say()
                                .part("step", step.said())
                                .part("aim", bowl.laying().aim().said())
                                .said()),
                bowl.place(),
                Catalogue.spoken().word(bowl.place()),
                mix.shadeClass(),
                Catalogue.spoken().word(mix.shadeClass()),
                Catalogue.spoken().say(mix.figure()),
                parts,
                step.round().layings().indexOf(bowl.laying()),
                bowl.developer().words(),
                bowl.grams().developerGrams(),
                bowl.developerPerColour() > 0
                        ? ratio(bowl.developerPerColour(), 1)
                        : Catalogue.spoken().say(MixMessage.AS_IT_IS.alone()),
                bowl.minutes(),
                Catalogue.spoken().colour(bowl.laying().aim()),
                LookView.rounded(bowl.formula().misfit(), 10),
                bowl.grams().totalGrams(),
                LookView.rounded(bowl.grams().needGrams(), 1),
                zones(head, bowl.bands()),
                reasons(bowl.reasons()));
    }

    private static String ratio(double developer, int times) {
        Saying ratio =
                (times > 1 ? PageMessage.RATIO_FRESH : MixMessage.RATIO).say().tenth("ratio", developer);
        return Catalogue.spoken().say((times > 1 ? ratio.count("times", times) : ratio).said());
    }

    private static BowlView lift(WorkedHead head, int number, PlanStep step, LiftBowl bowl) {
        boolean cleanse = bowl.laying().action() == Action.CLEANSE;
        String product = cleanse
                ? Catalogue.spoken().say(PageMessage.CLEANSE_PRODUCTS.alone())
                : Catalogue.spoken()
                        .say(bowl.laying().lightener().map(Lightener::said).orElseGet(PageMessage.LIGHTENER::alone));
        boolean root = bowl.bands().stream().allMatch(at -> head.at(at).touchesScalp());
        return new BowlView(
                bowl.name(),
                number,
                Catalogue.spoken()
                        .sentence(PageMessage.LIFT_TO
                                .say()
                                .part("step", step.said())
                                .level("level", bowl.goalLevel())
                                .thing("way", bowl.laying().way())
                                .said()),
                root ? BowlPlace.ROOTS : BowlPlace.LENGTHS,
                Catalogue.spoken().word(bowl.laying().way()),
                ShadeClass.LIGHTEST,
                cleanse ? Catalogue.spoken().say(PageMessage.CLEANSE_MIX.alone()) : product,
                product,
                List.of(new PartView(product, "", true, 1, bowl.powderGrams())),
                step.round().layings().indexOf(bowl.laying()),
                bowl.developer().words(),
                bowl.developerGrams(),
                ratio(bowl.laying().ratio(), bowl.laying().times()),
                bowl.laying().minutes(),
                Catalogue.spoken()
                        .say(PageMessage.LEVEL
                                .say()
                                .level("level", bowl.goalLevel())
                                .said()),
                0,
                bowl.totalGrams(),
                bowl.totalGrams(),
                zones(head, bowl.bands()),
                reasons(bowl.reasons()));
    }

    private static List<String> zones(WorkedHead head, List<BandRef> bands) {
        return bands.stream()
                .map(at -> Catalogue.spoken().word(head.place(at)))
                .distinct()
                .toList();
    }

    static String duration(int minutes) {
        return minutes < 60
                ? minutes + " min"
                : minutes / 60 + " h " + String.format(Locale.ROOT, "%02d", minutes % 60);
    }
}
