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
public record OrderTerms(
        Durations durations, int hands, Map<String, Integer> pins, long nodes, BooleanSupplier cancelled) {
    /** As it is worked by and as routes are weighed, so that a route takes on the clock what was promised. */
    public static OrderTerms usual(Durations durations, int hands) {
        return new OrderTerms(durations, hands, Map.of(), 0, () -> false);
    }

    public OrderTerms with(Durations other) {
        return new OrderTerms(other, hands, pins, nodes, cancelled);
    }

    public OrderTerms moved(Map<String, Integer> to) {
        return new OrderTerms(durations, hands, to, nodes, cancelled);
    }

    public OrderTerms searching(long most, BooleanSupplier until) {
        return new OrderTerms(durations, hands, pins, most, until);
    }
}
