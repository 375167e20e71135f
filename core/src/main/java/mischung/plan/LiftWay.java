package mischung.plan;

import mischung.process.Cover;
import mischung.process.Place;
import mischung.process.Setting;

/** How lightener is laid. Whether it touches the scalp is not said by it, but by the hair it goes on. */
public enum LiftWay {
    /** On the dark band alone, cotton or film on both sides (R35). */
    BAND("on the band alone", Cover.FOIL, 3),
    OFF_SCALP("off the scalp", Cover.FOIL, 3),
    /** The last centimetres, in the warmth of the scalp (R33): into the open foils, or covered with film. */
    ROOT("on the root", Cover.FILM, 5),
    /** A spot that stayed dark. */
    SPOT("on the spot", Cover.FOIL, 3),
    WOVEN("woven", Cover.FOIL, 3),
    /** Over hair that is light already, weak and watched. */
    REFRESH("refresh", Cover.OPEN, 5),
    /** The mildest, worked in with shampoo at the basin, so that it does not dry: for a toner that came out too dark (R52). */
    WASH("as a wash", Cover.FILM, 3);

    private final String words;
    private final Cover cover;
    private final double sectionMm;

    LiftWay(String words, Cover cover, double sectionMm) {
        this.words = words;
        this.cover = cover;
        this.sectionMm = sectionMm;
    }

    public String words() {
        return words;
    }

    /** Whether it is laid section by section and covered. */
    public boolean foiled() {
        return cover == Cover.FOIL;
    }

    public Cover cover() {
        return cover;
    }

    /** Thickness of a section. */
    public double sectionMm() {
        return sectionMm;
    }

    /** @param place of the hair it is laid on; the way of laying does not say where that grows */
    public Setting setting(Place place) {
        return new Setting(place, cover, false, sectionMm);
    }
}
