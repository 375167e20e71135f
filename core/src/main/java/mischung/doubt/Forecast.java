package mischung.doubt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mischung.RefusedInput;
import mischung.change.Course;
import mischung.change.Factors;
import mischung.hair.Canvas;
import mischung.hair.LevelScale;
import mischung.hair.ToneName;
import mischung.light.Lab;
import org.hipparchus.stat.descriptive.rank.Percentile;

/**
 * What a band will look like, and how sure that is: the most likely result, and the results over draws of everything that is
 * not sure. Ranges are quantiles of the draws, so they may lie more to one side.
 */
public final class Forecast {
    /** What ranges claim where nothing else is said: eight times in ten the truth lies inside. */
    public static final double USUAL_CLAIM = 0.8;

    private final Canvas expected;
    private final List<Lab> labs;
    private final double[] levels;
    private final double[] integrity;

    private Forecast(Canvas expected, List<Canvas> drawn) {
        this.expected = expected;
        this.labs = drawn.stream().map(Canvas::lab).toList();
        this.levels =
                labs.stream().mapToDouble(lab -> LevelScale.levelOf(lab.l())).toArray();
        this.integrity = drawn.stream().mapToDouble(c -> c.fibre().integrity()).toArray();
    }

    /** @param middle factors of the head where nothing deviates */
    public static Forecast of(Start start, Course course, Factors middle, List<Draw> draws) {
        return of(
                course.on(start.best(), middle),
                draws.stream()
                        .map(draw -> course.on(start.in(draw), draw.factors()))
                        .toList());
    }

    /** From results that were simulated elsewhere. */
    public static Forecast of(Canvas expected, List<Canvas> drawn) {
        return new Forecast(expected, drawn);
    }

    /** With everything as read, on the head as far as it is known. */
    public Canvas expected() {
        return expected;
    }

    /** Between which levels the band falls {@code claim} (0.05–0.99) of the time. */
    public LevelRange levels(double claim) {
        Interval range = range(levels, claim, expected.level());
        return new LevelRange(range.from(), range.to());
    }

    public LevelRange levels() {
        return levels(USUAL_CLAIM);
    }

    /** Between which strengths, 0–1, the hair is left. */
    public Interval integrity(double claim) {
        return range(integrity, claim, expected.fibre().integrity());
    }

    /** From–to, {@code from ≤ to}. */
    public record Interval(double from, double to) {}

    /** Tones by how often they come out, most often first. */
    public List<ToneShare> tones() {
        Map<String, Integer> counts = new HashMap<>();
        labs.forEach(lab -> counts.merge(ToneName.of(lab), 1, Integer::sum));
        List<ToneShare> shares = new ArrayList<>();
        counts.forEach((tone, count) -> shares.add(new ToneShare(tone, count / (double) labs.size())));
        shares.sort(Comparator.comparingDouble(ToneShare::share).reversed().thenComparing(ToneShare::tone));
        return shares;
    }

    /** How often a tone comes out, 0–1. */
    public record ToneShare(String tone, double share) {}

    /**
     * Where the colour lies in a* and b*: the ellipse of the draws' covariance that holds {@code claim} of a normal
     * distribution (2 degrees of freedom: squared radius −2·ln(1 − claim)).
     *
     * @param major half axis, in units of a* and b*
     * @param degrees of the major axis against a*
     */
    public record Ellipse(double a, double b, double major, double minor, double degrees) {}

    public Ellipse ellipse(double claim) {
        claimed(claim);
        double a = labs.stream().mapToDouble(Lab::a).average().orElseThrow();
        double b = labs.stream().mapToDouble(Lab::b).average().orElseThrow();
        double aa = 0;
        double ab = 0;
        double bb = 0;
        for (Lab lab : labs) {
            aa += (lab.a() - a) * (lab.a() - a);
            ab += (lab.a() - a) * (lab.b() - b);
            bb += (lab.b() - b) * (lab.b() - b);
        }
        double n = labs.size() - 1.0;
        double half = (aa - bb) / 2 / n;
        double mean = (aa + bb) / 2 / n;
        double root = Math.hypot(half, ab / n);
        double radius = -2 * Math.log(1 - claim);
        return new Ellipse(
                a,
                b,
                Math.sqrt(radius * (mean + root)),
                Math.sqrt(Math.max(0, radius * (mean - root))),
                Math.toDegrees(Math.atan2(ab / n, half) / 2));
    }

    /** Whether this colour lies inside the ellipse of {@code claim}. */
    public boolean holds(Lab colour, double claim) {
        Ellipse e = ellipse(claim);
        double turn = Math.toRadians(e.degrees);
        double x = Math.cos(turn) * (colour.a() - e.a) + Math.sin(turn) * (colour.b() - e.b);
        double y = -Math.sin(turn) * (colour.a() - e.a) + Math.cos(turn) * (colour.b() - e.b);
        return square(x / e.major) + square(y / Math.max(1e-9, e.minor)) <= 1;
    }

    private static Interval range(double[] values, double claim, double expected) {
        claimed(claim);
        Percentile percentile = new Percentile().withEstimationType(Percentile.EstimationType.R_6);
        double from = percentile.evaluate(values, 50 * (1 - claim));
        double to = percentile.evaluate(values, 50 * (1 + claim));
        return new Interval(Math.min(from, expected), Math.max(to, expected));
    }

    private static void claimed(double claim) {
        RefusedInput.within("claim", claim, 0.05, 0.99, "");
    }

    private static double square(double x) {
        return x * x;
    }
}
