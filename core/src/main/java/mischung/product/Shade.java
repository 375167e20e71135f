package mischung.product;

import java.util.List;
import java.util.Optional;
import mischung.hair.DyeFit;
import mischung.hair.Dyes;
import mischung.hair.LevelScale;
import mischung.hair.PigmentLine;
import mischung.hair.Pigments;
import mischung.hair.Tone;

/**
 * A colour out of one tube.
 *
 * @param code our own short form, unique in its range: class, tone and level, such as {@code demi-copper-8}
 * @param level what it is sold as, 1–10
 * @param tone empty for clear
 * @param dyes what one part holds, in the unit of {@link Dyes}
 * @param misfit CIEDE2000 between what it is sold as and what it does on the hair it is made for
 */
public record Shade(String code, ShadeClass shadeClass, double level, Optional<Tone> tone, Dyes dyes, double misfit) {
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
                        dyes -> ShadeJob.seen(job.canvas().plus(shadeClass.kind(), dyes.times(strength))),
                        job.wished(),
                        job.weight(),
                        job.depthWeight()))
                .toList());
        String code = shadeClass.words() + "-" + tone.words() + "-" + LevelScale.figure(level);
        double misfit = jobs.get(0).missed(shadeClass.kind(), fit.dyes().times(strength));
        return new Shade(code, shadeClass, level, Optional.of(tone), fit.dyes(), misfit);
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

    public boolean isClear() {
        return tone.isEmpty();
    }

    /** "copper 8", "clear". */
    public String words() {
        return tone.map(t -> t.words() + " " + LevelScale.words(level)).orElse("clear");
    }
}
