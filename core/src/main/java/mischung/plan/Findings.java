package mischung.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.LevelScale;
import mischung.history.Growth;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.product.ShadeClass;
import mischung.school.Rinse;
import mischung.school.School;
import mischung.wish.Aim;

/** What a finished plan has to say about itself, in sentences. */
final class Findings {
    private static final double LEVELS_OFF = 0.5;
    private static final double DIFFERENCE_OFF = 6;

    /** Ends of neighbouring bands further apart than this are seen as a line. */
    private static final double SEEN_AS_LINE = 5;

    /** With less than this share of the wished chroma, or a hue turned further than this, the warmth is gone. */
    private static final double WARMTH_KEPT = 0.6;

    private static final double HUE_TURNED = 25;

    private static final double DAYS_A_MONTH = 365.25 / 12;

    private Findings() {}

    static List<Plan.Finding> of(Plan plan) {
        List<Plan.Finding> findings = new ArrayList<>();
        if (plan.steps().isEmpty()) {
            findings.add(note("Nothing here needs colour: every band is at the wish already or darker than it."));
        }
        missed(plan, findings);
        tooDark(plan, findings);
        line(plan, findings);
        Set<Warning.Fault> said = EnumSet.noneOf(Warning.Fault.class);
        for (Warning one : plan.warnings()) {
            if (said.add(one.fault()) || !one.fault().saidOnce()) {
                findings.add(warning(one.sentence()));
            }
        }
        vanishing(plan, findings);
        regrowth(plan, findings);
        if (plan.strategy().method().filler() == School.IN_TARGET
                && plan.answers().stream().flatMap(List::stream).anyMatch(a -> a.decision() == Decision.FILL)) {
            findings.add(
                    warning("A short cut: the warmth is mixed into the target (R15), quick and least predictable."));
        }
        if (plan.strategy().method().rinse() == Rinse.TOWEL && plan.fills()) {
            findings.add(warning("A short cut: towel off and go on; the target goes on damp hair and takes less."));
        }
        if (plan.fills()) {
            findings.add(withoutFiller(plan));
        } else if (plan.answers().stream().flatMap(List::stream).noneMatch(a -> a.decision() == Decision.FILL)
                && !plan.steps().isEmpty()) {
            boolean direct = plan.steps().stream()
                    .flatMap(step -> step.bowls().stream())
                    .anyMatch(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT);
            findings.add(note(
                    direct
                            ? "No filler is needed: direct colour shows on the light hair as it is."
                            : "No filler is needed: no lightened band goes three or more levels darker."));
        }
        if (plan.steps().stream()
                .flatMap(s -> s.bowls().stream())
                .anyMatch(b -> !b.formula().withinRules())) {
            findings.add(warning("One bowl could not be mixed by its rules from this shelf; open its reasons."));
        }
        return findings;
    }

    /** R64: hair goes on growing between visits, and what grows in is in no reading. */
    private static void regrowth(Plan plan, List<Plan.Finding> findings) {
        double weeks = plan.steps().stream()
                .flatMap(step -> step.treatments().stream())
                .mapToDouble(Treatment::weeks)
                .sum();
        Optional<BandRef> root = plan.head().bands().stream()
                .filter(at -> plan.head().at(at).touchesScalp()
                        && plan.head().band(at).kind() == BandKind.NATURAL
                        && !plan.head().at(at).keeps())
                .findFirst();
        if (weeks == 0 || root.isEmpty()) {
            return;
        }
        double level = plan.head().band(root.get()).level();
        double off = aim(plan, root.get()).level() - level;
        if (Math.abs(off) > LEVELS_OFF) {
            double months = weeks * 7 / DAYS_A_MONTH;
            findings.add(warning(String.format(
                    Locale.ROOT,
                    "Between the visits %.1f to %.1f cm grow in, at natural %s: at the last visit they are %s too, and count"
                            + " for its time and grams (R64).",
                    months * Growth.UNMEASURED.from(),
                    months * Growth.UNMEASURED.to(),
                    LevelScale.words(level),
                    off > 0 ? "lifted" : "coloured")));
        }
    }

    /** R59c: what stands apart under direct colour and no longer does over it. */
    private static void vanishing(Plan plan, List<Plan.Finding> findings) {
        for (int i = 0; i < plan.steps().size(); i++) {
            PlanStep step = plan.steps().get(i);
            PlanStep earlier = i > 0 ? plan.steps().get(i - 1) : step;
            boolean first = i == 0;
            Function<BandRef, Lab> before = at -> first
                    ? plan.now().get(at.zone()).get(at.band()).look().lab()
                    : earlier.outcome(at).look().lab();
            Map<String, List<BandRef>> byAim = new LinkedHashMap<>();
            step.bowls().stream()
                    .filter(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT)
                    .forEach(bowl -> byAim.computeIfAbsent(bowl.aimWords(), aim -> new ArrayList<>())
                            .addAll(bowl.bands()));
            byAim.forEach((aim, bands) -> {
                double apart = furthest(bands, before);
                double left = furthest(bands, at -> step.outcome(at).look().lab());
                if (apart > SEEN_AS_LINE && left < apart / 2) {
                    findings.add(note(String.format(
                            Locale.ROOT,
                            "What lies under %s vanishes: hair that stands CIEDE2000 %.0f apart before it stands %.1f apart under it.",
                            aim,
                            apart,
                            left)));
                }
            });
        }
    }

    private static double furthest(List<BandRef> bands, Function<BandRef, Lab> colour) {
        List<Lab> all = bands.stream().map(colour).toList();
        double most = 0;
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                most = Math.max(most, Ciede2000.between(all.get(i), all.get(j)));
            }
        }
        return most;
    }

    private static void missed(Plan plan, List<Plan.Finding> findings) {
        List<BandRef> off = plan.head().bands().stream()
                .filter(at -> plan.answer(at).decision().coloured())
                .filter(at -> {
                    Outcome end = plan.end(at);
                    return Math.abs(end.look().level() - aim(plan, at).level()) > LEVELS_OFF
                            || end.difference() > DIFFERENCE_OFF;
                })
                .toList();
        if (!off.isEmpty()) {
            BandRef worst = off.stream()
                    .max(Comparator.comparingDouble(at -> plan.end(at).difference()))
                    .orElseThrow();
            findings.add(warning(String.format(
                    Locale.ROOT,
                    "%d %s not reach %s with this shelf; the furthest, %s, comes to %s (CIEDE2000 %.1f).",
                    off.size(),
                    off.size() == 1 ? "band does" : "bands do",
                    aim(plan, worst).words(),
                    plan.head().name(worst),
                    plan.end(worst).look().words(),
                    plan.end(worst).difference())));
        }
    }

    private static void tooDark(Plan plan, List<Plan.Finding> findings) {
        List<String> names = plan.head().bands().stream()
                .filter(at -> plan.answer(at).decision() == Decision.TOO_DARK)
                .map(at -> plan.head().name(at))
                .toList();
        if (!names.isEmpty()) {
            findings.add(warning("Darker than the wish, and colour cannot lighten: " + String.join(", ", names)
                    + ". They stay as they are; wish darker, or let them be lifted."));
        }
    }

    private static void line(Plan plan, List<Plan.Finding> findings) {
        double widest = 0;
        String where = "";
        for (Join join : joins(plan)) {
            if (join.difference() > widest) {
                widest = join.difference();
                where = plan.head().name(join.below());
            }
        }
        if (widest > SEEN_AS_LINE) {
            findings.add(warning(String.format(
                    Locale.ROOT,
                    "A line stays at the upper edge of %s: CIEDE2000 %.1f between the two bands.",
                    where,
                    widest)));
        } else if (!plan.steps().isEmpty() && widest > 0) {
            findings.add(note(String.format(
                    Locale.ROOT, "Neighbouring bands end within CIEDE2000 %.1f of each other: even.", widest)));
        }
    }

    /** A line between two neighbours that shall look alike. */
    record Join(BandRef above, BandRef below, double difference) {}

    /** Every line where neighbours are wished alike, with what is left to see of it; lines that are wished are no fault. */
    static List<Join> joins(Plan plan) {
        List<Join> joins = new ArrayList<>();
        List<BandRef> all = plan.head().bands();
        for (BandRef a : all) {
            for (BandRef b : all) {
                boolean below = a.band() < b.band() && plan.head().neighbours(a, b);
                if (below
                        && plan.head().at(a).aim().isPresent()
                        && plan.head().at(a).aim().equals(plan.head().at(b).aim())
                        && !plan.end(a).cut()
                        && !plan.end(b).cut()) {
                    joins.add(new Join(
                            a,
                            b,
                            Ciede2000.between(
                                    plan.end(a).look().lab(), plan.end(b).look().lab())));
                }
            }
        }
        return joins;
    }

    private static Aim aim(Plan plan, BandRef at) {
        return plan.head().at(at).aim().orElse(plan.wish().main());
    }

    /** The filled band that would come out furthest from the wish speaks for all. */
    private static Plan.Finding withoutFiller(Plan plan) {
        BandRef worst = plan.head().bands().stream()
                .filter(at -> plan.steps().stream()
                        .flatMap(step -> step.bowls().stream())
                        .anyMatch(bowl ->
                                bowl.action() == Action.FILL && bowl.bands().contains(at)))
                .max(Comparator.comparingDouble(
                        at -> plan.alone().get(at.zone()).get(at.band()).difference()))
                .orElseThrow();
        Outcome alone = plan.alone().get(worst.zone()).get(worst.band());
        double lighter = alone.look().level() - aim(plan, worst).level();
        double wishedChroma = aim(plan, worst).colour().chroma();
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                "Without the filler %s would come to level %.1f, %s",
                plan.head().name(worst),
                alone.look().level(),
                lighter >= 0.05
                        ? LevelScale.count(lighter) + " too light"
                        : LevelScale.count(Math.abs(lighter)) + " too dark"));
        double chroma = alone.look().lab().chroma();
        double turned = Math.abs(
                alone.look().lab().hueDegrees() - aim(plan, worst).colour().hueDegrees());
        if (chroma >= wishedChroma * WARMTH_KEPT && Math.min(turned, 360 - turned) > HUE_TURNED) {
            text.append(String.format(
                    Locale.ROOT,
                    ", and its warmth would be lost: %s, hue %.0f° where the wish has %.0f°.",
                    alone.look().tone(),
                    alone.look().lab().hueDegrees(),
                    aim(plan, worst).colour().hueDegrees()));
        } else if (chroma < wishedChroma * WARMTH_KEPT) {
            text.append(String.format(
                    Locale.ROOT,
                    ", and its warmth would be lost: %s, chroma %.0f where the wish has %.0f.",
                    alone.look().tone(),
                    chroma,
                    wishedChroma));
        } else {
            text.append(String.format(
                    Locale.ROOT,
                    ", %s: CIEDE2000 %.1f from the wish.",
                    alone.look().tone(),
                    alone.difference()));
        }
        return note(text.toString());
    }

    private static Plan.Finding note(String sentence) {
        return new Plan.Finding(Plan.Weight.NOTE, sentence);
    }

    private static Plan.Finding warning(String sentence) {
        return new Plan.Finding(Plan.Weight.WARNING, sentence);
    }
}
