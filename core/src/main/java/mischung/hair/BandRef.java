package mischung.hair;

import java.util.Comparator;

/** Which band of which zone, both counted from 0 in the head's order. */
public record BandRef(int zone, int band) implements Comparable<BandRef> {
    private static final Comparator<BandRef> ORDER =
            Comparator.comparingInt(BandRef::zone).thenComparingInt(BandRef::band);

    /** Zone by zone, from the scalp down. */
    @Override
    public int compareTo(BandRef other) {
        return ORDER.compare(this, other);
    }
}
