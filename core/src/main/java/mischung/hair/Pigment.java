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
    /** Oxidative dye, violet part: between red and blue; without it no yellow is cooled but by way of green. */
    DYE_VIOLET(bell("dye violet centre", "dye violet width")),
    /** Oxidative dye, blue part. */
    DYE_BLUE(bell("dye blue centre", "dye width")),
    /** Direct dye, yellow part: it takes the same light away as oxidative yellow, but leaves by other ways. */
    DIRECT_YELLOW(DYE_YELLOW.unitAbsorption),
    /** Direct dye, red part. */
    DIRECT_RED(DYE_RED.unitAbsorption),
    /** Direct dye, violet part. */
    DIRECT_VIOLET(DYE_VIOLET.unitAbsorption),
    /** Direct dye, blue part. */
    DIRECT_BLUE(DYE_BLUE.unitAbsorption);

    private final Spectrum unitAbsorption;
    private final String words;

    Pigment(Spectrum unitAbsorption) {
        this.unitAbsorption = unitAbsorption;
        this.words = name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Absorption of amount 1. */
    public Spectrum unitAbsorption() {
        return unitAbsorption;
    }

    public String words() {
        return words;
    }

    private static Spectrum power(String exponent) {
        double reference = Figures.HAIR.of("reference wavelength");
        double k = Figures.HAIR.of(exponent);
        return Spectrum.sampled(nm -> Math.pow(nm / reference, k));
    }

    private static Spectrum bell(String centre, String width) {
        double middle = Figures.HAIR.of(centre);
        double sigma = Figures.HAIR.of(width);
        return Spectrum.sampled(nm -> Math.exp(-0.5 * Math.pow((nm - middle) / sigma, 2)));
    }
}
