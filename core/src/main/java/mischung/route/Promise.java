package mischung.route;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import mischung.Words;
import mischung.after.Upkeep;
import mischung.change.Factors;
import mischung.change.Washing;
import mischung.doubt.LevelRange;
import mischung.hair.BandRef;
import mischung.hair.LevelScale;
import mischung.hair.Look;
import mischung.plan.Action;
import mischung.plan.Bowl;
import mischung.plan.LiftBowl;
import mischung.plan.Outcome;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.plan.Treatment;
import mischung.plan.Warning;
import mischung.product.ShadeClass;
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
        String wish,
        List<String> happens,
        String meanwhile,
        List<String> likely,
        List<String> notPromised,
        String hours,
        String price,
        int visits,
        List<String> upkeep,
        List<Fading> fade) {
    /** Weeks after the last visit at which fading is forecast. */
    public static final List<Integer> WEEKS = List.of(2, 4, 6, 8);

    private static final double ORANGE_CHROMA = 26;
    private static final double ORANGE_HUE = 76;
    private static final double INCH = 2.54;

    /** How one of the colours fades: today, then at each of the weeks. */
    public record Fading(String where, List<Look> looks) {
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
        Map<String, List<BandRef>> colours = byColour(plan);
        return new Promise(
                plan.wish().words(),
                happens(plan, inches),
                meanwhile(plan),
                likely(plan, colours),
                notPromised(route),
                m.visits() == 1
                        ? Words.hours(m.clientMinutes())
                        : Words.hours(m.clientMinutes()) + " in all, the longest visit "
                                + Words.hours(m.longestMinutes()),
                price(m, rates),
                m.visits(),
                upkeep(plan),
                fade(plan, colours, washesPerWeek));
    }

    /** To the next ten, with a tenth more where the work may have to be changed at a check. */
    private static String price(Measures m, Rates rates) {
        double from = 10 * Math.ceil(m.price() / 10);
        double to = 10 * Math.ceil(1.15 * m.price() / 10);
        return String.format(Locale.ROOT, "%.0f to %.0f %s", from, to, rates.currency());
    }

    private static Map<String, List<BandRef>> byColour(Plan plan) {
        Map<String, List<BandRef>> colours = new LinkedHashMap<>();
        for (BandRef at : plan.head().bands()) {
            if (plan.end(at).cut()) {
                continue;
            }
            String which = plan.head().at(at).aim().map(Aim::words).orElse("");
            if (!which.isEmpty()) {
                String weave = plan.head().at(at).weave() == Weave.PIECES
                        ? pieces(plan.head().at(at))
                        : where(plan, at);
                colours.computeIfAbsent(which + "|" + weave, key -> new ArrayList<>())
                        .add(at);
            }
        }
        return colours;
    }

    /** Where several sorts lie beside each other, which. */
    private static String pieces(WorkedBand piece) {
        return piece.called().equals(Weave.PIECES.words()) ? "the woven pieces" : "the " + piece.called();
    }

    private static String where(Plan plan, BandRef at) {
        if (plan.head().at(at).touchesScalp()) {
            return "the hair at the scalp";
        }
        double length = plan.head().read().zones().get(at.zone()).strand().lengthCm();
        return plan.head().band(at).toCm() > length - 0.01 ? "the ends" : "the lengths";
    }

    private static List<String> happens(Plan plan, boolean inches) {
        List<String> all = new ArrayList<>();
        int visit = 1;
        for (PlanStep step : plan.steps()) {
            String when = step.visit() > visit ? "At visit " + step.visit() + ": " : "";
            visit = step.visit();
            for (Treatment t : step.treatments()) {
                String words = switch (t.action()) {
                    case TRIM -> "The ends that are too weak are cut off" + longest(plan, t.bands(), inches) + ".";
                    case CLARIFY -> "The hair is washed very clear, without conditioner.";
                    case REMOVE ->
                        "A colour remover takes out old dye"
                                + (t.laying().times() > 1 ? ", " + t.laying().times() + " rounds" : "")
                                + ". It smells, and it does not harm your own pigment.";
                    case EQUALISE -> "Porous hair gets a treatment so that colour takes evenly.";
                    case TREATMENT -> "A strengthening treatment after the lightening.";
                    case WAIT ->
                        "Then you go home for about " + LevelScale.figure(t.weeks()) + " weeks and wear it so.";
                    default -> "";
                };
                if (!words.isEmpty()) {
                    all.add(when + words);
                }
            }
            for (LiftBowl lift : step.lifts()) {
                all.add(when + "Hair " + lift.laying().way().words() + " is lightened to about "
                        + LevelScale.words(lift.goalLevel()) + ", watched all the time.");
            }
            if (!step.bowls().isEmpty()) {
                all.add(when + colour(step));
            }
        }
        return all;
    }

    private static String colour(PlanStep step) {
        String colours = String.join(
                ", ",
                step.bowls().stream()
                        .filter(bowl -> bowl.action().finishes())
                        .map(Bowl::aimWords)
                        .distinct()
                        .toList());
        if (step.kind().lifts()) {
            return "Between the foils the other hair is coloured at the same time"
                    + (colours.isEmpty() ? "." : ": " + colours + ".");
        }
        return step.kind() == Action.FILL
                ? "A warm layer is put back first, so that the darker colour holds."
                : step.kind().finishes() ? "The colour itself goes on: " + colours + "." : "The tone is corrected.";
    }

    private static String longest(Plan plan, List<BandRef> bands, boolean inches) {
        double cm = bands.stream()
                .mapToDouble(at -> plan.head().band(at).lengthCm())
                .max()
                .orElse(0);
        return inches
                ? String.format(Locale.ROOT, ", %.1f in", cm / INCH)
                : String.format(Locale.ROOT, ", %s cm", LevelScale.figure(cm));
    }

    private static String meanwhile(Plan plan) {
        if (plan.warnings().stream().anyMatch(w -> w.fault() == Warning.Fault.THROUGH_ORANGE)) {
            return "On its way from dark to light hair turns red and orange before it turns yellow. That is meant, and it goes"
                    + " on from there.";
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
                    return "For a while it will look orange or gold ("
                            + then.look().words() + "). That is meant, and it goes on from there.";
                }
            }
        }
        return "";
    }

    private static List<String> likely(Plan plan, Map<String, List<BandRef>> colours) {
        List<String> all = new ArrayList<>();
        colours.forEach((key, bands) -> {
            String where = key.substring(key.indexOf('|') + 1);
            double low = bands.stream()
                    .mapToDouble(at -> plan.end(at).range().from())
                    .min()
                    .orElseThrow();
            double high = bands.stream()
                    .mapToDouble(at -> plan.end(at).range().to())
                    .max()
                    .orElseThrow();
            Outcome end = plan.end(bands.get(0));
            all.add(Words.capital(where) + " will most likely be " + end.look().words() + ", at "
                    + new LevelRange(low, high).words() + " in depth.");
        });
        Whole front = Whole.of(plan, Whole.Side.FRONT);
        Whole back = Whole.of(plan, Whole.Side.BACK);
        if (front.mixed() || back.mixed()) {
            // R8: what is woven in is seen together with what lies between.
            all.add("Seen as a whole the head will read " + front.look().words() + " "
                    + front.side().words() + " and " + back.look().words() + " "
                    + back.side().words() + ".");
        }
        return all;
    }

    private static List<String> notPromised(Route route) {
        List<String> all = new ArrayList<>();
        if (!Decide.reached(route)) {
            all.add("It will come near " + route.plan().wish().words() + ", not all the way.");
        }
        all.add(
                "Hair answers in its own way: a strand test and the first section decide, and we may change the plan with you.");
        if (route.plan().steps().stream().anyMatch(step -> !step.lifts().isEmpty())) {
            all.add("Lightening costs strength. If a strand does not spring back we stop, and go on another day.");
        }
        boolean blue = route.plan().warnings().stream().anyMatch(w -> w.fault() == Warning.Fault.BLUE_STAYS);
        if (blue) {
            all.add("Some blue from before may stay.");
        }
        if (route.plan().warnings().stream().anyMatch(w -> w.fault() == Warning.Fault.VIOLET_AT_FIRST)) {
            all.add("Light hair may look a little violet at first; that leaves in one or two washes.");
        }
        List<Bowl> direct = route.plan().steps().stream()
                .flatMap(step -> step.bowls().stream())
                .filter(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT)
                .toList();
        if (!direct.isEmpty()) {
            all.add(
                    "Direct colour fades with every wash and may rub off on towels and pillows at first: wash cool and seldom.");
        }
        if (direct.stream().anyMatch(Bowl::mayStay)) {
            all.add("Blue and green may never leave whole: whatever comes later has to cover them or use them.");
        }
        all.add("A colour on a screen or on paper is not hair: we judge it dry, in daylight and in warm light.");
        return all;
    }

    private static List<String> upkeep(Plan plan) {
        List<String> all = new ArrayList<>();
        for (Upkeep.Kind kind : Upkeep.needed(plan, plan.steps())) {
            String weeks = kind.fromWeeks() + " to " + kind.toWeeks() + " weeks";
            all.add(
                    switch (kind) {
                        case ROOTS ->
                            "Roots again in " + weeks
                                    + "; later they band, because only the first centimetres are warm.";
                        case GLOSS -> "A gloss in " + weeks + " keeps the tone.";
                        case REGROWTH -> "Colour on what has grown in " + weeks + "; the lengths are left alone.";
                        case FASHION -> "The fashion shade again in " + weeks + ": every wash takes some of it.";
                    });
        }
        if (plan.steps().stream().anyMatch(step -> !step.bowls().isEmpty())) {
            all.add("At home: wash with cool water, seldom, and with a shampoo for coloured hair.");
        }
        return all;
    }

    private static List<Fading> fade(Plan plan, Map<String, List<BandRef>> colours, double washesPerWeek) {
        List<Fading> all = new ArrayList<>();
        colours.forEach((key, bands) -> {
            BandRef at = bands.get(0);
            List<Look> looks = new ArrayList<>();
            looks.add(plan.end(at).look());
            for (int weeks : WEEKS) {
                looks.add(Washing.times(weeks * washesPerWeek)
                        .on(plan.end(at).hair().canvas(), Factors.AVERAGE)
                        .look());
            }
            all.add(new Fading(Words.capital(key.substring(key.indexOf('|') + 1)), looks));
        });
        return all;
    }
}
