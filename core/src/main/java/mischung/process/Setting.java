package mischung.process;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * How a product that lifts is laid.
 *
 * @param heat whether warmth is added
 * @param sectionMm thickness of the section, 1–30 mm
 */
public record Setting(Place place, Cover cover, boolean heat, double sectionMm) {
    /** See-through sections in foil, off the scalp (R41). */
    public static final Setting FOIL = new Setting(Place.MIDS, Cover.FOIL, false, 3);

    /** As colour is laid: open, in sections of half a centimetre. */
    public static final Setting OPEN = new Setting(Place.MIDS, Cover.OPEN, false, 5);

    public Setting {
        RefusedInput.within("sectionMm", sectionMm, 1, 30, Unit.MM);
    }

    public Setting at(Place other) {
        return new Setting(other, cover, heat, sectionMm);
    }

    public Setting under(Cover other) {
        return new Setting(place, other, heat, sectionMm);
    }

    public Setting withHeat() {
        return new Setting(place, cover, true, sectionMm);
    }
}
