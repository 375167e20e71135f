package mischung.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import mischung.hair.Canvas;
import mischung.hair.Elasticity;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.light.Lab;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Setting;
import mischung.said.RefusedInput;
import mischung.validation.CoverageTrial;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.stat.correlation.Covariance;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DoubtTest {
    private static final Start BROWN = Start.of(Canvas.of(PigmentLine.NATURAL.at(6), Porosity.NORMAL));
    private static final Course LIFT = Course.of(Lightening.of(LiftProduct.LIGHTENER, 20, 35, Setting.FOIL));

    private static Forecast forecast(Calibration calibration, int draws) {
        return Forecast.of(BROWN, LIFT, calibration.factors(), Draws.of(calibration, draws, 5));
    }

    /**
     * Made-up heads whose truth is known, read with an eye's error: ranges hold the truth about as often as they claim. The
     * tolerance is three standard deviations of the count, and 0.03 for the few draws each range is made of.
     */
    @Test
    void rangesHoldWhatTheyClaim() {
        CoverageTrial trial = CoverageTrial.run(1200, 48, 20);
        for (double claim : new double[] {0.5, 0.8, 0.9, 0.95}) {
            double tolerance = 3 * Math.sqrt(claim * (1 - claim) / trial.heads()) + 0.03;
            assertThat(trial.held(claim)).as("level, %s", claim).isCloseTo(claim, within(tolerance));
            assertThat(trial.heldColour(claim)).as("colour, %s", claim).isCloseTo(claim, within(tolerance));
        }
    }

    @Test
    void theSameSeedGivesTheSameForecastAndAnotherDoesNot() {
        Forecast one = forecast(Calibration.none(), 64);
        Forecast two = forecast(Calibration.none(), 64);
        assertThat(one.levels()).isEqualTo(two.levels());
        assertThat(one.ellipse(0.8)).isEqualTo(two.ellipse(0.8));
        List<Draw> otherSeed = Draws.of(Calibration.none(), 64, 6);
        assertThat(otherSeed).isNotEqualTo(Draws.of(Calibration.none(), 64, 5));
    }

    /** A Latin hypercube: each of n equal shares of every figure is drawn once. */
    @Test
    void drawsSpreadEvenly() {
        List<Draw> draws = Draws.of(Calibration.none(), 100, 3);
        assertThat(draws.stream().map(d -> (int) (100 * d.which())).distinct()).hasSize(100);
        double mean = draws.stream().mapToDouble(Draw::levels).average().orElseThrow();
        double squares = draws.stream()
                .mapToDouble(d -> d.levels() * d.levels())
                .average()
                .orElseThrow();
        assertThat(mean).isCloseTo(0, within(0.02));
        assertThat(Math.sqrt(squares)).as("half a level").isCloseTo(0.5, within(0.02));
        double lift = draws.stream()
                .mapToDouble(d -> Math.log(d.factors().lift()))
                .average()
                .orElseThrow();
        assertThat(lift).isCloseTo(0, within(0.02));
    }

    /** In every draw the hair has the level the draw says. */
    @Test
    void aDrawShiftsTheReadingByWhatItSays() {
        for (double levels : new double[] {-1.5, -0.4, 0, 0.3, 1.2}) {
            Draw draw = new Draw(levels, 0.1, 0.2, 0, Factors.AVERAGE);
            assertThat(BROWN.in(draw).level()).isCloseTo(6 + levels, within(0.02));
        }
        assertThat(BROWN.in(Draw.AS_READ)).isEqualTo(BROWN.best());
    }

    /** The ellipse's shape against the covariance of another library on the same draws (Hipparchus), its size by counting. */
    @Test
    void theEllipseHasTheShapeOfTheCovarianceAndHoldsItsShareOfTheDraws() {
        List<Lab> labs = Draws.of(Calibration.none(), 128, 5).stream()
                .map(draw -> LIFT.on(BROWN.in(draw), draw.factors()).lab())
                .toList();
        double[][] ab =
                labs.stream().map(lab -> new double[] {lab.a(), lab.b()}).toArray(double[][]::new);
        var axes = new EigenDecompositionSymmetric(new Covariance(ab).getCovarianceMatrix()).getEigenvalues();
        Forecast.Ellipse ellipse = forecast(Calibration.none(), 128).ellipse(0.8);
        assertThat(ellipse.major() / ellipse.minor()).isCloseTo(Math.sqrt(axes[0] / axes[1]), within(1e-6));
        long held = labs.stream().filter(lab -> ellipse.distance(lab) <= 1).count();
        assertThat(held / 128.0).isCloseTo(0.8, within(0.01));
        Lab centre = Lab.d65(50, ellipse.a(), ellipse.b());
        Lab far = Lab.d65(50, ellipse.a() + 3 * ellipse.major(), ellipse.b());
        assertThat(forecast(Calibration.none(), 128).holds(centre, 0.8)).isTrue();
        assertThat(forecast(Calibration.none(), 128).holds(far, 0.8)).isFalse();
    }

    @Test
    void wideClaimsHoldNarrowOnes() {
        Forecast forecast = forecast(Calibration.none(), 64);
        LevelRange narrow = forecast.levels(0.5);
        LevelRange wide = forecast.levels(0.95);
        assertThat(wide.from()).isLessThan(narrow.from());
        assertThat(wide.to()).isGreaterThan(narrow.to());
        assertThat(forecast.tones().stream()
                        .mapToDouble(Forecast.ToneShare::share)
                        .sum())
                .isCloseTo(1, within(1e-9));
        assertThat(forecast.integrity(0.8).to()).isLessThan(BROWN.best().fibre().integrity());
        assertThatThrownBy(() -> forecast.levels(1.5)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> forecast.levels(Double.NaN)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Draws.of(Calibration.none(), 0, 1)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Forecast.of(BROWN.best(), List.of())).hasMessageContaining("draws");
    }

    /** Tests on hair that truly lifts faster bring the factor to the truth and narrow the range. */
    @ParameterizedTest
    @ValueSource(doubles = {0.6, 1, 1.5})
    void strandTestsFindTheTruthAndNarrowTheRange(double truth) {
        SplittableRandom random = new SplittableRandom(4);
        Calibration known = Calibration.none();
        double wide = width(known);
        for (int i = 0; i < 6; i++) {
            Course panel = Course.of(Lightening.of(LiftProduct.LIGHTENER, 10 + 10 * (i % 3), 30, Setting.FOIL));
            double level = panel.on(BROWN.best(), new Factors(truth, 1, 1, 1)).level();
            double seen = level + 0.2 * (random.nextDouble() - 0.5);
            known = known.learn(StrandTest.byEye(BROWN, panel, seen)).after();
        }
        assertThat(known.observations()).isEqualTo(6);
        assertThat(known.median(Factor.LIFT)).isCloseTo(truth, within(0.18));
        assertThat(known.spread(Factor.LIFT)).isLessThan(0.6 * Factor.LIFT.spread());
        assertThat(width(known)).isLessThan(wide);
    }

    private static double width(Calibration calibration) {
        LevelRange range = forecast(calibration, 128).levels();
        return range.to() - range.from();
    }

    /**
     * The textbook posterior of one normal mean with known variances: 1/v = 1/v0 + h²/r, moved by v·h·(y − p)/r. With a small
     * observation the model is straight enough to be held against it.
     */
    @Test
    void oneTestIsTheClosedFormPosterior() {
        Calibration none = Calibration.none();
        double expected = LIFT.on(BROWN.best(), Factors.AVERAGE).level();
        double more =
                LIFT.on(BROWN.best(), new Factors(Math.exp(0.01), 1, 1, 1)).level();
        double less =
                LIFT.on(BROWN.best(), new Factors(Math.exp(-0.01), 1, 1, 1)).level();
        double slope = (more - less) / 0.02;
        Learned learned = none.learn(StrandTest.byEye(BROWN, LIFT, expected + 0.05));
        double prior = Factor.LIFT.spread() * Factor.LIFT.spread();
        double noise = learned.expectedSpread() * learned.expectedSpread() - slope * slope * prior;
        double posterior = 1 / (1 / prior + slope * slope / noise);
        assertThat(learned.after().spread(Factor.LIFT)).isCloseTo(Math.sqrt(posterior), within(2e-3));
        assertThat(Math.log(learned.after().median(Factor.LIFT)))
                .isCloseTo(posterior * slope * 0.05 / noise, within(1e-3));
        assertThat(learned.after().spread(Factor.UPTAKE))
                .as("a lift says nothing of uptake")
                .isCloseTo(Factor.UPTAKE.spread(), within(1e-9));
    }

    @Test
    void whatLiesFarOutsideIsFlaggedNotSwallowed() {
        double expected = LIFT.on(BROWN.best(), Factors.AVERAGE).level();
        Learned odd = Calibration.none().learn(StrandTest.byEye(BROWN, LIFT, expected - 3.2));
        assertThat(odd.flagged()).isTrue();
        assertThat(odd.deviation()).isLessThan(-3);
        assertThat(odd.after()).isSameAs(odd.before());
        assertThat(odd.takenIn().median(Factor.LIFT))
                .as("somebody may still decide so")
                .isLessThan(1);
        Learned fair = Calibration.none().learn(StrandTest.byEye(BROWN, LIFT, expected - 0.8));
        assertThat(fair.flagged()).isFalse();
    }

    /** A strand that feels weaker than predicted teaches damage, and only damage. */
    @Test
    void aStretchTeachesDamage() {
        Course strong = Course.of(Lightening.of(LiftProduct.LIGHTENER, 30, 50, Setting.FOIL));
        double expected = strong.on(BROWN.best(), Factors.AVERAGE).level();
        Learned weak = Calibration.none()
                .learn(StrandTest.byEye(BROWN, strong, expected).stretched(Elasticity.RETURNS_SLOWLY));
        assertThat(weak.after().median(Factor.DAMAGE)).isGreaterThan(1.05);
        assertThat(weak.after().spread(Factor.DAMAGE)).isLessThan(Factor.DAMAGE.spread());
        assertThatThrownBy(() -> StrandTest.byEye(BROWN, strong, Double.NaN)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> StrandTest.byEye(BROWN, strong, 40)).hasMessageContaining("seenLevel");
    }
}
