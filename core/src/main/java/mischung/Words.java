package mischung;

import java.util.Locale;

/** Small turns of phrase that many sentences need. */
public final class Words {
    /** CIEDE2000 up to which a colourist would say so. Common practice, no source. */
    private static final double ON_IT = 2;

    private static final double CLOSE = 4;
    private static final double NEAR = 6;

    private Words() {}

    /** With a capital at the beginning; empty stays empty. */
    public static String capital(String words) {
        return words.isEmpty()
                ? words
                : words.substring(0, words.offsetByCodePoints(0, 1)).toUpperCase(Locale.ROOT)
                        + words.substring(words.offsetByCodePoints(0, 1));
    }

    /** How near a colour is to the one wished, with the figure behind the word: "close to the wish (3.1)", in CIEDE2000. */
    public static String match(double difference) {
        String word =
                difference <= ON_IT ? "on" : difference <= CLOSE ? "close to" : difference <= NEAR ? "near" : "off";
        return String.format(Locale.ROOT, "%s the wish (%.1f)", word, difference);
    }

    /** "37 %". */
    public static String percent(double share) {
        return Math.round(100 * share) + " %";
    }

    /** "3 h 20 min". */
    public static String hours(int minutes) {
        return minutes < 60
                ? minutes + " min"
                : minutes / 60 + " h" + (minutes % 60 == 0 ? "" : String.format(Locale.ROOT, " %02d", minutes % 60));
    }
}
