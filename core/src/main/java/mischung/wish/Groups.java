package mischung.wish;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mischung.hair.Head;
import mischung.hair.Zone;
import mischung.said.Figure;

/**
 * The hair of one zone, parted by the layers that part it. Every layer takes its share from what lies between the pieces parted
 * before it, and only where that is not enough from those pieces too, the last parted first: so two weaves lie beside each other, and
 * what they cannot share is the later one's.
 */
final class Groups {
    private static final double NOTHING = 1e-9;

    /**
     * Hairs that are together all along the strand.
     *
     * @param number 0: what lies between all pieces
     * @param share of the zone's hair, 0–1
     * @param layers that parted it out, by their index, and which of the layer's colours it has
     */
    record Group(int number, double share, Map<Integer, Integer> layers) {
        boolean isRest() {
            return number == 0;
        }

        /** Which of the layer's colours it has, if that layer parted it out. */
        Optional<Integer> of(int layer) {
            return Optional.ofNullable(layers.get(layer));
        }
    }

    private final List<Layer> layers;
    private final List<Group> all;

    private Groups(List<Layer> layers, List<Group> all) {
        this.layers = layers;
        this.all = List.copyOf(all);
    }

    static Groups of(List<Layer> layers, Head head, Zone zone) {
        List<Group> all = new ArrayList<>(List.of(new Group(0, 1, Map.of())));
        int numbers = 1;
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(i);
            if (!layer.on() || !layer.pattern().parts() || !layer.region().isFor(zone.place())) {
                continue;
            }
            List<Double> shares = layer.pattern().shares(layer.whats().size(), head, zone);
            List<Group> untouched = new ArrayList<>(all);
            all.clear();
            for (int colour = 0; colour < shares.size(); colour++) {
                double due = shares.get(colour);
                while (due > NOTHING && !untouched.isEmpty()) {
                    Group from = untouched.get(0).isRest() ? untouched.get(0) : untouched.get(untouched.size() - 1);
                    double taken = Math.min(due, from.share);
                    Map<Integer, Integer> of = new HashMap<>(from.layers);
                    of.put(i, colour);
                    all.add(new Group(numbers++, taken, Map.copyOf(of)));
                    untouched.remove(from);
                    if (from.share - taken > NOTHING) {
                        untouched.add(
                                from.isRest() ? 0 : untouched.size(),
                                new Group(from.number, from.share - taken, from.layers));
                    }
                    due -= taken;
                }
            }
            all.addAll(0, untouched);
        }
        return new Groups(layers, all);
    }

    /** Pieces in the order in which they were parted out, then what lies between them. */
    List<Group> partedFirst() {
        return all.stream()
                .sorted(Comparator.comparing(Group::isRest).thenComparingInt(Group::number))
                .toList();
    }

    /** "pieces" where there is but one sort of them, else what the layer that parted them last is called. */
    Figure called(Group group) {
        boolean one = all.stream().filter(other -> !other.isRest()).count() == 1;
        if (one) {
            return Figure.Named.of(Weave.PIECES);
        }
        int last = group.layers.keySet().stream().mapToInt(i -> i).max().orElse(-1);
        if (last < 0) {
            return Figure.Named.of(Weave.REST);
        }
        Layer layer = layers.get(last);
        return layer.whats().size() > 1
                ? new Figure.Part(WishMessage.NUMBERED
                        .say()
                        .with("layer", layer.called())
                        .count("number", group.layers.get(last) + 1)
                        .said())
                : layer.called();
    }
}
