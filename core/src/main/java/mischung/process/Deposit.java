package mischung.process;

import mischung.Constants;
import mischung.hair.ByPorosity;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Dyed;
import mischung.hair.Dyes;
import mischung.hair.Fibre;
import mischung.hair.Pigment;
import mischung.hair.Tint;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What a mix leaves on a band: each primary of its dye, scaled by the class's strength, ratio, time, porosity, wetness and
 * the dye already there. Nothing is taken away here; what permanent colour lifts is {@link Application#ownLift}.
 */
public final class Deposit {
    private static final Constants FIGURES = Constants.in("deposit");

    private static final ByPorosity YELLOW = ByPorosity.of(FIGURES, "yellow");
    private static final ByPorosity RED = ByPorosity.of(FIGURES, "red");
    private static final ByPorosity VIOLET = ByPorosity.of(FIGURES, "violet");
    private static final ByPorosity BLUE = ByPorosity.of(FIGURES, "blue");
    private static final ByPorosity EVENED_YELLOW = evened("yellow");
    private static final ByPorosity EVENED_RED = evened("red");
    private static final ByPorosity EVENED_VIOLET = evened("violet");
    private static final ByPorosity EVENED_BLUE = evened("blue");
    private static final double CLOSED = FIGURES.of("never lifted");
    private static final double OWN_DEPTH = FIGURES.of("own depth");
    private static final double RED_DEPTH = FIGURES.of("red depth");
    private static final double VIOLET_DEPTH = FIGURES.of("violet depth");
    private static final ByPorosity OPEN = ByPorosity.of(FIGURES, "direct");

    private Deposit() {}

    /**
     * Hair that was never lifted is closed: of a shade no deeper than itself it takes little, of a deeper one the more the deeper it
     * is, until as good as all stays. Developer that lifts opens it before the dye goes in.
     *
     * @param own depth of its own pigment, in that of dye
     * @param opened 0–1
     */
    record Closed(double own, double opened) {
        static Closed of(Canvas canvas, ShadeClass shadeClass) {
            return new Closed(
                    shadeClass == ShadeClass.DIRECT
                            ? Double.POSITIVE_INFINITY
                            : OWN_DEPTH * canvas.coloured().amount(Pigment.EUMELANIN),
                    canvas.fibre().opened());
        }

        double share(Dyes drunk) {
            double depth = RED_DEPTH * drunk.red() + VIOLET_DEPTH * drunk.violet() + drunk.blue();
            double ratio = depth <= own ? 1 : own / depth;
            double closed = 1 - (1 - CLOSED) * ratio * ratio;
            return closed + (1 - closed) * opened;
        }
    }

    /** Factors on the mix's four primaries, for the coloured and for the white fibres of one canvas. */
    public record Uptake(DyeKind kind, Dyes coloured, Dyes white, Closed closed) {
        public Canvas laidOn(Canvas canvas, Dyes mixed) {
            return canvas.plus(kind, onColoured(mixed), onWhite(mixed));
        }

        /** The hair it was reckoned for, as mixes colour it. */
        public Dyed dyed(Canvas canvas) {
            return new Dyed(new Tint(canvas), this::onColoured, this::onWhite);
        }

        /** What of the mix's dye stays in the coloured fibres. */
        public Dyes onColoured(Dyes mixed) {
            Dyes drunk = mixed.times(coloured);
            return drunk.times(closed.share(drunk));
        }

        /** What of it stays in the white ones. */
        public Dyes onWhite(Dyes mixed) {
            return mixed.times(white);
        }
    }

    /** The canvas after the application, on a head that takes {@code uptakeFactor} (0–10) of the average. */
    static Canvas on(Canvas canvas, Application application, double uptakeFactor) {
        Uptake uptake = uptake(canvas, application, uptakeFactor);
        Canvas laid = uptake.laidOn(canvas, application.dyes());
        return laid.with(held(laid, canvas, application));
    }

    /** How much of each primary would stay; does not depend on the application's dyes. */
    public static Uptake uptake(Canvas canvas, Application application, double uptakeFactor) {
        RefusedInput.within("uptakeFactor", uptakeFactor, 0, 10, Unit.NONE);
        ShadeClass shadeClass = application.shadeClass();
        double common = uptakeFactor
                * shadeClass.strength()
                * concentration(application)
                * ripeness(application)
                * FIGURES.of(application.wetness().words());
        boolean direct = shadeClass == ShadeClass.DIRECT;
        Dyes drink = (direct ? open(canvas.fibre()) : drink(canvas.fibre())).times(common);
        double whiteShare = shadeClass == ShadeClass.COVERAGE || direct ? 1 : FIGURES.of("white fibre");
        return new Uptake(
                shadeClass.kind(),
                drink.times(room(canvas.coloured().dyes())),
                drink.times(room(canvas.white().dyes()) * whiteShare),
                Closed.of(canvas, shadeClass));
    }

    /** Less developer than usual makes it fuller, more makes it sheerer: by the square root of the dilution. */
    private static double concentration(Application application) {
        return Math.sqrt((1 + application.shadeClass().developerPerColour()) / (1 + application.developerPerColour()));
    }

    /** Share of the full deposit reached: rises fast at first and stops at the class's full time (R63). */
    static double ripeness(Application application) {
        double share =
                Math.min(1, application.minutes() / application.shadeClass().fullMinutes());
        double rise = FIGURES.of("rise");
        return (1 - Math.exp(-rise * share)) / (1 - Math.exp(-rise));
    }

    private static Dyes drink(Fibre fibre) {
        double degree = fibre.porosity();
        return fibre.evened()
                ? new Dyes(
                        EVENED_YELLOW.at(degree),
                        EVENED_RED.at(degree),
                        EVENED_VIOLET.at(degree),
                        EVENED_BLUE.at(degree))
                : new Dyes(YELLOW.at(degree), RED.at(degree), VIOLET.at(degree), BLUE.at(degree));
    }

    private static ByPorosity evened(String primary) {
        return ByPorosity.of(FIGURES, p -> p.words() + (p.raised() ? " evened " : " ") + primary);
    }

    /** Direct dye goes where hair is open. */
    private static Dyes open(Fibre fibre) {
        double share = OPEN.at(fibre.porosity());
        return new Dyes(share, share, share, share);
    }

    private static double room(Dyes inside) {
        return 1 / (1 + FIGURES.of("layer resistance") * inside.total());
    }

    /** Layers counted, and how well the dye now inside holds: by weight of the old and the new. */
    private static Fibre held(Canvas laid, Canvas before, Application application) {
        String of = application.shadeClass().words();
        Fibre fibre = before.fibre();
        boolean oxidative = application.shadeClass().kind() == DyeKind.OXIDATIVE;
        double held = before.coloured().dyes().total();
        double all = held + before.coloured().dyes(DyeKind.DIRECT).total();
        double now = laid.coloured().dyes().total()
                + laid.coloured().dyes(DyeKind.DIRECT).total();
        double fresh = now - all;
        if (fresh <= 0) {
            return fibre;
        }
        double grip =
                oxidative ? (held * fibre.grip() + fresh * FIGURES.of(of + " grip")) / (held + fresh) : fibre.grip();
        double loose = (all * fibre.loose() + fresh * FIGURES.of(of + " loose")) / now;
        return fibre.withDyeHeld(grip, loose)
                .withLayers(fibre.layers() + FIGURES.of("layers by " + of) * ripeness(application));
    }
}
