package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.process.Factors;
import mischung.product.ProductRange;
import mischung.school.Method;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/** What is known of how a client's hair takes colour is in the formula, not in its prediction alone. */
class LearnedUptakeTest {
    private static final BandRef ALL = new BandRef(0, 0);

    private static Plan plan(double uptake) {
        return Planner.plan(
                new PlanningContext(
                        Heads.of(List.of(new Band(0, 30, BandKind.LIGHTENED, 9, Tone.AS_LIFTED, Porosity.NORMAL, 0))),
                        new Wish(7.5, Tone.GOLD),
                        ProductRange.demo(),
                        Calibration.certain(new Factors(1, uptake, 1, 1)),
                        3),
                Strategy.of("usual", Method.USUAL));
    }

    private static double dye(Plan plan) {
        return plan.steps().get(0).bowls().get(0).formula().mix().dyes().total();
    }

    @Test
    void whoTakesLittleGetsMoreAndEndsAlike() {
        Plan little = plan(0.7);
        Plan usual = plan(1);
        Plan much = plan(1.4);
        assertThat(dye(little)).isGreaterThan(1.15 * dye(usual));
        assertThat(dye(much)).isLessThan(0.9 * dye(usual));
        for (Plan plan : List.of(little, usual, much)) {
            assertThat(plan.end(ALL).difference()).isLessThan(4);
            assertThat(plan.end(ALL).look().level()).isBetween(7.0, 8.0);
        }
    }
}
