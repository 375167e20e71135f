package mischung.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.hair.Past;
import mischung.hair.PigmentLine;
import mischung.hair.Porosity;
import mischung.hair.ReadIn;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.process.Application;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.RemoverRound;
import mischung.process.Setting;
import mischung.product.ShadeClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is not known of the start, and what strand tests teach about the other factors. */
class StartTest {
    private static final Course REMOVER = Course.of(RemoverRound.USUAL);

    private static Start brown(Past past) {
        return Start.of(ReadIn.of(4, ToneMix.of(Tone.NATURAL), past), Thickness.NORMAL, 1, 0, past.layers());
    }

    private static double width(Start start, Course course, Calibration known) {
        LevelRange range = Forecast.of(start, course, known.factors(), Draws.of(known, 160, 3))
                .levels();
        return range.to() - range.from();
    }

    /** What lies under a dark colour cannot be seen; after a remover it shows, so the range is wide until history narrows it. */
    @Test
    void whatCannotBeToldApartWidensTheRangeAndHistoryNarrowsIt() {
        Past open = Past.of(Past.Kind.COLOURED_OVER_LIFTED);
        double wide = width(brown(open), REMOVER, Calibration.none());
        double narrow = width(brown(open.under(7, 7.5)), REMOVER, Calibration.none());
        assertThat(narrow).isLessThan(0.75 * wide);
    }

    @Test
    void drawsComeFromEveryExplanationThatLooksAlike() {
        ReadIn read = ReadIn.of(4, ToneMix.of(Tone.NATURAL), Past.of(Past.Kind.COLOURED_OVER_LIFTED));
        assertThat(read.alike().size()).isGreaterThan(3);
        Start start = Start.of(read, Thickness.NORMAL, 1, 0, 1);
        Set<Canvas> different = List.of(0.01, 0.3, 0.6, 0.99).stream()
                .map(which -> start.in(new Draw(0, 0, 0, which, Factors.AVERAGE)))
                .collect(Collectors.toSet());
        assertThat(different).hasSize(4);
        assertThat(different.stream().mapToDouble(Canvas::level).max().orElseThrow()
                        - different.stream().mapToDouble(Canvas::level).min().orElseThrow())
                .as("and all look alike")
                .isLessThan(0.6);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.7, 1.4})
    void tonersTeachUptake(double truth) {
        Start start = Start.of(Canvas.of(PigmentLine.LIFTED.at(9.5), Porosity.NORMAL));
        Calibration known = Calibration.none();
        for (double strength : new double[] {0.05, 0.08, 0.1, 0.12}) {
            Course toner = Course.of(Application.usual(new Dyes(strength, strength, 0, strength), ShadeClass.DEMI, 6));
            double level = toner.on(start.best(), new Factors(1, truth, 1, 1)).level();
            known = known.learn(new StrandTest(start, toner, level, 0.1, Optional.empty()))
                    .after();
        }
        assertThat(known.median(Factor.UPTAKE)).isBetween(Math.min(1, truth) * 0.95, Math.max(1, truth) * 1.05);
        assertThat(Math.abs(Math.log(known.median(Factor.UPTAKE) / truth)))
                .as("nearer to the truth than before")
                .isLessThan(Math.abs(Math.log(truth)) * 0.6);
        assertThat(known.median(Factor.LIFT)).isCloseTo(1, within(1e-6));
    }

    @Test
    void removerTestsTeachRemoval() {
        Start start = brown(Past.of(Past.Kind.COLOURED).under(6, 6));
        double weak = REMOVER.on(start.best(), new Factors(1, 1, 0.6, 1)).level();
        Calibration known = Calibration.none();
        for (int i = 0; i < 3; i++) {
            known = known.learn(StrandTest.byEye(start, REMOVER, weak)).after();
        }
        assertThat(known.median(Factor.REMOVAL)).isLessThan(0.95);
        assertThat(known.spread(Factor.REMOVAL)).isLessThan(Factor.REMOVAL.spread());
        assertThat(known.spread(Factor.DAMAGE)).isCloseTo(Factor.DAMAGE.spread(), within(1e-6));
    }

    /** Two tests in either order teach nearly the same: the update is a posterior, not a habit. */
    @Test
    void theOrderOfTestsHardlyMatters() {
        Start start = Start.of(Canvas.of(PigmentLine.NATURAL.at(5), Porosity.NORMAL));
        Course weak = Course.of(Lightening.of(LiftProduct.LIGHTENER, 10, 30, Setting.FOIL));
        Course strong = Course.of(Lightening.of(LiftProduct.LIGHTENER, 30, 30, Setting.FOIL));
        double faint = weak.on(start.best(), Factors.AVERAGE).level() + 0.4;
        double bright = strong.on(start.best(), Factors.AVERAGE).level() + 0.3;
        Calibration one = Calibration.none()
                .learn(StrandTest.byEye(start, weak, faint))
                .after()
                .learn(StrandTest.byEye(start, strong, bright))
                .after();
        Calibration two = Calibration.none()
                .learn(StrandTest.byEye(start, strong, bright))
                .after()
                .learn(StrandTest.byEye(start, weak, faint))
                .after();
        assertThat(one.median(Factor.LIFT)).isCloseTo(two.median(Factor.LIFT), within(0.02));
        assertThat(one.spread(Factor.LIFT)).isCloseTo(two.spread(Factor.LIFT), within(0.01));
    }

    @Test
    void whiteFibresStayWhiteInEveryDraw() {
        Start start =
                Start.of(Canvas.of(PigmentLine.NATURAL.at(5), Porosity.NORMAL).withGrey(0.4));
        for (Draw draw : Draws.of(Calibration.none(), 40, 1)) {
            Canvas canvas = start.in(draw);
            assertThat(canvas.white()).isEqualTo(start.best().white());
            assertThat(canvas.greyShare()).isEqualTo(0.4);
            assertThat(canvas.fibre().porosity()).isBetween(0.0, 3.0);
        }
    }
}
