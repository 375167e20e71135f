package mischung.school;

/** Ways to fill that colourists argue about. */
public enum School implements Choice {
    LADDER(
            "two-level steps",
            "Never more than two levels darker in one deposit (R13). Mostly gold, some copper, a splash of natural. Slower, and the surest to hold."),
    MIDPOINT(
            "midpoint",
            "One filler halfway between canvas and target, copper-gold with a touch of red (R11). One filler however far the way."),
    ONE_LIGHTER(
            "one lighter",
            "One filler a single level lighter than the target, short, in the target's own direction (R12). Quick on level hair; patchy filler shows."),
    AT_TARGET(
            "at target",
            "Orange and gold at the target's own level, cooled with a matte layer, then the target (R14). Three layers; the deepest, fullest brown."),
    IN_TARGET(
            "inside the target",
            "No filler: the warmth is mixed into the target (R15). A short cut: quick, least predictable, warmest.");

    private final String words;
    private final String why;

    School(String words, String why) {
        this.words = words;
        this.why = why;
    }

    @Override
    public String words() {
        return words;
    }

    @Override
    public String why() {
        return why;
    }
}
