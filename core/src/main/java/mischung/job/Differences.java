package mischung.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mischung.hair.LevelScale;
import mischung.plan.Bowl;
import mischung.plan.Laying;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.product.Lightener;

/** What one plan does otherwise than another, said so that a hand can follow it. */
public final class Differences {
    /** Fewer minutes nobody would change a clock for. */
    private static final int WORTH_SAYING = 3;

    private Differences() {}

    /** What another plan does otherwise today after so many rounds, one line each. */
    public static List<String> between(Plan plan, Plan to, int done) {
        List<String> why = new ArrayList<>();
        List<PlanStep> old = after(plan, done);
        List<PlanStep> anew = after(to, done);
        Set<PlanStep> gone = new HashSet<>(old);
        for (PlanStep step : anew) {
            Optional<PlanStep> was = old.stream()
                    .filter(one -> gone.contains(one) && one.kind() == step.kind())
                    .findFirst();
            if (was.isEmpty()) {
                why.add("Added: " + described(to, step));
            } else {
                gone.remove(was.get());
                bowls(was.get(), step).forEach(why::add);
            }
        }
        old.stream().filter(gone::contains).forEach(step -> why.add("Left out: " + step.title() + "."));
        return why;
    }

    private static List<PlanStep> after(Plan of, int done) {
        List<PlanStep> today = of.today();
        return today.subList(Math.min(done, today.size()), today.size());
    }

    private static String described(Plan to, PlanStep step) {
        String where = step.bands().stream()
                .map(at -> to.head().place(at).words())
                .distinct()
                .collect(Collectors.joining(", "));
        String how = step.lifts().stream()
                .map(bowl -> bowl.laying())
                .map(laying -> String.format(
                        Locale.ROOT,
                        "%s, %s, %s vol, %.0f min",
                        laying.lightener().map(Lightener::words).orElse("lightener"),
                        laying.way().words(),
                        LevelScale.figure(laying.volume()),
                        laying.minutes()))
                .distinct()
                .collect(Collectors.joining("; "));
        return step.title() + (how.isEmpty() ? "" : " (" + how + ")") + ", on " + where + ".";
    }

    private static List<String> bowls(PlanStep was, PlanStep now) {
        List<String> why = new ArrayList<>();
        for (int i = 0; i < Math.min(was.lifts().size(), now.lifts().size()); i++) {
            Laying.Lift before = was.lifts().get(i).laying();
            Laying.Lift after = now.lifts().get(i).laying();
            if (!before.lightener().equals(after.lightener())
                    || before.volume() != after.volume()
                    || before.times() != after.times()
                    || Math.abs(before.minutes() - after.minutes()) >= WORTH_SAYING) {
                why.add("Bowl " + was.lifts().get(i).name() + ": " + lift(after) + " instead of " + lift(before) + ".");
            }
        }
        for (int i = was.lifts().size(); i < now.lifts().size(); i++) {
            why.add("One bowl more of lightener, "
                    + now.lifts().get(i).laying().way().words() + ": "
                    + lift(now.lifts().get(i).laying()) + ".");
        }
        for (int i = 0; i < now.bowls().size(); i++) {
            Bowl bowl = now.bowls().get(i);
            Optional<Bowl> before =
                    i < was.bowls().size() ? Optional.of(was.bowls().get(i)) : Optional.empty();
            String mix = bowl.formula().mix().words();
            if (before.isEmpty()) {
                why.add("One bowl more for " + now.name().toLowerCase(Locale.ROOT) + ": " + mix + ".");
            } else if (!before.get().formula().mix().equals(bowl.formula().mix())) {
                why.add("Bowl " + before.get().name() + ": " + mix + " instead of "
                        + before.get().formula().mix().words() + ".");
            } else if (Math.abs(before.get().minutes() - bowl.minutes()) >= WORTH_SAYING) {
                why.add(String.format(
                        Locale.ROOT,
                        "Bowl %s: %.0f min instead of %.0f.",
                        before.get().name(),
                        bowl.minutes(),
                        before.get().minutes()));
            }
        }
        return why;
    }

    private static String lift(Laying.Lift laying) {
        return String.format(
                Locale.ROOT,
                "%s%s vol, %.0f min",
                laying.times() > 1 ? laying.times() + " times " : "",
                LevelScale.figure(laying.volume()),
                laying.minutes());
    }
}
