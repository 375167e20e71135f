package mischung.route;

import java.util.List;
import mischung.plan.Plan;
import mischung.plan.Strategy;
import mischung.said.Said;

/**
 * A whole way from the head as read to the wish.
 *
 * @param key stays the same while the case does: its strategy in a short form; "own" for the colourist's
 * @param group what it is compared with
 * @param merits what it is best at, the most important first; may be empty
 * @param surest between which differences from the wish, in CIEDE2000, it ends eight times in ten
 * @param fallbacks what to do when a check shows otherwise
 */
public record Route(
        String key,
        Group group,
        Plan plan,
        Measures measures,
        List<Merit> merits,
        Range surest,
        List<Fallback> fallbacks) {
    /** What it does otherwise than the colourist's schools ask for; routes of a group stand together, the group of the best first. */
    public enum Group {
        YOUR_SCHOOLS("By your schools"),
        OTHER_SCHOOLS("Other schools on the same head"),
        OTHER_WAYS("Other ways by your schools");

        private final String words;

        Group(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        static Group of(Strategy strategy, Strategy chosen) {
            if (strategy.equals(chosen)) {
                return YOUR_SCHOOLS;
            }
            return strategy.method().equals(chosen.method()) ? OTHER_WAYS : OTHER_SCHOOLS;
        }
    }

    /** What a route is best at. */
    public enum Merit {
        BEST_IN_ONE_VISIT("best in one visit"),
        NEAREST("nearest to the wish"),
        GENTLEST("gentlest"),
        SUREST("surest"),
        QUICKEST("quickest"),
        CHEAPEST("cheapest"),
        OWN("your own");

        private final String words;

        Merit(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** From–to. */
    public record Range(double from, double to) {}

    public Route {
        merits = List.copyOf(merits);
        fallbacks = List.copyOf(fallbacks);
    }

    Route with(List<Merit> others) {
        return new Route(key, group, plan, measures, others, surest, fallbacks);
    }

    Route with(Range doubt, List<Fallback> prepared) {
        return new Route(key, group, plan, measures, merits, doubt, prepared);
    }

    /** What sets it apart. */
    public Said said() {
        return plan.strategy().said();
    }
}
