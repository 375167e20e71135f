package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.history.Growth;
import mischung.history.History;
import mischung.light.Ciede2000;
import mischung.plan.Plan;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What washes out and what grows after the last visit. */
class LaterTest {
    private static final History WASHED = new History(6, Growth.UNMEASURED, 3, List.of());

    @ParameterizedTest
    @EnumSource
    void hairFadesWeekByWeekAndNoneIsForgotten(MadeUpHeads head) {
        Plan plan = head.decided().routes().get(0).plan();
        List<Later> all = Later.of(plan, WASHED);
        assertThat(all).extracting(Later::weeks).isEqualTo(Promise.WEEKS);
        for (BandRef at : plan.head().bands()) {
            double before = 0;
            for (Later later : all) {
                double faded = Ciede2000.between(
                        plan.end(at).look().lab(),
                        later.zones().get(at.zone()).bands().get(at.band()).lab());
                // Pigments fade at rates of their own, so the difference may turn a little on its way.
                assertThat(faded).as("%s after %d weeks", at, later.weeks()).isGreaterThan(before - 0.5);
                before = faded;
            }
        }
    }

    /** Hair grows 1 to 1.5 cm a month (common practice, no source): two centimetres and a half in eight weeks. */
    @ParameterizedTest
    @EnumSource(names = {"BLONDE_TO_NATURAL_FIVE", "BRASSY_COPPER_WEAK_ENDS"})
    void newHairIsTheHairThatGrows(MadeUpHeads head) {
        Plan plan = head.decided().routes().get(0).plan();
        List<Later> all = Later.of(plan, WASHED);
        assertThat(all.get(3).grownCm()).isCloseTo(2.3, within(0.5));
        for (int zone = 0; zone < plan.head().zones().size(); zone++) {
            var root = plan.head().read().zones().get(zone).strand().bands().get(0);
            if (root.kind() == BandKind.NATURAL) {
                assertThat(all.get(0).zones().get(zone).grown())
                        .hasValueSatisfying(look -> assertThat(look.level()).isCloseTo(root.level(), within(0.25)));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(names = "BLONDE_TO_NATURAL_FIVE")
    void whoNeverWashesKeepsTheColour(MadeUpHeads head) {
        Plan plan = head.decided().routes().get(0).plan();
        Later last =
                Later.of(plan, new History(6, Growth.UNMEASURED, 0, List.of())).get(3);
        for (BandRef at : plan.head().bands()) {
            assertThat(Ciede2000.between(
                            plan.end(at).look().lab(),
                            last.zones().get(at.zone()).bands().get(at.band()).lab()))
                    .isLessThan(0.01);
        }
    }
}
