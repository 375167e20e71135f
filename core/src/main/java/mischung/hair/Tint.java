package mischung.hair;

import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Spectrum;

/** A canvas made ready to be seen under many dye amounts: what lies there already is summed up once. */
public final class Tint {
    private final double[] coloured;
    private final double[] white;
    private final double greyShare;

    public Tint(Canvas canvas) {
        this.coloured = canvas.coloured().absorption();
        this.white = canvas.white().absorption();
        this.greyShare = canvas.greyShare();
    }

    /** Under D65; the same as {@code canvas.plus(onColoured, onWhite).lab()}. */
    public Lab under(Dyes onColoured, Dyes onWhite) {
        double[] seen = new double[Spectrum.SAMPLES];
        for (int i = 0; i < seen.length; i++) {
            seen[i] = tinted(coloured, onColoured, i);
            if (greyShare > 0) {
                seen[i] = (1 - greyShare) * seen[i] + greyShare * tinted(white, onWhite, i);
            }
        }
        return Illuminant.D65.reflected(Spectrum.of(seen)).toLab();
    }

    private static double tinted(double[] base, Dyes dyes, int i) {
        return TressOptics.reflectance(base[i]
                + dyes.yellow() * Pigment.DYE_YELLOW.unitAbsorption().at(i)
                + dyes.red() * Pigment.DYE_RED.unitAbsorption().at(i)
                + dyes.violet() * Pigment.DYE_VIOLET.unitAbsorption().at(i)
                + dyes.blue() * Pigment.DYE_BLUE.unitAbsorption().at(i));
    }
}
