package mischung.product;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import mischung.DataFile;
import mischung.hair.DyeFit;
import mischung.hair.DyeKind;
import mischung.hair.Dyed;
import mischung.hair.Dyes;
import mischung.hair.LevelScale;
import mischung.hair.PigmentLine;
import mischung.hair.Pigments;
import mischung.hair.Reading;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Lch;

/**
 * What a shade is made for: hair and the colour it has to come to there. A maker does not build a brown for hair that shows
 * nothing but yellow, nor a toner for brown hair, so every class says in {@code jobs.csv} what its shades count on.
 *
 * @param canvas the hair
 * @param wished what it has to look like afterwards
 * @param weight among all that the shade is made for
 * @param depthWeight how much more a miss in depth counts than a miss in tone
 */
record ShadeJob(Pigments canvas, Lab wished, double weight, double depthWeight) {
    private static final DataFile FILE = DataFile.of(ShadeJob.class, "jobs.csv");
    private static final double FILLED_FROM = 10;
    private static final Map<Double, Pigments> FILLED = new ConcurrentHashMap<>();

    /** The job first, then what keeps it from doing nonsense elsewhere. */
    static List<ShadeJob> of(ShadeClass shadeClass, Tone tone, double level) {
        List<ShadeJob> jobs = new ArrayList<>();
        boolean ownRows = IntStream.range(0, FILE.size()).anyMatch(row -> ofClass(row, shadeClass) && names(row, tone));
        for (int row = 0; row < FILE.size(); row++) {
            if (ofClass(row, shadeClass)
                    && (ownRows ? names(row, tone) : isFor(row, tone))
                    && level >= number(row, "from")
                    && level < number(row, "to")) {
                jobs.add(new ShadeJob(
                        canvas(row, level), wished(row, level, tone), number(row, "weight"), number(row, "depth")));
            }
        }
        if (jobs.isEmpty()) {
            throw new IllegalStateException("jobs.csv has nothing for " + shadeClass + " " + level + " " + tone);
        }
        return jobs;
    }

    /** How far a shade that holds these dyes misses this, in CIEDE2000. */
    double missed(DyeKind kind, Dyes taken) {
        return Ciede2000.between(wished, seen(canvas.plus(kind, taken)));
    }

    static Lab seen(Pigments pigments) {
        return Illuminant.D65.reflected(pigments.reflectance()).toLab();
    }

    private static boolean ofClass(int row, ShadeClass shadeClass) {
        return switch (FILE.text(row, "class")) {
            case "colour" -> shadeClass == ShadeClass.PERMANENT || shadeClass == ShadeClass.DEMI;
            default -> FILE.text(row, "class").equals(shadeClass.name().toLowerCase(Locale.ROOT));
        };
    }

    private static boolean names(int row, Tone tone) {
        return FILE.text(row, "tones").equals(tone.name().toLowerCase(Locale.ROOT));
    }

    private static boolean isFor(int row, Tone tone) {
        return switch (FILE.text(row, "tones")) {
            case "warm" -> tone.warm();
            case "muted" -> !tone.warm();
            case "any" -> true;
            default -> false;
        };
    }

    private static Pigments canvas(int row, double level) {
        double from = number(row, "from");
        double share = (level - from) / (number(row, "to") - from);
        double above = number(row, "above_from") + share * (number(row, "above_to") - number(row, "above_from"));
        double at = Math.min(LevelScale.LIGHTEST, level + above);
        return switch (FILE.text(row, "canvas")) {
            case "white" -> Reading.WHITE_FIBRE;
            case "filled" -> FILLED.computeIfAbsent(Math.rint(at * 100) / 100, ShadeJob::filled);
            default -> PigmentLine.LIFTED.at(at);
        };
    }

    /** Lifted hair under a layer of warmth that makes it look like hair lifted only to a level. */
    private static Pigments filled(double look) {
        Pigments lifted = PigmentLine.LIFTED.at(FILLED_FROM);
        if (look >= FILLED_FROM) {
            return lifted;
        }
        DyeFit.Fit fit = DyeFit.solve(
                List.of(new DyeFit.Aim(Dyed.fibres(lifted, 1), ToneScale.colourOf(look, Tone.AS_LIFTED), 1, 1)));
        return lifted.plus(fit.dyes());
    }

    private static Lab wished(int row, double level, Tone tone) {
        double at = Math.max(LevelScale.DARKEST, Math.min(LevelScale.LIGHTEST, level + number(row, "level")));
        if (FILE.text(row, "look").equals("own")) {
            return ToneScale.colourOf(at, tone);
        }
        Lab depth = ToneScale.colourOf(at, Tone.NATURAL);
        return new Lch(depth.l(), number(row, "chroma"), number(row, "hue"), depth.white()).toLab();
    }

    private static double number(int row, String column) {
        return FILE.number(row, column);
    }
}
