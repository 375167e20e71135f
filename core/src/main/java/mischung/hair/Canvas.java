package mischung.hair;

import mischung.RefusedInput;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Spectrum;

/**
 * A band's hair as it is before a step: what its coloured and its white fibres hold, and how it drinks.
 *
 * @param coloured pigments of the fibres that grew with colour
 * @param white pigments of the grey (white) fibres
 * @param greyShare share of white fibres by area, 0–1
 * @param evened whether an equaliser lies on it
 */
public record Canvas(Pigments coloured, Pigments white, double greyShare, Porosity porosity, boolean evened) {
    public Canvas {
        RefusedInput.within("greyShare", greyShare, 0, 1, "(0.5 is half grey)");
    }

    /** Seen as a whole, coloured and white fibres mix by area, so by reflectance. */
    public Spectrum reflectance() {
        Spectrum main = coloured.reflectance();
        return greyShare == 0 ? main : main.mixedWith(white.reflectance(), greyShare);
    }

    public Look look() {
        return Look.of(reflectance());
    }

    /** Under D65. */
    public Lab lab() {
        return Illuminant.D65.reflected(reflectance()).toLab();
    }

    /** More dye, by fibre. */
    public Canvas plus(Dyes onColoured, Dyes onWhite) {
        return new Canvas(
                coloured.plus(onColoured), greyShare == 0 ? white : white.plus(onWhite), greyShare, porosity, evened);
    }

    public Canvas withEqualiser() {
        return new Canvas(coloured, white, greyShare, porosity, true);
    }
}
