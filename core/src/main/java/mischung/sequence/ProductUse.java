package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import mischung.hair.BandRef;
import mischung.plan.LiftWay;
import mischung.product.HairAmount;
import mischung.said.Said;
import mischung.wish.Weave;
import mischung.wish.WorkedHead;

/**
 * One product that colours or treats in one stage: how long it takes to lay in every zone, how long it works and how long it may.
 *
 * @param bowl its name; empty where nothing is mixed
 * @param name "bowl A on the lengths", "Remover"; its tasks are named by it
 * @param what the same, as it is said
 * @param detail said where it is laid
 * @param minutesByZone to lay it, in minutes of one pair of hands; its zones in the order of work
 * @param works minutes of its clock
 * @param longest minutes it may stay
 * @param bowlLife minutes it is good for once mixed
 * @param grams of it; 0 where nothing is mixed
 */
record ProductUse(
        String bowl,
        String name,
        Said what,
        List<Said> detail,
        Map<Integer, Double> minutesByZone,
        int works,
        int longest,
        int bowlLife,
        double grams)
        implements Applied {

    /** A stretch of the head that is laid in one go: a zone, or a part of a large one. */
    record Unit(int zone, int part, int of) {
        /** What is said where it is laid, and before it which part it is, if there are several. */
        List<Said> telling(List<Said> detail) {
            return of == 1
                    ? detail
                    : Stream.concat(
                                    Stream.of(TaskMessage.PART
                                            .say()
                                            .count("part", part)
                                            .count("of", of)
                                            .said()),
                                    detail.stream())
                            .toList();
        }
    }

    @Override
    public double minutesOn(List<Unit> units) {
        return units.stream()
                .mapToDouble(unit -> minutesByZone.getOrDefault(unit.zone(), 0.0) / unit.of())
                .sum();
    }

    @Override
    public boolean lifts() {
        return false;
    }

    /** To lay all of it once, in minutes of one pair of hands. */
    double laying() {
        return minutesByZone.values().stream().mapToDouble(m -> m).sum();
    }

    /** The same, laid in other minutes by zone. */
    ProductUse taking(Map<Integer, Double> minutes) {
        return new ProductUse(bowl, name, what, detail, minutes, works, longest, bowlLife, grams);
    }

    /** Into how many batches it can be mixed at most. */
    int mostBatches() {
        return mixed() ? Math.max(1, (int) (grams / HairAmount.leastBatchGrams() + 1e-9)) : Integer.MAX_VALUE;
    }

    /** With so many minutes more on the hair and in the bowl. */
    ProductUse longer(int more) {
        return new ProductUse(bowl, name, what, detail, minutesByZone, works, longest + more, bowlLife + more, grams);
    }

    boolean on(Unit unit) {
        return minutesByZone.containsKey(unit.zone());
    }

    /** Bands of a bowl by zone, to the minutes it takes to lay them; openly where no foils are named. */
    static Map<Integer, Double> zones(
            WorkedHead head,
            List<BandRef> bands,
            Durations durations,
            Optional<LiftWay> foils,
            Comparator<Integer> order) {
        Map<Integer, List<BandRef>> byZone = new TreeMap<>();
        bands.forEach(
                at -> byZone.computeIfAbsent(at.zone(), z -> new ArrayList<>()).add(at));
        Map<Integer, Double> minutes = new LinkedHashMap<>();
        byZone.keySet().stream().sorted(order).forEach(zone -> {
            List<BandRef> here = byZone.getOrDefault(zone, List.of());
            double share = head.share(here);
            double cm = here.stream()
                            .mapToDouble(
                                    at -> head.band(at).lengthCm() * head.at(at).share())
                            .sum()
                    / share;
            boolean pieces = here.stream().allMatch(at -> head.at(at).weave() == Weave.PIECES);
            minutes.put(
                    zone,
                    foils.map(way -> pieces
                                    ? durations.foiling(Foils.count(head, zone, here, durations))
                                    : durations.foiling(head, zone, way, share))
                            .orElseGet(() -> share * durations.laying(head, zone, cm)));
        });
        return minutes;
    }

    /** The head in the order of work, in pieces that take no longer than {@code chunk} minutes with all products together. */
    static List<Unit> units(List<ProductUse> lays, double chunk, Comparator<Integer> order) {
        Map<Integer, Double> all = new TreeMap<>(order);
        lays.forEach(lay -> lay.minutesByZone.forEach((zone, minutes) -> all.merge(zone, minutes, Double::sum)));
        return units(all, chunk);
    }

    /** @param minutes of each zone, in the order of work */
    static List<Unit> units(Map<Integer, Double> minutes, double chunk) {
        List<Unit> units = new ArrayList<>();
        minutes.forEach((zone, takes) -> {
            int of = Math.max(1, (int) Math.ceil(takes / chunk - 1e-9));
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
        return minutes(units, minutesByZone);
    }

    /** The same for units that are laid together in one go. */
    Map<List<Unit>, Integer> minutesTogether(List<List<Unit>> goes) {
        return whole(goes, this::minutesOn);
    }

    /** @param byZone minutes of every zone that is laid; units of others are left out */
    static Map<Unit, Integer> minutes(List<Unit> units, Map<Integer, Double> byZone) {
        return whole(
                units.stream().filter(unit -> byZone.containsKey(unit.zone)).toList(),
                unit -> byZone.getOrDefault(unit.zone, 0.0) / unit.of);
    }

    private static <T> Map<T, Integer> whole(List<T> all, ToDoubleFunction<T> takes) {
        Map<T, Integer> whole = new LinkedHashMap<>();
        double sum = 0;
        int given = 0;
        for (T one : all) {
            sum += takes.applyAsDouble(one);
            int minutes = Math.max(1, (int) Math.round(sum) - given);
            given += minutes;
            whole.put(one, minutes);
        }
        return whole;
    }
}
