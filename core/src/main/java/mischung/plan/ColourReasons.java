package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import mischung.Words;
import mischung.change.Application;
import mischung.change.Wetness;
import mischung.doubt.Draw;
import mischung.doubt.Start;
import mischung.formula.Formula;
import mischung.hair.Canvas;
import mischung.hair.LevelScale;
import mischung.product.HairAmount;
import mischung.product.Mix;
import mischung.product.Shade;
import mischung.product.ShadeClass;
import mischung.school.Method;
import mischung.school.School;
import mischung.wish.Aim;
import mischung.wish.WorkedHead;

/** Puts into words why a bowl of colour is as it is, what else was weighed, and what reading would change it. */
final class ColourReasons {
    private static final double DEPOSIT_ONLY = 10;

    private final WorkedHead head;
    private final Desk desk;
    private final Method method;

    ColourReasons(Desk desk, Method method) {
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
            Working work) {
        List<Reason> reasons = new ArrayList<>();
        Aim aim = laying.aim();
        if (laying.action() == Action.FILL) {
            filler(laying, aim, work, reasons);
        } else {
            purpose(laying, aim, work, reasons);
            shadeClass(laying, reasons);
            if (Bowl.mayStay(formula.mix())) {
                reasons.add(new Reason(
                        Rule.R58,
                        "There is blue in it: it may never leave whole. What comes later has to cover it or use it."));
            }
            if (place == BowlPlace.POROUS) {
                porous(laying, formula, aim, reasons);
            } else if (place == BowlPlace.ROOTS) {
                reasons.add(new Reason(Rule.R21, "The natural stretch goes on first and works longest."));
            }
        }
        if (laying.wetness() != Wetness.DRY) {
            reasons.add(new Reason(
                    Rule.R51, "On " + laying.wetness().words() + " hair: quicker to apply, and the water dilutes it."));
        }
        found(formula, aim.words(), reasons);
        oneMore.filter(gain -> gain.before() - gain.after() >= 0.05)
                .ifPresent(gain -> reasons.add(Reason.weighed(
                        Rule.COMPUTED,
                        String.format(
                                Locale.ROOT,
                                "One more bowl for the lighter part: mean difference %.1f instead of %.1f.",
                                gain.after(),
                                gain.before()))));
        reasons.add(misread(laying, application, work));
        reasons.add(new Reason(
                Rule.R62,
                "The grams hold a reserve of " + Words.percent(HairAmount.reserve())
                        + ", rounded up to whole grams a part."));
        return reasons;
    }

    /** What half a level, which two eyes may differ by, would make of the result. */
    private Reason misread(Laying laying, Application application, Working work) {
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
                String.format(
                        Locale.ROOT,
                        "Were it half a level darker or lighter than read, the same mix would come to %s or %s: read again where"
                                + " that matters.",
                        LevelScale.figure(comesTo[0]),
                        LevelScale.figure(comesTo[1])));
    }

    private void filler(Laying laying, Aim aim, Working work, List<Reason> reasons) {
        String from = StepReasons.spoken(laying, work);
        String to = laying.bands().stream()
                .flatMap(at -> head.at(at).aim().stream())
                .map(a -> LevelScale.words(a.level()))
                .findFirst()
                .orElse(LevelScale.words(desk.wish().level()));
        String tone = Aim.warmth(aim.level());
        reasons.add(
                switch (method.filler()) {
                    case MIDPOINT ->
                        new Reason(
                                Rule.R11,
                                "Halfway between " + from + " and " + to + " is " + LevelScale.words(aim.level())
                                        + "; hair lifted to " + LevelScale.words(aim.level())
                                        + " shows that warmth, so the filler is "
                                        + tone + ".");
                    case LADDER ->
                        new Reason(
                                Rule.R13,
                                "From " + from + " down to " + to + " in steps of at most two levels: this one goes to "
                                        + LevelScale.words(aim.level()) + ".");
                    case ONE_LIGHTER ->
                        new Reason(
                                Rule.R12,
                                "One level above the target " + to
                                        + ", short, 10 vol at most; its tone follows the target's. Patchy filler, patchy result.");
                    case AT_TARGET ->
                        new Reason(
                                Rule.R14,
                                "At the target's own level, orange and gold; a matte layer cools it before the target.");
                    case IN_TARGET -> new Reason(Rule.R15, "The warmth goes into the target itself.");
                });
        if (method.filler() != School.MIDPOINT) {
            reasons.add(Reason.weighed(
                    Rule.R11, "The midpoint school: one filler halfway, copper-gold with a touch of red."));
        } else {
            reasons.add(Reason.weighed(Rule.R13, "Two-level steps: more fillers, shorter drops."));
        }
        reasons.add(new Reason(
                Rule.R20, "Nothing is to be lifted: " + LevelScale.figure(laying.volume()) + " vol, no more than 10."));
        reasons.add(new Reason(Rule.R17, "Only on what was lightened, never on the natural root."));
        reasons.add(new Reason(Rule.R22, "Tell the client before the towel comes off: it will look orange for now."));
        reasons.add(Reason.wouldChange(
                Rule.R10, "Read less than three levels above " + to + ": no filler, at most an equaliser."));
    }

    private void purpose(Laying laying, Aim aim, Working work, List<Reason> reasons) {
        switch (laying.action()) {
            case TONER, NEUTRALISE -> {
                reasons.add(new Reason(
                        Rule.R4,
                        "The canvas shows "
                                + laying.bands().stream()
                                        .map(at -> work.hair(at).look().words())
                                        .findFirst()
                                        .orElse("")
                                + " where " + aim.words() + " is wished: its complement cancels what is too much."));
                reasons.add(
                        new Reason(
                                Rule.R50,
                                "Violet or pearl against yellow at 9–10, blue-violet to blue on 7–8, blue to blue-green on 5–6."));
                reasons.add(Reason.wouldChange(
                        Rule.R51, "A wiped strand that is there early: rinse at once; toners take fast."));
            }
            case MELT ->
                reasons.add(new Reason(
                        Rule.R57,
                        "Light first, dark second: the lighter formula dilutes the darker and hides the brush line."));
            case ROOT_TAP -> reasons.add(new Reason(Rule.R56, "A few millimetres only, feathered with the brush."));
            case GLOSS ->
                reasons.add(new Reason(Rule.R71, "A sheer layer that freshens tone; it leaves in some weeks."));
            case PRE_TONE ->
                reasons.add(new Reason(
                        Rule.R53, "Brassy hair is toned for a few minutes first, so the lightener works less."));
            default ->
                reasons.add(new Reason(
                        Rule.COMPUTED,
                        "From " + StepReasons.spoken(laying, work) + " as it is by then to " + aim.words() + "."));
        }
    }

    private void shadeClass(Laying.Deposit laying, List<Reason> reasons) {
        reasons.add(
                switch (laying.shadeClass()) {
                    case DEMI ->
                        new Reason(Rule.R18, "Demi holds better in lightened hair and harms it less than permanent.");
                    case PERMANENT ->
                        new Reason(
                                Rule.R18,
                                "Permanent: where hair was never lightened and is to go darker than it grows, or the client"
                                        + " commits.");
                    case COVERAGE ->
                        new Reason(
                                Rule.R55,
                                "Coverage shade with " + LevelScale.figure(laying.volume())
                                        + " vol: at least half of it is grey.");
                    case DIRECT ->
                        new Reason(
                                Rule.R59C,
                                "Direct colour, as it is, without developer, for "
                                        + LevelScale.figure(laying.minutes())
                                        + " min. Barrier cream on skin and hairline before it, gloves, a cool rinse after.");
                    case GLOSS ->
                        new Reason(
                                Rule.R18,
                                "Gloss: sheer, so that nothing builds up on lengths that have their colour already.");
                    case LIGHTEST ->
                        new Reason(
                                Rule.WISH, Words.capital(laying.shadeClass().words()) + " colour was chosen by hand.");
                });
        if (laying.shadeClass() != ShadeClass.COVERAGE && laying.shadeClass() != ShadeClass.DIRECT) {
            reasons.add(
                    laying.volume() > DEPOSIT_ONLY
                            ? new Reason(
                                    Rule.R9,
                                    LevelScale.figure(laying.volume())
                                            + " vol: hair that was never lifted takes little at 10; it lifts a little, opens it, and comes"
                                            + " clearly nearer. When it fades, warmth shows.")
                            : new Reason(
                                    Rule.R20, LevelScale.figure(laying.volume()) + " vol: deposit only, no lift."));
        }
    }

    private void porous(Laying.Deposit laying, Formula formula, Aim aim, List<Reason> reasons) {
        reasons.add(new Reason(
                Rule.R19,
                "Porous hair grabs darker and cooler: the mix averages level "
                        + LevelScale.figure(formula.mix().level()) + " for a wish of "
                        + LevelScale.figure(aim.level()) + "."));
        double full = desk.range().habit(laying.shadeClass()).minutes();
        if (laying.minutes() < full) {
            reasons.add(new Reason(
                    Rule.R21,
                    "It drinks fast, so it goes on at half time: " + LevelScale.figure(laying.minutes()) + " min of "
                            + LevelScale.figure(full) + "."));
        }
    }

    private static void found(Formula formula, String aim, List<Reason> reasons) {
        if (formula.tried() <= 1) {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    String.format(Locale.ROOT, "Mixed by hand: CIEDE2000 %.1f from %s.", formula.misfit(), aim)));
        } else {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    String.format(
                            Locale.ROOT,
                            "Best for %s of %,d mixes weighed: CIEDE2000 %.1f on the hair as it will be by then, and %.1f"
                                    + " for what is unusual in it.",
                            aim,
                            formula.tried(),
                            formula.misfit(),
                            formula.oddness())));
        }
        formula.runnerUp()
                .ifPresent(second -> reasons.add(Reason.weighed(
                        Rule.COMPUTED,
                        String.format(
                                Locale.ROOT,
                                "Next best: %s, %.1f, and %.1f for what is unusual in it.",
                                second.mix().words(),
                                second.misfit(),
                                second.oddness()))));
        if (!formula.withinRules()) {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    "No mix on the shelf keeps the rules for this bowl; this is the nearest without them."));
        }
    }

    /** What it costs in colour that shades are out. */
    static Reason out(Formula formula, Formula whole, List<Shade> setAside) {
        String missed = whole.mix().parts().stream()
                .map(Mix.Part::shade)
                .filter(setAside::contains)
                .map(Shade::words)
                .collect(Collectors.joining(" and "));
        return Reason.weighed(
                Rule.COMPUTED,
                missed.isEmpty()
                        ? "What is out would not have served here: it costs nothing in colour."
                        : String.format(
                                Locale.ROOT,
                                "With %s, which is out: %s, CIEDE2000 %.1f instead of %.1f.",
                                missed,
                                whole.mix().words(),
                                whole.misfit(),
                                formula.misfit()));
    }
}
