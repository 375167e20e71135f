package mischung.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.plan.Bowl;
import mischung.plan.Laying;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.product.Lightener;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Saying;

/** What one plan does otherwise than another, said so that a hand can follow it. */
public final class Differences {
    /** Fewer minutes nobody would change a clock for. */
    private static final int WORTH_SAYING = 3;

    private Differences() {}

    /** What another plan does otherwise today after so many rounds, one line each. */
    public static List<Said> between(Plan plan, Plan to, int done) {
        List<Said> why = new ArrayList<>();
        List<PlanStep> old = after(plan, done);
        List<PlanStep> anew = after(to, done);
        Set<PlanStep> gone = new HashSet<>(old);
        for (PlanStep step : anew) {
            Optional<PlanStep> was = old.stream()
                    .filter(one -> gone.contains(one) && one.kind() == step.kind())
                    .findFirst();
            if (was.isEmpty()) {
                why.add(added(to, step));
            } else {
                gone.remove(was.get());
                bowls(was.get(), step).forEach(why::add);
            }
        }
        old.stream()
                .filter(gone::contains)
                .forEach(step -> why.add(
                        JobMessage.LEFT_OUT.say().part("step", step.titled()).said()));
        return why;
    }

    private static List<PlanStep> after(Plan of, int done) {
        List<PlanStep> today = of.today();
        return today.subList(Math.min(done, today.size()), today.size());
    }

    private static Said added(Plan to, PlanStep step) {
        Figure zones = new Figure.All(
                Figure.Joint.COMMA,
                step.bands().stream()
                        .map(at -> to.head().place(at))
                        .distinct()
                        .<Figure>map(Figure.Named::of)
                        .toList());
        List<Said> how = step.lifts().stream()
                .map(bowl -> bowl.laying())
                .map(laying -> JobMessage.LIFTING
                        .say()
                        .part(
                                "lightener",
                                laying.lightener().map(Lightener::said).orElseGet(JobMessage.LIGHTENER::alone))
                        .thing("way", laying.way())
                        .tenth("volume", laying.volume())
                        .count("minutes", laying.minutes())
                        .said())
                .distinct()
                .toList();
        Saying added = (how.isEmpty() ? JobMessage.ADDED : JobMessage.ADDED_LIFTING)
                .say()
                .part("step", step.titled())
                .with("zones", zones);
        return (how.isEmpty() ? added : added.all("how", Figure.Joint.COMMA, how)).said();
    }

    private static List<Said> bowls(PlanStep was, PlanStep now) {
        List<Said> why = new ArrayList<>();
        for (int i = 0; i < Math.min(was.lifts().size(), now.lifts().size()); i++) {
            Laying.Lift before = was.lifts().get(i).laying();
            Laying.Lift after = now.lifts().get(i).laying();
            if (!before.lightener().equals(after.lightener())
                    || before.volume() != after.volume()
                    || before.times() != after.times()
                    || Math.abs(before.minutes() - after.minutes()) >= WORTH_SAYING) {
                why.add(JobMessage.BOWL_LIFTS
                        .say()
                        .typed("bowl", was.lifts().get(i).name())
                        .part("now", lift(after))
                        .part("was", lift(before))
                        .said());
            }
        }
        for (int i = was.lifts().size(); i < now.lifts().size(); i++) {
            Laying.Lift more = now.lifts().get(i).laying();
            why.add(JobMessage.ONE_MORE_LIFTING
                    .say()
                    .thing("way", more.way())
                    .part("now", lift(more))
                    .said());
        }
        for (int i = 0; i < now.bowls().size(); i++) {
            Bowl bowl = now.bowls().get(i);
            Optional<Bowl> before =
                    i < was.bowls().size() ? Optional.of(was.bowls().get(i)) : Optional.empty();
            Figure mix = bowl.formula().mix().figure();
            if (before.isEmpty()) {
                why.add(JobMessage.ONE_MORE_BOWL
                        .say()
                        .part("step", now.said())
                        .with("mix", mix)
                        .said());
            } else if (!before.get().formula().mix().equals(bowl.formula().mix())) {
                why.add(JobMessage.BOWL_OTHERWISE
                        .say()
                        .typed("bowl", before.get().name())
                        .with("now", mix)
                        .with("was", before.get().formula().mix().figure())
                        .said());
            } else if (Math.abs(before.get().minutes() - bowl.minutes()) >= WORTH_SAYING) {
                why.add(JobMessage.BOWL_MINUTES
                        .say()
                        .typed("bowl", before.get().name())
                        .count("now", bowl.minutes())
                        .count("was", before.get().minutes())
                        .said());
            }
        }
        return why;
    }

    private static Said lift(Laying.Lift laying) {
        return JobMessage.LIFT
                .say()
                .tenth("volume", laying.volume())
                .count("minutes", laying.minutes())
                .count("times", laying.times())
                .said();
    }
}
