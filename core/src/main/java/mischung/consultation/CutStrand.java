package mischung.consultation;

/** What a cut strand did in peroxide: the test for incompatible home colour. */
public enum CutStrand {
    NOT_TESTED("not tested"),
    COOL_AND_WHOLE("stayed cool and whole"),
    REACTED("grew warm, fumed, changed colour or broke");

    private final String words;

    CutStrand(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
