package mischung.route;

/**
 * A route that was thought through and is not offered.
 *
 * @param words what sets it apart
 * @param sentence why not, with the figures
 */
public record Refused(String words, Why why, String sentence, Measures measures) {
    /** Why a route is not offered. */
    public enum Why {
        STRENGTH("strength"),
        CAUTION("caution"),
        TIME("time"),
        MONEY("money"),
        VISITS("visits"),
        CANNOT_REACH("cannot reach"),
        /** Another route does the very same. */
        THE_SAME("the same as another");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
