package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.DyeKind;
import mischung.hair.Porosity;
import mischung.product.Lightener;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Saying;
import mischung.wish.Aim;
import mischung.wish.WorkedHead;

/** Says why a laying is as it is, what else was weighed, and what reading would change it. */
final class StepReasons {
    /** In levels; less nobody plans by. */
    private static final double LITTLE = 0.5;

    private final WorkedHead head;

    StepReasons(WorkedHead head) {
        this.head = head;
    }

    List<Reason> treatment(Laying laying, Playthrough work) {
        if (laying instanceof Laying.Wait wait) {
            return List.of(new Reason(
                    Rule.R24,
                    ReasonMessage.HALF_NOW.say().tenth("weeks", wait.weeks()).said()));
        }
        return switch (laying.action()) {
            case TRIM -> List.of(new Reason(Rule.WISH, ReasonMessage.TRIM));
            case CLARIFY -> List.of(clarifying(laying, work));
            case EQUALISE -> equaliser(laying);
            case REMOVE -> remover(laying, work);
            case TREATMENT ->
                List.of(
                        new Reason(
                                Rule.R39,
                                ReasonMessage.TREATMENT
                                        .say()
                                        .share("left", weakest(laying, work))
                                        .said()),
                        Reason.wouldChange(Rule.R39, ReasonMessage.STRETCHES_WITHOUT_RETURN.alone()));
            case DRY -> List.of(new Reason(Rule.R51, ReasonMessage.DAMP_DILUTES));
            case WAIT, CLEANSE, LIGHTEN, PRE_TONE, FILL, NEUTRALISE, TARGET, MELT, ROOT_TAP, TONER, GLOSS -> List.of();
        };
    }

    private Reason clarifying(Laying laying, Playthrough work) {
        boolean toner = laying.bands().stream()
                .allMatch(at -> work.hair(at).lifted()
                        && head.at(at)
                                .aim()
                                .filter(aim -> aim.leastCanvas() > work.hair(at).level())
                                .isPresent());
        if (toner) {
            return new Reason(
                    Rule.R52,
                    ReasonMessage.TONER_TOO_DARK
                            .say()
                            .with("level", stand(laying, work))
                            .said());
        }
        boolean direct = laying.bands().stream()
                .allMatch(at ->
                        work.hair(at).canvas().coloured().dyes(DyeKind.DIRECT).total() > Lifting.DYE_SEEN);
        return direct
                ? new Reason(Rule.R58, ReasonMessage.DIRECT_WASHES_OUT)
                : new Reason(Rule.R30, ReasonMessage.CLARIFY_FIRST);
    }

    private List<Reason> equaliser(Laying laying) {
        List<Reason> reasons = new ArrayList<>();
        if (laying.bands().stream().anyMatch(at -> head.band(at).porosity() == Porosity.VERY_HIGH)) {
            reasons.add(new Reason(Rule.R23, ReasonMessage.VERY_POROUS_EVENED));
        }
        if (laying.bands().stream().anyMatch(at -> head.band(at).porosity() == Porosity.HIGH)) {
            reasons.add(new Reason(Rule.R10, ReasonMessage.POROUS_EVENED));
        }
        reasons.add(Reason.wouldChange(Rule.R23, ReasonMessage.DRINKS_NO_FASTER.alone()));
        return reasons;
    }

    private List<Reason> remover(Laying laying, Playthrough work) {
        boolean darker = laying.bands().stream()
                .anyMatch(at -> head.at(at)
                        .aim()
                        .filter(aim -> aim.level() > work.level(at) + LITTLE)
                        .isPresent());
        return List.of(
                new Reason(
                        Rule.R30,
                        (darker ? ReasonMessage.REMOVE_DARKER : ReasonMessage.REMOVE_TONE)
                                .say()
                                .with("level", stand(laying, work))
                                .count("rounds", laying.times())
                                .said()),
                Reason.weighed(Rule.R34, ReasonMessage.LIGHTENER_STRAIGHT.alone()),
                Reason.wouldChange(Rule.R30, ReasonMessage.REMOVER_IN_VAIN.alone()));
    }

    /** What sets it apart from plain powder. */
    private static Said apart(Lightener make) {
        Saying apart = (make.additive().isPresent() ? ReasonMessage.LIGHTENER_WITH : ReasonMessage.LIGHTENER)
                .say()
                .part("name", make.said())
                .share("speed", make.speed())
                .share("harshness", make.harshness())
                .in("scalp", make.scalp())
                .tenth("volume", make.mostVolume())
                .tenth("levels", make.mostLevels());
        make.additive().ifPresent(additive -> apart.typed("additive", additive.name()));
        return apart.said();
    }

    List<Reason> lift(Laying.Lift laying, Playthrough work) {
        List<Reason> reasons = new ArrayList<>();
        Optional<Aim> wished = laying.bands().stream()
                .flatMap(at -> head.at(at).aim().stream())
                .findFirst();
        Saying why = (wished.isPresent() ? ReasonMessage.LIFT : ReasonMessage.LIFT_FOR_NOTHING)
                .say()
                .with("level", stand(laying, work))
                .count("rounds", laying.times())
                .tenth("minutes", laying.minutes());
        wished.ifPresent(aim -> why.part("wish", aim.said()));
        reasons.add(new Reason(Rule.COMPUTED, why.said()));
        if (laying.action() == Action.CLEANSE) {
            reasons.add(new Reason(Rule.R31, ReasonMessage.CLEANSE));
        }
        reasons.add(
                switch (laying.way()) {
                    case BAND -> new Reason(Rule.R35, ReasonMessage.WAY_BAND);
                    case ROOT -> new Reason(Rule.R33, ReasonMessage.WAY_ROOT);
                    case OFF_SCALP -> new Reason(Rule.R33, ReasonMessage.WAY_OFF_SCALP);
                    case SPOT -> new Reason(Rule.R35, ReasonMessage.WAY_SPOT);
                    case WOVEN -> new Reason(Rule.R41, ReasonMessage.WAY_WOVEN);
                    case WASH -> new Reason(Rule.R52, ReasonMessage.WAY_WASH);
                    case REFRESH -> new Reason(Rule.R34, ReasonMessage.WAY_REFRESH);
                });
        reasons.add(new Reason(
                Rule.R32,
                ReasonMessage.VOLUME_BY_STRENGTH
                        .say()
                        .tenth("volume", laying.volume())
                        .share("left", weakest(laying, work))
                        .said()));
        laying.lightener()
                .filter(make -> !make.code().isEmpty())
                .ifPresent(make -> reasons.add(new Reason(Rule.R59B, apart(make))));
        if (laying.times() > 1) {
            reasons.add(new Reason(Rule.R36, ReasonMessage.REFRESHED));
        }
        if (laying.bands().stream()
                .anyMatch(at -> work.hair(at).level() >= 5 && work.hair(at).level() < 9)) {
            reasons.add(new Reason(Rule.R37, ReasonMessage.SLOWEST_STRETCH));
        }
        reasons.add(Reason.weighed(
                Rule.R32,
                ReasonMessage.STRONGER_AND_SHORTER
                        .say()
                        .tenth("volume", Math.min(40, laying.volume() + 10))
                        .said()));
        reasons.add(Reason.wouldChange(Rule.R38, ReasonMessage.FIRST_SECTION.alone()));
        reasons.add(Reason.wouldChange(Rule.R39, ReasonMessage.STRAND_STAYS_STRETCHED.alone()));
        return reasons;
    }

    /** @param comesTo level of the hair when it is rinsed */
    Optional<Reason> further(Laying laying, double comesTo) {
        return laying.bands().stream()
                        .flatMap(at -> head.at(at).aim().stream())
                        .anyMatch(aim -> !aim.direct() && comesTo - aim.level() > LITTLE)
                ? Optional.of(new Reason(Rule.R9, ReasonMessage.LIFTED_FURTHER))
                : Optional.empty();
    }

    private double weakest(Laying laying, Playthrough work) {
        return laying.bands().stream()
                .mapToDouble(at -> work.hair(at).integrity())
                .min()
                .orElse(1);
    }

    /** Where the bands stand by then; what was not worked on yet, as it was read. */
    static Figure stand(Laying laying, Playthrough work) {
        double low =
                laying.bands().stream().mapToDouble(at -> work.level(at)).min().orElseThrow();
        double high =
                laying.bands().stream().mapToDouble(at -> work.level(at)).max().orElseThrow();
        return new Figure.Levels(low, high);
    }
}
