package mischung.plan;

import mischung.change.Cover;
import mischung.change.Place;
import mischung.change.Setting;

/** How and where lightener is laid. */
public enum LiftWay {
    /** On the dark band alone, cotton or film on both sides (R35). */
    BAND("on the band alone", Place.MIDS, Cover.FOIL, 3),
    OFF_SCALP("off the scalp", Place.MIDS, Cover.FOIL, 3),
    /** The last centimetres, in the warmth of the scalp (R33). */
    ROOT("on the root", Place.SCALP, Cover.OPEN, 5),
    /** A spot that stayed dark. */
    SPOT("on the spot", Place.MIDS, Cover.FOIL, 3),
    WOVEN("woven", Place.MIDS, Cover.FOIL, 3),
    /** Over hair that is light already, weak and watched. */
    REFRESH("refresh", Place.MIDS, Cover.OPEN, 5);

    private final String words;
    private final Place place;
    private final Cover cover;
    private final double sectionMm;

    LiftWay(String words, Place place, Cover cover, double sectionMm) {
        this.words = words;
        this.place = place;
        this.cover = cover;
        this.sectionMm = sectionMm;
    }

    public String words() {
        return words;
    }

    public Setting setting() {
        return new Setting(place, cover, false, sectionMm);
    }
}
