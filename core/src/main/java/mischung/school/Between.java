package mischung.school;

/** What happens between two layings of lightener. */
public enum Between implements Choice {
    WORK_ON("work on", "Wipe off and apply fresh in the foil: sections may differ, nothing is diluted (R36)."),
    WASH("wash between", "Rinse, dry, look, then go on: when all sections have come to match.");

    private final String words;
    private final String why;

    Between(String words, String why) {
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
