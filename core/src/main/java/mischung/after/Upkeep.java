package mischung.after;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import mischung.Constants;
import mischung.hair.BandRef;
import mischung.history.Growth;
import mischung.light.Lab;
import mischung.plan.Bowl;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.product.ShadeClass;
import mischung.wish.Aim;
import mischung.wish.WorkedHead;

/** When a client should come again after what was done to the hair (R70, R71). */
public final class Upkeep {
    private static final Constants FIGURES = Constants.in("upkeep");
    private static final double DAYS_A_MONTH = 365.25 / 12;

    private Upkeep() {}

    /** What there is to come for. */
    public enum Kind {
        ROOTS("Roots", "roots"),
        GLOSS("Gloss", "gloss"),
        REGROWTH("Regrowth colour", "regrowth"),
        FASHION("Fashion shade refreshed", "fashion");

        private final String words;
        private final String key;

        Kind(String words, String key) {
            this.words = words;
            this.key = key;
        }

        public String words() {
            return words;
        }

        /** After the work, at the soonest. */
        public int fromWeeks() {
            return (int) FIGURES.of(key + " from");
        }

        /** After the work, at the latest. */
        public int toWeeks() {
            return (int) FIGURES.of(key + " to");
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
     * @param steps of the plan, those that were done or are going to be
     * @return what they make necessary, in no order
     */
    public static Set<Kind> needed(Plan plan, List<PlanStep> steps) {
        Set<Kind> all = EnumSet.noneOf(Kind.class);
        Predicate<BandRef> scalp = at -> plan.head().at(at).touchesScalp();
        boolean roots = steps.stream()
                .flatMap(step -> step.lifts().stream())
                .anyMatch(lift -> lift.bands().stream().anyMatch(scalp));
        List<Bowl> stays = steps.stream()
                .flatMap(step -> step.bowls().stream())
                .filter(bowl -> bowl.action().finishes())
                .toList();
        boolean permanentAtScalp = stays.stream()
                .anyMatch(bowl -> (bowl.laying().shadeClass() == ShadeClass.PERMANENT
                                || bowl.laying().shadeClass() == ShadeClass.COVERAGE)
                        && bowl.bands().stream().anyMatch(scalp));
        if (roots) {
            all.add(Kind.ROOTS);
        } else if (permanentAtScalp) {
            all.add(Kind.REGROWTH);
        }
        stays.forEach(bowl -> all.add(isFashion(bowl.laying().aim()) ? Kind.FASHION : Kind.GLOSS));
        return all;
    }

    /** A colour no hair grows in: reds, violets, blues. */
    private static boolean isFashion(Aim aim) {
        Lab colour = aim.colour();
        return colour.chroma() >= FIGURES.of("fashion chroma")
                && (colour.hueDegrees() < FIGURES.of("fashion redder than")
                        || colour.hueDegrees() > FIGURES.of("fashion greener than"));
    }

    /**
     * @param plan as it was worked; only its first visit counts
     * @param day of the work
     * @param growth of this client's hair
     * @return the earliest first
     */
    public static List<Due> of(Plan plan, LocalDate day, Growth growth) {
        return needed(plan, plan.today()).stream()
                .map(kind -> due(kind, day, growth))
                .sorted(Comparator.comparing(Due::from))
                .toList();
    }

    private static Due due(Kind kind, LocalDate day, Growth growth) {
        return switch (kind) {
            case ROOTS -> roots(day, growth);
            case REGROWTH ->
                due(
                        kind,
                        day,
                        "Permanent colour only on what has grown: over the lengths it goes flat and dark (R18).");
            case FASHION -> due(kind, day, "A fashion colour leaves within weeks (R71).");
            case GLOSS -> due(kind, day, "Deposit fades; a gloss keeps the tone (R18, R71).");
        };
    }

    private static Due due(Kind kind, LocalDate day, String why) {
        return new Due(kind, day.plusWeeks(kind.fromWeeks()), day.plusWeeks(kind.toWeeks()), why, "");
    }

    private static Due roots(LocalDate day, Growth growth) {
        LocalDate from = day.plusWeeks(Kind.ROOTS.fromWeeks());
        LocalDate usual = day.plusWeeks(Kind.ROOTS.toWeeks());
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
}
