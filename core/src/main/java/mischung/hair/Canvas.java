package mischung.hair;

import java.util.function.UnaryOperator;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Spectrum;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A band's hair as it is before a step: what its coloured and its white fibres hold, and what they are like.
 *
 * @param coloured pigments of the fibres that grew with colour
 * @param white pigments of the grey (white) fibres
 * @param greyShare share of white fibres by area, 0–1
 */
public record Canvas(Pigments coloured, Pigments white, double greyShare, Fibre fibre) {
    public Canvas {
        RefusedInput.within("greyShare", greyShare, 0, 1, Unit.OF_GREY);
    }

    /** Hair of normal thickness without grey, of which no more was read than this. */
    public static Canvas of(Pigments pigments, Porosity porosity) {
        Fibre fibre = Fibre.read(Thickness.NORMAL, porosity).withOpened(openedOf(pigments));
        return new Canvas(pigments, Reading.WHITE_FIBRE, 0, fibre);
    }

    private static final double OPENED_BY_COLOUR = Figures.HAIR.of("opened by colour");
    private static final double DYE_SEEN = 0.01;

    /**
     * How far such hair was opened, told by what lifting leaves: 0 where all its dark melanin is there, 1 where none is. Oxidative
     * colour in it has opened it too, whatever it lifted.
     */
    static double openedOf(Pigments pigments) {
        double left = pigments.amount(Pigment.RESIDUE);
        double grown = pigments.amount(Pigment.EUMELANIN);
        double lifted = left + grown == 0 ? 1 : left / (left + grown);
        return pigments.dyes(DyeKind.OXIDATIVE).total() > DYE_SEEN ? Math.max(OPENED_BY_COLOUR, lifted) : lifted;
    }

    /** Seen as a whole, coloured and white fibres mix by area, so by reflectance. */
    public Spectrum reflectance() {
        Spectrum main = coloured.reflectance();
        return greyShare == 0 ? main : main.mixedWith(white.reflectance(), greyShare);
    }

    /** The same hair wet (R72). */
    public Spectrum wetReflectance() {
        Spectrum main = coloured.wetReflectance();
        return greyShare == 0 ? main : main.mixedWith(white.wetReflectance(), greyShare);
    }

    public Look look() {
        return Look.of(reflectance());
    }

    /** Under D65. */
    public Lab lab() {
        return Illuminant.D65.reflected(reflectance()).toLab();
    }

    /** Level as a decimal, as {@link #look()} would say. */
    public double level() {
        // Asked for at every minute of every band, so without a spectrum in between.
        double[] main = coloured.absorption();
        double[] grey = greyShare == 0 ? main : white.absorption();
        double luminance = 0;
        for (int i = 0; i < main.length; i++) {
            double reflected = TressOptics.reflectance(main[i]);
            if (greyShare > 0) {
                reflected += greyShare * (TressOptics.reflectance(grey[i]) - reflected);
            }
            luminance += Illuminant.D65.luminanceOf(i) * reflected;
        }
        return LevelScale.levelOf(Illuminant.lightness(luminance));
    }

    /** More oxidative dye, by fibre. */
    public Canvas plus(Dyes onColoured, Dyes onWhite) {
        return plus(DyeKind.OXIDATIVE, onColoured, onWhite);
    }

    public Canvas plus(DyeKind kind, Dyes onColoured, Dyes onWhite) {
        return new Canvas(
                coloured.plus(kind, onColoured), greyShare == 0 ? white : white.plus(kind, onWhite), greyShare, fibre);
    }

    /** Other pigments in both sorts of fibre; the white ones are left alone where there are none. */
    public Canvas with(UnaryOperator<Pigments> change) {
        return new Canvas(change.apply(coloured), greyShare == 0 ? white : change.apply(white), greyShare, fibre);
    }

    public Canvas with(Fibre other) {
        return new Canvas(coloured, white, greyShare, other);
    }

    public Canvas withGrey(double share) {
        return new Canvas(coloured, white, share, fibre);
    }

    public Canvas withEqualiser() {
        return with(fibre.withEqualiser());
    }
}
