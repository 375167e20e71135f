package mischung.aftercare;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
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
import mischung.said.Figure;
import mischung.said.Said;
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
     * @param warning what happens if it waits longer
     */
    public record Due(Kind kind, LocalDate from, LocalDate to, Said why, Optional<Said> warning) {
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

    /** Something to come for as it was kept: what happens if it waits longer is said without the day it was worked. */
    public static Due kept(Kind kind, LocalDate from, LocalDate to) {
        return new Due(
                kind,
                from,
                to,
                why(kind).alone(),
                kind == Kind.ROOTS
                        ? Optional.of(AfterMessage.ROOTS_LATE
                                .say()
                                .count("cm", WorkedHead.WARM_CM)
                                .said())
                        : Optional.empty());
    }

    private static AfterMessage why(Kind kind) {
        return switch (kind) {
            case ROOTS -> AfterMessage.ROOTS;
            case REGROWTH -> AfterMessage.REGROWTH;
            case FASHION -> AfterMessage.FASHION;
            case GLOSS -> AfterMessage.GLOSS;
        };
    }

    private static Due due(Kind kind, LocalDate day, Growth growth) {
        return kind == Kind.ROOTS
                ? roots(day, growth)
                : new Due(
                        kind,
                        day.plusWeeks(kind.fromWeeks()),
                        day.plusWeeks(kind.toWeeks()),
                        why(kind).alone(),
                        Optional.empty());
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
                why(Kind.ROOTS).alone(),
                Optional.of(AfterMessage.ROOTS_BAND
                        .say()
                        .with("day", new Figure.Day(warm))
                        .count("weeks", ChronoUnit.DAYS.between(day, warm) / 7.0)
                        .count("cm", WorkedHead.WARM_CM)
                        .said()));
    }
}
