package mischung.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.HairMessage;
import mischung.hair.LevelScale;
import mischung.hair.Measured;
import mischung.hair.Porosity;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.plan.Heads;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.said.RefusedInput;
import mischung.school.Method;
import mischung.sequence.Sequencer;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Factor;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/** A job against what had been said of it. */
class LookBackTest {
    private static final Instant NINE = Instant.parse("2026-11-23T09:00:00Z");

    private static Plan plan(Band... bands) {
        return Planner.plan(
                new PlanningContext(
                        Heads.zones(2, List.of(bands)),
                        new Wish(6, Tone.NATURAL),
                        ProductRange.demo(),
                        Calibration.none(),
                        3),
                Strategy.of("usual", Method.USUAL));
    }

    private final Plan plan = plan(
            new Band(0, 3, BandKind.NATURAL, 6, Tone.NATURAL, Porosity.NORMAL, 0),
            new Band(3, 15, BandKind.LIGHTENED, 9, Tone.GOLD, Porosity.NORMAL, 0),
            new Band(15, 25, BandKind.LIGHTENED, 10, Tone.AS_LIFTED, Porosity.HIGH, 0));
    private final List<BandForecast> foretold = BandForecast.of(plan, 3);
    private final List<Entry> entries = new ArrayList<>(
            List.of(new Entry(1, NINE, "Ada", new Event.Begun(Sequencer.of(plan).tasks(), List.of(), foretold))));

    private void found(BandForecast of, double level) {
        Event.Found found = new Event.Found(
                of.zone(), of.band(), level, ToneMix.of(Tone.NATURAL), Optional.empty(), Optional.empty());
        job().check(found);
        entries.add(new Entry(entries.size() + 1L, NINE, "Ada", found));
    }

    private Job job() {
        return Job.of(entries, NINE);
    }

    @Test
    void everyBandIsForetoldWithItsRangeAndItsFading() {
        assertThat(foretold).hasSize(6);
        for (BandForecast one : foretold) {
            assertThat(one.from()).isLessThanOrEqualTo(one.end().level() + 1e-9);
            assertThat(one.to()).isGreaterThanOrEqualTo(one.end().level() - 1e-9);
            assertThat(one.faded()).hasSameSizeAs(BandForecast.WEEKS);
            assertThat(one.fadedAfter(0).level()).isCloseTo(one.end().level(), within(1e-9));
            assertThat(one.fadedAfter(3).level())
                    .as("between two and four weeks")
                    .isBetween(
                            Math.min(
                                            one.faded().get(0).level(),
                                            one.faded().get(1).level())
                                    - 1e-9,
                            Math.max(
                                            one.faded().get(0).level(),
                                            one.faded().get(1).level())
                                    + 1e-9);
            assertThat(one.fadedAfter(50)).isEqualTo(one.faded().get(3));
        }
        // R9, R71: deposit on lightened hair leaves, so that it is lighter after eight weeks.
        assertThat(foretold.get(1).faded().get(3).level())
                .isGreaterThan(foretold.get(1).end().level());
    }

    @Test
    void levelsAndDifferencesAreThoseOfTheReading() {
        BandForecast lengths = foretold.get(1);
        double said = lengths.end().level();
        found(lengths, LevelScale.inHalves(said) + 1.5);
        LookBack back = LookBack.of(job());
        assertThat(back.bands()).hasSize(1);
        LookBack.Compared one = back.bands().get(0);
        assertThat(one.levels()).isCloseTo(LevelScale.inHalves(said) + 1.5 - said, within(1e-9));
        assertThat(one.fromPrediction())
                .isCloseTo(Ciede2000.between(lengths.end().lab(), one.real().lab()), within(1e-9));
        assertThat(one.inside()).isFalse();
        assertThat(back.error()).isCloseTo(Math.abs(one.levels()), within(1e-9));
        assertThat(back.inside()).isZero();
    }

    /** Read again, the last reading counts; taken back, the one before. */
    @Test
    void theLastReadingCounts() {
        BandForecast lengths = foretold.get(1);
        found(lengths, 8);
        found(lengths, 6);
        assertThat(LookBack.of(job()).bands())
                .singleElement()
                .satisfies(one -> assertThat(one.real().level()).isEqualTo(6));
        entries.add(new Entry(4, NINE, "Ada", new Event.TakenBack(3)));
        assertThat(LookBack.of(job()).bands().get(0).real().level()).isEqualTo(8);
    }

    @Test
    void aMeasurementSpeaksForItself() {
        BandForecast lengths = foretold.get(1);
        Lab measured = Lab.d65(33, 9, 15);
        entries.add(new Entry(
                2,
                NINE,
                "Ada",
                new Event.Found(
                        lengths.zone(),
                        lengths.band(),
                        5.5,
                        ToneMix.of(Tone.NATURAL),
                        Optional.of(new Measured(Measured.By.READER, measured, 1)),
                        Optional.empty())));
        assertThat(LookBack.of(job()).bands().get(0).real().lab()).isEqualTo(measured);
    }

    /** Of two tones it lies between the colours of both, and is called by both. */
    @Test
    void aBandCanComeOutInTwoTones() {
        BandForecast lengths = foretold.get(1);
        ToneMix both = new ToneMix(Tone.BEIGE, Optional.of(new SecondTone(Tone.GOLD, 0.3)));
        entries.add(new Entry(
                2,
                NINE,
                "Ada",
                new Event.Found(lengths.zone(), lengths.band(), 8, both, Optional.empty(), Optional.empty())));
        BandForecast.Shown real = LookBack.of(job()).bands().get(0).real();
        assertThat(LookBack.of(job()).bands().get(0).said())
                .isEqualTo(HairMessage.COLOUR
                        .say()
                        .level("level", 8)
                        .with("tone", both.figure())
                        .said());
        assertThat(real.lab()).isEqualTo(both.colourAt(8));
        assertThat(real.lab()).isNotEqualTo(ToneMix.of(Tone.BEIGE).colourAt(8));
    }

    @Test
    void neighboursThatWereWishedAlikeSayHowEvenItIs() {
        foretold.stream().limit(3).forEach(one -> found(one, 6));
        double even = LookBack.of(job()).uneven();
        found(foretold.get(2), 7.5);
        assertThat(LookBack.of(job()).uneven()).isGreaterThan(even + 2);
    }

    /** Darker than said: more dye was taken than on average; of untouched hair nothing is learned. */
    @Test
    void whatCameOutDarkerTeachesUptake() {
        found(foretold.get(0), 5);
        Calibration none = Calibration.none();
        assertThat(LookBack.learned(plan, job(), none).observations()).isZero();
        found(foretold.get(1), LevelScale.inHalves(foretold.get(1).end().level()) - 0.5);
        Calibration after = LookBack.learned(plan, job(), none);
        assertThat(after.observations()).isEqualTo(1);
        assertThat(after.median(Factor.UPTAKE)).isGreaterThan(1);
        assertThat(after.spread(Factor.UPTAKE)).isLessThan(none.spread(Factor.UPTAKE));
    }

    @Test
    void whatCannotBeIsRefused() {
        BandForecast lengths = foretold.get(1);
        assertThatThrownBy(() -> found(lengths, 6.3)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> job().check(new Event.Found(
                        lengths.zone(), 9, 6, ToneMix.of(Tone.NATURAL), Optional.empty(), Optional.empty())))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Event.Judged("", " ", "")).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Event.Judged("x".repeat(301), "", "")).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Event.HandsNow(4)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> job().check(new Event.RunsShort("Q", 20))).isInstanceOf(RefusedInput.class);
    }
}
