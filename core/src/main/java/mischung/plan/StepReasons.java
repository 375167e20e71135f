package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mischung.change.Wetness;
import mischung.doubt.LevelRange;
import mischung.formula.Formula;
import mischung.hair.BandRef;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.product.HairAmount;
import mischung.product.ShadeClass;
import mischung.school.Method;
import mischung.school.School;
import mischung.wish.Aim;
import mischung.wish.WorkedHead;

/** Puts into words why a laying is as it is, what else was weighed, and what reading would change it. */
final class StepReasons {
    private final WorkedHead head;
    private final Desk desk;
    private final Method method;

    StepReasons(Desk desk, Method method) {
        this.desk = desk;
        this.head = desk.head();
        this.method = method;
    }

    List<Reason> treatment(Laying laying, Working work) {
        return switch (laying.action()) {
            case TRIM ->
                List.of(new Reason(Rule.WISH, "What is cut off needs no correcting; a trim of so much is allowed."));
            case CLARIFY ->
                List.of(new Reason(
                        Rule.R30, "Clarify first: what lies on the hair would keep the remover from what lies in it."));
            case EQUALISE -> equaliser(laying);
            case REMOVE -> remover(laying, work);
            case TREATMENT ->
                List.of(
                        new Reason(
                                Rule.R39,
                                String.format(
                                        Locale.ROOT,
                                        "Lifting spent strength: %s left of untouched hair's in the weakest band. A bond treatment"
                                                + " brings a part back.",
                                        FillerNeed.percent(weakest(laying, work)))),
                        Reason.wouldChange(
                                Rule.R39,
                                "A wet strand that stretches without return: rinse, treat, and no more lift today."));
            case WAIT ->
                List.of(new Reason(
                        Rule.R24,
                        "Half the way today and the rest in " + LevelScale.figure(laying.weeks())
                                + " weeks: gentler, and easier to undo."));
            case DRY -> List.of(new Reason(Rule.R51, "Damp hair dilutes what comes next."));
            case CLEANSE, LIGHTEN, PRE_TONE, FILL, NEUTRALISE, TARGET, MELT, ROOT_TAP, TONER, GLOSS -> List.of();
        };
    }

    private List<Reason> equaliser(Laying laying) {
        List<Reason> reasons = new ArrayList<>();
        if (laying.bands().stream().anyMatch(at -> head.band(at).porosity() == Porosity.VERY_HIGH)) {
            reasons.add(new Reason(
                    Rule.R23,
                    "Very porous hair either grabs or refuses colour; a protein or conditioner layer evens it first."));
        }
        if (laying.bands().stream().anyMatch(at -> head.band(at).porosity() == Porosity.HIGH)) {
            reasons.add(new Reason(
                    Rule.R10, "Less than three levels darker needs no filler, but porous hair an equaliser."));
        }
        reasons.add(Reason.wouldChange(
                Rule.R23, "A wet strand that drinks no faster than its neighbours: no equaliser then."));
        return reasons;
    }

    private List<Reason> remover(Laying laying, Working work) {
        List<Reason> reasons = new ArrayList<>();
        reasons.add(new Reason(
                Rule.R30,
                "Old oxidative colour at " + spoken(laying, work)
                        + " lies darker than the wish. A remover shrinks it and"
                        + " costs next to no strength; " + laying.times()
                        + (laying.times() == 1 ? " round is" : " rounds are") + " worth it by the model."));
        reasons.add(Reason.weighed(
                Rule.R34,
                "Lightener straight on it: coloured, overlapped hair is slow, and every level costs strength."));
        reasons.add(Reason.wouldChange(
                Rule.R30,
                "Direct dye, or a remover round that took nothing on a strand: lightener on the band instead."));
        return reasons;
    }

    List<Reason> lift(Laying laying, Working work) {
        List<Reason> reasons = new ArrayList<>();
        String wished = laying.bands().stream()
                .flatMap(at -> head.at(at).aim().stream())
                .map(Aim::words)
                .findFirst()
                .orElse("nothing lighter");
        reasons.add(new Reason(
                Rule.COMPUTED,
                "It stands at " + spoken(laying, work) + "; for " + wished
                        + " the canvas has to be lighter. The minutes are the least that bring it there, "
                        + (laying.times() > 1 ? laying.times() + " fresh layings of " : "")
                        + LevelScale.figure(laying.minutes()) + " min."));
        if (laying.action() == Action.CLEANSE) {
            reasons.add(new Reason(
                    Rule.R31,
                    "Quick and strong on dark colour: mids first, one to two centimetres off the scalp, watched."));
        }
        reasons.add(
                switch (laying.way()) {
                    case BAND ->
                        new Reason(
                                Rule.R35,
                                "The band alone first, thin sections, cotton or film on both sides, until it meets its neighbours.");
                    case ROOT ->
                        new Reason(
                                Rule.R33,
                                "The scalp's warmth lifts it two to three times as fast: last, and not above 20 vol.");
                    case OFF_SCALP -> new Reason(Rule.R33, "One to two centimetres off the scalp.");
                    case SPOT -> new Reason(Rule.R35, "Only what stayed dark.");
                    case WOVEN -> new Reason(Rule.R41, "Fine see-through pieces: equal sections give equal lift.");
                    case REFRESH -> new Reason(Rule.R34, "Light already: fast and fragile, so weak, open and watched.");
                });
        reasons.add(new Reason(
                Rule.R32,
                LevelScale.figure(laying.volume()) + " vol for hair with " + FillerNeed.percent(weakest(laying, work))
                        + " of its strength."));
        if (laying.times() > 1) {
            reasons.add(new Reason(
                    Rule.R36, "Spent product is wiped off and laid fresh, in small new batches; do not re-wet."));
        }
        if (laying.bands().stream()
                .anyMatch(at -> work.hair(at).level() >= 5 && work.hair(at).level() < 9)) {
            reasons.add(new Reason(Rule.R37, "From orange to yellow it goes slowest; do not judge it there."));
        }
        reasons.add(Reason.weighed(
                Rule.R32,
                "Stronger and shorter: " + LevelScale.figure(Math.min(40, laying.volume() + 10))
                        + " vol saves time and costs more strength for the same lift."));
        reasons.add(Reason.wouldChange(
                Rule.R38, "The first section: two readings too dark there, and plan B below begins."));
        reasons.add(Reason.wouldChange(Rule.R39, "A wet strand that does not return: stop, rinse, treat."));
        return reasons;
    }

    List<Reason> colour(Laying laying, BowlPlace place, Formula formula, Optional<Bowl.Gain> oneMore, Working work) {
        List<Reason> reasons = new ArrayList<>();
        Aim aim = laying.aim().orElseThrow();
        if (laying.action() == Action.FILL) {
            filler(laying, aim, work, reasons);
        } else {
            purpose(laying, aim, work, reasons);
            shadeClass(laying, reasons);
            if (place == BowlPlace.POROUS) {
                porous(laying, formula, aim, reasons);
            } else if (place == BowlPlace.ROOTS) {
                reasons.add(new Reason(Rule.R21, "The natural stretch goes on first and works longest."));
            }
        }
        if (laying.wetness() != Wetness.DRY) {
            reasons.add(new Reason(
                    Rule.R51, "On " + laying.wetness().words() + " hair: quicker to lay, and the water dilutes it."));
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
        reasons.add(new Reason(
                Rule.R62,
                "The grams hold a reserve of " + FillerNeed.percent(HairAmount.reserve())
                        + ", rounded up to whole grams a part."));
        return reasons;
    }

    private void filler(Laying laying, Aim aim, Working work, List<Reason> reasons) {
        String from = spoken(laying, work);
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
                        Rule.COMPUTED, "From " + spoken(laying, work) + " as it is by then to " + aim.words() + "."));
        }
    }

    private void shadeClass(Laying laying, List<Reason> reasons) {
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
                    case GLOSS, LIGHTEST, DIRECT ->
                        new Reason(Rule.WISH, capital(laying.shadeClass().words()) + " colour was chosen by hand.");
                });
        if (laying.shadeClass() != ShadeClass.COVERAGE) {
            reasons.add(new Reason(Rule.R20, LevelScale.figure(laying.volume()) + " vol: deposit only, no lift."));
        }
    }

    private void porous(Laying laying, Formula formula, Aim aim, List<Reason> reasons) {
        reasons.add(new Reason(
                Rule.R19,
                "Porous hair grabs darker and cooler: the mix averages level "
                        + LevelScale.figure(formula.mix().level()) + " for a wish of "
                        + LevelScale.figure(aim.level()) + "."));
        if (laying.minutes() < laying.shadeClass().fullMinutes()) {
            reasons.add(new Reason(
                    Rule.R21,
                    "It drinks fast, so it goes on at half time: " + LevelScale.figure(laying.minutes()) + " min of "
                            + LevelScale.figure(laying.shadeClass().fullMinutes()) + "."));
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
                            "Nearest to %s of %,d mixes weighed: CIEDE2000 %.1f on the hair as it will be by then.",
                            aim,
                            formula.tried(),
                            formula.misfit())));
        }
        formula.runnerUp()
                .ifPresent(second -> reasons.add(Reason.weighed(
                        Rule.COMPUTED,
                        String.format(
                                Locale.ROOT,
                                "Next best: %s, %.1f.",
                                second.mix().words(),
                                second.misfit()))));
        if (!formula.withinRules()) {
            reasons.add(new Reason(
                    Rule.COMPUTED,
                    "No mix on the shelf keeps the rules for this bowl; this is the nearest without them."));
        }
    }

    private double weakest(Laying laying, Working work) {
        return laying.bands().stream()
                .mapToDouble(at -> work.hair(at).integrity())
                .min()
                .orElse(1);
    }

    /** "10" or "9½–10½": where the bands stand by then; what was not worked on yet, as it was read. */
    private String spoken(Laying laying, Working work) {
        double low =
                laying.bands().stream().mapToDouble(at -> level(at, work)).min().orElseThrow();
        double high =
                laying.bands().stream().mapToDouble(at -> level(at, work)).max().orElseThrow();
        return new LevelRange(low, high).words();
    }

    private double level(BandRef at, Working work) {
        return work.hair(at).equals(desk.start(at))
                ? head.band(at).level()
                : work.hair(at).level();
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
