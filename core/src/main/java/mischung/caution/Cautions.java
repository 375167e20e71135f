package mischung.caution;

import java.util.ArrayList;
import java.util.List;
import mischung.hair.Band;
import mischung.hair.Porosity;
import mischung.plan.Decision;
import mischung.plan.Plan;

/** What must be settled before a plan is begun. Common practice; local law and the maker's instructions come first. */
public final class Cautions {
    private Cautions() {}

    public static List<Caution> of(Plan plan) {
        if (plan.steps().isEmpty()) {
            return List.of();
        }
        List<Caution> cautions = new ArrayList<>();
        cautions.add(new Caution(
                Caution.Strength.REMIND,
                "Patch test",
                "Oxidative colour: patch test by the product's instructions, commonly 48 hours before. Stop on any"
                        + " earlier reaction, also to a temporary black henna tattoo.",
                "A patch test read without reaction."));
        cautions.add(new Caution(
                Caution.Strength.REMIND,
                "Scalp and client",
                "Broken or irritated scalp: no oxidative colour. Under age, pregnancy, medication: ask, record, defer.",
                "A whole scalp, and the client asked."));
        cautions.add(new Caution(
                Caution.Strength.REMIND,
                "What lies on the hair",
                "Metallic, plant or unknown home colour: peroxide can heat and destroy the hair. Test a cut strand first.",
                "A cut strand that stayed cool and whole."));
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
