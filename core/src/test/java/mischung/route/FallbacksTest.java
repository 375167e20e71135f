package mischung.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.plan.Action;
import mischung.plan.Heads;
import mischung.plan.Laying;
import mischung.plan.LiftWay;
import mischung.plan.Plan;
import mischung.plan.Planner;
import mischung.plan.PlanningContext;
import mischung.plan.Round;
import mischung.plan.Strategy;
import mischung.product.ProductRange;
import mischung.said.Heard;
import mischung.school.Method;
import mischung.uncertainty.Calibration;
import mischung.wish.Wish;
import org.junit.jupiter.api.Test;

/** Plan B and C stand ready before the first bowl. */
class FallbacksTest {
    private static List<Fallback> prepared(Wish wish, Band... bands) {
        PlanningContext desk =
                new PlanningContext(Heads.of(List.of(bands)), wish, ProductRange.demo(), Calibration.none(), 3);
        Plan plan = Planner.plan(desk, Strategy.of("usual", Method.USUAL));
        return Fallbacks.of(desk, plan);
    }

    private static Band natural(double level) {
        return new Band(0, 25, BandKind.NATURAL, level, Tone.NATURAL, Porosity.NORMAL, 0);
    }

    private static Band lightened(double level, Porosity porosity) {
        return new Band(0, 25, BandKind.LIGHTENED, level, Tone.AS_LIFTED, porosity, 0);
    }

    /** R36, R38, R39: less lift is met with a fresh laying, breakage with rinsing, treating and stopping. */
    @Test
    void aLiftHasAnAnswerToTooLittleAndToBreakage() {
        List<Fallback> prepared = prepared(new Wish(8, Tone.GOLD), natural(5));
        assertThat(prepared).extracting(Fallback::letter).containsExactly("B", "C");
        assertThat(prepared.get(0).when()).matches(Heard.a(FallbackMessage.LIFTS_SLOWLY));
        assertThat(Heard.number(prepared.get(0).when(), "seen"))
                .isLessThan(Heard.number(prepared.get(0).when(), "hoped"));
        assertThat(prepared.get(0).then().get(0)).matches(Heard.a(FallbackMessage.APPLY_FRESH));
        assertThat(prepared.get(1).when()).matches(Heard.a(FallbackMessage.STRAND_DOES_NOT_RETURN));
        assertThat(prepared.get(1).then()).singleElement().matches(Heard.a(FallbackMessage.RINSE_AND_TREAT_AT));
    }

    /** A route by hand that spends all the strength there is: plan B is to stop and meet in the middle. */
    @Test
    void hairAtTheEndOfItsStrengthGoesNoFurther() {
        Band weak = new Band(0, 25, BandKind.LIGHTENED, 7, Tone.COPPER, Porosity.VERY_HIGH, 0);
        PlanningContext desk = new PlanningContext(
                Heads.of(List.of(weak)), new Wish(10.5, Tone.ASH), ProductRange.demo(), Calibration.none(), 3);
        Laying hard = Laying.lift(Action.LIGHTEN, desk.head().bands(), LiftWay.OFF_SCALP, 20, 50, 2, 2);
        Plan own = Planner.byHand(desk, Method.USUAL, List.of(new Round(Action.LIGHTEN, List.of(hard))));
        assertThat(Fallbacks.of(desk, own).get(0).then())
                .singleElement()
                .matches(Heard.a(FallbackMessage.MEET_IN_THE_MIDDLE_AT));
    }

    /** R12, R52. */
    @Test
    void aFillerHasAnAnswerToPatchesAndToTooDark() {
        List<Fallback> prepared = prepared(new Wish(6, Tone.NATURAL), lightened(10, Porosity.NORMAL));
        assertThat(prepared).extracting(Fallback::letter).containsExactly("B", "C");
        assertThat(prepared.get(0).when()).matches(Heard.a(FallbackMessage.FILLER_PATCHY));
        assertThat(prepared.get(1).comesTo()).matches(Heard.a(FallbackMessage.ONE_WASH_TAKES));
        assertThat(Heard.number(prepared.get(1).comesTo(), "to"))
                .isGreaterThan(Heard.number(prepared.get(1).comesTo(), "from"));
    }

    @Test
    void colourAloneHasThemToo() {
        List<Fallback> prepared = prepared(new Wish(6, Tone.NATURAL), natural(7));
        assertThat(prepared).extracting(Fallback::letter).containsExactly("B", "C");
        assertThat(prepared.get(0).then()).singleElement().matches(Heard.a(FallbackMessage.LEAVE_LONGER));
    }

    @Test
    void nothingToDoNeedsNone() {
        assertThat(prepared(new Wish(7, Tone.NATURAL).keepingNatural(), natural(7)))
                .isEmpty();
    }
}
