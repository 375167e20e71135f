package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mischung.aftercare.Upkeep;
import mischung.hair.Look;
import mischung.plan.Plan;
import mischung.plan.PlanningContext;
import mischung.product.ProductRange;
import mischung.said.Figure;
import mischung.said.Heard;
import mischung.uncertainty.Calibration;
import mischung.wish.Limits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the client is told. */
class PromiseTest {
    private static Promise of(MadeUpHeads head) {
        return Promise.of(head.decided().routes().get(0), Rates.USUAL, 3, false);
    }

    @ParameterizedTest
    @EnumSource
    void everyPromiseSaysWhatIsNotPromised(MadeUpHeads head) {
        Promise promise = of(head);
        assertThat(promise.happens()).isNotEmpty();
        assertThat(promise.likely()).isNotEmpty();
        assertThat(promise.notPromised()).anyMatch(Heard.a(PromiseMessage.HAIR_ANSWERS));
        assertThat(promise.price().figures()).containsEntry("currency", new Figure.Typed("EUR"));
        assertThat(promise.upkeep()).isNotEmpty();
        Plan plan = head.decided().routes().get(0).plan();
        for (Upkeep.Kind kind : Upkeep.needed(plan, plan.steps())) {
            assertThat(promise.upkeep())
                    .as(kind.words())
                    .filteredOn(Heard.a(PromiseMessage.valueOf(kind.name())))
                    .singleElement()
                    .satisfies(said -> {
                        assertThat(Heard.number(said, "from")).isEqualTo(kind.fromWeeks());
                        assertThat(Heard.number(said, "to")).isEqualTo(kind.toWeeks());
                    });
        }
        assertThat(promise.fade()).allSatisfy(f -> assertThat(f.looks()).hasSize(1 + Promise.WEEKS.size()));
    }

    /** R22: it will look orange for a while. */
    @Test
    void whoIsFilledIsToldOfTheOrange() {
        assertThat(of(MadeUpHeads.BLONDE_TO_NATURAL_FIVE).meanwhile())
                .hasValueSatisfying(said -> assertThat(said).matches(Heard.a(PromiseMessage.WARM_FOR_A_WHILE)));
        assertThat(of(MadeUpHeads.BRASSY_COPPER_WEAK_ENDS).meanwhile()).isEmpty();
    }

    @Test
    void visitsAreToldInOrderAndLessIsPromisedThanHoped() {
        Promise two = of(MadeUpHeads.BLONDE_TO_BRUNETTE_GENTLY);
        assertThat(two.visits()).isEqualTo(2);
        assertThat(two.happens())
                .anyMatch(said -> said.message() == PromiseMessage.AT_VISIT && Heard.number(said, "visit") == 2);
        MadeUpHeads dark = MadeUpHeads.DARK_REGROWTH_TO_WHITE;
        assertThat(of(dark).notPromised()).anyMatch(Heard.a(PromiseMessage.STRENGTH));
        Route unlifted = RouteComparison.first(
                new PlanningContext(
                        dark.head(),
                        dark.wish().with(Limits.NONE.withoutLightener()),
                        ProductRange.demo(),
                        Calibration.none(),
                        3),
                dark.method(),
                House.USUAL);
        assertThat(Promise.of(unlifted, Rates.USUAL, 3, false).notPromised())
                .anyMatch(Heard.a(PromiseMessage.COMES_NEAR));
    }

    /** R9, R18: what was laid fades and the canvas shows again, so hair grows lighter, never darker. */
    @Test
    void fadingOnlyLightens() {
        for (Promise.Fading colour : of(MadeUpHeads.BLONDE_TO_NATURAL_FIVE).fade()) {
            List<Look> looks = colour.looks();
            for (int i = 1; i < looks.size(); i++) {
                assertThat(looks.get(i).level())
                        .isGreaterThanOrEqualTo(looks.get(i - 1).level() - 0.02);
            }
        }
    }
}
