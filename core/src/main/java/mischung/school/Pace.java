package mischung.school;

/** One long day, or several visits. */
public enum Pace implements Choice {
    ONE_DAY("one visit", "All in one day, as far as the hair allows."),
    SEVERAL("several visits", "Half the way now, the rest in some weeks: gentler, and easier to undo (R24).");

    private final String words;
    private final String why;

    Pace(String words, String why) {
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
