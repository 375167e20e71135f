package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;
import mischung.hair.BandRef;
import mischung.hair.ZonePlace;
import mischung.plan.Bowl;
import mischung.plan.LiftBowl;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.wish.Aim;
import mischung.wish.Layer;
import mischung.wish.Pattern;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/**
 * Every foil of a placement: where it lies, how thick its section is, what goes on each stretch of it and from which bowl. Numbered in
 * the order of work.
 *
 * @param foils in the order in which they are laid
 * @param minutes to lay them all once, by the house's figures, for one pair of hands
 */
public record SectionPlan(List<Foil> foils, int minutes) {
    /**
     * One foil, one section (R46).
     *
     * @param number from 1, over the whole head
     * @param zone of the head, by its index
     * @param row of its parting in the zone, from 1, the lowest first
     * @param column beside others from the same parting, from 1
     * @param layer that parts it out, by its index in the placement
     * @param called what such pieces are called: "babylights"
     * @param grams of mix that lie in it, as bowls are reckoned; no reserve
     */
    public record Foil(
            int number,
            int zone,
            ZonePlace place,
            int row,
            int rows,
            int column,
            int columns,
            double thicknessMm,
            int layer,
            String called,
            Layer.Direction direction,
            List<Stretch> stretches,
            double grams) {
        public Foil {
            stretches = List.copyOf(stretches);
        }
    }

    /**
     * A stretch of a foil.
     *
     * @param band of the worked head
     * @param aim empty where it stays
     * @param bowls that go on it, in the order of the plan
     */
    public record Stretch(BandRef band, double fromCm, double toCm, Optional<Aim> aim, List<String> bowls) {
        public Stretch {
            bowls = List.copyOf(bowls);
        }
    }

    public SectionPlan {
        foils = List.copyOf(foils);
    }

    /** @param order of zones; the first is worked first */
    public static SectionPlan of(Plan plan, Durations durations, Comparator<ZonePlace> order) {
        WorkedHead head = plan.head();
        Map<BandRef, List<String>> bowls = bowls(plan);
        List<Foil> foils = new ArrayList<>();
        List<Integer> zones = IntStream.range(0, head.zones().size())
                .boxed()
                .sorted(Comparator.comparing(
                        zone -> head.read().zones().get(zone).place(), order))
                .toList();
        for (int zone : zones) {
            foils.addAll(foils(head, zone, bowls, durations, foils.size()));
        }
        double seconds = foils.size() * durations.of("seconds a foil");
        return new SectionPlan(foils, (int) Math.ceil(seconds / 60));
    }

    /** Worked back first, unless a school begins in front. */
    public static Comparator<ZonePlace> backFirst() {
        return Comparator.comparingInt(Durations::backFirst);
    }

    private static Map<BandRef, List<String>> bowls(Plan plan) {
        Map<BandRef, List<String>> all = new LinkedHashMap<>();
        for (PlanStep step : plan.steps()) {
            for (LiftBowl lift : step.lifts()) {
                lift.bands()
                        .forEach(at -> all.computeIfAbsent(at, key -> new ArrayList<>())
                                .add(lift.name()));
            }
            for (Bowl bowl : step.bowls()) {
                bowl.bands()
                        .forEach(at -> all.computeIfAbsent(at, key -> new ArrayList<>())
                                .add(bowl.name()));
            }
        }
        return all;
    }

    private static List<Foil> foils(
            WorkedHead head, int zone, Map<BandRef, List<String>> bowls, Durations durations, int before) {
        Map<Integer, List<WorkedHead.Parted>> byLayer = new LinkedHashMap<>();
        head.parted(zone)
                .forEach(parted -> byLayer.computeIfAbsent(parted.layer(), key -> new ArrayList<>())
                        .add(parted));
        List<Foil> foils = new ArrayList<>();
        byLayer.forEach((index, parted) -> {
            Layer layer = head.layers().get(index);
            // Hair of the same colour that two layers share lies in foils of its own, beside its like.
            List<WorkedHead.Parted> columns = layer.whats().size() > 1 ? parted : parted.subList(0, 1);
            double share = parted.stream().mapToDouble(WorkedHead.Parted::share).sum();
            int rows = rows(head, zone, layer.pattern(), share, durations);
            for (int row = 1; row <= rows; row++) {
                for (int column = 1; column <= columns.size(); column++) {
                    WorkedHead.Parted one = columns.get(column - 1);
                    List<WorkedHead.Parted> all = layer.whats().size() > 1 ? List.of(one) : parted;
                    List<Stretch> stretches = stretches(head, zone, all, bowls);
                    foils.add(new Foil(
                            before + foils.size() + 1,
                            zone,
                            head.read().zones().get(zone).place(),
                            row,
                            rows,
                            column,
                            columns.size(),
                            thickness(layer.pattern()),
                            index,
                            called(layer),
                            layer.direction(),
                            stretches,
                            grams(head, zone, all) / rows));
                }
            }
        });
        return foils;
    }

    private static String called(Layer layer) {
        return layer.name().isEmpty() ? layer.purpose().words() : layer.name();
    }

    /** What one colour's foils of a zone hold together. */
    private static double grams(WorkedHead head, int zone, List<WorkedHead.Parted> all) {
        return pieces(head, zone, all).stream()
                .filter(at -> !head.at(at).keeps())
                .mapToDouble(at -> head.mixGrams(List.of(at)) * ofIt(head.at(at), all))
                .sum();
    }

    /** How much of a piece is of these hairs; one that is only of them is all theirs. */
    private static double ofIt(WorkedBand piece, List<WorkedHead.Parted> all) {
        double here = all.stream()
                .filter(one -> piece.groups().contains(one.group()))
                .mapToDouble(WorkedHead.Parted::share)
                .sum();
        return Math.min(1, here / piece.share());
    }

    private static List<BandRef> pieces(WorkedHead head, int zone, List<WorkedHead.Parted> all) {
        return head.bands().stream()
                .filter(at -> at.zone() == zone
                        && all.stream().anyMatch(one -> head.at(at).groups().contains(one.group())))
                .toList();
    }

    private static List<Stretch> stretches(
            WorkedHead head, int zone, List<WorkedHead.Parted> all, Map<BandRef, List<String>> bowls) {
        List<Stretch> stretches = new ArrayList<>();
        TreeSet<Double> seen = new TreeSet<>();
        for (BandRef at : pieces(head, zone, all)) {
            WorkedBand piece = head.at(at);
            if (seen.add(piece.band().fromCm())) {
                stretches.add(new Stretch(
                        at,
                        piece.band().fromCm(),
                        piece.band().toCm(),
                        piece.aim(),
                        bowls.getOrDefault(at, List.of())));
            }
        }
        return stretches;
    }

    private static int rows(WorkedHead head, int zone, Pattern pattern, double share, Durations durations) {
        if (pattern instanceof Pattern.Panels panels) {
            return Math.max(1, (int)
                    Math.round(ZoneHeights.cm(head.read().zones().get(zone).place()) / panels.partingCm()));
        }
        if (pattern instanceof Pattern.Frame frame) {
            ZonePlace place = head.read().zones().get(zone).place();
            return place == ZonePlace.SIDES || place == ZonePlace.HAIRLINE ? 2 * frame.foils() : frame.foils();
        }
        return Math.max(1, (int) Math.round(share * durations.foils(head, zone, thickness(pattern))));
    }

    private static double thickness(Pattern pattern) {
        if (pattern instanceof Pattern.Weave weave) {
            return Math.min(6, Math.max(3, weave.widthMm()));
        }
        return pattern instanceof Pattern.Slices slices ? slices.thicknessMm() : 3;
    }
}
