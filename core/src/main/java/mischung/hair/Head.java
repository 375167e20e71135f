package mischung.hair;

import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
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
        for (ZonePlace half : seen) {
            half.whole().filter(seen::contains).ifPresent(whole -> {
                throw new RefusedInput(
                        "zones",
                        whole.words() + " beside its own half",
                        "Read the " + whole.words() + " as one zone or as left and right, not both.");
            });
        }
    }

    /** Level its hair grows at on average, where natural stretches of it were read. */
    public OptionalDouble grown() {
        return zones.stream()
                .flatMapToDouble(zone -> zone.strand().grown().stream())
                .average();
    }

    public Band band(BandRef at) {
        return zones.get(at.zone()).strand().bands().get(at.band());
    }
}
