package mischung.history;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import mischung.Constants;
import mischung.hair.Band;
import mischung.hair.Strand;

/** Makes few and workable bands of the many pieces that a long past cuts a strand into. */
final class Pieces {
    private static final double SHORTEST = Constants.in("history").of("shortest band");

    private final List<PastStretch> all = new ArrayList<>();

    private Pieces() {}

    /** Neighbours that would be treated alike become one, then what is too short joins what it is most like. */
    static List<PastStretch> merged(List<PastStretch> pieces) {
        Pieces merging = new Pieces();
        pieces.forEach(merging::add);
        for (OptionalInt tooShort = merging.next(); tooShort.isPresent(); tooShort = merging.next()) {
            merging.join(Math.min(tooShort.getAsInt(), merging.neighbour(tooShort.getAsInt())));
        }
        return List.copyOf(merging.all);
    }

    private void add(PastStretch piece) {
        int last = all.size() - 1;
        if (last >= 0 && all.get(last).alike(piece)) {
            all.set(last, all.get(last).joined(piece));
        } else {
            all.add(piece);
        }
    }

    /** The shortest piece that cannot stay, if there is one. */
    private OptionalInt next() {
        boolean tooMany = all.size() > Strand.MOST_BANDS;
        // Natural regrowth is worth a band of its own however short.
        int first = !tooMany && all.get(0).untouched() && all.get(0).lengthCm() >= Band.SHORTEST_CM ? 1 : 0;
        OptionalInt shortest = IntStream.range(first, all.size())
                .reduce((a, b) -> all.get(b).lengthCm() < all.get(a).lengthCm() ? b : a);
        boolean must = all.size() > 1
                && shortest.isPresent()
                && (tooMany || all.get(shortest.getAsInt()).lengthCm() < SHORTEST);
        return must ? shortest : OptionalInt.empty();
    }

    private int neighbour(int of) {
        if (of == 0) {
            return 1;
        }
        if (of == all.size() - 1) {
            return of - 1;
        }
        boolean regrowthAbove = of == 1 && all.get(0).untouched();
        double above = all.get(of - 1).unlike(all.get(of));
        double below = all.get(of + 1).unlike(all.get(of));
        return regrowthAbove || below <= above ? of + 1 : of - 1;
    }

    private void join(int first) {
        all.set(first, all.get(first).joined(all.get(first + 1)));
        all.remove(first + 1);
    }
}
