package mischung.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mischung.Constants;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.LiftBowl;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.PlanningContext;
import mischung.process.Care;
import mischung.process.Change;
import mischung.process.Factors;
import mischung.process.Lightening;
import mischung.process.Washing;
import mischung.said.Said;
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

    static List<Fallback> of(PlanningContext desk, Plan plan) {
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
        Said when = FallbackMessage.LIFTS_SLOWLY
                .say()
                .typed("bowl", bowl.name())
                .part("band", plan.head().said(at))
                .level("seen", seen.level())
                .tenth("minutes", bowl.laying().minutes() * bowl.laying().times())
                .level("hoped", hoped.level())
                .said();
        List<Said> then = new ArrayList<>();
        if (extra > 0) {
            then.add(FallbackMessage.APPLY_FRESH
                    .say()
                    .tenth("volume", bowl.laying().volume())
                    .tenth("minutes", extra)
                    .said());
        }
        if (then.isEmpty() || more.level() < hoped.level() - 0.25) {
            double reached = LevelScale.inHalves(more.level());
            then.add(aim.map(a -> FallbackMessage.MEET_IN_THE_MIDDLE_AT
                            .say()
                            .part("colour", a.at(Math.min(a.level(), reached)).said())
                            .said())
                    .orElseGet(FallbackMessage.MEET_IN_THE_MIDDLE::alone));
        }
        all.add(new Fallback("B", when, then, comesTo(FallbackMessage.COMES_TO, more)));
        Canvas half = once(bowl, bowl.laying().minutes() / 2).on(start, Factors.AVERAGE);
        Canvas treated = new Care(Care.Kind.BOND, BOND_MINUTES).on(half, Factors.AVERAGE);
        all.add(new Fallback(
                "C",
                FallbackMessage.STRAND_DOES_NOT_RETURN.alone(),
                List.of(aim.map(a -> FallbackMessage.RINSE_AND_TREAT_AT
                                .say()
                                .tenth("minutes", BOND_MINUTES)
                                .part(
                                        "colour",
                                        a.at(Math.min(a.level(), half.level())).said())
                                .said())
                        .orElseGet(() -> FallbackMessage.RINSE_AND_TREAT
                                .say()
                                .tenth("minutes", BOND_MINUTES)
                                .said())),
                comesTo(FallbackMessage.AT_HALF_TIME, treated)));
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
                    FallbackMessage.FILLER_PATCHY
                            .say()
                            .part("band", plan.head().said(at))
                            .level("level", filled.range().to())
                            .tenth("minutes", bowl.minutes())
                            .said(),
                    List.of(FallbackMessage.FILL_AGAIN
                            .say()
                            .typed("bowl", bowl.name())
                            .said()),
                    asPlanned(filled)));
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
                            FallbackMessage.STILL_LIGHTER
                                    .say()
                                    .part("band", plan.head().said(at))
                                    .level("level", end.range().to())
                                    .said(),
                            List.of(FallbackMessage.LEAVE_LONGER.alone()),
                            asPlanned(end)));
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
                FallbackMessage.TOO_DARK
                        .say()
                        .level("level", plan.end(at).range().from())
                        .said(),
                List.of(FallbackMessage.CLARIFY_AT_ONCE.alone()),
                FallbackMessage.ONE_WASH_TAKES
                        .say()
                        .count("from", end.level())
                        .count("to", washed.level())
                        .said()));
    }

    private static Said asPlanned(Outcome outcome) {
        return FallbackMessage.AS_PLANNED
                .say()
                .part("look", outcome.look().said())
                .said();
    }

    private static Said comesTo(FallbackMessage message, Canvas canvas) {
        return message.say()
                .part("look", canvas.look().said())
                .share("left", canvas.fibre().integrity())
                .said();
    }
}
