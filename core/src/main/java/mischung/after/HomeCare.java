package mischung.after;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.BandRef;
import mischung.hair.Elasticity;
import mischung.plan.Action;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;

/** What the client does at home, by what was done to the hair. Common practice, no source; the maker's sheet goes first. */
public final class HomeCare {
    private static final double LIGHT = 8.5;

    private HomeCare() {}

    /** One sentence each, the most important first. */
    public static List<String> of(Plan plan) {
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
        List<String> all = new ArrayList<>();
        if (coloured || removed) {
            all.add("Do not wash for two days; then seldom, cool, with a shampoo for coloured hair without sulphates.");
        }
        if (removed) {
            all.add("If it darkens within the first days, call: old colour can come back after a remover.");
        }
        if (filled) {
            all.add("The first washes take some warmth with them; that is meant. No clearing shampoo.");
        }
        if (light) {
            all.add("A violet shampoo at most once a week, for no longer than its label says.");
        }
        if (lifted) {
            all.add("A strengthening treatment once a week; heat only with protection and below 180 °C.");
            all.add("Keep chlorine and salt water off it: wet it with clean water first, rinse it afterwards.");
        }
        if (weak) {
            all.add("It is tender now: comb wet hair only with a wide comb, from the ends up; no tight ties.");
        }
        if (all.isEmpty()) {
            all.add("Nothing special: wash and dry it as before.");
        }
        all.add("If the scalp itches, burns or swells, rinse with cool water and see a doctor; call us, too.");
        return all;
    }
}
