package mischung.caution;

import java.util.ArrayList;
import java.util.List;
import mischung.change.Application;
import mischung.change.Change;
import mischung.change.Cover;
import mischung.change.LiftProduct;
import mischung.change.Lightening;
import mischung.change.Place;
import mischung.change.Setting;
import mischung.hair.Band;
import mischung.hair.Fibre;
import mischung.hair.Porosity;
import mischung.plan.Decision;
import mischung.plan.Plan;

/** What must be settled before a plan is begun. Common practice; local law and the maker's instructions come first. */
public final class Cautions {
    private static final Caution PATCH_TEST = new Caution(
            Caution.Strength.REMIND,
            "Patch test",
            "Oxidative colour: patch test by the product's instructions, commonly 48 hours before. Stop on any"
                    + " earlier reaction, also to a temporary black henna tattoo.",
            "A patch test read without reaction.");

    private static final Caution WHAT_LIES_THERE = new Caution(
            Caution.Strength.REMIND,
            "What lies on the hair",
            "Metallic, plant or unknown home colour: peroxide can heat and destroy the hair. Test a cut strand first.",
            "A cut strand that stayed cool and whole.");

    /** From here up developer stays off the scalp by default. */
    private static final double STRONG_VOLUME = 30;

    private Cautions() {}

    /**
     * What must be settled before one thing is done to one band.
     *
     * @param end the hair as the model leaves it
     */
    public static List<Caution> of(Change change, Fibre end) {
        List<Caution> cautions = new ArrayList<>();
        if (change instanceof Lightening laid) {
            lightening(laid, cautions);
        } else if (change instanceof Application laid) {
            cautions.add(PATCH_TEST);
            if (laid.volume() > 0) {
                cautions.add(WHAT_LIES_THERE);
            }
            strong(laid.volume(), laid.setting(), cautions);
        }
        if (!end.elasticity().mayGoOn()) {
            cautions.add(new Caution(
                    Caution.Strength.WARN,
                    "Strength",
                    "By this the hair " + end.elasticity().words()
                            + ". Stop before: rinse, treat, and change the plan.",
                    "A wet strand that springs back at every check."));
        }
        return cautions;
    }

    private static void lightening(Lightening laid, List<Caution> cautions) {
        if (laid.product().takesDye()) {
            cautions.add(new Caution(
                    Caution.Strength.REMIND,
                    "Lightener",
                    "Not on broken or irritated scalp. Persulfates can trigger asthma: gloves, eye protection, fresh air.",
                    "A whole scalp, and nobody near who reacts."));
        } else {
            cautions.add(PATCH_TEST);
        }
        cautions.add(WHAT_LIES_THERE);
        strong(laid.volume(), laid.setting(), cautions);
        if (laid.product() == LiftProduct.CLEANSE_MIX && laid.setting().place() == Place.SCALP) {
            cautions.add(new Caution(
                    Caution.Strength.WARN,
                    "Cleanse mix",
                    "Off the scalp only: keep it one to two centimetres away (R31).",
                    "Laying it on the mids."));
        }
    }

    private static void strong(double volume, Setting setting, List<Caution> cautions) {
        if (setting.place() == Place.SCALP && volume >= STRONG_VOLUME) {
            cautions.add(new Caution(
                    Caution.Strength.WARN,
                    "Strong developer at the scalp",
                    "No 30 or 40 vol on the scalp by default. It burns; the maker's instructions and local law decide.",
                    "A weaker developer."));
        }
        if (setting.heat() && setting.cover() == Cover.FOIL) {
            cautions.add(new Caution(
                    Caution.Strength.WARN,
                    "Foil and warmth",
                    "Foil under a heater can overheat and burn. Feel the foils, and never leave them.",
                    "No added warmth."));
        }
    }

    public static List<Caution> of(Plan plan) {
        if (plan.steps().isEmpty()) {
            return List.of();
        }
        List<Caution> cautions = new ArrayList<>();
        cautions.add(PATCH_TEST);
        cautions.add(new Caution(
                Caution.Strength.REMIND,
                "Scalp and client",
                "Broken or irritated scalp: no oxidative colour. Under age, pregnancy, medication: ask, record, defer.",
                "A whole scalp, and the client asked."));
        cautions.add(WHAT_LIES_THERE);
        boolean veryPorous = Plan.bandsOf(plan.head()).stream().anyMatch(at -> {
            Band band = plan.head().band(at);
            return plan.answer(at).decision().coloured() && band.porosity() == Porosity.VERY_HIGH;
        });
        if (veryPorous) {
            cautions.add(new Caution(
                    Caution.Strength.WARN,
                    "Very porous hair",
                    "Stretch a wet strand of it before anything else. If it stretches without return, feels gummy or"
                            + " breaks: no colour today, treat it.",
                    "A wet strand that springs back."));
        }
        if (Plan.bandsOf(plan.head()).stream().anyMatch(at -> plan.answer(at).decision() == Decision.COVER_GREY)) {
            cautions.add(new Caution(
                    Caution.Strength.WARN,
                    "20 vol at the scalp",
                    "Coverage colour lies on the scalp. Gloves, no rubbing in, rinse at once on burning.",
                    "Nothing; watch it."));
        }
        cautions.add(new Caution(
                Caution.Strength.REMIND,
                "A prediction",
                "The colours shown are computed. Lay the filler and the target on a hidden strand before the head.",
                "A strand test that came out as shown."));
        return cautions;
    }
}
