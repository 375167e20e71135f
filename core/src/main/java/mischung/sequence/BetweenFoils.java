package mischung.sequence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;
import mischung.hair.ZonePlace;
import mischung.sequence.Activity.Lag;
import mischung.sequence.StageAssembly.Shown;
import mischung.wish.WorkedHead;

/**
 * Colour that lies between foils while they lift (R47): zone by zone, every product on its own clock, so late that all of them end
 * with the foils, and rinsed with them.
 */
final class BetweenFoils {
    /** What was laid of one product in one zone. */
    private record Laid(ProductUse lay, ProductUse.Unit unit, int piece) {}

    private final List<ProductUse> lays;
    private final WorkedHead head;
    private final OrderTerms terms;
    private final StageAssembly bench;
    private final Hands hands;
    private final List<List<ProductUse.Unit>> groups;
    private final int late;
    private final List<List<Laid>> laid = new ArrayList<>();

    /** @param groups of foils that are rinsed together */
    BetweenFoils(
            Stage.Job job,
            WorkedHead head,
            OrderTerms terms,
            StageAssembly bench,
            Hands hands,
            List<List<ProductUse.Unit>> groups) {
        this.lays = job.work().lays().stream()
                .sorted(Comparator.comparingInt((ProductUse lay) -> -lay.works()))
                .toList();
        this.head = head;
        this.terms = terms;
        this.bench = bench;
        this.hands = hands;
        this.groups = groups;
        this.late = job.late();
        groups.forEach(group -> laid.add(new ArrayList<>()));
    }

    /** The zones that are rinsed with a group: where its last foils lie; what has no foils comes off with the last of all. */
    private List<ProductUse.Unit> units(ProductUse lay, int group) {
        return lay.minutesByZone().keySet().stream()
                .filter(zone -> rinsedWith(zone) == group)
                .map(zone -> new ProductUse.Unit(zone, 1, 1))
                .toList();
    }

    private int rinsedWith(int zone) {
        for (int g = groups.size() - 1; g >= 0; g--) {
            if (groups.get(g).stream().anyMatch(unit -> unit.zone() == zone)) {
                return g;
            }
        }
        return groups.size() - 1;
    }

    private double takes(ProductUse lay, int group) {
        return lay.minutesOn(units(lay, group)) / terms.hands();
    }

    /**
     * @param ready minute at which the foils of the group can be rinsed: nothing is laid so early that it would work much longer
     * @param meanwhile what is due before hands go on for so many minutes
     */
    void lay(int group, int ready, IntConsumer meanwhile) {
        double[] begin = new double[lays.size()];
        double next = ready;
        for (int i = lays.size() - 1; i >= 0; i--) {
            begin[i] = Math.min(next, ready - (double) lays.get(i).works()) - takes(lays.get(i), group);
            next = begin[i];
        }
        double later = Math.max(0, hands.soonest() - (begin.length == 0 ? 0 : begin[0]));
        for (int i = 0; i < begin.length; i++) {
            product(lays.get(i), group, (int) Math.floor(begin[i] + later), meanwhile);
        }
    }

    private void product(ProductUse lay, int group, int earliest, IntConsumer meanwhile) {
        List<ProductUse.Unit> units = units(lay, group);
        if (units.isEmpty()) {
            return;
        }
        Map<ProductUse.Unit, Integer> minutes = lay.minutes(units);
        int fresh = (int) Math.ceil(takes(lay, group) / (Applied.WELL_BEFORE * lay.bowlLife()));
        int most = Math.max(1, lay.mostBatches() / groups.size());
        for (List<ProductUse.Unit> batch : ProductUse.parted(
                units, unit -> minutes.getOrDefault(unit, 1), Math.min(units.size(), Math.min(fresh, most)))) {
            meanwhile.accept(minutes.getOrDefault(batch.get(0), 1));
            int mix = hands.mix(lay, place(batch.get(0)), Math.max(earliest, hands.soonest()));
            List<Integer> pieces = new ArrayList<>();
            for (ProductUse.Unit unit : batch) {
                int takes = minutes.getOrDefault(unit, 1);
                if (!pieces.isEmpty()) {
                    meanwhile.accept(takes);
                }
                List<Lag> lags = new ArrayList<>();
                hands.inTurn(lags);
                lags.add(new Lag(mix, true, 0, Math.max(0, lay.bowlLife() - takes)));
                int piece = hands.lay(
                        "APPLY " + lay.name() + " " + place(unit) + " 1.1",
                        1,
                        new Shown(
                                Task.Kind.APPLY,
                                TaskMessage.APPLY.say().part("what", lay.what()).said(),
                                lay.detail(),
                                List.of(lay.bowl()),
                                List.of(place(unit))),
                        takes,
                        lags,
                        earliest);
                pieces.add(piece);
                laid.get(group).add(new Laid(lay, unit, piece));
            }
            bench.batches.add(new StageAssembly.Mixed(lay, hands.mixed(lay.bowl()), mix, pieces, batch));
        }
    }

    /** Minute at which all of a group has worked; 0 where nothing is between. */
    int ready(int group) {
        return laid.get(group).stream()
                .mapToInt(one -> hands.end(one.piece) + one.lay.works())
                .max()
                .orElse(0);
    }

    /** What the rinse of a group waits for. */
    List<Lag> worked(int group) {
        return laid.get(group).stream()
                .map(one -> new Lag(one.piece, true, one.lay.works(), one.lay.longest() + late))
                .toList();
    }

    /** @return whether all of a group comes off in time with this rinse */
    boolean rinsed(int group, int rinse) {
        boolean fits = true;
        for (Laid one : laid.get(group)) {
            fits &= hands.start(rinse) - hands.end(one.piece) <= one.lay.longest() + late;
            bench.clocks.add(new StageAssembly.Clock(
                    one.lay,
                    one.unit.zone(),
                    place(one.unit),
                    one.piece,
                    rinse,
                    1,
                    true,
                    one.lay.works(),
                    one.lay.longest() + late));
        }
        return fits;
    }

    private ZonePlace place(ProductUse.Unit unit) {
        return head.read().zones().get(unit.zone()).place();
    }
}
