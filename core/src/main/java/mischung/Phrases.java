package mischung;

import java.util.Locale;

/** Small turns of phrase that many sentences need. */
public final class Phrases {
    private Phrases() {}

    /** With a capital at the beginning; empty stays empty. */
    public static String capital(String words) {
        return words.isEmpty()
                ? words
                : words.substring(0, words.offsetByCodePoints(0, 1)).toUpperCase(Locale.ROOT)
                        + words.substring(words.offsetByCodePoints(0, 1));
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
