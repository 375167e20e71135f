package mischung.wish;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.Optional;
import mischung.RefusedInput;
import mischung.hair.LevelScale;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.product.DirectCanvas;

/**
 * One colour that is wanted.
 *
 * @param level in halves, 1–12
 * @param tone of a wish one that shades are made in; as lifted for a filler
 * @param picked the colour itself under D65, where it was picked or photographed; level and tone then only name it
 */
public record Aim(double level, Tone tone, Optional<Lab> picked) {
    private static final double LIGHTEST_DEEP_VIOLET = 8.5;

    public Aim {
        LevelScale.requireHalves("level", level);
        picked.ifPresent(lab -> {
            RefusedInput.within("L*", lab.l(), 5, 95, "");
            RefusedInput.within("a*", lab.a(), -60, 80, "");
            RefusedInput.within("b*", lab.b(), -60, 80, "");
        });
    }

    public Aim(double level, Tone tone) {
        this(level, tone, Optional.empty());
    }

    /** A colour that was picked or photographed, named by the nearest level and tone. */
    public static Aim picked(Lab colour) {
        RefusedInput.within("L*", colour.l(), 5, 95, "");
        double level = LevelScale.inHalves(LevelScale.levelOf(colour.l()));
        Tone nearest = EnumSet.allOf(Tone.class).stream()
                .filter(Tone::wishable)
                .min(Comparator.comparingDouble(t -> Ciede2000.between(colour, ToneScale.colourOf(level, t))))
                .orElseThrow();
        return new Aim(level, nearest, Optional.of(colour));
    }

    /** Whether only direct dye makes it: a colour no hair grows in, or violet that is no toner. */
    public boolean direct() {
        return tone.fashion() || (tone == Tone.VIOLET && level < LIGHTEST_DEEP_VIOLET);
    }

    /** The level hair has to have at least so that this can be laid on it: its own, or what its direct dye asks for. */
    public double leastCanvas() {
        return direct() ? DirectCanvas.needed(tone, level) : level;
    }

    /** Under D65. */
    public Lab colour() {
        return picked.orElseGet(() -> ToneScale.colourOf(level, tone));
    }

    /** The same tone on another level, 1–12; what was picked is left behind. */
    public Aim at(double otherLevel) {
        return new Aim(
                LevelScale.inHalves(Math.max(LevelScale.DARKEST, Math.min(LevelScale.LIGHTEST, otherLevel))), tone);
    }

    /** R2 and R11: the warm tone a filler of this level is made in. */
    public static String warmth(double level) {
        if (level >= 9) {
            return "gold";
        }
        if (level >= 6.5) {
            return "copper-gold";
        }
        return level >= 5 ? "copper" : "copper-red";
    }

    Aim wished() {
        if (!tone.wishable()) {
            throw new RefusedInput("tone", tone, "Wish for a tone such as natural, gold or ash.");
        }
        return this;
    }

    /** "6 natural", "8 copper-gold" for a filler, "about 7 copper (picked)". */
    public String words() {
        String name = LevelScale.words(level) + " " + (tone == Tone.AS_LIFTED ? warmth(level) : tone.words());
        return picked.isPresent() ? "about " + name + " (picked)" : name;
    }
}
