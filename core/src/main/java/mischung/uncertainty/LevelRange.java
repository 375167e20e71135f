package mischung.uncertainty;

import mischung.hair.LevelScale;

/** Between which levels a prediction is expected to fall; decimals, {@code from ≤ to}. */
public record LevelRange(double from, double to) {
    /** "5½–6½", or one level if both ends read the same. */
    public String words() {
        String low = LevelScale.words(from);
        String high = LevelScale.words(to);
        return low.equals(high) ? low : low + "–" + high;
    }
}
