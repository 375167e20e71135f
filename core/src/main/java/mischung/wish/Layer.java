package mischung.wish;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import mischung.RefusedInput;
import mischung.Words;

/**
 * One thing that is wished of some hair; a later layer goes over an earlier one.
 *
 * @param name as the colourist calls it; may be empty, at most {@value #LONGEST_NAME} characters
 * @param whats one; for panels those that follow each other, at most {@value #MOST_COLOURS}
 * @param direction of its sections
 * @param on false: kept, and not meant for now
 */
public record Layer(
        String name,
        Purpose purpose,
        Region region,
        Pattern pattern,
        List<What> whats,
        How how,
        Direction direction,
        boolean on) {
    private static final int LONGEST_NAME = 40;
    private static final int MOST_COLOURS = 6;

    /** What it is for, which is how its bowls are mixed and laid. */
    public enum Purpose {
        COLOUR("colour"),
        /** R50: 1:1, fuller. */
        LOWLIGHT("lowlights"),
        /** Sheer. */
        GLOSS("gloss"),
        /** R56: a few millimetres, 2–5 min. */
        ROOT_TAP("root tap"),
        SHADOW_ROOT("shadow root"),
        /** R57: light first, worked into each other. */
        MELT("melt"),
        HIGHLIGHT("highlights"),
        STAYS("left as it is");

        private final String words;

        Purpose(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** R41a: how its partings run, which shows. */
    public enum Direction {
        HORIZONTAL("horizontal", "blurs a foil's edge"),
        VERTICAL("vertical", "blurs a melt"),
        DIAGONAL("diagonal back", "lets two people work side by side"),
        ZIGZAG("zigzag", "blurs most");

        private final String words;
        private final String why;

        Direction(String words, String why) {
            this.words = words;
            this.why = why;
        }

        public String words() {
            return words;
        }

        public String why() {
            return why;
        }
    }

    public Layer {
        if (name.length() > LONGEST_NAME) {
            throw new RefusedInput("name", name, "Use at most " + LONGEST_NAME + " characters.");
        }
        whats = List.copyOf(whats);
        boolean panels = pattern instanceof Pattern.Panels;
        if (whats.isEmpty() || whats.size() > (panels ? MOST_COLOURS : 1)) {
            throw new RefusedInput(
                    "colours",
                    whats.size() + " colours",
                    panels ? "Give one to " + MOST_COLOURS + "." : "Give one; only panels have several.");
        }
    }

    /** All hair of a region. */
    public static Layer of(Purpose purpose, Region region, What what) {
        return new Layer("", purpose, region, Pattern.all(), List.of(what), How.USUAL, Direction.HORIZONTAL, true);
    }

    public static Layer of(Purpose purpose, Region region, Pattern pattern, What... whats) {
        return new Layer("", purpose, region, pattern, List.of(whats), How.USUAL, Direction.HORIZONTAL, true);
    }

    public Layer named(String other) {
        return new Layer(other, purpose, region, pattern, whats, how, direction, on);
    }

    public Layer with(How other) {
        return new Layer(name, purpose, region, pattern, whats, other, direction, on);
    }

    public Layer parted(Direction other) {
        return new Layer(name, purpose, region, pattern, whats, how, other, on);
    }

    public Layer on(boolean meant) {
        return new Layer(name, purpose, region, pattern, whats, how, direction, meant);
    }

    /** Left for right. */
    public Layer mirror() {
        return new Layer(name, purpose, region.mirror(), pattern, whats, how, direction, on);
    }

    void wished() {
        for (What what : whats) {
            if (!(what instanceof What.LiftOnly)) {
                for (What.Part part : What.Part.values()) {
                    what.aim(part).ifPresent(Aim::wished);
                }
            }
        }
    }

    /** "Root tap: 6 natural". */
    public String words() {
        String called = name.isEmpty() ? purpose.words() : name;
        return whats.stream().allMatch(what -> what instanceof What.Stays)
                ? called
                : called + " " + whats.stream().map(What::words).collect(Collectors.joining(", "));
    }

    /** Why hair has the aim that it gives it, in a few words. */
    String why(What.Part part, boolean pieces) {
        if (purpose == Purpose.MELT) {
            return part.words() + " of the melt";
        }
        String called = (name.isEmpty() ? purpose.words() : name).toLowerCase(Locale.ROOT);
        if (pieces) {
            return "woven pieces: " + called;
        }
        return switch (part) {
            case ROOT -> called;
            case MIDS -> whats.get(0) instanceof What.Along ? "the wished colour" : called;
            case ENDS -> "the tips";
        };
    }

    /** "Babylights 9 pearl · 30 % woven out, 3 mm · all zones". */
    public String sentence() {
        List<String> parts = new ArrayList<>();
        parts.add(Words.capital(words()));
        if (pattern.parts()) {
            parts.add(pattern.words());
        }
        if (!region.from().equals(Edge.SCALP) || !region.to().equals(Edge.ENDS)) {
            parts.add("from " + region.from().words() + " to " + region.to().words());
        }
        if (region.featherCm() > 0) {
            parts.add(What.feathered(region.featherCm()));
        }
        whats.stream().map(What::heights).filter(words -> !words.isEmpty()).forEach(parts::add);
        parts.add(
                region.places().isEmpty()
                        ? "all zones"
                        : region.places().stream().map(place -> place.words()).collect(Collectors.joining(", ")));
        return String.join(" · ", parts);
    }
}
