package mischung.school;

/** What colour goes on lightened hair. */
public enum Hold implements Choice {
    DEMI("demi", "Holds better in lightened hair and harms it less (R18)."),
    PERMANENT("permanent", "Where the client commits, or goes darker than grown (R18); holds longer, harder to undo.");

    private final String words;
    private final String why;

    Hold(String words, String why) {
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
