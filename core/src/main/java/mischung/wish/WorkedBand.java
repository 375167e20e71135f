package mischung.wish;

import java.util.Optional;
import mischung.change.Place;
import mischung.hair.Band;
import mischung.hair.LevelScale;

/**
 * A stretch of hair that is worked as one: a band as read, cut where the wish has a line of its own and parted where pieces
 * are woven out.
 *
 * @param zone index of its zone in the head
 * @param read index in that zone of the band it belongs to
 * @param band its reading, on its own centimetres
 * @param share of the hairs of that stretch, 0–1
 * @param aim the colour it shall have; empty where it stays
 * @param why it has this aim, in a few words
 */
public record WorkedBand(int zone, int read, Band band, Weave weave, double share, Optional<Aim> aim, String why) {
    public boolean keeps() {
        return aim.isEmpty();
    }

    public boolean touchesScalp() {
        return band.touchesScalp();
    }

    /** Where product works on it. */
    public Place place() {
        return touchesScalp() ? Place.SCALP : Place.MIDS;
    }

    /** "4–12 cm", "4–12 cm pieces". */
    public String cmWords() {
        String cm = LevelScale.figure(band.fromCm()) + "–" + LevelScale.figure(band.toCm()) + " cm";
        return weave == Weave.ALL ? cm : cm + " " + weave.words();
    }
}
