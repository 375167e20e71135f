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
import mischung.change.Change;
import mischung.consult.Answer;
import mischung.consult.Consultation;
import mischung.consult.CutStrand;
import mischung.consult.HomeColour;
import mischung.consult.PatchTest;
import mischung.consult.Scalp;
import mischung.hair.Band;
import mischung.hair.Fibre;
import mischung.history.Service;
import mischung.mix.BowlContent;
import mischung.plan.Plan;
import mischung.plan.PlanStep;

/**
 * The rule set: what must be settled before a piece of work, for this client on this day. Common practice; local law and the
 * maker's instructions come first.
 */
public final class Cautions {
    private static final String ONLY_A_DOCTOR =
            "A doctor's word that names this product; nobody in the salon can lift it.";

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
                .map(c -> c.strength() == Strength.BLOCK && !ofTheProduct(c.rule())
                        ? new Caution(c.rule(), Strength.REMIND, c.sentence(), c.lifts(), c.open())
                        : c)
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
            all.add(Caution.warn(
                    CautionRule.STRENGTH_FELT,
                    "Some of this hair failed the stretch test and is left out: keep everything but care off it.",
                    "A treatment, and a wet strand that springs back."));
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
                Caution.remind(
                        CautionRule.PREDICTION,
                        "The colours shown are computed. Lay the filler and the target on a hidden strand before the head.",
                        "A strand test that came out as shown."),
                Caution.remind(
                        CautionRule.LOCAL_LAW,
                        "Local law, the maker's instructions and licensed practice come first.",
                        "Nothing; it always holds."));
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
        if (work.is(Trait.PERSULFATE) && told.earlierReaction() == Answer.YES) {
            all.add(
                    Caution.block(
                            CautionRule.EARLIER_REACTION_LIGHTENER,
                            "The client reacted to colour before" + allergies()
                                    + ". Skin that has reacted once answers sooner to lightener too: no lightener.",
                            "A doctor's word that names this product; or somebody takes it on by name, off the scalp and watched."));
        }
        if (!work.is(Trait.COLOUR)) {
            return;
        }
        if (told.earlierReaction() == Answer.YES) {
            all.add(Caution.block(
                    CautionRule.EARLIER_REACTION,
                    "The client reacted to colour before" + allergies()
                            + ". The next reaction can be far worse: no colour.",
                    ONLY_A_DOCTOR));
        } else if (told.earlierReaction() == Answer.NOT_ASKED) {
            all.add(Caution.open(
                    CautionRule.EARLIER_REACTION,
                    "Nobody has asked yet whether the client ever reacted to hair colour.",
                    "Ask, and note the answer in the consultation."));
        }
        if (!work.is(Trait.OXIDATIVE)) {
            return;
        }
        if (told.blackTattoo() == Answer.YES) {
            all.add(Caution.block(
                    CautionRule.BLACK_TATTOO,
                    "The client reacted to a temporary black henna tattoo. It often holds the dye that oxidative colour is made"
                            + " of: no oxidative colour.",
                    ONLY_A_DOCTOR));
        } else if (told.blackTattoo() == Answer.NOT_ASKED) {
            all.add(Caution.open(
                    CautionRule.BLACK_TATTOO,
                    "Nobody has asked yet about a reaction to a temporary black henna tattoo.",
                    "Ask, and note the answer in the consultation."));
        }
    }

    private String allergies() {
        return told.allergies().isBlank() ? "" : " (" + told.allergies().strip() + ")";
    }

    private void patchTest(Work work, List<Caution> all) {
        if (!work.is(Trait.OXIDATIVE)) {
            return;
        }
        PatchTest test = told.patchTest();
        int hours = (int) PatchTest.hours();
        String of = test.placed().map(at -> at.toLocalDate().toString()).orElse("");
        Optional<Caution> standing = switch (test.at(now)) {
            // A reaction on the skin is an earlier reaction, so nobody may take it on.
            case REACTED ->
                Optional.of(Caution.block(
                        CautionRule.EARLIER_REACTION,
                        "The patch test showed a reaction: no oxidative colour.",
                        ONLY_A_DOCTOR));
            case NOT_LAID ->
                Optional.of(Caution.open(
                        CautionRule.PATCH_TEST,
                        "No patch test was laid. By the product's instructions, commonly " + hours
                                + " hours before oxidative colour.",
                        "A patch test read without reaction."));
            case NOT_READ ->
                Optional.of(Caution.open(
                        CautionRule.PATCH_TEST,
                        "The patch test of " + of + " was not read yet.",
                        "Reading it: no reaction after the time the product's instructions say, commonly " + hours
                                + " hours."));
            case READ_TOO_EARLY ->
                Optional.of(Caution.open(
                        CautionRule.PATCH_TEST,
                        "The patch test of " + of + " was read before it had lain for " + hours
                                + " hours, or nobody noted when.",
                        "Waiting, and reading it again."));
            case STILL_TO_COME ->
                Optional.of(Caution.open(
                        CautionRule.PATCH_TEST,
                        "The patch test is noted for a moment that is still to come.",
                        "The day and the hour at which it was really laid and read."));
            case TOO_OLD ->
                Optional.of(Caution.open(
                        CautionRule.PATCH_TEST,
                        "The patch test of " + of + " is more than " + (int) PatchTest.weeks()
                                + " weeks old; skin changes its mind.",
                        "A fresh one read without reaction, or what the product's instructions say."));
            case CLEAR -> Optional.empty();
        };
        standing.ifPresent(all::add);
    }

    private void scalp(Work work, List<Caution> all) {
        if (told.scalp() == Scalp.BROKEN && work.is(Trait.PRODUCT)) {
            all.add(Caution.block(
                    CautionRule.SCALP,
                    "The scalp is broken: nothing is done but rinsing with cool water.",
                    "A scalp that has healed, looked at again."));
            return;
        }
        boolean touches = work.is(Trait.PERSULFATE) || work.is(Trait.OXIDATIVE);
        if (!touches) {
            return;
        }
        if (told.scalp() == Scalp.IRRITATED) {
            all.add(Caution.block(
                    CautionRule.SCALP,
                    "The scalp is irritated: no lightener and no oxidative colour.",
                    "A scalp that has healed, looked at again."));
        } else if (told.scalp() == Scalp.NOT_LOOKED_AT) {
            all.add(Caution.open(
                    CautionRule.SCALP,
                    "Nobody has looked at the scalp yet. On broken or irritated skin no lightener and no oxidative colour.",
                    "Look, and note it in the consultation."));
        }
    }

    private void client(Work work, List<Caution> all) {
        if (!work.is(Trait.COLOUR) && !work.is(Trait.PERSULFATE)) {
            return;
        }
        if (told.underAge() == Answer.YES && !told.guardianAgreed()) {
            all.add(Caution.block(
                    CautionRule.UNDER_AGE,
                    "The client is under age. Makers and many laws forbid oxidative colour below sixteen.",
                    "Local law, and a guardian's agreement where it allows one."));
        } else if (told.underAge() == Answer.NOT_ASKED) {
            all.add(Caution.warn(CautionRule.UNDER_AGE, "Nobody has asked for the client's age.", "Ask and note it."));
        }
        asked(
                told.pregnant(),
                CautionRule.PREGNANCY,
                "The client is pregnant or nursing. Scalp and hair may answer otherwise than before; keep off the skin, fresh air.",
                "The client's own decision, with a doctor if in doubt. Ask, record, defer.",
                all);
        asked(
                told.medication(),
                CautionRule.MEDICATION,
                "The client takes medication"
                        + (told.medicationWords().isBlank()
                                ? ""
                                : " (" + told.medicationWords().strip() + ")")
                        + ", which can change how skin and hair answer.",
                "A strand test, and a doctor if in doubt. Ask, record, defer.",
                all);
    }

    private static void asked(Answer answer, CautionRule rule, String yes, String lifts, List<Caution> all) {
        if (answer == Answer.YES) {
            all.add(Caution.warn(rule, yes, lifts));
        } else if (answer == Answer.NOT_ASKED) {
            all.add(Caution.warn(rule, rule.words() + ": nobody has asked yet.", "Ask and note it."));
        }
    }

    private void homeColour(Work work, List<Caution> all) {
        if (!work.peroxide() && !work.is(Trait.REMOVER)) {
            return;
        }
        Optional<String> suspected = suspectedOnTheHair();
        if (suspected.isPresent() && told.cutStrand() != CutStrand.COOL_AND_WHOLE && work.is(Trait.ON_HEAD)) {
            all.add(
                    told.cutStrand() == CutStrand.REACTED
                            ? Caution.block(
                                    CautionRule.HOME_COLOUR,
                                    "A cut strand reacted to peroxide (" + suspected.get()
                                            + "): it would heat and destroy the hair.",
                                    "Growing or cutting it off.")
                            : Caution.open(
                                    CautionRule.HOME_COLOUR,
                                    "On the hair lies " + suspected.get()
                                            + ": peroxide can heat and destroy the hair. Test a cut strand first.",
                                    "A cut strand that stayed cool and whole in peroxide."));
        } else if (suspected.isPresent() && told.cutStrand() == CutStrand.NOT_TESTED) {
            all.add(Caution.warn(
                    CautionRule.HOME_COLOUR,
                    "This is the test itself: a glass dish, few hairs, gloves, and nobody's face above it.",
                    "A strand that stays cool and whole."));
        } else if (told.homeColour() == HomeColour.NOT_ASKED && work.is(Trait.ON_HEAD)) {
            all.add(Caution.open(
                    CautionRule.HOME_COLOUR,
                    "Nobody has asked what was laid at home. Metallic, plant or unknown home colour: peroxide can heat and"
                            + " destroy the hair.",
                    "Ask and note it; in doubt a cut strand that stays cool and whole."));
        }
    }

    /** What may react with peroxide, by the answer or by the history. */
    private Optional<String> suspectedOnTheHair() {
        if (told.homeColour().suspicious()) {
            return Optional.of(told.homeColour().words());
        }
        return onTheHair.stream()
                .filter(service -> service.family() == Service.Family.DEPOSIT_OF_RISK)
                .map(Service::words)
                .findFirst();
    }

    private void air(Work work, List<Caution> all) {
        if (work.is(Trait.PERSULFATE)) {
            if (work.is(Trait.ON_HEAD) && told.asthma() == Answer.YES) {
                all.add(
                        Caution.block(
                                CautionRule.ASTHMA,
                                "The client has asthma, and persulfates can trigger it.",
                                "A way without lightener, or the client's doctor; dust-free product, fresh air, off the scalp."));
            } else if (work.is(Trait.ON_HEAD) && told.asthma() == Answer.NOT_ASKED) {
                all.add(Caution.warn(
                        CautionRule.ASTHMA,
                        "Nobody has asked for asthma; persulfates can trigger it.",
                        "Ask and note it."));
            }
            all.add(Caution.remind(
                    CautionRule.PERSULFATES,
                    "Not on broken or irritated scalp. Persulfates can trigger asthma, with whoever mixes them too.",
                    "A whole scalp, and nobody near who reacts."));
        }
        if (work.is(Trait.FOIL_AND_WARMTH)) {
            all.add(Caution.warn(
                    CautionRule.FOIL_AND_WARMTH,
                    "Foil under a heater can overheat and burn. Feel the foils, and never leave them.",
                    "No added warmth."));
        }
        if (work.peroxide() || work.is(Trait.PERSULFATE)) {
            all.add(Caution.remind(CautionRule.PROTECTION, "Gloves, eye protection, fresh air.", "Having them on."));
        }
    }
}
