package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.formula.Formula;
import mischung.hair.Canvas;
import mischung.hair.ToneName;
import mischung.process.Application;
import mischung.process.Wetness;
import mischung.product.HairAmount;
import mischung.product.Mix;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.school.Method;
import mischung.school.School;
import mischung.uncertainty.Draw;
import mischung.uncertainty.Start;
import mischung.wish.Aim;
import mischung.wish.WorkedHead;

/** Says why a bowl of colour is as it is, what else was weighed, and what reading would change it. */
final class ColourReasons {
    private static final double DEPOSIT_ONLY = 10;

    private final WorkedHead head;
    private final PlanningContext desk;
    private final Method method;

    ColourReasons(PlanningContext desk, Method method) {
        this.desk = desk;
        this.head = desk.head();
        this.method = method;
    }

    List<Reason> of(
            Laying.Deposit laying,
            Application application,
            BowlPlace place,
            Formula formula,
            Optional<Bowl.Gain> oneMore,
            Playthrough work) {
        List<Reason> reasons = new ArrayList<>();
        Aim aim = laying.aim();
        if (laying.action() == Action.FILL) {
            filler(laying, aim, work, reasons);
        } else {
            purpose(laying, aim, work, reasons);
            shadeClass(laying, reasons);
            if (Bowl.mayStay(formula.mix())) {
                reasons.add(new Reason(Rule.R58, ReasonMessage.BLUE_MAY_STAY));
            }
            if (place == BowlPlace.POROUS) {
                porous(laying, formula, aim, reasons);
            } else if (place == BowlPlace.ROOTS) {
                reasons.add(new Reason(Rule.R21, ReasonMessage.NATURAL_FIRST));
            }
        }
        if (laying.wetness() != Wetness.DRY) {
            reasons.add(new Reason(
                    Rule.R51,
                    ReasonMessage.ON_WET_HAIR
                            .say()
                            .thing("wetness", laying.wetness())
                            .said()));
        }
        found(formula, aim, reasons);
        oneMore.filter(gain -> gain.before() - gain.after() >= 0.05)
                .ifPresent(gain -> reasons.add(Reason.weighed(
                        Rule.COMPUTED,
                        ReasonMessage.ONE_MORE_BOWL
                                .say()
                                .count("after", gain.after())
                                .count("before", gain.before())
                                .said())));
        reasons.add(misread(laying, application, work));
        reasons.add(new Reason(
                Rule.R62,
                ReasonMessage.RESERVE
                        .say()
                        .share("reserve", HairAmount.reserve())
                        .said()));
        return reasons;
    }

    /** What half a level, which two eyes may differ by, would make of the result. */
    private Reason misread(Laying laying, Application application, Playthrough work) {
        Canvas canvas = work.hair(laying.bands().get(0)).canvas();
        double[] comesTo = new double[2];
        for (int i = 0; i < 2; i++) {
            Draw otherwise = new Draw(i - 0.5, 0, 0, 0, desk.calibration().factors());
            comesTo[i] = application
                    .on(Start.of(canvas).in(otherwise), desk.calibration().factors())
                    .level();
        }
        return Reason.wouldChange(
                Rule.COMPUTED,
                ReasonMessage.MISREAD
                        .say()
                        .tenth("darker", comesTo[0])
                        .tenth("lighter", comesTo[1])
                        .said());
    }

    private void filler(Laying laying, Aim aim, Playthrough work, List<Reason> reasons) {
        Figure from = StepReasons.stand(laying, work);
        double to = laying.bands().stream()
                .flatMap(at -> head.at(at).aim().stream())
                .map(Aim::level)
                .findFirst()
                .orElse(desk.wish().level());
        reasons.add(
                switch (method.filler()) {
                    case MIDPOINT ->
                        new Reason(
                                Rule.R11,
                                ReasonMessage.FILLER_MIDPOINT
                                        .say()
                                        .with("from", from)
                                        .level("to", to)
                                        .level("level", aim.level())
                                        .with("tone", ToneName.figure(Aim.warmth(aim.level())))
                                        .said());
                    case LADDER ->
                        new Reason(
                                Rule.R13,
                                ReasonMessage.FILLER_LADDER
                                        .say()
                                        .with("from", from)
                                        .level("to", to)
                                        .level("level", aim.level())
                                        .said());
                    case ONE_LIGHTER ->
                        new Reason(
                                Rule.R12,
                                ReasonMessage.FILLER_ONE_LIGHTER
                                        .say()
                                        .level("to", to)
                                        .said());
                    case AT_TARGET -> new Reason(Rule.R14, ReasonMessage.FILLER_AT_TARGET);
                    case IN_TARGET -> new Reason(Rule.R15, ReasonMessage.FILLER_IN_TARGET);
                });
        if (method.filler() != School.MIDPOINT) {
            reasons.add(Reason.weighed(Rule.R11, ReasonMessage.OTHER_MIDPOINT.alone()));
        } else {
            reasons.add(Reason.weighed(Rule.R13, ReasonMessage.OTHER_LADDER.alone()));
        }
        reasons.add(new Reason(
                Rule.R20,
                ReasonMessage.NOTHING_LIFTED
                        .say()
                        .tenth("volume", laying.volume())
                        .said()));
        reasons.add(new Reason(Rule.R17, ReasonMessage.ONLY_LIGHTENED));
        reasons.add(new Reason(Rule.R22, ReasonMessage.TELL_ORANGE));
        reasons.add(Reason.wouldChange(
                Rule.R10, ReasonMessage.NO_FILLER_BELOW.say().level("to", to).said()));
    }

    private void purpose(Laying laying, Aim aim, Playthrough work, List<Reason> reasons) {
        switch (laying.action()) {
            case TONER, NEUTRALISE -> {
                reasons.add(new Reason(
                        Rule.R4,
                        ReasonMessage.CANCELS
                                .say()
                                .part(
                                        "canvas",
                                        work.hair(laying.bands().get(0)).look().said())
                                .part("wish", aim.said())
                                .said()));
                reasons.add(new Reason(Rule.R50, ReasonMessage.CANCELS_BY_LEVEL));
                reasons.add(Reason.wouldChange(Rule.R51, ReasonMessage.TONERS_TAKE_FAST.alone()));
            }
            case MELT -> reasons.add(new Reason(Rule.R57, ReasonMessage.MELT));
            case ROOT_TAP -> reasons.add(new Reason(Rule.R56, ReasonMessage.ROOT_TAP));
            case GLOSS -> reasons.add(new Reason(Rule.R71, ReasonMessage.SHEER_LAYER));
            case PRE_TONE -> reasons.add(new Reason(Rule.R53, ReasonMessage.PRE_TONE));
            default ->
                reasons.add(new Reason(
                        Rule.COMPUTED,
                        ReasonMessage.FROM_TO
                                .say()
                                .with("from", StepReasons.stand(laying, work))
                                .part("wish", aim.said())
                                .said()));
        }
    }

    private void shadeClass(Laying.Deposit laying, List<Reason> reasons) {
        reasons.add(
                switch (laying.shadeClass()) {
                    case DEMI -> new Reason(Rule.R18, ReasonMessage.DEMI_HOLDS);
                    case PERMANENT -> new Reason(Rule.R18, ReasonMessage.PERMANENT_HOLDS);
                    case COVERAGE ->
                        new Reason(
                                Rule.R55,
                                ReasonMessage.COVERAGE
                                        .say()
                                        .tenth("volume", laying.volume())
                                        .said());
                    case DIRECT ->
                        new Reason(
                                Rule.R59C,
                                ReasonMessage.DIRECT
                                        .say()
                                        .tenth("minutes", laying.minutes())
                                        .said());
                    case GLOSS -> new Reason(Rule.R18, ReasonMessage.GLOSS_SHEER);
                    case LIGHTEST ->
                        new Reason(
                                Rule.WISH,
                                ReasonMessage.CLASS_BY_HAND
                                        .say()
                                        .thing("class", laying.shadeClass())
                                        .said());
                });
        if (laying.shadeClass() != ShadeClass.COVERAGE && laying.shadeClass() != ShadeClass.DIRECT) {
            boolean opens = laying.volume() > DEPOSIT_ONLY;
            reasons.add(new Reason(
                    opens ? Rule.R9 : Rule.R20,
                    (opens ? ReasonMessage.OPENS : ReasonMessage.DEPOSIT_ONLY)
                            .say()
                            .tenth("volume", laying.volume())
                            .said()));
        }
    }

    private void porous(Laying.Deposit laying, Formula formula, Aim aim, List<Reason> reasons) {
        reasons.add(new Reason(
                Rule.R19,
                ReasonMessage.POROUS_GRABS
                        .say()
                        .tenth("mix", formula.mix().level())
                        .tenth("wish", aim.level())
                        .said()));
        double full = desk.range().habit(laying.shadeClass()).minutes();
        if (laying.minutes() < full) {
            reasons.add(new Reason(
                    Rule.R21,
                    ReasonMessage.DRINKS_FAST
                            .say()
                            .tenth("minutes", laying.minutes())
                            .tenth("full", full)
                            .said()));
        }
    }

    private static void found(Formula formula, Aim aim, List<Reason> reasons) {
        if (formula.tried() <= 1) {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    ReasonMessage.MIXED_BY_HAND
                            .say()
                            .count("misfit", formula.misfit())
                            .part("aim", aim.said())
                            .said()));
        } else {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    ReasonMessage.BEST_OF
                            .say()
                            .part("aim", aim.said())
                            .count("tried", formula.tried())
                            .count("misfit", formula.misfit())
                            .count("oddness", formula.oddness())
                            .said()));
        }
        formula.runnerUp().ifPresent(second -> reasons.add(Reason.weighed(Rule.COMPUTED, next(formula, second))));
        if (!formula.withinRules()) {
            reasons.add(new Reason(Rule.COMPUTED, ReasonMessage.OUTSIDE_RULES));
        }
    }

    private static Said next(Formula formula, Formula.RunnerUp second) {
        boolean nearer = second.misfit() + second.oddness() < formula.misfit() + formula.oddness();
        return nearer && second.mix().thinned() && !formula.mix().thinned()
                ? ReasonMessage.NOT_THINNED
                        .say()
                        .with("mix", second.mix().figure())
                        .count("misfit", second.misfit())
                        .said()
                : ReasonMessage.NEXT_BEST
                        .say()
                        .with("mix", second.mix().figure())
                        .count("misfit", second.misfit())
                        .count("oddness", second.oddness())
                        .said();
    }

    /** What it costs in colour that shades are out. */
    static Reason out(Formula formula, Formula whole, List<Shade> setAside) {
        List<Said> missed = whole.mix().parts().stream()
                .map(Mix.Part::shade)
                .filter(setAside::contains)
                .map(Shade::said)
                .toList();
        return Reason.weighed(
                Rule.COMPUTED,
                missed.isEmpty()
                        ? ReasonMessage.OUT_COSTS_NOTHING.alone()
                        : ReasonMessage.WITH_WHAT_IS_OUT
                                .say()
                                .all("missed", Figure.Joint.AND, missed)
                                .with("mix", whole.mix().figure())
                                .count("whole", whole.misfit())
                                .count("found", formula.misfit())
                                .said());
    }
}
