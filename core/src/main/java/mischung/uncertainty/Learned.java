package mischung.uncertainty;

/**
 * What a strand test did to what is known.
 *
 * @param before what was known
 * @param takenIn what would be known with it
 * @param expectedLevel what the model had predicted
 * @param expectedSpread standard deviation of prediction and reading together, in levels
 * @param seenLevel what was seen
 * @param deviation of what lies furthest off, level or stretch, in standard deviations of its own
 * @param flagged it lies so far outside that it is not taken in by itself
 */
public record Learned(
        Calibration before,
        Calibration takenIn,
        double expectedLevel,
        double expectedSpread,
        double seenLevel,
        double deviation,
        boolean flagged) {
    /** What counts from now on, unless somebody decides otherwise: a flagged test changes nothing. */
    public Calibration after() {
        return flagged ? before : takenIn;
    }
}
