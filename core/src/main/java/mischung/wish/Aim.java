package mischung.wish;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import mischung.hair.HairMessage;
import mischung.hair.LevelScale;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.hair.ToneName;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.product.DirectCanvas;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * One colour that is wanted.
 *
 * @param level in halves, 1–12
 * @param tone the one that leads: of a wish one that shades are made in; as lifted for a filler
 * @param second what lies beside it, if anything
 * @param picked the colour itself under D65, where it was picked or photographed; level and tone then only name it
 */
public record Aim(double level, Tone tone, Optional<SecondTone> second, Optional<Lab> picked) {
    private static final double LIGHTEST_DEEP_VIOLET = 8.5;

    /** A colour that was picked is named by one of the nearest tones, or by two if that comes so much nearer, in CIEDE2000. */
    private static final double CLEARLY = 1;

    private static final int BESIDE = 5;
    private static final double A_LITTLE = 0.15;

    public Aim {
        ToneMix.requireTwo(tone, second);
        LevelScale.requireHalves("level", level);
        picked.ifPresent(lab -> {
            RefusedInput.within("L*", lab.l(), 5, 95, Unit.NONE);
            RefusedInput.within("a*", lab.a(), -60, 80, Unit.NONE);
            RefusedInput.within("b*", lab.b(), -60, 80, Unit.NONE);
        });
    }

    public Aim(double level, Tone tone) {
        this(level, ToneMix.of(tone));
    }

    public Aim(double level, ToneMix tones) {
        this(level, tones.main(), tones.second(), Optional.empty());
    }

    /** Hair that is only lifted: what shows at this level when nothing is laid on it. */
    public static Aim lifted(double level) {
        return new Aim(level, Tone.AS_LIFTED);
    }

    /** Whether nothing is to be laid on it once it is lifted. */
    public boolean onlyLifted() {
        return tone == Tone.AS_LIFTED;
    }

    public ToneMix tones() {
        return new ToneMix(tone, second);
    }

    /** A colour that was picked or photographed, named by the nearest level and tone. */
    public static Aim picked(Lab colour) {
        RefusedInput.within("L*", colour.l(), 5, 95, Unit.NONE);
        double level = LevelScale.inHalves(LevelScale.levelOf(colour.l()));
        ToneMix nearest = nearest(colour, level);
        return new Aim(level, nearest.main(), nearest.second(), Optional.of(colour));
    }

    /** The tone whose colour comes nearest; two of the nearest few where they come clearly nearer together. */
    private static ToneMix nearest(Lab colour, double level) {
        ToDoubleFunction<ToneMix> far = tones -> Ciede2000.between(colour, tones.colourAt(level));
        List<ToneMix> plain = Arrays.stream(Tone.values())
                .filter(Tone::wishable)
                .map(ToneMix::of)
                .sorted(Comparator.comparingDouble(far))
                .toList();
        ToneMix one = plain.get(0);
        ToneMix two = plain.subList(1, BESIDE).stream()
                .flatMap(other -> Stream.of(A_LITTLE, SecondTone.USUAL, SecondTone.MOST)
                        .map(share -> new ToneMix(one.main(), Optional.of(new SecondTone(other.main(), share)))))
                .min(Comparator.comparingDouble(far))
                .orElseThrow();
        return far.applyAsDouble(two) < far.applyAsDouble(one) - CLEARLY ? two : one;
    }

    /** Whether only direct dye makes it: a colour no hair grows in, or violet that is no toner. */
    public boolean direct() {
        return tones().any(Tone::fashion) || (tone == Tone.VIOLET && level < LIGHTEST_DEEP_VIOLET);
    }

    /** The level hair has to have at least so that this can be laid on it: its own, or what its direct dye asks for. */
    public double leastCanvas() {
        return direct()
                ? Stream.concat(Stream.of(tone), second.stream().map(SecondTone::tone))
                        .filter(DirectCanvas::knows)
                        .mapToDouble(one -> DirectCanvas.needed(one, level))
                        .max()
                        .orElse(level)
                : level;
    }

    /** Under D65. */
    public Lab colour() {
        return picked.orElseGet(() -> tones().colourAt(level));
    }

    /** The same tone on another level, 1–12; what was picked is left behind. */
    public Aim at(double otherLevel) {
        return new Aim(
                LevelScale.inHalves(Math.max(LevelScale.DARKEST, Math.min(LevelScale.LIGHTEST, otherLevel))), tones());
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
        if (tones().any(asked -> !asked.wishable())) {
            throw new RefusedInput("tone", tone, RefusalMessage.TONE_TO_WISH);
        }
        return this;
    }

    /** "6 natural", "8 copper-gold" for a filler, "about 7 copper (picked)". */
    public Said said() {
        return (picked.isPresent() ? HairMessage.PICKED : HairMessage.COLOUR)
                .say()
                .level("level", level)
                .with("tone", tone == Tone.AS_LIFTED ? ToneName.figure(warmth(level)) : tones().figure())
                .said();
    }

    /** "6 natural", "8 copper-gold" for a filler, "about 7 copper (picked)". */
    public String words() {
        String name = LevelScale.words(level) + " " + (tone == Tone.AS_LIFTED ? warmth(level) : tones().words());
        return picked.isPresent() ? "about " + name + " (picked)" : name;
    }
}
