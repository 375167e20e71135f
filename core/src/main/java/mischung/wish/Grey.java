package mischung.wish;

import mischung.school.Choice;

/** What is wished for white hairs among the others. */
public enum Grey implements Choice {
    COVERED("covered", "Coverage shades with 20 vol from half grey up (R55); a line shows as it grows."),
    BLENDED("blended", "Translucent demi: white hairs stay a little lighter, and nothing shows a line."),
    KEPT("kept", "Grey regrowth is left alone; only what was coloured is worked on.");

    private final String words;
    private final String why;

    Grey(String words, String why) {
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
