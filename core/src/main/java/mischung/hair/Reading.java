package mischung.hair;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import mischung.light.Ciede2000;
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
        return of(ReadIn.asGrown(level, ToneScale.colourOf(level, tone)));
    }

    private static Reading of(ReadIn.Explanation way) {
        return new Reading(way.pigments(), way.misfit(), way.underLevel());
    }

    private static Reading lightened(double level, Tone tone) {
        if (tone == Tone.AS_LIFTED) {
            return new Reading(PigmentLine.LIFTED.at(level), 0, level);
        }
        Lab wished = ToneScale.colourOf(level, tone);
        Pigments bare = PigmentLine.LIFTED.at(level);
        Reading best = new Reading(bare, Ciede2000.between(wished, ReadIn.lab(bare)), level);
        for (double under = level; under <= LevelScale.LIGHTEST && best.misfit > ReadIn.UNSEEN; under += 0.5) {
            Reading dyed = of(ReadIn.dyed(Past.Kind.COLOURED_OVER_LIFTED, DyeKind.OXIDATIVE, under, wished));
            if (dyed.misfit < best.misfit) {
                best = dyed;
            }
        }
        return best;
    }
}
