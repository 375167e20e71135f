package mischung.hair;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import mischung.light.Ciede2000;
import mischung.light.Illuminant;
import mischung.light.Lab;
import mischung.light.Xyz;

/**
 * What a colourist reads by eye, turned into pigments: natural hair from the natural line, lightened hair from the lifted
 * line, toned hair as a lighter lifted base under the dye that makes up the difference.
 *
 * @param pigments of the coloured fibres
 * @param misfit CIEDE2000 between the colour named and the colour these pigments show
 * @param underLevel level of the lifted hair beneath the dye; the level read where there is no dye
 */
public record Reading(Pigments pigments, double misfit, double underLevel) {
    private record Asked(BandKind kind, double level, ToneMix tones) {}

    private static final Map<Asked, Reading> KNOWN = new ConcurrentHashMap<>();
    private static final int MOST_KEPT = 4096;

    /** Beyond this share too little of the coloured fibres is seen to say anything of them. */
    private static final double MOST_GREY_TO_SEE_THROUGH = 0.9;

    private static final double LIGHTEST_FIBRE = 94;
    private static final double MOST_COLOUR = 60;

    /** White fibres: very light natural hair, no melanin worth naming. */
    public static final Pigments WHITE_FIBRE = PigmentLine.NATURAL.at(Figures.HAIR.of("white fibre level"));

    public static Reading of(BandKind kind, double level, Tone tone) {
        return of(kind, level, ToneMix.of(tone));
    }

    public static Reading of(BandKind kind, double level, ToneMix tones) {
        Asked asked = new Asked(kind, level, tones);
        Reading kept = KNOWN.get(asked);
        if (kept == null) {
            kept = switch (kind) {
                case NATURAL -> natural(level, tones);
                case LIGHTENED -> lightened(level, tones);
                case COLOURED, DIRECT ->
                    of(ReadIn.of(level, tones, Past.of(kind.past())).best());
            };
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

    /** The same where nothing is known of how the hair grows. */
    public static Canvas canvasOf(Band band, Thickness head) {
        return canvasOf(band, head, OptionalDouble.empty());
    }

    /**
     * The canvas of a band as read. A level read by eye is that of the coloured fibres and grey comes on top; a measured
     * colour holds the grey already, so it is taken out first.
     *
     * @param grown level at which its strand grows: what lies under old dark colour
     */
    public static Canvas canvasOf(Band band, Thickness head, OptionalDouble grown) {
        Pigments explained = explained(band, grown).get(0);
        Fibre fibre = fibreOf(band, band.detail().thickness().orElse(head));
        // Gold and copper hair grows with some of the steep pigment too, and was never lifted for that.
        double opened = band.kind() == BandKind.NATURAL ? 0 : Canvas.openedOf(explained);
        return new Canvas(explained, WHITE_FIBRE, band.greyShare(), fibre.withOpened(opened));
    }

    private static Fibre fibreOf(Band band, Thickness thickness) {
        Fibre fibre =
                Fibre.read(thickness, band.porosity().degree(), band.detail().layers());
        return band.detail().stretch().map(fibre::stretched).orElse(fibre);
    }

    /** Every set of pigments that would read so and that its past allows, the likeliest first. */
    public static List<Pigments> explained(Band band) {
        return explained(band, OptionalDouble.empty());
    }

    /** @param grown level at which its strand grows */
    public static List<Pigments> explained(Band band, OptionalDouble grown) {
        Optional<MeasuredColour> measured = band.detail().colour();
        if (measured.isPresent()) {
            Lab fibres = withoutGrey(measured.get().lab(), band.greyShare());
            return bestFirst(ReadIn.of(fibres, pastOf(band)), grown);
        }
        if (band.kind() == BandKind.NATURAL || band.kind() == BandKind.LIGHTENED) {
            return List.of(of(band.kind(), band.level(), band.tones()).pigments);
        }
        return bestFirst(ReadIn.of(band.level(), band.tones(), pastOf(band)), grown);
    }

    private static List<Pigments> bestFirst(ReadIn read, OptionalDouble grown) {
        return Stream.concat(Stream.of(read.likeliest(grown)), read.alike(grown).stream())
                .map(ReadIn.Explanation::pigments)
                .distinct()
                .toList();
    }

    private static Past pastOf(Band band) {
        BandDetail detail = band.detail();
        // Hair called lightened may have been toned since; only its colour can tell.
        Past.Kind kind = band.kind() == BandKind.LIGHTENED && !band.tones().equals(ToneMix.of(Tone.AS_LIFTED))
                ? Past.Kind.COLOURED_OVER_LIFTED
                : band.kind().past();
        return new Past(kind, detail.underFrom(), detail.underTo(), detail.layers());
    }

    /** Fibres mix by area, so a mixture's tristimulus values are the mean of its parts'. */
    static Lab withoutGrey(Lab seen, double greyShare) {
        if (greyShare == 0 || greyShare > MOST_GREY_TO_SEE_THROUGH) {
            return seen;
        }
        Xyz mixed = seen.toXyz();
        Xyz white = Illuminant.D65.reflected(WHITE_FIBRE.reflectance());
        Lab fibres = new Xyz(
                        apart(mixed.x(), white.x(), greyShare),
                        apart(mixed.y(), white.y(), greyShare),
                        apart(mixed.z(), white.z(), greyShare),
                        mixed.white())
                .toLab();
        // Noise can ask for fibres darker or lighter than any; the nearest that can be is taken then.
        return Lab.d65(
                within(fibres.l(), LevelScale.lightnessOf(LevelScale.DARKEST), LIGHTEST_FIBRE),
                within(fibres.a(), -MOST_COLOUR, MOST_COLOUR),
                within(fibres.b(), -MOST_COLOUR, MOST_COLOUR));
    }

    private static double within(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    private static double apart(double mixed, double white, double share) {
        return Math.max(0, (mixed - share * white) / (1 - share));
    }

    private static Reading natural(double level, ToneMix tones) {
        if (tones.equals(ToneMix.of(Tone.NATURAL))) {
            return new Reading(PigmentLine.NATURAL.at(level), 0, level);
        }
        return of(ReadIn.asGrown(level, tones.colourAt(level)));
    }

    private static Reading of(ReadIn.Explanation way) {
        return new Reading(way.pigments(), way.misfit(), way.underLevel());
    }

    private static Reading lightened(double level, ToneMix tones) {
        if (tones.equals(ToneMix.of(Tone.AS_LIFTED))) {
            return new Reading(PigmentLine.LIFTED.at(level), 0, level);
        }
        Lab wished = tones.colourAt(level);
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
