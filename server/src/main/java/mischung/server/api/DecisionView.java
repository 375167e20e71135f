package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import mischung.hair.BandRef;
import mischung.hair.ZonePlace;
import mischung.plan.Action;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Warning;
import mischung.route.Decision;
import mischung.route.Fallback;
import mischung.route.Measures;
import mischung.route.Rates;
import mischung.route.Refused;
import mischung.route.Route;
import mischung.route.Whole;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/** Routes side by side, and what was refused. */
public record DecisionView(
        String wish,
        String verdict,

        @Schema(description = "whether an offered route comes to the wish in one visit")
        boolean reaches,

        @Schema(description = "visits in which it is reached; 0: no number tried reaches it")
        int visitsNeeded,

        @Schema(description = "wishes that cannot all be had")
        List<String> contradictions,

        @Schema(description = "key of the route the case is worked by")
        String chosen,

        List<WorkedZone> zones,
        List<RouteView> routes,
        List<RefusedView> refused) {

    /** A zone as it is worked. */
    public record WorkedZone(ZonePlace place, String words, List<WorkedView> bands) {}

    /** A piece of hair that is worked as one. */
    public record WorkedView(
            RoundView.PieceView stretch,

            @Schema(description = "index of the band as read")
            int read,

            @Schema(description = "share of the hair of that stretch, 0–1")
            double share,

            @Schema(description = "empty: it stays") String aim,
            String why) {}

    /** One way to go. */
    public record RouteView(
            String key,
            String words,

            @Schema(
                    description =
                            "what it does otherwise than the colourist's schools ask for; routes of a group follow each other")
            Route.Group group,

            String groupWords,
            List<String> merits,

            @Schema(description = "how the head reads as a whole, all round; empty where it is of one depth")
            String whole,

            MeasuresView measures,
            List<ColumnView> columns,
            List<RoundView> rounds,
            List<FallbackView> fallbacks,
            List<String> warnings) {}

    /** What a route is held against. */
    public record MeasuresView(
            @Schema(description = "mean CIEDE2000 to the wish")
            double distance,

            @Schema(description = "it ends within this, eight times in ten")
            double distanceFrom,

            double distanceTo,

            @Schema(description = "widest CIEDE2000 between neighbours wished alike")
            double uneven,

            @Schema(description = "strength left in the weakest worked band, 0–1")
            double weakest,

            String weakestWords,
            int clientMinutes,
            String clientWords,
            int handsMinutes,
            String handsWords,
            int colourGrams,
            int lightenerGrams,
            int treatmentGrams,
            int bowls,
            int visits,
            double price,
            @Schema(example = "215 EUR") String priceWords) {
        static MeasuresView of(Measures m, Route.Range range, Rates rates) {
            return new MeasuresView(
                    LookView.rounded(m.distance(), 10),
                    LookView.rounded(range.from(), 10),
                    LookView.rounded(range.to(), 10),
                    LookView.rounded(m.uneven(), 10),
                    LookView.rounded(m.weakest(), 100),
                    Math.round(100 * m.weakest()) + " %",
                    m.clientMinutes(),
                    PlanView.duration(m.clientMinutes()),
                    m.handsMinutes(),
                    PlanView.duration(m.handsMinutes()),
                    m.colourGrams(),
                    m.lightenerGrams(),
                    m.treatmentGrams(),
                    m.bowls(),
                    m.visits(),
                    LookView.rounded(m.price(), 100),
                    String.format(Locale.ROOT, "%.0f %s", m.price(), rates.currency()));
        }
    }

    /** All strands after a step. */
    public record ColumnView(String title, Action kind, int visit, List<List<PlanView.OutcomeView>> outcomes) {}

    /** What is done if a check shows otherwise. */
    public record FallbackView(String letter, String when, String then, String comesTo) {
        static FallbackView of(Fallback f) {
            Catalogue spoken = Catalogue.spoken();
            return new FallbackView(
                    f.letter(), spoken.sentence(f.when()), spoken.sentences(f.then()), spoken.sentence(f.comesTo()));
        }
    }

    /** A way that is not offered. */
    public record RefusedView(String words, Refused.Why why, String whyWords, String sentence) {}

    static DecisionView of(Decision decision, String chosen, WorkedHead head, String wish, Rates rates) {
        return new DecisionView(
                wish,
                Catalogue.spoken().sentences(decision.verdict()),
                decision.reaches(),
                decision.visitsNeeded().orElse(0),
                decision.contradictions().stream()
                        .map(Catalogue.spoken()::sentence)
                        .toList(),
                chosen,
                zones(head),
                decision.routes().stream().map(route -> of(route, rates)).toList(),
                decision.refused().stream()
                        .map(r -> new RefusedView(
                                Catalogue.spoken().say(r.route()),
                                r.why(),
                                Catalogue.spoken().word(r.why()),
                                Catalogue.spoken().sentence(r.said())))
                        .toList());
    }

    static List<WorkedZone> zones(WorkedHead head) {
        return java.util.stream.IntStream.range(0, head.zones().size())
                .mapToObj(z -> new WorkedZone(
                        head.read().zones().get(z).place(),
                        Catalogue.spoken().word(head.read().zones().get(z).place()),
                        java.util.stream.IntStream.range(0, head.zones().get(z).size())
                                .mapToObj(b -> worked(head, new BandRef(z, b)))
                                .toList()))
                .toList();
    }

    private static WorkedView worked(WorkedHead head, BandRef at) {
        WorkedBand band = head.at(at);
        return new WorkedView(
                RoundView.stretch(at, head),
                band.read(),
                band.share(),
                band.aim().map(aim -> Catalogue.spoken().colour(aim)).orElse(""),
                Catalogue.spoken().say(band.why()));
    }

    static RouteView of(Route route, Rates rates) {
        Plan plan = route.plan();
        List<ColumnView> columns = new java.util.ArrayList<>();
        columns.add(new ColumnView(
                Catalogue.spoken().sentence(PageMessage.NOW.alone()), Action.DRY, 1, PlanView.outcomes(plan.now())));
        for (PlanStep step : plan.steps()) {
            columns.add(new ColumnView(
                    Catalogue.spoken().sentence(step.titled()),
                    step.kind(),
                    step.visit(),
                    PlanView.outcomes(step.outcomes())));
        }
        Whole whole = Whole.of(plan, Whole.Side.ROUND);
        return new RouteView(
                route.key(),
                Catalogue.spoken().say(route.said()),
                route.group(),
                Catalogue.spoken().word(route.group()),
                route.merits().stream()
                        .map(merit -> Catalogue.spoken().word(merit))
                        .toList(),
                whole.mixed() ? Catalogue.spoken().sentence(whole.said()) : "",
                MeasuresView.of(route.measures(), route.surest(), rates),
                columns,
                RoundView.of(plan.rounds(), plan.head()),
                route.fallbacks().stream().map(FallbackView::of).toList(),
                plan.warnings().stream()
                        .map(Warning::said)
                        .distinct()
                        .map(Catalogue.spoken()::sentence)
                        .toList());
    }
}
