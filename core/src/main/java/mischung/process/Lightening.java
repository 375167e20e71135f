package mischung.process;

import java.util.OptionalDouble;
import mischung.hair.Canvas;
import mischung.product.Developer;
import mischung.product.Lightener;
import mischung.said.Figure;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * One laying of a product that lifts. Wiping off and laying fresh product is a second one; product that was re-wetted or
 * rinsed stops there.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>make</td><td>of lightener; plain powder where another product lifts</td><td></td></tr>
 * <tr><td>volume</td><td>of the developer, blends too</td><td>0–40 vol</td></tr>
 * <tr><td>developerPerPowder</td><td>weight to one weight of powder, cream or tube</td><td>0.5–6</td></tr>
 * <tr><td>minutes</td><td>on the hair</td><td>0–240</td></tr>
 * <tr><td>ageMinutes</td><td>how long it stood in the bowl before it was laid</td><td>0–240</td></tr>
 * <tr><td>rewetAt</td><td>minute at which it was re-wetted and so stopped (R36)</td><td>0–240</td></tr>
 * </table>
 */
public record Lightening(
        LiftProduct product,
        double volume,
        double developerPerPowder,
        double minutes,
        Setting setting,
        double ageMinutes,
        OptionalDouble rewetAt,
        Lightener make)
        implements Change {
    private static final double LONGEST = 240;

    public Lightening {
        Developer.requireForHair(volume);
        RefusedInput.within("developerPerPowder", developerPerPowder, 0.5, 6, Unit.TO_ONE);
        RefusedInput.within("minutes", minutes, 0, LONGEST, Unit.MIN);
        RefusedInput.within("ageMinutes", ageMinutes, 0, LONGEST, Unit.MIN);
        if (rewetAt.isPresent()) {
            RefusedInput.within("rewetAt", rewetAt.getAsDouble(), 0, LONGEST, Unit.MIN);
        }
    }

    /** Of no make in particular. */
    public Lightening(
            LiftProduct product,
            double volume,
            double developerPerPowder,
            double minutes,
            Setting setting,
            double ageMinutes,
            OptionalDouble rewetAt) {
        this(product, volume, developerPerPowder, minutes, setting, ageMinutes, rewetAt, Lightener.PLAIN);
    }

    /** Fresh product at its usual ratio. */
    public static Lightening of(LiftProduct product, double volume, double minutes, Setting setting) {
        return new Lightening(product, volume, product.usualRatio(), minutes, setting, 0, OptionalDouble.empty());
    }

    public Lightening aged(double bowlMinutes) {
        return new Lightening(product, volume, developerPerPowder, minutes, setting, bowlMinutes, rewetAt, make);
    }

    public Lightening withVolume(double other) {
        return new Lightening(product, other, developerPerPowder, minutes, setting, ageMinutes, rewetAt, make);
    }

    /** The same, left on so long. */
    public Lightening lasting(double other) {
        return new Lightening(product, volume, developerPerPowder, other, setting, ageMinutes, rewetAt, make);
    }

    /** The same of another make. */
    public Lightening of(Lightener other) {
        return new Lightening(product, volume, developerPerPowder, minutes, setting, ageMinutes, rewetAt, other);
    }

    public Lightening rewettedAt(double minute) {
        return new Lightening(
                product, volume, developerPerPowder, minutes, setting, ageMinutes, OptionalDouble.of(minute), make);
    }

    @Override
    public Canvas on(Canvas canvas, Factors factors) {
        return Lift.on(canvas, this, factors);
    }

    @Override
    public Lightening until(double earlier) {
        return new Lightening(
                product, volume, developerPerPowder, Math.min(minutes, earlier), setting, ageMinutes, rewetAt, make);
    }

    @Override
    public Said said() {
        return ChangeMessage.LIGHTENING
                .say()
                .with("what", make.equals(Lightener.PLAIN) ? Figure.Named.of(product) : new Figure.Part(make.said()))
                .count("volume", volume)
                .thing("cover", setting.cover())
                .said();
    }
}
