package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.ZonePlace;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.BowlPlace;
import mischung.plan.LiftBowl;
import mischung.plan.LiftWay;
import mischung.plan.PlanStep;
import mischung.plan.Treatment;
import mischung.process.Place;
import mischung.product.ShadeClass;
import mischung.said.Said;
import mischung.school.Rinse;
import mischung.sequence.Stage.Alone;
import mischung.sequence.StageAssembly.Shown;
import mischung.wish.Weave;
import mischung.wish.WorkedHead;

/** What the bowls and treatments of a plan ask of hands: what is laid where, how long it works, what is said of it. */
final class StageDemand {
    /** Past its full time, for colour that was to be stopped before. */
    private static final int STOPPED_LATER = 10;

    private final WorkedHead head;
    private final Durations durations;
    private final Comparator<Integer> order;

    /** @param order of zones, by their index */
    StageDemand(WorkedHead head, Durations durations, Comparator<Integer> order) {
        this.head = head;
        this.durations = durations;
        this.order = order;
    }

    Alone sectioning(boolean backFirst) {
        return alone(
                "SECTION",
                Task.Kind.PREPARE,
                TaskMessage.SECTION,
                List.of(
                        (backFirst ? TaskMessage.BACK_FIRST : TaskMessage.FRONT_FIRST).alone(),
                        TaskMessage.BEFORE_ALL.alone()),
                durations.minutes("sectioning", Task.Kind.PREPARE),
                head.bands());
    }

    Alone drying() {
        return alone("DRY", Task.Kind.DRY, TaskMessage.DRY, List.of(), durations.drying(head), head.bands());
    }

    /** Towel and rough dry. */
    Alone towelling() {
        return towelled(TaskMessage.TOWEL_ROUGH_DRY, "rough dry");
    }

    Alone towel() {
        return towelled(TaskMessage.TOWEL, "towel");
    }

    private Alone towelled(TaskMessage title, String duration) {
        return alone(
                "TOWEL", Task.Kind.DRY, title, List.of(), durations.minutes(duration, Task.Kind.DRY), head.bands());
    }

    Alone clarifying(Treatment treatment) {
        return alone(
                "CLARIFY",
                Task.Kind.RINSE,
                TaskMessage.CLARIFY
                        .say()
                        .count("times", treatment.laying().times())
                        .said(),
                List.of(TaskMessage.NO_CONDITIONER.alone()),
                durations.whole(
                        treatment.laying().minutes() * treatment.laying().times(), Task.Kind.RINSE),
                treatment.bands());
    }

    Alone trimming(Treatment treatment) {
        return alone(
                "TRIM",
                Task.Kind.PREPARE,
                TaskMessage.CUT_OFF,
                List.of(),
                durations.minutes("trim", Task.Kind.PREPARE),
                treatment.bands());
    }

    Alone looking() {
        return alone(
                "LOOK",
                Task.Kind.CHECK,
                TaskMessage.LOOK,
                List.of(TaskMessage.IN_DAYLIGHT.alone()),
                durations.minutes("look", Task.Kind.CHECK),
                head.bands());
    }

    Stage.Work equaliser(Treatment treatment) {
        Alone comb = alone(
                "COMB",
                Task.Kind.CHECK,
                TaskMessage.COMB_OUT,
                List.of(TaskMessage.LEAVE_THE_REST.alone()),
                1,
                treatment.bands());
        return new Stage.Work(
                List.of(laid(
                        treatment,
                        "equaliser on porous hair",
                        TaskMessage.EQUALISER.alone(),
                        TaskMessage.WORKED_THROUGH,
                        treatment.grams())),
                List.of(),
                Optional.of(comb),
                Optional.empty());
    }

    Stage.Work bond(Treatment treatment) {
        return new Stage.Work(
                List.of(laid(
                        treatment,
                        "bond treatment",
                        TaskMessage.BOND_TREATMENT.alone(),
                        TaskMessage.ON_LIFTED_HAIR,
                        treatment.grams())),
                List.of(),
                Optional.empty(),
                Optional.of(rinse(TaskMessage.RINSE, "cool rinse", treatment.bands())));
    }

    /** Round by round, each with its long rinse (R30). */
    List<Stage.Work> remover(Treatment treatment) {
        int rounds = treatment.laying().times();
        int each = treatment.grams() / rounds;
        Alone rinse = alone(
                "RINSE",
                Task.Kind.RINSE,
                TaskMessage.LONG_RINSE,
                List.of(TaskMessage.DARKENS_AGAIN.alone()),
                durations.minutes("rinse", Task.Kind.RINSE) + durations.minutes("cool rinse", Task.Kind.RINSE),
                treatment.bands());
        return IntStream.rangeClosed(1, rounds)
                .mapToObj(round -> new Stage.Work(
                        List.of(laid(
                                treatment,
                                rounds == 1 ? "remover" : "remover, round " + round,
                                rounds == 1
                                        ? TaskMessage.REMOVER.alone()
                                        : TaskMessage.REMOVER_ROUND
                                                .say()
                                                .count("round", round)
                                                .said(),
                                TaskMessage.SATURATED,
                                each)),
                        List.of(),
                        Optional.of(check(TaskMessage.CHECK_CANVAS, TaskMessage.SHOWS_ORANGE, treatment.bands())),
                        Optional.of(rinse)))
                .toList();
    }

    private ProductUse laid(Treatment treatment, String name, Said what, TaskMessage detail, int grams) {
        int works = (int) Math.round(treatment.laying().minutes());
        double share = durations.of(treatment.action() == Action.REMOVE ? "remover laying" : "care laying");
        Map<Integer, Double> minutes = new LinkedHashMap<>();
        ProductUse.zones(head, treatment.bands(), durations, Optional.empty(), order)
                .forEach((zone, takes) -> minutes.put(zone, share * takes));
        return new ProductUse(
                "",
                name,
                what,
                List.of(detail.say().count("grams", grams).said()),
                minutes,
                works,
                works + (int) durations.of("treatment left longer"),
                (int) durations.of("colour in the bowl"),
                0);
    }

    /**
     * @param some of the step's, from {@link #lightener}
     * @param between whether the colour of the step is laid between them
     */
    Stage.Work lightening(List<LiftLay> some, PlanStep step, boolean between) {
        // Where nothing else lifts, a root waits for nothing.
        boolean onlyRoots = some.stream().allMatch(LiftLay::root);
        List<LiftLay> lays =
                some.stream().map(lay -> onlyRoots ? lay.alone() : lay).toList();
        List<ProductUse> colours = between ? betweenFoils(step) : List.of();
        List<BandRef> bands = Stream.concat(
                        step.lifts().stream()
                                .filter(bowl ->
                                        lays.stream().anyMatch(lay -> lay.bowl().equals(bowl.name())))
                                .flatMap(bowl -> bowl.bands().stream()),
                        colours.isEmpty() ? Stream.of() : bands(step).stream())
                .toList();
        return new Stage.Work(
                colours,
                lays,
                Optional.of(check(
                        colours.isEmpty() ? TaskMessage.CHECK_LIFT : TaskMessage.CHECK_LIFT_AND_COLOUR,
                        TaskMessage.STRETCH_ONE_WET,
                        bands)),
                Optional.of(alone(
                        "RINSE",
                        Task.Kind.RINSE,
                        TaskMessage.RINSE_SHAMPOO,
                        List.of(TaskMessage.NO_RUBBING.alone()),
                        durations.minutes("rinse", Task.Kind.RINSE),
                        bands)));
    }

    /**
     * @param before the hair it goes on
     * @param washedBetween whether each fresh laying is rinsed and dried before, and so a stage of its own
     */
    LiftLay lightener(LiftBowl bowl, Function<BandRef, Canvas> before, boolean washedBetween) {
        LiftWay way = bowl.laying().way();
        boolean foiled = Foils.foiled(bowl);
        boolean woven = bowl.bands().stream().allMatch(at -> head.at(at).weave() != Weave.ALL);
        record Alike(Place place, Canvas canvas) {}
        Map<Alike, Ramping> alike = new HashMap<>();
        Map<Integer, Ramping> ramping = new TreeMap<>();
        bowl.bands().stream().collect(Collectors.groupingBy(BandRef::zone)).forEach((zone, bands) -> {
            BandRef at = heaviest(bands);
            // Hair that is alike is reckoned once.
            ramping.put(
                    zone,
                    alike.computeIfAbsent(
                            new Alike(head.at(at).place(), before.apply(at)),
                            same -> new Ramping(bowl.laying(), same.place, same.canvas)));
        });
        return new LiftLay(
                bowl.name(),
                "bowl " + bowl.name() + " " + way.words(),
                TaskMessage.BOWL_LIFTING
                        .say()
                        .typed("bowl", bowl.name())
                        .thing("way", way)
                        .said(),
                detail(bowl.bands(), TaskMessage.SHIELD),
                foiled ? woven ? LiftLay.Foils.PIECES : LiftLay.Foils.WHOLE : LiftLay.Foils.NONE,
                ProductUse.zones(head, bowl.bands(), durations, foiled ? Optional.of(way) : Optional.empty(), order),
                (int) Math.round(bowl.laying().minutes()),
                washedBetween ? 1 : bowl.laying().times(),
                (int) durations.of("lightener in the bowl"),
                (double) bowl.totalGrams() / bowl.laying().times(),
                // Woven pieces lie in their foil from the scalp on.
                !(foiled && woven)
                        && bowl.bands().stream().allMatch(at -> head.at(at).touchesScalp()),
                ramping);
    }

    private BandRef heaviest(List<BandRef> bands) {
        return bands.stream()
                .max(Comparator.comparingDouble(at -> head.mixGrams(List.of(at))))
                .orElseThrow();
    }

    Stage.Work filler(PlanStep step, Rinse rinse, Set<BandRef> foiled) {
        List<BandRef> bands = bands(step);
        Alone then = switch (rinse) {
            case COOL -> rinse(TaskMessage.COOL_RINSE, "cool rinse", bands);
            case SHAMPOO -> rinse(TaskMessage.RINSE_SHAMPOO, "rinse", bands);
            case TOWEL ->
                alone(
                        "TOWEL",
                        Task.Kind.PREPARE,
                        TaskMessage.TOWEL_OFF,
                        List.of(TaskMessage.SHORT_CUT.alone()),
                        durations.minutes("towel", Task.Kind.PREPARE),
                        bands);
        };
        return new Stage.Work(
                colours(step, foiled),
                List.of(),
                Optional.of(check(TaskMessage.CHECK_FILLER, TaskMessage.WIPE_IN_EVERY_ZONE, bands)),
                Optional.of(then));
    }

    Stage.Work target(PlanStep step, Set<BandRef> foiled) {
        List<BandRef> bands = bands(step);
        // R59c: warm water and shampoo take direct colour along.
        boolean direct = step.bowls().stream().anyMatch(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT);
        return new Stage.Work(
                colours(step, foiled),
                List.of(),
                Optional.of(check(TaskMessage.CHECK_COLOUR, TaskMessage.WIPE_WHERE_IT_BEGAN, bands)),
                Optional.of(
                        direct
                                ? rinse(TaskMessage.RINSE_COOL_CONDITION, "rinse", bands)
                                : rinse(TaskMessage.RINSE_CONDITION, "rinse", bands)));
    }

    private static List<BandRef> bands(PlanStep step) {
        return step.bowls().stream().flatMap(bowl -> bowl.bands().stream()).toList();
    }

    /** R47: on sections that lie open anyway, kept apart from the foils. */
    private List<ProductUse> betweenFoils(PlanStep step) {
        Set<Integer> parted = step.lifts().stream()
                .flatMap(bowl -> bowl.bands().stream())
                .map(BandRef::zone)
                .collect(Collectors.toCollection(HashSet::new));
        return laid(
                step,
                parted,
                bowl -> colour(
                        bowl,
                        "bowl " + bowl.name() + " between the foils",
                        TaskMessage.BOWL_BETWEEN
                                .say()
                                .typed("bowl", bowl.name())
                                .said(),
                        TaskMessage.KEPT_APART,
                        false));
    }

    private List<ProductUse> colours(PlanStep step, Set<BandRef> foiled) {
        Set<Strands> folded = new HashSet<>();
        return laid(step, new HashSet<>(), bowl -> colour(bowl, foiled, folded));
    }

    /** Hairs of a zone that lie in the same foils, all along. */
    private record Strands(int zone, int group) {}

    private List<ProductUse> laid(PlanStep step, Set<Integer> parted, Function<Bowl, ProductUse> colour) {
        List<ProductUse> lays = new ArrayList<>();
        for (Bowl bowl : step.bowls()) {
            ProductUse lay = colour.apply(bowl);
            // Sections that were parted for one bowl fall open again for the next.
            Map<Integer, Double> minutes = new LinkedHashMap<>();
            lay.minutesByZone()
                    .forEach((zone, takes) -> minutes.put(
                            zone,
                            parted.contains(zone)
                                    ? Math.max(1, takes - durations.partedAlready(head, zone, share(bowl, zone)))
                                    : takes));
            parted.addAll(minutes.keySet());
            if (atTheBasin(bowl.action()) && step.lifts().isEmpty()) {
                minutes.replaceAll((zone, takes) -> takes * durations.of("toner laying"));
            }
            lays.add(lay.taking(minutes));
        }
        return lays;
    }

    /** R51: from the back below, in plenty, out of the bottle. */
    static boolean atTheBasin(Action action) {
        return action == Action.TONER
                || action == Action.GLOSS
                || action == Action.NEUTRALISE
                || action == Action.PRE_TONE;
    }

    /** Of the hair of a zone that a bowl goes on. */
    private double share(Bowl bowl, int zone) {
        return head.share(bowl.bands().stream().filter(at -> at.zone() == zone).toList());
    }

    /** @param folded hairs that lie in foils already: what else goes on them is laid into those (R46) */
    private ProductUse colour(Bowl bowl, Set<BandRef> foiled, Set<Strands> folded) {
        Set<Strands> here = bowl.bands().stream()
                .flatMap(at -> head.at(at).groups().stream().map(group -> new Strands(at.zone(), group)))
                .collect(Collectors.toSet());
        // Woven out of hair that was not lifted before, as lowlights are.
        boolean foils = !folded.containsAll(here)
                && bowl.bands().stream().allMatch(at -> head.at(at).weave() == Weave.PIECES && !foiled.contains(at));
        if (foils) {
            folded.addAll(here);
        }
        return colour(
                bowl,
                "bowl " + bowl.name() + " on the " + bowl.place().words(),
                TaskMessage.BOWL_ON
                        .say()
                        .typed("bowl", bowl.name())
                        .thing("place", bowl.place())
                        .said(),
                bowl.laying().shadeClass() == ShadeClass.DIRECT
                        ? TaskMessage.DIRECT_ON_SKIN
                        : bowl.place() == BowlPlace.ROOTS ? TaskMessage.DOWN_TO_THE_LINE : TaskMessage.OFF_THE_NATURAL,
                foils);
    }

    private ProductUse colour(Bowl bowl, String name, Said what, TaskMessage how, boolean foils) {
        int works = (int) Math.round(bowl.minutes());
        ShadeClass of = bowl.laying().shadeClass();
        // Full-time colour does not go on darkening (R63); what is stopped early has until a little past its full time.
        int longest = works >= of.fullMinutes()
                ? works + (int) durations.of(of == ShadeClass.DEMI ? "demi left longer" : "colour left longer")
                : Math.max(works, (int) of.fullMinutes()) + STOPPED_LATER;
        return new ProductUse(
                bowl.name(),
                name,
                what,
                Stream.concat(detail(bowl.bands(), how).stream(), feathered(bowl.bands()).stream())
                        .toList(),
                ProductUse.zones(
                        head, bowl.bands(), durations, foils ? Optional.of(LiftWay.WOVEN) : Optional.empty(), order),
                works,
                longest,
                (int) durations.of(of == ShadeClass.DIRECT ? "direct colour in the bowl" : "colour in the bowl"),
                bowl.grams().totalGrams());
    }

    /** R45: a barrier first, where the wish asks for it. */
    private List<Said> detail(List<BandRef> bands, TaskMessage how) {
        return bands.stream().anyMatch(at -> head.at(at).how().barrier())
                ? List.of(TaskMessage.BARRIER_FIRST.alone(), how.alone())
                : List.of(how.alone());
    }

    /** R56, where the wish asks for it and other hair begins. */
    private Optional<Said> feathered(List<BandRef> bands) {
        double most = bands.stream()
                .flatMap(at -> head.bands().stream()
                        .filter(below -> !bands.contains(below)
                                && head.neighbours(at, below)
                                && head.band(below).fromCm() == head.band(at).toCm())
                        .map(below -> head.feather(at, below)))
                .mapToDouble(cm -> cm)
                .max()
                .orElse(0);
        return most > 0
                ? Optional.of(TaskMessage.FEATHER.say().tenth("cm", most).said())
                : Optional.empty();
    }

    private Alone check(TaskMessage title, TaskMessage detail, List<BandRef> bands) {
        return alone(
                "CHECK",
                Task.Kind.CHECK,
                title,
                List.of(detail.alone()),
                durations.minutes("strand check", Task.Kind.CHECK),
                bands);
    }

    private Alone rinse(TaskMessage title, String figure, List<BandRef> bands) {
        return alone(
                "RINSE",
                Task.Kind.RINSE,
                title,
                List.of(TaskMessage.UNTIL_CLEAR.alone()),
                durations.minutes(figure, Task.Kind.RINSE),
                bands);
    }

    private Alone alone(
            String key, Task.Kind kind, TaskMessage title, List<Said> detail, int minutes, List<BandRef> bands) {
        return alone(key, kind, title.alone(), detail, minutes, bands);
    }

    private Alone alone(String key, Task.Kind kind, Said title, List<Said> detail, int minutes, List<BandRef> bands) {
        return new Alone(key, new Shown(kind, title, detail, List.of(), zones(bands)), minutes);
    }

    private List<ZonePlace> zones(List<BandRef> bands) {
        return bands.stream()
                .map(BandRef::zone)
                .distinct()
                .sorted(order)
                .map(zone -> head.read().zones().get(zone).place())
                .toList();
    }
}
