package mischung.sequence;

import mischung.hair.ZonePlace;

/** How far a zone reaches up the head: so many partings lie in it. From memory, a middling head. */
final class ZoneHeights {
    private ZoneHeights() {}

    static double cm(ZonePlace place) {
        ZonePlace whole = place.whole().orElse(place);
        return switch (whole) {
            case NAPE -> 6;
            case BACK -> 12;
            case CROWN -> 10;
            case SIDES -> 10;
            case FRINGE -> 6;
            case PARTING -> 4;
            default -> 3;
        };
    }
}
