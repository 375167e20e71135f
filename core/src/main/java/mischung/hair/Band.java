package mischung.hair;

import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

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
        RefusedInput.within("fromCm", fromCm, 0, LONGEST_CM, Unit.CM);
        RefusedInput.within("toCm", toCm, 0, LONGEST_CM, Unit.CM);
        if (toCm - fromCm < SHORTEST_CM - 1e-9) {
            throw new RefusedInput(
                    "toCm",
                    toCm,
                    RefusalMessage.ENDS_BELOW.say().count("cm", fromCm).said());
        }
        LevelScale.requireHalves("level", level);
        RefusedInput.within("greyShare", greyShare, 0, 1, Unit.OF_GREY);
        ToneMix tones = new ToneMix(tone, detail.second());
        if (tones.any(seen -> !kind.tones().contains(seen))) {
            throw new RefusedInput(
                    kind.tones().contains(tone) ? "second" : "tone",
                    kind.tones().contains(tone)
                            ? detail.second().map(SecondTone::tone).orElse(tone)
                            : tone,
                    RefusalMessage.READS
                            .say()
                            .thing("kind", kind)
                            .with("tones", tones(kind))
                            .said());
        }
    }

    /** Read by eye, and no more known of it. */
    /** What hair of a kind can read as. */
    static Figure tones(BandKind kind) {
        return new Figure.All(
                Figure.Joint.COMMA,
                kind.tones().stream().<Figure>map(Figure.Named::of).toList());
    }

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
