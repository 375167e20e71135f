package mischung.wish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.RefusedInput;
import mischung.hair.LevelScale;

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
            RefusedInput.within("rootCm", rootCm, 0.3, 60, "cm");
            RefusedInput.within("endsCm", endsCm, 0.3, 60, "cm");
            RefusedInput.within("staggerCm", staggerCm, 0, 10, "cm");
            RefusedInput.within("featherCm", featherCm, 0, LONGEST_FEATHER_CM, "cm");
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
            RefusedInput.within("level", level, 1, Wish.LIGHTEST, "in halves");
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

    /** "root to 20 cm, last 8 cm, staggered by 3 cm, feathered over 4 cm"; empty for one colour. */
    default String heights() {
        if (!(this instanceof Along along)) {
            return "";
        }
        List<String> words = new ArrayList<>();
        along.root.ifPresent(aim -> words.add("root to " + Edge.cm(along.rootCm)));
        along.ends.ifPresent(aim -> words.add("last " + Edge.cm(along.endsCm)));
        if (along.staggerCm > 0) {
            words.add("staggered by " + Edge.cm(along.staggerCm));
        }
        if (along.featherCm > 0) {
            words.add(feathered(along.featherCm));
        }
        return String.join(", ", words);
    }

    /** "feathered over 4 cm". */
    static String feathered(double cm) {
        return "feathered over " + Edge.cm(cm);
    }

    /** "6 natural", "5 natural to 8 gold". */
    default String words() {
        if (this instanceof Along along) {
            StringBuilder words = new StringBuilder();
            along.root.ifPresent(aim -> words.append(aim.words()).append(" to "));
            words.append(along.mids.words());
            along.ends.ifPresent(aim -> words.append(" to ").append(aim.words()));
            return words.toString();
        }
        if (this instanceof LiftOnly lift) {
            return "lifted to " + Aim.lifted(lift.level).words();
        }
        return aim(Part.MIDS).map(Aim::words).orElse("stays");
    }
}
