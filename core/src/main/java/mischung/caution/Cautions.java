package mischung.caution;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mischung.caution.Caution.Strength;
import mischung.caution.Work.Trait;
import mischung.consultation.Answer;
import mischung.consultation.Consultation;
import mischung.consultation.CutStrand;
import mischung.consultation.HomeColour;
import mischung.consultation.PatchTest;
import mischung.consultation.Scalp;
import mischung.hair.Band;
import mischung.hair.Fibre;
import mischung.history.Service;
import mischung.mix.BowlContent;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.process.Change;
import mischung.said.Figure;

/**
 * The rule set: what must be settled before a piece of work, for this client on this day. Common practice; local law and the
 * maker's instructions come first.
 */
public final class Cautions {
    /** Where nobody's hair is spoken of, these have nobody to be asked. */
    private static final Set<CautionRule> OF_THE_CLIENT =
            EnumSet.of(CautionRule.UNDER_AGE, CautionRule.PREGNANCY, CautionRule.MEDICATION, CautionRule.ASTHMA);

    private final Consultation told;
    private final Set<Service> onTheHair;
    private final ZonedDateTime now;

    private Cautions(Consultation told, Set<Service> onTheHair, ZonedDateTime now) {
        this.told = told;
        this.onTheHair = onTheHair;
        this.now = now;
    }

    /**
     * @param onTheHair what the history has laid on the hair that is still there
     * @param now by the clock: the day a visit is booked for says nothing of what has passed by then
     */
    public static Cautions forClient(Consultation told, Set<Service> onTheHair, ZonedDateTime now) {
        return new Cautions(told, onTheHair, now);
    }

    /** For hair of nobody, as on the page that shows the model at work: everything is still to be asked. */
    public static List<Caution> of(Change change, Fibre end) {
        Cautions nobody = new Cautions(Consultation.unasked(), Set.of(), Instant.EPOCH.atZone(ZoneOffset.UTC));
        return nobody.all(Work.of(change, end)).stream()
                .filter(c -> !OF_THE_CLIENT.contains(c.rule()))
                .map(c -> c.strength() == Strength.BLOCK && !ofTheProduct(c.rule()) ? c.reminding() : c)
                .toList();
    }

    private static boolean ofTheProduct(CautionRule rule) {
        return rule == CautionRule.STRONG_AT_SCALP || rule == CautionRule.CLEANSE_AT_SCALP;
    }

    /**
     * Before one product goes on one band.
     *
     * @param end the hair as the model leaves it
     * @param onHead false for a piece of it that was cut off
     */
    public List<Caution> before(Change change, Band band, Fibre end, boolean onHead) {
        return all(Work.of(change, band, end, onHead));
    }

    /** Before a round of a plan. */
    public List<Caution> before(Plan plan, PlanStep step) {
        List<Caution> all = new ArrayList<>(Work.of(plan, step).stream()
                .flatMap(work -> all(work).stream())
                .distinct()
                .toList());
        boolean keptOff = plan.head().bands().stream()
                .anyMatch(at -> !step.bands().contains(at)
                        && !step.outcome(at).cut()
                        && plan.head()
                                .band(at)
                                .detail()
                                .stretch()
                                .filter(felt -> !felt.mayGoOn())
                                .isPresent());
        if (keptOff && !all.isEmpty()) {
            all.add(Caution.warn(CautionRule.STRENGTH_FELT, CautionMessage.STRETCH_LEFT_OUT));
        }
        return all;
    }

    /**
     * Before a bowl goes on, judged by what is in it.
     *
     * @param touchesScalp whether it does, or may because nobody said where it goes
     */
    public List<Caution> before(BowlContent content, boolean touchesScalp) {
        return all(Work.of(content, touchesScalp));
    }

    /** Before anything of a plan. */
    public List<Caution> before(Plan plan) {
        if (plan.steps().isEmpty()) {
            return List.of();
        }
        return List.of(
                Caution.remind(CautionRule.PREDICTION, CautionMessage.PREDICTION),
                Caution.remind(CautionRule.LOCAL_LAW, CautionMessage.LOCAL_LAW));
    }

    private List<Caution> all(Work work) {
        List<Caution> all = new ArrayList<>();
        if (work.is(Trait.ON_HEAD)) {
            reactions(work, all);
            patchTest(work, all);
            scalp(work, all);
            client(work, all);
        }
        homeColour(work, all);
        HairCautions.of(work, all);
        air(work, all);
        return all;
    }

    /** Stop on any earlier reaction, also to a temporary black henna tattoo, which often holds the same dye. */
    private void reactions(Work work, List<Caution> all) {
        boolean reacted = told.earlierReaction() == Answer.YES;
        if (work.is(Trait.PERSULFATE) && reacted) {
            all.add(allergic(
                    CautionRule.EARLIER_REACTION_LIGHTENER,
                    CautionMessage.REACTED_LIGHTENER,
                    CautionMessage.REACTED_LIGHTENER_TO));
        }
        if (!work.is(Trait.COLOUR)) {
            return;
        }
        if (reacted) {
            all.add(allergic(CautionRule.EARLIER_REACTION, CautionMessage.REACTED, CautionMessage.REACTED_TO));
        } else if (told.earlierReaction() == Answer.NOT_ASKED) {
            all.add(Caution.open(CautionRule.EARLIER_REACTION, CautionMessage.REACTION_NOT_ASKED));
        }
        if (!work.is(Trait.OXIDATIVE)) {
            return;
        }
        if (told.blackTattoo() == Answer.YES) {
            all.add(Caution.block(CautionRule.BLACK_TATTOO, CautionMessage.BLACK_TATTOO));
        } else if (told.blackTattoo() == Answer.NOT_ASKED) {
            all.add(Caution.open(CautionRule.BLACK_TATTOO, CautionMessage.BLACK_TATTOO_NOT_ASKED));
        }
    }

    /** @param to the same where somebody has noted what the client reacts to */
    private Caution allergic(CautionRule rule, CautionMessage message, CautionMessage to) {
        String allergies = told.allergies().strip();
        return allergies.isEmpty()
                ? Caution.block(rule, message)
                : Caution.block(rule, to).with("allergies", new Figure.Typed(allergies));
    }

    private void patchTest(Work work, List<Caution> all) {
        if (!work.is(Trait.OXIDATIVE)) {
            return;
        }
        PatchTest test = told.patchTest();
        Figure hours = new Figure.Count(PatchTest.hours());
        Optional<Caution> standing = switch (test.at(now)) {
            // A reaction on the skin is an earlier reaction, so nobody may take it on.
            case REACTED -> Optional.of(Caution.block(CautionRule.EARLIER_REACTION, CautionMessage.PATCH_REACTED));
            case NOT_LAID -> Optional.of(patch(CautionMessage.PATCH_NOT_APPLIED).with("hours", hours));
            case NOT_READ -> Optional.of(patchOf(CautionMessage.PATCH_NOT_READ).with("hours", hours));
            case READ_TOO_EARLY ->
                Optional.of(patchOf(CautionMessage.PATCH_READ_TOO_EARLY).with("hours", hours));
            case STILL_TO_COME -> Optional.of(patch(CautionMessage.PATCH_STILL_TO_COME));
            case TOO_OLD ->
                Optional.of(patchOf(CautionMessage.PATCH_TOO_OLD).with("weeks", new Figure.Count(PatchTest.weeks())));
            case CLEAR -> Optional.empty();
        };
        standing.ifPresent(all::add);
    }

    private static Caution patch(CautionMessage message) {
        return Caution.open(CautionRule.PATCH_TEST, message);
    }

    /** Of one that was applied, with its day. */
    private Caution patchOf(CautionMessage message) {
        return patch(message)
                .with(
                        "day",
                        new Figure.Day(told.patchTest().placed().orElseThrow().toLocalDate()));
    }

    private void scalp(Work work, List<Caution> all) {
        if (told.scalp() == Scalp.BROKEN && work.is(Trait.PRODUCT)) {
            all.add(Caution.block(CautionRule.SCALP, CautionMessage.SCALP_BROKEN));
            return;
        }
        boolean touches = work.is(Trait.PERSULFATE) || work.is(Trait.OXIDATIVE);
        if (!touches) {
            return;
        }
        if (told.scalp() == Scalp.IRRITATED) {
            all.add(Caution.block(CautionRule.SCALP, CautionMessage.SCALP_IRRITATED));
        } else if (told.scalp() == Scalp.NOT_LOOKED_AT) {
            all.add(Caution.open(CautionRule.SCALP, CautionMessage.SCALP_NOT_LOOKED_AT));
        }
    }

    private void client(Work work, List<Caution> all) {
        if (!work.is(Trait.COLOUR) && !work.is(Trait.PERSULFATE)) {
            return;
        }
        if (told.underAge() == Answer.YES && !told.guardianAgreed()) {
            all.add(Caution.block(CautionRule.UNDER_AGE, CautionMessage.UNDER_AGE));
        } else if (told.underAge() == Answer.NOT_ASKED) {
            all.add(Caution.warn(CautionRule.UNDER_AGE, CautionMessage.AGE_NOT_ASKED));
        }
        if (told.pregnant() == Answer.YES) {
            all.add(Caution.warn(CautionRule.PREGNANCY, CautionMessage.PREGNANT));
        } else if (told.pregnant() == Answer.NOT_ASKED) {
            all.add(Caution.warn(CautionRule.PREGNANCY, CautionMessage.PREGNANCY_NOT_ASKED));
        }
        String medication = told.medicationWords().strip();
        if (told.medication() == Answer.NOT_ASKED) {
            all.add(Caution.warn(CautionRule.MEDICATION, CautionMessage.MEDICATION_NOT_ASKED));
        } else if (told.medication() == Answer.YES) {
            all.add(
                    medication.isEmpty()
                            ? Caution.warn(CautionRule.MEDICATION, CautionMessage.MEDICATION)
                            : Caution.warn(CautionRule.MEDICATION, CautionMessage.MEDICATION_OF)
                                    .with("which", new Figure.Typed(medication)));
        }
    }

    private void homeColour(Work work, List<Caution> all) {
        if (!work.peroxide() && !work.is(Trait.REMOVER)) {
            return;
        }
        Optional<Figure> suspected = suspectedOnTheHair();
        if (suspected.isPresent() && told.cutStrand() != CutStrand.COOL_AND_WHOLE && work.is(Trait.ON_HEAD)) {
            Caution caution = told.cutStrand() == CutStrand.REACTED
                    ? Caution.block(CautionRule.HOME_COLOUR, CautionMessage.CUT_STRAND_REACTED)
                    : Caution.open(CautionRule.HOME_COLOUR, CautionMessage.CUT_STRAND_FIRST);
            all.add(caution.with("what", suspected.get()));
        } else if (suspected.isPresent() && told.cutStrand() == CutStrand.NOT_TESTED) {
            all.add(Caution.warn(CautionRule.HOME_COLOUR, CautionMessage.CUT_STRAND_NOW));
        } else if (told.homeColour() == HomeColour.NOT_ASKED && work.is(Trait.ON_HEAD)) {
            all.add(Caution.open(CautionRule.HOME_COLOUR, CautionMessage.HOME_COLOUR_NOT_ASKED));
        }
    }

    /** What may react with peroxide, by the answer or by the history. */
    private Optional<Figure> suspectedOnTheHair() {
        if (told.homeColour().suspicious()) {
            return Optional.of(Figure.Named.of(told.homeColour()));
        }
        return onTheHair.stream()
                .filter(service -> service.family() == Service.Family.DEPOSIT_OF_RISK)
                .<Figure>map(Figure.Named::of)
                .findFirst();
    }

    private void air(Work work, List<Caution> all) {
        if (work.is(Trait.PERSULFATE)) {
            if (work.is(Trait.ON_HEAD) && told.asthma() == Answer.YES) {
                all.add(Caution.block(CautionRule.ASTHMA, CautionMessage.ASTHMA));
            } else if (work.is(Trait.ON_HEAD) && told.asthma() == Answer.NOT_ASKED) {
                all.add(Caution.warn(CautionRule.ASTHMA, CautionMessage.ASTHMA_NOT_ASKED));
            }
            all.add(Caution.remind(CautionRule.PERSULFATES, CautionMessage.PERSULFATES));
        }
        if (work.is(Trait.FOIL_AND_WARMTH)) {
            all.add(Caution.warn(CautionRule.FOIL_AND_WARMTH, CautionMessage.FOIL_AND_WARMTH));
        }
        if (work.peroxide() || work.is(Trait.PERSULFATE)) {
            all.add(Caution.remind(CautionRule.PROTECTION, CautionMessage.PROTECTION));
        }
    }
}
