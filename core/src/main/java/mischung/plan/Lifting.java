package mischung.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import mischung.formula.FormulaTask;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.DyeKind;
import mischung.hair.Elasticity;
import mischung.hair.LevelScale;
import mischung.hair.Pigments;
import mischung.hair.Porosity;
import mischung.hair.Thickness;
import mischung.process.Cover;
import mischung.process.LiftProduct;
import mischung.process.Lightening;
import mischung.process.Place;
import mischung.process.RemoverRound;
import mischung.product.Lightener;
import mischung.product.ShadeClass;
import mischung.school.Pull;
import mischung.wish.Aim;
import mischung.wish.Layer;
import mischung.wish.Weave;
import mischung.wish.WorkedBand;

/** Decides how lightener is used: how light the canvas has to be, how strong, how long, and where it has to stop. */
final class Lifting {
    /** R36: works well so long; after it, wipe off and lay fresh. */
    private static final double LONGEST = 50;

    private static final double LONGEST_IN_FOIL = 60;

    private static final double SHORTEST = 5;
    /** Dye that shows; less is a stain. */
    static final double DYE_SEEN = 0.03;

    /** In levels; further down old warmth is what the new colour wants, further up it is lifted. */
    private static final double ITS_OWN_DEPTH = 1;

    private static final double TONER_VOLUME = 6;
    private static final double DEMI_VOLUME = 10;

    /** In CIEDE2000; nearer counts as the wish. */
    private static final double NOT_REACHED = 6;

    /** In CIEDE2000; less is not worth its hour. */
    private static final double WORTH_A_REMOVER = 2;

    private static final double LONGEST_WASH = 20;

    /** R31. */
    private static final double CLEANSE_VOLUME = 40;

    private static final double CLEANSE_RATIO = 1.5;
    private static final double USUAL_CLEANSE = 15;
    private static final double LONGEST_CLEANSE = 20;
    private static final double WASH_VOLUME = 10;

    /** Levels a toner can have cost; hair that lost more was coloured. */
    private static final double OF_A_TONER = 2.5;

    private static final double STEP = 5;
    private static final int MOST_LAYINGS = 2;

    /** A canvas on which the wish can be laid this near, in CIEDE2000, is light enough. */
    private static final double NEAR_ENOUGH = 3;

    private static final double BETTER_BY = 1;
    /** Minutes that nobody mixes a bowl more for, where a foil holds both. */
    private static final double ONE_BOWL = 10;

    private static final double HALF_A_LEVEL = 0.5;
    private static final double FURTHEST_ABOVE = 2.5;
    private static final double LIGHTEST_CANVAS = 11;
    private static final double LIGHT = 8;

    /** In CIEDE2000: a toner that ends further off is seen to be warm. */
    private static final double OFF = 5;

    /** The same on hair that stretches slowly: from memory, its warmth is sooner borne than lightener. */
    private static final double OFF_ON_WEAK = 8;

    /** In CIEDE2000, what lifting further has to gain. */
    private static final double BETTER_LIFTED = 3;

    private static final int MOST_TRIED = 6;
    private static final double TRIED_MINUTES = 60;

    /** Hair of which only a third grew with colour is as light as it looks. */
    private static final double MOSTLY_WHITE = 0.65;

    /** In CIEDE2000: colour that lifts has to come this near to do without lightener. */
    private static final double NEAR_BY_COLOUR = 5;

    /** The same for a single level, for which nobody opens the lightener. */
    private static final double NEAR_BY_A_LEVEL = 6;

    private static final double MOST_BY_COLOUR = 2;
    private static final double LIGHTEST_BY_COLOUR = 8;
    private static final double STRONG_COLOUR = 30;
    private static final double NEARLY = 0.15;

    private static final double LEAST_GAIN = 0.05;
    private static final double USUAL_VOLUME = 20;

    /** Off the scalp, where somebody wishes it so; on weak hair never. */
    private static final double MOST_VOLUME = 40;

    /** R32: of strong hair. */
    private static final double STRONG_LIGHTENER = 30;

    private static final double REFRESHED = 1.5;

    /** R39: less than this and a wet strand would hardly return; a little above the line of the stretch test. */
    private static final double LEAST_LEFT = Elasticity.RETURNS_SLOWLY.from() + 0.03;

    /** Where the work is spread over visits, no visit goes below springing back. */
    private static final double LEAST_LEFT_GENTLY = Elasticity.SPRINGS_BACK.from() + 0.02;

    /** What is planned for one band. */
    record Dose(LiftWay way, Lightener make, double volume, double minutes, int times, double reached) {}

    private final PlanningContext desk;
    private final Strategy strategy;
    private final Playthrough work;
    private final Set<BandRef> cleansed = new HashSet<>();

    Lifting(PlanningContext desk, Strategy strategy, Playthrough work) {
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
        if (aim.direct() || aim.onlyLifted()) {
            return aim.leastCanvas();
        }
        HairState hair = work.hair(at);
        double least = Double.MAX_VALUE;
        double goal = aim.level();
        for (double level = aim.level();
                level <= Math.min(LIGHTEST_CANVAS, aim.level() + FURTHEST_ABOVE);
                level += HALF_A_LEVEL) {
            HairState lifted = level <= deep(hair) ? hair : liftedTo(at, level);
            // Shades darker than a toner deposit their own depth: what the shelf has decides, not what dye could do.
            double misfit = aim.level() < LIGHT ? neutralised(at, lifted, aim) : toned(at, lifted, aim);
            if (misfit < least - BETTER_BY) {
                least = misfit;
                goal = level;
            }
            if (misfit <= NEAR_ENOUGH || deep(lifted) < level - HALF_A_LEVEL) {
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
        return desk.leastMisfit(task(Action.TONER, TONER_VOLUME, at, hair, aim));
    }

    /** How near a demi off this shelf brings it to an aim of its depth, in CIEDE2000. */
    private double neutralised(BandRef at, HairState hair, Aim aim) {
        return desk.best(task(Action.NEUTRALISE, DEMI_VOLUME, at, hair, aim)).misfit();
    }

    private FormulaTask task(Action action, double volume, BandRef at, HairState hair, Aim aim) {
        ShadeClass of = desk.range().nearest(ShadeClass.DEMI);
        Laying.Deposit laid = Laying.colour(action, List.of(at), aim, of, volume, of.fullMinutes())
                .mixedAs(desk.range().habit(of));
        return work.recipes().task(laid, BowlPlace.LENGTHS, any -> hair);
    }

    /**
     * Whether its own old colour keeps it clearly off an aim of its depth, whatever is laid over it, and a round of remover would
     * bring it clearly nearer: copper that is to be a natural of the same level.
     */
    boolean offTone(BandRef at, HairState hair, Aim aim) {
        if (aim.direct()
                || aim.onlyLifted()
                || hair.lifted()
                || oxidative(hair) <= DYE_SEEN
                || Math.abs(aim.level() - hair.level()) > ITS_OWN_DEPTH) {
            return false;
        }
        double now = neutralised(at, hair, aim);
        return now > NOT_REACHED && neutralised(at, hair.after(RemoverRound.USUAL), aim) < now - WORTH_A_REMOVER;
    }

    /** Minutes of plain lightener off the scalp from here to a level, in layings of an hour; what it would cost is not asked here. */
    double minutesTo(HairState hair, double level) {
        HairState here = hair;
        double minutes = 0;
        for (int i = 0; i < MOST_TRIED && deep(here) < level; i++) {
            double last = minutesTo(here.canvas(), level);
            minutes += last;
            here = here.after(offScalp(last));
        }
        return minutes;
    }

    /** As if it were lifted so far, laid fresh as often as that takes; what it would cost is not asked here. */
    private HairState liftedTo(BandRef at, double level) {
        HairState hair = work.hair(at);
        for (int i = 0; i < MOST_TRIED && deep(hair) < level; i++) {
            HairState before = hair;
            HairState whole = before.after(offScalp(TRIED_MINUTES));
            hair = deep(whole) < level ? whole : before.after(offScalp(minutesTo(before.canvas(), level)));
        }
        return hair;
    }

    /** How deep its coloured hairs are; hair with white in it looks lighter than what there is to lift. */
    static double deep(HairState hair) {
        Canvas canvas = hair.canvas();
        return canvas.greyShare() > MOSTLY_WHITE
                ? hair.level()
                : new Canvas(canvas.coloured(), canvas.white(), 0, canvas.fibre()).level();
    }

    /** What the warmth asks for of hair that is light enough by its level. */
    enum Warmth {
        /** A toner brings it near, or lifting further would not bring it nearer. */
        TONED,
        /** A toner leaves it warm, but it is too weak to be lifted further (R39). */
        BORNE,
        /** A toner would leave it clearly off, and lifted further it would not. */
        LIFTED_FURTHER
    }

    Warmth warmth(BandRef at, Aim aim) {
        HairState hair = work.hair(at);
        if (aim.direct()
                || aim.onlyLifted()
                || aim.level() < LIGHT
                || !(hair.lifted() || desk.head().band(at).kind() == BandKind.COLOURED)) {
            return Warmth.TONED;
        }
        double now = toned(at, hair, aim);
        if (now <= OFF || toned(at, liftedTo(at, goal(at, aim)), aim) >= now - BETTER_LIFTED) {
            return Warmth.TONED;
        }
        return fragile(at) && now <= OFF_ON_WEAK ? Warmth.BORNE : Warmth.LIFTED_FURTHER;
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

    /** Least minutes, in steps of a whole minute, to reach a level; the longest that is tried where it is not reached. */
    private static double minutesTo(Canvas canvas, double level) {
        double from = 0;
        double to = TRIED_MINUTES;
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

    /**
     * R9: colour with 20 vol lifts natural hair a level, off the scalp 30 vol up to two: where that is all that is wanted, nothing
     * is lightened.
     */
    boolean byColour(BandRef at, Aim aim) {
        HairState hair = work.hair(at);
        double levels = aim.level() - deep(hair);
        WorkedBand band = desk.head().at(at);
        if (aim.direct()
                || aim.onlyLifted()
                || band.band().kind() != BandKind.NATURAL
                || hair.lifted()
                || hair.canvas().greyShare() >= FillerNeed.SPEAKS_OF_GREY
                || levels > MOST_BY_COLOUR
                || aim.level() > LIGHTEST_BY_COLOUR
                || desk.range().of(ShadeClass.PERMANENT).isEmpty()) {
            return false;
        }
        Laying.Deposit colour = byColour(band, List.of(at), aim);
        return desk.best(work.recipes().task(colour, BowlPlace.ROOTS, work::hair))
                        .misfit()
                <= (levels <= 1 ? NEAR_BY_A_LEVEL : NEAR_BY_COLOUR);
    }

    /** Permanent colour that lifts, as strong as the place of the hair allows (R33). */
    Laying.Deposit byColour(WorkedBand band, List<BandRef> bands, Aim aim) {
        return Laying.colour(
                        band.purpose() == Layer.Purpose.MELT ? Action.MELT : Action.TARGET,
                        bands,
                        aim,
                        ShadeClass.PERMANENT,
                        desk.volumeFor(band.touchesScalp() ? USUAL_VOLUME : STRONG_COLOUR),
                        ShadeClass.PERMANENT.fullMinutes())
                .mixedAs(desk.range().habit(ShadeClass.PERMANENT));
    }

    /** The gentlest that reaches the goal, or comes nearest before the hair's strength or the day ends it; parted over the visits. */
    Dose dose(BandRef at, double goal) {
        Dose whole = inADay(at, goal);
        boolean later = work.visit() < strategy.visits();
        if (!later || whole.times() == 1 || whole.reached() < goal - NEARLY) {
            return whole;
        }
        // R48: visits are there to be shorter. What a day would lay fresh is laid the next time.
        Place place = desk.head().at(at).place();
        HairState once =
                work.hair(at).after(lightening(whole.make(), whole.way(), place, whole.volume(), whole.minutes()));
        return new Dose(whole.way(), whole.make(), whole.volume(), whole.minutes(), 1, deep(once));
    }

    private Dose inADay(BandRef at, double goal) {
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
        Dose best = null;
        for (Lightener make : suited(at, way, goal)) {
            for (double tried : volumes(at, way)) {
                Dose dose = dose(at, goal, way, make, Math.min(tried, make.mostVolume()));
                boolean reaches = dose.reached() >= goal - NEARLY;
                if (reaches) {
                    return dose;
                }
                if (best == null || dose.reached() > best.reached() + LEAST_GAIN) {
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
        Optional<Lightener> asked = desk.head()
                .at(at)
                .how()
                .lightener()
                .flatMap(code -> all.stream()
                        .filter(one -> one.code().equals(code))
                        .filter(one -> one.scalp() || !desk.head().at(at).touchesScalp())
                        .findFirst());
        if (asked.isPresent()) {
            return List.of(asked.get());
        }
        double levels = goal - deep(work.hair(at));
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
        Dose best = new Dose(way, make, volume, 0, 1, deep(hair));
        for (int times = 1; times <= (way == LiftWay.WASH ? 1 : MOST_LAYINGS); times++) {
            for (double minutes = SHORTEST; minutes <= longest(way, times); minutes += STEP) {
                HairState lifted = hair;
                for (int i = 0; i < times; i++) {
                    lifted = lifted.after(lightening(make, way, place, volume, minutes));
                }
                if (lifted.integrity() < least) {
                    return best;
                }
                if (deep(lifted) > best.reached() + LEAST_GAIN) {
                    best = new Dose(way, make, volume, minutes, times, deep(lifted));
                }
                if (deep(lifted) >= goal - NEARLY) {
                    return best;
                }
            }
        }
        return best;
    }

    /** R36: a foil keeps product at work a little longer than the open air does; what is laid fresh anyway need not wait for that. */
    private static double longest(LiftWay way, int times) {
        return way == LiftWay.WASH ? LONGEST_WASH : way.foiled() && times == 1 ? LONGEST_IN_FOIL : LONGEST;
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

    /**
     * R32: by the strength of the hair, the weakest that gets there first; R33: no more than 20 vol where it touches the scalp,
     * whatever hair it is.
     */
    private List<Double> volumes(BandRef at, LiftWay way) {
        HairState hair = work.hair(at);
        Porosity porosity = hair.canvas().fibre().nearestPorosity();
        boolean strong = strategy.method().pull() == Pull.STRONG_AND_SHORT;
        if (fragile(at)) {
            return List.of(desk.volumeFor(10));
        }
        OptionalDouble asked = desk.head().at(at).how().volume();
        if (asked.isPresent()) {
            double most = desk.head().at(at).touchesScalp() ? USUAL_VOLUME : MOST_VOLUME;
            return List.of(desk.volumeFor(Math.min(most, asked.getAsDouble())));
        }
        if (way == LiftWay.REFRESH) {
            // Hair that is light but strong bears the usual developer in a mild product sooner than a harsh one.
            return List.of(desk.volumeFor(10), desk.volumeFor(USUAL_VOLUME));
        }
        if (desk.head().at(at).touchesScalp()) {
            return List.of(desk.volumeFor(USUAL_VOLUME));
        }
        if (strong && stubborn(at, way) && desk.tested()) {
            return List.of(desk.volumeFor(40));
        }
        if (strong) {
            return List.of(desk.volumeFor(STRONG_LIGHTENER));
        }
        boolean coarse = hair.canvas().fibre().thickness() == Thickness.COARSE && !porosity.raised();
        return coarse
                ? List.of(desk.volumeFor(USUAL_VOLUME), desk.volumeFor(STRONG_LIGHTENER))
                : List.of(desk.volumeFor(USUAL_VOLUME));
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
    List<Laying.Lift> layings(Map<BandRef, Double> goals) {
        record Family(LiftWay way, Lightener make, double volume, int times) {}
        Map<Family, NavigableMap<Double, List<BandRef>>> families = new LinkedHashMap<>();
        Map<BandRef, Dose> doses = new LinkedHashMap<>();
        goals.forEach((at, goal) -> doses.put(at, dose(at, goal)));
        doses.forEach((at, alone) -> {
            Dose dose = inOneFoil(at, alone, goals.getOrDefault(at, LevelScale.LIGHTEST), doses);
            if (dose.minutes() >= SHORTEST) {
                families.computeIfAbsent(
                                new Family(dose.way(), dose.make(), dose.volume(), dose.times()),
                                family -> new TreeMap<>())
                        .computeIfAbsent(dose.minutes(), minutes -> new ArrayList<>())
                        .add(at);
            }
        });
        List<Laying.Lift> all = new ArrayList<>();
        families.forEach((family, byMinutes) -> together(byMinutes, family.way.foiled() ? ONE_BOWL : 0)
                .forEach((minutes, bands) -> {
                    Collections.sort(bands);
                    all.add(Laying.lift(
                                    Action.LIGHTEN,
                                    bands,
                                    family.way,
                                    family.volume,
                                    minutes,
                                    family.make.ratio(),
                                    family.times)
                            .by(family.make));
                }));
        // Bowls are lettered by their ways: bands, lengths, roots, what is light.
        all.sort(Comparator.comparingInt((Laying.Lift l) -> order(l.way()))
                .thenComparingDouble(Laying::volume)
                .thenComparingInt(Laying.Lift::times)
                .thenComparingDouble(Laying.Lift::minutes)
                .thenComparing(l -> l.lightener().orElse(Lightener.PLAIN).code()));
        return all;
    }

    /**
     * R46: what lies in one foil comes off with it, each in its own strength. Stubborn coloured hair that would keep the foil waiting
     * gets a stronger bowl, where that makes up for it.
     */
    private Dose inOneFoil(BandRef at, Dose alone, double goal, Map<BandRef, Dose> doses) {
        double first = doses.entrySet().stream()
                .filter(other -> other.getKey().zone() == at.zone()
                        && other.getValue().way() == alone.way()
                        && other.getValue().minutes() >= SHORTEST)
                .mapToDouble(other -> other.getValue().minutes())
                .min()
                .orElse(alone.minutes());
        if (alone.minutes() * alone.times() - first < ONE_BOWL || !stubborn(at, alone.way()) || fragile(at)) {
            return alone;
        }
        double stronger = desk.volumeFor(Math.min(STRONG_LIGHTENER, alone.make().mostVolume()));
        if (stronger <= alone.volume()
                || desk.head().at(at).how().volume().isPresent()
                || desk.head().at(at).touchesScalp()) {
            return alone;
        }
        Dose dose = dose(at, goal, alone.way(), alone.make(), stronger);
        return dose.reached() >= goal - NEARLY && dose.times() == 1 && dose.minutes() <= first + ONE_BOWL
                ? dose
                : alone;
    }

    private boolean stubborn(BandRef at, LiftWay way) {
        return way == LiftWay.BAND
                && desk.head().band(at).kind() == BandKind.COLOURED
                && work.hair(at).canvas().fibre().layers() >= 2;
    }

    /** What lies in one foil comes off with it: what needs nearly as long is one bowl, by the longest of its bands. */
    private static Map<Double, List<BandRef>> together(NavigableMap<Double, List<BandRef>> byMinutes, double apart) {
        Map<Double, List<BandRef>> all = new LinkedHashMap<>();
        List<BandRef> some = new ArrayList<>();
        double least = 0;
        double most = 0;
        for (Map.Entry<Double, List<BandRef>> next : byMinutes.entrySet()) {
            if (!some.isEmpty() && next.getKey() - least > apart) {
                all.put(most, some);
                some = new ArrayList<>();
            }
            least = some.isEmpty() ? next.getKey() : least;
            most = next.getKey();
            some.addAll(next.getValue());
        }
        if (!some.isEmpty()) {
            all.put(most, some);
        }
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

    boolean isCleansed(BandRef at) {
        return cleansed.contains(at);
    }

    /** Cleanse mix on each of them, for as long as it takes to its goal, else some 15 min; no longer than its strength bears. */
    List<Laying.Lift> cleanse(List<BandRef> some, Map<BandRef, Double> goals) {
        NavigableMap<Double, List<BandRef>> byMinutes = new TreeMap<>();
        for (BandRef at : some) {
            double minutes = cleanse(at, goals.getOrDefault(at, LevelScale.LIGHTEST));
            if (minutes >= SHORTEST) {
                byMinutes.computeIfAbsent(minutes, m -> new ArrayList<>()).add(at);
            }
        }
        List<Laying.Lift> all = new ArrayList<>();
        byMinutes.forEach((minutes, bands) ->
                all.add(Laying.lift(Action.CLEANSE, bands, LiftWay.BAND, CLEANSE_VOLUME, minutes, CLEANSE_RATIO, 1)));
        return all;
    }

    private double cleanse(BandRef at, double goal) {
        double most = 0;
        for (double minutes = SHORTEST; minutes <= LONGEST_CLEANSE; minutes += STEP) {
            Laying.Lift tried =
                    Laying.lift(Action.CLEANSE, List.of(at), LiftWay.BAND, CLEANSE_VOLUME, minutes, CLEANSE_RATIO, 1);
            HairState hair =
                    work.hair(at).after(tried.lightening(desk.head().at(at).place()));
            if (hair.integrity() < LEAST_LEFT) {
                break;
            }
            most = Math.min(minutes, USUAL_CLEANSE);
            if (deep(hair) >= goal - NEARLY) {
                return minutes;
            }
        }
        return most;
    }
}
