package mischung.school;

/** How old dark colour comes out. */
public enum TakeOut implements Choice {
    REMOVER_FIRST(
            "remover first",
            "A reducing remover shrinks oxidative dye and leaves natural pigment and strength alone (R30)."),
    LIGHTENER_FIRST(
            "lightener first",
            "Straight to the dark bands with lightener: fewer steps, costs strength. For direct dye, or where a remover failed."),
    CLEANSE_MIX(
            "cleanse mix on the dark bands",
            "Lightest tint and powder with 40 vol on the dark lengths, off the scalp, some 15 min watched; a second, smaller bowl"
                    + " where it stayed dark (R31). Quick, and dear in strength.");

    private final String words;
    private final String why;

    TakeOut(String words, String why) {
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
