package mischung.caution;

import java.util.List;
import mischung.Constants;
import mischung.caution.Work.Trait;
import mischung.hair.LevelScale;

/** What the hair itself and the place it grows from ask for, whoever it belongs to. */
final class HairCautions {
    private static final Constants FIGURES = Constants.in("caution");

    private HairCautions() {}

    static void of(Work work, List<Caution> all) {
        if (work.is(Trait.ON_HEAD)) {
            strongAtScalp(work, all);
        }
        strength(work, all);
    }

    /** R39. */
    private static void strength(Work work, List<Caution> all) {
        boolean failed = work.stretched().stream().anyMatch(felt -> !felt.mayGoOn());
        if (failed
                && work.is(Trait.ON_HEAD)
                && (work.is(Trait.OXIDATIVE) || work.is(Trait.PERSULFATE) || work.is(Trait.REMOVER))) {
            all.add(Caution.block(
                    CautionRule.STRENGTH_FELT,
                    "A wet strand of it did not return. Stop: rinse, treat, and change the plan.",
                    "A treatment, and a wet strand that springs back."));
        }
        if (!work.after().mayGoOn()) {
            all.add(Caution.block(
                    CautionRule.STRENGTH_AFTER,
                    "By this the hair " + work.after().words() + ". Stop before: rinse, treat, and change the plan.",
                    "A gentler way, or a strand test after which a wet strand springs back."));
        }
        if (work.is(Trait.VERY_POROUS) && work.is(Trait.ON_HEAD) && work.is(Trait.COLOUR)) {
            all.add(Caution.warn(
                    CautionRule.VERY_POROUS,
                    "Stretch a wet strand of it before anything else. If it stretches without return, feels gummy or breaks:"
                            + " no colour today, treat it.",
                    "A wet strand that springs back, noted at the band."));
        }
    }

    private static void strongAtScalp(Work work, List<Caution> all) {
        if (work.is(Trait.AT_SCALP) && work.volume() > FIGURES.of("most at the scalp")) {
            all.add(Caution.block(
                    CautionRule.STRONG_AT_SCALP,
                    "No more than 20 vol on the scalp by default, and this is " + LevelScale.figure(work.volume())
                            + " vol. It burns; the maker's instructions and local law decide.",
                    "A weaker developer, or keeping it off the scalp."));
        }
        if (work.is(Trait.CLEANSE_MIX) && work.is(Trait.AT_SCALP)) {
            all.add(Caution.block(
                    CautionRule.CLEANSE_AT_SCALP,
                    "Off the scalp only: keep it one to two centimetres away (R31).",
                    "Laying it on the mids."));
        }
        if (work.is(Trait.OFF_SCALP_ONLY) && work.is(Trait.AT_SCALP)) {
            all.add(Caution.block(
                    CautionRule.MAKERS_LIMIT,
                    "Its maker keeps this lightener off the scalp (R59b).",
                    "A lightener made for the scalp, or keeping it one to two centimetres off."));
        }
        if (work.is(Trait.BEYOND_MAKER)) {
            all.add(Caution.block(
                    CautionRule.MAKERS_LIMIT,
                    LevelScale.figure(work.volume()) + " vol is more than its maker allows with this lightener (R59b).",
                    "A weaker developer, or another lightener."));
        }
        if (work.is(Trait.COVERAGE) && work.is(Trait.AT_SCALP) && work.volume() >= FIGURES.of("coverage developer")) {
            all.add(Caution.warn(
                    CautionRule.TWENTY_AT_SCALP,
                    "Coverage colour lies on the scalp. Gloves, no rubbing in, rinse at once on burning.",
                    "Nothing; watch it."));
        }
    }
}
