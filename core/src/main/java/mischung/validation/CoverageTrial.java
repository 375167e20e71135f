package mischung.validation;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import mischung.Constants;
import mischung.hair.Canvas;
import mischung.hair.Fibre;
import mischung.hair.LevelScale;
import mischung.hair.Pigment;
import mischung.hair.PigmentLine;
import mischung.hair.Pigments;
import mischung.hair.Reading;
import mischung.hair.Thickness;
import mischung.hair.Tone;
import mischung.light.Lab;
import mischung.process.Application;
import mischung.process.Course;
import mischung.process.Factors;
import mischung.process.RemoverRound;
import mischung.product.ShadeClass;
import mischung.said.RefusedInput;
import mischung.said.Unit;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Draws;
import mischung.uncertainty.Factor;
import mischung.uncertainty.Forecast;
import mischung.uncertainty.Start;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How often ranges hold what they claim: heads are made up whose truth is known, read with an eye's error, worked on in truth
 * and in the forecast, and counted. It shows that the ranges are honest about the doubts that are named; doubts nobody
 * named, in real hair, are not in it.
 */
public final class CoverageTrial {
    private static final Constants SPREAD = Constants.in("spread");
    private static final NormalDistribution NORMAL = new NormalDistribution();

    private record Case(Forecast forecast, double trueLevel, Lab trueColour) {}

    private final List<Case> cases = new ArrayList<>();

    private CoverageTrial() {}

    /**
     * @param heads 10–10000
     * @param draws of each forecast
     */
    public static CoverageTrial run(int heads, int draws, long seed) {
        RefusedInput.within("heads", heads, 10, 10_000, Unit.NONE);
        CoverageTrial trial = new CoverageTrial();
        SplittableRandom random = new SplittableRandom(seed);
        for (int head = 0; head < heads; head++) {
            trial.cases.add(trial(random, draws, head));
        }
        return trial;
    }

    public int heads() {
        return cases.size();
    }

    /** Share of the heads whose true level lay in the range that claims {@code claim}. */
    public double held(double claim) {
        return share(cases.stream()
                .filter(c -> c.trueLevel >= c.forecast.levels(claim).from()
                        && c.trueLevel <= c.forecast.levels(claim).to())
                .count());
    }

    /** Share of the heads whose true a* and b* lay in the ellipse that claims {@code claim}. */
    public double heldColour(double claim) {
        return share(cases.stream()
                .filter(c -> c.forecast.holds(c.trueColour, claim))
                .count());
    }

    private double share(long held) {
        return held / (double) cases.size();
    }

    private static Case trial(SplittableRandom random, int draws, int number) {
        // The truth: some hair, on some head.
        boolean grown = random.nextInt(2) == 0;
        PigmentLine line = grown ? PigmentLine.NATURAL : PigmentLine.LIFTED;
        double level = grown ? 3 + 5 * random.nextDouble() : 5.5 + 4 * random.nextDouble();
        double porosity = 0.5 + 2 * random.nextDouble();
        double warmth = SPREAD.of("tone") * normal(random);
        Factors factors = new Factors(
                factor(random, Factor.LIFT),
                factor(random, Factor.UPTAKE),
                factor(random, Factor.REMOVAL),
                factor(random, Factor.DAMAGE));
        Canvas truth = matched(line, level, warmth, porosity);
        // What the colourist takes it for: the level with an eye's error, the tone of the line, the porosity nearly.
        double seen = Math.max(1.5, Math.min(11.5, level + SPREAD.of("reading") * normal(random)));
        double felt = Math.max(0, Math.min(3, porosity + SPREAD.of("porosity") * normal(random)));
        Canvas read = new Canvas(line.at(seen), Reading.WHITE_FIBRE, 0, Fibre.read(Thickness.NORMAL, felt, 0));
        Course course = course(random, grown);
        Canvas end = course.on(truth, factors);
        Forecast forecast =
                Forecast.of(Start.of(read), course, Factors.AVERAGE, Draws.of(Calibration.none(), draws, number));
        return new Case(forecast, end.level(), end.lab());
    }

    private static Course course(SplittableRandom random, boolean grown) {
        double minutes = 20 + 30 * random.nextDouble();
        var lift = Sample.lightener(random.nextInt(2) == 0 ? 20 : 30, minutes);
        Application toner = Application.usual(Sample.dyes(ShadeClass.DEMI, 8, Tone.NATURAL), ShadeClass.DEMI, 10);
        return switch (random.nextInt(3)) {
            case 0 -> Course.of(lift);
            case 1 -> Course.of(lift, toner);
            default -> grown ? Course.of(lift) : Course.of(toner, RemoverRound.USUAL);
        };
    }

    /** Hair of the line, warmer or cooler by its deviation, at just this level. */
    private static Canvas matched(PigmentLine line, double level, double warmth, double porosity) {
        Pigments toned = line.at(level).times(pigment -> switch (pigment) {
            case RESIDUE, PHEOMELANIN -> Math.exp(warmth);
            case EUMELANIN -> Math.exp(-warmth / 2);
            default -> 1;
        });
        double low = -3;
        double high = 3;
        Canvas canvas = null;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            Pigments scaled = toned.times(pigment -> pigment == Pigment.KERATIN ? 1 : Math.exp(middle));
            canvas = new Canvas(scaled, Reading.WHITE_FIBRE, 0, Fibre.read(Thickness.NORMAL, porosity, 0));
            if (canvas.lab().l() > LevelScale.lightnessOf(level)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return canvas;
    }

    private static double factor(SplittableRandom random, Factor factor) {
        return Math.exp(factor.spread() * normal(random));
    }

    private static double normal(SplittableRandom random) {
        return NORMAL.inverseCumulativeProbability(1e-6 + (1 - 2e-6) * random.nextDouble());
    }
}
