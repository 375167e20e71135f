package mischung.light;

import mischung.DataFile;

/** CIE standard illuminants (CIE 015, 5 nm): the lights hair is judged in. */
public enum Illuminant {
    /** Average daylight, 6504 K. */
    D65("daylight"),
    /** Horizon daylight, 5003 K. */
    D50("low sun"),
    /** Incandescent bulb, 2856 K: warm salon light. */
    A("warm bulb"),
    /** Cool white fluorescent lamp. */
    F2("cool white tube"),
    /** Narrow-band fluorescent lamp, 4000 K: common in salons and shops. */
    F11("three-band tube");

    private final String words;
    private final Spectrum power;
    private final double[] weightX = new double[Spectrum.SAMPLES];
    private final double[] weightY = new double[Spectrum.SAMPLES];
    private final double[] weightZ = new double[Spectrum.SAMPLES];
    private final WhitePoint white;

    Illuminant(String words) {
        this.words = words;
        power = Spectrum.of(
                DataFile.of(Illuminant.class, "cie-illuminants-5nm.csv").numbers(name()));
        double luminance = 0;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            luminance += power.at(i) * Observer.Y.at(i);
        }
        double x = 0;
        double z = 0;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            double scaled = 100 * power.at(i) / luminance;
            weightX[i] = scaled * Observer.X.at(i);
            weightY[i] = scaled * Observer.Y.at(i);
            weightZ[i] = scaled * Observer.Z.at(i);
            x += weightX[i];
            z += weightZ[i];
        }
        white = new WhitePoint(name(), x, 100, z);
    }

    public String words() {
        return words;
    }

    /** Relative spectral power, 560 nm = 100. */
    public Spectrum power() {
        return power;
    }

    /** The white point summed from the tables, Y = 100. */
    public WhitePoint white() {
        return white;
    }

    /** L* alone of a surface with this reflectance, for where nothing else is asked. */
    public double lightness(Spectrum reflectance) {
        double y = 0;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            y += weightY[i] * reflectance.at(i);
        }
        return lightness(y);
    }

    /** What a sample of reflectance 1 adds to Y, which is 100 for a perfect white. */
    public double luminanceOf(int sample) {
        return weightY[sample];
    }

    /** What a sample of reflectance 1 adds to X (0), Y (1) or Z (2). */
    public double weightOf(int value, int sample) {
        return switch (value) {
            case 0 -> weightX[sample];
            case 1 -> weightY[sample];
            default -> weightZ[sample];
        };
    }

    /** L* of a luminance Y, 0–100. */
    public static double lightness(double luminance) {
        return Xyz.lightness(luminance / 100);
    }

    /** Tristimulus values of a surface with this reflectance (0–1) under this light; Y = 100 for a perfect white. */
    public Xyz reflected(Spectrum reflectance) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            double r = reflectance.at(i);
            x += weightX[i] * r;
            y += weightY[i] * r;
            z += weightZ[i] * r;
        }
        return new Xyz(x, y, z, white);
    }
}
