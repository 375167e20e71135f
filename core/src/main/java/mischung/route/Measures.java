package mischung.route;

import java.util.List;
import mischung.hair.BandRef;
import mischung.light.Ciede2000;
import mischung.plan.Bowl;
import mischung.plan.LiftBowl;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Treatment;
import mischung.sequence.OrderTerms;
import mischung.sequence.Sequence;
import mischung.sequence.Sequencer;

/**
 * What a route is held against: the price of a result in colour, strength, hours and money.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>distance</td><td>root mean square CIEDE2000 to the wish over the hair that has one, by its mass</td><td></td></tr>
 * <tr><td>worst</td><td>CIEDE2000 of the band furthest from its wish</td><td></td></tr>
 * <tr><td>uneven</td><td>widest CIEDE2000 between neighbours that shall look alike</td><td></td></tr>
 * <tr><td>weakest</td><td>strength left in the weakest band that was worked on, at its lowest moment</td><td>0–1</td></tr>
 * <tr><td>clientMinutes</td><td>over all visits</td><td></td></tr>
 * <tr><td>longestMinutes</td><td>of one visit</td><td></td></tr>
 * <tr><td>handsMinutes</td><td>of all hands together</td><td></td></tr>
 * <tr><td>colourGrams, lightenerGrams, treatmentGrams</td><td>mixed, with reserve</td><td>g</td></tr>
 * <tr><td>price</td><td>hours of hands and products</td><td>the house's money</td></tr>
 * </table>
 */
public record Measures(
        double distance,
        double worst,
        double uneven,
        double weakest,
        int clientMinutes,
        int longestMinutes,
        int handsMinutes,
        int colourGrams,
        int lightenerGrams,
        int treatmentGrams,
        int bowls,
        int visits,
        double price) {
    static Measures of(Plan plan, House house) {
        double worst = 0;
        double weakest = 1;
        for (BandRef at : plan.head().bands()) {
            Outcome end = plan.end(at);
            if (end.cut()) {
                continue;
            }
            if (!plan.head().at(at).keeps()) {
                worst = Math.max(worst, end.difference());
            }
            for (PlanStep step : plan.steps()) {
                Outcome then = step.outcome(at);
                if (then.touched() && !then.cut()) {
                    weakest = Math.min(weakest, then.integrity());
                }
            }
        }
        Sequence sequence = Sequencer.of(
                plan, OrderTerms.usual(house.durations(), plan.wish().limits().hands()));
        int colour = plan.steps().stream()
                .flatMap(step -> step.bowls().stream())
                .mapToInt((Bowl bowl) -> bowl.grams().totalGrams())
                .sum();
        int lightener = plan.steps().stream()
                .flatMap(step -> step.lifts().stream())
                .mapToInt(LiftBowl::totalGrams)
                .sum();
        int treatment = plan.steps().stream()
                .flatMap(step -> step.treatments().stream())
                .mapToInt(Treatment::grams)
                .sum();
        Rates rates = house.rates();
        double price = rates.anHour() * sequence.handsMinutes() / 60
                + rates.colourGram() * colour
                + rates.lightenerGram() * lightener
                + rates.treatmentGram() * treatment;
        return new Measures(
                plan.distance(plan::end),
                worst,
                uneven(plan),
                weakest,
                sequence.totalMinutes(),
                sequence.longestMinutes(),
                sequence.handsMinutes(),
                colour,
                lightener,
                treatment,
                (int) plan.steps().stream()
                        .mapToLong(step -> step.bowls().size() + step.lifts().size())
                        .sum(),
                plan.visits(),
                price);
    }

    private static double uneven(Plan plan) {
        double widest = 0;
        List<BandRef> all = plan.head().bands();
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1;
                    j < all.size() && all.get(j).zone() == all.get(i).zone();
                    j++) {
                BandRef a = all.get(i);
                BandRef b = all.get(j);
                if (plan.head().neighbours(a, b)
                        && plan.head().at(a).aim().equals(plan.head().at(b).aim())
                        && !plan.head().at(a).keeps()
                        && !plan.end(a).cut()
                        && !plan.end(b).cut()) {
                    widest = Math.max(
                            widest,
                            Ciede2000.between(
                                    plan.end(a).look().lab(), plan.end(b).look().lab()));
                }
            }
        }
        return widest;
    }
}
