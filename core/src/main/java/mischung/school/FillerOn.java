package mischung.school;

/** On what hair the filler goes. */
public enum FillerOn implements Choice {
    DRY("dry", "On dry hair: even."),
    DAMP("damp", "On towel-dry hair: faster to apply, and diluted.");

    private final String words;
    private final String why;

    FillerOn(String words, String why) {
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
