package mischung.product;

import java.util.Locale;
import mischung.hair.Dyes;

/** The pure hues direct dye comes in; paler ones are made with clear. */
public enum DirectHue {
    YELLOW,
    ORANGE,
    RED,
    PINK,
    VIOLET,
    BLUE,
    GREEN;

    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What one weight of it holds at full strength. */
    public Dyes dyes() {
        return new Dyes(holds("yellow"), holds("red"), holds("violet"), holds("blue"));
    }

    private double holds(String primary) {
        return ProductConstants.of("direct " + words() + " " + primary);
    }
}
