package mischung.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import mischung.hair.BandKind;
import mischung.hair.BandRef;
import mischung.hair.ToneName;
import mischung.history.Growth;
import mischung.light.Ciede2000;
import mischung.light.Lab;
import mischung.product.ShadeClass;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Saying;
import mischung.school.Rinse;
import mischung.school.School;
import mischung.wish.Aim;

/** What a finished plan has to say about itself. */
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
            findings.add(note(FindingMessage.NOTHING_TO_DO.alone()));
        }
        missed(plan, findings);
        tooDark(plan, findings);
        line(plan, findings);
        Set<Warning.Fault> said = EnumSet.noneOf(Warning.Fault.class);
        for (Warning one : plan.warnings()) {
            if (said.add(one.fault()) || !one.fault().saidOnce()) {
                findings.add(warning(one.said()));
            }
        }
        vanishing(plan, findings);
        regrowth(plan, findings);
        if (plan.strategy().method().filler() == School.IN_TARGET
                && plan.answers().stream().flatMap(List::stream).anyMatch(a -> a.decision() == Decision.FILL)) {
            findings.add(warning(FindingMessage.WARMTH_IN_TARGET.alone()));
        }
        if (plan.strategy().method().rinse() == Rinse.TOWEL && plan.fills()) {
            findings.add(warning(FindingMessage.TOWEL_ONLY.alone()));
        }
        if (plan.fills()) {
            findings.add(withoutFiller(plan));
        } else if (plan.answers().stream().flatMap(List::stream).noneMatch(a -> a.decision() == Decision.FILL)
                && !plan.steps().isEmpty()) {
            boolean direct = plan.steps().stream()
                    .flatMap(step -> step.bowls().stream())
                    .anyMatch(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT);
            findings.add(note((direct ? FindingMessage.NO_FILLER_FOR_DIRECT : FindingMessage.NO_FILLER).alone()));
        }
        if (plan.steps().stream()
                .flatMap(s -> s.bowls().stream())
                .anyMatch(b -> !b.formula().withinRules())) {
            findings.add(warning(FindingMessage.OUTSIDE_RULES.alone()));
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
            findings.add(warning(FindingMessage.GROWS_BETWEEN_VISITS
                    .say()
                    .count("from", months * Growth.UNMEASURED.from())
                    .count("to", months * Growth.UNMEASURED.to())
                    .level("level", level)
                    .in("lifted", off > 0)
                    .said()));
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
            Map<Aim, List<BandRef>> byAim = new LinkedHashMap<>();
            step.bowls().stream()
                    .filter(bowl -> bowl.laying().shadeClass() == ShadeClass.DIRECT)
                    .forEach(bowl -> byAim.computeIfAbsent(bowl.laying().aim(), aim -> new ArrayList<>())
                            .addAll(bowl.bands()));
            byAim.forEach((aim, bands) -> {
                double apart = furthest(bands, before);
                double left = furthest(bands, at -> step.outcome(at).look().lab());
                if (apart > SEEN_AS_LINE && left < apart / 2) {
                    findings.add(note(FindingMessage.VANISHES
                            .say()
                            .part("aim", aim.said())
                            .count("before", apart)
                            .count("after", left)
                            .said()));
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
            findings.add(warning(FindingMessage.MISSED
                    .say()
                    .count("bands", off.size())
                    .part("aim", aim(plan, worst).said())
                    .part("band", plan.head().said(worst))
                    .part("look", plan.end(worst).look().said())
                    .count("difference", plan.end(worst).difference())
                    .said()));
        }
    }

    private static void tooDark(Plan plan, List<Plan.Finding> findings) {
        List<Said> names = plan.head().bands().stream()
                .filter(at -> plan.answer(at).decision() == Decision.TOO_DARK)
                .map(at -> plan.head().said(at))
                .toList();
        if (!names.isEmpty()) {
            findings.add(warning(FindingMessage.TOO_DARK
                    .say()
                    .all("bands", Figure.Joint.COMMA, names)
                    .said()));
        }
    }

    private static void line(Plan plan, List<Plan.Finding> findings) {
        Optional<Join> widest = joins(plan).stream()
                .filter(join -> join.difference() > 0)
                .max(Comparator.comparingDouble(Join::difference));
        if (widest.isEmpty()) {
            return;
        }
        double difference = widest.get().difference();
        if (difference > SEEN_AS_LINE) {
            findings.add(warning(FindingMessage.LINE
                    .say()
                    .part("band", plan.head().said(widest.get().below()))
                    .count("difference", difference)
                    .said()));
        } else if (!plan.steps().isEmpty()) {
            findings.add(note(
                    FindingMessage.EVEN.say().count("difference", difference).said()));
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
        double chroma = alone.look().lab().chroma();
        double hue = alone.look().lab().hueDegrees();
        double wishedHue = aim(plan, worst).colour().hueDegrees();
        double turned = Math.abs(hue - wishedHue);
        boolean hollow = chroma < wishedChroma * WARMTH_KEPT;
        boolean elsewhere = Math.min(turned, 360 - turned) > HUE_TURNED;
        Saying without = (hollow
                        ? FindingMessage.WITHOUT_FILLER_CHROMA
                        : elsewhere ? FindingMessage.WITHOUT_FILLER_HUE : FindingMessage.WITHOUT_FILLER)
                .say()
                .part("band", plan.head().said(worst))
                .count("level", alone.look().level())
                .tenth("off", Math.abs(lighter))
                .in("lighter", lighter >= 0.05)
                .with("tone", ToneName.figure(alone.look().tone()));
        if (hollow) {
            without.count("chroma", chroma).count("wished", wishedChroma);
        } else if (elsewhere) {
            without.count("hue", hue).count("wished", wishedHue);
        } else {
            without.count("difference", alone.difference());
        }
        return note(without.said());
    }

    private static Plan.Finding note(Said said) {
        return new Plan.Finding(Plan.Weight.NOTE, said);
    }

    private static Plan.Finding warning(Said said) {
        return new Plan.Finding(Plan.Weight.WARNING, said);
    }
}
