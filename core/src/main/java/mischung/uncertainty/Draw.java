package mischung.uncertainty;

import mischung.process.Factors;

/**
 * One way things may truly be.
 *
 * @param levels by how much the hair is lighter than it was read
 * @param warmth natural logarithm of warm against cool pigment beyond what was read
 * @param porosity steps beyond what was read
 * @param which 0–1: which of the explanations that look alike is the true one
 * @param factors how this head differs from the average
 */
public record Draw(double levels, double warmth, double porosity, double which, Factors factors) {
    /** Everything as read, on an average head. */
    public static final Draw AS_READ = new Draw(0, 0, 0, 0, Factors.AVERAGE);
}
