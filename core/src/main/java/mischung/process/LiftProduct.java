package mischung.process;

import java.util.stream.IntStream;
import mischung.Constants;

/** What lifts, each with its rate by volume, its usual ratio, its life and its cost in strength. */
public enum LiftProduct {
    /** Persulfate and peroxide; takes natural and artificial pigment. */
    LIGHTENER("lightener", "lightener", true),
    /** Lightest-series tint and lightener together, off the scalp only (R31). */
    CLEANSE_MIX("cleanse", "cleanse mix", true),
    /** Tint of the lightest series; lifts natural pigment only. */
    LIGHTEST_TINT("lightest", "lightest-series tint", false),
    /** Permanent colour's own lift (R9); natural pigment only. */
    PERMANENT_TINT("permanent", "permanent colour", false);

    /** Developers between these are blends; rates run straight between them. */
    private static final int STEP = 10;

    private final String words;
    private final boolean takesDye;
    private final double usualRatio;
    private final double life;
    private final double cost;
    private final double[] rates;

    LiftProduct(String key, String words, boolean takesDye) {
        Constants lift = Constants.in("lift");
        this.words = words;
        this.takesDye = takesDye;
        this.usualRatio = lift.of(key + " usual ratio");
        this.life = lift.of(key + " life");
        this.cost = Constants.in("strength").of("spent by " + key);
        this.rates = IntStream.rangeClosed(0, 4)
                .mapToDouble(i -> lift.of(key + " at " + STEP * i + " vol"))
                .toArray();
    }

    public String words() {
        return words;
    }

    /** Whether it takes dye as well; colour does not lift colour. */
    public boolean takesDye() {
        return takesDye;
    }

    /** Whether open air stops it; colour is made to work open. */
    boolean dries() {
        return takesDye;
    }

    /** Usual weight of developer to one of powder, cream or tube. */
    public double usualRatio() {
        return usualRatio;
    }

    /** Dose per minute of fresh product at the usual ratio in foil. */
    double rate(double volume) {
        int below = Math.min((int) (volume / STEP), rates.length - 2);
        double share = volume / STEP - below;
        return (1 - share) * rates[below] + share * rates[below + 1];
    }

    /** Minutes after which it works at 1/e of its strength, in foil or in the bowl. */
    double life() {
        return life;
    }

    /** Strength spent per dose at 30 vol. */
    double cost() {
        return cost;
    }
}
