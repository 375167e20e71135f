package mischung.product;

import java.util.List;
import java.util.Optional;
import mischung.hair.DyeFit;
import mischung.hair.Dyes;
import mischung.hair.LevelScale;
import mischung.hair.PigmentLine;
import mischung.hair.Pigments;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Illuminant;
import mischung.light.Lab;

/**
 * A colour out of one tube.
 *
 * @param code our own short form, unique in its range: class, tone and level, such as {@code demi-copper-8}
 * @param level what it is sold as, 1–10
 * @param tone empty for clear
 * @param dyes what one part holds, in the unit of {@link Dyes}
 * @param misfit CIEDE2000 between what it is sold as and the nearest that dyes can do on the hair it counts on
 */
public record Shade(String code, ShadeClass shadeClass, double level, Optional<Tone> tone, Dyes dyes, double misfit) {
    public static Shade clear(ShadeClass shadeClass) {
        return new Shade(
                shadeClass.words() + "-clear", shadeClass, LevelScale.LIGHTEST, Optional.empty(), Dyes.NONE, 0);
    }

    /**
     * A shade as a maker would build it: it holds what its colour needs beyond the contributing pigment of the hair it
     * counts on; a coverage shade counts on white hair and so holds its full colour. Fitted by least CIEDE2000.
     */
    public static Shade derived(ShadeClass shadeClass, double level, Tone tone) {
        Pigments base = shadeClass == ShadeClass.COVERAGE ? Reading.WHITE_FIBRE : countedOn(level);
        DyeFit.Fit fit = DyeFit.solve(List.of(new DyeFit.Aim(
                dyes -> seen(base.plus(dyes)),
                ToneScale.colourOf(level, tone),
                1,
                ProductConstants.byLevel("depth weight", level))));
        String code = shadeClass.words() + "-" + tone.words() + "-" + LevelScale.figure(level);
        return new Shade(code, shadeClass, level, Optional.of(tone), fit.dyes(), fit.misfit());
    }

    /** What its dyes make of the hair it is made for. */
    public Pigments shown() {
        Pigments base = shadeClass == ShadeClass.COVERAGE ? Reading.WHITE_FIBRE : countedOn(level);
        return base.plus(dyes);
    }

    public boolean isClear() {
        return tone.isEmpty();
    }

    /** "copper 8", "clear". */
    public String words() {
        return tone.map(t -> t.words() + " " + LevelScale.words(level)).orElse("clear");
    }

    /** The lifted hair a normal shade of this level counts on. */
    static Pigments countedOn(double level) {
        return PigmentLine.LIFTED.at(
                Math.min(LevelScale.LIGHTEST, level + ProductConstants.byLevel("levels counted on", level)));
    }

    private static Lab seen(Pigments pigments) {
        return Illuminant.D65.reflected(pigments.reflectance()).toLab();
    }
}
