package mischung.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Porosity;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.plan.LiftWay;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.said.RefusedInput;
import org.junit.jupiter.api.Test;

/** What visits teach adds up, whatever their order, and can be taken back one by one. */
class EvidenceTest {
    private static StrandTest lifted(double level) {
        return StrandTest.byEye(
                Start.of(Reading.canvasOf(new Band(0, 10, BandKind.NATURAL, 5, Tone.NATURAL, Porosity.NORMAL, 0))),
                Course.of(Lightening.of(LiftProduct.LIGHTENER, 20, 30, LiftWay.OFF_SCALP.setting(Place.MIDS))),
                level);
    }

    private static double expected(double factor) {
        return lifted(7)
                .course()
                .on(lifted(7).start().best(), new Factors(factor, 1, 1, 1))
                .level();
    }

    @Test
    void oneVisitAfterTheOtherIsTheirSum() {
        Calibration none = Calibration.none();
        Calibration first = none.learn(lifted(expected(1.3))).after();
        Calibration both = first.learn(lifted(expected(1.2))).after();
        Calibration summed = none.with(both.since(first)).with(first.since(none));
        for (Factor factor : Factor.values()) {
            assertThat(summed.median(factor)).isCloseTo(both.median(factor), within(1e-9));
            assertThat(summed.spread(factor)).isCloseTo(both.spread(factor), within(1e-9));
        }
        assertThat(summed.observations()).isEqualTo(2);
        assertThat(none.with(Evidence.NONE).median(Factor.LIFT)).isCloseTo(1, within(1e-12));
    }

    /** By hand: with a prior variance s² and one client known exactly, the house's mean is that of two normal densities. */
    @Test
    void aHouseMovesTowardsItsClients() {
        Evidence quick = Calibration.certain(new Factors(1.5, 1, 1, 1)).since(Calibration.none());
        Clientele one = Clientele.of(List.of(new Evidence(quick.shift(), quick.precision(), 1)));
        double spread = Factor.LIFT.spread() * Factor.LIFT.spread();
        double between = 0.25 * spread;
        double within = 0.75 * spread;
        double byHand = Math.log(1.5) * between / (between + within);
        assertThat(one.means().get(Factor.LIFT)).isCloseTo(byHand, within(1e-5));
        Clientele many = Clientele.of(Collections.nCopies(40, new Evidence(quick.shift(), quick.precision(), 1)));
        assertThat(many.newClient().median(Factor.LIFT)).isBetween(1.4, 1.5);
        assertThat(many.newClient().spread(Factor.LIFT)).isLessThan(Factor.LIFT.spread());
        assertThat(many.newClient().spread(Factor.LIFT)).isGreaterThan(Math.sqrt(within) - 1e-9);
    }

    @Test
    void anUnknownHouseIsTheUntestedHead() {
        for (Factor factor : Factor.values()) {
            assertThat(Clientele.UNKNOWN.newClient().median(factor)).isCloseTo(1, within(1e-12));
            assertThat(Clientele.UNKNOWN.newClient().spread(factor)).isCloseTo(factor.spread(), within(1e-12));
        }
    }

    @Test
    void evidenceOfAnotherShapeIsRefused() {
        assertThatThrownBy(() -> new Evidence(List.of(1.0), List.of(1.0), 1)).isInstanceOf(RefusedInput.class);
    }
}
