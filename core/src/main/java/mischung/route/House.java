package mischung.route;

import mischung.sequence.Durations;

/**
 * What of a house a route's price and hours follow from.
 *
 * @param rates what it charges
 * @param durations how long things take in it
 */
public record House(Rates rates, Durations durations) {
    /** Made-up rates and the durations that ship. */
    public static final House USUAL = new House(Rates.USUAL, Durations.USUAL);
}
