package mischung.caution;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import mischung.hair.Band;
import mischung.hair.Elasticity;
import mischung.hair.Fibre;
import mischung.hair.Porosity;
import mischung.mix.BowlContent;
import mischung.plan.Action;
import mischung.plan.Laying;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.process.Application;
import mischung.process.Change;
import mischung.process.Cover;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.process.RemoverRound;
import mischung.process.Setting;
import mischung.product.Lightener;
import mischung.product.ShadeClass;
import mischung.shelf.Kind;

/**
 * A piece of work as far as it can hurt.
 *
 * @param volume strongest developer in it; 0 without peroxide
 * @param stretched what was felt on the bands it goes on, where it was
 * @param after what the model thinks the weakest of them will be like
 */
record Work(Set<Trait> traits, double volume, List<Elasticity> stretched, Elasticity after) {
    /** What about it can hurt. */
    enum Trait {
        /** On the client, not on a strand that was cut off. */
        ON_HEAD,
        /** Whatever is put on the hair, care too. */
        PRODUCT,
        /** Any colour. */
        COLOUR,
        /** Colour that develops with peroxide. */
        OXIDATIVE,
        /** Lightener. */
        PERSULFATE,
        /** Reducing remover. */
        REMOVER,
        CLEANSE_MIX,
        COVERAGE,
        AT_SCALP,
        /** Lightener its maker keeps off the scalp. */
        OFF_SCALP_ONLY,
        /** Developer beyond what its maker allows with it. */
        BEYOND_MAKER,
        FOIL_AND_WARMTH,
        /** Bands that drink at once and were not stretched are among them. */
        VERY_POROUS
    }

    Work {
        EnumSet<Trait> kept = EnumSet.noneOf(Trait.class);
        kept.addAll(traits);
        traits = Collections.unmodifiableSet(kept);
    }

    boolean is(Trait trait) {
        return traits.contains(trait);
    }

    boolean peroxide() {
        return volume > 0;
    }

    /** One product on one band, or on a piece cut from it. */
    static Work of(Change change, Band band, Fibre end, boolean onHead) {
        Set<Trait> traits = traits(change);
        add(traits, Trait.ON_HEAD, onHead);
        add(traits, Trait.VERY_POROUS, unfeltAndVeryPorous(band));
        return new Work(traits, volume(change), band.detail().stretch().stream().toList(), end.elasticity());
    }

    /** One product on hair of which no more is known than how the model leaves it. */
    static Work of(Change change, Fibre end) {
        Set<Trait> traits = traits(change);
        traits.add(Trait.ON_HEAD);
        return new Work(traits, volume(change), List.of(), end.elasticity());
    }

    /**
     * What is in a bowl, whatever it was planned for.
     *
     * @param touchesScalp whether it does, or may: where nobody said where it goes, it does
     */
    static Work of(BowlContent content, boolean touchesScalp) {
        Set<Trait> traits = EnumSet.of(Trait.ON_HEAD, Trait.PRODUCT);
        boolean lightener = content.kinds().contains(Kind.LIGHTENER);
        boolean oxidative = content.classes().stream().anyMatch(of -> of != ShadeClass.DIRECT);
        add(traits, Trait.PERSULFATE, lightener);
        add(traits, Trait.COLOUR, !content.classes().isEmpty());
        add(traits, Trait.OXIDATIVE, oxidative);
        add(traits, Trait.CLEANSE_MIX, lightener && oxidative);
        add(traits, Trait.COVERAGE, content.classes().contains(ShadeClass.COVERAGE));
        add(traits, Trait.REMOVER, content.kinds().contains(Kind.REMOVER));
        add(traits, Trait.AT_SCALP, touchesScalp);
        content.lighteners().forEach(make -> make(traits, make, content.volume()));
        return new Work(traits, content.volume(), List.of(), Elasticity.SPRINGS_BACK);
    }

    /** The pieces of work of a round of a plan, bowl by bowl: what is strong off the scalp is not strong on it. */
    static List<Work> of(Plan plan, PlanStep step) {
        List<Work> all = new ArrayList<>();
        for (Laying laying : step.round().layings()) {
            Set<Trait> traits = traits(plan, laying);
            if (!traits.isEmpty()) {
                List<Band> bands =
                        laying.bands().stream().map(plan.head()::band).toList();
                traits.add(Trait.ON_HEAD);
                add(traits, Trait.VERY_POROUS, bands.stream().anyMatch(Work::unfeltAndVeryPorous));
                all.add(new Work(
                        traits,
                        laying.volume(),
                        bands.stream()
                                .flatMap(b -> b.detail().stretch().stream())
                                .toList(),
                        weakest(step, laying)));
            }
        }
        return all;
    }

    private static Set<Trait> traits(Plan plan, Laying laying) {
        Set<Trait> traits = EnumSet.noneOf(Trait.class);
        if (!laying.action().laysProduct()) {
            return traits;
        }
        traits.add(Trait.PRODUCT);
        if (laying instanceof Laying.Deposit deposit) {
            traits.add(Trait.COLOUR);
            add(traits, Trait.OXIDATIVE, deposit.shadeClass() != ShadeClass.DIRECT);
            add(traits, Trait.COVERAGE, deposit.shadeClass() == ShadeClass.COVERAGE);
        } else if (laying instanceof Laying.Lift lift) {
            boolean cleanse = laying.action() == Action.CLEANSE;
            traits.add(Trait.PERSULFATE);
            make(traits, lift.lightener().orElse(Lightener.PLAIN), lift.volume());
            add(traits, Trait.CLEANSE_MIX, cleanse);
            add(traits, Trait.COLOUR, cleanse);
            add(traits, Trait.OXIDATIVE, cleanse);
        } else if (laying.action() == Action.REMOVE) {
            traits.add(Trait.REMOVER);
        }
        add(
                traits,
                Trait.AT_SCALP,
                laying.bands().stream().anyMatch(at -> plan.head().at(at).touchesScalp()));
        return traits;
    }

    /** What the model thinks the weakest band will be like; bands that were as weak before are not the work's doing. */
    private static Elasticity weakest(PlanStep step, Laying laying) {
        return laying.bands().stream()
                .map(step::outcome)
                .filter(outcome -> laying.action().lifts() && !outcome.cut())
                .map(outcome -> Elasticity.of(outcome.integrity()))
                .max(Comparator.naturalOrder())
                .orElse(Elasticity.SPRINGS_BACK);
    }

    private static boolean unfeltAndVeryPorous(Band band) {
        return band.porosity() == Porosity.VERY_HIGH && band.detail().stretch().isEmpty();
    }

    private static Set<Trait> traits(Change change) {
        Set<Trait> traits = EnumSet.of(Trait.PRODUCT);
        add(traits, Trait.REMOVER, change instanceof RemoverRound);
        if (change instanceof Lightening laid) {
            boolean cleanse = laid.product() == LiftProduct.CLEANSE_MIX;
            boolean tint = cleanse || !laid.product().takesDye();
            add(traits, Trait.COLOUR, tint);
            add(traits, Trait.OXIDATIVE, tint);
            add(traits, Trait.PERSULFATE, laid.product().takesDye());
            make(traits, laid.make(), laid.volume());
            add(traits, Trait.CLEANSE_MIX, cleanse);
            setting(traits, laid.setting());
        } else if (change instanceof Application laid) {
            traits.add(Trait.COLOUR);
            add(traits, Trait.OXIDATIVE, laid.shadeClass() != ShadeClass.DIRECT);
            add(traits, Trait.COVERAGE, laid.shadeClass() == ShadeClass.COVERAGE);
            setting(traits, laid.setting());
        }
        return traits;
    }

    private static void make(Set<Trait> traits, Lightener make, double volume) {
        add(traits, Trait.OFF_SCALP_ONLY, !make.scalp());
        add(traits, Trait.BEYOND_MAKER, volume > make.mostVolume());
    }

    private static void setting(Set<Trait> traits, Setting setting) {
        add(traits, Trait.AT_SCALP, setting.place() == Place.SCALP);
        add(traits, Trait.FOIL_AND_WARMTH, setting.heat() && setting.cover() == Cover.FOIL);
    }

    private static double volume(Change change) {
        if (change instanceof Lightening laid) {
            return laid.volume();
        }
        return change instanceof Application laid ? laid.volume() : 0;
    }

    private static void add(Set<Trait> traits, Trait trait, boolean holds) {
        if (holds) {
            traits.add(trait);
        }
    }
}
