package mischung.hair;

import java.util.EnumSet;
import java.util.Set;
import mischung.RefusedInput;

/**
 * A stretch of a strand with one history and look, as the colourist reads it.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>fromCm, toCm</td><td>distance from the scalp</td><td>0 ≤ from &lt; to ≤ 150</td></tr>
 * <tr><td>level</td><td>as read, in halves</td><td>1–12</td></tr>
 * <tr><td>greyShare</td><td>share of white fibres by area</td><td>0–1</td></tr>
 * </table>
 */
public record Band(
        double fromCm, double toCm, BandKind kind, double level, Tone tone, Porosity porosity, double greyShare) {
    public static final double LONGEST_CM = 150;

    /** Shorter than this cannot be worked as a band of its own. */
    public static final double SHORTEST_CM = 0.5;

    /** Tones unlifted, uncoloured hair can have. */
    public static final Set<Tone> TONES_OF_NATURAL_HAIR = EnumSet.of(Tone.NATURAL, Tone.ASH, Tone.GOLD, Tone.COPPER);

    public Band {
        RefusedInput.within("fromCm", fromCm, 0, LONGEST_CM, "cm");
        RefusedInput.within("toCm", toCm, 0, LONGEST_CM, "cm");
        if (toCm - fromCm < SHORTEST_CM - 1e-9) {
            throw new RefusedInput(
                    "toCm", toCm, "End the band at least half a centimetre below its start at " + fromCm + " cm.");
        }
        LevelScale.requireHalves("level", level);
        RefusedInput.within("greyShare", greyShare, 0, 1, "(0.5 is half grey)");
        if (kind == BandKind.NATURAL && !TONES_OF_NATURAL_HAIR.contains(tone)) {
            throw new RefusedInput("tone", tone, "Natural hair reads natural, ash, gold or copper.");
        }
    }

    public double lengthCm() {
        return toCm - fromCm;
    }
}
