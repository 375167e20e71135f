package mischung.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import mischung.hair.BandRef;
import mischung.hair.Tone;
import mischung.process.Wetness;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import mischung.wish.Aim;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What may be written down of one product on some bands. */
class LayingTest {
    private static final List<BandRef> HERE = List.of(new BandRef(0, 0));
    private static final Aim AIM = new Aim(7, Tone.GOLD);

    private static Laying made(Action action, double volume, double minutes, double ratio, int times, double weeks) {
        if (action == Action.WAIT) {
            return new Laying.Wait(weeks);
        }
        if (action.deposits()) {
            return new Laying.Deposit(
                    action, HERE, AIM, ShadeClass.DEMI, volume, ratio, minutes, Wetness.DRY, Optional.empty());
        }
        return action.lifts()
                ? Laying.lift(action, HERE, LiftWay.OFF_SCALP, volume, minutes, ratio, times)
                : Laying.treat(action, HERE, minutes, times);
    }

    @ParameterizedTest
    @CsvSource({
        "volume, LIGHTEN, 41, 30, 2, 1, 0",
        "volume, TONER, -1, 10, 2, 1, 0",
        "minutes, LIGHTEN, 20, 121, 2, 1, 0",
        "minutes, REMOVE, 0, 61, 1, 1, 0",
        "ratio, LIGHTEN, 20, 30, 0.4, 1, 0",
        "ratio, TONER, 6, 10, 6.5, 1, 0",
        "times, REMOVE, 0, 25, 1, 4, 0",
        "times, LIGHTEN, 20, 30, 2, 0, 0",
        "weeks, WAIT, 0, 0, 1, 1, 53",
        "weeks, WAIT, 0, 0, 1, 1, NaN"
    })
    void whatIsOutOfRangeIsNamed(
            String field, Action action, double volume, double minutes, double ratio, int times, double weeks) {
        assertThatThrownBy(() -> made(action, volume, minutes, ratio, times, weeks))
                .isInstanceOfSatisfying(
                        RefusedInput.class, e -> assertThat(e.field()).isEqualTo(field));
    }

    @Test
    void strongerThanForHairIsRefusedByTheRule() {
        assertThatThrownBy(() -> made(Action.LIGHTEN, 60, 30, 2, 1, 0)).hasMessageContaining("TOO_STRONG");
    }

    @Test
    void colourNeedsAnAimAndDirectColourNoDeveloper() {
        assertThatThrownBy(() -> Laying.usual(Action.TONER, HERE)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Laying.colour(Action.TONER, HERE, AIM, ShadeClass.DIRECT, 6, 10))
                .isInstanceOfSatisfying(
                        RefusedInput.class, e -> assertThat(e.field()).isEqualTo("volume"));
        assertThat(Laying.colour(Action.TONER, HERE, AIM, ShadeClass.DIRECT, 0, 10)
                        .ratio())
                .isZero();
    }

    /** Every action can be added by hand as it is usually done, and keeps the limits that hold for it. */
    @ParameterizedTest
    @EnumSource
    void everyActionHasAUsualWay(Action action) {
        Laying usual = Laying.usual(action, HERE, AIM);
        assertThat(usual.action()).isEqualTo(action);
        assertThat(usual.bands()).isEqualTo(action == Action.WAIT ? List.of() : HERE);
        assertThat(usual instanceof Laying.Deposit).isEqualTo(action.deposits());
        assertThat(usual instanceof Laying.Lift).isEqualTo(action.lifts());
        assertThat(usual instanceof Laying.Wait wait && wait.weeks() > 0).isEqualTo(action == Action.WAIT);
        if (usual instanceof Laying.Deposit deposit) {
            assertThat(usual.volume()).as("R20: deposit only").isLessThanOrEqualTo(10);
            assertThat(deposit.ratio()).isEqualTo(deposit.shadeClass().developerPerColour());
            if (action == Action.FILL) {
                assertThat(deposit.aim().level()).as("R13: two levels above").isEqualTo(9);
            }
        }
    }

    /** Of one kind only: a cut has no lightener, a deposit is no treatment. */
    @ParameterizedTest
    @EnumSource
    void everyActionIsOfOneKind(Action action) {
        int kinds = 0;
        for (Runnable kind : List.<Runnable>of(
                () -> Laying.colour(action, HERE, AIM, ShadeClass.DEMI, 6, 10),
                () -> Laying.lift(action, HERE, LiftWay.BAND, 20, 30, 2, 1),
                () -> Laying.treat(action, HERE, 10, 1))) {
            try {
                kind.run();
                kinds++;
            } catch (RefusedInput another) {
                assertThat(another.field()).isEqualTo("action");
            }
        }
        assertThat(kinds).isEqualTo(action == Action.WAIT ? 0 : 1);
    }

    @Test
    void aRoundHoldsOneToSixHundredLayings() {
        Laying one = Laying.usual(Action.TRIM, HERE);
        assertThat(new Round(Action.TRIM, Collections.nCopies(600, one)).layings())
                .hasSize(600);
        assertThatThrownBy(() -> new Round(Action.TRIM, Collections.nCopies(601, one)))
                .isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new Round(Action.TRIM, List.of())).isInstanceOf(RefusedInput.class);
    }

    @Test
    void changingOneThingLeavesTheRest() {
        Laying.Lift laying = Laying.lift(Action.LIGHTEN, HERE, LiftWay.BAND, 20, 30, 2, 1);
        Laying.Lift other = laying.withMinutes(15).repeated(2).on(List.of(new BandRef(1, 1)));
        assertThat(other)
                .usingRecursiveComparison()
                .ignoringFields("minutes", "times", "bands")
                .isEqualTo(laying);
        assertThat(other.minutes()).isEqualTo(15);
        assertThat(other.times()).isEqualTo(2);
        assertThat(other.bands()).containsExactly(new BandRef(1, 1));
        Laying.Deposit colour = Laying.colour(Action.TONER, HERE, AIM, ShadeClass.DEMI, 6, 10);
        assertThat(colour.onHair(Wetness.DAMP)
                        .withMinutes(5)
                        .onHair(Wetness.DRY)
                        .withMinutes(10))
                .isEqualTo(colour);
    }
}
