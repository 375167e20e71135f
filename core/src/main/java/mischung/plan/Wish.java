package mischung.plan;

import mischung.RefusedInput;
import mischung.hair.LevelScale;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Lab;

/** What the client wants to see: level in halves, 1–10, and a tone. */
public record Wish(double level, Tone tone) {
    private static final double LIGHTEST_SHADE = 10;

    public Wish {
        RefusedInput.within("level", level, LevelScale.DARKEST, LIGHTEST_SHADE, "in halves");
        LevelScale.requireHalves("level", level);
        if (!tone.wishable()) {
            throw new RefusedInput("tone", tone, "Wish for a tone such as natural, gold or ash.");
        }
    }

    /** The wished colour under D65. */
    public Lab colour() {
        return ToneScale.colourOf(level, tone);
    }

    public String words() {
        return LevelScale.words(level) + " " + tone.words();
    }
}
