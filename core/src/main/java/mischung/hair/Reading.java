package mischung.hair;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;

/**
 * What a colourist reads by eye, turned into pigments: natural hair from the natural line, lightened hair from the lifted
 * line, toned hair as a lighter lifted base under the dye that makes up the difference.
 *
 * @param pigments of the coloured fibres
 * @param misfit CIEDE2000 between the colour named and the colour these pigments show
 * @param underLevel level of the lifted hair beneath the dye; the level read where there is no dye
 */
public record Reading(Pigments pigments, double misfit, double underLevel) {
    private record Asked(BandKind kind, double level, Tone tone) {}

    private static final Map<Asked, Reading> KNOWN = new ConcurrentHashMap<>();
    private static final int MOST_KEPT = 4096;

    /** A misfit no eye sees; the first base that comes this near is taken. */
    private static final double UNSEEN = 1;

    /** A level is read more surely than a tone. */
    private static final double DEPTH_WEIGHT = 3;

    /** White fibres: very light natural hair, no melanin worth naming. */
    public static final Pigments WHITE_FIBRE = PigmentLine.NATURAL.at(Figures.HAIR.of("white fibre level"));

    public static Reading of(BandKind kind, double level, Tone tone) {
        Asked asked = new Asked(kind, level, tone);
        Reading kept = KNOWN.get(asked);
        if (kept == null) {
            kept = kind == BandKind.NATURAL ? natural(level, tone) : lightened(level, tone);
            if (KNOWN.size() < MOST_KEPT) {
                KNOWN.put(asked, kept);
            }
        }
        return kept;
    }

    /** The canvas of a band as read, on hair of normal thickness. */
    public static Canvas canvasOf(Band band) {
        return canvasOf(band, Thickness.NORMAL);
    }

    /** The canvas of a band as read. The level read is that of the coloured fibres; grey comes on top. */
    public static Canvas canvasOf(Band band, Thickness thickness) {
        return new Canvas(
                of(band.kind(), band.level(), band.tone()).pigments,
                WHITE_FIBRE,
                band.greyShare(),
                Fibre.read(thickness, band.porosity()));
    }

    private static Reading natural(double level, Tone tone) {
        if (tone == Tone.NATURAL) {
            return new Reading(PigmentLine.NATURAL.at(level), 0, level);
        }
        Lab wished = ToneScale.colourOf(level, tone);
        double usual = Figures.HAIR.of("pheomelanin per eumelanin");
        double most = Figures.HAIR.of("most warm pigment in natural hair");
        // Less pheomelanin is ashier; warm pigment beside the eumelanin makes natural gold and copper.
        Pigments best = depthMatched(0, 0, wished.l());
        double least = Ciede2000.between(wished, seen(best));
        for (double warm = 0.125; warm <= most; warm *= 1.25) {
            Pigments tried = depthMatched(usual, warm, wished.l());
            double misfit = Ciede2000.between(wished, seen(tried));
            if (misfit < least) {
                least = misfit;
                best = tried;
            }
        }
        return new Reading(best, least, level);
    }

    private static Pigments depthMatched(double pheomelanin, double warm, double lightness) {
        return Depth.matched(amount -> Pigments.natural(amount, amount * pheomelanin, amount * warm), lightness);
    }

    private static Reading lightened(double level, Tone tone) {
        if (tone == Tone.AS_LIFTED) {
            return new Reading(PigmentLine.LIFTED.at(level), 0, level);
        }
        Lab wished = ToneScale.colourOf(level, tone);
        Reading best = new Reading(
                PigmentLine.LIFTED.at(level), Ciede2000.between(wished, seen(PigmentLine.LIFTED.at(level))), level);
        for (double under = level; under <= LevelScale.LIGHTEST && best.misfit > UNSEEN; under += 0.5) {
            Pigments base = PigmentLine.LIFTED.at(under);
            DyeFit.Fit fit =
                    DyeFit.solve(List.of(new DyeFit.Aim(dyes -> seen(base.plus(dyes)), wished, 1, DEPTH_WEIGHT)));
            if (fit.misfit() < best.misfit) {
                best = new Reading(base.plus(fit.dyes()), fit.misfit(), under);
            }
        }
        return best;
    }

    private static Lab seen(Pigments pigments) {
        return Illuminant.D65.reflected(pigments.reflectance()).toLab();
    }
}
