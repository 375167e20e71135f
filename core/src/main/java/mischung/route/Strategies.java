package mischung.route;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.BandKind;
import mischung.plan.Action;
import mischung.plan.Desk;
import mischung.plan.Plan;
import mischung.plan.Strategy;
import mischung.school.Hold;
import mischung.school.Method;
import mischung.school.Pace;
import mischung.school.Pull;
import mischung.school.Rinse;
import mischung.school.School;
import mischung.school.TakeOut;

/** What is worth trying beside the chosen schools: one thing done differently at a time, and the work spread over visits. */
final class Strategies {
    private static final int MOST_SPREAD = 3;

    private Strategies() {}

    /** The chosen schools, as they are. */
    static Strategy chosen(Desk desk, Method method) {
        Strategy own = Strategy.of("by your schools", method);
        int visits = Math.min(2, desk.wish().limits().visits());
        return method.pace() == Pace.SEVERAL ? own.inVisits(Math.max(1, visits)) : own;
    }

    /** @param first the chosen schools' plan, which tells what there is to differ in */
    static List<Strategy> others(Desk desk, Strategy chosen, Plan first) {
        Method method = chosen.method();
        List<Strategy> all = new ArrayList<>();
        boolean lifts = has(first, Action.LIGHTEN) || has(first, Action.CLEANSE);
        boolean fills = first.answers().stream()
                .flatMap(List::stream)
                .anyMatch(a -> a.decision() == mischung.plan.Decision.FILL);
        boolean dark = has(first, Action.REMOVE) || has(first, Action.CLEANSE) || (lifts && coloured(desk));
        if (fills || first.fills()) {
            for (School school : School.values()) {
                if (school != method.filler()) {
                    all.add(chosen.by(method.with(school)).named("filler " + school.words()));
                }
            }
            Rinse other = method.rinse() == Rinse.SHAMPOO ? Rinse.COOL : Rinse.SHAMPOO;
            all.add(chosen.by(method.with(other)).named(other.words() + " after the filler"));
        }
        if (dark) {
            for (TakeOut other : TakeOut.values()) {
                if (other != method.takeOut()) {
                    all.add(chosen.by(method.with(other)).named(other.words()));
                }
            }
        }
        if (lifts) {
            Pull other = method.pull() == Pull.LOW_AND_SLOW ? Pull.STRONG_AND_SHORT : Pull.LOW_AND_SLOW;
            all.add(chosen.by(method.with(other)).named(other.words()));
            all.add(chosen.withPreTone().named("pre-tone before the lightener"));
            all.add(chosen.withoutLightener().named("without lightener"));
        }
        if (!first.steps().isEmpty() && anyLightened(desk)) {
            Hold other = method.hold() == Hold.DEMI ? Hold.PERMANENT : Hold.DEMI;
            all.add(chosen.by(method.with(other)).named(other.words() + " colour on the lengths"));
        }
        if (lifts || fills || first.fills()) {
            for (int visits = 1; visits <= MOST_SPREAD; visits++) {
                if (visits != chosen.visits()) {
                    all.add(chosen.inVisits(visits)
                            .named(visits == 1 ? "all in one visit" : "in " + visits + " visits"));
                }
            }
        }
        return all;
    }

    private static boolean has(Plan plan, Action action) {
        return plan.steps().stream().anyMatch(step -> step.kind() == action);
    }

    private static boolean coloured(Desk desk) {
        return desk.head().bands().stream().anyMatch(at -> desk.head().band(at).kind() == BandKind.COLOURED);
    }

    private static boolean anyLightened(Desk desk) {
        return desk.head().bands().stream()
                .anyMatch(at -> desk.head().band(at).kind().lifted());
    }

    /** A short form that stays the same while the case does. */
    static String key(Strategy strategy) {
        return strategy.words().replace(' ', '-');
    }
}
