package mischung.wish;

import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import mischung.hair.Band;
import mischung.hair.ZonePlace;
import mischung.process.Place;
import mischung.said.Figure;
import mischung.said.Said;
import mischung.said.Saying;

/**
 * A stretch of hair that is worked as one: a band as read, cut where the wish has a line of its own and parted where pieces
 * are woven out.
 *
 * @param zone index of its zone in the head
 * @param read index in that zone of the band it belongs to
 * @param band its reading, on its own centimetres
 * @param share of the hairs of that stretch, 0–1
 * @param groups of the zone's hairs that it is of; those of one group are the same hairs all along the strand
 * @param aim the colour it shall have; empty where it stays
 * @param layer of the placement that gives it, by its index
 * @param part of that layer's colours along the strand
 * @param featherCm over how much that layer's colours run into each other along the strand
 * @param purpose what that layer is for
 * @param how it is to be done, where that is wished
 * @param called what such pieces are called beside others: "pieces", "rest", "babylights"; empty where all hairs are meant
 * @param why it has this aim
 */
public record WorkedBand(
        int zone,
        int read,
        Band band,
        Weave weave,
        double share,
        Set<Integer> groups,
        Optional<Aim> aim,
        int layer,
        What.Part part,
        double featherCm,
        Layer.Purpose purpose,
        How how,
        Optional<Figure> called,
        Figure why) {
    public WorkedBand {
        groups = Collections.unmodifiableSet(groups);
    }

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

    /** Whether some hairs are of both. */
    public boolean sharesHairWith(WorkedBand other) {
        return zone == other.zone && !Collections.disjoint(groups, other.groups);
    }

    /** "crown 4–12 cm", "crown 4–12 cm pieces". */
    Said said(ZonePlace place) {
        Saying stretch = (called.isPresent() ? WishMessage.STRETCH_OF : WishMessage.STRETCH)
                .say()
                .thing("place", place)
                .tenth("from", band.fromCm())
                .tenth("to", band.toCm());
        called.ifPresent(hairs -> stretch.with("hairs", hairs));
        return stretch.said();
    }
}
