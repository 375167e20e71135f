package mischung.wish;

import java.util.Optional;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Unit;

/**
 * How colours lie along the strand and through it.
 *
 * <table>
 * <caption>components</caption>
 * <tr><td>root</td><td>colour at the root: melt, shadow root, root tap</td><td></td></tr>
 * <tr><td>ends</td><td>colour of the ends: melt, tips</td><td></td></tr>
 * <tr><td>pieces</td><td>colour of the woven pieces: lowlights, highlights</td><td></td></tr>
 * <tr><td>rootCm, endsCm</td><td>how far they reach from the scalp and from the ends</td><td>0.5–60 cm</td></tr>
 * <tr><td>staggerCm</td><td>by how much the heights differ from zone to zone</td><td>0–10 cm</td></tr>
 * <tr><td>share</td><td>of the hair that is woven out</td><td>0.05–0.95</td></tr>
 * <tr><td>widthMm</td><td>of a woven piece</td><td>1–30 mm</td></tr>
 * <tr><td>restStays</td><td>whether hair between the pieces stays as it is, instead of getting the main colour</td><td></td></tr>
 * </table>
 */
public record Design(
        Kind kind,
        Optional<Aim> root,
        Optional<Aim> ends,
        Optional<Aim> pieces,
        double rootCm,
        double endsCm,
        double staggerCm,
        double share,
        double widthMm,
        boolean restStays) {
    /** The designs there are. */
    public enum Kind {
        EVEN("one even colour"),
        MELT("melt"),
        SHADOW_ROOT("shadow root"),
        ROOT_TAP("root tap"),
        LOWLIGHTS("lowlights"),
        HIGHLIGHTS("highlights"),
        TIPS("tips in another colour");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        boolean hasRoot() {
            return this == MELT || this == SHADOW_ROOT || this == ROOT_TAP;
        }

        boolean hasEnds() {
            return this == MELT || this == TIPS;
        }

        public boolean woven() {
            return this == LOWLIGHTS || this == HIGHLIGHTS;
        }
    }

    public static final Design EVEN =
            new Design(Kind.EVEN, Optional.empty(), Optional.empty(), Optional.empty(), 5, 10, 0, 0.5, 6, false);

    public Design {
        RefusedInput.within("rootCm", rootCm, 0.5, 60, Unit.CM);
        RefusedInput.within("endsCm", endsCm, 0.5, 60, Unit.CM);
        RefusedInput.within("staggerCm", staggerCm, 0, 10, Unit.CM);
        RefusedInput.within("share", share, 0.05, 0.95, Unit.OF_THE_HAIR);
        RefusedInput.within("widthMm", widthMm, 1, 30, Unit.MM);
        need("root", kind.hasRoot(), root);
        need("ends", kind.hasEnds(), ends);
        need("pieces", kind.woven(), pieces);
    }

    private static void need(String field, boolean needed, Optional<Aim> given) {
        if (needed && given.isEmpty()) {
            throw new RefusedInput(
                    field,
                    "",
                    RefusalMessage.NEEDS_COLOUR.say().in("field", field).said());
        }
    }

    /** Root, mids and ends worked into each other. */
    public static Design melt(Aim root, double rootCm, Aim ends, double endsCm, double staggerCm) {
        return new Design(
                Kind.MELT,
                Optional.of(root),
                Optional.of(ends),
                Optional.empty(),
                rootCm,
                endsCm,
                staggerCm,
                0.5,
                6,
                false);
    }

    /** Pieces of another colour woven out, {@code share} of the hair. */
    public static Design woven(Kind kind, Aim pieces, double share, double widthMm, boolean restStays) {
        return new Design(
                kind, Optional.empty(), Optional.empty(), Optional.of(pieces), 5, 10, 0, share, widthMm, restStays);
    }
}
