package mischung.uncertainty;

import java.util.List;
import java.util.OptionalDouble;
import mischung.hair.Band;
import mischung.hair.Canvas;
import mischung.hair.LevelScale;
import mischung.hair.Pigment;
import mischung.hair.Pigments;
import mischung.hair.ReadIn;
import mischung.hair.Reading;
import mischung.hair.Thickness;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.process.Factors;

/** A band before the work: what it is taken to be, and what else it may be. */
public final class Start {
    /** Logarithm of the pigment that goes with one level, roughly; only where the search begins. */
    private static final double USUAL_PULL = 0.5;

    private static final int TRIES = 6;
    private static final double CLOSE_ENOUGH = 0.05;
    private static final double WIDEST = 3;
    private static final double WARMEST = 1;
    private static final int WARMTH_TRIES = 14;
    private static final double GOLDEN = 0.618;

    private final Canvas best;
    private final List<Pigments> alike;
    private final double readLevel;

    private Start(Canvas best, List<Pigments> alike) {
        this.best = best;
        this.alike = alike;
        this.readLevel = LevelScale.levelOf(lightness(best.coloured(), 0));
    }

    /** Taken to be what it is; only the reading's own error is left. */
    public static Start of(Canvas canvas) {
        return new Start(canvas, List.of(canvas.coloured()));
    }

    /** Taken to be {@code best}, but its coloured fibres may as well hold any of {@code alike}. */
    public static Start of(Canvas best, List<Pigments> alike) {
        return new Start(best, List.copyOf(alike));
    }

    /** A band as read on this head. */
    public static Start of(Band band, Thickness head) {
        return of(band, head, OptionalDouble.empty());
    }

    /** @param grown level at which its strand grows, where that was read */
    public static Start of(Band band, Thickness head, OptionalDouble grown) {
        return of(Reading.canvasOf(band, head, grown), Reading.explained(band, grown));
    }

    /** Every explanation that looks alike counts as equally likely. */
    public static Start of(ReadIn reading, Thickness thickness, double porosity, double greyShare, double layers) {
        return new Start(
                reading.canvas(thickness, porosity, greyShare, layers),
                reading.alike().stream().map(ReadIn.Explanation::pigments).toList());
    }

    public Canvas best() {
        return best;
    }

    /** The band as it is in this draw. */
    public Canvas in(Draw draw) {
        int which = Math.min(alike.size() - 1, (int) (draw.which() * alike.size()));
        Pigments explained = warmer(alike.get(which), draw.warmth());
        double porosity = Math.max(0, Math.min(3, best.fibre().porosity() + draw.porosity()));
        Canvas canvas = new Canvas(
                explained, best.white(), best.greyShare(), best.fibre().withPorosity(porosity));
        return draw.levels() == 0 && draw.warmth() == 0 ? canvas : atLevel(canvas, explained, draw.levels());
    }

    /**
     * How much warmer it is than its pigments say, so that it comes nearest to a colour seen: see {@link Draw#warmth}. Found
     * by halving the golden section, within what one would still take for the same hair.
     */
    public double warmthOf(Lab seen) {
        double levels = LevelScale.levelOf(seen.l()) - readLevel;
        double from = -WARMEST;
        double to = WARMEST;
        for (int i = 0; i < WARMTH_TRIES; i++) {
            double a = to - GOLDEN * (to - from);
            double b = from + GOLDEN * (to - from);
            if (off(seen, levels, a) < off(seen, levels, b)) {
                to = b;
            } else {
                from = a;
            }
        }
        return (from + to) / 2;
    }

    private double off(Lab seen, double levels, double warmth) {
        return Ciede2000.between(
                seen, in(new Draw(levels, warmth, 0, 0, Factors.AVERAGE)).lab());
    }

    /** More of what is warm, less of what is cool. */
    private static Pigments warmer(Pigments pigments, double warmth) {
        if (warmth == 0) {
            return pigments;
        }
        double more = Math.exp(warmth);
        double less = Math.exp(-warmth / 2);
        return pigments.times(pigment -> switch (pigment) {
            case RESIDUE, PHEOMELANIN, DYE_YELLOW, DYE_RED, DIRECT_YELLOW, DIRECT_RED -> more;
            case EUMELANIN, DYE_VIOLET, DYE_BLUE, DIRECT_VIOLET, DIRECT_BLUE -> less;
            case KERATIN -> 1;
        });
    }

    /** The same hair with so much more or less of all that colours it that it is lighter by {@code levels}. */
    private Canvas atLevel(Canvas canvas, Pigments pigments, double levels) {
        double wanted =
                LevelScale.lightnessOf(Math.max(LevelScale.DARKEST, Math.min(LevelScale.LIGHTEST, readLevel + levels)));
        // Secant on the logarithm of the scale, in which lightness is nearly straight.
        double before = 0;
        double missedBefore = lightness(pigments, before) - wanted;
        double here = -USUAL_PULL * levels;
        for (int i = 0; i < TRIES; i++) {
            double missed = lightness(pigments, here) - wanted;
            if (Math.abs(missed) < CLOSE_ENOUGH || missed == missedBefore) {
                break;
            }
            double next = here - missed * (here - before) / (missed - missedBefore);
            before = here;
            missedBefore = missed;
            here = Math.max(-WIDEST, Math.min(WIDEST, next));
        }
        return new Canvas(scaled(pigments, Math.exp(here)), canvas.white(), canvas.greyShare(), canvas.fibre());
    }

    private static double lightness(Pigments pigments, double scale) {
        return Illuminant.D65.lightness(scaled(pigments, Math.exp(scale)).reflectance());
    }

    private static Pigments scaled(Pigments pigments, double factor) {
        return pigments.times(pigment -> pigment == Pigment.KERATIN ? 1 : factor);
    }
}
