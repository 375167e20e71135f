package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mischung.Words;
import mischung.doubt.LevelRange;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.product.Lightener;
import mischung.wish.Aim;
import mischung.wish.WorkedHead;

/** Puts into words why a laying is as it is, what else was weighed, and what reading would change it. */
final class StepReasons {
    /** In levels; less nobody plans by. */
    private static final double LITTLE = 0.5;

    private final WorkedHead head;

    StepReasons(WorkedHead head) {
        this.head = head;
    }

    List<Reason> treatment(Laying laying, Working work) {
        if (laying instanceof Laying.Wait wait) {
            return List.of(new Reason(
                    Rule.R24,
                    "Half the way today and the rest in " + LevelScale.figure(wait.weeks())
                            + " weeks: gentler, and easier to undo."));
        }
        return switch (laying.action()) {
            case TRIM ->
                List.of(new Reason(Rule.WISH, "What is cut off needs no correcting; a trim of so much is allowed."));
            case CLARIFY -> List.of(clarifying(laying, work));
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
                                        Words.percent(weakest(laying, work)))),
                        Reason.wouldChange(
                                Rule.R39,
                                "A wet strand that stretches without return: rinse, treat, and no more lift today."));
            case DRY -> List.of(new Reason(Rule.R51, "Damp hair dilutes what comes next."));
            case WAIT, CLEANSE, LIGHTEN, PRE_TONE, FILL, NEUTRALISE, TARGET, MELT, ROOT_TAP, TONER, GLOSS -> List.of();
        };
    }

    private Reason clarifying(Laying laying, Working work) {
        boolean toner = laying.bands().stream()
                .allMatch(at -> work.hair(at).lifted()
                        && head.at(at)
                                .aim()
                                .filter(aim -> aim.leastCanvas() > work.hair(at).level())
                                .isPresent());
        return toner
                ? new Reason(
                        Rule.R52,
                        "The toner came out at " + spoken(laying, work)
                                + "; the hair under it is light enough. A clarifying shampoo takes it back; nothing is lifted.")
                : new Reason(
                        Rule.R30, "Clarify first: what lies on the hair would keep the remover from what lies in it.");
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
        boolean darker = laying.bands().stream()
                .anyMatch(at -> head.at(at)
                        .aim()
                        .filter(aim -> aim.level() > work.level(at) + LITTLE)
                        .isPresent());
        reasons.add(new Reason(
                Rule.R30,
                "Old oxidative colour at " + spoken(laying, work)
                        + (darker
                                ? " lies darker than the wish."
                                : " has the depth of the wish, and no colour of that depth cancels its tone.")
                        + " A remover shrinks it and costs little strength; " + laying.times()
                        + (laying.times() == 1 ? " round is" : " rounds are") + " worth it by the model."));
        reasons.add(Reason.weighed(
                Rule.R34,
                "Lightener straight on it: coloured, overlapped hair is slow, and every level costs strength."));
        reasons.add(Reason.wouldChange(
                Rule.R30,
                "Direct dye, or a remover round that took nothing on a strand: lightener on the band instead."));
        return reasons;
    }

    /** What sets it apart from plain powder. */
    private static String why(Lightener make) {
        List<String> all = new ArrayList<>();
        all.add("lifts at " + Words.percent(make.speed()) + " of plain powder's speed");
        all.add("costs " + Words.percent(make.harshness()) + " of its strength for the same lift");
        all.add(make.scalp() ? "made for the scalp too" : "off the scalp only");
        all.add("up to " + LevelScale.figure(make.mostVolume()) + " vol and " + LevelScale.figure(make.mostLevels())
                + " levels");
        make.additive().ifPresent(additive -> all.add(additive.name() + " tones a little while it lifts"));
        return String.join(", ", all);
    }

    List<Reason> lift(Laying.Lift laying, Working work) {
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
                                "A bowl for the dark band alone, in thin sections, kept off its neighbours by cotton or film.");
                    case ROOT ->
                        new Reason(
                                Rule.R33,
                                "The scalp's warmth lifts it two to three times as fast: last, and not above 20 vol.");
                    case OFF_SCALP -> new Reason(Rule.R33, "One to two centimetres off the scalp.");
                    case SPOT -> new Reason(Rule.R35, "Only what stayed dark.");
                    case WOVEN -> new Reason(Rule.R41, "Fine see-through pieces: equal sections give equal lift.");
                    case WASH ->
                        new Reason(
                                Rule.R52,
                                "Only its toner is too dark: the mildest lightener with as much shampoo, at the basin, watched all"
                                        + " the time and rinsed the moment the toner is gone.");
                    case REFRESH -> new Reason(Rule.R34, "Light already: fast and fragile, so weak, open and watched.");
                });
        reasons.add(new Reason(
                Rule.R32,
                LevelScale.figure(laying.volume()) + " vol for hair with " + Words.percent(weakest(laying, work))
                        + " of its strength."));
        laying.lightener()
                .filter(make -> !make.code().isEmpty())
                .ifPresent(make ->
                        reasons.add(new Reason(Rule.R59B, Words.capital(make.words()) + ": " + why(make) + ".")));
        if (laying.times() > 1) {
            reasons.add(new Reason(
                    Rule.R36, "Spent product is wiped off and applied fresh, in small new batches; do not re-wet."));
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

    /** @param comesTo level of the hair when it is rinsed */
    Optional<Reason> further(Laying laying, double comesTo) {
        return laying.bands().stream()
                        .flatMap(at -> head.at(at).aim().stream())
                        .anyMatch(aim -> !aim.direct() && comesTo - aim.level() > LITTLE)
                ? Optional.of(new Reason(
                        Rule.R9,
                        "Lifted further than the wish shows, and toned back: as the toner fades no dark warmth comes"
                                + " through."))
                : Optional.empty();
    }

    private double weakest(Laying laying, Working work) {
        return laying.bands().stream()
                .mapToDouble(at -> work.hair(at).integrity())
                .min()
                .orElse(1);
    }

    /** "10" or "9½–10½": where the bands stand by then; what was not worked on yet, as it was read. */
    static String spoken(Laying laying, Working work) {
        double low =
                laying.bands().stream().mapToDouble(at -> work.level(at)).min().orElseThrow();
        double high =
                laying.bands().stream().mapToDouble(at -> work.level(at)).max().orElseThrow();
        return new LevelRange(low, high).words();
    }
}
