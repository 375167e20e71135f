package mischung.sequence;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import mischung.DataFile;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.Head;
import mischung.hair.ZonePlace;
import mischung.plan.Bowl;
import mischung.plan.BowlPlace;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.School;
import mischung.plan.Treatment;

/** One pair of hands, one step after another, from the back forwards; roots before lengths, porous lengths last (R21). */
public final class Sequencer {
    private static final Map<String, Double> FIGURES =
            DataFile.of(Sequencer.class, "durations.csv").figures();

    /** From the back forwards; the fragile hairline last (R40). */
    private static final List<ZonePlace> ORDER = List.of(
            ZonePlace.NAPE,
            ZonePlace.NAPE_LEFT,
            ZonePlace.NAPE_RIGHT,
            ZonePlace.BACK,
            ZonePlace.BACK_LEFT,
            ZonePlace.BACK_RIGHT,
            ZonePlace.CROWN,
            ZonePlace.CROWN_LEFT,
            ZonePlace.CROWN_RIGHT,
            ZonePlace.PARTING,
            ZonePlace.SIDES,
            ZonePlace.SIDE_LEFT,
            ZonePlace.SIDE_RIGHT,
            ZonePlace.FRINGE,
            ZonePlace.FRINGE_LEFT,
            ZonePlace.FRINGE_RIGHT,
            ZonePlace.HAIRLINE);

    private final Plan plan;
    private final List<Task> tasks = new ArrayList<>();
    private int clock;

    private Sequencer(Plan plan) {
        this.plan = plan;
    }

    public static Sequence of(Plan plan) {
        return new Sequencer(plan).run();
    }

    private Sequence run() {
        if (plan.steps().isEmpty()) {
            return new Sequence(List.of());
        }
        then(
                Task.Kind.PREPARE,
                "Section the head",
                "Back first. Patch test read, scalp whole, gloves on.",
                minutes("sectioning"),
                List.of(),
                Plan.bandsOf(plan.head()));
        for (PlanStep step : plan.steps()) {
            switch (step.kind()) {
                case EQUALISE -> step.treatments().forEach(this::treat);
                case FILL -> fill(step);
                case TARGET -> target(step);
            }
        }
        tasks.sort(Comparator.comparingInt(Task::startMinute));
        return new Sequence(tasks);
    }

    private void treat(Treatment treatment) {
        then(
                Task.Kind.APPLY,
                "Equaliser on porous hair",
                treatment.grams() + " g, worked through; comb out what is too much.",
                applying(treatment.grams()),
                List.of(),
                treatment.bands());
        then(
                Task.Kind.WORK,
                "Equaliser works",
                "Leave it in.",
                (int) Math.round(treatment.minutes()),
                List.of(),
                treatment.bands());
    }

    private void fill(PlanStep step) {
        mix(step.bowls());
        for (Bowl bowl : step.bowls()) {
            apply(bowl);
        }
        List<BandRef> bands = bandsOf(step.bowls());
        int longest = step.bowls().stream()
                .mapToInt(bowl -> (int) Math.round(bowl.minutes()))
                .max()
                .orElse(0);
        then(Task.Kind.WORK, step.title() + " works", "", longest, names(step.bowls()), bands);
        then(
                Task.Kind.CHECK,
                "Check the filler",
                "Wipe a strand in every zone: even and warm? A patchy filler means a patchy result: lay it again.",
                minutes("strand check"),
                List.of(),
                bands);
        then(
                Task.Kind.RINSE,
                "Cool rinse",
                plan.school() == School.MIDPOINT ? "No shampoo." : "Until the water runs clear, no shampoo.",
                minutes("cool rinse"),
                List.of(),
                bands);
        then(Task.Kind.DRY, "Dry fully", "Damp hair would dilute the next layer.", drying(), List.of(), bands);
    }

    /** Later places start so late that all finish together with the first. */
    private void target(PlanStep step) {
        mix(step.bowls());
        int finish = 0;
        for (BowlPlace place : BowlPlace.values()) {
            List<Bowl> here =
                    step.bowls().stream().filter(bowl -> bowl.place() == place).toList();
            if (here.isEmpty()) {
                continue;
            }
            int works = here.stream()
                    .mapToInt(bowl -> (int) Math.round(bowl.minutes()))
                    .max()
                    .orElseThrow();
            int hands = here.stream().mapToInt(Sequencer::applying).sum();
            clock = Math.max(clock, finish - works - hands);
            here.forEach(this::apply);
            List<BandRef> bands = bandsOf(here);
            tasks.add(new Task(
                    Task.Kind.WORK,
                    "Target works on the " + place.words(),
                    "",
                    clock,
                    works,
                    names(here),
                    zones(bands)));
            finish = Math.max(finish, clock + works);
        }
        clock = finish;
        List<BandRef> bands = bandsOf(step.bowls());
        then(
                Task.Kind.CHECK,
                "Check the target",
                "Wipe a strand where every bowl began and at the ends.",
                minutes("strand check"),
                List.of(),
                bands);
        then(Task.Kind.RINSE, "Rinse and condition", "Until the water runs clear.", minutes("rinse"), List.of(), bands);
        then(Task.Kind.DRY, "Dry", "", drying(), List.of(), bands);
        then(
                Task.Kind.CHECK,
                "Look",
                "In daylight and in warm light, dry. Photograph.",
                minutes("look"),
                List.of(),
                Plan.bandsOf(plan.head()));
    }

    private void mix(List<Bowl> bowls) {
        then(
                Task.Kind.MIX,
                "Mix " + String.join(", ", names(bowls)),
                "",
                minutes("mixing") * bowls.size(),
                names(bowls),
                bandsOf(bowls));
    }

    private void apply(Bowl bowl) {
        then(
                Task.Kind.APPLY,
                "Lay bowl " + bowl.name() + " on the " + bowl.place().words(),
                bowl.place() == BowlPlace.ROOTS
                        ? "From the scalp down to the line; do not overlap onto lightened hair."
                        : "Fine sections, saturate; stay off the natural stretch.",
                applying(bowl),
                List.of(bowl.name()),
                bowl.bands());
    }

    private void then(
            Task.Kind kind, String title, String detail, int minutes, List<String> bowls, Collection<BandRef> bands) {
        tasks.add(new Task(kind, title, detail, clock, minutes, bowls, zones(bands)));
        clock += minutes;
    }

    private List<ZonePlace> zones(Collection<BandRef> bands) {
        Head head = plan.head();
        return bands.stream()
                .map(at -> head.zones().get(at.zone()).place())
                .distinct()
                .sorted(Comparator.comparingInt(ORDER::indexOf))
                .toList();
    }

    private static List<BandRef> bandsOf(List<Bowl> bowls) {
        return bowls.stream().flatMap(bowl -> bowl.bands().stream()).toList();
    }

    private static List<String> names(List<Bowl> bowls) {
        return bowls.stream().map(Bowl::name).toList();
    }

    private static int applying(Bowl bowl) {
        return applying(bowl.grams().needGrams());
    }

    private static int applying(double grams) {
        return Math.max(minutes("least application"), (int) Math.ceil(grams / FIGURES.get("grams applied")));
    }

    private int drying() {
        double byDensity = switch (plan.head().density()) {
            case THIN -> 0.8;
            case NORMAL -> 1;
            case DENSE -> 1.25;
        };
        return (int) Math.round(FIGURES.get("dry") * (plan.head().density() == Density.NORMAL ? 1 : byDensity));
    }

    private static int minutes(String name) {
        return (int) Math.round(FIGURES.get(name));
    }
}
