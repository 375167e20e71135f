package mischung.plan;

import mischung.school.Method;
import mischung.school.TakeOut;

/**
 * A way the planner tries.
 *
 * @param words what sets it apart, in a few words
 * @param visits over which the work is spread, 1–6
 * @param lightener whether lightener may be used
 * @param preTone whether brassy hair is toned before it is lightened
 */
public record Strategy(String words, Method method, int visits, boolean lightener, boolean preTone) {
    public static Strategy of(String words, Method method) {
        return new Strategy(words, method, 1, true, false);
    }

    /** Whether dark colour is taken out with a cleanse mix. */
    public boolean cleanse() {
        return method.takeOut() == TakeOut.CLEANSE_MIX;
    }

    public Strategy named(String other) {
        return new Strategy(other, method, visits, lightener, preTone);
    }

    public Strategy inVisits(int count) {
        return new Strategy(words, method, count, lightener, preTone);
    }

    public Strategy withoutLightener() {
        return new Strategy(words, method, visits, false, preTone);
    }

    public Strategy withPreTone() {
        return new Strategy(words, method, visits, lightener, true);
    }

    public Strategy by(Method other) {
        return new Strategy(words, other, visits, lightener, preTone);
    }
}
