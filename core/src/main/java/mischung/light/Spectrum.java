package mischung.light;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * Samples over 380–780 nm every 5 nm (81 of them). Immutable. At 10 nm the mercury lines of fluorescent lamps would be
 * lost, so the grid is fixed.
 */
public final class Spectrum {
    public static final int SAMPLES = 81;
    public static final int FIRST_NM = 380;
    public static final int STEP_NM = 5;

    private final double[] samples;

    private Spectrum(double[] samples) {
        this.samples = samples;
    }

    /** @throws RefusedInput unless there are 81 finite samples */
    public static Spectrum of(double... samples) {
        if (samples.length != SAMPLES) {
            throw new RefusedInput("spectrum", samples.length, RefusalMessage.SAMPLES);
        }
        double[] own = samples.clone();
        for (double sample : own) {
            if (!Double.isFinite(sample)) {
                throw new RefusedInput("spectrum", sample, RefusalMessage.SAMPLES);
            }
        }
        return new Spectrum(own);
    }

    /** Samples a function of the wavelength in nanometres. */
    public static Spectrum sampled(DoubleUnaryOperator ofNanometres) {
        double[] samples = new double[SAMPLES];
        Arrays.setAll(samples, i -> ofNanometres.applyAsDouble(nanometres(i)));
        return of(samples);
    }

    public static int nanometres(int index) {
        return FIRST_NM + STEP_NM * index;
    }

    public double at(int index) {
        return samples[index];
    }

    /** Sample by sample {@code (1 − share) × this + share × other}: an area mix when both are reflectances. */
    public Spectrum mixedWith(Spectrum other, double share) {
        RefusedInput.within("share", share, 0, 1, Unit.NONE);
        double[] mixed = new double[SAMPLES];
        Arrays.setAll(mixed, i -> (1 - share) * samples[i] + share * other.samples[i]);
        return new Spectrum(mixed);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Spectrum that && Arrays.equals(samples, that.samples);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(samples);
    }

    @Override
    public String toString() {
        return "Spectrum" + Arrays.toString(samples);
    }
}
