package mischung.process;

import java.util.OptionalDouble;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.product.Developer;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * Colour laid on hair and left to work.
 *
 * @param dyes what one weight of the mix holds
 * @param developerPerColour weight of developer, or of anything else that dilutes, to one weight of colour, 0–10
 * @param volume of the developer, 0–40; past 10 vol permanent colour lifts as well (R9, R20)
 * @param minutes working time, 0–120; past the class's full time nothing more is taken
 * @param wetness of the hair it goes on
 * @param setting place and cover, which matter where it lifts
 */
public record Application(
        Dyes dyes,
        ShadeClass shadeClass,
        double developerPerColour,
        double volume,
        double minutes,
        Wetness wetness,
        Setting setting)
        implements Change {
    public Application {
        RefusedInput.within("developerPerColour", developerPerColour, 0, 10, Unit.TO_ONE_OF_COLOUR);
        Developer.requireForHair(volume);
        RefusedInput.within("minutes", minutes, 0, 120, Unit.MIN);
    }

    /** At the class's usual ratio and full time, on dry hair. */
    public static Application usual(Dyes dyes, ShadeClass shadeClass, double volume) {
        return new Application(
                dyes,
                shadeClass,
                shadeClass.developerPerColour(),
                volume,
                shadeClass.fullMinutes(),
                Wetness.DRY,
                Setting.OPEN);
    }

    public Application withDyes(Dyes other) {
        return new Application(other, shadeClass, developerPerColour, volume, minutes, wetness, setting);
    }

    public Application withMinutes(double other) {
        return new Application(dyes, shadeClass, developerPerColour, volume, other, wetness, setting);
    }

    public Application withRatio(double other) {
        return new Application(dyes, shadeClass, other, volume, minutes, wetness, setting);
    }

    /** With another place or cover. */
    public Application laid(Setting other) {
        return new Application(dyes, shadeClass, developerPerColour, volume, minutes, wetness, other);
    }

    public Application onHair(Wetness other) {
        return new Application(dyes, shadeClass, developerPerColour, volume, minutes, other, setting);
    }

    /** What the colour's own lift alone would make of the canvas; the canvas itself for classes that only deposit. */
    public Canvas ownLift(Canvas canvas, Factors factors) {
        if (!shadeClass.lifts()) {
            return canvas;
        }
        LiftProduct product =
                shadeClass == ShadeClass.LIGHTEST ? LiftProduct.LIGHTEST_TINT : LiftProduct.PERMANENT_TINT;
        double ratio = Math.max(0.5, Math.min(6, developerPerColour));
        return new Lightening(product, volume, ratio, minutes, setting, 0, OptionalDouble.empty()).on(canvas, factors);
    }

    @Override
    public Canvas on(Canvas canvas, Factors factors) {
        return Deposit.on(ownLift(canvas, factors), this, factors.uptake());
    }

    @Override
    public Application until(double earlier) {
        return withMinutes(Math.min(minutes, earlier));
    }

    @Override
    public Said said() {
        return ChangeMessage.COLOUR.say().thing("shadeClass", shadeClass).said();
    }
}
