package mischung.product;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.hair.DyeFit;
import mischung.hair.Dyed;
import mischung.hair.Dyes;
import mischung.hair.LevelScale;
import mischung.hair.PigmentLine;
import mischung.hair.Pigments;
import mischung.hair.SecondTone;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Saying;

/**
 * A colour out of one tube.
 *
 * @param code our own short form, unique in its range: class, tone and level, such as {@code demi-copper-8}
 * @param level what it is sold as, 1–10
 * @param tone the one that leads; empty for clear
 * @param second what lies beside it, of a shade sold as two
 * @param mixesWith other classes its maker says it may be mixed with in one bowl
 * @param dyes what one part holds, in the unit of {@link Dyes}
 * @param misfit CIEDE2000 between what it is sold as and what it does on the hair it is made for
 */
public record Shade(
        String code,
        ShadeClass shadeClass,
        double level,
        Optional<Tone> tone,
        Optional<SecondTone> second,
        Dyes dyes,
        double misfit,
        Set<ShadeClass> mixesWith) {
    public Shade {
        EnumSet<ShadeClass> others = EnumSet.noneOf(ShadeClass.class);
        others.addAll(mixesWith);
        others.remove(shadeClass);
        mixesWith = Collections.unmodifiableSet(others);
    }

    /** For bowls of its own class alone. */
    public Shade(
            String code,
            ShadeClass shadeClass,
            double level,
            Optional<Tone> tone,
            Optional<SecondTone> second,
            Dyes dyes,
            double misfit) {
        this(code, shadeClass, level, tone, second, dyes, misfit, Set.of());
    }

    /** Of one tone, or clear. */
    public Shade(String code, ShadeClass shadeClass, double level, Optional<Tone> tone, Dyes dyes, double misfit) {
        this(code, shadeClass, level, tone, Optional.empty(), dyes, misfit);
    }

    public static Shade clear(ShadeClass shadeClass) {
        return new Shade(
                shadeClass.words() + "-clear", shadeClass, LevelScale.LIGHTEST, Optional.empty(), Dyes.NONE, 0);
    }

    /**
     * A shade as a maker would build it: it holds what its colour needs beyond what the hair it is made for shows, as its class
     * lays it on. Fitted by least CIEDE2000 to its job and, with less weight, to what it should do elsewhere.
     */
    public static Shade derived(ShadeClass shadeClass, double level, Tone tone) {
        List<ShadeJob> jobs = ShadeJob.of(shadeClass, tone, level);
        double strength = shadeClass.strength();
        DyeFit.Fit fit = DyeFit.solve(jobs.stream()
                .map(job -> new DyeFit.Aim(
                        Dyed.fibres(job.canvas(), strength), job.wished(), job.weight(), job.depthWeight()))
                .toList());
        String code = shadeClass.words() + "-" + tone.words() + "-" + LevelScale.figure(level);
        double misfit = jobs.get(0).missed(shadeClass.kind(), fit.dyes().times(strength));
        return new Shade(code, shadeClass, level, Optional.of(tone), fit.dyes(), misfit);
    }

    /** The same of one tone or two: what two tubes in one would hold. */
    public static Shade derived(ShadeClass shadeClass, double level, ToneMix tones) {
        Shade main = derived(shadeClass, level, tones.main());
        if (tones.second().isEmpty()) {
            return main;
        }
        SecondTone beside = tones.second().get();
        Shade other = derived(shadeClass, level, beside.tone());
        return new Shade(
                shadeClass.words() + "-" + tones.main().words() + "-"
                        + beside.tone().words() + "-" + LevelScale.figure(level),
                shadeClass,
                level,
                main.tone,
                tones.second(),
                main.dyes.times(1 - beside.share()).plus(other.dyes.times(beside.share())),
                Math.max(main.misfit, other.misfit));
    }

    /** What it makes of the hair it is made for; clear of hair it is laid on to soften. */
    public Pigments shown() {
        return tone.map(of -> ShadeJob.of(shadeClass, of, level)
                        .get(0)
                        .canvas()
                        .plus(shadeClass.kind(), dyes.times(shadeClass.strength())))
                .orElseGet(() -> PigmentLine.LIFTED.at(level));
    }

    /** In CIEDE2000: further from what it is sold as, it is another shade. */
    private static final double ANOTHER_SHADE = 6;

    /** Whether it fails at what it is made for, so that another name would be truer. */
    public boolean missesItsJob() {
        return misfit > ANOTHER_SHADE;
    }

    /** The same, that may be mixed with such classes as well. */
    public Shade mixingWith(Set<ShadeClass> others) {
        return new Shade(code, shadeClass, level, tone, second, dyes, misfit, others);
    }

    /**
     * As part of a bowl of a class: it leaves what it would leave in one of its own.
     *
     * @throws RefusedInput where its maker says nothing of mixing it so
     */
    public Shade in(ShadeClass bowl) {
        if (bowl == shadeClass) {
            return this;
        }
        if (!mixesWith.contains(bowl)) {
            throw new RefusedInput(
                    "parts",
                    code,
                    RefusalMessage.ONE_CLASS_OR_WITH
                            .say()
                            .thing("shadeClass", bowl)
                            .said());
        }
        return new Shade(
                code, bowl, level, tone, second, dyes.times(shadeClass.strength() / bowl.strength()), misfit, Set.of());
    }

    /** Its tones; empty for clear. */
    public Optional<ToneMix> tones() {
        return tone.map(main -> new ToneMix(main, second));
    }

    public boolean isClear() {
        return tone.isEmpty();
    }

    /** "copper 8", "copper-gold 8", "clear". */
    public Said said() {
        if (tone.isEmpty()) {
            return ProductMessage.CLEAR.alone();
        }
        Saying shade = (second.isPresent() ? ProductMessage.SHADE_OF_TWO : ProductMessage.SHADE)
                .say()
                .thing("tone", tone.get())
                .level("level", level);
        second.ifPresent(other -> shade.thing("second", other.tone()));
        return shade.said();
    }

    /** "copper 8", "copper-gold 8", "clear". */
    public String words() {
        return tone.map(main -> main.words()
                        + second.map(other -> "-" + other.tone().words()).orElse("") + " " + LevelScale.words(level))
                .orElse("clear");
    }
}
