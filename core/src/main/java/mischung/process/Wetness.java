package mischung.process;

/** How wet the hair is when colour goes on; water in it dilutes (rule R51). */
public enum Wetness {
    DRY("dry"),
    DAMP("damp"),
    WET("wet");

    private final String words;

    Wetness(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
