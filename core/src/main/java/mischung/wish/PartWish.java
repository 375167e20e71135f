package mischung.wish;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import mischung.hair.ZonePlace;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * A wish for a part of the head only; it goes before the design.
 *
 * @param places zones it is for; empty for all
 * @param fromCm from the scalp, 0–150
 * @param toCm more than {@code fromCm}, to 150
 * @param aim the colour; empty where this hair is to stay as it is
 */
public record PartWish(Set<ZonePlace> places, double fromCm, double toCm, Optional<Aim> aim) {
    public PartWish {
        EnumSet<ZonePlace> kept = EnumSet.noneOf(ZonePlace.class);
        kept.addAll(places);
        places = Collections.unmodifiableSet(kept);
        RefusedInput.within("fromCm", fromCm, 0, 150, Unit.CM);
        RefusedInput.within("toCm", toCm, 0, 150, Unit.CM);
        if (toCm - fromCm < 0.5) {
            throw new RefusedInput(
                    "toCm",
                    toCm,
                    RefusalMessage.ENDS_BELOW.say().count("cm", fromCm).said());
        }
    }

    boolean isFor(ZonePlace place) {
        return places.isEmpty()
                || places.contains(place)
                || place.whole().filter(places::contains).isPresent();
    }
}
