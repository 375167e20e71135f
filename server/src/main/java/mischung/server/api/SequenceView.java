package mischung.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import mischung.mix.Card;
import mischung.mix.Cards;
import mischung.mix.Line;
import mischung.plan.Plan;
import mischung.sequence.Batch;
import mischung.sequence.Sequence;
import mischung.server.words.Catalogue;
import mischung.server.words.PageMessage;

/** The order of work on the clock, for the hands there are. */
public record SequenceView(
        @Schema(description = "people who work, 1–3") int hands,
        List<VisitView> visits,

        @Schema(description = "what is mixed when") List<BatchView> batches,

        @Schema(description = "how evenly sections end (R42)")
        List<RampView> ramps,

        @Schema(description = "the client's minutes over all visits")
        int minutes,

        @Schema(description = "no order of this work takes the client less, in minutes")
        int bound,

        @Schema(description = "whether every order was weighed")
        boolean whole,

        String boundWords,

        @Schema(description = "what was moved and could not go there, each with why")
        List<UnmovedView> unmoved,

        @Schema(description = "where there is too much to lay for these hands to keep every window")
        List<String> overdue) {

    /** One visit. */
    public record VisitView(int visit, int minutes, String words, String endClock, List<TaskView> tasks) {}

    /** What is mixed at one time of one bowl. */
    public record BatchView(
            String bowl,
            int number,
            int visit,
            String clock,
            int person,

            @Schema(description = "of its developer where it is ramped: none or one")
            List<Double> volume,

            @Schema(description = "of the bowl, 0–1") double share,
            @Schema(description = "colour or powder") double colourGrams,
            double developerGrams,
            String laidBy,
            String freshUntil,
            List<String> zones) {}

    /** How far apart the sections of a bowl of lightener are at the rinse, in levels. */
    public record RampView(
            String bowl,
            int visit,

            @Schema(description = "with one developer for all, in levels")
            double without,

            @Schema(description = "as the batches are mixed, in levels")
            double with) {}

    /** Why a task did not go where it was moved. */
    public record UnmovedView(String key, String sentence) {}

    /**
     * @param cards what is weighed for it
     * @param took how long tasks really took, by their keys
     */
    static SequenceView of(Plan plan, Sequence sequence, List<Card> cards, LocalTime start, Map<String, Integer> took) {
        List<VisitView> visits = IntStream.rangeClosed(1, plan.visits())
                .filter(visit -> sequence.minutes(visit) > 0)
                .mapToObj(visit -> new VisitView(
                        visit,
                        sequence.minutes(visit),
                        PlanView.duration(sequence.minutes(visit)),
                        TaskView.CLOCK.format(start.plusMinutes(sequence.minutes(visit))),
                        sequence.tasks().stream()
                                .filter(task -> task.visit() == visit)
                                .map(task -> TaskView.of(task, start, Optional.ofNullable(took.get(task.key()))))
                                .toList()))
                .toList();
        return new SequenceView(
                sequence.hands(),
                visits,
                batches(sequence, cards, start),
                sequence.ramps().stream()
                        .filter(Sequence.Ramp::splits)
                        .map(ramp ->
                                new RampView(ramp.bowl(), ramp.visit(), tenths(ramp.without()), tenths(ramp.with())))
                        .toList(),
                sequence.totalMinutes(),
                sequence.bound(),
                sequence.whole(),
                boundWords(sequence),
                sequence.unmoved().stream()
                        .map(no -> new UnmovedView(no.key(), Catalogue.spoken().sentence(no.why())))
                        .toList(),
                sequence.overdue().stream().map(Catalogue.spoken()::sentence).toList());
    }

    private static double tenths(double levels) {
        return Math.rint(10 * levels) / 10;
    }

    private static String boundWords(Sequence sequence) {
        if (sequence.totalMinutes() == 0) {
            return "";
        }
        return sequence.whole() || sequence.gap() <= 0
                ? Catalogue.spoken().sentence(PageMessage.NONE_SHORTER.alone())
                : Catalogue.spoken()
                        .sentence(PageMessage.AT_MOST_LONGER
                                .say()
                                .share("share", (double) sequence.totalMinutes() / sequence.bound() - 1)
                                .said());
    }

    private static List<BatchView> batches(Sequence sequence, List<Card> cards, LocalTime start) {
        List<BatchView> all = new ArrayList<>();
        for (Batch batch : sequence.batches()) {
            Card card = cards.stream()
                    .filter(one -> one.key().equals(Cards.key(batch)))
                    .findFirst()
                    .orElseThrow();
            all.add(new BatchView(
                    batch.bowl(),
                    batch.number(),
                    batch.visit(),
                    TaskView.CLOCK.format(start.plusMinutes(batch.mixMinute())),
                    batch.person(),
                    Double.isNaN(batch.volume()) ? List.of() : List.of(batch.volume()),
                    LookView.rounded(batch.share(), 1000),
                    card.grams(Line.Role.BODY),
                    card.developerGrams(),
                    TaskView.CLOCK.format(start.plusMinutes(batch.laidBy())),
                    TaskView.CLOCK.format(start.plusMinutes(batch.freshUntil())),
                    batch.zones().stream().map(Catalogue.spoken()::word).toList()));
        }
        return all;
    }
}
