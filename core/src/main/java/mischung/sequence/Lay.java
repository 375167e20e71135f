package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import mischung.hair.Band;
import mischung.hair.BandRef;
import mischung.plan.LiftWay;
import mischung.wish.Weave;
import mischung.wish.WorkedHead;

/**
 * One product that goes on in one stage: how long it takes to lay in every zone, how long it works and how long it may.
 *
 * @param bowl its name; empty where nothing is mixed
 * @param what "bowl A on the lengths", "Remover"
 * @param detail said where it is laid
 * @param minutesByZone to lay it, in minutes of one pair of hands; its zones in the order of work
 * @param works minutes of its clock
 * @param longest minutes it may stay
 * @param passes how often it is laid fresh
 * @param bowlLife minutes it is good for once mixed
 * @param grams of it for one laying; 0 where nothing is mixed
 * @param root whether it is laid at the scalp, after the lengths are near (R33)
 * @param ramping by zone, for lightener
 */
record Lay(
        String bowl,
        String what,
        String detail,
        Map<Integer, Double> minutesByZone,
        int works,
        int longest,
        int passes,
        int bowlLife,
        double grams,
        boolean root,
        Map<Integer, Ramping> ramping) {

    /** A stretch of the head that is laid in one go: a zone, or a part of a large one. */
    record Unit(int zone, int part, int of) {}

    /** To lay it on these stretches. */
    double minutesOn(List<Unit> units) {
        return units.stream()
                .mapToDouble(unit -> minutesByZone.getOrDefault(unit.zone(), 0.0) / unit.of())
                .sum();
    }

    /** Less cannot be weighed and mixed well, powder and developer together. */
    private static final double LEAST_BATCH_GRAMS = 12;

    /** Laid in less, sections end near enough together without a ramp. */
    private static final double RAMPED_FROM_MINUTES = 20;

    /** Whether it is mixed in batches of different strength. */
    boolean splits() {
        return lifts() && laying() >= RAMPED_FROM_MINUTES && mostBatches(1) > 2;
    }

    /** Into how many batches it may be split in each of so many groups. */
    int mostBatches(int groups) {
        return Math.max(1, (int) (grams / groups / LEAST_BATCH_GRAMS));
    }

    /** To lay all of it once, in minutes of one pair of hands. */
    double laying() {
        return minutesByZone.values().stream().mapToDouble(m -> m).sum();
    }

    boolean mixed() {
        return !bowl.isEmpty();
    }

    /** Until the last of it may be rinsed, from when its laying begins. */
    double span(double laying, double wipe) {
        return laying + works * passes + (passes - 1) * laying * (1 + wipe);
    }

    /** With so many minutes more on the hair and in the bowl; not ramped any more. */
    Lay longer(int more) {
        return new Lay(
                bowl,
                what,
                detail,
                minutesByZone,
                works,
                longest + more,
                passes,
                bowlLife + more,
                grams,
                root,
                Map.of());
    }

    /** Whether it lifts, and so may be ramped. */
    boolean lifts() {
        return !ramping.isEmpty();
    }

    boolean on(Unit unit) {
        return minutesByZone.containsKey(unit.zone());
    }

    /** Bands of a bowl by zone, to the minutes it takes to lay them. */
    static Map<Integer, Double> zones(
            WorkedHead head,
            List<BandRef> bands,
            Durations durations,
            Optional<LiftWay> way,
            Comparator<Integer> order) {
        Map<Integer, List<BandRef>> byZone = new TreeMap<>();
        bands.forEach(
                at -> byZone.computeIfAbsent(at.zone(), z -> new ArrayList<>()).add(at));
        Map<Integer, Double> minutes = new LinkedHashMap<>();
        byZone.keySet().stream().sorted(order).forEach(zone -> {
            List<BandRef> here = byZone.getOrDefault(zone, List.of());
            boolean woven = here.stream().allMatch(at -> head.at(at).weave() != Weave.ALL);
            double share = woven
                    ? here.stream().mapToDouble(at -> head.at(at).share()).max().orElse(1)
                    : 1;
            boolean foiled = way.map(LiftWay::foiled).orElse(woven);
            double cm =
                    here.stream().map(head::band).mapToDouble(Band::lengthCm).sum();
            minutes.put(
                    zone,
                    foiled
                            ? durations.foiling(head, zone, way.orElse(LiftWay.WOVEN), share)
                            : share * durations.laying(head, zone, cm));
        });
        return minutes;
    }

    /** The head in the order of work, in pieces that take no longer than {@code chunk} minutes with all products together. */
    static List<Unit> units(List<Lay> lays, double chunk, Comparator<Integer> order) {
        Map<Integer, Double> all = new TreeMap<>(order);
        lays.forEach(lay -> lay.minutesByZone.forEach((zone, minutes) -> all.merge(zone, minutes, Double::sum)));
        List<Unit> units = new ArrayList<>();
        all.forEach((zone, minutes) -> {
            int of = Math.max(1, (int) Math.ceil(minutes / chunk - 1e-9));
            for (int part = 1; part <= of; part++) {
                units.add(new Unit(zone, part, of));
            }
        });
        return units;
    }

    /** Into so many runs one after another, as equal as whole pieces allow; fewer if some would be empty. */
    static <T> List<List<T>> parted(List<T> all, ToDoubleFunction<T> size, int count) {
        double whole = all.stream().mapToDouble(size).sum();
        List<List<T>> runs = new ArrayList<>();
        double sum = 0;
        int last = -1;
        for (T one : all) {
            int run = (int) Math.min(count - 1.0, Math.floor(sum / whole * count + 1e-9));
            if (run > last) {
                runs.add(new ArrayList<>());
                last = run;
            }
            runs.get(runs.size() - 1).add(one);
            sum += size.applyAsDouble(one);
        }
        return runs;
    }

    /** Whole minutes for each unit, none less than one, that together make the whole. */
    Map<Unit, Integer> minutes(List<Unit> units) {
        Map<Unit, Integer> all = new LinkedHashMap<>();
        double sum = 0;
        int given = 0;
        for (Unit unit : units) {
            Double zone = minutesByZone.get(unit.zone);
            if (zone != null) {
                sum += zone / unit.of;
                int minutes = Math.max(1, (int) Math.round(sum) - given);
                given += minutes;
                all.put(unit, minutes);
            }
        }
        return all;
    }
}
