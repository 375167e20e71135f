package mischung.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.plan.Heads;
import mischung.plan.Laying;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.plan.Strategy;
import mischung.process.Factors;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.sequence.Sequencer;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/**
 * A made-up client whose hair lifts faster and takes less dye than most, worked five times: what was read after each visit is
 * learned from, and the next prediction is both nearer and surer. {@code docs/lookback.md} shows these figures.
 */
class FiveVisitsTest {
    private static final Factors TRUTH = new Factors(1.4, 0.72, 1, 1.1);
    private static final int VISITS = 5;
    private static final double EYE = 0.25;

    /** One visit: how far off the prediction was, in levels, and how wide its range. */
    record Visit(double error, double range, double lift, double uptake) {}

    private static PlanningContext desk(int visit, Calibration known) {
        return new PlanningContext(
                Heads.zones(
                        3,
                        List.of(
                                new Band(0, 3, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0),
                                new Band(3, 12, BandKind.COLOURED, 5.5, Tone.COPPER, Porosity.NORMAL, 0),
                                new Band(12, 25, BandKind.LIGHTENED, 9, Tone.GOLD, Porosity.HIGH, 0))),
                new Wish(visit % 2 == 0 ? 8 : 7.5, visit % 2 == 0 ? Tone.GOLD : Tone.NATURAL),
                ProductRange.demo(),
                known,
                3);
    }

    /** The very bowls that were mixed, so that the true head gets the same and no others. */
    private static List<Round> mixed(Plan plan) {
        List<Round> rounds = new ArrayList<>();
        for (PlanStep step : plan.steps()) {
            List<Laying> layings = new ArrayList<>();
            for (Laying laying : step.round().layings()) {
                layings.add(step.bowls().stream()
                        .filter(bowl -> bowl.laying().equals(laying))
                        .findFirst()
                        .<Laying>map(bowl -> bowl.laying().with(bowl.formula().mix()))
                        .orElse(laying));
            }
            rounds.add(new Round(step.kind(), layings));
        }
        return rounds;
    }

    static List<Visit> run(long seed) {
        Random eye = new Random(seed);
        List<Visit> visits = new ArrayList<>();
        Calibration known = Calibration.none();
        for (int visit = 0; visit < VISITS; visit++) {
            Plan plan = Planner.plan(desk(visit, known), Strategy.of("usual", Method.USUAL));
            Plan truth = Planner.byHand(desk(visit, Calibration.certain(TRUTH)), Method.USUAL, mixed(plan));
            List<Entry> entries = new ArrayList<>();
            Instant at = Instant.parse("2026-0" + (visit + 1) + "-10T09:00:00Z");
            entries.add(new Entry(
                    1, at, "", new Event.Begun(Sequencer.of(plan).tasks(), List.of(), BandForecast.of(plan, 3))));
            double squares = 0;
            double width = 0;
            int count = 0;
            for (BandRef band : plan.head().bands()) {
                Outcome real = truth.end(band);
                Outcome predicted = plan.end(band);
                if (!real.cut() && !plan.head().at(band).keeps()) {
                    squares += Math.pow(real.look().level() - predicted.look().level(), 2);
                    width += predicted.range().to() - predicted.range().from();
                    count++;
                }
            }
            for (BandForecast one : BandForecast.of(truth, 3)) {
                double level = LevelScale.inHalves(one.end().level() + EYE * eye.nextGaussian());
                entries.add(new Entry(
                        entries.size() + 1L,
                        at,
                        "",
                        new Event.Found(
                                one.zone(),
                                one.band(),
                                Math.max(1, Math.min(12, level)),
                                ToneMix.of(Tone.NATURAL),
                                Optional.empty(),
                                Optional.of(Elasticity.of(one.strength())))));
            }
            visits.add(new Visit(
                    Math.sqrt(squares / count),
                    width / count,
                    known.factors().lift(),
                    known.factors().uptake()));
            known = LookBack.learned(plan, Job.of(entries, at), known);
        }
        return visits;
    }

    @Test
    void theFifthPredictionIsNearerAndSurerThanTheFirst() {
        int seeds = 5;
        double firstError = 0;
        double lastError = 0;
        for (long seed = 1; seed <= seeds; seed++) {
            List<Visit> visits = run(seed);
            Visit first = visits.get(0);
            Visit last = visits.get(VISITS - 1);
            assertThat(last.range()).as("range, seed %d", seed).isLessThan(first.range());
            assertThat(last.error()).as("error, seed %d", seed).isLessThan(first.error());
            assertThat(Math.abs(Math.log(last.lift() / TRUTH.lift())))
                    .as("lift, seed %d", seed)
                    .isLessThan(Math.abs(Math.log(first.lift() / TRUTH.lift())));
            firstError += first.error() / seeds;
            lastError += last.error() / seeds;
        }
        assertThat(lastError).isLessThan(0.6 * firstError);
    }

    /** Prints the table of docs/lookback.md. */
    public static void main(String[] arguments) {
        System.out.println(
                "| visit | error, levels | range, levels | lift known | uptake known |\n|---|---|---|---|---|%n");
        List<Visit> visits = run(1);
        for (int i = 0; i < visits.size(); i++) {
            Visit visit = visits.get(i);
            System.out.printf(
                    Locale.ROOT,
                    "| %d | %.2f | %.2f | %.2f | %.2f |%n",
                    i + 1,
                    visit.error(),
                    visit.range(),
                    visit.lift(),
                    visit.uptake());
        }
    }
}
