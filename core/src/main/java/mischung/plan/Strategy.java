package mischung.plan;

import mischung.said.Said;
import mischung.school.Method;
import mischung.school.TakeOut;

/**
 * A way the planner tries.
 *
 * @param key short, and the same while the case is
 * @param said what sets it apart
 * @param visits over which the work is spread, 1–6
 * @param lightener whether lightener may be used
 * @param preTone whether brassy hair is toned before it is lightened
 */
public record Strategy(String key, Said said, Method method, int visits, boolean lightener, boolean preTone) {
    /** By these schools, in one visit, with lightener where it is needed. */
    public static Strategy of(String key, Method method) {
        return new Strategy(key, StrategyMessage.BY_YOUR_SCHOOLS.alone(), method, 1, true, false);
    }

    /** Whether dark colour is taken out with a cleanse mix. */
    public boolean cleanse() {
        return method.takeOut() == TakeOut.CLEANSE_MIX;
    }

    public Strategy called(String otherKey, Said other) {
        return new Strategy(otherKey, other, method, visits, lightener, preTone);
    }

    public Strategy inVisits(int count) {
        return new Strategy(key, said, method, count, lightener, preTone);
    }

    public Strategy withoutLightener() {
        return new Strategy(key, said, method, visits, false, preTone);
    }

    public Strategy withPreTone() {
        return new Strategy(key, said, method, visits, lightener, true);
    }

    public Strategy by(Method other) {
        return new Strategy(key, said, other, visits, lightener, preTone);
    }
}
