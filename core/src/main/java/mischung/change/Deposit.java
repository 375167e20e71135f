package mischung.change;

import java.util.Map;
import mischung.DataFile;
import mischung.RefusedInput;
import mischung.hair.Canvas;
import mischung.hair.Dyes;
import mischung.product.ShadeClass;

/**
 * What a mix leaves on a band: each primary of its dye, scaled by the class's strength, ratio, time, porosity, dampness
 * and the dye already there. Nothing natural is taken away: at 10 vol and below colour only deposits (R20). The lift that
 * permanent colour has of its own at 20 vol and above is not modelled here.
 */
public final class Deposit {
    private static final Map<String, Double> FIGURES =
            DataFile.of(Deposit.class, "deposit-constants.csv").figures();

    private Deposit() {}

    /** Factors on the mix's three primaries, for the coloured and for the white fibres of one canvas. */
    public record Uptake(Dyes coloured, Dyes white) {
        public Canvas laidOn(Canvas canvas, Dyes mixed) {
            return canvas.plus(onColoured(mixed), onWhite(mixed));
        }

        /** What of the mix's dye stays in the coloured fibres. */
        public Dyes onColoured(Dyes mixed) {
            return mixed.times(coloured.yellow(), coloured.red(), coloured.blue());
        }

        /** What of it stays in the white ones. */
        public Dyes onWhite(Dyes mixed) {
            return mixed.times(white.yellow(), white.red(), white.blue());
        }
    }

    /** The canvas after the application, for hair that drinks as the model's average does. */
    public static Canvas on(Canvas canvas, Application application) {
        return on(canvas, application, 1);
    }

    /** The canvas after the application, on a head that takes {@code uptakeFactor} (0.2–5) of the average. */
    public static Canvas on(Canvas canvas, Application application, double uptakeFactor) {
        return uptake(canvas, application, uptakeFactor).laidOn(canvas, application.dyes());
    }

    /** How much of each primary would stay; does not depend on the application's dyes. */
    public static Uptake uptake(Canvas canvas, Application application, double uptakeFactor) {
        RefusedInput.within("uptakeFactor", uptakeFactor, 0.2, 5, "");
        double common = uptakeFactor
                * application.shadeClass().strength()
                * concentration(application)
                * ripeness(application)
                * (application.damp() ? figure("damp") : 1);
        Dyes drink = drink(canvas).times(common);
        double whiteShare = application.shadeClass() == ShadeClass.COVERAGE ? 1 : figure("white fibre");
        return new Uptake(
                drink.times(room(canvas.coloured().dyes())),
                drink.times(room(canvas.white().dyes()) * whiteShare));
    }

    /** Less developer than usual makes it fuller, more makes it sheerer: by the square root of the dilution. */
    private static double concentration(Application application) {
        return Math.sqrt((1 + application.shadeClass().developerPerColour()) / (1 + application.developerPerColour()));
    }

    /** Share of the full deposit reached: rises fast at first and stops at the class's full time (R63). */
    private static double ripeness(Application application) {
        double share =
                Math.min(1, application.minutes() / application.shadeClass().fullMinutes());
        double rise = figure("rise");
        return (1 - Math.exp(-rise * share)) / (1 - Math.exp(-rise));
    }

    private static Dyes drink(Canvas canvas) {
        String hair = canvas.porosity().words()
                + (canvas.evened() && canvas.porosity().raised() ? " evened" : "");
        return new Dyes(figure(hair + " yellow"), figure(hair + " red"), figure(hair + " blue"));
    }

    private static double room(Dyes inside) {
        return 1 / (1 + figure("layer resistance") * inside.total());
    }

    private static double figure(String name) {
        Double figure = FIGURES.get(name);
        if (figure == null) {
            throw new IllegalStateException("deposit-constants.csv lacks " + name);
        }
        return figure;
    }
}
