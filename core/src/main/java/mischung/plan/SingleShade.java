package mischung.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mischung.hair.BandRef;
import mischung.process.Application;
import mischung.process.Care;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.school.School;
import mischung.wish.Aim;

/**
 * What most people would try: the one shade that is named like the wish, straight on the hair as read, without filler and
 * without any correction of its tone.
 */
final class SingleShade {
    private SingleShade() {}

    static List<List<Outcome>> of(PlanningContext desk, List<PlanStep> steps, List<List<Outcome>> now) {
        if (steps.stream().noneMatch(PlanStep::fills)) {
            return now;
        }
        Simulation bare = new Simulation(desk);
        for (PlanStep step : steps) {
            step.treatments().stream()
                    .filter(t -> t.action() == Action.EQUALISE)
                    .forEach(t ->
                            bare.lay(new Care(Care.Kind.EQUALISER, t.laying().minutes()), t.bands()));
        }
        for (PlanStep step : steps) {
            for (Bowl bowl : step.bowls()) {
                if (bowl.action() == Action.TARGET || bowl.action() == Action.MELT) {
                    bowl.bands().forEach(at -> bare.lay(straight(desk, bowl, at), List.of(at)));
                }
            }
        }
        return bare.look();
    }

    private static Application straight(PlanningContext desk, Bowl bowl, BandRef at) {
        if (bowl.place() == BowlPlace.ROOTS) {
            Application laid = new Recipes(desk, School.LADDER)
                    .application(bowl.laying())
                    .withDyes(bowl.formula().mix().dyes());
            return Recipes.at(laid, desk.head().at(at).place());
        }
        Aim aim = desk.head().at(at).aim().orElseThrow();
        return Application.usual(plainShade(desk, aim).dyes(), ShadeClass.DEMI, 10);
    }

    /** The demi shade of the wished tone nearest to the wished level; a maker's usual shade if the range has none. */
    private static Shade plainShade(PlanningContext desk, Aim aim) {
        return desk.range().of(ShadeClass.DEMI).stream()
                .filter(s -> s.tones().equals(Optional.of(aim.tones())))
                .filter(s -> Math.abs(s.level() - aim.level()) <= 0.5)
                .min(Comparator.comparingDouble(s -> Math.abs(s.level() - aim.level())))
                .orElseGet(() -> Shade.derived(ShadeClass.DEMI, aim.level(), aim.tones()));
    }
}
