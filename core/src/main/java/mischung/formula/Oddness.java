package mischung.formula;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mischung.DataFile;
import mischung.hair.Tone;
import mischung.hair.ToneMix;
import mischung.product.Mix;
import mischung.product.Shade;

/**
 * What it costs a mix to be one nobody would weigh out (R59a), in CIEDE2000: every part by its share, by how far its level lies
 * from the step's and its tone from the one asked for, and something for every shade more.
 *
 * @param purpose what the bowl is for
 * @param level the step's own
 * @param tones those asked for
 */
public record Oddness(Purpose purpose, double level, ToneMix tones) {
    /** What a bowl is for, as far as it decides what belongs into it. */
    public enum Purpose {
        /** Anything goes: nothing is odd. */
        FREE,
        /** Warmth is put back. */
        FILLER,
        /** The colour wished; it must cover. */
        TARGET,
        /** A sheer layer. */
        TONER,
        /** What is too much is cancelled by what it lacks. */
        COUNTER,
        /** Direct colour, as deep or as pale as it is thinned. */
        DIRECT
    }

    private static final Map<String, Double> FIGURES =
            DataFile.of(Oddness.class, "oddness.csv").figures();
    private static final double MAIN_OFF = FIGURES.get("main shade off");
    /** In CIEDE2000: what holds no clear is taken, if it comes so near. */
    public static final double NEAR_WITHOUT_CLEAR = FIGURES.get("near without clear");

    /** In levels: so much lighter shades may be mixed instead of clear. */
    public static final double LIGHTER_FOR_CLEAR = FIGURES.get("lighter for clear");

    /** In levels. */
    public static final double HARDLY_DARKER = FIGURES.get("hardly darker");

    private static final double HALF_A_LEVEL = 0.5;
    private static final double SHADE_MORE = FIGURES.get("one shade more");
    private static final double THIN = FIGURES.get("clear beyond half");
    private static final Map<Tone, Set<Tone>> NEIGHBOURS = neighbours();
    private static final Set<Tone> COUNTERS =
            EnumSet.of(Tone.ASH, Tone.MATTE, Tone.VIOLET, Tone.PEARL, Tone.SILVER, Tone.NATURAL);

    /** Nothing is odd. */
    public static final Oddness NONE = new Oddness(Purpose.FREE, 6, ToneMix.of(Tone.NATURAL));

    /** Whether its colour has to have body: paler hair is toned, and clear is what a toner is thinned with. */
    public boolean fullBodied() {
        return purpose == Purpose.COUNTER && level < FIGURES.get("toned from");
    }

    /** Of a whole mix. */
    double of(Mix mix) {
        double sum = 0;
        for (Mix.Part part : mix.parts()) {
            sum += part.parts() * of(part.shade());
        }
        int clear = mix.parts().stream()
                .filter(part -> part.shade().isClear())
                .mapToInt(Mix.Part::parts)
                .sum();
        return sum / mix.totalParts()
                + perShade() * (mix.parts().size() - 1)
                + thin((double) clear / mix.totalParts())
                + main(mix);
    }

    /** Of one shade, if it were the whole bowl. */
    double of(Shade shade) {
        if (purpose == Purpose.FREE) {
            return 0;
        }
        return shade.tones()
                .map(of -> (purpose == Purpose.DIRECT ? 0 : depth(shade.level())) + hue(of))
                .orElseGet(this::clear);
    }

    /** The shade there is most of; of several alike the one that costs least. */
    private double main(Mix mix) {
        int most = mix.parts().stream()
                .filter(part -> !part.shade().isClear())
                .mapToInt(Mix.Part::parts)
                .max()
                .orElse(0);
        return mix.parts().stream()
                .filter(part -> part.parts() == most && !part.shade().isClear())
                .mapToDouble(part -> main(part.shade()))
                .min()
                .orElse(0);
    }

    /** Of a shade, if there is most of it. */
    double main(Shade shade) {
        return purpose == Purpose.TARGET && !shade.isClear()
                ? MAIN_OFF * Math.max(0, Math.abs(shade.level() - level) - HALF_A_LEVEL)
                : 0;
    }

    /** For every shade beyond the first. */
    double perShade() {
        return purpose == Purpose.FREE ? 0 : SHADE_MORE;
    }

    /** For such a share of clear. */
    double thin(double clear) {
        return purpose == Purpose.FREE || purpose == Purpose.DIRECT ? 0 : THIN * Math.max(0, 2 * clear - 1);
    }

    private double clear() {
        return purpose == Purpose.TARGET || purpose == Purpose.FILLER ? FIGURES.get("clear where it must cover") : 0;
    }

    private double depth(double of) {
        double off = Math.abs(of - level);
        return FIGURES.get("level off") * off + FIGURES.get("level far off") * Math.max(0, off - 1);
    }

    /** Each tone of a shade by its share in it. */
    private double hue(ToneMix of) {
        return of.share(of.main()) * hue(of.main())
                + of.second().map(other -> other.share() * hue(other.tone())).orElse(0.0);
    }

    private double hue(Tone of) {
        if (tones.any(asked -> asked == of)) {
            return 0;
        }
        boolean beside = tones.any(asked -> NEIGHBOURS.get(asked).contains(of));
        return switch (purpose) {
            case FREE -> 0;
            case FILLER ->
                beside
                        ? 0
                        : of == Tone.NATURAL
                                ? FIGURES.get("splash")
                                : FIGURES.get(of == Tone.RED ? "neighbour" : "foreign");
            case COUNTER -> COUNTERS.contains(of) ? 0 : reddish(of) ? FIGURES.get("red") : FIGURES.get("foreign");
            case TONER ->
                of.brown()
                        ? FIGURES.get("brown in a toner")
                        : beside || of.toning() ? FIGURES.get("neighbour") : strange(of);
            case DIRECT -> FIGURES.get(beside ? "neighbour" : "foreign");
            case TARGET -> beside ? FIGURES.get("neighbour") : strange(of);
        };
    }

    private double strange(Tone of) {
        return FIGURES.get(reddish(of) ? "red" : "foreign");
    }

    private static boolean reddish(Tone of) {
        return of == Tone.RED || of == Tone.COPPER || of == Tone.MAHOGANY;
    }

    private static Map<Tone, Set<Tone>> neighbours() {
        DataFile file = DataFile.of(Oddness.class, "neighbours.csv");
        Map<Tone, Set<Tone>> all = new EnumMap<>(Tone.class);
        for (int row = 0; row < file.size(); row++) {
            all.put(
                    Tone.named(file.text(row, "tone")),
                    Arrays.stream(file.text(row, "neighbours").split(" ", -1))
                            .map(Tone::named)
                            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Tone.class))));
        }
        return all;
    }
}
