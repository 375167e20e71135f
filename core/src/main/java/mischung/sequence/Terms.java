package mischung.sequence;

import java.util.Map;
import java.util.function.BooleanSupplier;

/**
 * On what terms the order is looked for.
 *
 * @param pins what was moved by hand: key of a task to the minute of its visit before which it shall not begin
 * @param nodes steps of the search for every way of parting the head; 0: the first order that keeps every window stands for
 *     it, and only the best way is searched further
 * @param cancelled asked now and then; what was found by then is kept
 */
public record Terms(Durations durations, int hands, Map<String, Integer> pins, long nodes, BooleanSupplier cancelled) {
    /** As it is worked by and as routes are weighed, so that a route takes on the clock what was promised. */
    public static Terms usual(Durations durations, int hands) {
        return new Terms(durations, hands, Map.of(), 0, () -> false);
    }

    public Terms with(Durations other) {
        return new Terms(other, hands, pins, nodes, cancelled);
    }

    public Terms moved(Map<String, Integer> to) {
        return new Terms(durations, hands, to, nodes, cancelled);
    }

    public Terms searching(long most, BooleanSupplier until) {
        return new Terms(durations, hands, pins, most, until);
    }
}
