package mischung.wish;

import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Strand;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * A line across the strand, from which or to which something is wished.
 *
 * @param value centimetres from the scalp or from the ends, 0–150; past the line where natural hair ends, −20 to 20; the number of
 *     the band that begins there, counted from the scalp, 1–20
 */
public record Edge(At at, double value) {
    /** What it is measured from. */
    public enum At {
        SCALP("cm from the scalp"),
        ENDS("cm from the ends"),
        NATURAL_ENDS("where natural hair ends"),
        BAND_BEGINS("where a band begins");

        private final String words;

        At(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static final Edge SCALP = new Edge(At.SCALP, 0);
    public static final Edge ENDS = new Edge(At.ENDS, 0);

    private static final double LONGEST = 150;
    private static final double FURTHEST_OFF = 20;
    private static final int MOST_BANDS = 20;

    public Edge {
        switch (at) {
            case SCALP, ENDS -> RefusedInput.within("value", value, 0, LONGEST, Unit.CM);
            case NATURAL_ENDS -> RefusedInput.within("value", value, -FURTHEST_OFF, FURTHEST_OFF, Unit.CM);
            case BAND_BEGINS -> {
                RefusedInput.within("value", value, 1, MOST_BANDS, Unit.NONE);
                if (value != Math.rint(value)) {
                    throw new RefusedInput("value", value, RefusalMessage.BAND_BY_NUMBER);
                }
            }
        }
    }

    public static Edge fromScalp(double cm) {
        return new Edge(At.SCALP, cm);
    }

    public static Edge fromEnds(double cm) {
        return new Edge(At.ENDS, cm);
    }

    /** Centimetres from the scalp on this strand, never past its ends. */
    double on(Strand strand) {
        double length = strand.lengthCm();
        double cm = switch (at) {
            case SCALP -> value;
            case ENDS -> length - value;
            case NATURAL_ENDS -> naturalEnds(strand) + value;
            case BAND_BEGINS ->
                value > strand.bands().size()
                        ? length
                        : strand.bands().get((int) value - 1).fromCm();
        };
        return Math.max(0, Math.min(length, cm));
    }

    private static double naturalEnds(Strand strand) {
        double end = 0;
        for (Band band : strand.bands()) {
            if (band.kind() != BandKind.NATURAL) {
                break;
            }
            end = band.toCm();
        }
        return end;
    }

    /** "5 cm", "10 cm from the ends". */
    public Said said() {
        return switch (at) {
            case SCALP -> value == 0 ? WishMessage.THE_SCALP.alone() : length(value);
            case ENDS ->
                value == 0
                        ? WishMessage.THE_ENDS.alone()
                        : WishMessage.FROM_ENDS
                                .say()
                                .part("length", length(value))
                                .said();
            case NATURAL_ENDS ->
                value == 0
                        ? WishMessage.NATURAL_ENDS.alone()
                        : (value > 0 ? WishMessage.PAST_NATURAL : WishMessage.ABOVE_NATURAL)
                                .say()
                                .part("length", length(Math.abs(value)))
                                .said();
            case BAND_BEGINS ->
                WishMessage.BAND_BEGINS.say().count("band", value).said();
        };
    }

    /** Millimetres where it is less than one. */
    static Said length(double cm) {
        return cm < 1
                ? WishMessage.MILLIMETRES
                        .say()
                        .count("length", Math.rint(10 * cm))
                        .said()
                : WishMessage.CENTIMETRES.say().tenth("length", cm).said();
    }
}
