package mischung.sequence;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mischung.hair.BandRef;
import mischung.hair.ZonePlace;
import mischung.plan.Bowl;
import mischung.plan.LiftBowl;
import mischung.plan.Plan;
import mischung.plan.PlanStep;
import mischung.said.Figure;
import mischung.school.Start;
import mischung.wish.Aim;
import mischung.wish.Layer;
import mischung.wish.WorkedBand;
import mischung.wish.WorkedHead;

/**
 * Every foil of a placement: where it lies, how thick its section is, what goes on each stretch of it and from which bowl. Numbered in
 * the order of work.
 *
 * @param foils in the order in which they are laid
 * @param grounds what lies between them, and hair that lies in none
 * @param minutes to lay them all once, by the house's figures, for one pair of hands
 * @param intoFoils bowls that are laid into them; what goes on at the basin or openly is not
 */
public record SectionPlan(List<Foil> foils, List<Ground> grounds, int minutes, Set<String> intoFoils) {
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
            Figure called,
            Layer.Direction direction,
            List<Stretch> stretches,
            double grams) {
        public Foil {
            stretches = List.copyOf(stretches);
        }

        private boolean takes(List<String> bowls, Set<String> intoFoils) {
            return stretches.stream()
                    .flatMap(stretch -> stretch.bowls.stream())
                    .anyMatch(bowl -> bowls.contains(bowl) && intoFoils.contains(bowl));
        }
    }

    /** The hair of a zone that no layer parts out, from the scalp to its ends. */
    public record Ground(int zone, ZonePlace place, List<Stretch> stretches) {
        public Ground {
            stretches = List.copyOf(stretches);
        }
    }

    /**
     * A stretch of a foil, or of the hair between.
     *
     * @param band of the worked head
     * @param aim empty where it stays
     * @param bowls that go on it, in the order of the plan
     * @param featherCm over how much it runs into the next one towards the ends; 0 where they meet in a line
     */
    public record Stretch(
            BandRef band, double fromCm, double toCm, Optional<Aim> aim, List<String> bowls, double featherCm) {
        public Stretch {
            bowls = List.copyOf(bowls);
        }
    }

    public SectionPlan {
        foils = List.copyOf(foils);
        grounds = List.copyOf(grounds);
        intoFoils = Set.copyOf(intoFoils);
    }

    /**
     * As it is wished, before it is known what goes on.
     *
     * @param start from where foils are laid and so numbered (R40)
     */
    public static SectionPlan of(WorkedHead head, Start start, Durations durations) {
        return of(head, start, durations, Map.of(), Map.of(), Set.of());
    }

    /** With the bowls of a plan, and the sections of hair that is lifted in foils whole. */
    public static SectionPlan of(Plan plan, Durations durations) {
        return of(
                plan.head(),
                plan.strategy().method().start(),
                durations,
                bowls(plan),
                Foils.whole(plan, durations),
                Foils.bowls(plan));
    }

    private static SectionPlan of(
            WorkedHead head,
            Start start,
            Durations durations,
            Map<BandRef, List<String>> bowls,
            Map<Integer, Foils> whole,
            Set<String> intoFoils) {
        List<Foil> foils = new ArrayList<>();
        IntStream.range(0, head.zones().size())
                .boxed()
                .sorted(Sequencer.order(head, start))
                .forEach(zone -> Stream.concat(
                                Foils.of(head, zone, durations).stream(), Stream.ofNullable(whole.get(zone)))
                        .forEach(some -> add(foils, head, zone, some, bowls)));
        return new SectionPlan(
                foils, grounds(head, bowls), (int) Math.ceil(durations.foiling(foils.size())), intoFoils);
    }

    private static List<Ground> grounds(WorkedHead head, Map<BandRef, List<String>> bowls) {
        return IntStream.range(0, head.zones().size())
                .mapToObj(zone -> new Ground(
                        zone,
                        head.read().zones().get(zone).place(),
                        stretches(head, zone, List.of(WorkedHead.Parted.REST), bowls)))
                .filter(ground -> !ground.stretches.isEmpty())
                .toList();
    }

    /** By number, which foils each of these tasks lays, the first first; those that lay none are left out. */
    public Map<TaskId, List<Integer>> laidBy(List<Task> tasks) {
        record Alike(StageId stage, int pass, List<String> bowls, ZonePlace place) {}
        Map<Alike, List<Task>> alike = new LinkedHashMap<>();
        for (Task task : tasks) {
            if (task.kind() == Task.Kind.APPLY && task.bowls().stream().anyMatch(intoFoils::contains)) {
                task.zones()
                        .forEach(place -> alike.computeIfAbsent(
                                        new Alike(task.id().stage(), task.id().pass(), task.bowls(), place),
                                        key -> new ArrayList<>())
                                .add(task));
            }
        }
        Map<TaskId, List<Integer>> all = new LinkedHashMap<>();
        alike.forEach((of, parts) -> {
            List<Integer> numbers = foils.stream()
                    .filter(foil -> foil.place() == of.place && foil.takes(of.bowls, intoFoils))
                    .map(Foil::number)
                    .toList();
            // A zone that is laid in parts is laid in even parts, one after another.
            for (int part = 0; part < parts.size(); part++) {
                List<Integer> these = numbers.subList(
                        numbers.size() * part / parts.size(), numbers.size() * (part + 1) / parts.size());
                if (!these.isEmpty()) {
                    all.computeIfAbsent(parts.get(part).id(), key -> new ArrayList<>())
                            .addAll(these);
                }
            }
        });
        return all;
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

    private static void add(List<Foil> foils, WorkedHead head, int zone, Foils some, Map<BandRef, List<String>> bowls) {
        Layer layer = head.layers().get(some.layer());
        for (int row = 1; row <= some.partings(); row++) {
            for (int column = 1; column <= some.columns().size(); column++) {
                List<WorkedHead.Parted> hair = some.columns().get(column - 1);
                foils.add(new Foil(
                        foils.size() + 1,
                        zone,
                        head.read().zones().get(zone).place(),
                        row,
                        some.partings(),
                        column,
                        some.columns().size(),
                        some.thicknessMm(),
                        some.layer(),
                        some.called(layer),
                        layer.direction(),
                        stretches(head, zone, hair, bowls),
                        grams(head, zone, hair) / some.partings()));
            }
        }
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
        TreeMap<Double, BandRef> down = new TreeMap<>();
        pieces(head, zone, all).forEach(at -> down.putIfAbsent(head.band(at).fromCm(), at));
        List<BandRef> refs = List.copyOf(down.values());
        return IntStream.range(0, refs.size())
                .mapToObj(i -> {
                    BandRef at = refs.get(i);
                    return new Stretch(
                            at,
                            head.band(at).fromCm(),
                            head.band(at).toCm(),
                            head.at(at).aim(),
                            bowls.getOrDefault(at, List.of()),
                            i + 1 < refs.size() ? head.feather(at, refs.get(i + 1)) : 0);
                })
                .toList();
    }
}
