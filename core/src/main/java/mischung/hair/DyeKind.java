package mischung.hair;

/** How a dye came into the hair, and so how it can leave. Both kinds have the same four primaries to the eye. */
public enum DyeKind {
    /** Developed with peroxide inside the hair; a reducing remover shrinks it. */
    OXIDATIVE(Pigment.DYE_YELLOW, Pigment.DYE_RED, Pigment.DYE_VIOLET, Pigment.DYE_BLUE),
    /** Laid on as it is; a remover does not touch it. */
    DIRECT(Pigment.DIRECT_YELLOW, Pigment.DIRECT_RED, Pigment.DIRECT_VIOLET, Pigment.DIRECT_BLUE);

    private final Pigment yellow;
    private final Pigment red;
    private final Pigment violet;
    private final Pigment blue;

    DyeKind(Pigment yellow, Pigment red, Pigment violet, Pigment blue) {
        this.yellow = yellow;
        this.red = red;
        this.violet = violet;
        this.blue = blue;
    }

    public Pigment yellow() {
        return yellow;
    }

    public Pigment red() {
        return red;
    }

    public Pigment violet() {
        return violet;
    }

    public Pigment blue() {
        return blue;
    }
}
