package mischung.change;

import mischung.RefusedInput;
import mischung.hair.Dyes;
import mischung.product.ShadeClass;

/**
 * Colour laid on hair and left to work.
 *
 * @param dyes what one weight of the mix holds
 * @param developerPerColour weight of developer to one weight of colour, 0.5–4
 * @param minutes working time, 0–120; past the class's full time nothing more is taken
 * @param damp on towel-dried instead of dry hair
 */
public record Application(Dyes dyes, ShadeClass shadeClass, double developerPerColour, double minutes, boolean damp) {
    public Application {
        RefusedInput.within("developerPerColour", developerPerColour, 0.5, 4, "to 1 of colour");
        RefusedInput.within("minutes", minutes, 0, 120, "min");
    }

    public Application withDyes(Dyes other) {
        return new Application(other, shadeClass, developerPerColour, minutes, damp);
    }
}
