package mischung.light;

import mischung.DataFile;

/** CIE 1931 2° standard observer: the colour-matching functions of CIE 015, 5 nm. */
public final class Observer {
    private static final DataFile TABLE = DataFile.of(Observer.class, "cie-1931-2deg-5nm.csv");

    public static final Spectrum X = Spectrum.of(TABLE.numbers("x"));
    public static final Spectrum Y = Spectrum.of(TABLE.numbers("y"));
    public static final Spectrum Z = Spectrum.of(TABLE.numbers("z"));

    private Observer() {}
}
