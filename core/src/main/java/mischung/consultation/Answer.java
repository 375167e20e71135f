package mischung.consultation;

/** What came of a question. */
public enum Answer {
    NOT_ASKED("not asked"),
    NO("no"),
    YES("yes");

    private final String words;

    Answer(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
