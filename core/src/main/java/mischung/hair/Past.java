package mischung.hair;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * What is known of a band's history, and with it what may lie under the colour that is seen.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>underFrom, underTo</td><td>between which levels the hair under the dye may be</td><td>1–12, from ≤ to</td></tr>
 * <tr><td>layers</td><td>oxidative colour laid over it so far</td><td>0–50</td></tr>
 * </table>
 */
public record Past(Kind kind, double underFrom, double underTo, double layers) {
    /** What was done to it. */
    public enum Kind {
        UNKNOWN("not known"),
        AS_GROWN("as it grew"),
        LIFTED("lightened"),
        COLOURED("colour over natural hair"),
        COLOURED_OVER_LIFTED("colour over lightened hair"),
        DIRECT_OVER_LIFTED("direct dye over lightened hair");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Past {
        RefusedInput.within("underFrom", underFrom, LevelScale.DARKEST, LevelScale.LIGHTEST, Unit.NONE);
        RefusedInput.within("underTo", underTo, underFrom, LevelScale.LIGHTEST, Unit.NONE);
        RefusedInput.within("layers", layers, 0, 50, Unit.NONE);
    }

    /** Nothing more is known than what was done, with one layer of colour where there is any. */
    public static Past of(Kind kind) {
        boolean coloured = kind == Kind.COLOURED || kind == Kind.COLOURED_OVER_LIFTED;
        return new Past(kind, LevelScale.DARKEST, LevelScale.LIGHTEST, coloured ? 1 : 0);
    }

    public Past under(double from, double to) {
        return new Past(kind, from, to, layers);
    }

    public Past withLayers(double count) {
        return new Past(kind, underFrom, underTo, count);
    }
}
