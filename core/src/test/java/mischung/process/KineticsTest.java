package mischung.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.PigmentLine;
import mischung.hair.Pigments;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The closed forms against the differential equations they claim to solve, integrated in small steps by the classical
 * Runge-Kutta method (any textbook of numerical analysis), and against figures reckoned by hand.
 */
class KineticsTest {
    private static final double STEP = 0.05;

    private static Canvas natural(double level) {
        return Canvas.of(PigmentLine.NATURAL.at(level), Porosity.NORMAL);
    }

    /** dE/dt = r·exp(−t/70) for lightener in foil; r = 0.047 a minute with 20 vol. */
    @ParameterizedTest
    @ValueSource(doubles = {5, 20, 45, 90, 180})
    void theDoseIsTheIntegralOfAnExhaustedRate(double minutes) {
        double integrated = integrated(0, minutes, t -> 0.047 * Math.exp(-t / 70));
        Lightening laid = Lightening.of(LiftProduct.LIGHTENER, 20, minutes, Setting.FOIL);
        assertThat(Lift.dose(laid, Fibre.read(Thickness.NORMAL, Porosity.NORMAL)))
                .isCloseTo(integrated, within(1e-6));
    }

    /** A bowl that stood half an hour begins where the fresh one is after half an hour, as long as both lose alike. */
    @Test
    void anOldBowlBeginsWhereAFreshOneWouldBe() {
        Fibre fibre = Fibre.read(Thickness.NORMAL, Porosity.NORMAL);
        Lightening hour = Lightening.of(LiftProduct.LIGHTENER, 20, 60, Setting.FOIL);
        double second = Lift.dose(hour, fibre) - Lift.dose(hour.until(30), fibre);
        assertThat(Lift.dose(hour.until(30).aged(30), fibre)).isCloseTo(second, within(1e-12));
    }

    /** d(eumelanin)/dE = −6·eumelanin; d(residue)/dE = 0.993·6·eumelanin − 1.635·residue. */
    @ParameterizedTest
    @CsvSource({"3, 30, 45", "6, 20, 30", "9, 10, 60", "2, 40, 90"})
    void eumelaninTurnsIntoResidueAsItsEquationsSay(double level, double volume, double minutes) {
        Canvas before = natural(level);
        Lightening laid = Lightening.of(LiftProduct.LIGHTENER, volume, minutes, Setting.FOIL);
        double dose = Lift.dose(laid, before.fibre());
        double[] state = {
            before.coloured().amount(Pigment.EUMELANIN), before.coloured().amount(Pigment.RESIDUE)
        };
        int steps = 20_000;
        double h = dose / steps;
        for (int i = 0; i < steps; i++) {
            double[] k1 = slope(state);
            double[] k2 = slope(moved(state, k1, h / 2));
            double[] k3 = slope(moved(state, k2, h / 2));
            double[] k4 = slope(moved(state, k3, h));
            for (int j = 0; j < 2; j++) {
                state[j] += h / 6 * (k1[j] + 2 * k2[j] + 2 * k3[j] + k4[j]);
            }
        }
        Pigments after = laid.on(before).coloured();
        assertThat(after.amount(Pigment.EUMELANIN)).isCloseTo(state[0], within(1e-8));
        assertThat(after.amount(Pigment.RESIDUE)).isCloseTo(state[1], within(1e-8));
    }

    private static double[] slope(double[] state) {
        return new double[] {-6 * state[0], 0.993 * 6 * state[0] - 1.635 * state[1]};
    }

    private static double[] moved(double[] state, double[] slope, double by) {
        return new double[] {state[0] + by * slope[0], state[1] + by * slope[1]};
    }

    private static double integrated(double from, double to, DoubleUnaryOperator rate) {
        int steps = (int) Math.ceil((to - from) / STEP);
        double h = (to - from) / steps;
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            double t = from + i * h;
            sum += h / 6 * (rate.applyAsDouble(t) + 4 * rate.applyAsDouble(t + h / 2) + rate.applyAsDouble(t + h));
        }
        return sum;
    }

    /** By hand: permanent blue at grip 1, nothing loose, 25 washes at 0.016: e^(−0.4) = 0.6703; demi (0.7): e^(−0.5714). */
    @Test
    void washesByHand() {
        Canvas blue = natural(7).plus(new Dyes(0, 0, 0, 0.1), Dyes.NONE);
        assertThat(Washing.times(25).on(blue).coloured().amount(Pigment.DYE_BLUE))
                .isCloseTo(0.06703, within(1e-5));
        Canvas demi = blue.with(blue.fibre().withDyeHeld(0.7, 0));
        assertThat(Washing.times(25).on(demi).coloured().amount(Pigment.DYE_BLUE))
                .isCloseTo(0.05647, within(1e-5));
        Canvas loose = blue.with(blue.fibre().withDyeHeld(1, 0.5));
        double after = 0.1 * (0.5 * Math.exp(-2) + 0.5 * Math.exp(-0.032));
        assertThat(Washing.times(2).on(loose).coloured().amount(Pigment.DYE_BLUE))
                .isCloseTo(after, within(1e-9));
    }

    /** A clarifying wash is three washes; very porous hair loses 1.7 times as fast. */
    @Test
    void clarifyingAndPorousHairByHand() {
        Canvas blue = natural(7).plus(new Dyes(0, 0, 0, 0.1), Dyes.NONE);
        assertThat(new Washing(2, true).on(blue).coloured())
                .isEqualTo(Washing.times(6).on(blue).coloured());
        Canvas porous = blue.with(blue.fibre().withPorosity(3));
        assertThat(Washing.times(10).on(porous).coloured().amount(Pigment.DYE_BLUE))
                .isCloseTo(0.1 * Math.exp(-0.016 * 1.7 * 10), within(1e-9));
    }

    /** By hand: 0.75 of one layer, blue a tenth faster: 0.175 of it is left; unrinsed, two fifths of what shrank return. */
    @Test
    void removerByHand() {
        Canvas dyed = natural(7).plus(new Dyes(0, 0, 0, 0.2), Dyes.NONE);
        Canvas once = RemoverRound.USUAL.on(dyed.with(dyed.fibre().withLayers(1)));
        assertThat(once.coloured().amount(Pigment.DYE_BLUE)).isCloseTo(0.2 * (1 - 0.75 * 1.1), within(1e-9));
        RemoverRound unrinsed = new RemoverRound(25, true, true, 0);
        assertThat(unrinsed.share(dyed.fibre(), Factors.AVERAGE)).isCloseTo(0.75 * 0.6, within(1e-9));
        RemoverRound hasty = new RemoverRound(25, false, false, 10);
        assertThat(hasty.share(dyed.fibre(), Factors.AVERAGE)).isCloseTo(0.75 * 0.85 * 0.8, within(1e-9));
        assertThat(RemoverRound.USUAL.share(dyed.fibre().withLayers(4), Factors.AVERAGE))
                .isCloseTo(0.75 - 3 * 0.06, within(1e-9));
        assertThat(RemoverRound.USUAL.share(dyed.fibre().withLayers(50), Factors.AVERAGE))
                .isCloseTo(0.3, within(1e-9));
    }

    /** R30: two or three rounds possible, and each still takes something. */
    @Test
    void roundAfterRoundTakesLessAndLess() {
        Canvas dyed = natural(7).plus(new Dyes(0.2, 0.2, 0, 0.2), Dyes.NONE);
        double before = dyed.coloured().dyes(DyeKind.OXIDATIVE).total();
        double taken = before;
        for (int round = 0; round < 3; round++) {
            dyed = RemoverRound.USUAL.on(dyed);
            double left = dyed.coloured().dyes(DyeKind.OXIDATIVE).total();
            assertThat(before - left).isPositive().isLessThan(taken);
            taken = before - left;
            before = left;
        }
        assertThat(dyed.fibre().integrity()).isGreaterThan(0.7);
    }

    /** By hand: dose 1.432 (20 vol, 40 min in foil) × 0.11 × (20/30)^0.7 = 0.1186 on normal hair of 0.9. */
    @Test
    void strengthByHand() {
        Canvas lifted =
                Lightening.of(LiftProduct.LIGHTENER, 20, 40, Setting.FOIL).on(natural(6));
        assertThat(lifted.fibre().integrity()).isCloseTo(0.9 - 0.1186, within(5e-4));
        assertThat(lifted.fibre().ceiling()).isCloseTo(0.94 - 0.6 * 0.1186, within(5e-4));
        Canvas treated = new Care(Care.Kind.BOND, 10).on(lifted);
        double missing = lifted.fibre().ceiling() - lifted.fibre().integrity();
        assertThat(treated.fibre().integrity() - lifted.fibre().integrity()).isCloseTo(0.35 * missing, within(1e-9));
        Canvas half = new Care(Care.Kind.BOND, 5).on(lifted);
        assertThat(half.fibre().integrity() - lifted.fibre().integrity()).isCloseTo(0.175 * missing, within(1e-9));
    }
}
