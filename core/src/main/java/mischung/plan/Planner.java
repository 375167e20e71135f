package mischung.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import mischung.change.Application;
import mischung.change.Factors;
import mischung.change.Place;
import mischung.change.Setting;
import mischung.doubt.Calibration;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.Dyes;
import mischung.hair.Head;
import mischung.hair.LevelScale;
import mischung.hair.Porosity;
import mischung.hair.Tone;
import mischung.hair.ToneScale;
import mischung.light.Lab;
import mischung.product.BowlGrams;
import mischung.product.Developer;
import mischung.product.HairAmount;
import mischung.product.Mix;
import mischung.product.ProductRange;
import mischung.product.Shade;
import mischung.product.ShadeClass;

/**
 * Light to dark: decides for every band, then simulates the head through equaliser, fillers and target, looking for the
 * formula of each bowl on the hair as it will be by then. The same head, wish, school and range give the same plan.
 */
public final class Planner {
    /** Bands whose aims or canvases differ by no more than this share a bowl, in levels. */
    private static final double SAME_FILLER = 0.5;

    private static final double SAME_CANVAS = 1;
    /** A filler is judged by its depth first: the schools differ in levels. */
    private static final double FILLER_DEPTH_WEIGHT = 2;

    private static final double EQUALISER_MINUTES = 5;

    /** R20. */
    private static final Developer GENTLE = new Developer(10);

    /** The filler brings the warmth (R15 calls warmth in the target the least predictable way); the target is the wish. */
    private static final double MOSTLY_THE_WISH = 0.75;

    private final Head head;
    private final Wish wish;
    private final School school;
    private final ProductRange range;
    private final List<BandRef> bands;
    private final List<BandAnswer> answers = new ArrayList<>();
    private final Simulation simulation;
    private final List<PlanStep> steps = new ArrayList<>();
    private final BowlReasons reasons;
    private char nextBowl = 'A';

    private Planner(Head head, Wish wish, School school, ProductRange range, Calibration calibration) {
        this.head = head;
        this.wish = wish;
        this.school = school;
        this.range = range;
        this.bands = Plan.bandsOf(head);
        this.simulation = new Simulation(head, wish, calibration);
        this.reasons = new BowlReasons(head, wish, school);
        FillerNeed need = new FillerNeed(wish);
        for (BandRef at : bands) {
            answers.add(need.of(at, head.band(at)));
        }
    }

    /** For a head of which no strand was tested. */
    public static Plan plan(Head head, Wish wish, School school, ProductRange range) {
        return plan(head, wish, school, range, Calibration.none());
    }

    /** @param calibration what strand tests have taught of this client's hair */
    public static Plan plan(Head head, Wish wish, School school, ProductRange range, Calibration calibration) {
        return new Planner(head, wish, school, range, calibration).run();
    }

    private Plan run() {
        List<List<Outcome>> now = simulation.outcomes(Set.of());
        equalise();
        fill();
        target();
        List<List<Outcome>> alone = alone(now);
        List<List<BandAnswer>> byZone = new ArrayList<>();
        for (int zone = 0; zone < head.zones().size(); zone++) {
            int z = zone;
            byZone.add(answers.stream().filter(a -> a.band().zone() == z).toList());
        }
        Plan plan = new Plan(head, wish, school, byZone, now, steps, alone, List.of());
        return new Plan(head, wish, school, byZone, now, steps, alone, Findings.of(plan));
    }

    private List<BandRef> where(Decision decision) {
        return answers.stream()
                .filter(a -> a.decision() == decision)
                .map(BandAnswer::band)
                .toList();
    }

    private Porosity porosity(BandRef at) {
        return head.band(at).porosity();
    }

    /** R23 for very porous hair; R10 for porous hair that gets no filler to even it. */
    private void equalise() {
        List<BandRef> thirsty = answers.stream()
                .filter(a -> a.decision().coloured())
                .filter(a -> porosity(a.band()) == Porosity.VERY_HIGH
                        || (porosity(a.band()) == Porosity.HIGH
                                && a.decision() == Decision.COLOUR
                                && head.band(a.band()).kind() != BandKind.NATURAL))
                .map(BandAnswer::band)
                .toList();
        if (thirsty.isEmpty()) {
            return;
        }
        simulation.equalise(thirsty, EQUALISER_MINUTES);
        double need = HairAmount.treatmentGrams(head, thirsty) * (1 + HairAmount.reserve());
        Treatment treatment =
                new Treatment(thirsty, (int) Math.ceil(need), EQUALISER_MINUTES, reasons.equaliser(thirsty));
        steps.add(new PlanStep(
                PlanStep.Kind.EQUALISE,
                "Equaliser",
                List.of(treatment),
                List.of(),
                simulation.outcomes(new HashSet<>(thirsty))));
    }

    private void fill() {
        List<BandRef> filled = where(Decision.FILL);
        int rounds = filled.stream().mapToInt(at -> rungs(at).size()).max().orElse(0);
        for (int round = 0; round < rounds; round++) {
            int left = rounds - round;
            // Aligned at the last filler: a band with a shorter way joins later.
            List<BandRef> due =
                    filled.stream().filter(at -> rungs(at).size() >= left).toList();
            List<Bowl> bowls = new ArrayList<>();
            for (boolean porous : new boolean[] {false, true}) {
                List<BandRef> some = due.stream()
                        .filter(at -> porosity(at).raised() == porous)
                        .toList();
                for (List<BandRef> group : clusters(some, at -> rung(at, left), SAME_FILLER)) {
                    bowls.add(fillerBowl(group, porous, left));
                }
            }
            addStep(PlanStep.Kind.FILL, rounds == 1 ? "Filler" : "Filler " + (round + 1), bowls, due);
        }
    }

    private List<Double> rungs(BandRef at) {
        return FillerLevels.between(head.band(at).level(), wish.level(), school);
    }

    /** The level this band is filled to when {@code left} fillers, this one included, still come. */
    private double rung(BandRef at, int left) {
        List<Double> rungs = rungs(at);
        return rungs.get(rungs.size() - left);
    }

    private Bowl fillerBowl(List<BandRef> group, boolean porous, int left) {
        // The lightest of the group's levels: so no band of it drops further than its school allows.
        double aim = group.stream().mapToDouble(at -> rung(at, left)).max().orElseThrow();
        Application application = usual(ShadeClass.DEMI);
        FormulaTask task = new FormulaTask(
                spots(group, ToneScale.colourOf(aim, Tone.AS_LIFTED), application),
                application,
                near(ShadeClass.DEMI, aim),
                aim - 1.5,
                aim + 1.5,
                FillerShares.of(school, wish),
                FILLER_DEPTH_WEIGHT);
        Formula formula = FormulaSearch.best(task);
        return bowl(
                porous ? BowlPlace.POROUS : BowlPlace.LENGTHS,
                formula,
                application,
                developer(porous ? 6 : 10),
                aim,
                LevelScale.words(aim) + " " + FillerLevels.tone(aim),
                task,
                group,
                reasons.filler(group, aim, left, formula, porous));
    }

    /** What is never added to a wish of another tone to correct it: too strong in its own hue. */
    private Set<Tone> notForCorrecting() {
        Set<Tone> strong = EnumSet.of(Tone.MAHOGANY, Tone.VIOLET);
        strong.remove(wish.tone());
        return strong;
    }

    private void target() {
        List<Bowl> bowls = new ArrayList<>();
        List<BandRef> due = new ArrayList<>();
        List<BandRef> covered = where(Decision.COVER_GREY);
        List<BandRef> coloured = where(Decision.COLOUR);
        List<BandRef> roots = coloured.stream()
                .filter(at -> head.band(at).kind() == BandKind.NATURAL)
                .toList();
        List<BandRef> lengths = new ArrayList<>(where(Decision.FILL));
        coloured.stream().filter(at -> head.band(at).kind() != BandKind.NATURAL).forEach(lengths::add);
        List<BandRef> even =
                lengths.stream().filter(at -> !porosity(at).raised()).toList();
        List<BandRef> porous =
                lengths.stream().filter(at -> porosity(at).raised()).toList();

        targetBowls(bowls, covered, BowlPlace.ROOTS, atRoot(ShadeClass.COVERAGE, developer(20)), developer(20));
        targetBowls(bowls, roots, BowlPlace.ROOTS, atRoot(ShadeClass.PERMANENT, developer(10)), developer(10));
        targetBowls(bowls, even, BowlPlace.LENGTHS, usual(ShadeClass.DEMI), developer(10));
        Application demi = usual(ShadeClass.DEMI);
        // R21: what drinks fastest goes on at half time, if there is anything else to begin with.
        Application late = bowls.isEmpty() ? demi : demi.withMinutes(demi.minutes() / 2);
        targetBowls(bowls, porous, BowlPlace.POROUS, late, developer(6));
        bowls.forEach(bowl -> due.addAll(bowl.bands()));
        if (!bowls.isEmpty()) {
            addStep(PlanStep.Kind.TARGET, "Target", bowls, due);
        }
    }

    private void targetBowls(
            List<Bowl> bowls, List<BandRef> some, BowlPlace place, Application application, Developer developer) {
        for (List<BandRef> group :
                clusters(some, at -> simulation.canvas(at).look().level(), SAME_CANVAS)) {
            bowls.add(targetBowl(group, place, application, developer));
        }
    }

    private Bowl targetBowl(List<BandRef> group, BowlPlace place, Application application, Developer developer) {
        boolean porous = place == BowlPlace.POROUS;
        FormulaTask task = new FormulaTask(
                spots(group, wish.colour(), application),
                application,
                near(application.shadeClass(), wish.level()),
                porous ? wish.level() + 0.5 : wish.level() - 1,
                wish.level() + 1,
                List.of(
                        new FormulaTask.ToneShare(EnumSet.of(Tone.NATURAL, wish.tone()), MOSTLY_THE_WISH, 1),
                        new FormulaTask.ToneShare(notForCorrecting(), 0, 0)),
                1);
        Formula formula = FormulaSearch.best(task);
        return bowl(
                place,
                formula,
                application,
                developer,
                wish.level(),
                wish.words(),
                task,
                group,
                reasons.target(group, place, application, developer, formula));
    }

    private Bowl bowl(
            BowlPlace place,
            Formula formula,
            Application application,
            Developer developer,
            double aimLevel,
            String aimWords,
            FormulaTask task,
            List<BandRef> group,
            List<Reason> why) {
        String name = nextBowl <= 'Z' ? String.valueOf(nextBowl) : "Z" + (nextBowl - 'Z');
        nextBowl++;
        return new Bowl(
                name,
                place,
                formula,
                developer,
                application.developerPerColour(),
                application.minutes(),
                aimLevel,
                aimWords,
                task.spots().get(0).aim(),
                group,
                BowlGrams.of(formula.mix(), application.developerPerColour(), HairAmount.mixGrams(head, group)),
                why);
    }

    private void addStep(PlanStep.Kind kind, String name, List<Bowl> bowls, Collection<BandRef> due) {
        for (Bowl bowl : bowls) {
            simulation.lay(applicationOf(bowl), bowl.bands());
        }
        steps.add(new PlanStep(kind, name, List.of(), bowls, simulation.outcomes(new HashSet<>(due))));
    }

    private static Application applicationOf(Bowl bowl) {
        Mix mix = bowl.formula().mix();
        return Application.usual(mix.dyes(), mix.shadeClass(), bowl.developer().volume())
                .withRatio(bowl.developerPerColour())
                .withMinutes(bowl.minutes())
                .laid(bowl.place() == BowlPlace.ROOTS ? Setting.OPEN.at(Place.SCALP) : Setting.OPEN);
    }

    /**
     * What most people would try: the one shade that is named like the wish, straight on the hair as read, without filler
     * and without any correction of its tone. Natural hair is coloured as planned.
     */
    private List<List<Outcome>> alone(List<List<Outcome>> now) {
        if (steps.isEmpty()) {
            return now;
        }
        Simulation bare = new Simulation(head, wish, Calibration.none());
        Set<BandRef> touched = new HashSet<>();
        for (PlanStep step : steps) {
            step.treatments().forEach(treatment -> bare.equalise(treatment.bands(), EQUALISER_MINUTES));
            if (step.kind() == PlanStep.Kind.TARGET) {
                for (Bowl bowl : step.bowls()) {
                    bare.lay(
                            bowl.place() == BowlPlace.ROOTS
                                    ? applicationOf(bowl)
                                    : usual(ShadeClass.DEMI)
                                            .withDyes(plainShade().dyes()),
                            bowl.bands());
                    touched.addAll(bowl.bands());
                }
            }
        }
        return bare.outcomes(touched);
    }

    /** The demi shade of the wished tone nearest to the wished level; a maker's usual shade if the range has none. */
    private Shade plainShade() {
        return range.of(ShadeClass.DEMI).stream()
                .filter(s -> s.tone().filter(t -> t == wish.tone()).isPresent())
                .filter(s -> Math.abs(s.level() - wish.level()) <= 0.5)
                .min(Comparator.comparingDouble(s -> Math.abs(s.level() - wish.level())))
                .orElseGet(() -> Shade.derived(ShadeClass.DEMI, wish.level(), wish.tone()));
    }

    /** The bands as the colour finds them: where it lifts by itself, a little lighter than they are. */
    private List<FormulaTask.Spot> spots(List<BandRef> group, Lab aim, Application application) {
        return group.stream()
                .map(at -> new FormulaTask.Spot(
                        application.ownLift(simulation.canvas(at), Factors.AVERAGE),
                        aim,
                        Math.max(0.1, HairAmount.mixGrams(head, List.of(at)))))
                .toList();
    }

    /** Shades of the class within a level and a half; the nearest few if the range has none there. */
    private List<Shade> near(ShadeClass shadeClass, double level) {
        List<Shade> all = range.of(shadeClass);
        List<Shade> near = all.stream()
                .filter(s -> s.isClear() || Math.abs(s.level() - level) <= 1.5)
                .toList();
        if (near.stream().anyMatch(s -> !s.isClear())) {
            return near;
        }
        List<Shade> byDistance = all.stream()
                .filter(s -> !s.isClear())
                .sorted(Comparator.comparingDouble(s -> Math.abs(s.level() - level)))
                .limit(4)
                .toList();
        return byDistance.isEmpty() ? range.shades() : byDistance;
    }

    private static Application usual(ShadeClass shadeClass) {
        return Application.usual(Dyes.NONE, shadeClass, GENTLE.volume());
    }

    private static Application atRoot(ShadeClass shadeClass, Developer developer) {
        return Application.usual(Dyes.NONE, shadeClass, developer.volume()).laid(Setting.OPEN.at(Place.SCALP));
    }

    /** The strongest in stock that is not stronger than wanted; the weakest if all are. */
    private Developer developer(double volume) {
        return range.developers().stream()
                .filter(d -> d.volume() <= volume)
                .max(Comparator.comparingDouble(Developer::volume))
                .or(() -> range.developers().stream().min(Comparator.comparingDouble(Developer::volume)))
                .orElseGet(() -> new Developer(volume));
    }

    /** Splits into groups whose values lie within {@code width}; lightest group first. */
    private static List<List<BandRef>> clusters(List<BandRef> some, ToDoubleFunction<BandRef> value, double width) {
        List<BandRef> sorted = some.stream()
                .sorted(Comparator.comparingDouble(value)
                        .reversed()
                        .thenComparingInt(BandRef::zone)
                        .thenComparingInt(BandRef::band))
                .toList();
        List<List<BandRef>> groups = new ArrayList<>();
        double top = Double.NaN;
        for (BandRef at : sorted) {
            double here = value.applyAsDouble(at);
            if (groups.isEmpty() || top - here > width + 1e-9) {
                groups.add(new ArrayList<>());
                top = here;
            }
            groups.get(groups.size() - 1).add(at);
        }
        return groups;
    }
}
