package mischung.plan;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mischung.hair.BandRef;

/**
 * Where a head stands in the middle of the work.
 *
 * @param rounds done, or on the hair now as they will end
 * @param seen how bands will be after them, where a look has shown otherwise than the hair's model says
 * @param weak bands whose wet strand failed: rinsed, to be treated, and left alone for today (R39)
 */
public record HeadUnderway(List<Round> rounds, Map<BandRef, Shown> seen, Set<BandRef> weak) {
    /** Before the first round. */
    public static final HeadUnderway NOTHING = new HeadUnderway(List.of(), Map.of(), Set.of());

    /**
     * How a band will be, where that was seen.
     *
     * @param warmth logarithm of warm against cool pigment beyond what the model says; 0 where only a level was seen
     */
    public record Shown(double level, double warmth) {}

    public HeadUnderway {
        rounds = List.copyOf(rounds);
        seen = Map.copyOf(seen);
        weak = Set.copyOf(weak);
    }
}
