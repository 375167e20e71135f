package mischung.hair;

import java.util.Locale;
import mischung.light.Spectrum;

/** What can absorb light in a hair, each with the absorption spectrum of one unit of it. */
public enum Pigment {
    /** Brown-black natural pigment. */
    EUMELANIN(power("eumelanin exponent")),
    /** Red-yellow natural pigment. */
    PHEOMELANIN(power("pheomelanin exponent")),
    /** The warm pigment that lifting leaves behind: contributing pigment. */
    RESIDUE(power("residue exponent")),
    /** The yellow of the hair's own substance. */
    KERATIN(bell("keratin centre", "keratin width")),
    /** Oxidative dye, yellow part. */
    DYE_YELLOW(bell("dye yellow centre", "dye width")),
    /** Oxidative dye, red part. */
    DYE_RED(bell("dye red centre", "dye width")),
    /** Oxidative dye, blue part. */
    DYE_BLUE(bell("dye blue centre", "dye width"));

    private final Spectrum unitAbsorption;

    Pigment(Spectrum unitAbsorption) {
        this.unitAbsorption = unitAbsorption;
    }

    /** Absorption of amount 1. */
    public Spectrum unitAbsorption() {
        return unitAbsorption;
    }

    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static Spectrum power(String exponent) {
        double reference = HairConstants.of("reference wavelength");
        double k = HairConstants.of(exponent);
        return Spectrum.sampled(nm -> Math.pow(nm / reference, k));
    }

    private static Spectrum bell(String centre, String width) {
        double middle = HairConstants.of(centre);
        double sigma = HairConstants.of(width);
        return Spectrum.sampled(nm -> Math.exp(-0.5 * Math.pow((nm - middle) / sigma, 2)));
    }
}
