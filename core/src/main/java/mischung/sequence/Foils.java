package mischung.sequence;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mischung.hair.BandRef;
import mischung.hair.ZonePlace;
import mischung.plan.Action;
import mischung.plan.LiftBowl;
import mischung.plan.LiftWay;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.said.Figure;
import mischung.wish.Layer;
import mischung.wish.Pattern;
import mischung.wish.Weave;
import mischung.wish.WorkedHead;

/**
 * The foils of a zone in which one layer's pieces, or its whole sections, lie: so many partings, and from each so many beside each
 * other. What is drawn, counted and timed follows from this one place.
 *
 * @param layer by its index in the placement
 * @param called what lies in them, where the layer does not say it
 * @param columns the hair of each foil of a parting; where all have one colour it lies in one
 */
record Foils(
        int layer, Optional<Figure> called, int partings, List<List<WorkedHead.Parted>> columns, double thicknessMm) {
    private static final double FINE_MM = 3;
    private static final double THICKEST_MM = 6;

    Figure called(Layer layer) {
        return called.orElseGet(layer::called);
    }

    /** Every layer that parts hair of this zone, in the order of the placement. */
    static List<Foils> of(WorkedHead head, int zone, Durations durations) {
        Map<Integer, List<WorkedHead.Parted>> byLayer = new LinkedHashMap<>();
        head.parted(zone)
                .forEach(parted -> byLayer.computeIfAbsent(parted.layer(), key -> new ArrayList<>())
                        .add(parted));
        List<Foils> all = new ArrayList<>();
        byLayer.forEach((index, parted) -> {
            Layer layer = head.layers().get(index);
            double thickness = thickness(layer.pattern());
            double share = parted.stream().mapToDouble(WorkedHead.Parted::share).sum();
            all.add(new Foils(
                    index,
                    Optional.empty(),
                    partings(
                            head.read().zones().get(zone).place(),
                            layer.pattern(),
                            share * durations.foils(head, zone, thickness)),
                    layer.whats().size() > 1 ? parted.stream().map(List::of).toList() : List.of(parted),
                    thickness));
        });
        return all;
    }

    /** By zone: of hair that no layer parts and that is lifted in foils, section by section, as thick as its way asks for. */
    static Map<Integer, Foils> whole(Plan plan, Durations durations) {
        WorkedHead head = plan.head();
        Map<Integer, Foils> all = new LinkedHashMap<>();
        for (PlanStep step : plan.steps()) {
            for (LiftBowl lift : step.lifts()) {
                for (BandRef at : lift.bands()) {
                    if (foiled(lift) && head.parted(at.zone()).isEmpty()) {
                        double thickness = lift.laying().way().sectionMm();
                        all.putIfAbsent(
                                at.zone(),
                                new Foils(
                                        head.at(at).layer(),
                                        Optional.of(TaskMessage.WHOLE_SECTION.figure()),
                                        Math.max(1, (int) Math.round(durations.foils(head, at.zone(), thickness))),
                                        List.of(List.of(WorkedHead.Parted.REST)),
                                        thickness));
                    }
                }
            }
        }
        return all;
    }

    /** Whether it lies in foils at all. */
    static boolean foiled(LiftBowl lift) {
        return lift.laying().way().foiled() && lift.laying().action() != Action.CLEANSE;
    }

    /** Bowls that are laid into foils: lightener, a root that joins it there, and pieces of hair that is not lifted before. */
    static Set<String> bowls(Plan plan) {
        WorkedHead head = plan.head();
        Set<String> all = new HashSet<>();
        Set<BandRef> lifted = new HashSet<>();
        for (PlanStep step : plan.steps()) {
            boolean open = step.lifts().stream().anyMatch(Foils::foiled);
            step.lifts().stream()
                    .filter(lift -> foiled(lift) || (open && lift.laying().way() == LiftWay.ROOT))
                    .forEach(lift -> all.add(lift.name()));
            step.bowls().stream()
                    .filter(bowl -> bowl.bands().stream()
                            .allMatch(at -> head.at(at).weave() == Weave.PIECES && !lifted.contains(at)))
                    .filter(bowl -> open || !StageDemand.atTheBasin(bowl.action()))
                    .forEach(bowl -> all.add(bowl.name()));
            step.lifts().forEach(lift -> lifted.addAll(lift.bands()));
        }
        return all;
    }

    /** How many of a zone's foils these pieces of it lie in. */
    static int count(WorkedHead head, int zone, Collection<BandRef> pieces, Durations durations) {
        return of(head, zone, durations).stream()
                .mapToInt(foils -> foils.partings
                        * (int) foils.columns.stream()
                                .filter(column -> column.stream()
                                        .anyMatch(one -> pieces.stream()
                                                .anyMatch(at ->
                                                        head.at(at).groups().contains(one.group()))))
                                .count())
                .sum();
    }

    /** @param byShare foils of sections so thick that hold all of its hair */
    private static int partings(ZonePlace place, Pattern pattern, double byShare) {
        double partings = pattern instanceof Pattern.Panels panels
                ? height(place) / panels.partingCm()
                : pattern instanceof Pattern.Frame frame ? frame.foilsOf(place) : byShare;
        return Math.max(1, (int) Math.round(partings));
    }

    private static double thickness(Pattern pattern) {
        if (pattern instanceof Pattern.Weave weave) {
            return Math.min(THICKEST_MM, Math.max(FINE_MM, weave.widthMm()));
        }
        return pattern instanceof Pattern.Slices slices ? slices.thicknessMm() : FINE_MM;
    }

    /** How far a zone reaches up the head, in cm: so many partings lie in it. From memory, a middling head. */
    private static double height(ZonePlace place) {
        return switch (place.whole().orElse(place)) {
            case NAPE, FRINGE -> 6;
            case BACK -> 12;
            case CROWN, SIDES -> 10;
            case PARTING -> 4;
            default -> 3;
        };
    }
}
