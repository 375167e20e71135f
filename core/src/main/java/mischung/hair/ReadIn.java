package mischung.hair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.DoubleStream;
import mischung.Constants;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/**
 * A colour that was read by eye or measured, turned into pigments: every way the history allows in which hair can look so,
 * by least CIEDE2000. Three numbers cannot tell four or more pigments apart, so there is mostly more than one way, and the
 * answer keeps them all as an interval.
 *
 * @param seen the colour to be explained, under D65
 * @param best the explanation that fits best
 * @param alike every explanation no eye can tell from the best, it included
 */
public record ReadIn(Lab seen, Explanation best, List<Explanation> alike) {

    private static final double CLEARLY_DARKER = 0.5;

    static final double UNSEEN = Constants.in("reading").of("unseen");
    private static final double TURNED_WARM = Constants.in("reading").of("turned warm by earlier colour");
    /** A search takes some tens of milliseconds, and the same reading is asked for at every step of a slider. */
    private static final Map<Asked, ReadIn> KNOWN = new ConcurrentHashMap<>();

    private static final int MOST_KEPT = 1024;

    private record Asked(Lab seen, Past past) {}

    private static final double STEP = 0.5;
    private static final double DEPTH_WEIGHT = 3;

    /** Ratios to eumelanin that are tried in hair as it grew. */
    private static final double[] PHEOMELANIN = {0, 0.2, 0.4, 0.7};

    private static final double[] WARM = DoubleStream.concat(
                    DoubleStream.of(0),
                    DoubleStream.iterate(
                            0.125,
                            warm -> warm <= Figures.HAIR.of("most warm pigment in natural hair"),
                            warm -> warm * 1.25))
            .toArray();

    /** How much of the flatter melanin is tried beside the residue, as factors on the ladder's. */
    private static final double[] BESIDE_LADDER = {1, 0.7, 1.4, 0.45, 2, 0.25, 2.8, 4};

    /**
     * One way hair can come to look so.
     *
     * @param underLevel level of the hair under the dye; the level seen where there is no dye
     * @param misfit CIEDE2000 that remains
     */
    public record Explanation(Past.Kind kind, double underLevel, Pigments pigments, double misfit) {}

    /** Read by eye. */
    public static ReadIn of(double level, ToneMix tones, Past past) {
        LevelScale.requireHalves("level", level);
        return of(tones.colourAt(level), past);
    }

    /**
     * Measured under D65.
     *
     * @throws RefusedInput unless L* is 5–95 and a* and b* are −60 to 80; hair has no other colours
     */
    public static ReadIn of(Lab seen, Past past) {
        Asked asked = new Asked(seen, past);
        ReadIn kept = KNOWN.get(asked);
        if (kept == null) {
            kept = searched(seen, past);
            if (KNOWN.size() < MOST_KEPT) {
                KNOWN.put(asked, kept);
            }
        }
        return kept;
    }

    private static ReadIn searched(Lab seen, Past past) {
        RefusedInput.within("L*", seen.l(), 5, 95, Unit.NONE);
        RefusedInput.within("a*", seen.a(), -60, 80, Unit.NONE);
        RefusedInput.within("b*", seen.b(), -60, 80, Unit.NONE);
        List<Explanation> all = new ArrayList<>();
        double level = LevelScale.levelOf(seen.l());
        for (Past.Kind kind : Past.Kind.values()) {
            if (kind == past.kind() || past.kind() == Past.Kind.UNKNOWN) {
                addWays(all, kind, seen, level, past);
            }
        }
        Explanation best = all.stream()
                .min(Comparator.comparingDouble(Explanation::misfit))
                .orElseThrow();
        List<Explanation> alike =
                all.stream().filter(e -> e.misfit <= best.misfit + UNSEEN).toList();
        return new ReadIn(seen, best, alike);
    }

    public double misfit() {
        return best.misfit;
    }

    /**
     * What it most likely is, on a strand that grows at level {@code grown}: of the ways that look alike, hair darker than it grows is
     * the colour over just that hair. Otherwise the best explanation.
     */
    Explanation likeliest(OptionalDouble grown) {
        if (!darkerThan(grown)) {
            return best;
        }
        return alike(grown).stream()
                .filter(e -> e.kind == Past.Kind.COLOURED)
                .min(Comparator.comparingDouble(e -> Math.abs(e.underLevel - grown.orElseThrow())))
                .orElse(best);
    }

    /** What cannot be told apart there: colour lies over hair as it grows, or lighter, and never over darker. */
    List<Explanation> alike(OptionalDouble grown) {
        if (!darkerThan(grown)) {
            return alike;
        }
        List<Explanation> some = alike.stream()
                .filter(e -> e.kind != Past.Kind.COLOURED || e.underLevel >= grown.getAsDouble() - CLEARLY_DARKER)
                .toList();
        return some.isEmpty() ? alike : some;
    }

    private boolean darkerThan(OptionalDouble grown) {
        return grown.isPresent()
                && best.kind == Past.Kind.COLOURED
                && LevelScale.levelOf(seen.l()) <= grown.getAsDouble() - CLEARLY_DARKER;
    }

    /** Lowest level that may lie under the dye. */
    public double underFrom() {
        return alike.stream().mapToDouble(Explanation::underLevel).min().orElseThrow();
    }

    public double underTo() {
        return alike.stream().mapToDouble(Explanation::underLevel).max().orElseThrow();
    }

    /** What cannot be told apart: each possible history with its levels. */
    public List<Said> ways() {
        return alike.stream().map(Explanation::kind).distinct().map(this::way).toList();
    }

    private Said way(Past.Kind kind) {
        List<Explanation> ways = alike.stream().filter(e -> e.kind == kind).toList();
        if (kind == Past.Kind.AS_GROWN || kind == Past.Kind.LIFTED) {
            return HairMessage.READ_AS.say().thing("kind", kind).said();
        }
        return HairMessage.READ_AS_OF
                .say()
                .thing("kind", kind)
                .levels(
                        "levels",
                        ways.stream().mapToDouble(Explanation::underLevel).min().orElseThrow(),
                        ways.stream().mapToDouble(Explanation::underLevel).max().orElseThrow())
                .said();
    }

    /** The band as first guessed: by the best explanation. */
    public Canvas canvas(Thickness thickness, double porosity, double greyShare, double layers) {
        double opened = best.kind == Past.Kind.AS_GROWN ? 0 : Canvas.openedOf(best.pigments);
        Fibre fibre = Fibre.read(thickness, porosity, layers).withOpened(opened);
        return new Canvas(best.pigments, Reading.WHITE_FIBRE, greyShare, fibre);
    }

    private static void addWays(List<Explanation> all, Past.Kind kind, Lab seen, double level, Past past) {
        switch (kind) {
            case UNKNOWN -> {}
            case AS_GROWN -> all.add(asGrown(level, seen));
            case LIFTED ->
                all.add(bestOf(
                        kind,
                        level,
                        seen,
                        BESIDE_LADDER,
                        new double[] {1},
                        (residue, factor, same) -> Pigments.lifted(residue)
                                .with(Pigment.PHEOMELANIN, factor * Pigments.melaninBeside(residue))));
            case COLOURED -> addDyed(all, kind, DyeKind.OXIDATIVE, seen, level, past, 10);
            case COLOURED_OVER_LIFTED -> addDyed(all, kind, DyeKind.OXIDATIVE, seen, level, past, LevelScale.LIGHTEST);
            case DIRECT_OVER_LIFTED -> addDyed(all, kind, DyeKind.DIRECT, seen, level, past, LevelScale.LIGHTEST);
        }
    }

    private static void addDyed(
            List<Explanation> all, Past.Kind kind, DyeKind dye, Lab seen, double level, Past past, double lightest) {
        // Dye only darkens, so what lies under it is as light as what is seen, or lighter.
        double lowest = Math.max(past.underFrom(), Math.min(lightest, Math.floor(level / STEP) * STEP));
        for (double under = lowest; under <= Math.min(lightest, past.underTo()) + 1e-9; under += STEP) {
            all.add(dyed(kind, dye, under, seen));
        }
        if (all.stream().noneMatch(e -> e.kind == kind)) {
            // The history names darker hair than is seen: taken as it is said, with what misfit there is.
            Pigments base = under(kind, past.underTo());
            all.add(new Explanation(kind, past.underTo(), base, Ciede2000.between(seen, lab(base))));
        }
    }

    /** Hair as it grew, read as {@code seen}. */
    static Explanation asGrown(double level, Lab seen) {
        return bestOf(
                Past.Kind.AS_GROWN,
                level,
                seen,
                PHEOMELANIN,
                WARM,
                (eumelanin, red, warm) -> Pigments.natural(eumelanin, eumelanin * red, eumelanin * warm));
    }

    /** The dye that makes hair of level {@code under} look as seen. */
    static Explanation dyed(Past.Kind kind, DyeKind dye, double under, Lab seen) {
        Pigments base = under(kind, under);
        DyeFit.Fit fit = DyeFit.solve(List.of(new DyeFit.Aim(Dyed.fibres(base, 1), seen, 1, DEPTH_WEIGHT)));
        return new Explanation(kind, under, base.plus(dye, fit.dyes()), fit.misfit());
    }

    private static Pigments under(Past.Kind kind, double level) {
        return kind == Past.Kind.COLOURED ? turnedWarm(level) : PigmentLine.LIFTED.at(level);
    }

    /** Natural hair under permanent colour: that colour's own lift has turned some of it warm. */
    private static Pigments turnedWarm(double level) {
        Pigments natural = PigmentLine.NATURAL.at(level);
        double turned = TURNED_WARM * natural.amount(Pigment.EUMELANIN);
        return natural.with(Pigment.EUMELANIN, natural.amount(Pigment.EUMELANIN) - turned)
                .with(Pigment.RESIDUE, natural.amount(Pigment.RESIDUE) + turned);
    }

    @FunctionalInterface
    private interface Family {
        Pigments of(double amount, double ratio, double otherRatio);
    }

    private static Explanation bestOf(
            Past.Kind kind, double level, Lab seen, double[] ratios, double[] others, Family family) {
        Explanation best = null;
        for (double ratio : ratios) {
            for (double other : others) {
                Pigments tried = Depth.matched(amount -> family.of(amount, ratio, other), seen.l());
                double misfit = Ciede2000.between(seen, lab(tried));
                if (best == null || misfit < best.misfit) {
                    best = new Explanation(kind, level, tried, misfit);
                }
            }
        }
        return best;
    }

    static Lab lab(Pigments pigments) {
        return Illuminant.D65.reflected(pigments.reflectance()).toLab();
    }
}
