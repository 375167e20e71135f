package mischung.hair;

import java.util.Arrays;
import mischung.RefusedInput;
import mischung.light.Spectrum;

/** How much of each {@link Pigment} a fibre holds. Immutable; no amount is ever negative. */
public final class Pigments {
    private static final Pigment[] ALL = Pigment.values();

    /** One amount a pigment, in the order of the enum; an array because a plan asks for some 100,000 reflectances. */
    private final double[] amounts;

    private Pigments(double[] amounts) {
        this.amounts = amounts;
    }

    private static Pigments of(double[] amounts) {
        for (int i = 0; i < amounts.length; i++) {
            RefusedInput.within(ALL[i].words(), amounts[i], 0, 1000, "");
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
        amounts[at(Pigment.KERATIN)] = HairConstants.of("keratin amount");
        return of(amounts);
    }

    /** Lifted hair: the warm residue and what little eumelanin stays beside it. */
    public static Pigments lifted(double residue) {
        double[] amounts = new double[ALL.length];
        amounts[at(Pigment.RESIDUE)] = residue;
        amounts[at(Pigment.EUMELANIN)] = residue * HairConstants.of("eumelanin per residue when lifted");
        amounts[at(Pigment.KERATIN)] = HairConstants.of("keratin amount");
        return of(amounts);
    }

    public double amount(Pigment pigment) {
        return amounts[at(pigment)];
    }

    public Dyes dyes() {
        return new Dyes(amount(Pigment.DYE_YELLOW), amount(Pigment.DYE_RED), amount(Pigment.DYE_BLUE));
    }

    /** The same fibre with more dye in it. */
    public Pigments plus(Dyes dyes) {
        double[] more = amounts.clone();
        more[at(Pigment.DYE_YELLOW)] += dyes.yellow();
        more[at(Pigment.DYE_RED)] += dyes.red();
        more[at(Pigment.DYE_BLUE)] += dyes.blue();
        return of(more);
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

    /** Sum over pigments of amount × unit spectrum. */
    double[] absorption() {
        double[] absorption = new double[Spectrum.SAMPLES];
        for (int p = 0; p < amounts.length; p++) {
            double amount = amounts[p];
            if (amount > 0) {
                Spectrum unit = ALL[p].unitAbsorption();
                for (int i = 0; i < absorption.length; i++) {
                    absorption[i] += amount * unit.at(i);
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
