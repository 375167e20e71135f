package mischung.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mischung.Constants;
import mischung.change.Care;
import mischung.change.Change;
import mischung.change.Factors;
import mischung.change.Lightening;
import mischung.change.Washing;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.Desk;
import mischung.plan.LiftBowl;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.wish.Aim;

/** Plan B and C: what a check may show otherwise, and what is done then, played through the same hair model. */
final class Fallbacks {
    private static final Constants HISTORY = Constants.in("history");
    private static final double LONGEST = 50;
    private static final double BOND_MINUTES = 10;

    private final Plan plan;
    private final List<Fallback> all = new ArrayList<>();

    private Fallbacks(Plan plan) {
        this.plan = plan;
    }

    static List<Fallback> of(Desk desk, Plan plan) {
        Fallbacks prepared = new Fallbacks(plan);
        for (int i = 0; i < plan.steps().size(); i++) {
            PlanStep step = plan.steps().get(i);
            if (!step.lifts().isEmpty()) {
                prepared.lift(i, step);
                break;
            }
        }
        if (prepared.all.isEmpty()) {
            prepared.fill();
        }
        if (prepared.all.isEmpty()) {
            prepared.colour();
        }
        return prepared.all;
    }

    private Outcome before(int step, BandRef at) {
        return step == 0
                ? plan.now().get(at.zone()).get(at.band())
                : plan.steps().get(step - 1).outcome(at);
    }

    private Lightening once(LiftBowl bowl, double minutes) {
        return bowl.laying()
                .lightening(
                        plan.head().at(bowl.bands().get(0)).place(),
                        bowl.laying().volume(),
                        minutes);
    }

    /** The bowl that has furthest to go tells first. */
    private void lift(int number, PlanStep step) {
        LiftBowl bowl = step.lifts().stream()
                .max(Comparator.comparingDouble(
                        b -> b.laying().minutes() * b.laying().times()))
                .orElseThrow();
        BandRef at = bowl.bands().get(0);
        Canvas start = before(number, at).hair().canvas();
        Factors slow = new Factors(HISTORY.of("lift slow"), 1, 1, 1);
        Canvas hoped = again(bowl, start, Factors.AVERAGE, bowl.laying().minutes());
        Canvas seen = again(bowl, start, slow, bowl.laying().minutes());
        Optional<Aim> aim = plan.head().at(at).aim();
        Canvas more = seen;
        double extra = 0;
        while (extra < LONGEST && more.level() < hoped.level() - 0.1) {
            extra += 5;
            Canvas tried = once(bowl, extra).on(seen, slow);
            if (tried.fibre().integrity() < Elasticity.RETURNS_SLOWLY.from() + 0.03) {
                extra -= 5;
                break;
            }
            more = tried;
        }
        String when = String.format(
                Locale.ROOT,
                "The first section of bowl %s, %s, shows %s or darker after %.0f min instead of %s.",
                bowl.name(),
                plan.head().name(at),
                LevelScale.words(seen.level()),
                bowl.laying().minutes() * bowl.laying().times(),
                LevelScale.words(hoped.level()));
        List<String> then = new ArrayList<>();
        if (extra > 0) {
            then.add(String.format(
                    Locale.ROOT,
                    "Wipe off, apply fresh with %.0f vol for %.0f min more and stretch a wet strand before (R36, R39).",
                    bowl.laying().volume(),
                    extra));
        }
        if (then.isEmpty() || more.level() < hoped.level() - 0.25) {
            double reached = LevelScale.inHalves(more.level());
            then.add(
                    "Go no further: it would cost the hair its strength. Meet in the middle and tone at the level reached"
                            + aim.map(a -> ", "
                                            + a.at(Math.min(a.level(), reached)).words())
                                    .orElse("")
                            + "; the rest at the next visit (R24).");
        }
        all.add(new Fallback("B", when, String.join(" ", then), comesTo(more)));
        Canvas half = once(bowl, bowl.laying().minutes() / 2).on(start, Factors.AVERAGE);
        Canvas treated = new Care(Care.Kind.BOND, BOND_MINUTES).on(half, Factors.AVERAGE);
        all.add(new Fallback(
                "C",
                "A wet strand of it stretches without return, feels gummy or breaks.",
                String.format(
                        Locale.ROOT,
                        "Rinse at once, bond treatment %.0f min, no more lightener today. Finish with demi at the level reached%s.",
                        BOND_MINUTES,
                        aim.map(a -> ", "
                                        + a.at(Math.min(a.level(), half.level()))
                                                .words())
                                .orElse("")),
                "Stopped at half time: " + comesTo(treated)));
    }

    private Canvas again(LiftBowl bowl, Canvas start, Factors factors, double minutes) {
        Canvas canvas = start;
        for (int i = 0; i < bowl.laying().times(); i++) {
            canvas = once(bowl, minutes).on(canvas, factors);
        }
        return canvas;
    }

    private void fill() {
        for (int i = 0; i < plan.steps().size(); i++) {
            PlanStep step = plan.steps().get(i);
            Optional<Bowl> filler = step.bowls().stream()
                    .filter(one -> one.action() == Action.FILL)
                    .findFirst();
            if (filler.isEmpty()) {
                continue;
            }
            Bowl bowl = filler.get();
            BandRef at = bowl.bands().get(0);
            Outcome filled = step.outcome(at);
            all.add(new Fallback(
                    "B",
                    String.format(
                            Locale.ROOT,
                            "A wiped strand of the %s is patchy, or lighter than %s after %.0f min.",
                            plan.head().name(at),
                            LevelScale.words(filled.range().to()),
                            bowl.minutes()),
                    "Apply bowl " + bowl.name()
                            + " again where it is pale, 10 min, before the target: a patchy filler means a"
                            + " patchy result (R12).",
                    "As planned: " + filled.look().words()));
            last(at);
            return;
        }
    }

    private void colour() {
        plan.steps().stream()
                .filter(step -> !step.bowls().isEmpty())
                .reduce((a, b) -> b)
                .ifPresent(step -> {
                    Bowl bowl = step.bowls().get(step.bowls().size() - 1);
                    BandRef at = bowl.bands().get(0);
                    Outcome end = step.outcome(at);
                    all.add(new Fallback(
                            "B",
                            "A wiped strand of the " + plan.head().name(at) + " is still lighter than "
                                    + LevelScale.words(end.range().to()) + " at full time.",
                            "Leave it five minutes more and look again; then apply half the bowl again to what is pale.",
                            "As planned: " + end.look().words()));
                    last(at);
                });
    }

    /** Too dark at the end: what a clarifying wash takes back, by the model. */
    private void last(BandRef at) {
        Canvas end = plan.end(at).hair().canvas();
        Change wash = new Washing(1, true);
        Canvas washed = wash.on(end, Factors.AVERAGE);
        all.add(new Fallback(
                "C",
                "It comes out darker than "
                        + LevelScale.words(plan.end(at).range().from()) + ", most likely on the porous ends.",
                "Clarifying shampoo at once; at most a mild lightener wash after it, watched (R52). If a wet strand does not"
                        + " return: rinse, treat, stop (R39).",
                String.format(
                        Locale.ROOT, "One clarifying wash takes it from %.1f to %.1f.", end.level(), washed.level())));
    }

    private static String comesTo(Canvas canvas) {
        return String.format(
                Locale.ROOT,
                "%s, %.0f %% of its strength left.",
                canvas.look().words(),
                100 * canvas.fibre().integrity());
    }
}
