package mischung.hair;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What lies in a colour beside its primary tone: "beige with some gold".
 *
 * @param share of the whole colour, 0.1–0.5; the primary tone is the rest
 */
public record SecondTone(Tone tone, double share) {
    public static final double LEAST = 0.1;
    public static final double MOST = 0.5;

    /** What is meant where no share is said. */
    public static final double USUAL = 0.3;

    private static final double A_TOUCH = 0.2;
    private static final double SOME = 0.42;

    public SecondTone {
        RefusedInput.within("share", share, LEAST, MOST, Unit.OF_IT);
    }

    /** How a colour is called that it lies in beside its main tone. */
    public HairMessage message() {
        return share > SOME ? HairMessage.HALF : share <= A_TOUCH ? HairMessage.TOUCH : HairMessage.SOME;
    }

    /** "beige with a touch of gold", "beige with some gold", "beige-gold". */
    String beside(Tone main) {
        if (share > SOME) {
            return main.words() + "-" + tone.words();
        }
        return main.words() + (share <= A_TOUCH ? " with a touch of " : " with some ") + tone.words();
    }
}
