package mischung.hair;

/** Where on the head a zone sits. */
public enum ZonePlace {
    FRINGE("fringe"),
    HAIRLINE("hairline"),
    PARTING("parting"),
    CROWN("crown"),
    SIDES("sides"),
    SIDE_LEFT("side left"),
    SIDE_RIGHT("side right"),
    BACK("back"),
    BACK_LEFT("back left"),
    BACK_RIGHT("back right"),
    NAPE("nape");

    private final String words;

    ZonePlace(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
