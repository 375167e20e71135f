package mischung.hair;

import mischung.said.RefusedInput;
import mischung.said.Unit;

/** How fast hair drinks. */
public enum Porosity {
    LOW("low", 0),
    NORMAL("normal", 1),
    HIGH("high", 2),
    VERY_HIGH("very high", 3);

    private final String words;
    private final double degree;

    Porosity(String words, double degree) {
        this.words = words;
        this.degree = degree;
    }

    /** 0 low … 3 very high; hair may lie between. */
    public double degree() {
        return degree;
    }

    /** The step nearest to a degree, 0–3. */
    public static Porosity nearest(double degree) {
        RefusedInput.within("porosity", degree, 0, 3, Unit.NONE);
        return values()[(int) Math.rint(degree)];
    }

    public String words() {
        return words;
    }

    /** Drinks more than normal hair does. */
    public boolean raised() {
        return compareTo(HIGH) >= 0;
    }
}
