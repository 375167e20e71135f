package mischung.route;

import mischung.said.Said;

/**
 * A route that was thought through and is not offered.
 *
 * @param key of the route
 * @param route what sets it apart
 * @param said why not
 */
public record Refused(String key, Said route, Why why, Said said, Measures measures) {
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
