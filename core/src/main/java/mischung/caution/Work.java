package mischung.caution;

import java.util.List;
import mischung.change.Application;
import mischung.change.Change;
import mischung.change.Cover;
import mischung.change.LiftProduct;
import mischung.change.Lightening;
import mischung.change.Place;
import mischung.change.RemoverRound;
import mischung.change.Setting;
import mischung.hair.Band;
import mischung.hair.Elasticity;
import mischung.hair.Fibre;
import mischung.hair.Porosity;
import mischung.plan.BowlPlace;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.product.ShadeClass;

/**
 * A piece of work as far as it can hurt.
 *
 * @param onHead false for a strand that was cut off
 * @param colour any colour comes near the skin
 * @param oxidative colour that develops with peroxide
 * @param persulfate lightener
 * @param volume strongest developer in it; 0 without peroxide
 * @param scalp it lies on the scalp
 * @param cleanse it is the cleanse mix
 * @param foilAndWarmth foil under added warmth
 * @param coverage coverage colour
 * @param stretched what was felt on the bands it goes on, where it was
 * @param veryPorous bands that drink at once and were not stretched are among them
 * @param after what the model thinks the weakest of them will be like
 * @param removes reducing remover
 */
record Work(
        boolean onHead,
        boolean colour,
        boolean oxidative,
        boolean persulfate,
        double volume,
        boolean scalp,
        boolean cleanse,
        boolean foilAndWarmth,
        boolean coverage,
        boolean removes,
        List<Elasticity> stretched,
        boolean veryPorous,
        Elasticity after) {

    boolean peroxide() {
        return volume > 0;
    }

    /** One product on one band, or on a piece cut from it. */
    static Work of(Change change, Band band, Fibre end, boolean onHead) {
        boolean porous =
                band.porosity() == Porosity.VERY_HIGH && band.detail().stretch().isEmpty();
        return of(change, band.detail().stretch().stream().toList(), porous, end.elasticity(), onHead);
    }

    static Work of(Change change, List<Elasticity> stretched, boolean veryPorous, Elasticity after, boolean onHead) {
        if (change instanceof Lightening laid) {
            Setting setting = laid.setting();
            boolean dye = !laid.product().takesDye() || laid.product() == LiftProduct.CLEANSE_MIX;
            return new Work(
                    onHead,
                    dye,
                    dye,
                    laid.product().takesDye(),
                    laid.volume(),
                    setting.place() == Place.SCALP,
                    laid.product() == LiftProduct.CLEANSE_MIX,
                    setting.heat() && setting.cover() == Cover.FOIL,
                    false,
                    false,
                    stretched,
                    veryPorous,
                    after);
        }
        if (change instanceof Application laid) {
            Setting setting = laid.setting();
            return new Work(
                    onHead,
                    true,
                    laid.shadeClass() != ShadeClass.DIRECT,
                    false,
                    laid.volume(),
                    setting.place() == Place.SCALP,
                    false,
                    setting.heat() && setting.cover() == Cover.FOIL,
                    laid.shadeClass() == ShadeClass.COVERAGE,
                    false,
                    stretched,
                    veryPorous,
                    after);
        }
        boolean remover = change instanceof RemoverRound;
        return new Work(
                onHead, false, false, false, 0, false, false, false, false, remover, stretched, veryPorous, after);
    }

    /** A round of a plan. */
    static Work of(Plan plan, PlanStep step) {
        List<Band> bands = step.bowls().stream()
                .flatMap(bowl -> bowl.bands().stream())
                .map(plan.head()::band)
                .toList();
        boolean colour = !step.bowls().isEmpty();
        double volume = step.bowls().stream()
                .mapToDouble(b -> b.developer().volume())
                .max()
                .orElse(0);
        boolean scalp = step.bowls().stream().anyMatch(b -> b.place() == BowlPlace.ROOTS);
        boolean coverage = step.bowls().stream().anyMatch(b -> b.formula().mix().shadeClass() == ShadeClass.COVERAGE);
        boolean porous = bands.stream()
                .anyMatch(b -> b.porosity() == Porosity.VERY_HIGH
                        && b.detail().stretch().isEmpty());
        return new Work(
                true,
                colour,
                colour,
                false,
                volume,
                scalp,
                false,
                false,
                coverage,
                false,
                bands.stream().flatMap(b -> b.detail().stretch().stream()).toList(),
                porous,
                Elasticity.SPRINGS_BACK);
    }
}
