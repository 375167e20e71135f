package mischung.hair;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Where on the head a zone sits. */
public enum ZonePlace {
    FRINGE("fringe"),
    FRINGE_LEFT("fringe left"),
    FRINGE_RIGHT("fringe right"),
    HAIRLINE("hairline"),
    PARTING("parting"),
    CROWN("crown"),
    CROWN_LEFT("crown left"),
    CROWN_RIGHT("crown right"),
    SIDES("sides"),
    SIDE_LEFT("side left"),
    SIDE_RIGHT("side right"),
    BACK("back"),
    BACK_LEFT("back left"),
    BACK_RIGHT("back right"),
    NAPE("nape"),
    NAPE_LEFT("nape left"),
    NAPE_RIGHT("nape right");

    private static final Map<ZonePlace, List<ZonePlace>> HALVES = Map.of(
            FRINGE, List.of(FRINGE_LEFT, FRINGE_RIGHT),
            CROWN, List.of(CROWN_LEFT, CROWN_RIGHT),
            SIDES, List.of(SIDE_LEFT, SIDE_RIGHT),
            BACK, List.of(BACK_LEFT, BACK_RIGHT),
            NAPE, List.of(NAPE_LEFT, NAPE_RIGHT));

    private static final Map<ZonePlace, ZonePlace> WHOLES = new EnumMap<>(ZonePlace.class);

    static {
        HALVES.forEach((whole, halves) -> halves.forEach(half -> WHOLES.put(half, whole)));
    }

    private final String words;

    ZonePlace(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Its left and its right half, in this order; empty for what is not split. */
    public List<ZonePlace> halves() {
        return HALVES.getOrDefault(this, List.of());
    }

    /** The zone this one is half of. */
    public Optional<ZonePlace> whole() {
        return Optional.ofNullable(WHOLES.get(this));
    }
}
