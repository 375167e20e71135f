package mischung.caution;

import java.util.List;
import mischung.Constants;
import mischung.caution.Work.Trait;
import mischung.said.Figure;

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
            all.add(Caution.block(CautionRule.STRENGTH_FELT, CautionMessage.STRETCH_FAILED));
        }
        if (!work.after().mayGoOn()) {
            all.add(Caution.block(CautionRule.STRENGTH_AFTER, CautionMessage.STRENGTH_AFTER)
                    .with("stretch", Figure.Named.of(work.after())));
        }
        if (work.is(Trait.VERY_POROUS) && work.is(Trait.ON_HEAD) && work.is(Trait.COLOUR)) {
            all.add(Caution.warn(CautionRule.VERY_POROUS, CautionMessage.VERY_POROUS));
        }
    }

    private static void strongAtScalp(Work work, List<Caution> all) {
        Figure volume = new Figure.Count(work.volume());
        if (work.is(Trait.AT_SCALP) && work.volume() > FIGURES.of("most at the scalp")) {
            all.add(Caution.block(CautionRule.STRONG_AT_SCALP, CautionMessage.STRONG_AT_SCALP)
                    .with("volume", volume));
        }
        if (work.is(Trait.CLEANSE_MIX) && work.is(Trait.AT_SCALP)) {
            all.add(Caution.block(CautionRule.CLEANSE_AT_SCALP, CautionMessage.CLEANSE_AT_SCALP));
        }
        if (work.is(Trait.OFF_SCALP_ONLY) && work.is(Trait.AT_SCALP)) {
            all.add(Caution.block(CautionRule.MAKERS_LIMIT, CautionMessage.MAKER_OFF_SCALP));
        }
        if (work.is(Trait.BEYOND_MAKER)) {
            all.add(Caution.block(CautionRule.MAKERS_LIMIT, CautionMessage.MAKER_VOLUME)
                    .with("volume", volume));
        }
        if (work.is(Trait.COVERAGE) && work.is(Trait.AT_SCALP) && work.volume() >= FIGURES.of("coverage developer")) {
            all.add(Caution.warn(CautionRule.TWENTY_AT_SCALP, CautionMessage.COVERAGE_AT_SCALP));
        }
    }
}
