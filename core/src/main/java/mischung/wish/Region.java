package mischung.wish;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mischung.hair.Band;
import mischung.hair.BandKind;
import mischung.hair.Strand;
import mischung.hair.ZonePlace;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * Where on the head and along its strands something is wished.
 *
 * @param places zones it is for; empty for all
 * @param which hair of them
 * @param featherCm over how much its lines run into what lies beside it on the same hairs, 0–20 cm; 0 for a line
 */
public record Region(Set<ZonePlace> places, Edge from, Edge to, Which which, double featherCm) {
    /** Hair that a region is limited to. */
    public enum Which {
        ANY("any hair"),
        NATURAL("hair as it grew"),
        GREY("hair as it grew, with grey in it");

        private final String words;

        Which(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        boolean holds(Band band) {
            return switch (this) {
                case ANY -> true;
                case NATURAL -> band.kind() == BandKind.NATURAL;
                case GREY -> band.kind() == BandKind.NATURAL && band.greyShare() > 0;
            };
        }
    }

    public static final Region ALL = new Region(Set.of(), Edge.SCALP, Edge.ENDS, Which.ANY, 0);

    private static final Map<ZonePlace, ZonePlace> MIRRORED = mirrored();

    public Region {
        EnumSet<ZonePlace> kept = EnumSet.noneOf(ZonePlace.class);
        kept.addAll(places);
        places = Collections.unmodifiableSet(kept);
        RefusedInput.within("featherCm", featherCm, 0, What.LONGEST_FEATHER_CM, Unit.CM);
    }

    public Region on(Set<ZonePlace> some) {
        return new Region(some, from, to, which, featherCm);
    }

    public Region between(Edge top, Edge bottom) {
        return new Region(places, top, bottom, which, featherCm);
    }

    public Region only(Which hair) {
        return new Region(places, from, to, hair, featherCm);
    }

    public Region feathered(double cm) {
        return new Region(places, from, to, which, cm);
    }

    /** Whether any of this zone belongs to it. */
    boolean isFor(ZonePlace place) {
        return places.isEmpty()
                || places.contains(place)
                || place.whole().filter(places::contains).isPresent();
    }

    /** @param middle of the stretch that is asked for, in cm from the scalp */
    boolean holds(ZonePlace place, Strand strand, Band band, double middle) {
        return isFor(place) && which.holds(band) && from.on(strand) <= middle && middle < end(strand);
    }

    /** Nothing is worked that is shorter than a band may be, such as a tap of two millimetres. */
    private double end(Strand strand) {
        double begins = from.on(strand);
        double ends = to.on(strand);
        return ends > begins ? Math.max(ends, begins + Band.SHORTEST_CM) : ends;
    }

    List<Double> lines(Strand strand) {
        return List.of(from.on(strand), end(strand));
    }

    /** Left for right. */
    Region mirror() {
        return on(places.stream()
                .map(Region::mirrored)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(ZonePlace.class))));
    }

    /** The same place on the other side of the head. */
    public static ZonePlace mirrored(ZonePlace place) {
        return MIRRORED.getOrDefault(place, place);
    }

    private static Map<ZonePlace, ZonePlace> mirrored() {
        Map<ZonePlace, ZonePlace> all = new EnumMap<>(ZonePlace.class);
        for (ZonePlace place : ZonePlace.values()) {
            List<ZonePlace> halves = place.halves();
            if (halves.size() == 2) {
                all.put(halves.get(0), halves.get(1));
                all.put(halves.get(1), halves.get(0));
            }
        }
        return all;
    }
}
