package mischung.wish;

import java.util.Collections;
import java.util.List;
import mischung.hair.Head;
import mischung.hair.Zone;
import mischung.hair.ZonePlace;
import mischung.product.HairAmount;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/** Which of the hairs of a region are meant, and so how they are parted from the others. */
public sealed interface Pattern {
    /** R43: of fine sections; how much hair lies in a foil of a frame is reckoned by them. */
    double FOILS_OF_A_HEAD = 100;

    /** Some hair is always left between. */
    double MOST = 0.95;

    static Pattern all() {
        return new All();
    }

    /** All of it. */
    record All() implements Pattern {}

    /**
     * Woven out.
     *
     * @param share of the hair, 0.05–0.95
     * @param widthMm of a piece, 1–30 mm
     */
    record Weave(double share, double widthMm) implements Pattern {
        public Weave {
            RefusedInput.within("share", share, 0.05, 0.95, Unit.OF_THE_HAIR);
            RefusedInput.within("widthMm", widthMm, 1, 30, Unit.MM);
        }
    }

    /**
     * Whole sections.
     *
     * @param everyNth 2: every second one, to 10
     * @param thicknessMm 1–20 mm
     */
    record Slices(int everyNth, double thicknessMm) implements Pattern {
        public Slices {
            RefusedInput.within("everyNth", everyNth, 2, 10, Unit.NONE);
            RefusedInput.within("thicknessMm", thicknessMm, 1, 20, Unit.MM);
        }
    }

    /**
     * Colours that follow each other from every parting, again and again.
     *
     * @param partingCm from one parting to the next, 0.5–10 cm
     * @param share of the hair of a panel that is woven out, 0.05–1
     */
    record Panels(double partingCm, double share) implements Pattern {
        public Panels {
            RefusedInput.within("partingCm", partingCm, 0.5, 10, Unit.CM);
            RefusedInput.within("share", share, 0.05, 1, Unit.OF_THE_HAIR);
        }
    }

    /** @param foils at the face, on each side, 1–10 */
    record Frame(int foils) implements Pattern {
        public Frame {
            RefusedInput.within("foils", foils, 1, 10, Unit.NONE);
        }

        /** Of a zone: of what lies on both sides of the face twice as many. */
        public int foilsOf(ZonePlace place) {
            return place == ZonePlace.SIDES || place == ZonePlace.HAIRLINE ? 2 * foils : foils;
        }
    }

    /** Whether it parts hair from other hair. */
    default boolean parts() {
        return !(this instanceof All);
    }

    /** Shares of the hair of a zone for each of so many colours, 0–1; together at most 1. */
    default List<Double> shares(int colours, Head head, Zone zone) {
        if (this instanceof Weave weave) {
            return Collections.nCopies(1, weave.share);
        }
        if (this instanceof Slices slices) {
            return List.of(1.0 / slices.everyNth);
        }
        if (this instanceof Panels panels) {
            return Collections.nCopies(colours, panels.share / colours);
        }
        if (this instanceof Frame frame) {
            double foils = FOILS_OF_A_HEAD * HairAmount.share(head, zone);
            return List.of(Math.min(MOST, frame.foilsOf(zone.place()) / foils));
        }
        return List.of(1.0);
    }

    /** "30 % woven out, 3 mm". */
    default Said said() {
        if (this instanceof Weave weave) {
            return WishMessage.WEAVE
                    .say()
                    .share("share", weave.share)
                    .tenth("width", weave.widthMm)
                    .said();
        }
        if (this instanceof Slices slices) {
            return WishMessage.SLICES
                    .say()
                    .tenth("thickness", slices.thicknessMm)
                    .count("every", slices.everyNth)
                    .said();
        }
        if (this instanceof Panels panels) {
            return panels.share < 1
                    ? WishMessage.PANELS_WOVEN
                            .say()
                            .tenth("parting", panels.partingCm)
                            .share("share", panels.share)
                            .said()
                    : WishMessage.PANELS
                            .say()
                            .tenth("parting", panels.partingCm)
                            .said();
        }
        if (this instanceof Frame frame) {
            return WishMessage.FRAME.say().count("foils", frame.foils).said();
        }
        return WishMessage.ALL_OF_IT.alone();
    }
}
