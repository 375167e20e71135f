package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mischung.change.Application;
import mischung.doubt.LevelRange;
import mischung.hair.BandRef;
import mischung.hair.Head;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.ToneName;
import mischung.product.Developer;
import mischung.product.HairAmount;
import mischung.product.ShadeClass;

/** Puts into words why a bowl is as it is. */
final class BowlReasons {
    private final Head head;
    private final Wish wish;
    private final School school;

    BowlReasons(Head head, Wish wish, School school) {
        this.head = head;
        this.wish = wish;
        this.school = school;
    }

    List<Reason> equaliser(List<BandRef> bands) {
        List<Reason> reasons = new ArrayList<>();
        if (bands.stream().anyMatch(at -> head.band(at).porosity() == Porosity.VERY_HIGH)) {
            reasons.add(new Reason(
                    Rule.R23,
                    "Very porous hair either grabs or refuses colour; a protein or conditioner layer evens it first."));
        }
        if (bands.stream().anyMatch(at -> head.band(at).porosity() == Porosity.HIGH)) {
            reasons.add(new Reason(
                    Rule.R10, "Less than three levels darker needs no filler, but porous hair an equaliser."));
        }
        return reasons;
    }

    List<Reason> filler(List<BandRef> group, double aim, int left, Formula formula, boolean porous) {
        List<Reason> reasons = new ArrayList<>();
        String from = spoken(group);
        String tone = FillerLevels.tone(aim);
        if (school == School.MIDPOINT) {
            reasons.add(new Reason(
                    Rule.R11,
                    "Halfway between " + from + " and " + LevelScale.words(wish.level()) + " is "
                            + LevelScale.words(aim) + "; hair lifted to " + LevelScale.words(aim) + " shows "
                            + ToneName.contributing(aim) + ", so the filler is " + tone + "."));
        } else {
            reasons.add(new Reason(
                    Rule.R13,
                    "From " + from + " down to " + LevelScale.words(wish.level())
                            + " in steps of at most two levels: this one goes to " + LevelScale.words(aim) + ", "
                            + (left == 1 ? "the target follows." : (left - 1) + " more before the target.")));
        }
        reasons.add(
                new Reason(Rule.R20, "Nothing is to be lifted: " + (porous ? "6" : "10") + " vol, no more than 10."));
        reasons.add(found(formula, LevelScale.words(aim) + " " + tone));
        reasons.add(new Reason(Rule.R22, "Tell the client before the towel comes off: it will look orange for now."));
        reasons.add(reserve());
        return reasons;
    }

    List<Reason> target(
            List<BandRef> group, BowlPlace place, Application application, Developer developer, Formula formula) {
        List<Reason> reasons = new ArrayList<>();
        ShadeClass shadeClass = application.shadeClass();
        reasons.add(
                switch (shadeClass) {
                    case DEMI ->
                        new Reason(Rule.R18, "Demi holds better in lightened hair and harms it less than permanent.");
                    case PERMANENT ->
                        new Reason(
                                Rule.R18,
                                "Permanent: this hair was never lightened and is to go darker than it grows.");
                    case COVERAGE ->
                        new Reason(
                                Rule.R55,
                                "Coverage shade with " + developer.words() + ": at least half of it is grey.");
                    case GLOSS, LIGHTEST, DIRECT ->
                        throw new IllegalStateException("No target is laid with " + shadeClass);
                });
        if (shadeClass != ShadeClass.COVERAGE) {
            reasons.add(new Reason(Rule.R20, developer.words() + ": deposit only, no lift."));
        }
        if (place == BowlPlace.POROUS) {
            reasons.add(new Reason(
                    Rule.R19,
                    "Porous hair grabs darker and cooler: the mix averages level "
                            + LevelScale.figure(formula.mix().level()) + " for a wish of "
                            + LevelScale.figure(wish.level()) + "."));
            if (application.minutes() < shadeClass.fullMinutes()) {
                reasons.add(new Reason(
                        Rule.R21,
                        "It drinks fast, so it goes on at half time: "
                                + LevelScale.figure(application.minutes()) + " min of "
                                + LevelScale.figure(shadeClass.fullMinutes()) + "."));
            }
        } else if (place == BowlPlace.ROOTS) {
            reasons.add(new Reason(Rule.R21, "The natural stretch goes on first and works longest."));
        }
        reasons.add(found(formula, wish.words()));
        reasons.add(reserve());
        return reasons;
    }

    private static Reason found(Formula formula, String aim) {
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                "Nearest to %s of %,d mixes weighed: CIEDE2000 %.1f on the hair as it will be by then.",
                aim,
                formula.tried(),
                formula.misfit()));
        formula.runnerUp()
                .ifPresent(second -> text.append(String.format(
                        Locale.ROOT, " Next best: %s, %.1f.", second.mix().words(), second.misfit())));
        if (!formula.withinRules()) {
            text.append(" No mix on the shelf keeps the rules for this bowl; this is the nearest without them.");
        }
        return new Reason(Rule.COMPUTED, text.toString());
    }

    private static Reason reserve() {
        return new Reason(
                Rule.R62,
                "The grams hold a reserve of " + FillerNeed.percent(HairAmount.reserve())
                        + ", rounded up to whole grams a part.");
    }

    /** "10" or "9½–10½": the levels the group was read at. */
    private String spoken(List<BandRef> group) {
        double low =
                group.stream().mapToDouble(at -> head.band(at).level()).min().orElseThrow();
        double high =
                group.stream().mapToDouble(at -> head.band(at).level()).max().orElseThrow();
        return new LevelRange(low, high).words();
    }
}
