package mischung.wish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.said.Figure;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;

/**
 * One thing that is wished of some hair; a later layer goes over an earlier one.
 *
 * @param name as the colourist calls it; may be empty, at most {@value #LONGEST_NAME} characters
 * @param whats one; for panels those that follow each other, at most {@value #MOST_COLOURS}
 * @param follows how it is called where it follows from the design or another wish and is no layer of its own
 * @param direction of its sections
 * @param on false: kept, and not meant for now
 */
public record Layer(
        String name,
        Optional<Figure> follows,
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
            throw new RefusedInput(
                    "name",
                    name,
                    RefusalMessage.CHARACTERS_AT_MOST
                            .say()
                            .count("most", LONGEST_NAME)
                            .said());
        }
        whats = List.copyOf(whats);
        boolean panels = pattern instanceof Pattern.Panels;
        if (whats.isEmpty() || whats.size() > (panels ? MOST_COLOURS : 1)) {
            throw new RefusedInput(
                    "colours",
                    whats.size(),
                    panels ? RefusedInput.fromTo(1, MOST_COLOURS) : RefusalMessage.ONLY_PANELS.alone());
        }
    }

    /** All hair of a region. */
    public static Layer of(Purpose purpose, Region region, What what) {
        return new Layer(
                "",
                Optional.empty(),
                purpose,
                region,
                Pattern.all(),
                List.of(what),
                How.USUAL,
                Direction.HORIZONTAL,
                true);
    }

    public static Layer of(Purpose purpose, Region region, Pattern pattern, What... whats) {
        return new Layer(
                "", Optional.empty(), purpose, region, pattern, List.of(whats), How.USUAL, Direction.HORIZONTAL, true);
    }

    public Layer named(String other) {
        return new Layer(other, follows, purpose, region, pattern, whats, how, direction, on);
    }

    Layer following(Figure called) {
        return new Layer(name, Optional.of(called), purpose, region, pattern, whats, how, direction, on);
    }

    public Layer with(How other) {
        return new Layer(name, follows, purpose, region, pattern, whats, other, direction, on);
    }

    public Layer parted(Direction other) {
        return new Layer(name, follows, purpose, region, pattern, whats, how, other, on);
    }

    public Layer on(boolean meant) {
        return new Layer(name, follows, purpose, region, pattern, whats, how, direction, meant);
    }

    /** Left for right. */
    public Layer mirror() {
        return new Layer(name, follows, purpose, region.mirror(), pattern, whats, how, direction, on);
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

    /** "root tap 6 natural". */
    public Said said() {
        return whats.stream().allMatch(what -> what instanceof What.Stays)
                ? WishMessage.LAYER_STAYS.say().with("layer", called()).said()
                : WishMessage.LAYER
                        .say()
                        .with("layer", called())
                        .with(
                                "colours",
                                new Figure.All(
                                        Figure.Joint.COMMA,
                                        whats.stream().map(What::figure).toList()))
                        .said();
    }

    /** As the colourist calls it, else by its purpose. */
    public Figure called() {
        return name.isEmpty() ? follows.orElseGet(() -> Figure.Named.of(purpose)) : new Figure.Typed(name);
    }

    /** Why hair has the aim that it gives it. */
    Figure why(What.Part part, boolean pieces) {
        if (purpose == Purpose.MELT) {
            return new Figure.Part(
                    WishMessage.PART_OF_MELT.say().thing("part", part).said());
        }
        if (pieces) {
            return new Figure.Part(
                    WishMessage.WOVEN_PIECES.say().with("layer", called()).said());
        }
        return switch (part) {
            case ROOT -> called();
            case MIDS -> whats.get(0) instanceof What.Along ? WishMessage.WISHED_COLOUR.figure() : called();
            case ENDS -> WishMessage.TIPS.figure();
        };
    }

    /** "babylights 9 pearl · 30 % woven out, 3 mm · all zones". */
    public Said line() {
        List<Figure> parts = new ArrayList<>();
        parts.add(new Figure.Part(said()));
        if (pattern.parts()) {
            parts.add(new Figure.Part(pattern.said()));
        }
        if (!region.from().equals(Edge.SCALP) || !region.to().equals(Edge.ENDS)) {
            parts.add(new Figure.Part(WishMessage.FROM_TO
                    .say()
                    .part("from", region.from().said())
                    .part("to", region.to().said())
                    .said()));
        }
        if (region.featherCm() > 0) {
            parts.add(new Figure.Part(WishMessage.FEATHERED
                    .say()
                    .part("length", Edge.length(region.featherCm()))
                    .said()));
        }
        whats.stream().flatMap(what -> what.heights().stream()).forEach(height -> parts.add(new Figure.Part(height)));
        parts.add(
                region.places().isEmpty()
                        ? WishMessage.ALL_ZONES.figure()
                        : new Figure.All(
                                Figure.Joint.COMMA,
                                region.places().stream()
                                        .<Figure>map(Figure.Named::of)
                                        .toList()));
        return WishMessage.LINE
                .say()
                .with("parts", new Figure.All(Figure.Joint.DOT, parts))
                .said();
    }
}
