package mischung.hair;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.said.Figure;

/**
 * Names the tone of any hair colour, from its hue and chroma against the natural line at the same level. The borders are
 * from memory; the order of the names round the hue circle and the names of contributing pigment (rule R2) are common
 * practice.
 */
public final class ToneName {
    /** Two swatches this close are called by the same name: the nearest of the tones' own colours, if it is near at all. */
    private static final double SAME = 4;

    /** Nearer than this a dull colour is what was meant. */
    private static final double MEANT = 1.5;

    /** Where no hair grows names are few: the nearest serves from further away. */
    private static final double SAME_FASHION = 16;

    /** Below this share of the natural chroma no colourist sees warmth any more. */
    private static final double HOLLOW = 0.4;

    /** From here up hair without warmth is what a toner was meant to do, and is called by the toner's name. */
    private static final double TONED_BLONDE = 8.75;

    /** From here up hair lifted white has no tone of its own but a yellow rest. */
    private static final double WHITE = 11;

    private static final double YELLOW_FROM = 60;
    private static final double YELLOW_TO = 115;
    private static final double WHITE_CHROMA = 14;

    /** Paler than this a rest of pink or blue is no colour of its own any more but a dull grey. */
    private static final double FASHION = 0.5;

    private static final double CLEARLY_GREY_CHROMA = 3;

    /** What hair, and what it is filled with, is called beside the tones a colourist wishes for. */
    private static final List<String> ONLY_READ = List.of(
            "dark red",
            "red-orange",
            "gold-copper",
            "gold-orange",
            "gold-yellow",
            "light yellow",
            "pale yellow",
            "white-yellow",
            "white",
            "grey",
            "green-grey",
            "blue-grey",
            "violet-grey",
            "dull grey-beige",
            "blue-ash",
            "copper-gold",
            "copper-red",
            "warm natural",
            "golden natural");

    private ToneName() {}

    /** Every name there is. */
    public static Set<String> all() {
        return Stream.concat(
                        ONLY_READ.stream(),
                        Arrays.stream(Tone.values()).filter(Tone::wishable).map(Tone::words))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** @param name one of {@link #all()} */
    public static Figure figure(String name) {
        return new Figure.Named("toneName." + name.replace(' ', '_'));
    }

    public static String of(Lab colour) {
        double level = LevelScale.levelOf(colour.l());
        Lab natural = ToneScale.ofLine(PigmentLine.NATURAL, level);
        double strength = colour.chroma() / natural.chroma();
        if (level >= WHITE && colour.hueDegrees() > YELLOW_FROM && colour.hueDegrees() < YELLOW_TO) {
            return colour.chroma() < WHITE_CHROMA ? "white" : contributing(WHITE);
        }
        Tone nearest = Tone.NATURAL;
        double least = Double.MAX_VALUE;
        for (Tone tone : Tone.values()) {
            if (tone.fashion() && strength < FASHION) {
                continue;
            }
            double difference = Ciede2000.between(colour, ToneScale.colourOf(level, tone));
            if (difference < least) {
                least = difference;
                nearest = tone;
            }
        }
        // Hair without warmth is hollow, unless it is just what a toner or a muted brown was meant to do.
        if (strength < HOLLOW && level < TONED_BLONDE && least > MEANT) {
            return hollow(colour.chroma(), colour.hueDegrees());
        }
        if (least <= (nearest.fashion() ? SAME_FASHION : SAME)) {
            return nearest == Tone.AS_LIFTED ? contributing(level) : nearest.words();
        }
        double hue = colour.hueDegrees();
        if (strength < HOLLOW) {
            return hollow(colour.chroma(), hue);
        }
        return coloured(level, hue, natural.hueDegrees(), strength);
    }

    /** Rule R2: what lifted hair of a level shows. Common practice, no source. */
    public static String contributing(double level) {
        return switch ((int) Math.rint(level)) {
            case 1, 2 -> "dark red";
            case 3 -> "red";
            case 4 -> "red-orange";
            case 5 -> "orange";
            case 6 -> "gold-copper";
            case 7 -> "gold-orange";
            case 8 -> "gold-yellow";
            case 9 -> "light yellow";
            case 10 -> "pale yellow";
            default -> "white-yellow";
        };
    }

    private static String hollow(double chroma, double hue) {
        if (chroma < CLEARLY_GREY_CHROMA) {
            return "grey";
        }
        if (hue >= 95 && hue < 200) {
            return "green-grey";
        }
        if (hue >= 200 && hue < 290) {
            return "blue-grey";
        }
        if (hue >= 290 || hue < 30) {
            return "violet-grey";
        }
        return "dull grey-beige";
    }

    private static String coloured(double level, double hue, double naturalHue, double strength) {
        double fromNatural = hue - naturalHue;
        if (hue >= 98 && hue < 190) {
            return strength < 1 ? Tone.MATTE.words() : "green";
        }
        if (hue >= 190 && hue < 290) {
            return "blue-ash";
        }
        if (hue >= 290) {
            return Tone.VIOLET.words();
        }
        if (hue < 25) {
            return Tone.MAHOGANY.words();
        }
        if (fromNatural < -24) {
            return Tone.RED.words();
        }
        if (fromNatural < -9) {
            return strength < (level >= TONED_BLONDE ? 1.6 : 1.1) ? Tone.BEIGE.words() : Tone.COPPER.words();
        }
        if (strength >= 1.3) {
            return fromNatural < -3 && level < 8.5 ? "copper-gold" : Tone.GOLD.words();
        }
        if (strength < 0.75) {
            return fromNatural < 0 ? Tone.BEIGE.words() : Tone.ASH.words();
        }
        return fromNatural < 0 ? "warm natural" : "golden natural";
    }
}
