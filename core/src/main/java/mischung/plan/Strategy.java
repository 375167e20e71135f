package mischung.plan;

import mischung.school.Method;

/**
 * A way the planner tries.
 *
 * @param words what sets it apart, in a few words
 * @param visits over which the work is spread, 1–6
 * @param lightener whether lightener may be used
 * @param remover whether a reducing remover may be used
 * @param cleanse whether dark colour is taken out with a cleanse mix
 */
public record Strategy(String words, Method method, int visits, boolean lightener, boolean remover, boolean cleanse) {
    public static Strategy of(String words, Method method) {
        return new Strategy(words, method, 1, true, true, false);
    }

    public Strategy named(String other) {
        return new Strategy(other, method, visits, lightener, remover, cleanse);
    }

    public Strategy inVisits(int count) {
        return new Strategy(words, method, count, lightener, remover, cleanse);
    }

    public Strategy withoutLightener() {
        return new Strategy(words, method, visits, false, remover, cleanse);
    }

    public Strategy withCleanse() {
        return new Strategy(words, method, visits, lightener, remover, true);
    }

    public Strategy by(Method other) {
        return new Strategy(words, other, visits, lightener, remover, cleanse);
    }
}
