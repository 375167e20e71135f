package mischung.hair;

import java.util.stream.IntStream;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Spectrum;
import mischung.light.Xyz;

/** A canvas made ready to be seen under many dye amounts: what lies there already is summed up once. */
public final class Tint {
    /** Unit spectra of the primaries as plain arrays, in the order of {@link Dyes}; direct dyes absorb alike. */
    private static final double[][] UNITS = {
        samples(Pigment.DYE_YELLOW), samples(Pigment.DYE_RED), samples(Pigment.DYE_VIOLET), samples(Pigment.DYE_BLUE)
    };

    private static final int PRIMARIES = UNITS.length;

    private final double[] coloured;
    private final double[] white;
    private final double greyShare;

    public Tint(Canvas canvas) {
        this.coloured = canvas.coloured().absorption();
        this.white = canvas.white().absorption();
        this.greyShare = canvas.greyShare();
    }

    /** Coloured fibres alone. */
    public Tint(Pigments fibres) {
        this.coloured = fibres.absorption();
        this.white = coloured;
        this.greyShare = 0;
    }

    private static double[] samples(Pigment pigment) {
        return IntStream.range(0, Spectrum.SAMPLES)
                .mapToDouble(pigment.unitAbsorption()::at)
                .toArray();
    }

    /** Under D65; the same as {@code canvas.plus(onColoured, onWhite).lab()}. */
    public Lab under(Dyes onColoured, Dyes onWhite) {
        double[] seen = new double[Spectrum.SAMPLES];
        for (int i = 0; i < seen.length; i++) {
            seen[i] = TressOptics.reflectance(absorption(coloured, onColoured, i));
            if (greyShare > 0) {
                seen[i] =
                        (1 - greyShare) * seen[i] + greyShare * TressOptics.reflectance(absorption(white, onWhite, i));
            }
        }
        return Illuminant.D65.reflected(Spectrum.of(seen)).toLab();
    }

    /** What is seen under some amounts, and how its light changes with each of them. */
    Slope slopeAt(Dyes onColoured, Dyes onWhite) {
        double[] light = new double[3];
        double[][] byColoured = new double[PRIMARIES][3];
        double[][] byWhite = new double[PRIMARIES][3];
        add(coloured, onColoured, 1 - greyShare, light, byColoured);
        if (greyShare > 0) {
            add(white, onWhite, greyShare, light, byWhite);
        }
        return new Slope(light, byColoured, byWhite);
    }

    /** The light of one kind of fibres by their share, and what each primary takes of it. */
    private static void add(double[] base, Dyes dyes, double share, double[] light, double[][] by) {
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            double absorption = absorption(base, dyes, i);
            double reflectance = share * TressOptics.reflectance(absorption);
            double steep = share * TressOptics.slope(absorption);
            for (int c = 0; c < 3; c++) {
                double weight = Illuminant.D65.weightOf(c, i);
                light[c] += weight * reflectance;
                for (int k = 0; k < PRIMARIES; k++) {
                    by[k][c] += weight * steep * UNITS[k][i];
                }
            }
        }
    }

    private static double absorption(double[] base, Dyes dyes, int i) {
        return base[i]
                + dyes.yellow() * UNITS[0][i]
                + dyes.red() * UNITS[1][i]
                + dyes.violet() * UNITS[2][i]
                + dyes.blue() * UNITS[3][i];
    }

    /** The light of a colour, X, Y and Z, and how it changes with each primary in the coloured and in the white fibres. */
    static final class Slope {
        private final double[] light;
        private final double[][] byColoured;
        private final double[][] byWhite;

        private Slope(double[] light, double[][] byColoured, double[][] byWhite) {
            this.light = light;
            this.byColoured = byColoured;
            this.byWhite = byWhite;
        }

        Lab here() {
            return lab(light);
        }

        /** With so much more of each primary in the coloured and in the white fibres. */
        Lab moved(double[] inColoured, double[] inWhite) {
            double[] there = light.clone();
            for (int k = 0; k < PRIMARIES; k++) {
                for (int c = 0; c < 3; c++) {
                    there[c] += inColoured[k] * byColoured[k][c] + inWhite[k] * byWhite[k][c];
                }
            }
            return lab(there);
        }

        private static Lab lab(double[] light) {
            return new Xyz(light[0], light[1], light[2], Illuminant.D65.white()).toLab();
        }
    }
}
