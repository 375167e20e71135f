package mischung.route;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.aftercare.Upkeep;
import mischung.hair.BandRef;
import mischung.hair.Look;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.LiftBowl;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Treatment;
import mischung.plan.Warning;
import mischung.process.Factors;
import mischung.process.Washing;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.wish.Aim;
import mischung.wish.Weave;
import mischung.wish.WorkedBand;

/**
 * What the client is told of one route, in plain words: what will happen, what is likely, what is not promised, and what
 * becomes of it at home.
 *
 * @param happens one sentence for each step, in order
 * @param meanwhile how the hair will look in between; empty if it never looks odd
 * @param likely one sentence for each colour, and how they read together
 * @param notPromised one sentence each
 * @param upkeep when to come again
 * @param fade one for each colour, at {@link #WEEKS}
 */
public record Promise(
        Said wish,
        List<Said> happens,
        Optional<Said> meanwhile,
        List<Said> likely,
        List<Said> notPromised,
        Said hours,
        Said price,
        int visits,
        List<Said> upkeep,
        List<Fading> fade) {
    /** Weeks after the last visit at which fading is forecast. */
    public static final List<Integer> WEEKS = List.of(2, 4, 6, 8);

    private static final double ORANGE_CHROMA = 26;
    private static final double ORANGE_HUE = 76;
    private static final double INCH = 2.54;

    /** Hair that is seen as one: where it is and what it shall be. */
    private record Seen(Said where, Aim aim) {}

    /** How one of the colours fades: today, then at each of the weeks. */
    public record Fading(Said where, List<Look> looks) {
        public Fading {
            looks = List.copyOf(looks);
        }
    }

    public Promise {
        happens = List.copyOf(happens);
        likely = List.copyOf(likely);
        notPromised = List.copyOf(notPromised);
        upkeep = List.copyOf(upkeep);
        fade = List.copyOf(fade);
    }

    /**
     * @param washesPerWeek at home
     * @param inches lengths in inches
     */
    public static Promise of(Route route, Rates rates, double washesPerWeek, boolean inches) {
        Plan plan = route.plan();
        Measures m = route.measures();
        Map<Seen, List<BandRef>> colours = byColour(plan);
        return new Promise(
                plan.wish().said(),
                happens(plan, inches),
                meanwhile(plan),
                likely(plan, colours),
                notPromised(route),
                m.visits() == 1
                        ? PromiseMessage.TIME
                                .say()
                                .time("time", m.clientMinutes())
                                .said()
                        : PromiseMessage.TIME_IN_ALL
                                .say()
                                .time("time", m.clientMinutes())
                                .time("longest", m.longestMinutes())
                                .said(),
                price(m, rates),
                m.visits(),
                upkeep(plan),
                fade(plan, colours, washesPerWeek));
    }

    /** To the next ten, with a tenth more where the work may have to be changed at a check. */
    private static Said price(Measures m, Rates rates) {
        double from = 10 * Math.ceil(m.price() / 10);
        double to = 10 * Math.ceil(1.15 * m.price() / 10);
        return PromiseMessage.PRICE
                .say()
                .count("from", from)
                .count("to", to)
                .typed("currency", rates.currency())
                .said();
    }

    private static Map<Seen, List<BandRef>> byColour(Plan plan) {
        Map<Seen, List<BandRef>> colours = new LinkedHashMap<>();
        for (BandRef at : plan.head().bands()) {
            if (plan.end(at).cut()) {
                continue;
            }
            plan.head()
                    .at(at)
                    .aim()
                    .map(aim -> new Seen(where(plan, at), aim))
                    .ifPresent(seen -> colours.computeIfAbsent(seen, key -> new ArrayList<>())
                            .add(at));
        }
        return colours;
    }

    /** Where several sorts lie beside each other, which. */
    private static Said where(Plan plan, BandRef at) {
        WorkedBand band = plan.head().at(at);
        if (band.weave() == Weave.PIECES) {
            Figure pieces = band.called().orElseThrow();
            return pieces.equals(Figure.Named.of(Weave.PIECES))
                    ? PromiseMessage.WOVEN.alone()
                    : PromiseMessage.PIECES.say().with("pieces", pieces).said();
        }
        if (band.touchesScalp()) {
            return PromiseMessage.SCALP.alone();
        }
        double length = plan.head().read().zones().get(at.zone()).strand().lengthCm();
        return (band.band().toCm() > length - 0.01 ? PromiseMessage.ENDS : PromiseMessage.LENGTHS).alone();
    }

    private static List<Said> happens(Plan plan, boolean inches) {
        List<Said> all = new ArrayList<>();
        int visit = 1;
        for (PlanStep step : plan.steps()) {
            boolean next = step.visit() > visit;
            visit = step.visit();
            List<Said> here = new ArrayList<>();
            step.treatments().forEach(t -> treated(plan, t, inches).ifPresent(here::add));
            for (LiftBowl lift : step.lifts()) {
                here.add(PromiseMessage.LIGHTEN
                        .say()
                        .thing("way", lift.laying().way())
                        .level("level", lift.goalLevel())
                        .said());
            }
            if (!step.bowls().isEmpty()) {
                here.add(colour(step));
            }
            for (Said what : here) {
                all.add(
                        next
                                ? PromiseMessage.AT_VISIT
                                        .say()
                                        .count("visit", visit)
                                        .part("what", what)
                                        .said()
                                : what);
            }
        }
        return all;
    }

    private static Optional<Said> treated(Plan plan, Treatment t, boolean inches) {
        return switch (t.action()) {
            case TRIM -> Optional.of(longest(plan, t.bands(), inches));
            case CLARIFY -> Optional.of(PromiseMessage.CLARIFY.alone());
            case REMOVE ->
                Optional.of(PromiseMessage.REMOVE
                        .say()
                        .count("rounds", t.laying().times())
                        .said());
            case EQUALISE -> Optional.of(PromiseMessage.EQUALISE.alone());
            case TREATMENT -> Optional.of(PromiseMessage.TREATMENT.alone());
            case WAIT ->
                Optional.of(PromiseMessage.WAIT.say().tenth("weeks", t.weeks()).said());
            default -> Optional.empty();
        };
    }

    private static Said colour(PlanStep step) {
        List<Said> colours = step.bowls().stream()
                .filter(bowl -> bowl.action().finishes())
                .map(bowl -> bowl.laying().aim())
                .distinct()
                .map(Aim::said)
                .toList();
        if (step.kind().lifts()) {
            return colours.isEmpty()
                    ? PromiseMessage.COLOUR_BETWEEN.alone()
                    : of(PromiseMessage.COLOUR_BETWEEN_OF, colours);
        }
        if (step.kind() == Action.FILL) {
            return PromiseMessage.FILL.alone();
        }
        return step.kind().finishes() ? of(PromiseMessage.COLOUR, colours) : PromiseMessage.TONE.alone();
    }

    private static Said of(PromiseMessage message, List<Said> colours) {
        return message.say().all("colours", Figure.Joint.COMMA, colours).said();
    }

    private static Said longest(Plan plan, List<BandRef> bands, boolean inches) {
        double cm = bands.stream()
                .mapToDouble(at -> plan.head().band(at).lengthCm())
                .max()
                .orElse(0);
        return inches
                ? PromiseMessage.TRIM_INCHES.say().count("length", cm / INCH).said()
                : PromiseMessage.TRIM.say().tenth("length", cm).said();
    }

    private static Optional<Said> meanwhile(Plan plan) {
        if (warned(plan, Warning.Fault.THROUGH_ORANGE)) {
            return Optional.of(PromiseMessage.THROUGH_ORANGE.alone());
        }
        for (int i = 0; i + 1 < plan.steps().size(); i++) {
            PlanStep step = plan.steps().get(i);
            boolean turnsWarm =
                    step.fills() || step.kind() == Action.REMOVE || step.kind().lifts();
            for (BandRef at : turnsWarm ? step.bands() : Set.<BandRef>of()) {
                Outcome then = step.outcome(at);
                boolean warm = then.hair().lab().chroma() > ORANGE_CHROMA
                        && then.hair().lab().hueDegrees() < ORANGE_HUE;
                if (warm && then.touched() && !then.cut()) {
                    return Optional.of(PromiseMessage.WARM_FOR_A_WHILE
                            .say()
                            .part("look", then.look().said())
                            .said());
                }
            }
        }
        return Optional.empty();
    }

    private static boolean warned(Plan plan, Warning.Fault fault) {
        return plan.warnings().stream().anyMatch(w -> w.fault() == fault);
    }

    private static List<Said> likely(Plan plan, Map<Seen, List<BandRef>> colours) {
        List<Said> all = new ArrayList<>();
        colours.forEach((seen, bands) -> {
            double low = bands.stream()
                    .mapToDouble(at -> plan.end(at).range().from())
                    .min()
                    .orElseThrow();
            double high = bands.stream()
                    .mapToDouble(at -> plan.end(at).range().to())
                    .max()
                    .orElseThrow();
            all.add(PromiseMessage.LIKELY
                    .say()
                    .part("where", seen.where())
                    .part("look", plan.end(bands.get(0)).look().said())
                    .levels("levels", low, high)
                    .said());
        });
        Whole front = Whole.of(plan, Whole.Side.FRONT);
        Whole back = Whole.of(plan, Whole.Side.BACK);
        if (front.mixed() || back.mixed()) {
            // R8: what is woven in is seen together with what lies between.
            all.add(PromiseMessage.AS_A_WHOLE
                    .say()
                    .part("front", front.look().said())
                    .part("back", back.look().said())
                    .said());
        }
        return all;
    }

    private static List<Said> notPromised(Route route) {
        Plan plan = route.plan();
        List<Said> all = new ArrayList<>();
        if (!RouteComparison.reached(route)) {
            all.add(PromiseMessage.COMES_NEAR
                    .say()
                    .part("wish", plan.wish().said())
                    .said());
        }
        all.add(PromiseMessage.HAIR_ANSWERS.alone());
        if (plan.steps().stream().anyMatch(step -> !step.lifts().isEmpty())) {
            all.add(PromiseMessage.STRENGTH.alone());
        }
        if (warned(plan, Warning.Fault.BLUE_STAYS)) {
            all.add(PromiseMessage.BLUE_STAYS.alone());
        }
        if (warned(plan, Warning.Fault.VIOLET_AT_FIRST)) {
            all.add(PromiseMessage.VIOLET_AT_FIRST.alone());
        }
        List<Bowl> direct = plan.steps().stream()
                .flatMap(step -> step.bowls().stream())
                .filter(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT)
                .toList();
        if (!direct.isEmpty()) {
            all.add(PromiseMessage.DIRECT_FADES.alone());
        }
        if (direct.stream().anyMatch(Bowl::mayStay)) {
            all.add(PromiseMessage.DIRECT_STAYS.alone());
        }
        all.add(PromiseMessage.NOT_ON_A_SCREEN.alone());
        return all;
    }

    private static List<Said> upkeep(Plan plan) {
        List<Said> all = new ArrayList<>();
        for (Upkeep.Kind kind : Upkeep.needed(plan, plan.steps())) {
            PromiseMessage message = switch (kind) {
                case ROOTS -> PromiseMessage.ROOTS;
                case GLOSS -> PromiseMessage.GLOSS;
                case REGROWTH -> PromiseMessage.REGROWTH;
                case FASHION -> PromiseMessage.FASHION;
            };
            all.add(message.say()
                    .count("from", kind.fromWeeks())
                    .count("to", kind.toWeeks())
                    .said());
        }
        if (plan.steps().stream().anyMatch(step -> !step.bowls().isEmpty())) {
            all.add(PromiseMessage.AT_HOME.alone());
        }
        return all;
    }

    private static List<Fading> fade(Plan plan, Map<Seen, List<BandRef>> colours, double washesPerWeek) {
        List<Fading> all = new ArrayList<>();
        colours.forEach((seen, bands) -> {
            BandRef at = bands.get(0);
            List<Look> looks = new ArrayList<>();
            looks.add(plan.end(at).look());
            for (int weeks : WEEKS) {
                looks.add(Washing.times(weeks * washesPerWeek)
                        .on(plan.end(at).hair().canvas(), Factors.AVERAGE)
                        .look());
            }
            all.add(new Fading(seen.where(), looks));
        });
        return all;
    }
}
