package mischung.uncertainty;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mischung.hair.Canvas;
import mischung.hair.ToneName;
import mischung.light.Lab;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import org.hipparchus.stat.descriptive.rank.Percentile;

/**
 * What a band will look like, and how sure that is: the most likely result, and the results over draws of everything that is
 * not sure. Ranges are quantiles of the draws, so they may lie more to one side.
 */
public final class Forecast {
    /** What ranges claim where nothing else is said: eight times in ten the truth lies inside. */
    public static final double USUAL_CLAIM = 0.8;

    /** Draws that all lie on one line still have a width the eye cannot see. */
    private static final double FLAT = 1e-6;

    private final Canvas expected;
    private final List<Canvas> drawn;

    private Forecast(Canvas expected, List<Canvas> drawn) {
        this.expected = expected;
        this.drawn = List.copyOf(drawn);
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
        RefusedInput.within("draws", drawn.size(), 2, 10_000, Unit.NONE);
        return new Forecast(expected, drawn);
    }

    /** With everything as read, on the head as far as it is known. */
    public Canvas expected() {
        return expected;
    }

    /** Between which levels the band falls {@code claim} (0.05–0.99) of the time. */
    public LevelRange levels(double claim) {
        Interval range = range(drawn.stream().mapToDouble(Canvas::level).toArray(), claim, expected.level());
        return new LevelRange(range.from(), range.to());
    }

    public LevelRange levels() {
        return levels(USUAL_CLAIM);
    }

    /** Between which strengths, 0–1, the hair is left. */
    public Interval integrity(double claim) {
        return range(
                drawn.stream().mapToDouble(canvas -> canvas.fibre().integrity()).toArray(),
                claim,
                expected.fibre().integrity());
    }

    /** From–to, {@code from ≤ to}. */
    public record Interval(double from, double to) {}

    /** Tones by how often they come out, most often first. */
    public List<ToneShare> tones() {
        Map<String, Integer> counts = new HashMap<>();
        drawn.forEach(canvas -> counts.merge(ToneName.of(canvas.lab()), 1, Integer::sum));
        List<ToneShare> shares = new ArrayList<>();
        counts.forEach((tone, count) -> shares.add(new ToneShare(tone, count / (double) drawn.size())));
        shares.sort(Comparator.comparingDouble(ToneShare::share).reversed().thenComparing(ToneShare::tone));
        return shares;
    }

    /** How often a tone comes out, 0–1. */
    public record ToneShare(String tone, double share) {}

    /**
     * Where the colour lies in a* and b*: an ellipse of the shape of the draws' covariance, as large as holds {@code claim}
     * of the draws. Deviations are not normal here (they bend along the lifted line), so no formula's radius is used.
     *
     * @param major half axis, in units of a* and b*
     * @param degrees of the major axis against a*
     */
    public record Ellipse(double a, double b, double major, double minor, double degrees) {
        /** From the centre, in half axes: 1 is on the ellipse. */
        double distance(Lab colour) {
            double turn = Math.toRadians(degrees);
            double x = Math.cos(turn) * (colour.a() - a) + Math.sin(turn) * (colour.b() - b);
            double y = -Math.sin(turn) * (colour.a() - a) + Math.cos(turn) * (colour.b() - b);
            return Math.hypot(x / major, y / minor);
        }
    }

    public Ellipse ellipse(double claim) {
        claimed(claim);
        List<Lab> labs = drawn.stream().map(Canvas::lab).toList();
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
        Ellipse shape = new Ellipse(
                a,
                b,
                Math.sqrt(mean + root),
                Math.sqrt(Math.max(FLAT, mean - root)),
                Math.toDegrees(Math.atan2(ab / n, half) / 2));
        double[] distances = labs.stream().mapToDouble(shape::distance).toArray();
        double radius = new Percentile()
                .withEstimationType(Percentile.EstimationType.R_6)
                .evaluate(distances, 100 * claim);
        return new Ellipse(a, b, radius * shape.major, radius * shape.minor, shape.degrees);
    }

    /** Whether this colour lies inside the ellipse of {@code claim}. */
    public boolean holds(Lab colour, double claim) {
        return ellipse(claim).distance(colour) <= 1;
    }

    private static Interval range(double[] values, double claim, double expected) {
        claimed(claim);
        Percentile percentile = new Percentile().withEstimationType(Percentile.EstimationType.R_6);
        double from = percentile.evaluate(values, 50 * (1 - claim));
        double to = percentile.evaluate(values, 50 * (1 + claim));
        return new Interval(Math.min(from, expected), Math.max(to, expected));
    }

    private static void claimed(double claim) {
        RefusedInput.within("claim", claim, 0.05, 0.99, Unit.NONE);
    }
}
