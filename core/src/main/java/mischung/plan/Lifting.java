package mischung.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import mischung.change.Cover;
import mischung.change.LiftProduct;
import mischung.change.Lightening;
import mischung.change.Place;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Elasticity;
import mischung.hair.Pigments;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.product.Lightener;
import mischung.product.ShadeClass;
import mischung.school.Pull;
import mischung.wish.Aim;
import mischung.wish.Weave;
import mischung.wish.WorkedBand;

/** Decides how lightener is used: how light the canvas has to be, how strong, how long, and where it has to stop. */
final class Lifting {
    /** R36: works well so long; after it, wipe off and lay fresh. */
    private static final double LONGEST = 50;

    private static final double SHORTEST = 5;
    private static final double LONGEST_WASH = 20;
    private static final double WASH_VOLUME = 10;

    /** Levels a toner can have cost; hair that lost more was coloured. */
    private static final double OF_A_TONER = 2.5;

    private static final double STEP = 5;
    private static final int MOST_LAYINGS = 2;

    /** A canvas on which the wish can be laid this near, in CIEDE2000, is light enough. */
    private static final double NEAR_ENOUGH = 3;

    private static final double BETTER_BY = 1;
    private static final double HALF_A_LEVEL = 0.5;
    private static final double FURTHEST_ABOVE = 2.5;
    private static final double LIGHTEST_CANVAS = 11;
    private static final double LIGHT = 8;
    private static final double NEARLY = 0.15;

    /** What a harsher lightener, or a second laying, has to gain to be worth it. */
    private static final double GAINS = 1;

    private static final double LEAST_GAIN = 0.05;
    private static final double USUAL_VOLUME = 20;

    private static final double REFRESHED = 1.5;

    /** R39: less than this and a wet strand would hardly return; a little above the line of the stretch test. */
    private static final double LEAST_LEFT = Elasticity.RETURNS_SLOWLY.from() + 0.03;

    /** Where the work is spread over visits, no visit goes below springing back. */
    private static final double LEAST_LEFT_GENTLY = Elasticity.SPRINGS_BACK.from() + 0.02;

    /** What is planned for one band. */
    record Dose(LiftWay way, Lightener make, double volume, double minutes, int times, double reached) {}

    private final Desk desk;
    private final Strategy strategy;
    private final Working work;
    private final Set<BandRef> cleansed = new HashSet<>();

    Lifting(Desk desk, Strategy strategy, Working work) {
        this.desk = desk;
        this.strategy = strategy;
        this.work = work;
    }

    boolean allowed(BandRef at) {
        return strategy.lightener()
                && desk.wish().limits().lightenerOn(desk.head().place(at))
                && desk.head()
                        .band(at)
                        .detail()
                        .stretch()
                        .map(Elasticity::mayGoOn)
                        .orElse(true);
    }

    /**
     * How light the canvas has to become so that the wish can be laid on it; computed by lifting it half a level at a time
     * and asking how near the best amounts of dye would come.
     */
    double goal(BandRef at, Aim aim) {
        if (aim.direct()) {
            return aim.leastCanvas();
        }
        HairState hair = work.hair(at);
        double least = Double.MAX_VALUE;
        double goal = aim.level();
        for (double level = aim.level();
                level <= Math.min(LIGHTEST_CANVAS, aim.level() + FURTHEST_ABOVE);
                level += HALF_A_LEVEL) {
            HairState lifted = level <= hair.level() ? hair : liftedTo(at, level);
            double misfit = toned(at, lifted, aim);
            if (misfit < least - BETTER_BY) {
                least = misfit;
                goal = level;
            }
            if (misfit <= NEAR_ENOUGH || lifted.level() < level - HALF_A_LEVEL) {
                break;
            }
        }
        return goal;
    }

    /**
     * R52: hair that was lifted as far as it has to be, and is too dark for the dye on it alone.
     *
     * @param level it has to have
     */
    boolean onlyToned(BandRef at, double level) {
        HairState hair = work.hair(at);
        Pigments bare = hair.canvas().coloured().without(DyeKind.OXIDATIVE).without(DyeKind.DIRECT);
        double under = Canvas.of(bare, Porosity.NORMAL).level();
        return hair.lifted() && under >= level - HALF_A_LEVEL && under - hair.level() <= OF_A_TONER;
    }

    /** How near a toner could bring this hair to the aim, in CIEDE2000. */
    private double toned(BandRef at, HairState hair, Aim aim) {
        ShadeClass of = desk.range().nearest(ShadeClass.DEMI);
        Laying toner = Laying.colour(Action.TONER, List.of(at), aim, of, 6, of.fullMinutes())
                .mixedAs(desk.range().habit(of));
        return desk.leastMisfit(work.recipes().task(toner, BowlPlace.LENGTHS, any -> hair));
    }

    private HairState liftedTo(BandRef at, double level) {
        HairState hair = work.hair(at);
        double minutes = minutesTo(hair.canvas(), level);
        return hair.after(offScalp(Math.max(SHORTEST, minutes)));
    }

    private static Lightening lightening(Lightener make, LiftWay way, Place place, double volume, double minutes) {
        return new Lightening(
                LiftProduct.LIGHTENER,
                volume,
                make.ratio(),
                minutes,
                way.setting(place),
                0,
                OptionalDouble.empty(),
                make);
    }

    private static Lightening offScalp(double minutes) {
        return lightening(Lightener.PLAIN, LiftWay.OFF_SCALP, Place.MIDS, 20, minutes);
    }

    /** Least minutes, in steps of a whole minute, to reach a level; the longest there is where it cannot be reached. */
    private static double minutesTo(Canvas canvas, double level) {
        double from = 0;
        double to = 120;
        while (to - from > 1) {
            double middle = (from + to) / 2;
            if (offScalp(middle).on(canvas).level() >= level) {
                to = middle;
            } else {
                from = middle;
            }
        }
        return Math.ceil(to);
    }

    /** The gentlest that reaches the goal, or comes nearest before the hair's strength or the day ends it. */
    Dose dose(BandRef at, double goal) {
        if (onlyToned(at, goal)) {
            Optional<Dose> wash = suited(at, LiftWay.WASH, goal).stream()
                    .map(make -> dose(at, goal, LiftWay.WASH, make, desk.volumeFor(WASH_VOLUME)))
                    .filter(dose -> dose.reached() >= goal - HALF_A_LEVEL / 2)
                    .findFirst();
            if (wash.isPresent()) {
                return wash.get();
            }
        }
        LiftWay way = way(at, goal);
        double volume = volume(at, way);
        Dose best = null;
        // Hair that is light but strong bears the usual developer in a mild product sooner than a harsh one.
        boolean stronger = way == LiftWay.REFRESH && !fragile(at) && volume < USUAL_VOLUME;
        for (Lightener make : suited(at, way, goal)) {
            for (double tried :
                    stronger ? new double[] {volume, desk.volumeFor(USUAL_VOLUME)} : new double[] {volume}) {
                Dose dose = dose(at, goal, way, make, Math.min(tried, make.mostVolume()));
                boolean reaches = dose.reached() >= goal - NEARLY;
                if (reaches && dose.times() == 1) {
                    return dose;
                }
                if (best == null
                        || dose.reached() > best.reached() + (best.reached() >= goal - NEARLY ? GAINS : LEAST_GAIN)) {
                    best = dose;
                }
            }
        }
        return Objects.requireNonNull(best);
    }

    /**
     * R59b: what touches the scalp must be made for it; weak, light and toned hair gets the mildest that reaches its goal, and
     * all other hair the quickest. The first of them that does it in one laying is taken.
     */
    private List<Lightener> suited(BandRef at, LiftWay way, double goal) {
        List<Lightener> all = desk.range().lighteners();
        if (all.isEmpty()) {
            return List.of(Lightener.PLAIN);
        }
        double levels = goal - work.hair(at).level();
        boolean scalp = desk.head().at(at).touchesScalp();
        List<Lightener> open = someOf(all, one -> one.openAir() == (way.cover() == Cover.OPEN));
        List<Lightener> made = someOf(scalp ? someOf(all, Lightener::scalp) : open, one -> one.mostLevels() >= levels);
        boolean mild = fragile(at)
                || way == LiftWay.REFRESH
                || way == LiftWay.WASH
                || desk.head().band(at).kind().lifted();
        if (mild) {
            return made.stream()
                    .sorted(Comparator.comparingDouble(Lightener::harshness))
                    .toList();
        }
        return made.stream().max(Comparator.comparingDouble(Lightener::speed)).stream()
                .toList();
    }

    /** Those for which it holds, or all if it holds for none. */
    private static List<Lightener> someOf(List<Lightener> all, Predicate<Lightener> which) {
        List<Lightener> some = all.stream().filter(which).toList();
        return some.isEmpty() ? all : some;
    }

    private Dose dose(BandRef at, double goal, LiftWay way, Lightener make, double volume) {
        Place place = desk.head().at(at).place();
        HairState hair = work.hair(at);
        double least = strategy.visits() > 1 ? LEAST_LEFT_GENTLY : LEAST_LEFT;
        Dose best = new Dose(way, make, volume, 0, 1, hair.level());
        for (int times = 1; times <= (way == LiftWay.WASH ? 1 : MOST_LAYINGS); times++) {
            for (double minutes = SHORTEST;
                    minutes <= (way == LiftWay.WASH ? LONGEST_WASH : LONGEST);
                    minutes += STEP) {
                HairState lifted = hair;
                for (int i = 0; i < times; i++) {
                    lifted = lifted.after(lightening(make, way, place, volume, minutes));
                }
                if (lifted.integrity() < least) {
                    return best;
                }
                if (lifted.level() > best.reached() + LEAST_GAIN) {
                    best = new Dose(way, make, volume, minutes, times, lifted.level());
                }
                if (lifted.level() >= goal - NEARLY) {
                    return best;
                }
            }
        }
        return best;
    }

    private LiftWay way(BandRef at, double goal) {
        WorkedBand band = desk.head().at(at);
        double level = work.hair(at).level();
        boolean lifted = band.band().kind().lifted();
        if (cleansed.contains(at)) {
            return LiftWay.SPOT;
        }
        if (band.weave() == Weave.PIECES) {
            return LiftWay.WOVEN;
        }
        if (lifted && level >= LIGHT && goal - level <= REFRESHED) {
            return LiftWay.REFRESH;
        }
        if (band.touchesScalp()) {
            return LiftWay.ROOT;
        }
        return band.band().kind() == BandKind.NATURAL ? LiftWay.OFF_SCALP : LiftWay.BAND;
    }

    /** R32: by the strength of the hair; R33: no more than 20 vol where it touches the scalp, whatever hair it is. */
    private double volume(BandRef at, LiftWay way) {
        HairState hair = work.hair(at);
        Porosity porosity = hair.canvas().fibre().nearestPorosity();
        boolean strong = strategy.method().pull() == Pull.STRONG_AND_SHORT;
        if (fragile(at) || way == LiftWay.REFRESH) {
            return desk.volumeFor(10);
        }
        if (desk.head().at(at).touchesScalp()) {
            return desk.volumeFor(20);
        }
        boolean stubborn = way == LiftWay.BAND
                && desk.head().band(at).kind() == BandKind.COLOURED
                && hair.canvas().fibre().layers() >= 2;
        if (strong && stubborn && desk.tested()) {
            return desk.volumeFor(40);
        }
        boolean coarse = hair.canvas().fibre().thickness() == Thickness.COARSE && !porosity.raised();
        return desk.volumeFor(strong || coarse ? 30 : 20);
    }

    private boolean fragile(BandRef at) {
        HairState hair = work.hair(at);
        return hair.integrity() < Elasticity.SPRINGS_BACK.from()
                || hair.canvas().fibre().nearestPorosity() == Porosity.VERY_HIGH;
    }

    /** Old colour in it that a remover could shrink, 0 and more. */
    static double oxidative(HairState hair) {
        return hair.canvas().coloured().dyes(DyeKind.OXIDATIVE).total();
    }

    /** Bands that share way, strength and time go into one bowl. */
    List<Laying> layings(Map<BandRef, Double> goals) {
        record Same(LiftWay way, Lightener make, double volume, double minutes, int times) {}
        Map<String, List<BandRef>> grouped = new TreeMap<>();
        Map<String, Same> terms = new TreeMap<>();
        goals.forEach((at, goal) -> {
            Dose dose = dose(at, goal);
            if (dose.minutes() >= SHORTEST) {
                Same same = new Same(dose.way(), dose.make(), dose.volume(), dose.minutes(), dose.times());
                // In the order of the ways: band first, root and refreshing last (R35).
                String key = String.format(
                        "%d %02.0f %d %03.0f %s",
                        order(dose.way()),
                        dose.volume(),
                        dose.times(),
                        dose.minutes(),
                        dose.make().code());
                grouped.computeIfAbsent(key, k -> new ArrayList<>()).add(at);
                terms.put(key, same);
            }
        });
        List<Laying> all = new ArrayList<>();
        grouped.forEach((key, bands) -> {
            Same same = terms.get(key);
            Collections.sort(bands);
            all.add(Laying.lift(
                            Action.LIGHTEN, bands, same.way, same.volume, same.minutes, same.make.ratio(), same.times)
                    .by(same.make));
        });
        return all;
    }

    private static int order(LiftWay way) {
        return switch (way) {
            case BAND, SPOT -> 0;
            case OFF_SCALP, WOVEN -> 1;
            case ROOT -> 2;
            case REFRESH, WASH -> 3;
        };
    }

    /** R31: what stayed dark after a cleanse mix gets a second, smaller bowl of its own. */
    void cleansed(List<BandRef> some) {
        cleansed.addAll(some);
    }
}
