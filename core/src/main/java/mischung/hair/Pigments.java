package mischung.hair;

import java.util.Arrays;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import mischung.light.Spectrum;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/** How much of each {@link Pigment} a fibre holds. Immutable; no amount is ever negative. */
public final class Pigments {
    private static final Pigment[] ALL = Pigment.values();
    private static final double LADDER_MELANIN = Figures.HAIR.of("ladder melanin");
    private static final double LADDER_EXPONENT = Figures.HAIR.of("ladder exponent");

    /** Unit spectra as plain arrays: the loop over them is where a simulation spends its time. */
    private static final double[][] UNITS = Arrays.stream(ALL)
            .map(pigment -> IntStream.range(0, Spectrum.SAMPLES)
                    .mapToDouble(pigment.unitAbsorption()::at)
                    .toArray())
            .toArray(double[][]::new);

    /** One amount a pigment, in the order of the enum; an array because a plan asks for some 100,000 reflectances. */
    private final double[] amounts;

    private Pigments(double[] amounts) {
        this.amounts = amounts;
    }

    private static Pigments of(double[] amounts) {
        for (int i = 0; i < amounts.length; i++) {
            RefusedInput.within(ALL[i].words(), amounts[i], 0, 1000, Unit.NONE);
        }
        return new Pigments(amounts);
    }

    @SuppressWarnings("EnumOrdinal") // never stored, only the place within the array
    private static int at(Pigment pigment) {
        return pigment.ordinal();
    }

    /** Unlifted hair: both melanins in the given amounts. */
    public static Pigments natural(double eumelanin, double pheomelanin) {
        return natural(eumelanin, pheomelanin, 0);
    }

    /** Unlifted hair with some of the steep warm pigment too, as gold and copper hair grows with. */
    public static Pigments natural(double eumelanin, double pheomelanin, double warm) {
        double[] amounts = new double[ALL.length];
        amounts[at(Pigment.EUMELANIN)] = eumelanin;
        amounts[at(Pigment.PHEOMELANIN)] = pheomelanin;
        amounts[at(Pigment.RESIDUE)] = warm;
        amounts[at(Pigment.KERATIN)] = Figures.HAIR.of("keratin amount");
        return of(amounts);
    }

    /** Lifted hair: the steep warm residue, and the flatter rest of melanin that goes more slowly. */
    public static Pigments lifted(double residue) {
        double[] amounts = new double[ALL.length];
        amounts[at(Pigment.RESIDUE)] = residue;
        amounts[at(Pigment.PHEOMELANIN)] = melaninBeside(residue);
        amounts[at(Pigment.KERATIN)] = Figures.HAIR.of("keratin amount");
        return of(amounts);
    }

    /**
     * How much of the flatter melanin stands beside so much residue on the ladder of lifted hair: a power of it, so that from
     * orange to white the steep one goes first and hair grows paler, not only lighter.
     */
    public static double melaninBeside(double residue) {
        return LADDER_MELANIN * Math.pow(residue, LADDER_EXPONENT);
    }

    public double amount(Pigment pigment) {
        return amounts[at(pigment)];
    }

    public Dyes dyes() {
        return dyes(DyeKind.OXIDATIVE);
    }

    public Dyes dyes(DyeKind kind) {
        return new Dyes(amount(kind.yellow()), amount(kind.red()), amount(kind.violet()), amount(kind.blue()));
    }

    /** The same fibre with more oxidative dye in it. */
    public Pigments plus(Dyes dyes) {
        return plus(DyeKind.OXIDATIVE, dyes);
    }

    public Pigments plus(DyeKind kind, Dyes dyes) {
        double[] more = amounts.clone();
        more[at(kind.yellow())] += dyes.yellow();
        more[at(kind.red())] += dyes.red();
        more[at(kind.violet())] += dyes.violet();
        more[at(kind.blue())] += dyes.blue();
        return of(more);
    }

    /** Without any dye of this kind. */
    public Pigments without(DyeKind kind) {
        return with(kind.yellow(), 0).with(kind.red(), 0).with(kind.violet(), 0).with(kind.blue(), 0);
    }

    /** Each pigment by a factor of its own. */
    public Pigments times(ToDoubleFunction<Pigment> factor) {
        double[] changed = amounts.clone();
        for (int i = 0; i < changed.length; i++) {
            if (changed[i] > 0) {
                changed[i] *= factor.applyAsDouble(ALL[i]);
            }
        }
        return of(changed);
    }

    /** With one pigment set to an amount. */
    public Pigments with(Pigment pigment, double amount) {
        double[] changed = amounts.clone();
        changed[at(pigment)] = amount;
        return of(changed);
    }

    /**
     * Reflectance of a tress of such fibres, 0–1: {@code C(λ) = exp(−f(β)·√σ(λ))} after Chiang, Bitterli, Tappan and
     * Burley 2016, over a small surface reflection. Cost: 81 square roots and exponentials.
     */
    public Spectrum reflectance() {
        double[] reflectance = absorption();
        for (int i = 0; i < reflectance.length; i++) {
            reflectance[i] = TressOptics.reflectance(reflectance[i]);
        }
        return Spectrum.of(reflectance);
    }

    /** The same wet (R72): light goes a longer way inside, and less of it is scattered at the surface. */
    public Spectrum wetReflectance() {
        double[] reflectance = absorption();
        for (int i = 0; i < reflectance.length; i++) {
            reflectance[i] = TressOptics.wetReflectance(reflectance[i]);
        }
        return Spectrum.of(reflectance);
    }

    /** Sum over pigments of amount × unit spectrum. */
    double[] absorption() {
        double[] absorption = new double[Spectrum.SAMPLES];
        for (int p = 0; p < amounts.length; p++) {
            double amount = amounts[p];
            if (amount > 0) {
                double[] unit = UNITS[p];
                for (int i = 0; i < absorption.length; i++) {
                    absorption[i] += amount * unit[i];
                }
            }
        }
        return absorption;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Pigments that && Arrays.equals(amounts, that.amounts);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(amounts);
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder("Pigments[");
        for (Pigment pigment : ALL) {
            if (amount(pigment) > 0) {
                text.append(pigment.words()).append(' ').append(amount(pigment)).append(' ');
            }
        }
        return text.append(']').toString();
    }
}
