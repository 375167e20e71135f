package mischung.aftercare;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.plan.Action;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.said.Said;

/** What the client does at home, by what was done to the hair. Common practice, no source; the maker's sheet goes first. */
public final class HomeCare {
    private static final double LIGHT = 8.5;

    private HomeCare() {}

    /** One sentence each, the most important first. */
    public static List<Said> of(Plan plan) {
        List<PlanStep> done = plan.today();
        boolean lifted = done.stream().anyMatch(step -> !step.lifts().isEmpty());
        boolean coloured = done.stream().anyMatch(PlanStep::finishes);
        boolean filled = done.stream().anyMatch(PlanStep::fills);
        boolean removed = done.stream().anyMatch(step -> step.kind() == Action.REMOVE);
        boolean weak = false;
        boolean light = false;
        for (BandRef at : plan.head().bands()) {
            Outcome end = plan.endOfToday(at);
            weak |= !end.cut() && end.integrity() < Elasticity.SPRINGS_BACK.from();
            light |= !end.cut() && lifted && end.look().level() >= LIGHT;
        }
        List<Said> all = new ArrayList<>();
        if (coloured || removed) {
            all.add(AfterMessage.WASH_SELDOM.alone());
        }
        if (removed) {
            all.add(AfterMessage.MAY_DARKEN.alone());
        }
        if (filled) {
            all.add(AfterMessage.WARMTH_LEAVES.alone());
        }
        if (light) {
            all.add(AfterMessage.VIOLET_SHAMPOO.alone());
        }
        if (lifted) {
            all.add(AfterMessage.STRENGTHEN.alone());
            all.add(AfterMessage.CHLORINE.alone());
        }
        if (weak) {
            all.add(AfterMessage.TENDER.alone());
        }
        if (all.isEmpty()) {
            all.add(AfterMessage.NOTHING_SPECIAL.alone());
        }
        all.add(AfterMessage.IF_IT_BURNS.alone());
        return all;
    }
}
