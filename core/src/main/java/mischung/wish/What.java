package mischung.wish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.hair.LevelScale;
import mischung.said.Figure;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.said.Unit;

/** What hair shall become. */
public sealed interface What {
    double LONGEST_FEATHER_CM = 20;

    /** A part of the strand that has a colour of its own. */
    enum Part {
        ROOT("root"),
        MIDS("mids"),
        ENDS("ends");

        private final String words;

        Part(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** One colour. */
    record Colour(Aim aim) implements What {}

    /**
     * Several along the strand.
     *
     * @param rootCm how far the root reaches, 0.3–60 cm
     * @param endsCm how far the ends reach up, 0.3–60 cm
     * @param staggerCm by how much heights differ from section to section, 0–10 cm
     * @param featherCm over how much one runs into the next, 0–20 cm
     */
    record Along(
            Optional<Aim> root,
            Aim mids,
            Optional<Aim> ends,
            double rootCm,
            double endsCm,
            double staggerCm,
            double featherCm)
            implements What {
        public Along {
            RefusedInput.within("rootCm", rootCm, 0.3, 60, Unit.CM);
            RefusedInput.within("endsCm", endsCm, 0.3, 60, Unit.CM);
            RefusedInput.within("staggerCm", staggerCm, 0, 10, Unit.CM);
            RefusedInput.within("featherCm", featherCm, 0, LONGEST_FEATHER_CM, Unit.CM);
        }

        private Part at(double middle, double length, double stagger) {
            if (root.isPresent() && middle < rootCm + stagger) {
                return Part.ROOT;
            }
            return ends.isPresent() && middle > length - endsCm + stagger ? Part.ENDS : Part.MIDS;
        }
    }

    /**
     * Lifted and left so.
     *
     * @param level in halves, 1–11
     */
    record LiftOnly(double level) implements What {
        public LiftOnly {
            LevelScale.requireHalves("level", level);
            RefusedInput.within("level", level, 1, Wish.LIGHTEST, Unit.IN_HALVES);
        }
    }

    /** As it is. */
    record Stays() implements What {}

    static What stays() {
        return new Stays();
    }

    static What colour(Aim aim) {
        return new Colour(aim);
    }

    /** @param stagger by how much the heights of this zone are off, in cm */
    default Part part(double middle, double length, double stagger) {
        return this instanceof Along along ? along.at(middle, length, stagger) : Part.MIDS;
    }

    /** Empty where it stays. */
    default Optional<Aim> aim(Part part) {
        if (this instanceof Colour colour) {
            return Optional.of(colour.aim);
        }
        if (this instanceof Along along) {
            return switch (part) {
                case ROOT -> along.root;
                case MIDS -> Optional.of(along.mids);
                case ENDS -> along.ends;
            };
        }
        return this instanceof LiftOnly lift ? Optional.of(Aim.lifted(lift.level)) : Optional.empty();
    }

    /** Where its colours meet, in cm from the scalp. */
    default List<Double> lines(double length, double stagger) {
        List<Double> lines = new ArrayList<>();
        if (this instanceof Along along) {
            if (along.root.isPresent()) {
                lines.add(along.rootCm + stagger);
            }
            if (along.ends.isPresent()) {
                lines.add(length - along.endsCm + stagger);
            }
        }
        return lines;
    }

    default double staggerCm() {
        return this instanceof Along along ? along.staggerCm : 0;
    }

    /** Over how much its colours run into each other, in cm. */
    default double featherCm() {
        return this instanceof Along along ? along.featherCm : 0;
    }

    /** "root to 20 cm", "last 8 cm", "staggered by 3 cm", "feathered over 4 cm"; empty for one colour. */
    default List<Said> heights() {
        if (!(this instanceof Along along)) {
            return List.of();
        }
        List<Said> heights = new ArrayList<>();
        along.root.ifPresent(aim -> heights.add(height(WishMessage.ROOT_TO, along.rootCm)));
        along.ends.ifPresent(aim -> heights.add(height(WishMessage.LAST, along.endsCm)));
        if (along.staggerCm > 0) {
            heights.add(height(WishMessage.STAGGERED, along.staggerCm));
        }
        if (along.featherCm > 0) {
            heights.add(height(WishMessage.FEATHERED, along.featherCm));
        }
        return heights;
    }

    private static Said height(WishMessage message, double cm) {
        return message.say().part("length", Edge.length(cm)).said();
    }

    private static Figure along(Figure from, Figure to) {
        return new Figure.Part(
                WishMessage.ALONG.say().with("from", from).with("to", to).said());
    }

    /** "6 natural", "5 natural to 8 gold". */
    default Figure figure() {
        if (this instanceof Along along) {
            Figure upper = new Figure.Part(along.mids.said());
            if (along.root.isPresent()) {
                upper = along(new Figure.Part(along.root.get().said()), upper);
            }
            return along.ends.isPresent()
                    ? along(upper, new Figure.Part(along.ends.get().said()))
                    : upper;
        }
        if (this instanceof LiftOnly lift) {
            return new Figure.Part(WishMessage.LIFTED_TO
                    .say()
                    .part("colour", Aim.lifted(lift.level).said())
                    .said());
        }
        return aim(Part.MIDS).<Figure>map(aim -> new Figure.Part(aim.said())).orElseGet(WishMessage.STAYS::figure);
    }
}
