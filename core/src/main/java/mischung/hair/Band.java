package mischung.hair;

import java.util.Locale;
import java.util.stream.Collectors;
import mischung.RefusedInput;

/**
 * A stretch of a strand with one history and look, as the colourist reads it.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>fromCm, toCm</td><td>distance from the scalp</td><td>0 ≤ from &lt; to ≤ 150</td></tr>
 * <tr><td>level</td><td>as read, in halves</td><td>1–12</td></tr>
 * <tr><td>greyShare</td><td>share of white fibres by area</td><td>0–1</td></tr>
 * <tr><td>detail</td><td>stretch, layers, what lies beneath, measurements</td><td></td></tr>
 * </table>
 */
public record Band(
        double fromCm,
        double toCm,
        BandKind kind,
        double level,
        Tone tone,
        Porosity porosity,
        double greyShare,
        BandDetail detail) {
    public static final double LONGEST_CM = 150;

    /** What begins so near to the scalp touches it with whatever is laid on it. */
    public static final double SCALP_CM = 1;

    /** Shorter than this cannot be worked as a band of its own. */
    public static final double SHORTEST_CM = 0.5;

    public Band {
        RefusedInput.within("fromCm", fromCm, 0, LONGEST_CM, "cm");
        RefusedInput.within("toCm", toCm, 0, LONGEST_CM, "cm");
        if (toCm - fromCm < SHORTEST_CM - 1e-9) {
            throw new RefusedInput(
                    "toCm", toCm, "End the band at least half a centimetre below its start at " + fromCm + " cm.");
        }
        LevelScale.requireHalves("level", level);
        RefusedInput.within("greyShare", greyShare, 0, 1, "(0.5 is half grey)");
        ToneMix tones = new ToneMix(tone, detail.second());
        if (tones.any(seen -> !kind.tones().contains(seen))) {
            String possible = kind.tones().stream().map(Tone::words).collect(Collectors.joining(", "));
            String hair = kind.words().substring(0, 1).toUpperCase(Locale.ROOT)
                    + kind.words().substring(1)
                    + (kind == BandKind.DIRECT ? "" : " hair");
            throw new RefusedInput(
                    kind.tones().contains(tone) ? "second" : "tone",
                    kind.tones().contains(tone) ? tones.words() : tone,
                    hair + " reads " + possible + ".");
        }
    }

    /** Read by eye, and no more known of it. */
    public Band(
            double fromCm, double toCm, BandKind kind, double level, Tone tone, Porosity porosity, double greyShare) {
        this(fromCm, toCm, kind, level, tone, porosity, greyShare, BandDetail.NONE);
    }

    public Band with(BandDetail other) {
        return new Band(fromCm, toCm, kind, level, tone, porosity, greyShare, other);
    }

    /** The same hair on another stretch. */
    public Band between(double from, double to) {
        return new Band(from, to, kind, level, tone, porosity, greyShare, detail);
    }

    /**
     * Whether product on it touches the scalp: a matter of where it begins, never of what kind of hair it is or of what the
     * step is called. Everything that depends on it (strength, warmth, cautions, what comes off) asks here.
     */
    public boolean touchesScalp() {
        return fromCm <= SCALP_CM;
    }

    /** Its tone as read, with what was seen beside it. */
    public ToneMix tones() {
        return new ToneMix(tone, detail.second());
    }

    public double lengthCm() {
        return toCm - fromCm;
    }
}
