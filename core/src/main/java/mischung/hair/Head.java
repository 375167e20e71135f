package mischung.hair;

import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;

/** The whole head as read: its zones, each place at most once, and how much hair there is. */
public record Head(List<Zone> zones, Density density, Thickness thickness) {
    public Head {
        zones = List.copyOf(zones);
        if (zones.isEmpty()) {
            throw new RefusedInput("zones", "", RefusalMessage.ONE_ZONE);
        }
        Set<ZonePlace> seen = EnumSet.noneOf(ZonePlace.class);
        for (int i = 0; i < zones.size(); i++) {
            if (!seen.add(zones.get(i).place())) {
                throw new RefusedInput("zones[" + i + "].place", zones.get(i).place(), RefusalMessage.PLACE_ONCE);
            }
        }
        for (ZonePlace half : seen) {
            half.whole().filter(seen::contains).ifPresent(whole -> {
                throw new RefusedInput(
                        "zones",
                        whole,
                        RefusalMessage.WHOLE_OR_HALVES
                                .say()
                                .thing("place", whole)
                                .said());
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
