package mischung.hair;

import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Spectrum;
import mischung.light.Srgb;
import mischung.said.Said;

/**
 * How hair looks: its reflectance, and what is read from it in daylight.
 *
 * @param lab under D65
 * @param level as a decimal
 */
public record Look(Spectrum reflectance, Lab lab, double level) {
    public static Look of(Spectrum reflectance) {
        Lab lab = Illuminant.D65.reflected(reflectance).toLab();
        return new Look(reflectance, lab, LevelScale.levelOf(lab.l()));
    }

    /** Its tone in words; worked out when asked, since most looks of a plan are only compared. */
    public String tone() {
        return ToneName.of(lab);
    }

    /**
     * As hair of both looks from afar.
     *
     * @param share of the other, 0–1
     */
    public Look mixedWith(Look other, double share) {
        return of(reflectance.mixedWith(other.reflectance, share));
    }

    public Srgb under(Illuminant light) {
        return Srgb.of(light.reflected(reflectance));
    }

    /** "6½ copper-gold". */
    public Said said() {
        return HairMessage.COLOUR
                .say()
                .level("level", level)
                .with("tone", ToneName.figure(tone()))
                .said();
    }

    /** "6½ copper-gold". */
    public String words() {
        return LevelScale.words(level) + " " + tone();
    }
}
