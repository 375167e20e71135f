package mischung.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mischung.formula.Formula;
import mischung.hair.BandRef;
import mischung.product.BowlGrams;
import mischung.product.Developer;
import mischung.product.Mix;
import mischung.product.ShadeClass;

/**
 * One bowl of colour.
 *
 * @param name A, B, C … in the order they are needed
 * @param laying what was decided of it
 * @param place which part of the strand it serves
 * @param oneMore what one bowl more would gain, where it would
 */
public record Bowl(
        String name,
        Laying.Deposit laying,
        BowlPlace place,
        Formula formula,
        Developer developer,
        BowlGrams grams,
        Optional<Gain> oneMore,
        List<Reason> reasons) {
    /**
     * What splitting this bowl in two would do to the mean difference from its aim.
     *
     * @param before root mean square CIEDE2000 with one bowl, at the ideal formula
     * @param after with two
     */
    public record Gain(double before, double after) {}

    /** Of direct blue; more leaves a stain. From memory. */
    private static final double BLUE_STAINS = 0.05;

    public Bowl {
        reasons = List.copyOf(reasons);
    }

    /** R58: whether direct blue in it may never leave whole. */
    public boolean mayStay() {
        return mayStay(formula.mix());
    }

    static boolean mayStay(Mix mix) {
        return mix.shadeClass() == ShadeClass.DIRECT && mix.dyes().blue() > BLUE_STAINS;
    }

    /** With one reason more. */
    Bowl because(Reason one) {
        List<Reason> all = new ArrayList<>(reasons);
        all.add(one);
        return new Bowl(name, laying, place, formula, developer, grams, oneMore, all);
    }

    public Action action() {
        return laying.action();
    }

    public double developerPerColour() {
        return laying.ratio();
    }

    /** Working time. */
    public double minutes() {
        return laying.minutes();
    }

    public double aimLevel() {
        return laying.aim().level();
    }

    /** The colour it aims at, such as "8 copper-gold". */
    public String aimWords() {
        return laying.aim().words();
    }

    /** The hair it goes on. */
    public List<BandRef> bands() {
        return laying.bands();
    }
}
