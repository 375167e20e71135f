package mischung.route;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.BandKind;
import mischung.plan.Action;
import mischung.plan.Plan;
import mischung.plan.PlanningContext;
import mischung.plan.Strategy;
import mischung.plan.StrategyMessage;
import mischung.said.Said;
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
    static Strategy chosen(PlanningContext desk, Method method) {
        Strategy own = Strategy.of("by-your-schools", method);
        int visits = Math.min(2, desk.wish().limits().visits());
        return method.pace() == Pace.SEVERAL ? own.inVisits(Math.max(1, visits)) : own;
    }

    /** @param first the chosen schools' plan, which tells what there is to differ in */
    static List<Strategy> others(PlanningContext desk, Strategy chosen, Plan first) {
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
                    all.add(chosen.by(method.with(school))
                            .called(
                                    key("filler " + school.words()),
                                    StrategyMessage.FILLER
                                            .say()
                                            .thing("school", school)
                                            .said()));
                }
            }
            Rinse other = method.rinse() == Rinse.SHAMPOO ? Rinse.COOL : Rinse.SHAMPOO;
            all.add(chosen.by(method.with(other))
                    .called(
                            key(other.words() + " after the filler"),
                            StrategyMessage.AFTER_FILLER
                                    .say()
                                    .thing("rinse", other)
                                    .said()));
        }
        if (dark) {
            for (TakeOut other : TakeOut.values()) {
                if (other != method.takeOut()) {
                    all.add(chosen.by(method.with(other)).called(key(other.words()), byChoice(other)));
                }
            }
        }
        if (lifts) {
            Pull other = method.pull() == Pull.LOW_AND_SLOW ? Pull.STRONG_AND_SHORT : Pull.LOW_AND_SLOW;
            all.add(chosen.by(method.with(other)).called(key(other.words()), byChoice(other)));
            all.add(chosen.withPreTone().called("pre-tone-before-the-lightener", StrategyMessage.PRE_TONE.alone()));
            all.add(chosen.withoutLightener().called("without-lightener", StrategyMessage.WITHOUT_LIGHTENER.alone()));
        }
        if (!first.steps().isEmpty() && anyLightened(desk)) {
            Hold other = method.hold() == Hold.DEMI ? Hold.PERMANENT : Hold.DEMI;
            all.add(chosen.by(method.with(other))
                    .called(
                            key(other.words() + " colour on the lengths"),
                            StrategyMessage.ON_LENGTHS
                                    .say()
                                    .thing("hold", other)
                                    .said()));
        }
        if (lifts || fills || first.fills()) {
            for (int visits = 1; visits <= MOST_SPREAD; visits++) {
                if (visits != chosen.visits()) {
                    all.add(chosen.inVisits(visits)
                            .called(
                                    visits == 1 ? "all-in-one-visit" : "in-" + visits + "-visits",
                                    StrategyMessage.IN_VISITS
                                            .say()
                                            .count("visits", visits)
                                            .said()));
                }
            }
        }
        return all;
    }

    private static boolean has(Plan plan, Action action) {
        return plan.steps().stream().anyMatch(step -> step.kind() == action);
    }

    private static boolean coloured(PlanningContext desk) {
        return desk.head().bands().stream().anyMatch(at -> desk.head().band(at).kind() == BandKind.COLOURED);
    }

    private static boolean anyLightened(PlanningContext desk) {
        return desk.head().bands().stream()
                .anyMatch(at -> desk.head().band(at).kind().lifted());
    }

    private static Said byChoice(Enum<?> choice) {
        return StrategyMessage.BY_CHOICE.say().thing("choice", choice).said();
    }

    /** A short form that stays the same while the case does. */
    private static String key(String words) {
        return words.replace(' ', '-');
    }
}
