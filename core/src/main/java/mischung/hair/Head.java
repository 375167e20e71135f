package mischung.hair;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import mischung.RefusedInput;

/** The whole head as read: its zones, each place at most once, and how much hair there is. */
public record Head(List<Zone> zones, Density density, Thickness thickness) {
    public Head {
        zones = List.copyOf(zones);
        if (zones.isEmpty()) {
            throw new RefusedInput("zones", "none", "Give at least one zone.");
        }
        Set<ZonePlace> seen = EnumSet.noneOf(ZonePlace.class);
        for (int i = 0; i < zones.size(); i++) {
            if (!seen.add(zones.get(i).place())) {
                throw new RefusedInput(
                        "zones[" + i + "].place", zones.get(i).place(), "Each place may stand only once on a head.");
            }
        }
        refuseTwice(seen, ZonePlace.SIDES, ZonePlace.SIDE_LEFT, ZonePlace.SIDE_RIGHT);
        refuseTwice(seen, ZonePlace.BACK, ZonePlace.BACK_LEFT, ZonePlace.BACK_RIGHT);
    }

    private static void refuseTwice(Set<ZonePlace> seen, ZonePlace whole, ZonePlace left, ZonePlace right) {
        if (seen.contains(whole) && (seen.contains(left) || seen.contains(right))) {
            throw new RefusedInput(
                    "zones",
                    whole.words() + " beside its own half",
                    "Read the " + whole.words() + " as one zone or as left and right, not both.");
        }
    }

    public Band band(BandRef at) {
        return zones.get(at.zone()).strand().bands().get(at.band());
    }
}
