package mischung.sequence;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import mischung.DataFile;
import mischung.change.Cover;
import mischung.hair.BandRef;
import mischung.hair.Density;
import mischung.hair.ZonePlace;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.BowlPlace;
import mischung.plan.LiftBowl;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Treatment;
import mischung.school.Start;

/**
 * One step after another, from the back forwards or from the front; roots before lengths, porous lengths last (R21). Several
 * people lay on together, which shortens the laying and nothing else (R43).
 */
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
    private final int hands;
    private final List<Task> tasks = new ArrayList<>();
    private int visit = 1;
    private int clock;

    private Sequencer(Plan plan) {
        this.plan = plan;
        this.hands = plan.wish().limits().hands();
    }

    public static Sequence of(Plan plan) {
        return new Sequencer(plan).run();
    }

    private Sequence run() {
        for (PlanStep step : plan.steps()) {
            if (clock == 0) {
                section();
            }
            step(step);
        }
        tasks.sort(Comparator.comparingInt(Task::visit).thenComparingInt(Task::startMinute));
        return new Sequence(tasks, hands);
    }

    private void section() {
        then(
                Task.Kind.PREPARE,
                "Section the head",
                (back() ? "Back first." : "Front first.") + " Patch test read, scalp whole, gloves on.",
                minutes("sectioning"),
                List.of(),
                plan.head().bands());
    }

    private boolean back() {
        return plan.strategy().method().start() == Start.BACK;
    }

    private void step(PlanStep step) {
        step.treatments().forEach(this::treat);
        if (!step.lifts().isEmpty()) {
            lift(step);
        }
        if (step.bowls().isEmpty()) {
            return;
        }
        if (step.kind() == Action.FILL || step.kind() == Action.PRE_TONE) {
            fill(step);
        } else {
            target(step);
        }
    }

    private void treat(Treatment treatment) {
        switch (treatment.action()) {
            case EQUALISE ->
                laid(
                        treatment,
                        "Equaliser on porous hair",
                        "worked through; comb out what is too much.",
                        "Leave it in.");
            case TREATMENT -> laid(treatment, "Bond treatment", "on the lifted hair.", "Then rinse.");
            case REMOVE -> remove(treatment);
            case CLARIFY ->
                then(
                        Task.Kind.RINSE,
                        "Clarify, " + treatment.laying().times() + " times",
                        "Clearing shampoo, no conditioner; then dry.",
                        minutes("rinse") * treatment.laying().times() + drying(),
                        List.of(),
                        treatment.bands());
            case TRIM ->
                then(Task.Kind.PREPARE, "Cut off what failed", "", minutes("trim"), List.of(), treatment.bands());
            case DRY -> then(Task.Kind.DRY, "Dry", "", drying(), List.of(), treatment.bands());
            case WAIT -> {
                visit++;
                clock = 0;
            }
            default -> throw new IllegalStateException(treatment.action() + " is mixed in a bowl");
        }
    }

    private void laid(Treatment treatment, String title, String detail, String works) {
        then(
                Task.Kind.APPLY,
                title,
                treatment.grams() + " g, " + detail,
                applying(treatment.grams()),
                List.of(),
                treatment.bands());
        then(
                Task.Kind.WORK,
                title + " works",
                works,
                (int) Math.round(treatment.minutes()),
                List.of(),
                treatment.bands());
    }

    private void remove(Treatment treatment) {
        int each = treatment.grams() / treatment.laying().times();
        for (int i = 1; i <= treatment.laying().times(); i++) {
            String name = treatment.laying().times() == 1 ? "Remover" : "Remover, round " + i;
            then(
                    Task.Kind.APPLY,
                    name,
                    each + " g, saturate, film over it; no fine sections.",
                    applying(each / 2.0),
                    List.of(),
                    treatment.bands());
            then(
                    Task.Kind.WORK,
                    name + " works",
                    "Warm and covered.",
                    (int) Math.round(treatment.laying().minutes()),
                    List.of(),
                    treatment.bands());
            then(
                    Task.Kind.RINSE,
                    "Long rinse",
                    "What is not rinsed out darkens again.",
                    minutes("rinse") + minutes("cool rinse"),
                    List.of(),
                    treatment.bands());
            then(
                    Task.Kind.CHECK,
                    "Check the canvas",
                    "A dried strand where it was darkest: it shows orange now.",
                    minutes("strand check"),
                    List.of(),
                    treatment.bands());
        }
        then(Task.Kind.DRY, "Dry", "", drying(), List.of(), treatment.bands());
    }

    /** One laying after another; the first works on while the next goes on. All are checked, then rinsed together. */
    private void lift(PlanStep step) {
        int finish = clock;
        List<BandRef> all = new ArrayList<>();
        for (LiftBowl bowl : step.lifts()) {
            all.addAll(bowl.bands());
            int works = (int) Math.round(bowl.laying().minutes());
            for (int i = 1; i <= bowl.laying().times(); i++) {
                if (i > 1) {
                    clock = Math.max(clock, finish);
                }
                then(
                        Task.Kind.MIX,
                        "Mix " + bowl.name(),
                        "Small and fresh.",
                        minutes("mixing"),
                        List.of(bowl.name()),
                        bowl.bands());
                then(
                        Task.Kind.APPLY,
                        (i > 1 ? "Wipe off, lay fresh " : "Lay bowl ") + bowl.name() + " "
                                + bowl.laying().way().words(),
                        "Shield what is light or stays: cream, cotton or film.",
                        foiling(bowl),
                        List.of(bowl.name()),
                        bowl.bands());
                tasks.add(new Task(
                        Task.Kind.WORK,
                        visit,
                        "Bowl " + bowl.name() + " lifts",
                        "Look every ten minutes.",
                        clock,
                        works,
                        List.of(bowl.name()),
                        zones(bowl.bands())));
                finish = Math.max(finish, clock + works);
            }
        }
        clock = Math.max(clock, finish);
        then(
                Task.Kind.CHECK,
                "Check the lift",
                "A wiped strand where every bowl began; stretch one wet (R39).",
                minutes("strand check"),
                List.of(),
                all);
        then(Task.Kind.RINSE, "Rinse, one gentle shampoo", "Cool, no rubbing.", minutes("rinse"), List.of(), all);
        then(Task.Kind.DRY, "Dry and look", "", drying(), List.of(), all);
    }

    private int foiling(LiftBowl bowl) {
        boolean open = bowl.laying().way().setting().cover() == Cover.OPEN;
        double grams = (double) bowl.totalGrams() / bowl.laying().times();
        double alone = grams / FIGURES.get(open ? "grams applied" : "grams foiled");
        return Math.max(minutes("least application"), (int) Math.ceil(alone / hands));
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
        switch (plan.strategy().method().rinse()) {
            case COOL ->
                then(
                        Task.Kind.RINSE,
                        "Cool rinse",
                        "Until the water runs clear, no shampoo.",
                        minutes("cool rinse"),
                        List.of(),
                        bands);
            case SHAMPOO -> then(Task.Kind.RINSE, "Rinse, one gentle shampoo", "", minutes("rinse"), List.of(), bands);
            case TOWEL -> {
                then(Task.Kind.PREPARE, "Towel off, go on damp", "A short cut.", minutes("towel"), List.of(), bands);
                return;
            }
        }
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
            int laying = here.stream().mapToInt(this::applying).sum();
            clock = Math.max(clock, finish - works - laying);
            here.forEach(this::apply);
            List<BandRef> bands = bandsOf(here);
            tasks.add(new Task(
                    Task.Kind.WORK,
                    visit,
                    step.name() + " works on the " + place.words(),
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
                "Check the colour",
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
                plan.head().bands());
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
        tasks.add(new Task(kind, visit, title, detail, clock, minutes, bowls, zones(bands)));
        clock += minutes;
    }

    private List<ZonePlace> zones(Collection<BandRef> bands) {
        Comparator<ZonePlace> backFirst = Comparator.comparingInt(ORDER::indexOf);
        return bands.stream()
                .map(plan.head()::place)
                .distinct()
                .sorted(back() ? backFirst : backFirst.reversed())
                .toList();
    }

    private static List<BandRef> bandsOf(List<Bowl> bowls) {
        return bowls.stream().flatMap(bowl -> bowl.bands().stream()).toList();
    }

    private static List<String> names(List<Bowl> bowls) {
        return bowls.stream().map(Bowl::name).toList();
    }

    private int applying(Bowl bowl) {
        return applying(bowl.grams().needGrams());
    }

    private int applying(double grams) {
        return Math.max(minutes("least application"), (int) Math.ceil(grams / FIGURES.get("grams applied") / hands));
    }

    private int drying() {
        double byDensity = switch (plan.head().read().density()) {
            case THIN -> 0.8;
            case NORMAL -> 1;
            case DENSE -> 1.25;
        };
        return (int) Math.round(FIGURES.get("dry") * (plan.head().read().density() == Density.NORMAL ? 1 : byDensity));
    }

    private static int minutes(String name) {
        return (int) Math.round(FIGURES.get(name));
    }
}
