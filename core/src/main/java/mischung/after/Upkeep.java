package mischung.after;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import mischung.Constants;
import mischung.history.Growth;
import mischung.plan.Bowl;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.product.ShadeClass;
import mischung.wish.WorkedHead;

/** When a client should come again after what was done to the hair (R70, R71). */
public final class Upkeep {
    private static final Constants WEEKS = Constants.in("upkeep");
    private static final double DAYS_A_MONTH = 365.25 / 12;

    private Upkeep() {}

    /** What there is to come for. */
    public enum Kind {
        ROOTS("Roots"),
        GLOSS("Gloss"),
        REGROWTH("Regrowth colour"),
        FASHION("Fashion shade refreshed");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One thing to come for.
     *
     * @param from the first day it is worth it
     * @param to the last day it should wait for
     * @param why with its rule
     * @param warning what happens if it waits longer; empty where nothing does
     */
    public record Due(Kind kind, LocalDate from, LocalDate to, String why, String warning) {
        /** Whether a visit on that day would be past what its warning says. */
        public boolean late(LocalDate day) {
            return day.isAfter(to);
        }
    }

    /**
     * @param plan as it was worked; only its first visit counts
     * @param day of the work
     * @param growth of this client's hair
     * @return the earliest first
     */
    public static List<Due> of(Plan plan, LocalDate day, Growth growth) {
        List<PlanStep> done = plan.today();
        List<Due> all = new ArrayList<>();
        boolean roots = done.stream()
                .flatMap(step -> step.lifts().stream())
                .anyMatch(lift ->
                        lift.bands().stream().anyMatch(at -> plan.head().at(at).atScalp()));
        List<Bowl> stays = done.stream()
                .filter(step -> step.kind().finishes())
                .flatMap(step -> step.bowls().stream())
                .toList();
        if (roots) {
            all.add(roots(day, growth));
        }
        boolean permanentAtScalp = stays.stream()
                .anyMatch(bowl -> (bowl.laying().shadeClass() == ShadeClass.PERMANENT
                                || bowl.laying().shadeClass() == ShadeClass.COVERAGE)
                        && bowl.bands().stream()
                                .anyMatch(at -> plan.head().at(at).atScalp()));
        if (permanentAtScalp && !roots) {
            all.add(due(
                    Kind.REGROWTH,
                    day,
                    "regrowth",
                    "Permanent colour only on what has grown: over the lengths it goes flat and dark (R18).",
                    ""));
        }
        if (stays.stream().anyMatch(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT)) {
            all.add(due(Kind.FASHION, day, "fashion", "Direct colour leaves within weeks (R71).", ""));
        } else if (!stays.isEmpty()) {
            all.add(due(Kind.GLOSS, day, "gloss", "Deposit fades; a gloss keeps the tone (R18, R71).", ""));
        }
        all.sort(Comparator.comparing(Due::from));
        return all;
    }

    private static Due roots(LocalDate day, Growth growth) {
        LocalDate from = day.plusWeeks((long) WEEKS.of("roots from"));
        LocalDate usual = day.plusWeeks((long) WEEKS.of("roots to"));
        // The fastest this hair may grow: then the far end leaves the scalp's warmth first.
        long warmDays = (long) Math.floor(WorkedHead.WARM_CM / growth.to() * DAYS_A_MONTH);
        LocalDate warm = day.plusDays(warmDays);
        LocalDate to = warm.isBefore(usual) ? warm : usual;
        return new Due(
                Kind.ROOTS,
                to.isBefore(from) ? to : from,
                to,
                "Lightened roots again in five to six weeks (R70).",
                String.format(
                        Locale.ROOT,
                        "After %s (%.1f weeks) the regrowth may be longer than %.0f cm: its far part is out of the scalp's"
                                + " warm stretch and bands again (R33, R70).",
                        warm,
                        ChronoUnit.DAYS.between(day, warm) / 7.0,
                        WorkedHead.WARM_CM));
    }

    private static Due due(Kind kind, LocalDate day, String name, String why, String warning) {
        return new Due(
                kind,
                day.plusWeeks((long) WEEKS.of(name + " from")),
                day.plusWeeks((long) WEEKS.of(name + " to")),
                why,
                warning);
    }
}
