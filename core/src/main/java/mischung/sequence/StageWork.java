package mischung.sequence;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mischung.hair.BandRef;
import mischung.hair.Canvas;
import mischung.hair.ZonePlace;
import mischung.plan.Bowl;
import mischung.plan.BowlPlace;
import mischung.plan.LiftBowl;
import mischung.plan.LiftWay;
import mischung.plan.PlanStep;
import mischung.plan.Treatment;
import mischung.product.ShadeClass;
import mischung.school.Rinse;
import mischung.sequence.Bench.Shown;
import mischung.sequence.Stage.Alone;
import mischung.wish.WorkedHead;

/** What the bowls and treatments of a plan ask of hands: what is laid where, how long it works, what is said of it. */
final class StageWork {
    private static final int LEAST_WINDOW = 5;

    private final WorkedHead head;
    private final Durations durations;
    private final Comparator<Integer> order;

    /** @param order of zones, by their index */
    StageWork(WorkedHead head, Durations durations, Comparator<Integer> order) {
        this.head = head;
        this.durations = durations;
        this.order = order;
    }

    Alone sectioning(boolean backFirst) {
        return alone(
                "SECTION",
                Task.Kind.PREPARE,
                "Section the head",
                (backFirst ? "Back first." : "Front first.") + " Patch test read, scalp whole, gloves on.",
                durations.minutes("sectioning", Task.Kind.PREPARE),
                head.bands());
    }

    Alone drying(String title) {
        return alone("DRY", Task.Kind.DRY, title, "", durations.drying(head), head.bands());
    }

    Alone clarifying(Treatment treatment) {
        return alone(
                "CLARIFY",
                Task.Kind.RINSE,
                "Clarify, " + treatment.laying().times() + " times",
                "Clearing shampoo, no conditioner; then dry.",
                durations.minutes("rinse", Task.Kind.RINSE) * treatment.laying().times(),
                treatment.bands());
    }

    Alone trimming(Treatment treatment) {
        return alone(
                "TRIM",
                Task.Kind.PREPARE,
                "Cut off what failed",
                "",
                durations.minutes("trim", Task.Kind.PREPARE),
                treatment.bands());
    }

    Alone looking() {
        return alone(
                "LOOK",
                Task.Kind.CHECK,
                "Look",
                "In daylight and in warm light, dry. Photograph.",
                durations.minutes("look", Task.Kind.CHECK),
                head.bands());
    }

    Stage.Work equaliser(Treatment treatment) {
        Alone comb =
                alone("COMB", Task.Kind.CHECK, "Comb out what is too much", "Leave the rest in.", 1, treatment.bands());
        return new Stage.Work(
                List.of(laid(treatment, "equaliser on porous hair", treatment.grams() + " g, worked through.")),
                Optional.of(comb),
                Optional.empty());
    }

    Stage.Work bond(Treatment treatment) {
        return new Stage.Work(
                List.of(laid(treatment, "bond treatment", treatment.grams() + " g, on the lifted hair.")),
                Optional.empty(),
                Optional.of(rinse("Rinse", "cool rinse", treatment.bands())));
    }

    /** Round by round, each with its long rinse (R30). */
    List<Stage.Work> remover(Treatment treatment) {
        int rounds = treatment.laying().times();
        int each = treatment.grams() / rounds;
        Alone rinse = alone(
                "RINSE",
                Task.Kind.RINSE,
                "Long rinse",
                "What is not rinsed out darkens again.",
                durations.minutes("rinse", Task.Kind.RINSE) + durations.minutes("cool rinse", Task.Kind.RINSE),
                treatment.bands());
        return IntStream.rangeClosed(1, rounds)
                .mapToObj(round -> new Stage.Work(
                        List.of(laid(
                                treatment,
                                rounds == 1 ? "remover" : "remover, round " + round,
                                each + " g, saturate, film over it; no fine sections. Warm and covered.")),
                        Optional.of(check(
                                "Check the canvas",
                                "A strand where it was darkest: it shows orange now.",
                                treatment.bands())),
                        Optional.of(rinse)))
                .toList();
    }

    private Lay laid(Treatment treatment, String what, String detail) {
        int works = (int) Math.round(treatment.laying().minutes());
        return lay("", what, detail, treatment.bands(), works, works + (int) durations.of("treatment left longer"));
    }

    /** @param lays some of the step's, from {@link #lightener} */
    Stage.Work lightening(List<Lay> lays, PlanStep step) {
        List<BandRef> bands = step.lifts().stream()
                .filter(bowl -> lays.stream().anyMatch(lay -> lay.bowl().equals(bowl.name())))
                .flatMap(bowl -> bowl.bands().stream())
                .toList();
        return new Stage.Work(
                lays,
                Optional.of(check(
                        "Check the lift", "A wiped strand where every bowl began; stretch one wet (R39).", bands)),
                Optional.of(alone(
                        "RINSE",
                        Task.Kind.RINSE,
                        "Rinse, one gentle shampoo",
                        "Cool, no rubbing.",
                        durations.minutes("rinse", Task.Kind.RINSE),
                        bands)));
    }

    /**
     * @param before the hair it goes on
     * @param washedBetween whether each fresh laying is rinsed and dried before, and so a stage of its own
     */
    Lay lightener(LiftBowl bowl, Function<BandRef, Canvas> before, boolean washedBetween) {
        int onHair = (int) durations.of("lightener on the hair");
        int works = (int) Math.round(bowl.laying().minutes());
        LiftWay way = bowl.laying().way();
        Map<Integer, Ramping> ramping = new TreeMap<>();
        bowl.bands().stream().collect(Collectors.groupingBy(BandRef::zone)).forEach((zone, bands) -> {
            BandRef at = heaviest(bands);
            ramping.put(
                    zone, new Ramping(bowl.laying(), head.at(at).place(), before.apply(at), Math.max(onHair, works)));
        });
        return new Lay(
                bowl.name(),
                "bowl " + bowl.name() + " " + way.words(),
                "Shield what is light or stays: cream, cotton or film.",
                Lay.zones(head, bowl.bands(), durations, Optional.of(way), order),
                works,
                Math.max(onHair, works + LEAST_WINDOW),
                washedBetween ? 1 : bowl.laying().times(),
                (int) durations.of("lightener in the bowl"),
                (double) bowl.totalGrams() / bowl.laying().times(),
                bowl.bands().stream().allMatch(at -> head.at(at).touchesScalp()),
                ramping);
    }

    private BandRef heaviest(List<BandRef> bands) {
        return bands.stream()
                .max(Comparator.comparingDouble(at -> head.mixGrams(List.of(at))))
                .orElseThrow();
    }

    Stage.Work filler(PlanStep step, Rinse rinse) {
        List<BandRef> bands = bands(step);
        Alone then = switch (rinse) {
            case COOL -> rinse("Cool rinse", "cool rinse", bands);
            case SHAMPOO -> rinse("Rinse, one gentle shampoo", "rinse", bands);
            case TOWEL ->
                alone(
                        "TOWEL",
                        Task.Kind.PREPARE,
                        "Towel off, go on damp",
                        "A short cut.",
                        durations.minutes("towel", Task.Kind.PREPARE),
                        bands);
        };
        return new Stage.Work(
                colours(step),
                Optional.of(check(
                        "Check the filler",
                        "Wipe a strand in every zone: even and warm? A patchy filler means a patchy result: lay it again.",
                        bands)),
                Optional.of(then));
    }

    Stage.Work target(PlanStep step) {
        List<BandRef> bands = bands(step);
        // R59c: warm water and shampoo take direct colour along.
        boolean direct = step.bowls().stream().anyMatch(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT);
        return new Stage.Work(
                colours(step),
                Optional.of(check("Check the colour", "Wipe a strand where every bowl began and at the ends.", bands)),
                Optional.of(
                        direct
                                ? rinse("Rinse cool, no shampoo, condition", "rinse", bands)
                                : rinse("Rinse and condition", "rinse", bands)));
    }

    private static List<BandRef> bands(PlanStep step) {
        return step.bowls().stream().flatMap(bowl -> bowl.bands().stream()).toList();
    }

    private List<Lay> colours(PlanStep step) {
        return step.bowls().stream().map(this::colour).toList();
    }

    private Lay colour(Bowl bowl) {
        int works = (int) Math.round(bowl.minutes());
        ShadeClass of = bowl.laying().shadeClass();
        // Full-time colour does not go on darkening (R63); what is stopped early has until its full time.
        int longest = works >= of.fullMinutes()
                ? works + (int) durations.of("colour left longer")
                : Math.max(works + LEAST_WINDOW, (int) of.fullMinutes());
        return lay(
                bowl.name(),
                "bowl " + bowl.name() + " on the " + bowl.place().words(),
                of == ShadeClass.DIRECT
                        ? "Barrier cream on skin and hairline first, gloves. Saturate; it stains whatever it touches."
                        : bowl.place() == BowlPlace.ROOTS
                                ? "From the scalp down to the line; do not overlap onto lightened hair."
                                : "Fine sections, saturate; stay off the natural stretch.",
                bowl.bands(),
                works,
                longest,
                of == ShadeClass.DIRECT ? "direct colour in the bowl" : "colour in the bowl");
    }

    private Lay lay(String bowl, String what, String detail, List<BandRef> bands, int works, int longest) {
        return lay(bowl, what, detail, bands, works, longest, "colour in the bowl");
    }

    private Lay lay(
            String bowl, String what, String detail, List<BandRef> bands, int works, int longest, String keeps) {
        return new Lay(
                bowl,
                what,
                detail,
                Lay.zones(head, bands, durations, Optional.empty(), order),
                works,
                longest,
                1,
                (int) durations.of(keeps),
                0,
                false,
                Map.of());
    }

    private Alone check(String title, String detail, List<BandRef> bands) {
        return alone(
                "CHECK", Task.Kind.CHECK, title, detail, durations.minutes("strand check", Task.Kind.CHECK), bands);
    }

    private Alone rinse(String title, String figure, List<BandRef> bands) {
        return alone(
                "RINSE",
                Task.Kind.RINSE,
                title,
                "Until the water runs clear.",
                durations.minutes(figure, Task.Kind.RINSE),
                bands);
    }

    private Alone alone(String key, Task.Kind kind, String title, String detail, int minutes, List<BandRef> bands) {
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
