package mischung.hair;

import java.util.List;
import java.util.function.UnaryOperator;
import mischung.light.Lab;

/**
 * Hair as a mix colours it: what it shows by the amounts in the bowl, not in the fibre.
 *
 * @param onColoured what of a mix's dyes stays in the coloured fibres
 * @param onWhite what of them stays in the white ones
 */
public record Dyed(Tint tint, UnaryOperator<Dyes> onColoured, UnaryOperator<Dyes> onWhite) {
    /** Fibres without white among them, which take {@code strength} of what there is. */
    public static Dyed fibres(Pigments fibres, double strength) {
        return new Dyed(new Tint(fibres), dyes -> dyes.times(strength), dyes -> Dyes.NONE);
    }

    /** Under D65. */
    public Lab under(Dyes mixed) {
        return tint.under(onColoured.apply(mixed), onWhite.apply(mixed));
    }

    /**
     * The colour under a mix, and under each of some that differ from it so little that the light changes in proportion: a
     * third of the work of computing each.
     *
     * @return that of {@code mixed} first
     */
    public Lab[] underAndNear(Dyes mixed, List<Dyes> close) {
        Dyes coloured = onColoured.apply(mixed);
        Dyes white = onWhite.apply(mixed);
        Tint.Slope slope = tint.slopeAt(coloured, white);
        Lab[] seen = new Lab[1 + close.size()];
        seen[0] = slope.here();
        for (int i = 0; i < close.size(); i++) {
            seen[1 + i] = slope.moved(
                    onColoured.apply(close.get(i)).amountsOver(coloured),
                    onWhite.apply(close.get(i)).amountsOver(white));
        }
        return seen;
    }
}
